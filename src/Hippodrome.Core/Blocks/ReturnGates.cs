namespace Hippodrome.Core.Blocks;

/// <summary>The gates of a return: each week's must all be passed before the next week goes up.</summary>
public static class ReturnGates
{
    public static IReadOnlyList<ReturnGate> All { get; } = Enum.GetValues<ReturnGate>();

    /// <summary>Weeks that repeat the one before, since a gate failed or nobody has answered it.</summary>
    internal static IReadOnlyList<Setback> Setbacks(PlanningCase planned) =>
        planned.Block.Purpose != Purpose.Return
            ? []
            :
            [
                .. Enumerable
                    .Range(0, planned.Block.Weeks)
                    .Select(w => planned.Block.FirstMonday.AddDays(7 * w))
                    .Where(m => m <= planned.Today)
                    .Select(m => (Monday: m, Because: Failing(planned, m)))
                    .Where(f => f.Because is not null)
                    .Select(f => new Setback(f.Monday.AddDays(7), 1, null, SetbackFrom.Gate, f.Because!)),
            ];

    /// <summary>Why a week does not count as passed; null where it does, or is not over yet.</summary>
    private static string? Failing(PlanningCase planned, DateOnly monday)
    {
        var answers = planned.Gates.Where(g => g.Monday == monday).GroupBy(g => g.Gate).ToDictionary(g => g.Key, g => g.Last());
        var failed = All.Where(g => answers.TryGetValue(g, out var a) && !a.Passed).Select(g => Say(g)).ToList();
        var open = All.Where(g => !answers.ContainsKey(g)).Select(g => Say(g)).ToList();
        return failed.Count > 0 ? $"the week is repeated: not passed was {string.Join(", ", failed)}"
            : monday.AddDays(7) <= planned.Today && open.Count > 0 ? $"the week is repeated: nobody has answered {string.Join(", ", open)}"
            : null;
    }

    public static string Say(ReturnGate gate) =>
        gate switch
        {
            ReturnGate.Feet => "feet seen to",
            ReturnGate.Saddle => "saddle checked",
            ReturnGate.LegsCool => "legs cool next morning",
            ReturnGate.ClosingTest => "closing test",
            _ => "easy for the horse",
        };
}
