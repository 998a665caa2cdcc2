using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Sessions;

/// <summary>How much one part asks: passes over poles, and every fence jumped.</summary>
/// <param name="Passes">Passes over poles.</param>
/// <param name="Fences">Every fence jumped; a height nobody gave is null.</param>
/// <param name="Counted">The same with small ones and bounces counted half.</param>
public sealed record PartDose(int Passes, IReadOnlyList<(Distance? Height, bool Bounce)> Fences, double Counted)
{
    /// <summary>Poles are counted apart from fences, as passes.</summary>
    public static PartDose Of(Part part, SetUp? setUp)
    {
        ArgumentNullException.ThrowIfNull(part);
        if (setUp is { HasFence: true })
        {
            var inOneGo = setUp.Fences;
            var all = part.Efforts ?? Goes(part) * inOneGo.Count;
            List<(Distance? Height, bool Bounce)> jumped = [.. Enumerable.Range(0, all).Select(i => inOneGo[i % inOneGo.Count]).Select(f => ((Distance?)f.Height, f.Bounce))];
            return new PartDose(0, jumped, jumped.Sum(Counts));
        }

        if (setUp is { HasPoles: true })
        {
            return new PartDose(Goes(part), [], 0);
        }

        List<(Distance? Height, bool Bounce)> unnamed = [.. Enumerable.Repeat<(Distance? Height, bool Bounce)>((null, false), part.Efforts ?? 0)];
        return new PartDose(0, unnamed, unnamed.Count);
    }

    /// <summary>Half under the height that is stepped over, and half for the second of a bounce.</summary>
    private static double Counts((Distance? Height, bool Bounce) fence) =>
        fence.Bounce || fence.Height?.Metres < SessionFigures.HalfEffortUnder.Value ? 0.5 : 1;

    private static int Goes(Part part) => part.Times ?? Math.Max(1, (int)Math.Floor(part.Minutes / SessionFigures.MinutesPerGo.Value));
}

internal static class PartSetUps
{
    /// <summary>What stands in a part: its set-up, else the one that its exercise builds.</summary>
    public static SetUp? SetUpOf(this Part part, IReadOnlyDictionary<Guid, SetUp>? setUps) =>
        part.SetUpId is { } id ? setUps?.GetValueOrDefault(id) : part.Exercise?.SetUp?.Check().Value;
}
