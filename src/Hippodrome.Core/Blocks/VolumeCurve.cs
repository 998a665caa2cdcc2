using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>What a week is to come to, before its sessions are placed.</summary>
internal sealed record WeekTarget(
    int Number,
    DateOnly Monday,
    BlockPhase Phase,
    int Sessions,
    WeekGoal Goal,
    CanterSets? Sets,
    ReturnStep? Ramp,
    WeekCause Cause,
    Why Why
)
{
    public MinutesByGait Minutes => Goal.Minutes;
}

/// <summary>
/// Minutes by gait over the weeks: what the horse does now, a tenth more each week at most, every fourth week a
/// quarter less, half in the run-in; a return by its own table. A week that went back is ridden again.
/// </summary>
internal sealed class VolumeCurve
{
    private readonly PlanningCase _case;
    private readonly Calendar _calendar;
    private readonly IReadOnlyList<BlockPhase> _phases;
    private readonly IReadOnlyList<Setback> _setbacks;
    private readonly GrowingWeeks _growing;
    private readonly VolumeLimit _limit;
    private ReturnWeeks? _returning;

    private VolumeCurve(PlanningCase planned, Calendar calendar, IReadOnlyList<BlockPhase> phases, IReadOnlyList<Setback> setbacks)
    {
        (_case, _calendar, _phases, _setbacks) = (planned, calendar, phases, setbacks);
        _growing = new GrowingWeeks(planned.Block, calendar);
        _limit = new VolumeLimit(planned.Horse, planned.Block.Now);
        _returning =
            planned.Block.Return is { } back && (back.WalkWeeks > 0 || back.Stages.Count > 0)
                ? new ReturnWeeks(planned, calendar, back)
                : null;
    }

    public static IReadOnlyList<WeekTarget> Of(
        PlanningCase planned,
        Calendar calendar,
        IReadOnlyList<BlockPhase> phases,
        IReadOnlyList<Setback> setbacks
    )
    {
        var curve = new VolumeCurve(planned, calendar, phases, setbacks);
        return [.. calendar.Mondays.Select((monday, i) => curve.Next(monday, i))];
    }

    private WeekTarget Next(DateOnly monday, int index)
    {
        var setback = _setbacks.LastOrDefault(s => s.Monday == monday);
        if (setback?.WeeksOff is { } off)
        {
            var walkWeeks = TimeOff.WalkWeeks(off)?.Value ?? TimeOff.TwoWalkWeeks.Value;
            _returning = new ReturnWeeks(_case, _calendar, new Return(off, OffBecause.Rest, walkWeeks, false, []));
        }

        var cause = new WeekCause(null, setback, _case.Horse.GaitsOut(monday), _calendar.MostSessions(monday));
        var target =
            _case.Horse.InHandOnly(monday) ? InHandOnly(monday, index, cause)
            : _returning is { } returning ? Returning(returning, monday, index, cause)
            : _growing.Next(monday, index, _phases[index], cause);
        return _limit.Allowed(target);
    }

    /// <summary>Three years or under: ten minutes in hand, and nothing grows.</summary>
    private WeekTarget InHandOnly(DateOnly monday, int index, WeekCause cause)
    {
        var sessions = Math.Min(_calendar.MostSessions(monday), BlockFigures.InHandSessions.Value);
        var each = Sessions.SessionFigures.InHandMinutes;
        var goal = new WeekGoal(new MinutesByGait(sessions * each.Value, 0, 0), Rise.Nothing, false);
        return new WeekTarget(
            index + 1,
            monday,
            _phases[index],
            sessions,
            goal,
            null,
            null,
            cause,
            Why.Of(
                "A horse of three or under is worked in hand, ten minutes at most",
                [$"age {_case.Horse.Horse.Age(monday)}", $"{sessions} sessions"],
                each.Source
            )
        );
    }

    /// <summary>Once canter has come in, a comeback gives the weeks back to its block; a return goes on until its ramp goes no higher.</summary>
    private WeekTarget Returning(ReturnWeeks returning, DateOnly monday, int index, WeekCause cause)
    {
        var target = returning.Next(monday, index, cause);
        var step = target.Ramp!;
        if (step.Phase == BlockPhase.Canter && (returning.Back != _case.Block.Return || step.Each == returning.Before?.Each))
        {
            _returning = null;
            _growing.BeginAgain(step.Each * step.Sessions);
        }

        return target;
    }
}
