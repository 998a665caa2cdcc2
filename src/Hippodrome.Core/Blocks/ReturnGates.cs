namespace Hippodrome.Core.Blocks;

/// <summary>Gates of one week of a return that nobody has answered.</summary>
/// <param name="BlockId">The block.</param>
/// <param name="Week">Its week, from 1.</param>
/// <param name="Monday">The week's Monday.</param>
/// <param name="Gates">Those that are open.</param>
public sealed record GatesWaiting(Guid BlockId, int Week, DateOnly Monday, IReadOnlyList<ReturnGate> Gates);

/// <summary>The gates of a return: each week's must all be passed before the next week goes up.</summary>
public static class ReturnGates
{
    /// <summary>Those of a return that begins today.</summary>
    public static IReadOnlyList<ReturnGate> All { get; } = Enum.GetValues<ReturnGate>();

    /// <summary>Those of returns that began before skin and feed were asked: a week that was answered stays answered.</summary>
    internal static IReadOnlyList<ReturnGate> First { get; } =
    [ReturnGate.Feet, ReturnGate.Saddle, ReturnGate.LegsCool, ReturnGate.ClosingTest, ReturnGate.Easy];

    private static IReadOnlyList<ReturnGate> Asked(PlanningCase planned) => planned.Block.Return?.Gates ?? First;

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

    /// <summary>
    /// Gates that wait for an answer: those of the week that ended last, as long as the next one runs, and those of a week
    /// under way once most of it has been ridden. Null where none waits.
    /// </summary>
    public static GatesWaiting? Waiting(PlanningCase planned)
    {
        ArgumentNullException.ThrowIfNull(planned);
        var (block, today) = (planned.Block, planned.Today);
        return Enumerable
            .Range(0, block.Purpose == Purpose.Return ? block.Weeks : 0)
            .Select(w => (Number: w + 1, Monday: block.FirstMonday.AddDays(7 * w)))
            .Where(w => w.Monday.AddDays(AskedFrom) <= today && today < w.Monday.AddDays(14))
            .Select(w => new GatesWaiting(
                block.Id,
                w.Number,
                w.Monday,
                [.. Asked(planned).Where(g => !planned.Gates.Any(a => a.Monday == w.Monday && a.Gate == g))]
            ))
            .FirstOrDefault(w => w.Gates.Count > 0);
    }

    /// <summary>Days into a week from which its gates are asked: Friday, when most of it has been ridden.</summary>
    private const int AskedFrom = 4;

    /// <summary>Why a week does not count as passed; null where it does, or is not over yet.</summary>
    private static string? Failing(PlanningCase planned, DateOnly monday)
    {
        var answers = planned.Gates.Where(g => g.Monday == monday).GroupBy(g => g.Gate).ToDictionary(g => g.Key, g => g.Last());
        var failed = Asked(planned).Where(g => answers.TryGetValue(g, out var a) && !a.Passed).Select(g => Say(g)).ToList();
        var open = Asked(planned).Where(g => !answers.ContainsKey(g)).Select(g => Say(g)).ToList();
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
            ReturnGate.Skin => "skin under girth and saddle",
            ReturnGate.FeedAndDrink => "feed and drink",
            _ => "easy for the horse",
        };
}
