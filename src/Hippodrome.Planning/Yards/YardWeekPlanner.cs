using Google.OrTools.Sat;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Yards;
using Hippodrome.Planning.Blocks;

namespace Hippodrome.Planning.Yards;

/// <summary>
/// Shares a week out among riders, helpers and arena hours, all horses together: every horse keeps the hard rules of its
/// block, nobody rides longer than they are there, and what stands on a day stays there if it can.
/// </summary>
public sealed class YardWeekPlanner
{
    private const long Left = 400;
    private const long Moved = 80;
    private const long OtherRider = 3;
    private const long LongDay = 1;

    private readonly IReadOnlyList<HorseWeek> _horses;
    private readonly Roster _roster;
    private readonly IReadOnlyDictionary<Guid, string> _built;
    private readonly DateOnly _monday;
    private readonly DateOnly _from;
    private readonly CpModel _model = new();
    private readonly LinearExprBuilder _cost = LinearExpr.NewBuilder();
    private readonly List<Choice> _choices = [];

    private YardWeekPlanner(
        IReadOnlyList<HorseWeek> horses,
        Roster roster,
        IReadOnlyDictionary<Guid, string> built,
        DateOnly monday,
        DateOnly today
    ) => (_horses, _roster, _built, _monday, _from) = (horses, roster, built, monday, today > monday ? today : monday);

    /// <summary>A session on a day under a rider.</summary>
    private sealed record Choice(HorseWeek Horse, PlacedSession Session, DateOnly On, Guid Rider, BoolVar At);

    /// <param name="horses">Horses with a block under way in the week.</param>
    /// <param name="roster">Who is there.</param>
    /// <param name="built">What has been set out for a session; equal where the same is built.</param>
    /// <param name="monday">The week.</param>
    /// <param name="today">Days before it stay.</param>
    /// <param name="cancel">Ends the search; what was found is given, and says so.</param>
    public static YardWeek Plan(
        IReadOnlyList<HorseWeek> horses,
        Roster roster,
        IReadOnlyDictionary<Guid, string> built,
        DateOnly monday,
        DateOnly today,
        CancellationToken cancel = default
    ) => new YardWeekPlanner(horses, roster, built, monday, today).Plan(cancel);

    private YardWeek Plan(CancellationToken cancel)
    {
        foreach (var horse in _horses)
        {
            Add(horse);
        }

        Hours();
        _model.Minimize(_cost);
        foreach (var choice in _choices)
        {
            _model.AddHint(choice.At, choice.On == choice.Session.On && (choice.Session.RiderId ?? choice.Rider) == choice.Rider);
        }

        var solver = new CpSolver { StringParameters = "num_workers:1,random_seed:20,max_deterministic_time:0.7,max_time_in_seconds:20" };
        using var stop = cancel.Register(solver.StopSearch);
        var status = solver.Solve(_model);
        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
        {
            // Leaving everything is always allowed, so this is the clock or the cancel button.
            return new YardWeek(_monday, [], [], new Solved(false, 0, 0, true));
        }

        var chosen = _choices.Where(c => solver.BooleanValue(c.At)).ToList();
        var past = _horses.SelectMany(h => InWeek(h).Where(s => !MayMove(h, s)).Select(s => (Horse: h, Session: s))).ToList();
        return new YardWeek(
            _monday,
            OrderOfWork.Of(
                [
                    .. past.Select(p => (p.Horse.HorseId, p.Session, p.Session.On)),
                    .. chosen.Select(c => (c.Horse.HorseId, c.Session with { On = c.On, RiderId = c.Rider }, c.Session.On)),
                ],
                _roster,
                _built
            ),
            Shortages(chosen),
            new Solved(status == CpSolverStatus.Optimal, solver.ObjectiveValue, solver.BestObjectiveBound, cancel.IsCancellationRequested)
        );
    }

    private IEnumerable<PlacedSession> InWeek(HorseWeek horse) =>
        horse.Case.Former!.Sessions.Where(s => s.On >= _monday && s.On < _monday.AddDays(7));

    private bool MayMove(HorseWeek horse, PlacedSession session) => session.On >= _from && !horse.Case.Done.Contains(session.Id);

    private void Add(HorseWeek horse)
    {
        var calendar = new Calendar(horse.Case.Block, horse.Case.Horse, d => _roster.IsThere(horse.Case.Block.RiderIds, d));
        var byDay = new Dictionary<DateOnly, List<(SessionKind Kind, BoolVar At)>>();
        var standing = horse
            .Case.Former!.Sessions.Where(s => s.On < _monday || s.On >= _monday.AddDays(7) || !MayMove(horse, s))
            .ToLookup(s => s.On, s => s.Kind);
        // What finds no room stays where its block has it, without a rider; where that breaks a rule already, it stands in nobody's way.
        var keeps = HardRules.Broken(horse.Case, horse.Case.Former!.Sessions, _monday).All(b => b.On >= _monday.AddDays(7));
        foreach (var session in InWeek(horse).Where(s => MayMove(horse, s)))
        {
            var choices = Choices(horse, session, calendar, standing).ToList();
            _choices.AddRange(choices);
            var left = _model.NewBoolVar("");
            _model.AddExactlyOne(choices.Select(c => c.At).Append(left));
            _cost.AddTerm(left, Left);
            if (keeps)
            {
                (byDay.TryGetValue(session.On, out var here) ? here : byDay[session.On] = []).Add((session.Kind, left));
            }

            foreach (var choice in choices)
            {
                _cost.AddTerm(
                    choice.At,
                    (choice.On != session.On ? Moved + Math.Abs(choice.On.DayNumber - session.On.DayNumber) : 0)
                        + (session.RiderId is { } was && was != choice.Rider ? OtherRider : 0)
                );
            }

            foreach (var day in choices.GroupBy(c => c.On))
            {
                var on = _model.NewBoolVar("");
                _model.Add(LinearExpr.Sum(day.Select(c => c.At)) == on);
                (byDay.TryGetValue(day.Key, out var list) ? list : byDay[day.Key] = []).Add((session.Kind, on));
            }
        }

        foreach (var day in byDay.Values)
        {
            _model.AddAtMostOne(day.Select(d => d.At));
        }

        if (byDay.Count > 0)
        {
            var taken = Calendar.Days(_monday).Count(d => calendar.Competition(d) is not null || standing.Contains(d));
            _model.Add(
                LinearExpr.Sum(byDay.Values.SelectMany(d => d.Select(x => x.At))) <= Math.Max(0, 7 - BlockFigures.DayOff.Value - taken)
            );
            new WindowRules(_model, calendar, d => byDay.GetValueOrDefault(d) ?? [], d => standing[d]).Add(
                byDay.Keys.Min(),
                byDay.Keys.Max(),
                _ => true
            );
        }
    }

    private IEnumerable<Choice> Choices(HorseWeek horse, PlacedSession session, Calendar calendar, ILookup<DateOnly, SessionKind> standing)
    {
        var block = horse.Case.Block;
        foreach (
            var day in Calendar
                .Days(_monday)
                .Where(d => d >= _from && (d == session.On || (!session.Pinned && calendar.CanWork(d))) && !standing.Contains(d))
        )
        {
            var suits =
                DayRules.MayStand(session.Kind, day, block)
                && (!session.Kind.NeedsHelper() || _roster.HelperDays.Contains(day.DayOfWeek))
                && (!session.Kind.NeedsArena() || _roster.ArenaDays.Contains(day.DayOfWeek))
                && (
                    calendar.Competition(day.AddDays(1)) is null
                    || DayRules.SuitsDayBefore(session.Kind, calendar.IsJumpedAt(day.AddDays(1)))
                )
                && (calendar.Competition(day.AddDays(-1)) is null || DayRules.SuitsDayAfter(session.Kind))
                && (calendar.Spared(day) is null || !session.Kind.IsHard());
            foreach (
                var rider in suits
                    ? _roster.Riders.Where(r =>
                        r.Days.Contains(day.DayOfWeek) && (block.RiderIds.Count == 0 || block.RiderIds.Contains(r.PersonId))
                    )
                    : []
            )
            {
                yield return new Choice(horse, session, day, rider.PersonId, _model.NewBoolVar(""));
            }
        }
    }

    /// <summary>Nobody rides longer than they are there; the helper and the arena likewise. Riders' days come out even.</summary>
    private void Hours()
    {
        foreach (var day in Calendar.Days(_monday))
        {
            var here = _choices.Where(c => c.On == day).ToList();
            foreach (var rider in _roster.Riders)
            {
                var ridden = here.Where(c => c.Rider == rider.PersonId).ToList();
                AtMost(ridden, rider.MinutesADay, BlockFigures.BetweenHorses.Value);
                if (ridden.Count > 0)
                {
                    var over = _model.NewIntVar(0, 1000, "");
                    _model.Add(
                        over
                            >= LinearExpr.WeightedSum(ridden.Select(c => c.At), ridden.Select(c => (long)c.Session.Minutes.Total))
                                - (rider.MinutesADay * 2 / 3)
                    );
                    _cost.AddTerm(over, LongDay);
                }
            }

            AtMost([.. here.Where(c => c.Session.Kind.NeedsHelper())], _roster.HelperMinutesADay, 0);
            AtMost([.. here.Where(c => c.Session.Kind.NeedsArena())], _roster.ArenaMinutesADay * _roster.ArenaAtOnce, 0);
        }
    }

    private void AtMost(List<Choice> choices, int minutes, int between)
    {
        if (choices.Count > 0)
        {
            // Between two horses there is time to change: one less of it than there are horses.
            _model.Add(
                LinearExpr.WeightedSum(choices.Select(c => c.At), choices.Select(c => (long)c.Session.Minutes.Total + between))
                    <= minutes + between
            );
        }
    }

    private List<Shortage> Shortages(List<Choice> chosen)
    {
        var placed = chosen.Select(c => c.Session.Id).ToHashSet();
        return
        [
            .. _horses.SelectMany(h =>
                InWeek(h)
                    .Where(s => MayMove(h, s) && !placed.Contains(s.Id))
                    .Select(s => new Shortage(s.On, h.HorseId, $"{h.Name}: {s.Kind.Say()} of {s.Minutes.Total} minutes {Lacks(h, s)}"))
            ),
        ];
    }

    /// <summary>What there was not enough of.</summary>
    private string Lacks(HorseWeek horse, PlacedSession session)
    {
        var possible = _choices.Where(c => c.Session.Id == session.Id).ToList();
        return possible.Count == 0 && session.Kind.NeedsHelper() && _roster.HelperDays.Count == 0 ? "has no helper this week"
            : possible.Count == 0
                ? $"has no day with {(horse.Case.Block.RiderIds.Count > 0 ? "one of its riders" : "a rider")}{(session.Kind.NeedsHelper() ? ", a helper" : "")}{(session.Kind.NeedsArena() ? " and the arena" : "")}"
            : $"finds no room: riders, helper or arena are full on {string.Join(", ", possible.Select(c => c.On).Distinct().Order().Select(d => FormattableString.Invariant($"{d:dddd}")))}";
    }
}
