using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Assessments;

/// <summary>How sure the evidence of a ride is of a side.</summary>
public enum Clarity
{
    /// <summary>Nothing speaks for either side.</summary>
    None,

    /// <summary>It speaks for both.</summary>
    Contradicts,
    Likely,
    Clear,
}

/// <summary>One piece of evidence for a side, in words, with what it weighs in marks.</summary>
public sealed record SideEvidence(Side For, double Weight, string Says);

/// <summary>A side, how clear it is, and all that speaks for the left and for the right.</summary>
public sealed record SideFinding(
    Side? Side,
    Clarity Clarity,
    IReadOnlyList<SideEvidence> ForLeft,
    IReadOnlyList<SideEvidence> ForRight,
    Why Why
)
{
    /// <summary>Weighs the evidence. Where it contradicts itself no side is named, and both lists stand.</summary>
    public static SideFinding Weigh(string rule, IEnumerable<SideEvidence> evidence)
    {
        var (left, right) = (new List<SideEvidence>(), new List<SideEvidence>());
        foreach (var piece in evidence)
        {
            (piece.For == Horses.Side.Left ? left : right).Add(piece);
        }

        var (l, r) = (left.Sum(e => e.Weight), right.Sum(e => e.Weight));
        var side = l > r ? Horses.Side.Left : Horses.Side.Right;
        var share = l + r == 0 ? 0 : Math.Abs(l - r) / (l + r);
        var pieces = side == Horses.Side.Left ? left.Count : right.Count;
        var clarity =
            l + r == 0 ? Clarity.None
            : share >= AssessmentFigures.ClearShare.Value - 1e-9 && pieces >= AssessmentFigures.ClearVotes.Value ? Clarity.Clear
            : share >= AssessmentFigures.LikelyShare.Value - 1e-9 ? Clarity.Likely
            : Clarity.Contradicts;
        var why = Why.Of(
            rule,
            [.. left.Select(e => $"left: {e.Says}"), .. right.Select(e => $"right: {e.Says}"), $"left weighs {l:0.#}, right {r:0.#}"],
            AssessmentFigures.ClearShare.Source
        );
        return new SideFinding(clarity >= Clarity.Likely ? side : null, clarity, left, right, why);
    }
}
