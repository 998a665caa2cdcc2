using Hippodrome.Core.Blocks;

namespace Hippodrome.Core.Yards;

/// <summary>A yard's week as it stands: order of work, what shortages, and how a shared-out week goes back into the blocks.</summary>
public static class YardWeeks
{
    /// <summary>Sessions in the order of work of their days.</summary>
    /// <param name="sessions">Whose, and which.</param>
    /// <param name="roster">Who is there.</param>
    /// <param name="built">What has been set out for a session; equal where the same is built.</param>
    public static IReadOnlyList<SharedSession> InOrder(
        IEnumerable<(Guid HorseId, PlacedSession Session)> sessions,
        Roster roster,
        IReadOnlyDictionary<Guid, string> built
    )
    {
        ArgumentNullException.ThrowIfNull(sessions);
        ArgumentNullException.ThrowIfNull(roster);
        ArgumentNullException.ThrowIfNull(built);
        return OrderOfWork.Of(sessions.Select(s => (s.HorseId, s.Session, s.Session.On)), roster, built);
    }

    /// <summary>A plan with these sessions' days and riders.</summary>
    public static BlockPlan Into(BlockPlan plan, IReadOnlyList<SharedSession> sessions)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(sessions);
        var byId = sessions.ToDictionary(s => s.Session.Id, s => s.Session);
        return PlanChanges.With(
            plan,
            plan.Sessions.Select(s =>
                byId.TryGetValue(s.Id, out var shared) && (shared.On != s.On || shared.RiderId != s.RiderId)
                    ? s with
                    {
                        On = shared.On,
                        RiderId = shared.RiderId,
                    }
                    : s
            )
        );
    }

    /// <summary>Horses of which a session has come, gone, or stands on another day or with another rider than it was seen.</summary>
    public static IReadOnlySet<Guid> Differing(IEnumerable<SharedSession> now, IEnumerable<SeenSession> seen)
    {
        var different = now.Select(s => new SeenSession(s.HorseId, s.Session.Id, s.Session.On, s.Session.RiderId)).ToHashSet();
        different.SymmetricExceptWith(seen);
        return different.Select(s => s.HorseId).ToHashSet();
    }

    /// <summary>Riders who have more than their hours, days without helper or arena, and more than the arena holds.</summary>
    public static IReadOnlyList<Shortage> Shortages(
        IReadOnlyList<SharedSession> sessions,
        Roster roster,
        IReadOnlyDictionary<Guid, string> names
    )
    {
        ArgumentNullException.ThrowIfNull(sessions);
        ArgumentNullException.ThrowIfNull(roster);
        ArgumentNullException.ThrowIfNull(names);
        var shortages = new List<Shortage>();
        foreach (var day in sessions.GroupBy(s => s.Session.On).OrderBy(d => d.Key))
        {
            shortages.AddRange(
                day.Where(s => s.Session.Kind.NeedsHelper() && !roster.HelperDays.Contains(day.Key.DayOfWeek))
                    .Select(s => new Shortage(day.Key, s.HorseId, $"{names[s.HorseId]}: {s.Session.Kind.Say()} and no helper"))
            );
            shortages.AddRange(
                day.Where(s => s.Session.Kind.NeedsArena() && !roster.ArenaDays.Contains(day.Key.DayOfWeek))
                    .Select(s => new Shortage(day.Key, s.HorseId, $"{names[s.HorseId]}: {s.Session.Kind.Say()} and no arena"))
            );
            foreach (var rider in day.Where(s => s.Session.RiderId is not null).GroupBy(s => s.Session.RiderId!.Value))
            {
                var hours = roster.Riders.FirstOrDefault(r => r.PersonId == rider.Key);
                var minutes = rider.Sum(s => s.Session.Minutes.Total) + ((rider.Count() - 1) * BlockFigures.BetweenHorses.Value);
                if (hours is null || !hours.Days.Contains(day.Key.DayOfWeek))
                {
                    shortages.AddRange(rider.Select(s => new Shortage(day.Key, s.HorseId, $"{names[s.HorseId]}: its rider is not there")));
                }
                else if (minutes > hours.MinutesADay)
                {
                    shortages.Add(
                        new Shortage(
                            day.Key,
                            rider.First().HorseId,
                            $"{rider.Count()} horses take one rider {minutes} minutes, and {hours.MinutesADay} are theirs"
                        )
                    );
                }
            }

            var arena = day.Where(s => s.Session.Kind.NeedsArena()).Sum(s => s.Session.Minutes.Total);
            if (arena > roster.ArenaMinutesADay * roster.ArenaAtOnce && roster.ArenaDays.Contains(day.Key.DayOfWeek))
            {
                shortages.Add(
                    new Shortage(
                        day.Key,
                        day.First().HorseId,
                        $"{arena} minutes of arena work, and room for {roster.ArenaMinutesADay * roster.ArenaAtOnce}"
                    )
                );
            }
        }

        return shortages;
    }
}
