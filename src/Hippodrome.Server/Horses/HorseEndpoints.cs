using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.People;
using Hippodrome.Storage;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Horses;

/// <summary>A horse as lists and the switcher show it.</summary>
public sealed record HorseView(
    Guid Id,
    string Name,
    int Foaled,
    int Age,
    double HeightCm,
    string Hands,
    Sex Sex,
    Experience Experience,
    string Notes,
    GoesAt? GoesAt,
    double? HeatLimitC,
    int Version
);

/// <summary>A measured strip with what it gives.</summary>
public sealed record StrideView(
    Guid Id,
    GaitVariant Variant,
    DateOnly On,
    double StripMetres,
    double Strides,
    double? Seconds,
    Distance Stride,
    Speed? Speed,
    double? Tempo
);

/// <summary>The next session planned, in a line.</summary>
public sealed record NextSession(Guid Id, DateOnly On, string Emphasis);

/// <summary>Who the horse is, what it may do today and what is next, what is known of its stride, and whether anything holds it.</summary>
public sealed record Passport(
    HorseView Horse,
    Standing Standing,
    DateOnly? LastRidden,
    int? DaysSinceRidden,
    NextSession? Next,
    IReadOnlyList<StrideEstimate> StrideCard,
    IReadOnlyList<StrideView> Measurements,
    IReadOnlyList<Hold> Holds
);

/// <summary>A vet's word that a held horse may be ridden again.</summary>
/// <param name="By">The vet who cleared it.</param>
/// <param name="On">The day.</param>
/// <param name="NoLungeing">It is not to be lunged: it is led instead.</param>
public sealed record ClearanceEntry(string? By = null, DateOnly? On = null, bool? NoLungeing = null)
{
    /// <summary>Who cleared what has held since a day, and when.</summary>
    internal (string By, DateOnly On) Check(Checks checks, DateOnly since, DateOnly today)
    {
        var by = checks.Text("by", By, 80);
        var on = On ?? today;
        checks.That(on <= today && on >= since, "on", "The day does not fit.", $"Give a day from {since:yyyy-MM-dd} to today.");
        return (by, on);
    }
}

public static class HorseEndpoints
{
    private const int DaysAhead = 14;

    public static void MapHorses(this RouteGroupBuilder api)
    {
        api.MapGet("/horses", ListAsync).Needs(Access.Reads);
        api.MapPost("/horses", AddAsync).Needs(Access.Trains).Creates();
        api.MapGet("/horses/{horseId}", PassportAsync).Needs(Access.Reads);
        api.MapPut("/horses/{horseId}", ChangeAsync).Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/strides", MeasureAsync).Needs(Access.Trains).Creates();
        api.MapDelete("/horses/{horseId}/strides/{strideId:guid}", (Guid horseId, Guid strideId, Visit visit) =>
                RemoveStrideAsync(horseId, strideId, visit, true)
            )
            .Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/strides/{strideId:guid}/restore", (Guid horseId, Guid strideId, Visit visit) =>
                RemoveStrideAsync(horseId, strideId, visit, false)
            )
            .Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/holds/{holdId:guid}/clearance", ClearAsync).Needs(Access.Clears).Creates();
    }

    public static HorseView Show(Kept<Horse> kept, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(kept);
        var h = kept.Value;
        return new HorseView(
            h.Id,
            h.Name,
            h.Foaled,
            h.Age(today),
            Math.Round(h.Height.Centimetres, 1),
            h.Height.Hands,
            h.Sex,
            h.Experience,
            h.Notes,
            h.GoesAt,
            h.HeatLimitC,
            kept.Version
        );
    }

    /// <summary>The horses this person may see.</summary>
    public static Task<List<Kept<Horse>>> MyHorsesAsync(this Visit visit)
    {
        ArgumentNullException.ThrowIfNull(visit);
        return visit.Trains ? visit.Yard.HorsesAsync() : visit.Yard.HorsesGivenToAsync(visit.Me.Id);
    }

    private static async Task<Ok<List<HorseView>>> ListAsync(Visit visit) =>
        TypedResults.Ok((await visit.MyHorsesAsync()).ConvertAll(h => Show(h, visit.Today)));

    private static async Task<Results<Ok<HorseView>, ProblemHttpResult>> AddAsync(HorseEntry entry, Visit visit)
    {
        var horse = Horse.From(visit.NewId, entry, visit.Today);
        if (!horse.IsFine)
        {
            return Problems.Faulty(horse.Faults);
        }

        await visit.Yard.AddHorseAsync(horse.Value);
        return TypedResults.Ok(Show((await visit.Yard.FindHorseAsync(horse.Value.Id))!, visit.Today));
    }

    private static async Task<Ok<Passport>> PassportAsync(Guid horseId, Visit visit) =>
        TypedResults.Ok(await ShowPassportAsync(horseId, visit));

    private static async Task<Results<Ok<Passport>, ProblemHttpResult>> ChangeAsync(Guid horseId, Change<HorseEntry> change, Visit visit)
    {
        var horse = Horse.From(horseId, change.Entry, visit.Today);
        if (!horse.IsFine)
        {
            return Problems.Faulty(horse.Faults);
        }

        if (!await visit.Yard.ChangeHorseAsync(horse.Value, change.Version))
        {
            return Problems.Conflict(Show((await visit.Yard.FindHorseAsync(horseId))!, visit.Today), change.Entry);
        }

        return TypedResults.Ok(await ShowPassportAsync(horseId, visit));
    }

    private static async Task<Results<Ok<Passport>, ProblemHttpResult>> MeasureAsync(Guid horseId, StrideEntry entry, Visit visit)
    {
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var measured = StrideMeasurement.From(visit.NewId, entry, horse, visit.Today);
        if (!measured.IsFine)
        {
            return Problems.Faulty(measured.Faults);
        }

        await visit.Yard.AddStrideAsync(horseId, measured.Value);
        return TypedResults.Ok(await ShowPassportAsync(horseId, visit));
    }

    private static async Task<Results<Ok<Passport>, ProblemHttpResult>> RemoveStrideAsync(
        Guid horseId,
        Guid strideId,
        Visit visit,
        bool removed
    ) =>
        await visit.Yard.RemoveStrideAsync(horseId, strideId, removed)
            ? TypedResults.Ok(await ShowPassportAsync(horseId, visit))
            : Problems.NotFound();

    private static async Task<Results<Ok<Passport>, ProblemHttpResult>> ClearAsync(
        Guid horseId,
        Guid holdId,
        ClearanceEntry entry,
        Visit visit
    )
    {
        var hold = (await visit.Yard.HoldsAsync([horseId])).Find(h => h.Id == holdId);
        if (hold is null)
        {
            return Problems.NotFound();
        }

        var checks = new Checks();
        var (by, on) = entry.Check(checks, hold.Since, visit.Today);
        checks.That(hold.ClearedOn is null, "by", "This has been cleared already.", "Nothing is left to do.");
        if (checks.Faults.Count > 0)
        {
            return Problems.Faulty(checks.Faults);
        }

        await visit.Yard.ClearHoldAsync(horseId, holdId, on, by, entry.NoLungeing ?? false, visit.Me.Id);
        var places = Places.Of(
            (await visit.Yard.FindHorseAsync(horseId))!.Value,
            (await visit.Yard.MovesAsync([horseId]))[horseId].Select(m => m.Move)
        );
        foreach (var move in places.AfterLameness(hold.Because, visit.Today))
        {
            await visit.Yard.AddMoveAsync(horseId, move, visit.Me.Id);
        }

        return TypedResults.Ok(await ShowPassportAsync(horseId, visit));
    }

    private static async Task<Passport> ShowPassportAsync(Guid horseId, Visit visit)
    {
        var kept = (await visit.Yard.FindHorseAsync(horseId))!;
        var measured = (await visit.Yard.StrideMeasurementsAsync([horseId]))[horseId].ToList();
        var holds = await visit.Yard.HoldsAsync([horseId]);
        var held = holds.Find(h => h.ClearedOn is null);
        var treatment = (await visit.Yard.TherapistVisitsAsync([horseId], visit.Today.AddDays(-HorsePages.DaysTreated)))
            .GetValueOrDefault(horseId)
            ?.AsRestriction();
        var open = (await visit.Yard.RestrictionsAsync([horseId]))
            .Where(r => r.ClearedOn is null)
            .Select(r => r.Restriction)
            .Concat(treatment is null ? [] : [treatment])
            .ToList();
        var last = (await visit.Yard.LatestRidesAsync([horseId], visit.Today, 1)).FirstOrDefault()?.OnDay;
        var next = (await visit.Yard.SessionsAsync(visit.Today, visit.Today.AddDays(DaysAhead), [horseId]))
            .Find(s => s.RideId is null)
            ?.Plan;
        return new Passport(
            Show(kept, visit.Today),
            Standing.On(kept.Value, held?.Because, open, visit.Today, held?.WalkInHandBy),
            last,
            visit.Today.DayNumber - last?.DayNumber,
            next is null ? null : new NextSession(next.Id, next.On, next.Emphasis),
            StrideCard.For(kept.Value.Height, measured).Estimates,
            [
                .. measured
                    .OrderByDescending(m => m.On)
                    .Select(m => new StrideView(
                        m.Id,
                        m.Variant,
                        m.On,
                        m.Strip.Metres,
                        m.Strides,
                        m.Seconds,
                        m.Stride,
                        m.Speed,
                        m.Tempo is { } tempo ? Math.Round(tempo, 1) : null
                    )),
            ],
            holds
        );
    }
}
