using Hippodrome.Core.Exercises;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Blocks;

/// <summary>How many sessions of each kind a week is to have.</summary>
/// <param name="Target">The week.</param>
/// <param name="Wanted">By the mix; another kind may take the place of one that does not fit.</param>
/// <param name="Asked">By the trainer; these must fit.</param>
/// <param name="Allowed">Kinds that may stand in the week at all.</param>
/// <param name="Why">Why there are so many of each.</param>
internal sealed record WeekQuota(
    WeekTarget Target,
    IReadOnlyDictionary<SessionKind, int> Wanted,
    IReadOnlyDictionary<SessionKind, int> Asked,
    IReadOnlySet<SessionKind> Allowed,
    Why Why
);

/// <summary>
/// Shares the sessions of each week out among kinds by weight, over the weeks so far: a kind that is behind its share
/// comes next (the quota method of apportionment), so that a fortnight sees what a week has no room for.
/// </summary>
internal sealed class Quotas(PlanningCase planned, Calendar calendar)
{
    private readonly Dictionary<SessionKind, double> _owed = [];
    private readonly Dictionary<SessionKind, int> _lastSeen = [];
    private static readonly SessionKind[] AllRound = [SessionKind.Flatwork, SessionKind.Poles, SessionKind.Grid, SessionKind.Hack];

    private Block Block => planned.Block;

    private bool IsVaried(DateOnly monday) => planned.Horse.AllRound && planned.Horse.IsYoung(monday);

    public static IReadOnlyList<WeekQuota> Of(PlanningCase planned, Calendar calendar, IReadOnlyList<WeekTarget> targets)
    {
        var quotas = new Quotas(planned, calendar);
        return [.. targets.Select(quotas.Week)];
    }

    private WeekQuota Week(WeekTarget target)
    {
        var allowed = Allowed(target);
        var asked = Block
            .Asked.Where(a => target.Ramp is null && !planned.Horse.InHandOnly(target.Monday))
            .ToDictionary(a => a.Kind, a => a.AWeek);
        var left = Math.Max(0, target.Sessions - asked.Values.Sum());
        var weights = Weights(target, allowed).Where(w => !asked.ContainsKey(w.Key) && w.Value > 0).OrderBy(w => w.Key).ToList();
        var all = weights.Sum(w => w.Value);
        var wanted = new Dictionary<SessionKind, int>();
        foreach (var (kind, weight) in weights)
        {
            _owed[kind] = _owed.GetValueOrDefault(kind) + (left * weight / all);
        }

        var varied = IsVaried(target.Monday);
        // The week's easy day comes first, and what it is counts like any other.
        var easy =
            target.Sessions >= 4 && target.Ramp is null && !asked.Any(a => a.Key.IsEasy() && a.Value > 0)
                ? weights
                    .Select(w => w.Key)
                    .Where(k => k.IsEasy())
                    .OrderByDescending(k => _owed[k])
                    .Select(k => (SessionKind?)k)
                    .FirstOrDefault()
                : null;
        if (easy is { } first && left > 0)
        {
            wanted[first] = 1;
            _owed[first] -= 1;
            _lastSeen[first] = target.Number;
        }

        for (var i = wanted.Count; i < left && weights.Count > 0; i++)
        {
            var fitting = weights.Select(w => w.Key).Where(k => wanted.GetValueOrDefault(k) < Most(k, target, wanted)).ToList();
            if (fitting.Count == 0)
            {
                break;
            }

            var next = fitting
                .OrderByDescending(k => varied && Overdue(k, target.Number) ? 1 : 0)
                .ThenByDescending(k => _owed[k])
                .ThenBy(k => k)
                .First();
            wanted[next] = wanted.GetValueOrDefault(next) + 1;
            _owed[next] -= 1;
            _lastSeen[next] = target.Number;
        }

        return new WeekQuota(
            target,
            wanted,
            asked,
            allowed,
            Why.Of(
                "Sessions are shared out by discipline, phase and focus; what a week has no room for comes in the next",
                [
                    .. asked.Where(a => a.Value > 0).Select(a => $"{a.Value} {a.Key.Say()} asked for"),
                    .. wanted.OrderBy(w => w.Key).Select(w => $"{w.Value} {w.Key.Say()}"),
                    .. Young(target),
                ],
                SessionMix.Mix.Source
            )
        );
    }

    private IEnumerable<string> Young(WeekTarget target) =>
        target.Ramp is not null || !planned.Horse.IsYoung(target.Monday) || planned.Horse.InHandOnly(target.Monday) ? []
        : planned.Horse.AllRound
            ? [$"flat, poles, jumping and hacking within {BlockFigures.VarietyWithin.Value} days, to age {SessionFigures.VarietyTo.Value}"]
        : ["its discipline early, as its approach has it"];

    /// <summary>Flat, poles, jumping and hacking come round every fortnight for the young.</summary>
    private bool Overdue(SessionKind kind, int week) =>
        AllRound.Contains(kind) && (week - _lastSeen.GetValueOrDefault(kind)) * 7 >= BlockFigures.VarietyWithin.Value;

    private Dictionary<SessionKind, double> Weights(WeekTarget target, HashSet<SessionKind> allowed)
    {
        var weights =
            planned.Horse.InHandOnly(target.Monday) ? new Dictionary<SessionKind, double> { [SessionKind.InHand] = 1 }
            : target.Ramp is { } ramp ? OfReturn(ramp)
            : target.Minutes is { Trot: 0, Canter: 0 } ? new Dictionary<SessionKind, double> { [SessionKind.WalkOnly] = 1 }
            : new Dictionary<SessionKind, double>(SessionMix.Weights(Block, target.Phase));
        if (weights.ContainsKey(SessionKind.Flatwork) && target.Ramp is null && IsVaried(target.Monday))
        {
            foreach (var kind in AllRound)
            {
                weights[kind] = Math.Max(BlockFigures.VarietyWeight.Value, weights.GetValueOrDefault(kind));
            }
        }

        foreach (var kind in weights.Keys.Where(k => !allowed.Contains(k)).ToList())
        {
            weights.Remove(kind);
        }

        if (weights.Count == 0)
        {
            weights[SessionKind.WalkOnly] = 1;
        }

        return weights;
    }

    /// <summary>Walk days; then hacks and flat work with walk poles; small grids once canter has been steady.</summary>
    private Dictionary<SessionKind, double> OfReturn(ReturnStep ramp) =>
        ramp.Phase switch
        {
            BlockPhase.Walk => new() { [SessionKind.WalkOnly] = 1 },
            BlockPhase.Stage when ramp.Each.Trot + ramp.Each.Canter == 0 => new() { [SessionKind.WalkOnly] = 1 },
            BlockPhase.Stage => new() { [SessionKind.Hack] = 1, [SessionKind.Flatwork] = 1 },
            _ when ramp.MayJump && Block.Discipline != Aims.Discipline.Dressage => new()
            {
                [SessionKind.Hack] = 1.2,
                [SessionKind.Flatwork] = 1.4,
                [SessionKind.Poles] = 0.7,
                [SessionKind.Grid] = 0.7,
            },
            _ => new()
            {
                [SessionKind.Hack] = 1.6,
                [SessionKind.Flatwork] = 1.4,
                [SessionKind.Poles] = 1,
            },
        };

    private HashSet<SessionKind> Allowed(WeekTarget target)
    {
        var monday = target.Monday;
        return
        [
            .. SessionKinds
                .All.Where(k => k is not (SessionKind.Competition or SessionKind.Assessment))
                .Where(k =>
                    planned.Horse.InHandOnly(monday)
                        ? k == SessionKind.InHand
                        : k != SessionKind.InHand
                            && !planned.Horse.IsOut(k, monday)
                            && IsOpen(k, monday)
                            && InRamp(k, target)
                            && HasDay(k, monday)
                ),
        ];
    }

    /// <summary>The horse is old enough for the kind's first rung, and what that rests on is reached.</summary>
    private bool IsOpen(SessionKind kind, DateOnly monday)
    {
        if (kind.Strand() is not { } strand || kind is SessionKind.Flatwork or SessionKind.CanterWork)
        {
            return true;
        }

        var first = Catalogue.Ladder(strand)[0];
        var age = planned.Horse.Horse.Age(monday);
        return age >= first.YoungestAge.Value
            && (planned.Horse.Places[strand] is not null || planned.Horse.Places.Missing(first, age).Count == 0);
    }

    private static bool InRamp(SessionKind kind, WeekTarget target) =>
        target.Ramp is not { } ramp
        || (
            ramp.Each is { Trot: 0, Canter: 0 }
                ? kind is SessionKind.WalkOnly or SessionKind.Recovery
                : kind != SessionKind.WalkOnly && (!kind.IsHard() || (kind == SessionKind.Grid && ramp.MayJump))
        );

    private bool HasDay(SessionKind kind, DateOnly monday) =>
        Calendar.Days(monday).Any(d => calendar.CanWork(d) && DayRules.MayStand(kind, d, Block));

    /// <summary>No strand over half the sessions; poles and jumping days rationed; hard days leave room for the others.</summary>
    private int Most(SessionKind kind, WeekTarget target, Dictionary<SessionKind, int> wanted)
    {
        var sessions = target.Sessions;
        if (kind is SessionKind.WalkOnly or SessionKind.InHand || sessions <= 2)
        {
            return kind.IsHard() ? 1 : sessions;
        }

        var most = Math.Max(1, (int)(sessions * BlockFigures.MostOfOneStrand.Value));
        var hard = wanted.Where(w => w.Key.IsHard()).Sum(w => w.Value);
        var jumped = wanted.Where(w => w.Key.IsJumped()).Sum(w => w.Value);
        var competition = Calendar.Days(target.Monday).Count(d => calendar.Competition(d) is not null);
        var fast = wanted.Where(w => w.Key.IsFast()).Sum(w => w.Value);
        return kind.IsHard() && hard + competition >= Math.Min(3, sessions / 2) ? wanted.GetValueOrDefault(kind)
            : kind.IsJumped() && jumped >= ExerciseFigures.JumpDays.Value ? wanted.GetValueOrDefault(kind)
            : kind.IsFast() && fast >= ExerciseFigures.FastDays.Value ? wanted.GetValueOrDefault(kind)
            : kind == SessionKind.Poles && planned.Horse.Horse.Age(target.Monday) < Sessions.SessionFigures.YoungPolesUnder.Value
                ? Math.Min(most, Sessions.SessionFigures.YoungPolesPerWeek.Value)
            : most;
    }
}
