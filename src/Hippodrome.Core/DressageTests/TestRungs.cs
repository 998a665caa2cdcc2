using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.DressageTests;

/// <summary>The rungs on which what a test asks is schooled (common practice, no source).</summary>
public static class TestRungs
{
    /// <summary>Of a line of a test, with the transition it begins with.</summary>
    public static IReadOnlyList<Rung> Of(IReadOnlyList<TestLine> lines, int at)
    {
        ArgumentNullException.ThrowIfNull(lines);
        return Of(lines[at], lines[Math.Max(0, at - 1)].Gait.Gait());
    }

    /// <summary>Of a line that is begun in another gait than it is ridden in, and of the line itself.</summary>
    public static IReadOnlyList<Rung> Of(TestLine line, Gait before)
    {
        ArgumentNullException.ThrowIfNull(line);
        return
        [
            .. new[] { Begun(before, line.Gait.Gait()), Figure(line), Asked(line), Stride(line) }
                .OfType<string>()
                .Distinct()
                .Select(Catalogue.Rung),
        ];
    }

    private static string? Begun(Gait before, Gait gait) =>
        (before, gait) switch
        {
            (Gait.Trot, Gait.Canter) => "flatwork/trot-canter",
            (Gait.Walk, Gait.Canter) => "flatwork/ten-metres",
            (Gait.Canter, Gait.Walk) => "changes/canter-walk-canter",
            _ => null,
        };

    private static string? Figure(TestLine line)
    {
        var canter = line.Gait.Gait() == Gait.Canter;
        return line.Figure switch
        {
            TestFigure.Circle or TestFigure.HalfCircle or TestFigure.HalfCircleAndBack => line.Metres switch
            {
                <= 10 when canter => "collected/ten-metre-canter",
                // Half of it is over before the hind leg tires (Novice asks it).
                <= 10 => line.Figure == TestFigure.Circle ? "flatwork/ten-metres" : "flatwork/fifteen-metres",
                <= 15 => "flatwork/fifteen-metres",
                _ => canter ? "flatwork/trot-canter" : "flatwork/lines-and-large-circles",
            },
            TestFigure.Serpentine => line.Count <= 3 ? "flatwork/trot-canter" : "flatwork/fifteen-metres",
            TestFigure.Loop => canter ? "changes/counter-canter-settled" : "flatwork/lines-and-large-circles",
            TestFigure.LegYield => "lateral/leg-yield-line",
            TestFigure.HalfPass => canter ? "lateral/lateral-canter" : "lateral/half-pass-trot",
            TestFigure.ReinBack => "flatwork/collected-gaits",
            TestFigure.Pirouette => canter ? "collected/half-pirouette" : null,
            TestFigure.Piaffe => "collected/piaffe",
            _ => null,
        };
    }

    private static string? Asked(TestLine line) =>
        line.Asked switch
        {
            AskedOnTheWay.ShoulderIn => "lateral/shoulder-in",
            AskedOnTheWay.Travers or AskedOnTheWay.Renvers => "lateral/travers",
            AskedOnTheWay.Change => "changes/single-change",
            AskedOnTheWay.SimpleChange => "flatwork/simple-change",
            AskedOnTheWay.Changes => line.Every switch
            {
                1 => "changes/every-stride",
                2 => "changes/every-second",
                3 => "changes/every-third",
                _ => "changes/every-fourth",
            },
            AskedOnTheWay.GivenRein => "flatwork/fifteen-metres",
            AskedOnTheWay.Stretch => line.Gait.Gait() == Gait.Walk ? null : "flatwork/trot-canter",
            AskedOnTheWay.Passage => "collected/passage",
            _ => null,
        };

    private static string? Stride(TestLine line) =>
        line.Gait switch
        {
            GaitVariant.TrotMedium or GaitVariant.CanterMedium => "flatwork/ten-metres",
            GaitVariant.TrotCollected or GaitVariant.CanterCollected or GaitVariant.TrotExtended or GaitVariant.CanterExtended =>
                "flatwork/collected-gaits",
            _ => null,
        };
}
