namespace Hippodrome.Core.Blocks;

/// <summary>The soft rules that bend, named where they bend.</summary>
internal static class SoftRules
{
    public static IReadOnlyList<Bent> OfWeek(WeekQuota quota, IReadOnlyList<PlacedSession> sessions) =>
        [
            .. quota
                .Wanted.Where(w => w.Value > 0)
                .OrderBy(w => w.Key)
                .Select(w => (w.Key, Missing: w.Value - sessions.Count(s => s.Kind == w.Key)))
                .Where(m => m.Missing > 0)
                .Select(m => new Bent("Mix", $"{(m.Missing == 1 ? "one" : m.Missing)} {m.Key.Say()} had no day that keeps the rules")),
        ];

    public static IReadOnlyList<PlacedSession> OfDays(IReadOnlyList<PlacedSession> sessions, IReadOnlyList<BlockWeek> weeks, Block block)
    {
        var byDay = weeks.SelectMany(w => w.Sessions).ToLookup(s => s.On);
        return
        [
            .. sessions.Select(s =>
            {
                var bent = On(s, byDay[s.On.AddDays(-1)], block).ToList();
                return bent.SequenceEqual(s.Bent) ? s : s with { Bent = bent };
            }),
        ];
    }

    private static IEnumerable<Bent> On(PlacedSession session, IEnumerable<PlacedSession> yesterday, Block block)
    {
        if (session.Kind != SessionKind.WalkOnly && yesterday.Any(y => y.Kind == session.Kind))
        {
            yield return new Bent("Spread", $"{session.Kind.Say()} on two days running");
        }

        if (session.On.DayOfWeek == block.FavouriteOff)
        {
            yield return new Bent("FavouriteDayOff", $"{session.On.DayOfWeek} would rather be off");
        }
    }
}
