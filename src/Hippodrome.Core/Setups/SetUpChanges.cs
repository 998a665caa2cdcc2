using System.Globalization;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Setups;

/// <summary>A set-up after a change, and what was done to it in words.</summary>
public sealed record ChangedSetUp(SetUpEntry Entry, string Says);

/// <summary>The changes a verdict can ask of a set-up.</summary>
public static class SetUpChanges
{
    private static double HeightStep => SetUpFigures.HeightStep.Value;

    /// <summary>Longer, or shorter when below zero; the trade's range still holds when it is measured. Null where there is no distance to move.</summary>
    public static ChangedSetUp? LongerBy(this SetUpEntry entry, double metres)
    {
        ArgumentNullException.ThrowIfNull(entry);
        if (entry is FigureEntry or CorridorEntry or NarrowEntry)
        {
            return null;
        }

        var adjust = Math.Clamp(
            Math.Round((entry.AdjustMetres ?? 0) + metres, 2),
            -SetUpFigures.MostAdjusted.Value,
            SetUpFigures.MostAdjusted.Value
        );
        var word = metres < 0 ? "shorter" : "longer";
        return new ChangedSetUp(
            entry with
            {
                AdjustMetres = adjust,
            },
            string.Create(CultureInfo.InvariantCulture, $"{Math.Abs(metres) * 100:0} cm {word}, as far as the trade's range allows")
        );
    }

    /// <summary>Poles are walked over; a cross-pole has no walk and comes down to its lowest.</summary>
    public static ChangedSetUp BackToWalk(this SetUpEntry entry) =>
        entry switch
        {
            PoleLineEntry poles => new(
                poles with
                {
                    Variant = GaitVariant.WalkMedium,
                    Raising = Raising.Ground,
                    HeightMetres = null,
                    AdjustMetres = 0,
                    StepMetres = null,
                },
                "back to walk, poles on the ground"
            ),
            CurvedPolesEntry curve => new(curve with { Variant = GaitVariant.WalkMedium, AdjustMetres = 0 }, "back to walk"),
            CrossPoleEntry fence => new(
                fence with
                {
                    HeightMetres = SetUpFigures.CrossPoleHeight.Value.Shortest.Metres,
                    AdjustMetres = 0,
                },
                "as low as it goes, and walk between the tries"
            ),
            NarrowEntry narrow => new(
                narrow with
                {
                    WidthMetres = NarrowFence.Way[0].WidthMetres,
                    Guides = Guides.Both,
                    HeightMetres = SetUpFigures.FenceHeight.Value.Shortest.Metres,
                },
                "full width, guides on both sides, low, and walk between the tries"
            ),
            FenceLineEntry line => new(
                line.AtHeights(_ => 0, 0) with
                {
                    AdjustMetres = 0,
                },
                "as low as it goes, and walk between the tries"
            ),
            FigureEntry { Kind: FigureKind.Changes } changes => new(
                changes with
                {
                    Kind = FigureKind.Diagonal,
                    Variant = GaitVariant.WalkMedium,
                },
                "the diagonal in walk, no changes"
            ),
            FigureEntry figure => new(figure with { Variant = GaitVariant.WalkMedium }, "the same figure in walk"),
            CorridorEntry corridor => new(corridor, "the corridor stays as it is: it is walked"),
            _ => throw new ArgumentOutOfRangeException(nameof(entry)),
        };

    /// <summary>Walk poles, trot poles, raised trot poles; a cross-pole 10 cm up. Null at the top of what this family has.</summary>
    public static ChangedSetUp? OneRungOn(this SetUpEntry entry) =>
        entry switch
        {
            PoleLineEntry { Variant: { } variant } poles when variant.Gait() == Gait.Walk => new(
                poles with
                {
                    Variant = GaitVariant.TrotWorking,
                    AdjustMetres = 0,
                },
                "one rung on: the same poles in trot"
            ),
            CurvedPolesEntry { Variant: { } variant } curve when variant.Gait() == Gait.Walk => new(
                curve with
                {
                    Variant = GaitVariant.TrotWorking,
                    AdjustMetres = 0,
                },
                "one rung on: the same curve in trot"
            ),
            PoleLineEntry { Raising: Raising.Ground, Laying: not Laying.Zigzag } poles => new(
                poles with
                {
                    Raising = Raising.AlternateEnds,
                    HeightMetres = HeightStep,
                },
                "one rung on: ends raised in turn"
            ),
            CrossPoleEntry fence when (fence.HeightMetres ?? 0) + HeightStep <= SetUpFigures.CrossPoleHeight.Value.Longest.Metres + 1e-9 =>
                new(
                    fence with
                    {
                        HeightMetres = Math.Round((fence.HeightMetres ?? 0) + HeightStep, 2),
                    },
                    "one step on: 10 cm up, the distance as it was"
                ),
            NarrowEntry narrow when narrow.AsFence()?.Next is { } next => new(narrow.At(next), $"one step on: {next.Says}"),
            FenceLineEntry line
                when line.Elements?.LastOrDefault(e => e?.HeightMetres is not null)?.HeightMetres + HeightStep <= Highest(line) + 1e-9 =>
                new(line.AtHeights(h => h, HeightStep), "one step on: the last fence 10 cm up, the distance as it was"),
            _ => null,
        };

    /// <summary>The other way. Null at the bottom.</summary>
    public static ChangedSetUp? OneRungBack(this SetUpEntry entry) =>
        entry switch
        {
            PoleLineEntry { Raising: Raising.AlternateEnds or Raising.BothEnds } poles => new(
                poles with
                {
                    Raising = Raising.Ground,
                    HeightMetres = null,
                },
                "one rung back: poles on the ground"
            ),
            PoleLineEntry { Variant: { } variant } when variant.Gait() != Gait.Walk => entry.BackToWalk(),
            CurvedPolesEntry { Variant: { } variant } when variant.Gait() != Gait.Walk => entry.BackToWalk(),
            CrossPoleEntry fence when (fence.HeightMetres ?? 0) - HeightStep >= SetUpFigures.CrossPoleHeight.Value.Shortest.Metres - 1e-9 =>
                new(fence with { HeightMetres = Math.Round((fence.HeightMetres ?? 0) - HeightStep, 2) }, "one step back: 10 cm down"),
            NarrowEntry narrow when narrow.AsFence()?.Back is { } back => new(narrow.At(back), $"back to {back.Says}"),
            FenceLineEntry line when line.Elements?.OfType<LineElementEntry>().Any(e => e.HeightMetres > Lowest(e.Kind) + 1e-9) == true =>
                new(line.AtHeights(h => h - HeightStep, 0), "one step back: everything 10 cm down"),
            _ => null,
        };

    private static NarrowFence? AsFence(this NarrowEntry narrow) => narrow.Check().Value as NarrowFence;

    private static NarrowEntry At(this NarrowEntry narrow, NarrowStep step) =>
        narrow with
        {
            WidthMetres = step.WidthMetres,
            Guides = step.Guides,
        };

    private static double Lowest(ElementKind? kind) =>
        kind switch
        {
            ElementKind.CrossPole => SetUpFigures.CrossPoleHeight.Value.Shortest.Metres,
            ElementKind.RaisedPole => 0.05,
            _ => SetUpFigures.FenceHeight.Value.Shortest.Metres,
        };

    private static double Highest(FenceLineEntry line) =>
        line.Elements?.LastOrDefault(e => e?.HeightMetres is not null)?.Kind switch
        {
            ElementKind.CrossPole => SetUpFigures.CrossPoleHeight.Value.Longest.Metres,
            ElementKind.RaisedPole => SetUpFigures.RaisedCanterPoleHeight.Value,
            _ => SetUpFigures.FenceHeight.Value.Longest.Metres,
        };

    /// <summary>Every fence at a height of its own, never under its lowest; the last one this much higher.</summary>
    private static FenceLineEntry AtHeights(this FenceLineEntry line, Func<double, double> height, double lastUp)
    {
        var last = line.Elements?.ToList().FindLastIndex(e => e?.HeightMetres is not null) ?? -1;
        return line with
        {
            Elements =
            [
                .. (line.Elements ?? []).Select(
                    (e, i) =>
                        e?.HeightMetres is { } h
                            ? e with
                            {
                                HeightMetres = Math.Round(Math.Max(Lowest(e.Kind), height(h)) + (i == last ? lastUp : 0), 2),
                            }
                            : e
                ),
            ],
        };
    }
}
