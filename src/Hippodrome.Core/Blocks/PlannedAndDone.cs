using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Blocks;

/// <summary>A week as it was planned beside as it was ridden.</summary>
/// <param name="Monday">Its first day.</param>
/// <param name="Planned">Minutes planned.</param>
/// <param name="Done">Minutes ridden.</param>
/// <param name="PlannedMetres">At this horse's own speeds.</param>
/// <param name="DoneMetres">At this horse's own speeds.</param>
/// <param name="PlannedEfforts">Fences planned, at most.</param>
/// <param name="DoneEfforts">Fences jumped.</param>
/// <param name="Sessions">Sessions planned.</param>
/// <param name="Ridden">Sessions of them that were ridden.</param>
public sealed record PlannedAndDone(DateOnly Monday, MinutesByGait Planned, MinutesByGait Done, double PlannedMetres, double DoneMetres, int PlannedEfforts, int DoneEfforts, int Sessions, int Ridden)
{
    /// <param name="plan">The plan as it stands.</param>
    /// <param name="ridden">What was ridden, day by day.</param>
    /// <param name="done">Sessions of the plan that were ridden.</param>
    /// <param name="card">The horse's stride card.</param>
    public static IReadOnlyList<PlannedAndDone> ByWeek(BlockPlan plan, IReadOnlyList<DayRidden> ridden, IReadOnlySet<Guid> done, StrideCard card)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(done);
        ArgumentNullException.ThrowIfNull(card);
        var byWeek = ridden.ToLookup(r => TrainingLoad.Monday(r.On));
        return [.. plan.Weeks.Select(w =>
        {
            var days = byWeek[w.Monday].ToList();
            int Sum(Func<DayRidden, double> gait) => (int)Math.Round(days.Sum(gait), MidpointRounding.AwayFromZero);
            var was = new MinutesByGait(Sum(d => d.Walk), Sum(d => d.Trot), Sum(d => d.Canter));
            return new PlannedAndDone(w.Monday, w.Minutes, was, Metres(w.Minutes, card), Metres(was, card), w.Sessions.Sum(s => s.Efforts ?? 0), days.Sum(d => d.Efforts), w.Sessions.Count, w.Sessions.Count(s => done.Contains(s.Id)));
        })];
    }

    private static double Metres(MinutesByGait minutes, StrideCard card) =>
        card.Covered(Gait.Walk, minutes.Walk).Metres + card.Covered(Gait.Trot, minutes.Trot).Metres + card.Covered(Gait.Canter, minutes.Canter).Metres;
}
