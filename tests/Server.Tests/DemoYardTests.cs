using Hippodrome.Application;
using Hippodrome.Application.Rides;
using Hippodrome.Application.Sessions;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;
using Hippodrome.Server.Demo;
using Hippodrome.Storage;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Yards;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>The demo yard obeys the rules it shows, on any day of the year, and its history shows them thinking.</summary>
public class DemoYardTests
{
    // A leap day, a Saturday in spring, both ends of the year, and the heat of summer.
    public static TheoryData<string> Days =>
        [.. new[] { "2028-02-29", "2026-04-18", "2026-07-20", "2026-11-27", "2026-01-01" }.Take(Cases.DemoDays)];

    private static async Task<Visit> VisitAsync(YardSession yard, Guid trainerId, DateOnly today) =>
        new(
            yard,
            (await yard.FindPersonAsync(trainerId))!.Value,
            await yard.ThisYardAsync(),
            new DateTimeOffset(today, new TimeOnly(9, 0), TimeSpan.Zero),
            Guid.NewGuid()
        );

    [Theory]
    [MemberData(nameof(Days))]
    public async Task It_tells_its_stories_on_any_day(string day)
    {
        var today = DateOnly.Parse(day);
        await using var test = await DemoApp.DatabaseAsync(today);
        var trainer = (await test.Database.FindForSignInAsync(DemoYard.Trainer))!;
        await using var yard = await test.Database.OpenYardAsync(trainer.YardId);
        var visit = await VisitAsync(yard, trainer.Id, today);
        var horses = (await yard.HorsesAsync()).ConvertAll(h => h.Value);
        horses.Count.ShouldBeGreaterThanOrEqualTo(4);

        async Task<List<JudgedRide>> RidesOfAsync(string name)
        {
            var rides = await yard.LatestRidesAsync([horses.Single(h => h.Name == name).Id], today, 30);
            return await visit.JudgeAsync(rides, rides);
        }

        async Task<List<string>> LeadsOfAsync(string name) => (await RidesOfAsync(name)).ConvertAll(r => r.Verdicts[0].Rule);

        // Rushed the first trot poles, went back to walk, is now easy twice running.
        (await LeadsOfAsync("Quillan"))[0].ShouldBe("EasyTwice");
        (await LeadsOfAsync("Quillan")).ShouldContain("RushesPoles");

        // The left rein comes level over the weeks.
        var marks = (await RidesOfAsync("Old Verity"))
            .ConvertAll(r => r.Context.Record.Marks)
            .FindAll(m => m is { Left: not null, Right: not null });
        marks.Count.ShouldBeGreaterThan(3);
        marks.Select(m => m.Right - m.Left).ShouldBe(marks.Select(m => m.Right - m.Left).Order());

        // A day of the return that was too long; a run-out that put the fence back; a hold; an overruled verdict.
        (await LeadsOfAsync("Brannoc"))[0].ShouldBe("Tires");
        (await LeadsOfAsync("Sablewood")).ShouldContain("RanOut");
        (await LeadsOfAsync("Pipit"))[0].ShouldBe("OffOrSore");
        (await yard.HoldsAsync([horses.Single(h => h.Name == "Pipit").Id])).ShouldHaveSingleItem().ClearedOn.ShouldBeNull();
        (await yard.AnswersAsync((await RidesOfAsync("Tarn Lark")).Select(r => r.Ride.Id))).ShouldContain(a =>
            !a.Accepted && a.Word.Length > 0
        );

        // Her rider comes in a little sooner each time.
        var lark = await RidesOfAsync("Tarn Lark");
        RiddenHabits.Of(lark[0].Horse, lark.Select(r => r.Context.Record), today).ShouldHaveSingleItem().Rule.ShouldBe("WalkedLast");

        // Every accepted verdict is one that the rules did give.
        foreach (var horse in horses)
        {
            var rides = await RidesOfAsync(horse.Name);
            foreach (var answer in await yard.AnswersAsync(rides.Select(r => r.Ride.Id)))
            {
                rides
                    .Single(r => r.Ride.Id == answer.RideId)
                    .Verdicts.ShouldContain(v => v.Rule == answer.Rule, $"{horse.Name}: {answer.Rule}");
            }
        }

        // Nothing is planned that could not be planned by hand.
        var book = await PlanBook.OpenAsync(visit, horses.ConvertAll(h => h.Id), today, today.AddDays(7));
        foreach (var session in await yard.SessionsAsync(today, today.AddDays(7), horses.Select(h => h.Id)))
        {
            // Feet that are overdue belong to a story; a cold morning asks for more walk and a hot day for less work;
            // the layout of an accepted verdict stands a third time. Nothing else is told.
            book.Check(session.HorseId, session.Plan)
                .Faults.Where(f => f.Hard || f.Rule is not ("OverdueFeet" or "WalkFirstTooShort" or "HotDay" or "SameLayoutAgain"))
                .Select(f => $"{session.Plan.On} {session.Plan.Emphasis}: {f.Rule}, {f.Says}")
                .ShouldBeEmpty(day);
        }
    }

    [Fact]
    public async Task A_review_that_is_opened_while_taps_arrive_is_answered_and_lists_them_the_next_time()
    {
        var today = new DateOnly(2026, 4, 18);
        await using var test = await DemoApp.DatabaseAsync(today);
        var trainer = (await test.Database.FindForSignInAsync(DemoYard.Trainer))!;
        await using var yard = await test.Database.OpenYardAsync(trainer.YardId);
        var visit = await VisitAsync(yard, trainer.Id, today);
        var horse = (await yard.HorsesAsync()).Single(h => h.Value.Name == "Sablewood").Value;
        var ride = (await yard.LatestRidesAsync([horse.Id], today, 1))[0];
        var pages = (await RidePages.OpenAsync(visit, horse.Id, ride.Id))!;

        var late = new Noted(Guid.NewGuid(), new DateTimeOffset(today, new TimeOnly(8, 59), TimeSpan.Zero), "seen from the gate");
        await using (var other = await test.Database.OpenYardAsync(trainer.YardId))
        {
            await other.AppendAsync(ride.Id, RideLog.Kept([late]), trainer.Id);
            await other.CommitAsync();
        }

        (await Reviews.ShowReviewAsync(visit, pages)).Log.ShouldNotContain(l => l.Event.Id == late.Id);
        var again = (await RidePages.OpenAsync(visit, horse.Id, ride.Id))!;
        (await Reviews.ShowReviewAsync(visit, again)).Log.ShouldContain(l => l.Event.Id == late.Id && l.By == visit.Me.Name);
    }
}
