using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Blocks;

/// <summary>
/// What a return to work leaves on a day, whether or not a block plans it. A week of the ramp is seven days from the first
/// worked day, and counts only when three of them were worked as its step asks.
/// </summary>
public static class ComingBack
{
    private const int DaysThatCount = 3;
    private const int DaysBefore = 21;

    /// <summary>The limits of a day; null where nobody told of days off, where the ramp is over, or where a trainer has ended it.</summary>
    /// <param name="told">Days off that somebody told.</param>
    /// <param name="worked">Days worked, in the saddle or on the ground, in any order.</param>
    /// <param name="ended">Days on which a trainer ended a ramp with a word.</param>
    /// <param name="day">The day that is planned.</param>
    /// <param name="today">Weeks that are not over yet are taken to be worked as planned.</param>
    public static RampLimit? On(
        IEnumerable<TimeAway> told,
        IReadOnlyList<DayRidden> worked,
        IEnumerable<DateOnly> ended,
        DateOnly day,
        DateOnly today
    )
    {
        ArgumentNullException.ThrowIfNull(told);
        ArgumentNullException.ThrowIfNull(worked);
        ArgumentNullException.ThrowIfNull(ended);
        return told.Where(t => t.Because is not null && t.From <= day)
            .OrderByDescending(t => t.From)
            .Select(t => Limit(t, worked, [.. ended], day, today))
            .FirstOrDefault(l => l is not null);
    }

    /// <summary>The limits of a step, as a plan is held against them.</summary>
    public static RampLimit Of(ReturnStep step, OffBecause because)
    {
        ArgumentNullException.ThrowIfNull(step);
        return new RampLimit(
            step.Each.Walk,
            step.Each.Trot,
            step.Each.Canter,
            step.MayJump,
            step.Phase != BlockPhase.Walk,
            because != OffBecause.Rest || step.Phase == BlockPhase.Stage,
            because == OffBecause.Rest && step.Step == 1,
            step.Why
        );
    }

    /// <summary>The limits of a day as a return block under way has them: its own week, held at a stage or repeated by a gate.</summary>
    public static RampLimit? InBlock(PlanningCase planned, DateOnly day)
    {
        ArgumentNullException.ThrowIfNull(planned);
        if (planned.Block is not { Purpose: Purpose.Return, Return: { } back })
        {
            return null;
        }

        var calendar = new Calendar(planned.Block, planned.Horse, planned.RiderThere);
        var target = VolumeCurve
            .Of(
                planned,
                calendar,
                Phases.Of(planned.Block, calendar),
                [.. MissedDays.Of(planned).Setbacks, .. ReturnGates.Setbacks(planned)]
            )
            .FirstOrDefault(t => t.Monday == TrainingLoad.Monday(day));
        return target?.Ramp is { } step ? Of(step, back.Because) with { Why = step.Why with { Inputs = target.Why.Inputs } } : null;
    }

    private static RampLimit? Limit(TimeAway away, IReadOnlyList<DayRidden> worked, List<DateOnly> ended, DateOnly day, DateOnly today)
    {
        var after = worked.Select(w => w.On).Where(on => on >= away.From && on < day).Order().ToList();
        DateOnly? first = after.Count > 0 ? after[0] : null;
        var back = away.Until is { } until && until <= day ? until : first ?? day;
        var daysOff = back.DayNumber - away.From.DayNumber;
        if (daysOff < TimeOff.RampFrom.Value || (away.Because == OffBecause.Rest && ended.Exists(e => e >= away.From)))
        {
            return null;
        }

        var weeksOff = TimeOff.Weeks(daysOff);
        var ramp = new Return(
            weeksOff,
            away.Because!.Value,
            away.WalkWeeks ?? TimeOff.WalkWeeks(weeksOff)?.Value ?? TimeOff.TwoWalkWeeks.Value,
            false,
            []
        );
        var began = after.Find(on => on >= back) is { } on && on != default ? on : day;
        var step = ReturnRamp.At(ramp, StepOn(ramp, began, worked, day, today));
        return IsOver(step, Before(away.From, worked))
            ? null
            : Of(step, away.Because.Value) with
            {
                Why = step.Why with
                {
                    Inputs = [FormattableString.Invariant($"off from {away.From:d MMMM}, {daysOff} days"), .. step.Why.Inputs],
                },
            };
    }

    /// <summary>Weeks gone by count when they were worked; the week of the planned day and those still to come are taken to be.</summary>
    private static int StepOn(Return ramp, DateOnly began, IReadOnlyList<DayRidden> worked, DateOnly day, DateOnly today)
    {
        var step = 1;
        for (var monday = began; monday.AddDays(7) <= day; monday = monday.AddDays(7))
        {
            var asks = ReturnRamp.At(ramp, step).Each.Total * BlockFigures.CutShort.Value;
            var counted = worked
                .Where(w => w.On >= monday && w.On < monday.AddDays(7))
                .GroupBy(w => w.On)
                .Count(d => d.Sum(w => w.Walk + w.Trot + w.Canter) >= asks);
            step += counted >= DaysThatCount || monday.AddDays(7) > today ? 1 : 0;
        }

        return step;
    }

    /// <summary>Minutes of a week before the break, by gait; null where nobody wrote any down.</summary>
    private static MinutesByGait? Before(DateOnly off, IReadOnlyList<DayRidden> worked)
    {
        var days = worked.Where(w => w.On < off && w.On >= off.AddDays(-DaysBefore)).ToList();
        int Week(Func<DayRidden, double> gait) => (int)(days.Sum(gait) * 7 / DaysBefore);
        return days.Count == 0 ? null : new MinutesByGait(Week(d => d.Walk), Week(d => d.Trot), Week(d => d.Canter));
    }

    /// <summary>What it did before the break is reached; where nobody knows, once canter has been steady long enough to jump.</summary>
    private static bool IsOver(ReturnStep step, MinutesByGait? before) =>
        before is null
            ? step.MayJump
            : step.Phase == BlockPhase.Canter
                && step.Each.Trot * step.Sessions >= before.Trot
                && step.Each.Canter * step.Sessions >= before.Canter
                && step.Each.Total * step.Sessions >= before.Total;
}
