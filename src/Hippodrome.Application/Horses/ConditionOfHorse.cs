using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Horses;

/// <summary>What a horse's state leaves of any plan today, and where it comes from.</summary>
/// <param name="Ramp">What its return leaves for one session; null where it is in full work.</param>
/// <param name="Cleared">A hold cleared lately, until the saddle has been reached again.</param>
/// <param name="Treatment">What a therapist has ruled out for some days.</param>
/// <param name="SameLeg">A leg that touches again and again and that nobody has looked at.</param>
/// <param name="CalmSits">Calm sits so far, in a first month under saddle; null otherwise.</param>
/// <param name="Away">Days off that were told.</param>
/// <param name="Known">What a vet has entered as old and known.</param>
public sealed record ConditionView(
    RampLimit? Ramp,
    AfterClearance? Cleared,
    Restriction? Treatment,
    Why? SameLeg,
    int? CalmSits,
    IReadOnlyList<TimeAway> Away,
    IReadOnlyList<KnownFinding> Known
);

/// <summary>A ramp is ended with a word why.</summary>
public sealed record RampEndEntry(string? Word = null);

/// <summary>A vet allows walking in hand while the horse is held.</summary>
public sealed record WalkInHandEntry(string? By = null);

/// <summary>Something old and known, as a vet has said it.</summary>
public sealed record KnownFindingEntry(string? What = null, string? By = null);

/// <summary>A leg was looked at: by whom, and what came of it.</summary>
public sealed record LegLookEntry(string? Word = null);

/// <summary>How both are on the day after a fall.</summary>
public sealed record FallAnswerEntry(bool? HorseFine = null, bool? RiderFine = null, string? Word = null);

/// <summary>What binds a horse now: days off, a return, a treatment, a leg, a fall, old findings.</summary>
public static class ConditionOfHorse
{
    public static async Task<ConditionView> ReadAsync(Guid horseId, Visit visit) => await ShowAsync(horseId, visit);

    public static async Task<Answer<ConditionView>> TellAsync(Guid horseId, TimeAwayEntry entry, Visit visit)
    {
        var away = entry.Check(visit.NewId, (await visit.Yard.FindHorseAsync(horseId))!.Value, visit.Today);
        if (!away.IsFine)
        {
            return Refusal.Faulty(away.Faults);
        }

        await visit.Yard.AddTimeAwayAsync(horseId, away.Value, visit.Me.Id);
        return await ShowAsync(horseId, visit);
    }

    /// <summary>After rest only: after injury or illness the ramp cannot be ended by a word.</summary>
    public static async Task<Answer<ConditionView>> EndRampAsync(Guid horseId, RampEndEntry entry, Visit visit)
    {
        var checks = new Checks();
        var word = checks.Text("word", entry.Word, 300);
        var ramp = (await BookAsync(horseId, visit)).Ramp(horseId, visit.Today);
        checks.That(ramp is not null, "word", "It is not coming back from a break.", "Nothing is left to end.");
        checks.That(
            ramp?.Binding != true,
            "word",
            "After injury or illness the ramp is not ended by a word.",
            "Go on with it, or with the vet's plan, stage by stage."
        );
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        await visit.Yard.EndRampAsync(horseId, visit.Today, word, visit.Me.Id);
        return await ShowAsync(horseId, visit);
    }

    public static async Task<Answer<ConditionView>> WalkInHandAsync(Guid horseId, Guid holdId, WalkInHandEntry entry, Visit visit)
    {
        var checks = new Checks();
        var by = checks.Text("by", entry.By, 80);
        return checks.Faults.Count > 0 ? Refusal.Faulty(checks.Faults)
            : await visit.Yard.AllowWalkInHandAsync(horseId, holdId, by) ? await ShowAsync(horseId, visit)
            : Refusal.NotThere;
    }

    public static async Task<Answer<ConditionView>> KnowAsync(Guid horseId, KnownFindingEntry entry, Visit visit)
    {
        var checks = new Checks();
        var what = checks.Text("what", entry.What, 160);
        var by = checks.Text("by", entry.By, 80);
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        await visit.Yard.AddKnownFindingAsync(new KnownFinding(visit.NewId, horseId, what, by, visit.Today), visit.Me.Id);
        return await ShowAsync(horseId, visit);
    }

    public static async Task<Answer<ConditionView>> LookAsync(Guid horseId, LegLookEntry entry, Visit visit)
    {
        var checks = new Checks();
        var word = checks.Text("word", entry.Word, 300);
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        await visit.Yard.AddLegLookAsync(new LegLook(horseId, visit.Today, word), visit.Me.Id);
        return await ShowAsync(horseId, visit);
    }

    /// <summary>A horse that is not right after a fall is held like any other that is off.</summary>
    public static async Task<Answer<ConditionView>> AnswerFallAsync(Guid horseId, Guid rideId, FallAnswerEntry entry, Visit visit)
    {
        if (await visit.Yard.FindRideAsync(rideId) is not { } ride || ride.HorseId != horseId)
        {
            return Refusal.NotThere;
        }

        var checks = new Checks();
        checks.That(entry.HorseFine is not null, "horseFine", "Is the horse right?", "Choose one.");
        checks.That(entry.RiderFine is not null, "riderFine", "Is the rider right?", "Choose one.");
        var word = checks.OptionalText("word", entry.Word, 300);
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        await visit.Yard.AnswerFallAsync(rideId, entry.HorseFine!.Value, entry.RiderFine!.Value, word, visit.Today, visit.Me.Id);
        if (entry.HorseFine == false)
        {
            await visit.Yard.RaiseHoldAsync(horseId, "not right on the day after a fall", visit.Today);
        }

        return await ShowAsync(horseId, visit);
    }

    private static async Task<ConditionBook> BookAsync(Guid horseId, Visit visit) =>
        await ConditionBook.OpenAsync(visit, await visit.Book.PagesAsync([horseId]), [horseId]);

    private static async Task<Places> PlacesAsync(Guid horseId, Visit visit) =>
        Places.Of((await visit.Yard.FindHorseAsync(horseId))!.Value, (await visit.Yard.MovesAsync([horseId]))[horseId].Select(m => m.Move));

    private static async Task<ConditionView> ShowAsync(Guid horseId, Visit visit)
    {
        var book = await BookAsync(horseId, visit);
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var firstMonth =
            horse.Age(visit.Today) > SessionFigures.InHandOnlyTo.Value
            && ((await PlacesAsync(horseId, visit))[Strand.Flatwork]?.Step ?? 0) <= 1;
        return new ConditionView(
            book.Ramp(horseId, visit.Today),
            book.Cleared(horseId, visit.Today),
            book.Treatment(horseId),
            book.SameLegOf(horseId, visit.Today)?.Why,
            firstMonth ? book.CalmSits(horseId) : null,
            [.. book.Told(horseId).OrderByDescending(t => t.From)],
            await visit.Yard.KnownFindingsAsync(horseId)
        );
    }
}
