using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>Poles in walk and trot lie one step apart: half of this horse's stride, kept within the trade's range.</summary>
internal static class PoleLineMeasuring
{
    public static MeasuredSetUp Measure(PoleLine line, StrideCard card, Tape tape)
    {
        var gait = line.Variant.Gait();
        var trade = SetUpFigures.PoleSpacing(gait);
        var own = card[line.Variant].Stride * 0.5;
        var asked = Distance.FromMetres(Math.Max(0, own.Metres + line.AdjustMetres));
        var built = tape.Build(asked, trade.Value);
        var fit = Fits.Of(built.Built / own);
        var gap = new Gap(built, own, trade.Value, fit, Explain(line, own, built, trade));

        var length = built.Built * (line.Poles - 1);
        var measuring = new LineMeasuring(line, card, tape, length);
        var elements = Enumerable.Range(0, line.Poles).Select(i => Pole(line, measuring, i, built.Built)).ToList();
        measuring.Steps(Feet(line.Poles, built.Built.Metres, own.Metres), gait);

        var word = gait == Gait.Walk ? "walk" : "trot";
        var raised = line.HasRaisedPole ? string.Create(CultureInfo.InvariantCulture, $", ends raised {line.Height.Centimetres:0} cm in turn") : "";
        return measuring.Finish($"{line.Poles} {word} poles at {built.Text.Metres}{raised}", elements, [.. Enumerable.Repeat(gap, line.Poles - 1)], Notices(line, asked, trade.Value));
    }

    private static Element Pole(PoleLine line, LineMeasuring measuring, int i, Distance spacing)
    {
        var raised = !line.HasRaisedPole ? PoleEnd.None : i % 2 == 0 ? PoleEnd.Left : PoleEnd.Right;
        var name = raised switch
        {
            PoleEnd.Left => $"Pole {i + 1}, left end up",
            PoleEnd.Right => $"Pole {i + 1}, right end up",
            _ => $"Pole {i + 1}",
        };
        return measuring.Element(line.HasRaisedPole ? ElementKind.RaisedPole : ElementKind.Pole, name, spacing * i, line.Height, raised);
    }

    /// <summary>A foot in the middle of each gap; before and after, the horse's own step.</summary>
    private static IEnumerable<double> Feet(int poles, double spacing, double own)
    {
        const int around = 4;
        for (var i = around; i >= 1; i--)
        {
            yield return -(spacing / 2) - ((i - 1) * own);
        }

        for (var i = 0; i < poles - 1; i++)
        {
            yield return (i + 0.5) * spacing;
        }

        for (var i = 0; i < around; i++)
        {
            yield return ((poles - 0.5) * spacing) + (i * own);
        }
    }

    private static Why Explain(PoleLine line, Distance own, BuiltDistance built, Figure<DistanceRange> trade)
    {
        var inputs = new List<string>
        {
            $"half of its {line.Variant.Say()} stride of {own * 2} is {own}",
            $"the trade sets {trade.Value}",
        };
        if (line.AdjustMetres != 0)
        {
            inputs.Add(string.Create(CultureInfo.InvariantCulture, $"moved by {line.AdjustMetres * 100:+0;-0} cm"));
        }

        inputs.Add(built.RoundingSays);
        return new Why("One step between poles: half the horse's stride, within the trade's range", inputs, trade.Source);
    }

    private static IEnumerable<string> Notices(PoleLine line, Distance asked, DistanceRange trade)
    {
        if (!trade.Holds(asked))
        {
            var side = asked < trade.Shortest ? "shorter" : "longer";
            yield return $"{asked} would be {side} than the trade sets ({trade}); the poles stay inside it.";
        }

        if (line.HasRaisedPole)
        {
            yield return "Raised poles: have a helper on the ground, and blocks that let a pole roll.";
        }
    }
}
