using System.Globalization;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Verdicts;

/// <summary>Going up, staying, going back.</summary>
internal static class ProgressRules
{
    public static readonly VerdictRule[] All = [EasyTwice, PoorTwice];

    /// <summary>Two sessions running effortless on both reins, calm, closing test passed.</summary>
    private static Verdict? EasyTwice(VerdictContext c)
    {
        var running = c.Running.Take(VerdictFigures.RunningSessions.Value).ToList();
        if (running.Count < VerdictFigures.RunningSessions.Value || !running.TrueForAll(Effortless) || NotToday(c) is not null)
        {
            return null;
        }

        return new Verdict(
            nameof(EasyTwice), VerdictWord.Up, "easy twice running on both reins", "One rung on, one thing changed.", SessionChange.RungOn, true,
            new Why("Two sessions running at 7 or more on both reins, tension 1 or 2, closing test passed", [.. running.Select(SayMarks)], VerdictFigures.GoodMark.Source));
    }

    /// <summary>Two sessions running under 5 on a rein.</summary>
    private static Verdict? PoorTwice(VerdictContext c)
    {
        var running = c.Running.Take(VerdictFigures.RunningSessions.Value).ToList();
        return running.Count < VerdictFigures.RunningSessions.Value || !running.TrueForAll(Poor) ? null : new Verdict(
            nameof(PoorTwice), VerdictWord.Back, "under 5 twice running", "One rung back, to where it was sure.", SessionChange.RungBack, true,
            new Why("Two sessions running under 5 go back one rung", [.. running.Select(SayMarks)], VerdictFigures.PoorMark.Source));
    }

    /// <summary>Nothing speaks for a change.</summary>
    public static Verdict Stay(VerdictContext c) => new(
        nameof(Stay), VerdictWord.Stay, "nothing that asks for a change", "The same again: one repeat tells skill from luck.", SessionChange.SameAgain, true,
        new Why(NotToday(c) ?? "A horse stays while it keeps offering an answer", [SayMarks(c.Record)], Source.CommonPractice));

    internal static bool Effortless(RideRecord r) =>
        r.BothReinsReach(VerdictFigures.GoodMark.Value) && r.Tension.Count > 0 && r.Tension.All(t => t is 1 or 2) && r.ClosingTestPassed == true;

    internal static bool Poor(RideRecord r) =>
        r.Marks.Left < VerdictFigures.PoorMark.Value || r.Marks.Right < VerdictFigures.PoorMark.Value;

    /// <summary>Why no rung is climbed on this day, or null.</summary>
    private static string? NotToday(VerdictContext c)
    {
        if (c.DaysToCompetition is >= 0 and <= 1)
        {
            return "No rung is climbed in the last session before a competition";
        }

        if (c.Heat is { Care: > HeatCare.Go })
        {
            return "No rung is climbed in the heat";
        }

        var since = c.Earlier.Count == 0 ? 0 : c.On.DayNumber - c.Earlier[0].On.DayNumber;
        return since >= VerdictFigures.BreakFrom.Value ? $"No rung is climbed after a break of {since} days" : null;
    }

    private static string SayMarks(RideRecord r)
    {
        static string Say(double? mark) => mark?.ToString("0.#", CultureInfo.InvariantCulture) ?? "no mark";
        var test = r.ClosingTestPassed switch { true => "passed", false => "not passed", _ => "not asked" };
        var tension = r.TensionPeak?.ToString(CultureInfo.InvariantCulture) ?? "not noted";
        return $"left {Say(r.Marks.Left)}, right {Say(r.Marks.Right)}, tension {tension}, closing test {test}";
    }
}
