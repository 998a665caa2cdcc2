using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>Fences and poles on a line, each gap from this horse's landing, strides and take-off.</summary>
internal static class FenceLineMeasuring
{
    private const int StridesBefore = 2;
    private const int StepsBefore = 4;
    private const int StridesAfter = 2;

    public static MeasuredSetUp Measure(FenceLine line, StrideCard card, Tape tape)
    {
        var gaps = Enumerable.Range(1, line.Elements.Count - 1).Select(new FenceGaps(line, card, tape).Before).ToList();
        var at = new List<Distance> { Distance.Zero };
        for (var i = 0; i < gaps.Count; i++)
        {
            at.Add(at[i] + line.Elements[i].Spread + gaps[i].Built.Built);
        }

        var measuring = new LineMeasuring(line, card, tape, at[^1] + line.Elements[^1].Spread);
        var elements = line
            .Elements.Select(
                (e, i) =>
                    measuring.Element(
                        e.Kind,
                        Name(line, i),
                        at[i],
                        e.Height,
                        e.Kind is ElementKind.CrossPole or ElementKind.RaisedPole ? PoleEnd.Both : PoleEnd.None,
                        e.Spread
                    ) with
                    {
                        GroundLines = e.IsPole ? GroundLines.None : line.GroundLines,
                    }
            )
            .ToList();
        Feet(line, card, measuring, at, gaps);
        var stages = BuildStages.Of(line);
        return measuring.Finish(Title(line), elements, gaps, [.. Notices(line, gaps), .. TooManyForADay(stages)]) with
        {
            Stages = stages,
            Jumps = Jumps(line, card, at, gaps),
        };
    }

    /// <summary>A pole is a placing pole before a fence and a landing pole behind one.</summary>
    private static string Name(FenceLine line, int place)
    {
        var element = line.Elements[place];
        return !element.IsPole || element.Kind == ElementKind.EmptyWings || !line.HasFence ? element.Name
            : place + 1 < line.Elements.Count && !line.Elements[place + 1].IsPole ? "Placing pole"
            : place > 0 && !line.Elements[place - 1].IsPole ? "Landing pole"
            : element.Name;
    }

    private static string Title(FenceLine line)
    {
        var fences = line.Elements.Where(e => !e.IsPole).ToList();
        return fences.Count switch
        {
            0 => $"{line.Elements.Count} poles, {Counts(line)}",
            1 => fences[0].Name + (line.Elements.Count > 1 ? " with its poles" : ""),
            _ when line.Kind == LineKind.Grid => FormattableString.Invariant(
                $"Grid of {fences.Count}, to {fences.Max(f => f.Height.Centimetres):0} cm"
            ),
            _ => FormattableString.Invariant($"Line of {fences.Count}, {Counts(line)}, to {fences.Max(f => f.Height.Centimetres):0} cm"),
        };
    }

    private static string Counts(FenceLine line)
    {
        var counts = line.Elements.Skip(1).Select(e => e.Strides).ToList();
        return counts.Count == 0 ? "" : $"{string.Join(", ", counts)} {(counts[^1] == 1 ? "stride" : "strides")}";
    }

    /// <summary>Each jump from its take-off to its landing; inside a bounce the two share what there is.</summary>
    internal static IReadOnlyList<JumpArc> Jumps(FenceLine line, StrideCard card, IReadOnlyList<Distance> at, IReadOnlyList<Gap> gaps) =>
        [
            .. line
                .Elements.Select((e, i) => (e, i))
                .Where(x => !x.e.IsPole)
                .Select(x =>
                {
                    var room = JumpRoom.Of(x.e.Height, card).Metres;
                    var back = at[x.i].Metres + x.e.Spread.Metres;
                    return new JumpArc(
                        x.i,
                        Math.Round(at[x.i].Metres - (room * Share(gaps, x.i - 1)), 3),
                        Math.Round(back + (room * Share(gaps, x.i)), 3),
                        Distance.FromMetres(x.e.Height.Metres + SetUpFigures.PeakOver.Value)
                    );
                }),
        ];

    private static double Share(IReadOnlyList<Gap> gaps, int gap) =>
        gap >= 0 && gap < gaps.Count && gaps[gap] is { Between: { Strides: 0 } bounce } stands
            ? stands.Built.Built / (bounce.Landing + bounce.TakeOff)
            : 1;

    internal static IEnumerable<string> Notices(FenceLine line, IReadOnlyList<Gap> gaps)
    {
        foreach (var (gap, i) in gaps.Select((g, i) => (g, i)))
        {
            if (line.Elements[i + 1].Typed is not null && !gap.Trade.Holds(gap.Built.Built))
            {
                yield return $"Gap {i + 1}, {gap.Built.Built}, is outside what the trade sets ({gap.Trade}): it was typed so.";
            }
            else if (line.Elements[i + 1].Typed is null && !gap.Trade.Holds(gap.Own))
            {
                yield return $"Gap {i + 1}: {SetUpFigures.OutOfRange(line, gap.Own, gap.Own, gap.Trade, "it")}";
            }
        }

        if (gaps.Any(g => g.Fit is Fit.TooShort or Fit.Long))
        {
            yield return line.OnPurpose
                ? "Far from this horse's own on purpose: a helper on the ground, and easier at once where it struggles."
                : "A gap does not suit this horse: move the fence to the horse, or ride another number of strides.";
        }
    }

    private static IEnumerable<string> TooManyForADay(IReadOnlyList<BuildStage> stages)
    {
        var efforts = stages.Sum(s => s.Efforts);
        if (efforts > SetUpFigures.EffortsOfADay.Value)
        {
            yield return FormattableString.Invariant(
                $"All its stages come to {efforts:0.#} efforts: more than one day's work. Leave off where it is easy, and go on another day."
            );
        }
    }

    /// <summary>Trot steps or canter strides in, the strides between as they have to be, canter strides away.</summary>
    private static void Feet(FenceLine line, StrideCard card, LineMeasuring measuring, List<Distance> at, List<Gap> gaps)
    {
        var canter = card[GaitVariant.CanterCourse].Stride.Metres;
        var first = line.Elements[0];
        var room = first.IsPole ? card[GaitVariant.TrotWorking].Stride.Metres / 4 : JumpRoom.Of(first.Height, card).Metres;
        if (line.ComesIn == Gait.Trot)
        {
            var step = card[GaitVariant.TrotWorking].Stride.Metres / 2;
            measuring.Steps(Enumerable.Range(0, StepsBefore).Reverse().Select(i => -room - (i * step)), Gait.Trot);
        }
        else
        {
            for (var i = StridesBefore; i >= 1; i--)
            {
                measuring.CanterStride(-room - (i * canter), canter);
            }
        }

        for (var i = 0; i < gaps.Count; i++)
        {
            var from = (at[i] + line.Elements[i].Spread).Metres;
            if (gaps[i].Between is { Strides: > 0 } between)
            {
                for (var k = 0; k < between.Strides; k++)
                {
                    var start =
                        between.Landing == Distance.Zero
                            ? (k + 0.5) * between.StrideNeeded.Metres
                            : between.Landing.Metres + (k * between.StrideNeeded.Metres);
                    measuring.CanterStride(from + start, between.StrideNeeded.Metres);
                }
            }
        }

        var last = line.Elements[^1];
        var end = (at[^1] + last.Spread).Metres + (last.IsPole ? canter / 2 : JumpRoom.Of(last.Height, card).Metres);
        for (var i = 0; i < StridesAfter; i++)
        {
            measuring.CanterStride(end + (i * canter), canter);
        }
    }
}
