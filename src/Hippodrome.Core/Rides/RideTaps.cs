namespace Hippodrome.Core.Rides;

/// <summary>What was tapped of a ride and counts, in the order it was made: what was taken back is left out.</summary>
internal sealed class RideTaps
{
    private readonly IReadOnlyDictionary<RideEvent, DateTimeOffset> _at;
    private readonly bool _rebuilt;
    private readonly ILookup<Guid, MoreTold> _more;

    private RideTaps(IEnumerable<RideEvent> events, IReadOnlyDictionary<RideEvent, DateTimeOffset> at, IReadOnlyList<ClockNote> notes)
    {
        _at = at;
        Events = [.. events];
        _rebuilt = Events.Any(e => e is Stands);
        _more = Events.OfType<MoreTold>().ToLookup(m => m.About);
        ClockNotes = notes;
        Timeline = RideTimeline.Of(Events.Select(e => (e, at[e])));
    }

    public IReadOnlyList<RideEvent> Events { get; }

    public RideTimeline Timeline { get; }

    /// <summary>What was odd about clocks.</summary>
    public IReadOnlyList<ClockNote> ClockNotes { get; }

    /// <summary>How many were taken back.</summary>
    public int TakenBack { get; private init; }

    /// <summary>When it was really made.</summary>
    public DateTimeOffset At(RideEvent e) => _at[e];

    /// <summary>All that was told of a sign or an asking after it was tapped; of each thing the last word counts.</summary>
    public MoreTold? MoreOf(RideEvent e) =>
        _more[e.Id]
            .Aggregate((MoreTold?)null, (sum, more) =>
                sum is null
                    ? more
                    : more with
                    {
                        Side = more.Side ?? sum.Side,
                        Where = more.Where ?? sum.Where,
                        Of = more.Of ?? sum.Of,
                        Mine = more.Mine ?? sum.Mine,
                        Later = more.Later ?? sum.Later,
                    }
            );

    /// <summary>Only some of them, as if nothing else had been tapped.</summary>
    public RideTaps Where(Func<RideEvent, bool> counts) => new(Events.Where(counts), _at, []);

    /// <summary>What had been rebuilt, when something was tapped, in the part it was tapped in; null where it stood as planned.</summary>
    public Stands? StoodAt(RideEvent e)
    {
        if (!_rebuilt)
        {
            return null;
        }

        var part = Timeline.PartOf(e);
        return Events.TakeWhile(x => !ReferenceEquals(x, e)).OfType<Stands>().LastOrDefault(s => s.Part == part);
    }

    /// <summary>The same for any order of arrival and any doubling.</summary>
    public static RideTaps Of(RideLog log)
    {
        ArgumentNullException.ThrowIfNull(log);
        var takenBack = log.Events.OfType<TakenBack>().Select(t => t.Event).ToHashSet();
        var (at, clockNotes) = TapTimes.Of(log.Events);
        return new RideTaps(
            log.Events.Where(e => !takenBack.Contains(e.Id)).OrderBy(e => at[e]).ThenBy(e => e.Clock?.Number ?? 0).ThenBy(e => e.Id),
            at,
            clockNotes
        )
        {
            TakenBack = log.Events.Count(e => takenBack.Contains(e.Id)),
        };
    }
}
