using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>A placing pole lies two trot steps, the second a gathered one, before a small fence.</summary>
internal static class CrossPoleMeasuring
{
    /// <summary>Metres between a drawn foot and the pole it steps over.</summary>
    private const double ClearOfPole = 0.35;

    public static MeasuredSetUp Measure(CrossPole fence, StrideCard card, Tape tape)
    {
        var (gap, notice) = fence.PlacingPole ? Placing(fence, card, tape) : (null, null);
        var at = gap?.Built.Built ?? Distance.Zero;
        var measuring = new LineMeasuring(fence, card, tape, at);
        var height = string.Create(CultureInfo.InvariantCulture, $"{fence.Height.Centimetres:0} cm");
        var cross = measuring.Element(ElementKind.CrossPole, $"Cross-pole {height}", at, fence.Height, PoleEnd.Both) with
        {
            GroundLines = GroundLines.BothSides,
        };
        Element[] elements = gap is null
            ? [cross]
            : [measuring.Element(ElementKind.PlacingPole, "Placing pole", Distance.Zero, Distance.Zero), cross];
        Feet(measuring, fence, card, at);
        return measuring.Finish(
            gap is null ? $"Cross-pole {height}" : $"Cross-pole {height}, placing pole at {gap.Built.Text.Metres}",
            elements,
            gap is null ? [] : [gap],
            notice is null ? [] : [notice]
        ) with
        {
            Jumps = [Arc(elements.Length - 1, at, fence.Height, card)],
        };
    }

    private static (Gap Gap, string? Notice) Placing(CrossPole fence, StrideCard card, Tape tape)
    {
        var trade = card.Scaled(SetUpFigures.TrotPlacingPole);
        var stride = card[GaitVariant.TrotWorking].Stride;
        var own = stride * SetUpFigures.TypicalPlacing.Value;
        var asked = Distance.FromMetres(Math.Max(0, own.Metres + fence.AdjustMetres));
        var built = tape.Build(asked, fence.Guard(trade.Value), own);
        var why = new Why(
            "Placing pole two trot steps of this horse's before the fence; the trade's range, for its height, guards what is moved",
            Inputs(fence, stride, own, trade.Value, built),
            trade.Source
        );
        return (
            new Gap(built, own, trade.Value, Fits.Of(built.Built / own), why),
            trade.Value.Holds(asked) ? null : SetUpFigures.OutOfRange(fence, asked, own, trade.Value, "pole and fence")
        );
    }

    private static JumpArc Arc(int element, Distance at, Distance height, StrideCard card)
    {
        var room = JumpRoom.Of(height, card).Metres;
        return new JumpArc(
            element,
            Math.Round(at.Metres - room, 3),
            Math.Round(at.Metres + room, 3),
            Distance.FromMetres(height.Metres + SetUpFigures.PeakOver.Value)
        );
    }

    private static List<string> Inputs(CrossPole fence, Distance stride, Distance own, DistanceRange trade, BuiltDistance built)
    {
        var inputs = new List<string>
        {
            string.Create(
                CultureInfo.InvariantCulture,
                $"{SetUpFigures.TypicalPlacing.Value:0.000} of its working trot stride of {stride} is {own}"
            ),
            $"the trade sets {trade}",
        };
        if (fence.AdjustMetres != 0)
        {
            inputs.Add(string.Create(CultureInfo.InvariantCulture, $"moved by {fence.AdjustMetres * 100:+0;-0} cm"));
        }

        inputs.Add(built.RoundingSays);
        return inputs;
    }

    /// <summary>Trot steps back from the take-off, canter strides on from the landing.</summary>
    private static void Feet(LineMeasuring measuring, CrossPole fence, StrideCard card, Distance toFence)
    {
        const int stepsBefore = 4;
        const int stridesAfter = 3;
        var room = JumpRoom.Of(fence.Height, card).Metres;
        var step = card[GaitVariant.TrotWorking].Stride.Metres / 2;
        var takeOff = toFence.Metres - room;
        // No foot falls on the placing pole: the step over it reaches from well before it to the take-off.
        var beforePole = fence.PlacingPole ? Math.Min(takeOff - step, -ClearOfPole) : takeOff - step;
        measuring.Steps([.. Enumerable.Range(0, stepsBefore).Reverse().Select(i => beforePole - (i * step)), takeOff], Gait.Trot);

        var stride = card[GaitVariant.CanterCourse].Stride.Metres * SetUpFigures.AfterTrot.Value;
        for (var i = 0; i < stridesAfter; i++)
        {
            measuring.CanterStride(toFence.Metres + room + (i * stride), stride);
        }
    }
}
