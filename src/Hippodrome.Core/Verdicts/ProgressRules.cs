using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>Going up, staying, going back.</summary>
internal static class ProgressRules
{
    /// <summary>Up only for what was ridden: the rungs worked in this ride, as their ladders judge them.</summary>
    private static readonly RideRule EasyTwice = new(
        "EasyTwice",
        Gravity.GoOn,
        VerdictWord.Up,
        SessionChange.RungOn,
        "Everything easy twice goes up one rung",
        VerdictFigures.RunningSessions.Source
    )
    {
        Look = c =>
            c.Rungs.FirstOrDefault(r => r.Word == RungWord.Up) is { } up
                ? new Finding(1, $"{up.Rung.Name}: easy, on its rung") { Do = up.Says, Why = up.Why }
                : null,
        Do = "One rung up.",
    };

    /// <summary>Two sessions running under 5 on a rein, of the rung where one was worked.</summary>
    private static readonly RideRule PoorTwice = new(
        "PoorTwice",
        Gravity.Ease,
        VerdictWord.Back,
        SessionChange.RungBack,
        "Two sessions running under 5 go back one rung",
        VerdictFigures.PoorMark.Source
    )
    {
        Look = c =>
        {
            const string Seen = "under 5 twice running";
            if (c.Rungs.Count > 0)
            {
                return c.Rungs.FirstOrDefault(r => r is { Word: RungWord.Back, Poor: true }) is { } back
                    ? new Finding(1, Seen) { Why = back.Why }
                    : null;
            }

            var running = c.Running.Take(VerdictFigures.RunningSessions.Value).ToList();
            return running.Count < VerdictFigures.RunningSessions.Value || !running.TrueForAll(Poor)
                ? null
                : new Finding(1, Seen, [.. running.Select(SayMarks)]);
        },
        Do = "One rung back, to where it was sure.",
        LooksBack = new LookBack(VerdictFigures.RunningSessions.Value - 1, 0, Poor),
    };

    /// <summary>While it is ridden: the lower of the two reins' last marks in this part has reached the mark hoped for.</summary>
    private static readonly RideRule AimMet = new(
        "AimMet",
        Gravity.StopThere,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "One confirming repeat tells skill from luck",
        Source.Chosen("an aim met early is met")
    )
    {
        Look = c =>
            c.PartNow?.MarkHopedFor is not { } hoped || Lowest(c) is not { } lowest || lowest < hoped
                ? null
                : new Finding(lowest, "the aim was met", $"{hoped:0.#} hoped for on both reins")
                {
                    Says =
                        c.Facts.Ways.Are(ApproachQuestion.SecondTry, Approach.Tomorrow) ? "That was the aim: leave it for another day."
                        : c.Facts.Ways.Are(ApproachQuestion.SecondTry, Approach.EveryTime) ? "It is there every time: that was the aim."
                        : null,
                },
        Rail = new RailLine(
            "That was the aim: one repeat, and leave it.",
            "A session whose aim is met early ends there and counts as whole."
        ),
    };

    /// <summary>The lower of the two reins' last marks; the lowest of the last three of each where it has to be there every time.</summary>
    private static double? Lowest(VerdictContext c)
    {
        var everyTime = c.Facts.Ways.Are(ApproachQuestion.SecondTry, Approach.EveryTime);
        var (left, right) = (c.Record.Counts.LeftMarks, c.Record.Counts.RightMarks);
        var last = everyTime ? VerdictFigures.EveryTimeMarks.Value : 1;
        return left.Count < last || right.Count < last ? null : left.TakeLast(last).Concat(right.TakeLast(last)).Min();
    }

    public static readonly RideRule[] All = [PoorTwice, AimMet, EasyTwice];

    /// <summary>
    /// Nothing asks for care, and nothing for a rung: a calm horse keeps the rung and gets one small thing otherwise; what is
    /// not easy yet, a worried horse, and one that is gone about so, get the same again.
    /// </summary>
    public static Verdict Stay(VerdictContext c)
    {
        var again = NotEasyYet(c.Record)
            ?? (c.Facts.Ways.Are(ApproachQuestion.VaryOrRepeat, Approach.Repeat) ? "it repeats until easy" : null);
        return new Verdict(
            nameof(Stay),
            VerdictWord.Stay,
            again ?? "calm, and it kept answering",
            again is null ? "Keep the rung and change one small thing." : "The same again, until it is easy.",
            again is null ? SessionChange.Vary : SessionChange.SameAgain,
            true,
            new Why(
                "A horse stays on its rung while it keeps offering an answer; calm, one small thing is changed",
                [SayMarks(c.Record).ToString(CultureInfo.InvariantCulture), .. c.Rungs.SelectMany(r => r.Missing).Distinct()],
                Source.CommonPractice
            ),
            Gravity.GoOn
        )
        {
            Inputs = [Input.Of(SayMarks(c.Record))],
        };
    }

    private static string? NotEasyYet(RideRecord r) =>
        r.Marks.Left < VerdictFigures.GoodMark.Value || r.Marks.Right < VerdictFigures.GoodMark.Value ? "not easy yet"
        : r.TensionPeak > VerdictFigures.CalmTension.Value ? "not calm yet"
        : null;

    internal static bool Poor(RideRecord r) =>
        r.Marks.Left < VerdictFigures.PoorMark.Value || r.Marks.Right < VerdictFigures.PoorMark.Value;

    private static FormattableString SayMarks(RideRecord r)
    {
        static object Say(object? told, string otherwise) => told ?? otherwise;
        var test = r.ClosingTestPassed switch
        {
            true => "passed",
            false => "not passed",
            _ => "not asked",
        };
        var (left, right) = (Say(r.Marks.Left, "no mark"), Say(r.Marks.Right, "no mark"));
        return $"left {left}, right {right}, tension {Say(r.TensionPeak, "not noted")}, closing test {test}";
    }
}
