using System.Text.Json.Serialization;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>An element of a line as typed.</summary>
/// <param name="Kind">Pole, cross-pole, upright, oxer or wall.</param>
/// <param name="HeightMetres">Height of its highest rail; nothing for a pole.</param>
/// <param name="SpreadMetres">Spread of an oxer.</param>
/// <param name="Strides">Strides from the element before; none is a bounce, or a pole's own distance.</param>
/// <param name="DistanceMetres">The distance from the element before, instead of the horse's own.</param>
public sealed record LineElementEntry(
    ElementKind? Kind = null,
    double? HeightMetres = null,
    double? SpreadMetres = null,
    int? Strides = null,
    double? DistanceMetres = null
);

/// <summary>A line of one to nine fences and poles: a single fence, a grid, or a related line.</summary>
public sealed record FenceLineEntry : SetUpEntry
{
    /// <summary>A grid, or a related line.</summary>
    public LineKind? Kind { get; init; }

    /// <summary>Trot or canter.</summary>
    public Gait? ComesIn { get; init; }

    /// <summary>What stands, in the order it is ridden.</summary>
    public IReadOnlyList<LineElementEntry?>? Elements { get; init; }

    /// <summary>Ground lines of its fences; in front when nothing.</summary>
    public GroundLines? GroundLines { get; init; }

    /// <summary>How far the second of two fences is turned from the first; straight when nothing.</summary>
    public double? BendDegrees { get; init; }

    /// <summary>The rein a bending line turns to.</summary>
    public Rein? BendTo { get; init; }

    /// <summary>The stages it is built up in, in the trainer's order; the usual ones when nothing.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<BuildStageEntry?>? Stages { get; init; }

    private static readonly ElementKind[] Stands =
    [
        ElementKind.Pole,
        ElementKind.RaisedPole,
        ElementKind.CrossPole,
        ElementKind.Upright,
        ElementKind.AscendingOxer,
        ElementKind.SquareOxer,
        ElementKind.Parallel,
        ElementKind.Wall,
        ElementKind.WaterTray,
        ElementKind.EmptyWings,
    ];

    protected override Outcome<SetUp> Check(Checks checks)
    {
        var (arena, placement, adjust) = CheckPlace(checks);
        var kind = checks.Choice("kind", Kind);
        var comesIn = checks.Choice("comesIn", ComesIn);
        checks.That(
            ComesIn is null or Gait.Trot or Gait.Canter,
            "comesIn",
            "A line is come to in trot or in canter.",
            "Choose one of the two."
        );
        var sent = Elements ?? [];
        checks.That(sent.Count > 0, "elements", "Nothing stands yet.", "Add a fence.");
        checks.That(
            sent.Count <= SetUpFigures.MostElements.Value,
            "elements",
            $"{sent.Count} elements are too many for one line.",
            $"Keep it to {SetUpFigures.MostElements.Value}."
        );
        var elements = new List<LineElement>();
        foreach (var (entry, i) in sent.Take(SetUpFigures.MostElements.Value).Select((e, i) => (e, i)))
        {
            elements.Add(ElementFrom(checks, entry, elements.LastOrDefault(), $"elements[{i}]"));
        }

        var groundLines = checks.Choice<GroundLines>("groundLines", GroundLines ?? Setups.GroundLines.Front);
        var (bend, to) = CheckBend(checks, kind, elements);
        var line = new FenceLine(arena, placement, adjust, kind, comesIn, elements)
        {
            GroundLines = groundLines,
            BendDegrees = bend,
            BendTo = to,
            Ordered = Stages ?? [],
        };
        CheckStages(checks, line);
        return checks.Outcome<SetUp>(() => line);
    }

    private void CheckStages(Checks checks, FenceLine line)
    {
        if (Stages is not { Count: > 0 } order)
        {
            return;
        }

        checks.That(
            BuildStages.IsBuiltUp(line),
            "stages",
            "Only a grid of two fences or more is built up in stages.",
            "Make it a grid, or take the stages out."
        );
        checks.That(order.Count <= MostStages, "stages", $"{order.Count} stages are too many.", $"Keep it to {MostStages}.");
        BuildStages.InOrder(line, [.. order.Take(MostStages)], checks);
    }

    private const int MostStages = 60;

    /// <summary>A line bends between two fences with strides enough; a grid is straight.</summary>
    private (double Degrees, Rein To) CheckBend(Checks checks, LineKind kind, List<LineElement> elements)
    {
        var degrees = checks.Number("bendDegrees", BendDegrees ?? 0, 0, SetUpFigures.MostBend.Value, "degrees");
        if (degrees == 0)
        {
            return (0, Rein.Left);
        }

        var to = checks.Choice("bendTo", BendTo);
        checks.That(BendTo is null or Rein.Left or Rein.Right, "bendTo", "A line bends one way.", "Choose left or right.");
        checks.That(kind == LineKind.RelatedLine, "bendDegrees", "A grid is straight.", "Make it a related line, or take the bend out.");
        checks.That(
            elements.Count == 2 && elements.TrueForAll(e => !e.IsPole),
            "bendDegrees",
            "A bending line is from one fence to another, and nothing between.",
            "Keep two fences, or take the bend out."
        );
        checks.That(
            elements.Count != 2 || elements[1].Strides >= SetUpFigures.FewestBendingStrides.Value,
            "bendDegrees",
            $"{(elements.Count > 1 ? elements[1].Strides : 0)} strides are too few to land straight, bend, and be straight again.",
            $"Give it {SetUpFigures.FewestBendingStrides.Value} strides or more."
        );
        return (degrees, to);
    }

    private static LineElement ElementFrom(Checks checks, LineElementEntry? entry, LineElement? before, string at)
    {
        if (entry is null)
        {
            checks.Add(at, "This element is empty.", "Fill it in or take it out.");
            return new LineElement(ElementKind.Pole, Distance.Zero, Distance.Zero, 0, null);
        }

        var kind = checks.Choice($"{at}.kind", entry.Kind);
        checks.That(
            entry.Kind is null || Stands.Contains(kind),
            $"{at}.kind",
            "That does not stand on a line of fences.",
            "Choose a pole, a cross-pole, an upright, an oxer, a wall or a water tray."
        );
        var range = kind switch
        {
            ElementKind.CrossPole => SetUpFigures.CrossPoleHeight.Value,
            ElementKind.RaisedPole => DistanceRange.Metres(0.05, SetUpFigures.RaisedCanterPoleHeight.Value),
            _ => SetUpFigures.FenceHeight.Value,
        };
        var height = kind is ElementKind.Pole or ElementKind.EmptyWings
            ? 0
            : checks.Number($"{at}.heightMetres", entry.HeightMetres, range.Shortest.Metres, range.Longest.Metres, "m");
        var oxer = kind is ElementKind.AscendingOxer or ElementKind.SquareOxer or ElementKind.Parallel;
        var spread = oxer
            ? checks.Number(
                $"{at}.spreadMetres",
                entry.SpreadMetres,
                SetUpFigures.OxerSpread.Value.Shortest.Metres,
                SetUpFigures.OxerSpread.Value.Longest.Metres,
                "m"
            )
            : 0;
        var strides = checks.Whole($"{at}.strides", before is null ? 0 : entry.Strides ?? 0, 0, SetUpFigures.MostStrides.Value, "strides");
        double? typed =
            before is null || entry.DistanceMetres is null ? null : checks.Number($"{at}.distanceMetres", entry.DistanceMetres, 0, 60, "m");
        var element = new LineElement(
            kind,
            Distance.FromMetres(height),
            Distance.FromMetres(spread),
            strides,
            typed is { } t ? Distance.FromMetres(t) : null
        );
        if (before is not null)
        {
            CheckTogether(checks, before, element, at);
        }

        return element;
    }

    /// <summary>What cannot stand behind one another.</summary>
    private static void CheckTogether(Checks checks, LineElement before, LineElement element, string at)
    {
        var bothJumped = !before.IsPole && !element.IsPole;
        checks.That(
            !bothJumped || element.Strides > 0 || !(before.IsOxer || element.IsOxer),
            $"{at}.strides",
            "An oxer is no part of a bounce: there is no room to come down before its back rail, or to go up after it.",
            "Give it a stride, or make it an upright."
        );
        checks.That(
            before.IsPole == element.IsPole || element.Strides == 0,
            $"{at}.strides",
            "A placing or landing pole has its own distance, and no strides.",
            "Take the strides out, or the pole."
        );
        checks.That(
            element.Typed is null || element.Typed.Value.Metres > 0.05,
            $"{at}.distanceMetres",
            "Two elements would stand in the same place.",
            "Give the distance between them, or take one out."
        );
        var least =
            bothJumped ? 2.4
            : before.IsPole && element.IsPole ? 0.8
            : 1.8;
        checks.That(
            element.Typed is null || element.Typed.Value.Metres is <= 0.05 || element.Typed.Value.Metres >= least,
            $"{at}.distanceMetres",
            FormattableString.Invariant($"{element.Typed?.Metres:0.00} m is too close: nothing can be jumped there."),
            FormattableString.Invariant($"Give {least:0.0} m at the least.")
        );
    }

    internal override SetUpEntry InTheMirror() => BendDegrees > 0 ? this with { BendTo = BendTo?.Other() } : this;

    public override ChangedSetUp BackToWalk() =>
        new(AtHeights(_ => 0, 0) with { AdjustMetres = 0 }, "as low as it goes, and walk between the tries");

    public override ChangedSetUp? OneRungOn() =>
        Elements?.LastOrDefault(e => e?.HeightMetres is not null) is { } last && last.HeightMetres + HeightStep <= Highest(last.Kind) + 1e-9
            ? new(AtHeights(h => h, HeightStep), "one step on: the last fence 10 cm up, the distance as it was")
            : null;

    public override ChangedSetUp? OneRungBack() =>
        Elements?.OfType<LineElementEntry>().Any(e => e.HeightMetres > Lowest(e.Kind) + 1e-9) == true
            ? new(AtHeights(h => h - HeightStep, 0), "one step back: everything 10 cm down")
            : null;

    /// <summary>The same line while only some of it stands.</summary>
    internal FenceLineEntry Standing(IReadOnlyList<LineElement> elements) =>
        this with
        {
            Stages = null,
            Elements =
            [
                .. elements.Select(e => new LineElementEntry(
                    e.Kind,
                    e.Kind is ElementKind.Pole or ElementKind.EmptyWings ? null : Math.Round(e.Height.Metres, 4),
                    e.IsOxer ? Math.Round(e.Spread.Metres, 4) : null,
                    e.Strides,
                    e.Typed?.Metres
                )),
            ],
        };

    private static double Lowest(ElementKind? kind) =>
        kind switch
        {
            ElementKind.CrossPole => SetUpFigures.CrossPoleHeight.Value.Shortest.Metres,
            ElementKind.RaisedPole => 0.05,
            _ => SetUpFigures.FenceHeight.Value.Shortest.Metres,
        };

    private static double Highest(ElementKind? kind) =>
        kind switch
        {
            ElementKind.CrossPole => SetUpFigures.CrossPoleHeight.Value.Longest.Metres,
            ElementKind.RaisedPole => SetUpFigures.RaisedCanterPoleHeight.Value,
            _ => SetUpFigures.FenceHeight.Value.Longest.Metres,
        };

    /// <summary>Every fence at a height of its own, never under its lowest; the last one this much higher.</summary>
    private FenceLineEntry AtHeights(Func<double, double> height, double lastUp)
    {
        var last = Elements?.ToList().FindLastIndex(e => e?.HeightMetres is not null) ?? -1;
        LineElementEntry? At(LineElementEntry? e, int i) =>
            e?.HeightMetres is { } h
                ? e with
                {
                    HeightMetres = Math.Round(Math.Max(Lowest(e.Kind), height(h)) + (i == last ? lastUp : 0), 2),
                }
                : e;
        return this with { Stages = null, Elements = [.. (Elements ?? []).Select(At)] };
    }
}
