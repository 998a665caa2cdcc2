using System.Globalization;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>What a week is to come to, before its sessions are placed.</summary>
internal sealed record WeekTarget(int Number, DateOnly Monday, BlockPhase Phase, MinutesByGait Minutes, int Sessions, Rise Rises, bool Lighter, CanterSets? Sets, ReturnStep? Ramp, string? HeldUntil, Why Why);

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
    private readonly List<MinutesByGait> _full = [];
    private readonly List<MinutesByGait> _actual = [];
    /// <summary>Gaits that are still less than the curve would have them, since they were out.</summary>
    private readonly HashSet<Gait> _behind = [];
    private int _at;
    private int _sinceLighter;
    private int _risen;
    private int _ramp;
    private Return? _back;
    private CanterSets? _dose;

    private VolumeCurve(PlanningCase planned, Calendar calendar, IReadOnlyList<BlockPhase> phases, IReadOnlyList<Setback> setbacks)
    {
        (_case, _calendar, _phases, _setbacks) = (planned, calendar, phases, setbacks);
        _full.Add(planned.Block.Now);
        _actual.Add(planned.Block.Now);
        _back = planned.Block.Return is { } back && (back.WalkWeeks > 0 || back.Stages.Count > 0) ? back : null;
        _dose = planned.Block.Sets?.Now;
    }

    public static IReadOnlyList<WeekTarget> Of(PlanningCase planned, Calendar calendar, IReadOnlyList<BlockPhase> phases, IReadOnlyList<Setback> setbacks)
    {
        var curve = new VolumeCurve(planned, calendar, phases, setbacks);
        return [.. calendar.Mondays.Select((monday, i) => curve.Next(monday, i))];
    }

    private Block Block => _case.Block;

    private WeekTarget Next(DateOnly monday, int index)
    {
        var setback = _setbacks.LastOrDefault(s => s.Monday == monday);
        if (setback?.WeeksOff is { } off)
        {
            _back = new Return(off, OffBecause.Rest, TimeOff.WalkWeeks(off)?.Value ?? TimeOff.TwoWalkWeeks.Value, false, []);
            _ramp = 0;
        }

        var target = InHandOnly(monday, index) ?? (_back is { } back ? Returning(back, monday, index, setback) : Working(monday, index, setback));
        var kept = Allowed(target, monday);
        _actual.Add(kept.Minutes);
        return kept;
    }

    /// <summary>Three years or under: ten minutes in hand, and nothing grows.</summary>
    private WeekTarget? InHandOnly(DateOnly monday, int index)
    {
        if (!_case.Horse.InHandOnly(monday))
        {
            return null;
        }

        var sessions = Math.Min(_calendar.MostSessions(monday), BlockFigures.InHandSessions.Value);
        var each = Sessions.SessionFigures.InHandMinutes;
        return new WeekTarget(index + 1, monday, _phases[index], new MinutesByGait(sessions * each.Value, 0, 0), sessions, Rise.Nothing, false, null, null, null, new Why(
            "A horse of three or under is worked in hand, ten minutes at most", [$"age {_case.Horse.Horse.Age(monday)}", $"{sessions} sessions"], each.Source));
    }

    private WeekTarget Returning(Return back, DateOnly monday, int index, Setback? setback)
    {
        _ramp = Math.Max(1, _ramp + 1 - (setback is { WeeksOff: null } ? setback.WeeksBack : 0));
        var held = HeldAt(back, ref _ramp);
        var waits = WaitsFor(back, monday);
        var step = ReturnRamp.At(back, _ramp);
        var sessions = Math.Min(_calendar.MostSessions(monday), step.Sessions);
        var each = step.Each;
        // Once canter has come in, a comeback gives the weeks back to its block; a return goes on until its ramp goes no higher.
        var before = _ramp > 1 ? ReturnRamp.At(back, _ramp - 1) : null;
        if (step.Phase == BlockPhase.Canter && (back != Block.Return || step.Each == before?.Each))
        {
            _back = null;
            _full.Clear();
            _full.Add(new MinutesByGait(each.Walk * step.Sessions, each.Trot * step.Sessions, each.Canter * step.Sessions));
            (_at, _sinceLighter) = (0, 0);
        }

        var inputs = new List<string>(step.Why.Inputs);
        inputs.AddRange(setback is null ? [] : [setback.Because]);
        inputs.AddRange(held is null ? [] : [$"held until {held}"]);
        inputs.AddRange(waits is null ? [] : [waits]);
        return new WeekTarget(
            index + 1, monday, step.Phase, new MinutesByGait(each.Walk * sessions, each.Trot * sessions, each.Canter * sessions), sessions, before is null || step.Each == before.Each || setback is not null || held is not null || waits is not null ? Rise.Nothing : Rise.Minutes, false, null, step, held, step.Why with { Inputs = inputs });
    }

    /// <summary>A step whose gait is ruled out waits at the last one that does without it.</summary>
    private string? WaitsFor(Return back, DateOnly monday)
    {
        Gait? Out(MinutesByGait each) => each.Canter > 0 && _case.Horse.IsOut(Gait.Canter, monday) ? Gait.Canter : each.Trot > 0 && _case.Horse.IsOut(Gait.Trot, monday) ? Gait.Trot : null;
        string? waits = null;
        while (_ramp > 1 && Out(ReturnRamp.At(back, _ramp).Each) is { } gait)
        {
            waits = $"{gait.ToString().ToLowerInvariant()} waits: it is ruled out in this week";
            _ramp--;
        }

        return waits;
    }

    /// <summary>A stage lasts until what the next one waits for has been cleared.</summary>
    private string? HeldAt(Return back, ref int step)
    {
        if (back.Stages.Count == 0)
        {
            return null;
        }

        var at = ReturnRamp.StageAt(back.Stages, step);
        for (var stage = 1; stage <= at; stage++)
        {
            if (back.Stages[stage].WaitsFor.Length > 0 && !_case.Cleared.Any(c => c.Stage == stage))
            {
                step = back.Stages.Take(stage).Sum(s => s.Weeks);
                return back.Stages[stage].WaitsFor;
            }
        }

        return null;
    }

    private WeekTarget Working(DateOnly monday, int index, Setback? setback)
    {
        var phase = _phases[index];
        var days = _calendar.MostSessions(monday);
        var usual = Math.Clamp(Block.Days.Count, 1, 6);
        var lighter = phase != BlockPhase.RunIn && _sinceLighter == BlockFigures.FourthWeek.Value - 1;
        var inputs = new List<string>();
        var rises = Rise.Nothing;
        MinutesByGait week;
        Figure<double> rule = LoadFigures.WeeklyGrowth;
        if (phase == BlockPhase.RunIn)
        {
            var (inside, daysLeft) = (_calendar.RunInDays(monday), DaysBeforeAim(monday));
            week = _full[_at].Times((daysLeft - (BlockFigures.RunInDrop.Value * inside)) / 7.0);
            rule = BlockFigures.RunInDrop;
            inputs.Add($"{_full[_at].Total} minutes in the last full week");
            inputs.Add($"{inside} of its days are among the last {BlockFigures.RunInDays.Value}, and are halved");
        }
        else if (lighter)
        {
            if (setback is not null)
            {
                _at = Math.Max(0, _at - setback.WeeksBack);
                inputs.Add(setback.Because);
            }

            week = _full[_at].Times(1 - BlockFigures.FourthWeekDrop.Value);
            rule = BlockFigures.FourthWeekDrop;
            inputs.Add($"{_full[_at].Total} minutes in the week before");
        }
        else
        {
            rises = WhatRises(phase, index, setback);
            if (setback is not null)
            {
                _at = Math.Max(0, _at + 1 - setback.WeeksBack);
                inputs.Add(setback.Because);
            }

            if (rises == Rise.Minutes)
            {
                if (_at == _full.Count - 1)
                {
                    _full.Add(Grown(_full[_at], phase, usual));
                }

                _at++;
            }

            week = index == 0 && Block.Return is not null ? _full[_at].Times(1 - BlockFigures.FourthWeekDrop.Value) : _full[_at];
            inputs.Add(rises == Rise.Minutes ? $"{_full[_at - 1].Total} minutes in the last full week" : index == 0 ? $"{Block.Now.Total} minutes a week is what it does now" : $"minutes hold: {SayRise(rises)} goes up");
        }

        _sinceLighter = lighter ? 0 : _sinceLighter + 1;
        var sets = SetsOf(rises, lighter, phase);
        var minutes = week.Times(phase == BlockPhase.RunIn ? 1 : (double)Math.Min(days, usual) / usual);
        var sessions = Math.Min(days, Math.Max(Block.Asked.Sum(a => a.AWeek), Math.Max(1, minutes.Total / BlockFigures.LeastMinutes.Value)));
        inputs.Add($"{sessions} {(sessions == 1 ? "session" : "sessions")} on {days} {(days == 1 ? "day" : "days")} that can be worked");
        return new WeekTarget(index + 1, monday, phase, sessions == 0 ? MinutesByGait.None : minutes, sessions, rises, lighter, sets, null, null, new Why(
            phase == BlockPhase.RunIn ? "In the run-in the volume falls by half, and what is left stays sharp"
                : lighter ? "Every fourth week drops by a quarter, and the week after it is measured against the week before it"
                : "Weekly minutes grow by at most a tenth, and only one of minutes, speed and height goes up in a week",
            inputs, rule.Source));
    }

    private int DaysBeforeAim(DateOnly monday) => Block.Aim is { } aim && aim.On < monday.AddDays(7) ? Math.Max(0, aim.On.DayNumber - monday.DayNumber) : 7;

    private static string SayRise(Rise rises) => rises switch { Rise.Speed => "speed", Rise.Height => "height", _ => "nothing" };

    /// <summary>One thing a week. The first week repeats what the horse does now, and so does one that went back.</summary>
    private Rise WhatRises(BlockPhase phase, int index, Setback? setback)
    {
        if (index == 0 || setback is not null || Block.Purpose == Purpose.RunIn)
        {
            return Rise.Nothing;
        }

        _risen++;
        var jumps = Block.Focus.Any(f => f.Kind().IsJumped());
        return Block.Purpose == Purpose.Conditioning ? (_dose is { } dose && dose.Minutes >= BlockFigures.LongestSet.Value ? Rise.Speed : Rise.Minutes)
            : phase == BlockPhase.AtLevel ? (jumps ? Rise.Height : Rise.Nothing)
            : phase == BlockPhase.Climb && jumps && _risen % 2 == 0 ? Rise.Height : Rise.Minutes;
    }

    /// <summary>A tenth more, and the mix of gaits a little nearer to the phase's.</summary>
    private MinutesByGait Grown(MinutesByGait week, BlockPhase phase, int days)
    {
        var total = Math.Min((int)Math.Floor(week.Total * (1 + LoadFigures.WeeklyGrowth.Value) + 1e-9), Math.Max(week.Total, days * BlockFigures.MostMinutes.Value));
        var wanted = SessionMix.Shares(Block, phase);
        double Towards(int minutes, double share)
        {
            var now = (double)minutes / week.Total;
            return now + Math.Clamp(share - now, -BlockFigures.ShareStep.Value, BlockFigures.ShareStep.Value);
        }

        var shares = MinutesByGait.Shared(total, [Towards(week.Walk, wanted.Walk), Towards(week.Trot, wanted.Trot), Towards(week.Canter, wanted.Canter)]);
        return new MinutesByGait(shares[0], shares[1], shares[2]);
    }

    /// <summary>Sets grow by half a minute to their longest, and then their speed rises to the level's.</summary>
    private CanterSets? SetsOf(Rise rises, bool lighter, BlockPhase phase)
    {
        if (_dose is not { } dose || Block.Sets is not { } sets)
        {
            return null;
        }

        _dose = rises switch
        {
            Rise.Minutes => dose with { Minutes = Math.Min(BlockFigures.LongestSet.Value, dose.Minutes + BlockFigures.SetMinutesMore.Value) },
            Rise.Speed => dose with { Speed = Math.Min(Math.Max(dose.Speed, sets.Level.Speed), dose.Speed + BlockFigures.SpeedMore.Value) },
            _ => dose,
        };
        return lighter || phase == BlockPhase.RunIn ? _dose with { Repeats = Math.Max(1, _dose.Repeats - 1) } : _dose;
    }

    /// <summary>
    /// What restrictions and growth leave of it: a gait that is out has no minutes, one that comes back begins small,
    /// and the week grows no faster than it may. Nothing here ever adds a minute.
    /// </summary>
    private WeekTarget Allowed(WeekTarget target, DateOnly monday)
    {
        var before = _actual[^1];
        var measure = _actual.Count > 1 && before.Total <= LoadFigures.LighterWeek.Value * _actual[^2].Total ? _actual[^2] : before;
        var ramped = target.Ramp is not null;
        var minutes = target.Minutes.Without(g => _case.Horse.IsOut(g, monday));
        if (!ramped)
        {
            var back = BlockFigures.TrotMinutesMore.Value * Math.Max(1, target.Sessions);
            minutes = minutes with
            {
                Trot = _behind.Contains(Gait.Trot) ? Math.Min(minutes.Trot, Math.Max(measure.Trot, before.Trot) + back) : minutes.Trot,
                Canter = _behind.Contains(Gait.Canter) ? Math.Min(minutes.Canter, Math.Max(measure.Canter, before.Canter) + back) : minutes.Canter,
            };
        }

        if (!ramped && target.Number > 1 && measure.Total > 0)
        {
            var most = (int)Math.Floor((measure.Total * (1 + LoadFigures.WeeklyGrowth.Value)) + 1e-9);
            minutes = Cut(minutes, minutes.Total - most, measure);
        }

        _behind.Clear();
        _behind.UnionWith([.. minutes.Trot < target.Minutes.Trot ? [Gait.Trot] : (Gait[])[], .. minutes.Canter < target.Minutes.Canter ? [Gait.Canter] : (Gait[])[]]);
        if (minutes == target.Minutes)
        {
            return target;
        }

        var sessions = Math.Min(target.Sessions, ramped ? (minutes.Total > 0 ? target.Sessions : 0) : minutes.Total / BlockFigures.LeastMinutes.Value + (minutes.Total % BlockFigures.LeastMinutes.Value > 0 ? 1 : 0));
        return target with
        {
            Minutes = minutes,
            Sessions = sessions,
            Ramp = target.Ramp is { } ramp ? ramp with { Each = ramp.Each.Without(g => _case.Horse.IsOut(g, monday)) } : null,
            Sets = minutes.Canter < target.Minutes.Canter ? null : target.Sets,
            Rises = Rise.Nothing,
            Why = target.Why with { Inputs = [.. target.Why.Inputs, string.Create(CultureInfo.InvariantCulture, $"{target.Minutes.Total - minutes.Total} minutes less: {Out(monday)}")] },
        };
    }

    private string Out(DateOnly monday)
    {
        var gaits = new[] { Gait.Walk, Gait.Trot, Gait.Canter }.Where(g => _case.Horse.IsOut(g, monday)).Select(g => g.ToString().ToLowerInvariant()).ToList();
        return gaits.Count > 0 ? $"no {string.Join(" and ", gaits)} while it is restricted" : "a gait or a week that was less comes back by steps";
    }

    /// <summary>Less by so many minutes: first of what walk and trot have grown, then of canter, trot and walk.</summary>
    private static MinutesByGait Cut(MinutesByGait minutes, int by, MinutesByGait measure)
    {
        int Take(int most)
        {
            var taken = Math.Clamp(by, 0, Math.Max(0, most));
            by -= taken;
            return taken;
        }

        var walk = minutes.Walk - Take(minutes.Walk - measure.Walk);
        var trot = minutes.Trot - Take(minutes.Trot - measure.Trot);
        var canter = minutes.Canter - Take(minutes.Canter);
        trot -= Take(trot);
        return new MinutesByGait(walk - Take(walk), trot, canter);
    }
}
