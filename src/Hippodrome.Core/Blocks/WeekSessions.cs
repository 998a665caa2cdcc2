using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Blocks;

/// <summary>Turns the days and kinds of one week into sessions: who is who, minutes, rung, fences, sets.</summary>
internal sealed class WeekSessions(
    PlanningCase planned,
    Calendar calendar,
    WeekQuota quota,
    BlockWeek? former,
    IReadOnlyList<PlacedSession> past,
    IReadOnlyList<RungExpected> rungs
)
{
    private readonly List<PlacedSession> _ahead = [.. former?.Sessions.Where(s => !past.Contains(s)) ?? []];

    public IReadOnlyList<PlacedSession> Of(IReadOnlyList<Slot> slots)
    {
        var named = Named(slots);
        var added = planned.Former?.Added ?? [];
        var own = named.Where(n => !added.Contains(n.Id)).ToList();
        var budget = Budget(own.Count);
        // What is the same sessions of the same week keeps what each of them has, eased or not.
        var same =
            former is not null
            && former.Goal.Minutes == quota.Target.Minutes
            && own.Select(n => n.Id).Order().SequenceEqual(_ahead.Where(a => !added.Contains(a.Id)).Select(a => a.Id).Order());
        var minutes = Doses.Of(budget, own.ConvertAll(n => n.Slot.Kind), quota.Target.Ramp, quota.Target.Sets);
        return
        [
            .. named.Select(n =>
            {
                var was = _ahead.Find(a => a.Id == n.Id);
                var at = own.FindIndex(o => o.Id == n.Id);
                return Session(n.Id, n.Slot, (same || at < 0) && was is not null ? was.Minutes : minutes[at], was);
            }),
        ];
    }

    /// <summary>Each slot with its session's id: what stayed keeps its own, what moved takes one of its kind, the rest are new.</summary>
    private List<(Guid Id, Slot Slot)> Named(IReadOnlyList<Slot> slots)
    {
        var free = _ahead.ToList();
        var named = new Dictionary<Slot, Guid>();
        foreach (var slot in slots)
        {
            if (free.Find(f => f.On == slot.On && f.Kind == slot.Kind) is { } stays)
            {
                named[slot] = stays.Id;
                free.Remove(stays);
            }
        }

        foreach (var slot in slots.Where(s => !named.ContainsKey(s)))
        {
            if (free.Find(f => f.Kind == slot.Kind) is { } moved)
            {
                named[slot] = moved.Id;
                free.Remove(moved);
            }
        }

        var used = named.Values.Concat(past.Select(p => p.Id)).Concat((planned.Former?.Skipped ?? []).Select(s => s.Id)).ToHashSet();
        foreach (var slot in slots.Where(s => !named.ContainsKey(s)))
        {
            var id = Enumerable
                .Range(1, 99)
                .Select(n => PlacedSession.IdOf(planned.Block.Id, quota.Target.Monday, slot.Kind, n))
                .First(used.Add);
            named[slot] = id;
        }

        return [.. slots.Select(s => (named[s], s))];
    }

    /// <summary>The week's minutes; in a week under way no more than its days ahead had, since missed work is not caught up.</summary>
    private MinutesByGait Budget(int sessions)
    {
        var target = quota.Target.Minutes;
        var ahead = _ahead.Where(a => planned.Former?.Added.Contains(a.Id) != true).ToList();
        if (past.Count == 0)
        {
            var whole = quota.Target.Sessions;
            return sessions >= whole || whole == 0 ? target : target.Times((double)sessions / whole);
        }

        if (ahead.Count == 0)
        {
            return target.Times((double)sessions / Math.Max(1, quota.Target.Sessions));
        }

        // A session that goes takes its minutes with it.
        var left = MinutesByGait.Sum(ahead.Select(a => a.Minutes)).Times(Math.Min(1, (double)sessions / ahead.Count));
        return new MinutesByGait(Math.Min(left.Walk, target.Walk), Math.Min(left.Trot, target.Trot), Math.Min(left.Canter, target.Canter));
    }

    private PlacedSession Session(Guid id, Slot slot, MinutesByGait minutes, PlacedSession? was)
    {
        var dayBefore = calendar.Competition(slot.On.AddDays(1)) is not null;
        var efforts = Doses.Efforts(slot.Kind, quota.Target, planned.Horse, dayBefore);
        var sets = Doses.Fitting(slot.Kind, quota.Target.Sets, minutes.Canter);
        var bouts = quota.Target.Ramp is { Bouts: { } b } && minutes.Trot + minutes.Canter > 0 ? b : (int?)null;
        var rung = rungs.FirstOrDefault(r => IsOf(Catalogue.Rung(r.RungId).Strand, slot.Kind))?.RungId;
        if (
            was is not null
            && was.On == slot.On
            && was.Kind == slot.Kind
            && was.Minutes == minutes
            && was.RungId == rung
            && was.Efforts == efforts
            && was.Sets == sets
        )
        {
            return was;
        }

        return new PlacedSession
        {
            Id = id,
            On = slot.On,
            Kind = slot.Kind,
            Minutes = minutes,
            RungId = rung,
            Efforts = efforts,
            Sets = sets,
            Bouts = bouts,
            Pinned = was?.Pinned ?? false,
            Bent = [],
            Why = Doses.Because(slot.Kind, quota.Target, efforts, sets, dayBefore, []),
        };
    }

    private static bool IsOf(Strand strand, SessionKind kind) => strand.Kind() == kind || kind.Strand() == strand;
}
