using Google.OrTools.Sat;
using Hippodrome.Core.Blocks;

namespace Hippodrome.Planning.Blocks;

/// <summary>Days and kinds as a constraint model: one yes or no for each kind on each day it may stand on.</summary>
internal sealed class PlacingModel
{
    private readonly PlacingTask _task;
    private readonly Func<Group, bool> _on;
    private readonly CpModel _model = new();
    private readonly Dictionary<Slot, BoolVar> _at = [];
    private readonly Dictionary<DateOnly, List<(SessionKind Kind, BoolVar At)>> _byDay = [];
    private readonly ILookup<DateOnly, SessionKind> _fixed;
    private readonly LinearExprBuilder _cost = LinearExpr.NewBuilder();

    private PlacingModel(PlacingTask task, Func<Group, bool> on)
    {
        (_task, _on) = (task, on);
        _fixed = task.Fixed.ToLookup(s => s.On, s => s.Kind);
        Place();
        HardRules();
    }

    /// <summary>The rules of these groups and no others, with nothing to weigh: is there any placing at all?</summary>
    public static bool IsPossible(PlacingTask task, Func<Group, bool> on) =>
        Run(new PlacingModel(task, on)._model, null, CancellationToken.None).Status is not CpSolverStatus.Infeasible;

    /// <summary>The placing that costs least; null where the hard rules cannot all hold.</summary>
    public static (IReadOnlyList<Slot> Slots, Solved Solved)? Solve(PlacingTask task, CancellationToken cancel)
    {
        var placing = new PlacingModel(task, _ => true);
        placing.SoftRules();
        placing._model.Minimize(placing._cost);
        var (status, solver, cancelled) = Run(placing._model, placing.Hinted(), cancel);
        return status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible)
            ? null
            : (
                [.. placing._at.Where(a => solver.BooleanValue(a.Value)).Select(a => a.Key).OrderBy(s => s.On)],
                new Solved(status == CpSolverStatus.Optimal, solver.ObjectiveValue, solver.BestObjectiveBound, cancelled)
            );
    }

    private static (CpSolverStatus Status, CpSolver Solver, bool Cancelled) Run(
        CpModel model,
        IEnumerable<(BoolVar Var, bool Value)>? hints,
        CancellationToken cancel
    )
    {
        foreach (var (variable, value) in hints ?? [])
        {
            model.AddHint(variable, value);
        }

        // One worker, one seed and a limit in work done rather than in seconds: the same input gives the same plan.
        var solver = new CpSolver { StringParameters = "num_workers:1,random_seed:20,max_deterministic_time:0.4,max_time_in_seconds:20" };
        using var stop = cancel.Register(solver.StopSearch);
        var status = solver.Solve(model);
        return (status, solver, cancel.IsCancellationRequested || solver.WallTime() >= 20);
    }

    private void Place()
    {
        foreach (var week in _task.Weeks)
        {
            foreach (var day in week.Days)
            {
                var open = week
                    .Quota.Allowed.Concat(week.Asked.Keys)
                    .Concat(_task.Pinned.Where(p => p.On == day).Select(p => p.Kind))
                    .Distinct()
                    .Order()
                    .Where(k => Suits(k, day))
                    .ToList();
                var here = open.ConvertAll(k => (Kind: k, At: _model.NewBoolVar($"{day:MMdd}{k}")));
                here.ForEach(h => _at[new Slot(day, h.Kind)] = h.At);
                _byDay[day] = here;
                _model.AddAtMostOne(here.Select(h => h.At));
            }
        }
    }

    /// <summary>Whether a kind may stand on a day at all: helper, arena, ground, competitions and therapist near by.</summary>
    private bool Suits(SessionKind kind, DateOnly day)
    {
        var calendar = _task.Calendar;
        var block = _task.Block;
        return (!_on(Group.Helper) || !kind.NeedsHelper() || block.HelperDays.Contains(day.DayOfWeek))
            && (!_on(Group.Arena) || !kind.NeedsArena() || block.ArenaDays.Contains(day.DayOfWeek))
            && (!_on(Group.OpenGround) || !kind.NeedsOpenGround() || block.OpenGroundDays.Contains(day.DayOfWeek))
            && (
                !_on(Group.AroundCompetition)
                || calendar.Competition(day.AddDays(1)) is null
                || DayRules.SuitsDayBefore(kind, calendar.IsJumpedAt(day.AddDays(1)))
            )
            && (!_on(Group.AroundCompetition) || calendar.Competition(day.AddDays(-1)) is null || DayRules.SuitsDayAfter(kind))
            && (!_on(Group.AroundTherapist) || calendar.Spared(day) is null || !kind.IsHard());
    }

    private void HardRules()
    {
        foreach (var week in _task.Weeks)
        {
            var all = week.Days.SelectMany(d => _byDay[d]).ToList();
            if (_on(Group.Number))
            {
                _model.Add(LinearExpr.Sum(all.Select(a => a.At)) == week.Sessions);
            }

            if (_on(Group.Asked))
            {
                foreach (var (kind, n) in week.Asked)
                {
                    _model.Add(LinearExpr.Sum(all.Where(a => a.Kind == kind).Select(a => a.At)) == n);
                }
            }

            if (_on(Group.DayOff))
            {
                var stands = Calendar.Days(week.Monday).Count(d => _task.Calendar.Competition(d) is not null || _fixed.Contains(d));
                _model.Add(LinearExpr.Sum(all.Select(a => a.At)) <= Math.Max(0, 7 - BlockFigures.DayOff.Value - stands));
            }

            if (
                _on(Group.EasyDay)
                && week.Quota.Target.Sessions >= 4
                && !Calendar.Days(week.Monday).Any(d => _fixed[d].Any(k => k.IsEasy()))
                && week.Sessions > 1
            )
            {
                _model.Add(LinearExpr.Sum(all.Where(a => a.Kind.IsEasy()).Select(a => a.At)) >= BlockFigures.EasyDay.Value);
            }
        }

        foreach (var pinned in _task.Pinned.Where(_ => _on(Group.Pinned)))
        {
            _model.Add(_at.TryGetValue(pinned, out var at) ? at == 1 : LinearExpr.Constant(0) == 1);
        }

        var free = _byDay.Keys.Order().ToList();
        if (free.Count > 0)
        {
            new WindowRules(_model, _task.Calendar, d => _byDay.GetValueOrDefault(d) ?? [], d => _fixed[d]).Add(free[0], free[^1], _on);
        }
    }

    private void SoftRules()
    {
        foreach (var week in _task.Weeks)
        {
            var here = week.Days.SelectMany(d => _byDay[d].Select(h => (d, h.Kind, h.At))).ToList();
            foreach (var kinds in here.GroupBy(h => h.Kind).Where(g => !week.Asked.ContainsKey(g.Key)))
            {
                var wanted = week.Wanted.GetValueOrDefault(kinds.Key);
                var more = _model.NewIntVar(0, 7, "");
                _model.Add(more >= LinearExpr.Sum(kinds.Select(k => k.At)) - wanted);
                _cost.AddTerm(
                    more,
                    kinds.Key switch
                    {
                        SessionKind.Hack => Weights.MoreHacks,
                        SessionKind.WalkOnly or SessionKind.Recovery => Weights.MoreWalks,
                        _ => Weights.MoreThanWanted,
                    }
                );
            }

            foreach (var (kind, wanted) in week.Wanted.Where(w => w.Value > 0))
            {
                var missing = _model.NewIntVar(0, wanted, "");
                _model.Add(missing >= wanted - LinearExpr.Sum(here.Where(h => h.Kind == kind).Select(h => h.At)));
                _cost.AddTerm(missing, Weights.Missing);
            }

            foreach (var (day, kind, at) in here)
            {
                var load =
                    (day.DayOfWeek == _task.Block.FavouriteOff ? Weights.FavouriteDayOff : 0)
                    + (Weights.RidersLoad * Math.Min(6, _task.OtherHorses(day)))
                    + (_task.Calendar.Competition(day.AddDays(1)) is not null && kind == SessionKind.WalkOnly ? Weights.LastDays : 0);
                if (load > 0)
                {
                    _cost.AddTerm(at, load);
                }
            }

            Spread(week);
        }

        var stayed = _task.Former.Where(_at.ContainsKey).ToList();
        stayed.ForEach(s => _cost.AddTerm(_at[s], -Weights.Moved));
        _cost.Add(Weights.Moved * stayed.Count);
    }

    /// <summary>The same kind not on two days running, hard days with more than a day between, and few sessions spread out.</summary>
    private void Spread(WeekToPlace week)
    {
        var few = week.Sessions <= 4;
        foreach (var day in week.Days)
        {
            foreach (var (kind, at) in _byDay[day].Where(h => h.Kind != SessionKind.WalkOnly || few))
            {
                if (_at.TryGetValue(new Slot(day.AddDays(1), kind), out var next))
                {
                    Both(at, next, Weights.SameKindNextDay);
                }
            }

            if (few && _byDay.TryGetValue(day.AddDays(1), out var tomorrow))
            {
                var both = _model.NewBoolVar("");
                _model.Add(both >= LinearExpr.Sum(_byDay[day].Concat(tomorrow).Select(h => h.At)) - 1);
                _cost.AddTerm(both, Weights.NoDayBetween);
            }

            if (_byDay.TryGetValue(day.AddDays(2), out var after))
            {
                var both = _model.NewBoolVar("");
                _model.Add(both >= LinearExpr.Sum(_byDay[day].Concat(after).Where(h => h.Kind.IsHard()).Select(h => h.At)) - 1);
                _cost.AddTerm(both, Weights.HardTwoDaysApart);
            }
        }
    }

    private void Both(BoolVar a, BoolVar b, long weight)
    {
        var both = _model.NewBoolVar("");
        _model.Add(both >= a + b - 1);
        _cost.AddTerm(both, weight);
    }

    private IEnumerable<(BoolVar, bool)>? Hinted() =>
        _task.Former.Count == 0 ? null : _at.Select(a => (a.Value, _task.Former.Contains(a.Key)));
}
