using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Readiness;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Tests.Readiness;

/// <summary>Rides as evidence: each of some days ago, with what was told of it.</summary>
internal static class MakeEvidence
{
    public static readonly DateOnly Today = Make.Today;

    public static RideShown Ride(int daysAgo, params IEnumerable<RideEvent> told) =>
        RideShown.Of(
            Guid.NewGuid(),
            Today.AddDays(-daysAgo),
            RideRecord.Fold(RideLog.Kept([.. told])),
            null,
            new Dictionary<Guid, SetUp>()
        );

    public static RideShown With(this RideShown ride, PartShown part) => ride with { Parts = [part] };

    /// <summary>A part on a rung with a mark of each rein.</summary>
    public static PartShown OnRung(string rung, double left, double right) => new([rung], new MarksByRein(left, right), null, 0);

    /// <summary>Sets at a speed.</summary>
    public static PartShown Sets(int speed, double minutes) => new(["fitness/speed-sets"], new MarksByRein(null, null), speed, minutes);

    public static RideShown Away(this RideShown ride) => ride with { Away = true };

    public static IEnumerable<RideEvent> Asked(Movement movement, string answers, Rein? side = null) =>
        answers.Select(a => new Attempted(Guid.NewGuid(), Next(), movement, a == 'g' ? HorseAnswer.Alone : HorseAnswer.Not, side));

    private static int _seconds;

    /// <summary>Each is tapped after the one before it.</summary>
    private static DateTimeOffset Next() => Make.Morning.AddSeconds(Interlocked.Increment(ref _seconds));

    public static RideEvent Jumped(double height, int count, EffortOutcome outcome = EffortOutcome.Clear) =>
        new Efforts(Guid.NewGuid(), default, null, Rein.Left, height, outcome, count);

    public static IEnumerable<RideEvent> Question(QuestionKind question, int easyGoes) =>
        Enumerable
            .Range(0, easyGoes)
            .Select(_ => new QuestionRidden(Guid.NewGuid(), default, question, QuestionWay.In, QuestionHow.Boldly));

    public static Evidence Evidence(params IEnumerable<RideShown> rides) => new([.. rides], Places.From([]), [], Pace(3), [], Today);

    /// <summary>So many sessions a week of every strand.</summary>
    public static PaceOfWork Pace(double aWeek) => new(Enum.GetValues<Strand>().ToDictionary(s => s, _ => aWeek), true);

    /// <summary>A demand of a level by its id.</summary>
    public static Demand Of(string scheme, string level, string id) =>
        LevelDemands.All.Single(l => l.Scheme == scheme && l.Name == level).Demands.Single(d => d.Id == id);
}
