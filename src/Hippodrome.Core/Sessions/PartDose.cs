using Hippodrome.Core.Exercises;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Sessions;

/// <summary>How much one part asks: passes over poles, and every fence jumped.</summary>
/// <param name="Passes">Passes over poles.</param>
/// <param name="Fences">Every fence jumped; a height nobody gave is null.</param>
/// <param name="Counted">The same with small ones and bounces counted half.</param>
public sealed record PartDose(int Passes, IReadOnlyList<FenceInPart> Fences, double Counted)
{
    /// <summary>Somebody jumps, and nobody has said how high.</summary>
    public bool HeightMissing => Fences.Any(f => f.Height is null);

    /// <summary>The highest fence; nothing where none is jumped or no height is known.</summary>
    public Distance Highest => Fences.Select(f => f.Height ?? Distance.Zero).DefaultIfEmpty(Distance.Zero).Max();

    /// <summary>The same with every fence that has no height at this one.</summary>
    internal PartDose At(Distance height)
    {
        List<FenceInPart> fences = [.. Fences.Select(f => f.Height is null ? f with { Height = height } : f)];
        return this with { Fences = fences, Counted = fences.Sum(Counts) };
    }

    /// <summary>
    /// A fence is a fence however it was entered: as what stands, as a number, as an exercise of the library or as a rung.
    /// Poles are counted apart, as passes.
    /// </summary>
    /// <param name="part">The part.</param>
    /// <param name="setUp">What stands in it, if anything does.</param>
    public static PartDose Of(Part part, SetUp? setUp)
    {
        ArgumentNullException.ThrowIfNull(part);
        var fences = setUp is { HasFence: true } ? OverSetUp(part, setUp) : ByNumber(part);
        return new PartDose(setUp is { HasFence: false, HasPoles: true } ? Goes(part) : 0, fences, fences.Sum(Counts));
    }

    /// <summary>What one go over all that stands counts.</summary>
    internal static double OneGo(SetUp setUp) => setUp.Fences.Sum(f => Counts(new FenceInPart(f.Height, f.Bounce)));

    /// <summary>Built up in stages, each go counts only what stands in it; the goes that are left go over the whole.</summary>
    private static List<FenceInPart> OverSetUp(Part part, SetUp setUp)
    {
        var whole = setUp.Fences.Select(f => new FenceInPart(f.Height, f.Bounce)).ToList();
        if (part.Efforts is { } number)
        {
            return [.. Enumerable.Range(0, number).Select(i => whole[i % whole.Count])];
        }

        var goes = Goes(part);
        var staged =
            setUp is FenceLine line && (part.InStages ?? whole.Count >= SessionFigures.StagedFrom.Value) ? BuildStages.Of(line) : [];
        var built = staged.SelectMany(s => Enumerable.Repeat(s.Fences, s.Passes)).Take(goes).ToList();
        return
        [
            .. built.SelectMany(s => s.Select(f => new FenceInPart(f.Height, f.Bounce))),
            .. Enumerable.Repeat(whole, goes - built.Count).SelectMany(f => f),
        ];
    }

    private static List<FenceInPart> ByNumber(Part part)
    {
        var rung = part.Rung ?? (part.Exercise is { } exercise ? Catalogue.Rung(exercise.RungId) : null);
        var number = part.Efforts ?? (rung?.IsOverFences() == true ? Goes(part) : 0);
        Distance? height = (part.HeightMetres ?? part.Exercise?.HeightMetres) is { } metres ? Distance.FromMetres(metres) : null;
        return [.. Enumerable.Repeat(new FenceInPart(height, false), number)];
    }

    /// <summary>Half under the height that is stepped over, and half for the second of a bounce.</summary>
    private static double Counts(FenceInPart fence) =>
        fence.Bounce || fence.Height?.Metres < SessionFigures.HalfEffortUnder.Value ? 0.5 : 1;

    private static int Goes(Part part) => part.Times ?? Math.Max(1, (int)Math.Floor(part.Minutes / SessionFigures.MinutesPerGo.Value));
}

/// <summary>One fence jumped in a part, and whether it is the second of a bounce.</summary>
/// <param name="Height">Null where nobody gave one.</param>
/// <param name="Bounce">No stride before it.</param>
public sealed record FenceInPart(Distance? Height, bool Bounce);

internal static class PartSetUps
{
    /// <summary>What stands in a part: its set-up, else the one that its exercise builds.</summary>
    public static SetUp? SetUpOf(this Part part, IReadOnlyDictionary<Guid, SetUp>? setUps) =>
        part.SetUpId is { } id ? setUps?.GetValueOrDefault(id) : part.Exercise?.SetUp?.Check().Value;
}
