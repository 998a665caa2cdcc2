using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <summary>Minutes and ground covered in one gait.</summary>
public sealed record GaitTotal(Gait Gait, double Minutes, Distance Way);

/// <summary>What a session adds up to.</summary>
/// <param name="Minutes">Everything.</param>
/// <param name="WorkMinutes">Work and new work only.</param>
/// <param name="ByGait">Minutes and metres, from walk to gallop.</param>
/// <param name="LeftMinutes">On the left rein; "both" counts half.</param>
/// <param name="RightMinutes">On the right rein.</param>
public sealed record SessionTotals(double Minutes, double WorkMinutes, IReadOnlyList<GaitTotal> ByGait, double LeftMinutes, double RightMinutes)
{
    public static SessionTotals Of(SessionPlan plan, StrideCard card)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(card);
        return new SessionTotals(
            plan.Minutes,
            plan.Parts.Where(IsWork).Sum(p => p.Minutes),
            GaitTotals(plan.Parts.Select(p => (p.Gait, p.Minutes)), card),
            OnRein(plan.Parts, Rein.Left),
            OnRein(plan.Parts, Rein.Right));
    }

    /// <summary>Minutes by gait, and metres at this horse's own speeds.</summary>
    public static IReadOnlyList<GaitTotal> GaitTotals(IEnumerable<(Gait Gait, double Minutes)> ridden, StrideCard card)
    {
        ArgumentNullException.ThrowIfNull(card);
        return [.. ridden
            .GroupBy(r => r.Gait, r => r.Minutes)
            .OrderBy(g => g.Key)
            .Select(g => new GaitTotal(g.Key, g.Sum(), card.Covered(g.Key, g.Sum())))];
    }

    internal static bool IsWork(Part part) => part.Phase is Phase.Work or Phase.NewWork;

    internal static double OnRein(IEnumerable<Part> parts, Rein rein) =>
        parts.Sum(p => p.Rein == rein ? p.Minutes : p.Rein == Rein.Both ? p.Minutes / 2 : 0);
}
