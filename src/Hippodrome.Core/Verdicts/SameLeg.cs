using System.Globalization;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>Touches of one ride that were told by leg, and not put down to the rider.</summary>
public sealed record LegsTold(DateOnly On, IReadOnlyDictionary<Leg, int> Touches);

/// <summary>One leg touches again and again.</summary>
/// <param name="Leg">Which.</param>
/// <param name="Touches">Its touches.</param>
/// <param name="All">Touches told by leg in all.</param>
/// <param name="Rides">In so many rides.</param>
public sealed record LegFinding(Leg Leg, int Touches, int All, int Rides)
{
    public string Says => string.Create(CultureInfo.InvariantCulture, $"the {Leg.Say()} in {Touches} of {All} touches told by leg");

    public Why Why =>
        new(
            "Three in four or more by the same leg point to the body, also while the touches become fewer",
            [Says, $"in {Rides} {(Rides == 1 ? "ride" : "rides")}"],
            VerdictFigures.SameLegShare.Source
        );
}

/// <summary>The same leg, in one ride and over four weeks. What was looked at starts again from zero on that day.</summary>
public static class SameLeg
{
    /// <summary>Six or more told by leg over two rides or more in 28 days, three in four by one leg.</summary>
    /// <param name="told">Rides with touches told by leg, in any order.</param>
    /// <param name="on">The day it is asked on.</param>
    /// <param name="lookedAt">The day somebody last looked; that day and those before it do not count.</param>
    public static LegFinding? Over(IEnumerable<LegsTold> told, DateOnly on, DateOnly? lookedAt = null)
    {
        ArgumentNullException.ThrowIfNull(told);
        var counted = told.Where(t =>
                t.Touches.Count > 0 && t.On <= on && t.On > on.AddDays(-VerdictFigures.SameLegDays.Value) && !(t.On <= lookedAt)
            )
            .ToList();
        return counted.Count < VerdictFigures.SameLegRides.Value ? null : Find(counted, VerdictFigures.SameLegTouches.Value);
    }

    /// <summary>Four or more in one ride, three in four by one leg.</summary>
    public static LegFinding? InOne(LegsTold told) => Find([told], VerdictFigures.SameLegInOne.Value);

    private static LegFinding? Find(List<LegsTold> told, int least)
    {
        var legs = told.SelectMany(t => t.Touches)
            .GroupBy(t => t.Key)
            .Select(g => (Leg: g.Key, Count: g.Sum(t => t.Value)))
            .OrderByDescending(l => l.Count)
            .ToList();
        var all = legs.Sum(l => l.Count);
        return all < least || legs[0].Count < VerdictFigures.SameLegShare.Value * all
            ? null
            : new LegFinding(legs[0].Leg, legs[0].Count, all, told.Count);
    }
}
