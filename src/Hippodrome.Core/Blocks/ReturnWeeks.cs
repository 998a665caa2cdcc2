using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Blocks;

/// <summary>The weeks of a return, step by step: one that went back is ridden again, one that is held or ruled out waits.</summary>
internal sealed class ReturnWeeks(PlanningCase planned, Calendar calendar, Return back)
{
    private int _step;

    public Return Back => back;

    /// <summary>The step before the one last given; null for the first.</summary>
    public ReturnStep? Before => _step > 1 ? ReturnRamp.At(back, _step - 1) : null;

    public WeekTarget Next(DateOnly monday, int index, WeekCause cause)
    {
        _step = Math.Max(1, _step + 1 - (cause.Setback is { WeeksOff: null } setback ? setback.WeeksBack : 0));
        var held = HeldAt();
        var waits = WaitsFor(monday);
        var step = ReturnRamp.At(back, _step);
        var sessions = Math.Min(calendar.MostSessions(monday), step.Sessions);
        var stays =
            Before is not { } before || step.Each == before.Each || cause.Setback is not null || held is not null || waits is not null;
        string?[] more =
        [
            cause.Setback?.Because,
            held is null ? null : $"held until {held.Until}",
            waits is { } gait ? $"{Said(gait)} waits: it is ruled out in this week" : null,
        ];
        return new WeekTarget(
            index + 1,
            monday,
            step.Phase,
            sessions,
            new WeekGoal(step.Each * sessions, stays ? Rise.Nothing : Rise.Minutes, false),
            null,
            step,
            cause with
            {
                Held = held,
            },
            step.Why with
            {
                Inputs = [.. step.Why.Inputs, .. more.OfType<string>()],
            }
        );
    }

    /// <summary>A step whose gait is ruled out waits at the last one that does without it.</summary>
    private Gait? WaitsFor(DateOnly monday)
    {
        Gait? waits = null;
        while (_step > 1 && Out(ReturnRamp.At(back, _step).Each, monday) is { } gait)
        {
            waits = gait;
            _step--;
        }

        return waits;
    }

    private Gait? Out(MinutesByGait each, DateOnly monday) =>
        each.Canter > 0 && planned.Horse.IsOut(Gait.Canter, monday) ? Gait.Canter
        : each.Trot > 0 && planned.Horse.IsOut(Gait.Trot, monday) ? Gait.Trot
        : null;

    /// <summary>A stage lasts until what the next one waits for has been cleared.</summary>
    private WeekHeld? HeldAt()
    {
        var at = back.Stages.Count == 0 ? 0 : ReturnRamp.StageAt(back.Stages, _step);
        for (var stage = 1; stage <= at; stage++)
        {
            if (back.Stages[stage].WaitsFor.Length > 0 && !planned.Cleared.Any(c => c.Stage == stage))
            {
                _step = back.Stages.Take(stage).Sum(s => s.Weeks);
                return new WeekHeld(HeldBy.Stage, back.Stages[stage].WaitsFor);
            }
        }

        return null;
    }

    private static string Said(Gait gait) => gait.ToString().ToLowerInvariant();
}
