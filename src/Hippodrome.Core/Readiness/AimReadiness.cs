using Hippodrome.Core.Aims;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Readiness;

/// <summary>Whether there is time.</summary>
public enum InTime
{
    /// <summary>It needs at most three quarters of the sessions there are.</summary>
    InTime,

    /// <summary>At most all of them.</summary>
    Tight,

    NotInTime,

    /// <summary>It has not climbed in twelve weeks: nobody can say how long it takes.</summary>
    CannotBeTold,
}

/// <summary>A demand, how it stands, and whether there is time for what is missing.</summary>
/// <param name="Readiness">How it stands.</param>
/// <param name="Needs">Sessions that what is missing takes, at the horse's own pace; null where that cannot be told.</param>
/// <param name="Left">Sessions of its strand before the run-in.</param>
/// <param name="Time">Whether they are enough.</param>
/// <param name="Why">How the sessions come about.</param>
public sealed record DemandInTime(DemandReadiness Readiness, int? Needs, int Left, InTime Time, Why Why);

/// <summary>
/// Whether a horse will be ready for its aim, demand by demand and by the one that is last. Never a single score; height and
/// fitness are not predicted beyond the trade's rates.
/// </summary>
/// <param name="Demands">Each demand, those that are last first.</param>
/// <param name="Time">By the demand that is last.</param>
/// <param name="Last">The demand that is last; null where all are met.</param>
/// <param name="WeeksLeft">Whole weeks before the run-in.</param>
public sealed record AimReadiness(IReadOnlyList<DemandInTime> Demands, InTime Time, DemandInTime? Last, int WeeksLeft)
{
    /// <param name="on">The day of the aim.</param>
    /// <param name="demands">What it asks.</param>
    /// <param name="evidence">What it is told from.</param>
    public static AimReadiness Of(DateOnly on, IReadOnlyList<Demand> demands, Evidence evidence)
    {
        ArgumentNullException.ThrowIfNull(demands);
        ArgumentNullException.ThrowIfNull(evidence);
        var weeks = WeeksBeforeRunIn(on, evidence.Today);
        var judged = demands
            .Select(d => DemandReadiness.Of(d, evidence))
            .Select(r => InTimeOf(r, evidence, weeks))
            .OrderBy(d => d.Readiness.HowFar == HowFar.Met)
            .ThenByDescending(d => d.Time)
            .ThenByDescending(d => d.Needs is { } needs && d.Left > 0 ? (double)needs / d.Left : double.MaxValue)
            .ThenBy(d => d.Readiness.HowFar)
            .ToList();
        var open = judged.FindAll(d => d.Readiness.HowFar != HowFar.Met);
        return new AimReadiness(judged, open.Count == 0 ? InTime.InTime : open.Max(d => d.Time), open.FirstOrDefault(), weeks);
    }

    /// <summary>Whether so many sessions are enough.</summary>
    internal static InTime TimeFor(int? needs, int left) =>
        needs is null ? InTime.CannotBeTold
        : needs <= (left * ReadinessFigures.InTime.Value) + 1e-9 ? InTime.InTime
        : needs <= left ? InTime.Tight
        : InTime.NotInTime;

    /// <summary>Whole weeks from today to the run-in, in which nothing new is built.</summary>
    public static int WeeksBeforeRunIn(DateOnly on, DateOnly today) =>
        Math.Max(0, (on.DayNumber - AimFigures.RunInDays.Value - today.DayNumber) / 7);

    internal static int SessionsBeforeRunIn(DateOnly on, DateOnly today, double aWeek) => Sessions(WeeksBeforeRunIn(on, today), aWeek);

    private static int Sessions(int weeks, double aWeek) => (int)Math.Floor((weeks * aWeek) + 1e-9);

    private static DemandInTime InTimeOf(DemandReadiness readiness, Evidence evidence, int weeks)
    {
        var demand = readiness.Demand;
        var aWeek = evidence.Pace.For(demand);
        var left = Sessions(weeks, aWeek);
        var (needs, because) =
            readiness.HowFar == HowFar.Met ? (0, "nothing is missing")
            : evidence.Held is { } held ? (null, $"held: {held}; until a vet clears it there is no work to count on")
            : Needs(readiness, evidence, aWeek);
        return new DemandInTime(
            readiness,
            needs,
            left,
            TimeFor(needs, left),
            Why.Of(
                "What is missing in sessions, at the pace this horse has climbed in twelve weeks, beside those there are before the run-in",
                [
                    because,
                    FormattableString.Invariant(
                        $"{weeks} weeks before the run-in, {aWeek:0.#} sessions of {demand.Strand.Say()} a week{(evidence.Pace.OfBlock ? " in its block" : ", as in the last four weeks")}: {left}"
                    ),
                ],
                ReadinessFigures.InTime.Source
            )
        );
    }

    private static (int? Sessions, string Because) Needs(DemandReadiness readiness, Evidence evidence, double aWeek)
    {
        var demand = readiness.Demand;
        switch (demand.Kind)
        {
            case DemandKind.Away:
                return (1, "one session away");
            case DemandKind.Question or DemandKind.Combination or DemandKind.Spread or DemandKind.Line or DemandKind.Thing:
                return ((int)readiness.Short, $"{readiness.Short:0} more days");
            case DemandKind.Height:
                var weeks = (int)Math.Ceiling((readiness.Short / ReadinessFigures.HeightAWeek.Value) - 1e-9);
                // At height, and two clear days near it.
                return (
                    Math.Max(ReadinessFigures.DaysOfIt.Value, (int)Math.Ceiling((weeks * Math.Max(aWeek, 1)) - 1e-9)),
                    FormattableString.Invariant($"{readiness.Short:0.00} m at 0.05 m a week: {weeks} weeks")
                );
            case DemandKind.Speed:
                return (
                    Math.Max(1, (int)Math.Ceiling((readiness.Short / ReadinessFigures.SetsGrow.Value) - 1e-9)),
                    FormattableString.Invariant(
                        $"{readiness.Short:0.#} minutes more at speed, {ReadinessFigures.SetsGrow.Value:0.#} from session to session"
                    )
                );
            default:
                return NeedsOfMovement(readiness, evidence);
        }
    }

    /// <summary>Rungs that are still to be climbed, at its own pace; then as many askings as are missing.</summary>
    private static (int? Sessions, string Because) NeedsOfMovement(DemandReadiness readiness, Evidence evidence)
    {
        var demand = readiness.Demand;
        var askings = AskingsASession(readiness);
        var show = (int)Math.Ceiling((readiness.Short / askings) - 1e-9);
        var said = FormattableString.Invariant($"{readiness.Short:0} good ones missing, {askings:0.#} a session");
        if (demand.RungId is not { } id || evidence.Places.Reached(Catalogue.Rung(id)))
        {
            return (Math.Max(1, show), said);
        }

        var rungs = Catalogue.Rung(id).Step - (evidence.Places[demand.Strand]?.Step ?? 0);
        var since = evidence.Today.AddDays(-ReadinessFigures.Remembered.Value);
        var climbed = Climbed(evidence.Moves, demand.Strand, since);
        var worked = evidence.Rides.Count(r => r.On > since && r.Strands.Contains(demand.Strand));
        return climbed == 0 || worked == 0
            ? (null, $"{rungs} {(rungs == 1 ? "rung" : "rungs")} of {demand.Strand.Say()} to climb, and none was climbed in twelve weeks")
            : (
                (int)Math.Ceiling(((double)rungs * worked / climbed) - 1e-9) + Math.Max(ReadinessFigures.SessionsOfARung.Value, show),
                FormattableString.Invariant(
                    $"{rungs} {(rungs == 1 ? "rung" : "rungs")} to climb, {worked} sessions for {climbed} in twelve weeks; then {said}"
                )
            );
    }

    private static double AskingsASession(DemandReadiness readiness)
    {
        var days = readiness.Dots.Where(d => !d.InTest).GroupBy(d => (d.On, d.Side)).Select(g => g.Count()).ToList();
        return days.Count == 0 ? ReadinessFigures.AskedInASession.Value : Math.Max(1, days.Average());
    }

    /// <summary>Rungs gained in a strand since a day, on evidence or by a trainer's hand.</summary>
    private static int Climbed(IEnumerable<RungMove> moves, Strand strand, DateOnly since)
    {
        var steps = moves
            .Where(m => m.Strand == strand)
            .OrderBy(m => m.On)
            .Select(m => (m.On, m.Kind, Step: m.RungId is { } id ? Catalogue.Find(id)?.Step ?? 0 : 0))
            .ToList();
        return steps
            .Select((m, i) => (Move: m, Gained: i > 0 ? m.Step - steps[i - 1].Step : 1))
            .Where(m => m.Move.On > since && m.Gained > 0 && (m.Move.Kind is MoveKind.Climbed or MoveKind.ByHand))
            .Sum(m => m.Gained);
    }
}
