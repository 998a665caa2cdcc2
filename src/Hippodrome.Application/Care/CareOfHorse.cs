using Hippodrome.Application.Horses;
using Hippodrome.Core.Care;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Storage;
using Hippodrome.Storage.Assessments;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Care;

/// <summary>A weight or condition, with what was measured.</summary>
public sealed record BodyView(Guid Id, DateOnly On, double? GirthCm, double? LengthCm, double? WeightKg, double? Condition);

/// <summary>What the feet have worked since they were last done.</summary>
public sealed record WorkSinceFeet(DateOnly Since, double Minutes, int Rides);

/// <summary>What is due, who came, what it weighs.</summary>
public sealed record CareView(
    IReadOnlyList<CareDue> Due,
    IReadOnlyList<CareVisit> Visits,
    IReadOnlyList<BodyView> Body,
    Why WeightWhy,
    DateOnly? WorkBeganAgain,
    WorkSinceFeet? SinceFeet,
    SaddleNow? Saddle,
    IReadOnlyList<Ration> Rations,
    IReadOnlyList<FeedRemark> FeedRemarks
);

/// <summary>Who has seen to a horse and what is due: feet, teeth, saddle, therapist; what it weighs.</summary>
public static class CareOfHorse
{
    private const int LooksBackWeeks = 16;

    /// <summary>The day work began again after a rest: an assessment that says so, or a gap between rides.</summary>
    internal static async Task<DateOnly?> WorkBeganAgainAsync(this YardSession yard, Guid horseId, DateOnly today)
    {
        var since = today.AddDays(-7 * LooksBackWeeks);
        var byRides = await yard.RiddenAgainAsync(horseId, 7 * TimeOff.RestFrom.Value, since);
        var bySheet = (await yard.AssessmentsAsync(horseId))
            .Select(k => k.Assessment)
            .Where(a => a.WeeksOff >= TimeOff.RestFrom.Value && a.StartedOn >= since)
            .Max(a => (DateOnly?)a.StartedOn);
        return byRides > bySheet || bySheet is null ? byRides : bySheet;
    }

    public static async Task<CareView> ReadAsync(Guid horseId, Visit visit) => await ShowAsync(horseId, visit);

    public static async Task<Answer<CareView>> AddAsync(Guid horseId, CareEntry entry, Visit visit)
    {
        var read = CareVisit.From(visit.NewId, entry, (await visit.Yard.FindHorseAsync(horseId))!.Value, visit.Today);
        if (!read.IsFine)
        {
            return Refusal.Faulty(read.Faults);
        }

        await visit.Yard.AddCareVisitAsync(horseId, read.Value, visit.Me.Id);
        return await ShowAsync(horseId, visit);
    }

    public static async Task<Answer<CareView>> MeasureAsync(Guid horseId, BodyEntry entry, Visit visit)
    {
        var read = BodyMeasure.From(visit.NewId, entry, (await visit.Yard.FindHorseAsync(horseId))!.Value, visit.Today);
        if (!read.IsFine)
        {
            return Refusal.Faulty(read.Faults);
        }

        await visit.Yard.AddBodyMeasureAsync(horseId, read.Value, visit.Me.Id);
        return await ShowAsync(horseId, visit);
    }

    public static async Task<Answer<CareView>> FeedAsync(Guid horseId, RationEntry entry, Visit visit)
    {
        var read = Ration.From(visit.NewId, entry, visit.Today);
        if (!read.IsFine)
        {
            return Refusal.Faulty(read.Faults);
        }

        await visit.Yard.AddRationAsync(horseId, read.Value, visit.Me.Id);
        return await ShowAsync(horseId, visit);
    }

    private static async Task<CareView> ShowAsync(Guid horseId, Visit visit)
    {
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var visits = await visit.Yard.CareVisitsAsync(horseId);
        var began = await visit.Yard.WorkBeganAgainAsync(horseId, visit.Today);
        var rations = await visit.Yard.RationsAsync(horseId);
        var body = (await visit.Yard.BodyMeasuresAsync(horseId)).ConvertAll(b => new BodyView(
            b.Id,
            b.On,
            b.GirthCm,
            b.LengthCm,
            b.WeightKg is { } kg ? Math.Round(kg) : null,
            b.Condition
        ));
        var taped = body.Find(b => b.WeightKg is not null);
        return new CareView(
            CareDue.All(visits, horse.Age(visit.Today), began, visit.Today),
            visits,
            body,
            new Why(
                "Girth² x length / 11877",
                taped is null ? [] : [$"girth {taped.GirthCm:0.#} cm, length {taped.LengthCm:0.#} cm"],
                CareFigures.GirthSquaredByLength.Source
            ),
            began,
            await SinceFeetAsync(horseId, visits, visit),
            SaddleNow.Of(visits),
            rations,
            await FeedRemarksAsync(horseId, rations, visit)
        );
    }

    /// <summary>What it is fed, beside what it has worked in the last five weeks.</summary>
    private static async Task<IReadOnlyList<FeedRemark>> FeedRemarksAsync(Guid horseId, List<Ration> rations, Visit visit)
    {
        if (rations.Count == 0)
        {
            return [];
        }

        const int mostRides = 60;
        var week = visit.Today.AddDays(-6);
        var rides = await visit.Yard.LatestRidesAsync([horseId], visit.Today, mostRides, week.AddDays(-28));
        var totals = await visit.Book.TotalsAsync(rides.Select(r => r.Id));
        var lately = rides.Where(r => r.OnDay >= week).Sum(r => totals[r.Id].Minutes);
        var before = rides.Where(r => r.OnDay < week).Sum(r => totals[r.Id].Minutes) / 4;
        var condition = await ConditionBook.OpenAsync(visit, await visit.Book.PagesAsync([horseId]), [horseId]);
        return FeedRemark.Of(rations, condition.Ramp(horseId, visit.Today) is { Trot: 0, Canter: 0 }, lately, before);
    }

    private static async Task<WorkSinceFeet?> SinceFeetAsync(Guid horseId, IReadOnlyList<CareVisit> visits, Visit visit)
    {
        const int mostRides = 120;
        if (visits.Where(v => v.Kind == CareKind.Feet).Max(v => (DateOnly?)v.On) is not { } since)
        {
            return null;
        }

        var rides = await visit.Yard.LatestRidesAsync([horseId], visit.Today, mostRides, since);
        var totals = await visit.Book.TotalsAsync(rides.Select(r => r.Id));
        return new WorkSinceFeet(since, rides.Sum(r => totals[r.Id].Minutes), rides.Count);
    }
}
