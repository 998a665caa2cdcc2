using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>One hind leg that shows in several exercises is one finding.</summary>
/// <param name="Hind">Which.</param>
/// <param name="In">The exercises it shows in, each in words with how often.</param>
public sealed record OneHind(Rein Hind, IReadOnlyList<Input> In)
{
    /// <summary>A hind that is late in the change is often the one that stiffens in the pirouette (common practice).</summary>
    /// <returns>The hind that shows in three exercises or more; null where neither does.</returns>
    public static OneHind? Of(IEnumerable<RideRecord> records)
    {
        ArgumentNullException.ThrowIfNull(records);
        return records
            .SelectMany(r => Shown(r).Distinct())
            .GroupBy(s => s.Hind)
            .Select(g => new OneHind(
                g.Key,
                [.. g.CountBy(s => s.In).OrderBy(s => s.Key, StringComparer.Ordinal).Select(s => Input.Of($"{s.Key} in {s.Value} rides"))]
            ))
            .Where(h => h.In.Count >= VerdictFigures.HindExercises.Value)
            .OrderByDescending(h => h.In.Count)
            .FirstOrDefault();
    }

    private static IEnumerable<(Rein Hind, string In)> Shown(RideRecord r)
    {
        foreach (var a in r.Rail.Attempts.Where(a => !a.Mine && !a.Good))
        {
            switch (a)
            {
                case { Movement: Movement.Change, LateBehind: { } hind }:
                    yield return (hind, "late in the change");
                    break;
                case { Movement: Movement.Series, LateBehind: { } hind }:
                    yield return (hind, "late in a series");
                    break;
                // The canter is begun by the outside hind, and a pirouette carried by the inside one.
                case { Movement: Movement.Depart, Side: { } lead }:
                    yield return (lead.Other(), "late into canter");
                    break;
                case { Movement: Movement.Pirouette, Side: { } lead }:
                    yield return (lead, "stiff in the pirouette");
                    break;
            }
        }

        foreach (var s in r.Rail.Signs.Where(s => s is { Mine: false, Side: Rein.Left or Rein.Right }))
        {
            switch (s.Sign)
            {
                case Sign.LateBehind:
                    yield return (s.Side!.Value, "late in the change");
                    break;
                case Sign.LateDepart:
                    yield return (s.Side!.Value.Other(), "late into canter");
                    break;
                case Sign.QuartersSwing:
                    yield return (s.Side!.Value, "quarters swung");
                    break;
            }
        }

        foreach (var (leg, _) in r.Rail.TouchedLegs.Where(t => t.Key is Leg.LeftHind or Leg.RightHind))
        {
            yield return (leg == Leg.LeftHind ? Rein.Left : Rein.Right, "touched poles");
        }
    }
}
