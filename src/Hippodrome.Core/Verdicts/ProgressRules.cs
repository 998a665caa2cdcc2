using System.Globalization;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>Going up, staying, going back.</summary>
internal static class ProgressRules
{
    public static readonly VerdictRule[] All = [EasyTwice, PoorTwice];

    /// <summary>Up only for what was ridden: the rungs worked in this ride, as their ladders judge them.</summary>
    private static Verdict? EasyTwice(VerdictContext c)
    {
        var up = c.Rungs.FirstOrDefault(r => r.Word == RungWord.Up);
        return up is null
            ? null
            : new Verdict(
                nameof(EasyTwice),
                VerdictWord.Up,
                $"{up.Rung.Name}: easy, on its rung",
                up.Says,
                SessionChange.RungOn,
                true,
                up.Why
            );
    }

    /// <summary>Two sessions running under 5 on a rein, of the rung where one was worked.</summary>
    private static Verdict? PoorTwice(VerdictContext c)
    {
        var running = c.Running.Take(VerdictFigures.RunningSessions.Value).ToList();
        var back = c.Rungs.FirstOrDefault(r => r is { Word: RungWord.Back, Poor: true });
        return
            c.Rungs.Count > 0 && back is null
            || (c.Rungs.Count == 0 && (running.Count < VerdictFigures.RunningSessions.Value || !running.TrueForAll(Poor)))
            ? null
            : new Verdict(
                nameof(PoorTwice),
                VerdictWord.Back,
                "under 5 twice running",
                "One rung back, to where it was sure.",
                SessionChange.RungBack,
                true,
                back?.Why
                    ?? new Why(
                        "Two sessions running under 5 go back one rung",
                        [.. running.Select(SayMarks)],
                        VerdictFigures.PoorMark.Source
                    )
            );
    }

    /// <summary>Nothing speaks for a change.</summary>
    public static Verdict Stay(VerdictContext c) =>
        new(
            nameof(Stay),
            VerdictWord.Stay,
            "nothing that asks for a change",
            "The same again: one repeat tells skill from luck.",
            SessionChange.SameAgain,
            true,
            new Why(
                "A horse stays while it keeps offering an answer",
                [SayMarks(c.Record), .. c.Rungs.SelectMany(r => r.Missing).Distinct()],
                Source.CommonPractice
            )
        );

    internal static bool Poor(RideRecord r) =>
        r.Marks.Left < VerdictFigures.PoorMark.Value || r.Marks.Right < VerdictFigures.PoorMark.Value;

    private static string SayMarks(RideRecord r)
    {
        static string Say(double? mark) => mark?.ToString("0.#", CultureInfo.InvariantCulture) ?? "no mark";
        var test = r.ClosingTestPassed switch
        {
            true => "passed",
            false => "not passed",
            _ => "not asked",
        };
        var tension = r.TensionPeak?.ToString(CultureInfo.InvariantCulture) ?? "not noted";
        return $"left {Say(r.Marks.Left)}, right {Say(r.Marks.Right)}, tension {tension}, closing test {test}";
    }
}
