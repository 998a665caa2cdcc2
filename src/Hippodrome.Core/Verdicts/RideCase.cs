using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>A ride before the one at hand, with its taps.</summary>
public sealed record EarlierTaps(DateOnly On, IReadOnlyList<RideEvent> Taps);

/// <summary>The rung that was worked in a ride and in those before it.</summary>
/// <param name="RungId">Which.</param>
/// <param name="Age">The horse's age.</param>
/// <param name="Reached">Where it stands on other ladders.</param>
public sealed record RungWorked(string RungId, int Age, IReadOnlyList<string> Reached);

/// <summary>What both judges say after one tap: the rail's, and the review's if the ride ended there.</summary>
public sealed record JudgedTap(RailJudgement Rail, IReadOnlyList<Verdict> Review);

/// <summary>A ride as it can be handed to a judge anywhere: what is known of it, its taps, and those of the rides before it.</summary>
/// <param name="Facts">What is known besides the taps.</param>
/// <param name="Taps">Its taps, in the order they were made.</param>
/// <param name="Earlier">Rides before it, the latest first.</param>
public sealed record RideCase(RideFacts Facts, IReadOnlyList<RideEvent> Taps, IReadOnlyList<EarlierTaps> Earlier)
{
    /// <summary>Each tap is judged with all before it: more at once would keep others waiting.</summary>
    public const int MostTaps = 100;

    private const int MostEarlier = 10;

    /// <summary>The rung that was worked, if one was.</summary>
    public RungWorked? Rung { get; init; }

    /// <summary>What is wrong with it, if anything.</summary>
    public IReadOnlyList<Fault> Faults()
    {
        var checks = new Checks();
        foreach (var (field, there) in Needed())
        {
            checks.That(there, field, "This is missing.", "Hand it over as it came with the sheet.");
        }

        if (checks.Faults.Count > 0)
        {
            return checks.Faults;
        }

        checks.That(Taps.Count is > 0 and <= MostTaps, "taps", "That is no ride to judge.", $"Give 1 to {MostTaps} taps.");
        checks.That(Earlier.Count <= MostEarlier, "earlier", "More rides than any rule looks back.", $"Give at most {MostEarlier}.");
        checks.That(Rung is null || Catalogue.Find(Rung.RungId) is not null, "rung.rungId", "There is no such rung.", "Name one.");
        checks.That(
            Rung is null || Rung.Reached.All(id => Catalogue.Find(id) is not null),
            "rung.reached",
            "There is no such rung.",
            "Name those of the library."
        );
        checks.AddRange(Taps.SelectMany(RideLog.FaultsOf));
        checks.AddRange(Earlier.SelectMany(e => e.Taps).SelectMany(RideLog.FaultsOf));
        return checks.Faults;
    }

    // What comes over the wire may lack anything, whatever its type says.
    private IEnumerable<(string Field, bool There)> Needed() =>
        [
            ("taps", Taps is not null),
            ("earlier", Earlier is not null && Earlier.All(e => e?.Taps is not null)),
            ("facts", Facts is not null),
            ("facts.parts", Facts?.Parts is { } parts && parts.All(p => p is not null)),
            ("facts.legs", Facts?.Legs is { } legs && legs.All(l => l?.Touches is not null)),
            ("facts.usualFast", Facts?.UsualFast is not null),
            ("facts.ways", Facts?.Ways?.Held is not null),
            ("facts.heat", Facts?.Heat is null or { Says: not null, Why: { Rule: not null, Inputs: not null, Source: not null } }),
            ("rung", Rung is null or { RungId: not null, Reached: not null }),
        ];

    /// <summary>What is said after each tap, the first first.</summary>
    public IReadOnlyList<JudgedTap> Course()
    {
        var earlier = Earlier.Select(e => new EarlierRide(e.On, RideRecord.Fold(RideLog.Kept(e.Taps)))).ToList();
        return [.. Enumerable.Range(1, Taps.Count).Select(n => After(RideLog.Kept(Taps.Take(n)), earlier))];
    }

    private JudgedTap After(RideLog log, List<EarlierRide> earlier)
    {
        var record = RideRecord.Fold(log);
        var plain = new VerdictContext(Facts, record, [.. earlier.Take(RideRules.RidesBack(record))]);
        return new JudgedTap(RailJudge.Judge(Facts, log), RideRules.Judge(plain with { Rungs = Ladder(plain, earlier) }));
    }

    private IReadOnlyList<RungVerdict> Ladder(VerdictContext plain, List<EarlierRide> earlier)
    {
        if (Rung is null)
        {
            return [];
        }

        var rides = earlier
            .Prepend(new EarlierRide(Facts.On, plain.Record))
            .Select(r => new RungRide(Guid.Empty, r.On, Guid.Empty, r.Record));
        var rung = Catalogue.Rung(Rung.RungId);
        var places = Places.From(
            Rung.Reached.Append(Rung.RungId)
                .Select(Catalogue.Rung)
                .Select(r => new RungMove(r.Strand, r.Id, MoveKind.ByHand, "stated", Facts.On))
        );
        return
        [
            RungRules.Judge(
                new RungContext(rung, places, Rung.Age, [.. rides], earlier.Count > 0 ? earlier[0].On : null)
                {
                    LatestAsksForCare = RideRules.AsksForCare(plain),
                    HeatLimitC = Facts.HeatLimitC,
                    ByRepeats = Facts.Ways.Are(ApproachQuestion.GoingUp, Approach.ByRepeats),
                }
            ),
        ];
    }
}
