using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>
/// Poles lie one step apart in walk and trot, one stride in canter: this horse's own. The trade's range guards what is moved,
/// and never moves a pole away from what the horse does.
/// </summary>
internal static class PoleLineMeasuring
{
    /// <summary>Where in a canter stride the feet fall so that none comes down on a pole; for the drawing only.</summary>
    private const double ClearOfPole = 0.26;

    private const int StepsAround = 4;
    private const string AsTyped = "as it was typed";
    private const double OffTheMiddle = 0.5;

    public static MeasuredSetUp Measure(PoleLine line, StrideCard card, Tape tape)
    {
        var gait = line.Variant.Gait();
        var trade = card.Scaled(SetUpFigures.PoleSpacing(gait));
        var own = card.OverPoles(line.Variant).Stride * (gait == Gait.Canter ? 1 : 0.5);
        var asked = Enumerable
            .Range(0, line.Poles - 1)
            .Select(i => Distance.FromMetres(Math.Max(0, own.Metres + line.AdjustMetres + Uneven(line, i))))
            .ToList();
        var gaps = Built(line, asked, own, trade, tape).ConvertAll(b => Gap(line, own, b, trade));
        var at = new List<Distance> { Distance.Zero };
        gaps.ForEach(g => at.Add(at[^1] + g.Built.Built));

        var slant = line.Lie.Laying == Laying.Zigzag && gaps.Count > 0 ? Slant(gaps[0].Built.Built) : 0;
        var measuring = new LineMeasuring(line, card, tape, at[^1]);
        var elements = at.Select((a, i) => Pole(line, measuring, i, a, i % 2 == 0 ? slant : -slant)).ToList();
        Feet(measuring, at, own.Metres, gait);
        return measuring.Finish(Title(line, gaps), elements, gaps, Notices(line, asked, trade.Value, gaps, slant));
    }

    /// <summary>
    /// The slant at which poles of three metres meet end to end when their middles lie this far apart: sin = spacing / length
    /// (geometry).
    /// </summary>
    internal static double Slant(Distance spacing) => Math.Asin(Math.Min(1, spacing.Metres / CurvedPoles.PoleLength.Value)) * 180 / Math.PI;

    /// <summary>
    /// The first is set with the tape, and each after it longer or shorter than the last by just the step that was asked for, as
    /// far as the range goes.
    /// </summary>
    private static List<BuiltDistance> Built(PoleLine line, List<Distance> asked, Distance own, Figure<DistanceRange> trade, Tape tape)
    {
        if (asked.Count == 0)
        {
            return [];
        }

        var first = tape.Build(asked[0], line.Guard(trade.Value), own);
        var guard = line.Guard(trade.Value).Including(tape.Round(own));
        return
        [
            .. new[] { first }
                .Concat(
                    asked
                        .Skip(1)
                        .Select((a, i) => (Asked: a, Metres: Math.Round(first.Built.Metres + ((i + 1) * line.Lie.StepMetres), 4)))
                        .Select(g => (g.Asked, Built: guard.Clamp(Distance.FromMetres(g.Metres))))
                        .Select(g => new BuiltDistance(g.Asked, g.Built, tape.Say(g.Built), first.RoundingSays))
                )
                .Select((b, i) => line.Lie.TypedGap(i) is { } typed ? new BuiltDistance(typed, typed, tape.Say(typed), AsTyped) : b),
        ];
    }

    /// <summary>Each gap a step longer than the last, the middle of them its own.</summary>
    private static double Uneven(PoleLine line, int gap) => line.Lie.StepMetres * (gap - ((line.Poles - 2) / 2.0));

    private static Gap Gap(PoleLine line, Distance own, BuiltDistance built, Figure<DistanceRange> trade) =>
        new(built, own, trade.Value, Fits.Of(built.Built / own), Explain(line, own, built, trade));

    private static Element Pole(PoleLine line, LineMeasuring measuring, int i, Distance at, double slant)
    {
        var raised = RaisedPoles.End(line.Lie.Raising, i, line.Lie.FirstRaised);
        return measuring.Element(
            line.HasRaisedPole ? ElementKind.RaisedPole : ElementKind.Pole,
            RaisedPoles.Name(i, raised),
            at,
            line.Lie.HeightOf(i),
            raised,
            slant: slant
        );
    }

    private static string Title(PoleLine line, List<Gap> gaps)
    {
        var word = line.Variant.Gait().ToString().ToLowerInvariant();
        var raised = $"{(line.Lie.Laying == Laying.Zigzag ? " in a zigzag" : "")}{Raised(line)}";
        return gaps.Count == 0 ? $"One {word} pole{raised}"
            : gaps.TrueForAll(g => g.Built.Built == gaps[0].Built.Built)
                ? $"{line.Poles} {word} poles at {gaps[0].Built.Text.Metres}{raised}"
            : $"{line.Poles} {word} poles, {gaps.MinBy(g => g.Built.Built)!.Built.Text.Metres} to {gaps.MaxBy(g => g.Built.Built)!.Built.Text.Metres}{raised}";
    }

    private static string Raised(PoleLine line) =>
        line.Lie.Heights.Distinct().Skip(1).Any()
            ? FormattableString.Invariant(
                $", raised {line.Lie.Heights.Min(h => h.Centimetres):0} to {line.Lie.Heights.Max(h => h.Centimetres):0} cm"
            )
            : RaisedPoles.Says(line.Lie.Raising, line.Lie.HeightOf(0));

    /// <summary>A foot in the middle of each gap, or a canter stride in it; before and after, the horse's own.</summary>
    private static void Feet(LineMeasuring measuring, List<Distance> at, double own, Gait gait)
    {
        var gaps = at.Zip(at.Skip(1), (a, b) => (From: a.Metres, Size: (b - a).Metres)).ToList();
        var (first, last) = (gaps.Count > 0 ? gaps[0].Size : own, gaps.Count > 0 ? gaps[^1].Size : own);
        if (gait == Gait.Canter)
        {
            measuring.CanterStride((ClearOfPole - 1) * own, own);
            gaps.ForEach(g => measuring.CanterStride(g.From + (ClearOfPole * g.Size), g.Size));
            measuring.CanterStride(at[^1].Metres + (ClearOfPole * own), own);
            return;
        }

        measuring.Steps(
            [
                .. Enumerable.Range(0, StepsAround).Reverse().Select(i => -(first / 2) - (i * own)),
                .. gaps.Select(g => g.From + (g.Size / 2)),
                .. Enumerable.Range(0, StepsAround).Select(i => at[^1].Metres + (last / 2) + (i * own)),
            ],
            gait
        );
    }

    private static Why Explain(PoleLine line, Distance own, BuiltDistance built, Figure<DistanceRange> trade)
    {
        var canter = line.Variant.Gait() == Gait.Canter;
        var inputs = new List<string>
        {
            canter
                ? $"its stride in {(line.Variant == GaitVariant.CanterWorking ? GaitVariant.CanterPoles : line.Variant).Say()} is {own}"
                : $"half of its {line.Variant.Say()} stride of {own * 2} is {own}",
            $"the trade sets {trade.Value}",
        };
        if (line.AdjustMetres != 0)
        {
            inputs.Add(FormattableString.Invariant($"moved by {line.AdjustMetres * 100:+0;-0} cm"));
        }

        if (line.Lie.StepMetres != 0)
        {
            inputs.Add(
                FormattableString.Invariant(
                    $"each gap {Math.Abs(line.Lie.StepMetres) * 100:0} cm {(line.Lie.StepMetres > 0 ? "longer" : "shorter")} than the last"
                )
            );
        }

        inputs.Add(built.RoundingSays);
        return new Why(
            canter
                ? "One stride of this horse's between canter poles; the trade's range, for its height, guards what is moved"
                : "One step between poles: half of this horse's stride; the trade's range, for its height, guards what is moved",
            inputs,
            trade.Source
        );
    }

    private static IEnumerable<string> Notices(PoleLine line, List<Distance> asked, DistanceRange trade, List<Gap> gaps, double slant)
    {
        foreach (var (gap, i) in gaps.Select((g, i) => (g, i)).Where(x => line.Lie.TypedGap(x.i) is { } typed && !trade.Holds(typed)))
        {
            yield return $"Gap {i + 1}, {gap.Built.Built}, is outside what the trade sets ({trade}): it was typed so.";
        }

        foreach (var outside in asked.Where((a, i) => line.Lie.TypedGap(i) is null && !trade.Holds(a)).Take(1))
        {
            yield return SetUpFigures.OutOfRange(line, outside, gaps[0].Own, trade, "the poles");
        }

        if (line.Poles == 2 && line.Variant.Gait() == Gait.Trot)
        {
            yield return "Two trot poles invite a jump: lay three or four, or one.";
        }

        if (line.Lie.IsUneven)
        {
            yield return "Uneven poles are the top rung: for a horse that is at home over even ones.";
        }

        if (slant > 0)
        {
            var drift = 2 * OffTheMiddle * Math.Tan(slant * Math.PI / 180);
            yield return FormattableString.Invariant(
                $"Each pole slants {slant:0}° so that the ends meet. Ridden half a metre off the middle the steps go {Math.Max(0, gaps[0].Built.Built.Metres - drift):0.00} and {gaps[0].Built.Built.Metres + drift:0.00} m in turn."
            );
        }

        if (line.HasRaisedPole)
        {
            yield return RaisedPoles.Care;
        }
    }
}
