using Hippodrome.Core.Aims;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>The weeks of a horse at work: full ones that grow by a tenth, a lighter one in four, and the run-in.</summary>
internal sealed class GrowingWeeks(Block block, Calendar calendar)
{
    private readonly SetsDose _sets = new(block.Sets);

    /// <summary>Full weeks, each a tenth more than the one before: the curve that is climbed, and gone back on.</summary>
    private readonly List<MinutesByGait> _full = [block.Now];
    private int _at;
    private int _sinceLighter;
    private int _risen;

    /// <summary>The curve from here on begins with such a week.</summary>
    public void BeginAgain(MinutesByGait week)
    {
        _full.Clear();
        _full.Add(week);
        (_at, _sinceLighter) = (0, 0);
    }

    public WeekTarget Next(DateOnly monday, int index, BlockPhase phase, WeekCause cause)
    {
        var lighter = phase != BlockPhase.RunIn && _sinceLighter == BlockFigures.FourthWeek.Value - 1;
        var (week, rises, why) =
            phase == BlockPhase.RunIn ? RunIn(monday)
            : lighter ? Lighter(cause.Setback)
            : Full(index, phase, cause.Setback);
        _sinceLighter = lighter ? 0 : _sinceLighter + 1;
        var sets = _sets.Next(rises, lighter || phase == BlockPhase.RunIn);
        var days = calendar.MostSessions(monday);
        var usual = Math.Clamp(block.Days.Count, 1, 6);
        var minutes = week.Times(phase == BlockPhase.RunIn ? 1 : (double)Math.Min(days, usual) / usual);
        var sessions = Math.Min(
            days,
            Math.Max(block.Asked.Sum(a => a.AWeek), Math.Max(1, minutes.Total / BlockFigures.LeastMinutes.Value))
        );
        var fits = $"{sessions} {(sessions == 1 ? "session" : "sessions")} on {days} {(days == 1 ? "day" : "days")} that can be worked";
        return new WeekTarget(
            index + 1,
            monday,
            phase,
            sessions,
            new WeekGoal(sessions == 0 ? MinutesByGait.None : minutes, rises, lighter),
            sets,
            null,
            cause,
            why with
            {
                Inputs = [.. why.Inputs, fits],
            }
        );
    }

    private (MinutesByGait Week, Rise Rises, Why Why) RunIn(DateOnly monday)
    {
        var (inside, daysLeft) = (calendar.RunInDays(monday), DaysBeforeAim(monday));
        return (
            _full[_at].Times((daysLeft - (BlockFigures.RunInDrop.Value * inside)) / 7.0),
            Rise.Nothing,
            Why.Of(
                "In the run-in the volume falls by half, and what is left stays sharp",
                [
                    $"{_full[_at].Total} minutes in the last full week",
                    $"{inside} of its days are among the last {AimFigures.RunInDays.Value}, and are halved",
                ],
                BlockFigures.RunInDrop.Source
            )
        );
    }

    private (MinutesByGait Week, Rise Rises, Why Why) Lighter(Setback? setback)
    {
        _at = Math.Max(0, _at - (setback?.WeeksBack ?? 0));
        return (
            _full[_at].Times(1 - BlockFigures.FourthWeekDrop.Value),
            Rise.Nothing,
            Why.Of(
                "Every fourth week drops by a quarter, and the week after it is measured against the week before it",
                [.. Because(setback), $"{_full[_at].Total} minutes in the week before"],
                BlockFigures.FourthWeekDrop.Source
            )
        );
    }

    private (MinutesByGait Week, Rise Rises, Why Why) Full(int index, BlockPhase phase, Setback? setback)
    {
        var rises = WhatRises(phase, index, setback);
        _at = setback is null ? _at : Math.Max(0, _at + 1 - setback.WeeksBack);
        if (rises == Rise.Minutes)
        {
            if (_at == _full.Count - 1)
            {
                _full.Add(Grown(_full[_at], phase));
            }

            _at++;
        }

        var measured =
            rises == Rise.Minutes ? $"{_full[_at - 1].Total} minutes in the last full week"
            : index == 0 ? $"{block.Now.Total} minutes a week is what it does now"
            : $"minutes hold: {SayRise(rises)} goes up";
        var begins = index == 0 && block.Return is not null;
        return (
            begins ? _full[_at].Times(1 - BlockFigures.FourthWeekDrop.Value) : _full[_at],
            rises,
            new Why(
                "Weekly minutes grow by at most a tenth, and only one of minutes, speed and height goes up in a week",
                [.. Because(setback), measured],
                LoadFigures.WeeklyGrowth.Source
            )
        );
    }

    /// <summary>One thing a week. The first week repeats what the horse does now, and so does one that went back.</summary>
    private Rise WhatRises(BlockPhase phase, int index, Setback? setback)
    {
        if (index == 0 || setback is not null || block.Purpose == Purpose.RunIn)
        {
            return Rise.Nothing;
        }

        _risen++;
        var jumps = block.Focus.Any(f => f.Kind().IsJumped());
        return block.Purpose == Purpose.Conditioning ? Conditioned(phase)
            : phase == BlockPhase.AtLevel ? (jumps ? Rise.Height : Rise.Nothing)
            : phase == BlockPhase.Climb && jumps && _risen % 2 == 0 ? Rise.Height
            : Rise.Minutes;
    }

    /// <summary>
    /// Minutes first, and the sets' speed once they are longest; in the weeks near the level's speed it is the speed that
    /// rises.
    /// </summary>
    private Rise Conditioned(BlockPhase phase) =>
        _sets.MayBeFaster && (phase == BlockPhase.AtLevel || _sets.IsLongest) ? Rise.Speed
        : phase == BlockPhase.AtLevel && _sets.Any ? Rise.Nothing
        : Rise.Minutes;

    /// <summary>A tenth more, and the mix of gaits a little nearer to the phase's.</summary>
    private MinutesByGait Grown(MinutesByGait week, BlockPhase phase)
    {
        var usual = Math.Clamp(block.Days.Count, 1, 6);
        var tenthMore = (int)Math.Floor(week.Total * (1 + LoadFigures.WeeklyGrowth.Value) + 1e-9);
        var total = Math.Min(tenthMore, Math.Max(week.Total, usual * BlockFigures.MostMinutes.Value));
        var wanted = SessionMix.Shares(block, phase);
        double Towards(int minutes, double share)
        {
            var now = (double)minutes / week.Total;
            return now + Math.Clamp(share - now, -BlockFigures.ShareStep.Value, BlockFigures.ShareStep.Value);
        }

        var shares = MinutesByGait.Shared(
            total,
            [Towards(week.Walk, wanted.Walk), Towards(week.Trot, wanted.Trot), Towards(week.Canter, wanted.Canter)]
        );
        return new MinutesByGait(shares[0], shares[1], shares[2]);
    }

    private int DaysBeforeAim(DateOnly monday) =>
        block.Aim is { } aim && aim.On < monday.AddDays(7) ? Math.Max(0, aim.On.DayNumber - monday.DayNumber) : 7;

    private static IEnumerable<string> Because(Setback? setback) => setback is null ? [] : [setback.Because];

    private static string SayRise(Rise rises) =>
        rises switch
        {
            Rise.Speed => "speed",
            Rise.Height => "height",
            _ => "nothing",
        };
}
