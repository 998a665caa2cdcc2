using Hippodrome.Core.Aims;
using Hippodrome.Core.Assessments;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Yards;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Blocks.MakeBlock;

namespace Hippodrome.Core.Tests.Blocks;

/// <summary>What the form for a new block starts from, what a session is drawn up as, and planned beside done.</summary>
public class SuggestionTests
{
    private static readonly Roster Open = Roster.Open([Guid.NewGuid()]);
    private static readonly ApproachChoice SlowRamp = Approach.Of(ApproachQuestion.Return).Choices[0];

    [Fact]
    public void What_it_does_now_is_the_mean_of_its_last_three_weeks_of_work()
    {
        // 60, none, 90 and 30 minutes of walk in four weeks: the mean of the three with work in them.
        DayRidden Walked(int daysAgo, double minutes) => new(Start.AddDays(-daysAgo), minutes, 0, 0, 0);
        BlockSuggestion
            .For(Horse(), [Walked(2, 60), Walked(17, 90), Walked(24, 30)], null, Open.DaysThere(), SlowRamp, [], Start)
            .Entry.Now.ShouldBe(new MinutesByGait(60, 0, 0));
    }

    [Fact]
    public void Without_a_ride_it_is_what_the_assessment_showed()
    {
        var first = new FirstWeeks([new FirstWeek(1, 4, 30, "")], new Why("End before the minute it tired", [], Source.CommonPractice));
        BlockSuggestion.For(Horse(), [], first, Open.DaysThere(), SlowRamp, [], Start).Entry.Now!.Total.ShouldBe(120);
    }

    /// <summary>Nobody has ridden it here: an ordinary week of a horse that is said to have come as far (chosen).</summary>
    [Theory]
    [InlineData(9, 160)]
    [InlineData(3, 40)]
    public void Without_either_it_is_what_its_standing_says(int age, int minutes)
    {
        var suggestion = BlockSuggestion.For(Horse(age), [], null, Open.DaysThere(), SlowRamp, [], Start);
        suggestion.Entry.Now!.Total.ShouldBe(minutes);
        suggestion.Because[0].Rule.ShouldContain("Nobody has ridden it here");
    }

    /// <summary>A block says where it comes to less than its aim asks: speed, minutes, height.</summary>
    [Fact]
    public void A_block_that_comes_to_less_than_its_aim_asks_says_so()
    {
        var aim = Aim(Start.AddDays(7 * 8), Discipline.Eventing, 1.15);
        BlockEntry With(int speed) =>
            Entry(Purpose.Conditioning, aim: aim) with
            {
                Discipline = Discipline.Eventing,
                Sets = new SetsEntry(Scheme.International, "3*", 2, 2, speed, 3),
            };
        var slow = Plan(With(380), Horse(aims: aim)).Notes;
        slow.ShouldContain(n => n.Contains("550 m/min"));
        slow.ShouldContain(n => n.Contains("asks for"));
        Plan(With(550), Horse(aims: aim)).Notes.ShouldNotContain(n => n.Contains("m/min"));
    }

    [Fact]
    public void No_rung_is_expected_under_the_one_it_stands_on()
    {
        var horse = Horse();
        foreach (var purpose in new[] { Purpose.Schooling, Purpose.Conditioning })
        {
            Plan(Entry(purpose, 12), horse)
                .Weeks.SelectMany(w => w.Rungs)
                .Select(r => Catalogue.Rung(r.RungId))
                .ShouldAllBe(r => horse.Places[r.Strand] == null || r.Step >= horse.Places[r.Strand]!.Step);
        }
    }

    [Fact]
    public void After_weeks_without_a_ride_a_return_is_proposed() =>
        BlockSuggestion
            .For(Horse(), [new DayRidden(Start.AddDays(-40), 30, 10, 0, 0)], null, Open.DaysThere(), SlowRamp, [], Start)
            .Entry.ShouldSatisfyAllConditions(e => e.Purpose.ShouldBe(Purpose.Return), e => e.Return!.WeeksOff.ShouldBe(5));

    [Theory]
    [InlineData("slow-ramp", false)]
    [InlineData(Approach.ShortLesson, true)]
    [InlineData(Approach.AssessmentFirst, false)]
    public void It_comes_back_as_its_approach_has_it(string choice, bool shortFirstDay)
    {
        var back = Approach.Of(ApproachQuestion.Return).Choices.Single(c => c.Id == choice);
        var suggestion = BlockSuggestion.For(
            Horse(),
            [new DayRidden(Start.AddDays(-40), 30, 10, 0, 0)],
            null,
            Open.DaysThere(),
            back,
            [],
            Start
        );
        suggestion.Entry.Return!.ShortFirstDay.ShouldBe(shortFirstDay);
        suggestion.Because.ShouldContain(w => w.Inputs.Contains(back.Says));
    }

    [Fact]
    public void Close_to_a_competition_a_run_in_is_proposed()
    {
        var aim = Aim(Start.AddDays(18));
        var entry = BlockSuggestion
            .For(Horse(aims: aim), [new DayRidden(Start.AddDays(-2), 30, 10, 0, 0)], null, Open.DaysThere(), SlowRamp, [], Start)
            .Entry;
        (entry.Purpose, entry.AimId).ShouldBe((Purpose.RunIn, aim.Id));
    }

    [Fact]
    public void The_proposed_days_leave_a_day_off() =>
        BlockSuggestion.For(Horse(), [], null, Open.DaysThere(), SlowRamp, [], Start).Entry.Days!.Count.ShouldBeLessThan(7);

    [Fact]
    public void A_trot_of_two_minutes_is_drawn_up_as_six_bouts_of_twenty_seconds()
    {
        var session = Plan(Entry(Purpose.Return, 6)).Weeks[3].Sessions.First(s => s.Minutes.Trot > 0);
        var part = DrawUp.Plain(session).Parts!.Single(p => p.Gait == Gait.Trot);
        (part.Times, part.BoutSeconds).ShouldBe((6, 20));
        DrawUp.Plain(session).Parts!.Sum(p => p.Minutes).ShouldBe(session.Minutes.Total);
    }

    [Fact]
    public void Sets_are_drawn_up_with_their_rests()
    {
        var session = Plan(Entry(Purpose.Conditioning, 8)).Sessions.First(s => s.Sets is { Repeats: > 1 });
        var part = DrawUp.Plain(session).Parts!.Single(p => p.Gait == Gait.Canter);
        (part.Times, part.BoutSeconds, part.RestSeconds).ShouldBe((session.Sets!.Repeats, (int)(session.Sets.Minutes * 60), 180));
    }

    [Fact]
    public void Planned_and_done_stand_side_by_side_by_week()
    {
        var plan = Plan();
        var first = plan.Weeks[0].Sessions[0];
        var week = PlannedAndDone.ByWeek(
            plan,
            [new DayRidden(first.On, 20, 10, 5, 4)],
            new HashSet<Guid> { first.Id },
            StrideCard.For(HorseHeight.Kept(165), [])
        )[0];
        (week.Done, week.Planned, week.Ridden, week.Sessions).ShouldBe(
            (new MinutesByGait(20, 10, 5), plan.Weeks[0].Minutes, 1, plan.Weeks[0].Sessions.Count)
        );
        // Walk 1.73, trot 3.61, canter 3.91 m/s (Clayton 1994, 1995, values from memory): 2076 + 2166 + 1173 m.
        (Math.Round(week.DoneMetres.Walk), Math.Round(week.DoneMetres.Trot), Math.Round(week.DoneMetres.Canter)).ShouldBe(
            (2076, 2166, 1173)
        );
        week.DoneMetres.Total.ShouldBe(5415, 5);
        week.DoneEfforts.ShouldBe(4);
    }
}
