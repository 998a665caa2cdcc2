using Hippodrome.Application.Aims;
using Hippodrome.Application.Readiness;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Storage;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;

namespace Hippodrome.Application.Horses;

/// <summary>A horse as lists and the switcher show it.</summary>
public sealed record HorseView
{
    public required Guid Id { get; init; }

    public required string Name { get; init; }

    public required int Foaled { get; init; }

    public required int Age { get; init; }

    public required double HeightCm { get; init; }

    public required string Hands { get; init; }

    public required Sex Sex { get; init; }

    public required Experience Experience { get; init; }

    public required string Notes { get; init; }

    public required GoesAt? GoesAt { get; init; }

    public required double? HeatLimitC { get; init; }

    public required IReadOnlyList<Thing> Met { get; init; }

    public required int Version { get; init; }
}

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
)
{
    /// <summary>Its next competition, with the demand that is last.</summary>
    public required AimView? Aim { get; init; }
}

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

/// <summary>Who a horse is, its stride card, and what holds it; a vet's word that it may work again.</summary>
public static class Passports
{
    private const int DaysAhead = 14;

    public static HorseView Show(Kept<Horse> kept, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(kept);
        var h = kept.Value;
        return new HorseView
        {
            Id = h.Id,
            Name = h.Name,
            Foaled = h.Foaled,
            Age = h.Age(today),
            HeightCm = Math.Round(h.Height.Centimetres, 1),
            Hands = h.Height.Hands,
            Sex = h.Sex,
            Experience = h.Experience,
            Notes = h.Notes,
            GoesAt = h.GoesAt,
            HeatLimitC = h.HeatLimitC,
            Met = h.Met,
            Version = kept.Version,
        };
    }

    /// <summary>The horses this person may see.</summary>
    public static Task<List<Kept<Horse>>> MyHorsesAsync(this Visit visit)
    {
        ArgumentNullException.ThrowIfNull(visit);
        return visit.Trains ? visit.Yard.HorsesAsync() : visit.Yard.HorsesGivenToAsync(visit.Me.Id);
    }

    public static async Task<List<HorseView>> ListAsync(Visit visit) => (await visit.MyHorsesAsync()).ConvertAll(h => Show(h, visit.Today));

    public static async Task<Answer<HorseView>> AddAsync(HorseEntry entry, Visit visit)
    {
        var horse = Horse.From(visit.NewId, entry, visit.Today);
        if (!horse.IsFine)
        {
            return Refusal.Faulty(horse.Faults);
        }

        await visit.Yard.AddHorseAsync(horse.Value);
        return Show((await visit.Yard.FindHorseAsync(horse.Value.Id))!, visit.Today);
    }

    public static async Task<Passport> PassportAsync(Guid horseId, Visit visit) => await ShowPassportAsync(horseId, visit);

    public static async Task<Answer<Passport>> ChangeAsync(Guid horseId, Change<HorseEntry> change, Visit visit)
    {
        var horse = Horse.From(horseId, change.Entry, visit.Today);
        if (!horse.IsFine)
        {
            return Refusal.Faulty(horse.Faults);
        }

        if (!await visit.Yard.ChangeHorseAsync(horse.Value, change.Version))
        {
            return Refusal.Changed(Show((await visit.Yard.FindHorseAsync(horseId))!, visit.Today), change.Entry);
        }

        return await ShowPassportAsync(horseId, visit);
    }

    public static async Task<Answer<Passport>> MeasureAsync(Guid horseId, StrideEntry entry, Visit visit)
    {
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var measured = StrideMeasurement.From(visit.NewId, entry, horse, visit.Today);
        if (!measured.IsFine)
        {
            return Refusal.Faulty(measured.Faults);
        }

        await visit.Yard.AddStrideAsync(horseId, measured.Value);
        return await ShowPassportAsync(horseId, visit);
    }

    public static async Task<Answer<Passport>> RemoveStrideAsync(Guid horseId, Guid strideId, Visit visit, bool removed) =>
        await visit.Yard.RemoveStrideAsync(horseId, strideId, removed) ? await ShowPassportAsync(horseId, visit) : Refusal.NotThere;

    public static async Task<Answer<Passport>> ClearAsync(Guid horseId, Guid holdId, ClearanceEntry entry, Visit visit)
    {
        var hold = (await visit.Yard.HoldsAsync([horseId])).Find(h => h.Id == holdId);
        if (hold is null)
        {
            return Refusal.NotThere;
        }

        var checks = new Checks();
        var (by, on) = entry.Check(checks, hold.Since, visit.Today);
        checks.That(hold.ClearedOn is null, "by", "This has been cleared already.", "Nothing is left to do.");
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
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

        await LastDemands.KeepAsync(visit, horseId);
        return await ShowPassportAsync(horseId, visit);
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
        )
        {
            Aim = (await visit.Yard.AimsAsync([horseId])).Find(a => a.Aim.On >= visit.Today) is { } aim
                ? HorseAims.Show(aim, visit.Today)
                : null,
        };
    }
}
