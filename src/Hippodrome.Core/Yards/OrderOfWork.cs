using Hippodrome.Core.Blocks;

namespace Hippodrome.Core.Yards;

/// <summary>
/// The order of work in a day: horses that use the same set-up one after the other, so that it is built once; where
/// nothing has been set out yet, those on the same rung.
/// </summary>
internal static class OrderOfWork
{
    public static IReadOnlyList<SharedSession> Of(
        IEnumerable<(Guid HorseId, PlacedSession Session, DateOnly WasOn)> sessions,
        Roster roster,
        IReadOnlyDictionary<Guid, string> built
    )
    {
        var ordered = new List<SharedSession>();
        foreach (var day in sessions.GroupBy(s => s.Session.On).OrderBy(g => g.Key))
        {
            var clock = new Dictionary<Guid, TimeOnly>();
            var place = 0;
            string? standing = null;
            foreach (var (horse, session, was) in InGroups(day, built))
            {
                TimeOnly? at = session.RiderId is { } rider ? clock.GetValueOrDefault(rider, roster.StartsAt) : null;
                if (session.RiderId is { } by && at is { } begins)
                {
                    clock[by] = begins.AddMinutes(session.Minutes.Total + BlockFigures.BetweenHorses.Value);
                }

                var needs = built.GetValueOrDefault(session.Id);
                ordered.Add(new SharedSession(horse, session, was, ++place, at, needs is not null && needs == standing));
                standing = needs;
            }
        }

        return ordered;
    }

    private static IEnumerable<(Guid HorseId, PlacedSession Session, DateOnly WasOn)> InGroups(
        IEnumerable<(Guid HorseId, PlacedSession Session, DateOnly WasOn)> day,
        IReadOnlyDictionary<Guid, string> built
    ) =>
        day.OrderBy(s => Stands(s.Session.Kind))
            .ThenBy(s => s.Session.RungId, StringComparer.Ordinal)
            .ThenBy(s => s.Session.Id)
            .GroupBy(s => built.GetValueOrDefault(s.Session.Id) ?? s.Session.Id.ToString())
            .SelectMany(g => g);

    /// <summary>Hacks while the arena is built; then poles, grids and fences, each group together; flat work when they are down.</summary>
    private static int Stands(SessionKind kind) =>
        kind switch
        {
            SessionKind.Hack or SessionKind.WalkOnly or SessionKind.Recovery or SessionKind.CanterWork or SessionKind.CrossCountry => 0,
            SessionKind.Poles => 1,
            SessionKind.Grid => 2,
            SessionKind.Jumping => 3,
            SessionKind.InHand or SessionKind.Lunge => 5,
            _ => 4,
        };
}
