using Hippodrome.Core.Blocks;

namespace Hippodrome.Core.Yards;

/// <summary>The order of work in a day: horses that use the same set-up one after the other, so that it is built once.</summary>
internal static class OrderOfWork
{
    public static IReadOnlyList<SharedSession> Of(IEnumerable<(Guid HorseId, PlacedSession Session, DateOnly WasOn)> sessions, Roster roster)
    {
        var ordered = new List<SharedSession>();
        foreach (var day in sessions.GroupBy(s => s.Session.On).OrderBy(g => g.Key))
        {
            var clock = new Dictionary<Guid, TimeOnly>();
            var place = 0;
            foreach (var (horse, session, was) in day.OrderBy(s => Stands(s.Session.Kind)).ThenBy(s => s.Session.RungId, StringComparer.Ordinal).ThenBy(s => s.Session.Id))
            {
                TimeOnly? at = session.RiderId is { } rider ? clock.GetValueOrDefault(rider, roster.StartsAt) : null;
                if (session.RiderId is { } by && at is { } begins)
                {
                    clock[by] = begins.AddMinutes(session.Minutes.Total + BlockFigures.BetweenHorses.Value);
                }

                ordered.Add(new SharedSession(horse, session, was, ++place, at));
            }
        }

        return ordered;
    }

    /// <summary>Hacks while the arena is built; then poles, grids and fences, each group together; flat work when they are down.</summary>
    private static int Stands(SessionKind kind) => kind switch
    {
        SessionKind.Hack or SessionKind.WalkOnly or SessionKind.Recovery or SessionKind.CanterWork or SessionKind.CrossCountry => 0,
        SessionKind.Poles => 1,
        SessionKind.Grid => 2,
        SessionKind.Jumping => 3,
        SessionKind.InHand or SessionKind.Lunge => 5,
        _ => 4,
    };
}
