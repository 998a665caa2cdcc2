using Hippodrome.Core.Aims;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Blocks;

/// <summary>Easy days after a treatment, both included.</summary>
public sealed record EasyDays(DateOnly From, DateOnly To, string Because);

/// <summary>The horse a block is planned for, as it stands today.</summary>
/// <param name="Horse">Who.</param>
/// <param name="Places">Where it stands on the ladders.</param>
/// <param name="Restrictions">What it may not do.</param>
/// <param name="HeldBecause">Why no ridden work is allowed; null when nothing holds.</param>
/// <param name="Cleared">A hold cleared lately, until the saddle has been reached again.</param>
/// <param name="Aims">Its competitions, every one of them.</param>
/// <param name="AllRound">A young horse is brought on broadly, as the approach of the yard has it; else its discipline comes first.</param>
public sealed record HorseNow(
    Horse Horse,
    Places Places,
    IReadOnlyList<Restriction> Restrictions,
    string? HeldBecause,
    AfterClearance? Cleared,
    IReadOnlyList<Aim> Aims,
    bool AllRound = true
)
{
    /// <summary>Days on which a therapist's treatment leaves nothing hard.</summary>
    public IReadOnlyList<EasyDays> Easy { get; init; } = [];

    /// <summary>Young enough that the body is still made by variety.</summary>
    public bool IsYoung(DateOnly on) => Horse.Age(on) <= SessionFigures.VarietyTo.Value;

    public bool InHandOnly(DateOnly on) => Horse.Age(on) <= SessionFigures.InHandOnlyTo.Value;

    /// <summary>A gait is out on some day of a week: then it is out for the week, since a week is planned as a whole.</summary>
    public bool IsOut(Gait gait, DateOnly monday) => InWeek(monday).Any(r => r.NoGaits.Contains(gait));

    /// <summary>The gaits that are out in a week.</summary>
    public IReadOnlyList<Gait> GaitsOut(DateOnly monday) => [.. new[] { Gait.Walk, Gait.Trot, Gait.Canter }.Where(g => IsOut(g, monday))];

    /// <summary>A kind of session is out in a week: its strand, its fences, or the gait it cannot do without.</summary>
    public bool IsOut(SessionKind kind, DateOnly monday)
    {
        var needs =
            kind is SessionKind.CanterWork or SessionKind.CrossCountry ? Gait.Canter
            : kind.Fastest() == Gait.Walk || kind == SessionKind.Hack ? Gait.Walk
            : Gait.Trot;
        return InWeek(monday)
            .Any(r =>
                r.NoGaits.Contains(needs)
                || (kind.IsJumped() && (r.NoGaits.Contains(Gait.Canter) || r.MostHeight == Measures.Distance.Zero))
                || (kind.Strand() is { } strand && r.NoStrands.Contains(strand))
            );
    }

    private IEnumerable<Restriction> InWeek(DateOnly monday) =>
        Restrictions.Where(r => r.Since <= monday.AddDays(6) && (r.Until is null || r.Until >= monday));
}
