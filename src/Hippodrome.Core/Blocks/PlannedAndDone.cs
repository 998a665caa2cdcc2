using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Blocks;

/// <summary>Metres covered in each gait.</summary>
public sealed record MetresByGait(double Walk, double Trot, double Canter)
{
    public double Total => Walk + Trot + Canter;

    /// <summary>What so many minutes cover at this horse's own speeds.</summary>
    public static MetresByGait In(MinutesByGait minutes, StrideCard card)
    {
        ArgumentNullException.ThrowIfNull(minutes);
        ArgumentNullException.ThrowIfNull(card);
        return new MetresByGait(
            card.Covered(Gait.Walk, minutes.Walk).Metres,
            card.Covered(Gait.Trot, minutes.Trot).Metres,
            card.Covered(Gait.Canter, minutes.Canter).Metres
        );
    }
}

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
public sealed record PlannedAndDone(
    DateOnly Monday,
    MinutesByGait Planned,
    MinutesByGait Done,
    MetresByGait PlannedMetres,
    MetresByGait DoneMetres,
    int PlannedEfforts,
    int DoneEfforts,
    int Sessions,
    int Ridden
)
{
    /// <summary>Transitions into the bouts of a return and out of them again, as planned.</summary>
    public int PlannedTransitions { get; init; }

    /// <summary>Transitions ridden.</summary>
    public int DoneTransitions { get; init; }

    /// <param name="plan">The plan as it stands.</param>
    /// <param name="ridden">What was ridden, day by day.</param>
    /// <param name="done">Sessions of the plan that were ridden.</param>
    /// <param name="card">The horse's stride card.</param>
    public static IReadOnlyList<PlannedAndDone> ByWeek(
        BlockPlan plan,
        IReadOnlyList<DayRidden> ridden,
        IReadOnlySet<Guid> done,
        StrideCard card
    )
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(done);
        ArgumentNullException.ThrowIfNull(card);
        var byWeek = ridden.ToLookup(r => TrainingLoad.Monday(r.On));
        return
        [
            .. plan.Weeks.Select(w =>
            {
                var days = byWeek[w.Monday].ToList();
                int Sum(Func<DayRidden, double> gait) => (int)Math.Round(days.Sum(gait), MidpointRounding.AwayFromZero);
                var was = new MinutesByGait(Sum(d => d.Walk), Sum(d => d.Trot), Sum(d => d.Canter));
                return new PlannedAndDone(
                    w.Monday,
                    w.Minutes,
                    was,
                    MetresByGait.In(w.Minutes, card),
                    MetresByGait.In(was, card),
                    w.Sessions.Sum(s => s.Efforts ?? 0),
                    days.Sum(d => d.Efforts),
                    w.Sessions.Count,
                    w.Sessions.Count(s => done.Contains(s.Id))
                )
                {
                    PlannedTransitions = w.Sessions.Sum(DrawUp.Transitions),
                    DoneTransitions = days.Sum(d => d.Transitions),
                };
            }),
        ];
    }
}
