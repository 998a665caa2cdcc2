using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Verdicts;

/// <summary>
/// What the rules know of a horse, its plan and the rides before, besides what is tapped: as much as a device can carry to
/// the arena, so that the judge there is the judge here.
/// </summary>
/// <param name="On">The day.</param>
/// <param name="Experience">How far the horse is.</param>
/// <param name="HeatLimitC">Its own limit in °C of air.</param>
/// <param name="Parts">The parts of the plan.</param>
public sealed record RideFacts(DateOnly On, Experience Experience, double? HeatLimitC, IReadOnlyList<RailPart> Parts)
{
    /// <summary>Somebody is there to help, as it was planned.</summary>
    public bool Helper { get; init; }

    /// <summary>The heat expected for it; what is read during the ride goes first.</summary>
    public HeatAdvice? Heat { get; init; }

    /// <summary>Touches told by leg in rides before it, since somebody last looked.</summary>
    public IReadOnlyList<LegsTold> Legs { get; init; } = [];

    /// <summary>Minutes of trot and canter of its last rides, the latest first.</summary>
    public IReadOnlyList<double> UsualFast { get; init; } = [];

    /// <summary>Minutes of trot and canter that its return leaves; null where there is none.</summary>
    public int? RampFast { get; init; }

    /// <summary>Single flying changes are sure everywhere: series are outside the rules of learning them.</summary>
    public bool ChangesAreSure { get; init; }

    /// <summary>A short first day back: all, loose, on long lines and in the saddle have their own limits.</summary>
    public bool FirstDay { get; init; }

    /// <summary>Its rider is marked careful: one more repeat before a harder step.</summary>
    public bool CarefulRider { get; init; }

    /// <summary>It is a first day over fences.</summary>
    public bool FirstFences { get; init; }

    /// <summary>How it is gone about, where good trainers differ.</summary>
    public Ways Ways { get; init; } = Ways.Default;

    public static RideFacts Of(Horse horse, DateOnly on, SessionPlan? plan, IReadOnlyDictionary<Guid, SetUp> setUps)
    {
        ArgumentNullException.ThrowIfNull(horse);
        return new RideFacts(on, horse.Experience, horse.HeatLimitC, RailPart.Of(plan, setUps)) { Helper = plan?.Helper ?? false };
    }

    /// <summary>The parts as they stand after what was rebuilt and replaced. After a fall nothing is jumped, answered or not.</summary>
    internal IReadOnlyList<RailPart> PartsNow(RideTaps taps)
    {
        var stood = taps.Events.OfType<Stands>().ToLookup(s => s.Part);
        var fallen = taps.Events.Any(e => e is Fell);
        return
        [
            .. Parts.Select(
                (part, i) =>
                    fallen && part.IsJumped ? part.Now(new Stands(Guid.Empty, default, i, null, Instead.Flatwork))
                    : stood[i].LastOrDefault() is { } stands ? part.Now(stands)
                    : part
            ),
        ];
    }

    /// <summary>Fences jumped, with bounces and those that are stepped over counted half.</summary>
    internal double CountedEfforts(RideRecord record) => Math.Round(record.Counts.Jumped.Sum(j => j.Count * Weight(j)), 2);

    /// <summary>
    /// Quickening is read as tiredness first after the least of twenty minutes, what it usually does, and what its return
    /// leaves.
    /// </summary>
    internal double FastUntilTired()
    {
        var usual = UsualFast.Take(VerdictFigures.FastRides.Value).Order().ToList();
        double? median = usual.Count == 0 ? null : (usual[(usual.Count - 1) / 2] + usual[usual.Count / 2]) / 2;
        return Math.Round(new[] { VerdictFigures.LeastFastMinutes.Value, median, RampFast }.OfType<double>().Min(), 2);
    }

    /// <summary>By the part it was jumped in, else by what it was jumped over, else by its height.</summary>
    private double Weight(JumpedAt jumped)
    {
        var part =
            jumped.Part is { } i && i < Parts.Count ? Parts[i] : Parts.FirstOrDefault(p => p.SetUpId is { } s && s == jumped.SetUpId);
        part = jumped.Stood is { } stood ? part?.Now(stood) : part;
        return part is { Fences: > 0 } ? part.CountsAs / part.Fences
            : jumped.HeightMetres < SessionFigures.HalfEffortUnder.Value ? 0.5
            : 1;
    }
}
