using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Care;

/// <summary>Who is asked to look.</summary>
public enum ReferredTo
{
    Vet,
    Physiotherapist,
    Farrier,
    Saddler,
}

/// <summary>The work that waits until somebody has looked. All other work goes on.</summary>
public enum WaitingWork
{
    Nothing,
    PolesAndFences,
    Fences,
    CollectedWork,
    Changes,
}

/// <summary>Whom a rule refers to, and what waits till then.</summary>
public sealed record Refers(ReferredTo To, WaitingWork Waits);

/// <summary>A referral as typed by hand.</summary>
/// <param name="To">Who is asked.</param>
/// <param name="Because">Why.</param>
/// <param name="Waits">What waits; nothing if left out.</param>
public sealed record ReferralEntry(ReferredTo? To = null, string? Because = null, WaitingWork? Waits = null);

/// <summary>What came of a referral, as typed.</summary>
/// <param name="Word">In a word.</param>
public sealed record ReferralOutcomeEntry(string? Word = null);

/// <summary>What came of a referral.</summary>
/// <param name="On">The day it was written.</param>
/// <param name="By">Who wrote it.</param>
/// <param name="Word">In their words.</param>
public sealed record ReferralOutcome(DateOnly On, string By, string Word);

/// <summary>
/// A horse is shown to somebody, with the reason and the counts. It is open until a word says what came of it, and holds the
/// work it concerns and no other; it neither makes nor clears a hold.
/// </summary>
/// <param name="Id">Which.</param>
/// <param name="To">Who is asked.</param>
/// <param name="Because">Why.</param>
/// <param name="Waits">The work that waits.</param>
/// <param name="On">The day it was opened.</param>
/// <param name="RideId">The ride whose verdict opened it; null where it was opened by hand.</param>
/// <param name="Rule">The rule that spoke; null where it was opened by hand.</param>
/// <param name="Outcome">What came of it; null while it is open.</param>
public sealed record Referral(
    Guid Id,
    ReferredTo To,
    string Because,
    WaitingWork Waits,
    DateOnly On,
    Guid? RideId,
    string? Rule,
    ReferralOutcome? Outcome
)
{
    /// <summary>Days it has been open on a day.</summary>
    public int DaysOpen(DateOnly today) => today.DayNumber - On.DayNumber;

    public static Outcome<Referral> From(Guid id, ReferralEntry entry, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var checks = new Checks();
        var to = checks.Choice("to", entry.To);
        var because = checks.Text("because", entry.Because, 160);
        checks.That(entry.Waits is null || Enum.IsDefined(entry.Waits.Value), "waits", "There is no such work.", "Choose from the list.");
        return checks.Outcome(() => new Referral(id, to, because, entry.Waits ?? WaitingWork.Nothing, today, null, null, null));
    }

    /// <summary>What waits, as a restriction until the referral is answered; null where nothing waits.</summary>
    /// <param name="id">The restriction's own id.</param>
    public Restriction? AsRestriction(Guid id) =>
        Waits == WaitingWork.Nothing
            ? null
            : Restriction.Kept(
                id,
                Because,
                $"referred to the {To.Say()}",
                On,
                null,
                [],
                StrandsOf(Waits),
                Waits is WaitingWork.PolesAndFences or WaitingWork.Fences ? Distance.Zero : null
            ) with
            {
                ReferralId = Id,
            };

    private static Strand[] StrandsOf(WaitingWork waits) =>
        waits switch
        {
            WaitingWork.PolesAndFences => [Strand.Poles, .. StrandsOf(WaitingWork.Fences)],
            WaitingWork.Fences => [Strand.Grids, Strand.Jumping, Strand.Narrow, Strand.CrossCountry],
            WaitingWork.CollectedWork => [Strand.Collected],
            WaitingWork.Changes => [Strand.Changes],
            _ => [],
        };
}

public static class ReferralWords
{
    /// <summary>"physiotherapist", as riders say it.</summary>
    public static string Say(this ReferredTo to) =>
        to switch
        {
            ReferredTo.Vet => "vet",
            ReferredTo.Physiotherapist => "physiotherapist",
            ReferredTo.Farrier => "farrier",
            _ => "saddler",
        };

    /// <summary>"poles and fences", as riders say it.</summary>
    public static string Say(this WaitingWork waits) =>
        waits switch
        {
            WaitingWork.PolesAndFences => "poles and fences",
            WaitingWork.Fences => "fences",
            WaitingWork.CollectedWork => "collected work",
            WaitingWork.Changes => "flying changes",
            _ => "nothing",
        };
}
