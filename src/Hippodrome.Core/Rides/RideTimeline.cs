using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Rides;

/// <summary>A stretch of a ride in one gait on one rein, in one part of the plan, under one rider.</summary>
public sealed record Stretch(DateTimeOffset From, DateTimeOffset To, Gait Gait, Rein Rein, int? Part, string? Rider)
{
    /// <summary>How the horse was worked, where that was told; else as it was planned.</summary>
    public Manner? Manner { get; init; }

    public double Minutes => (To - From).TotalMinutes;
}

/// <summary>Nobody rode. <see cref="To"/> is null while it lasts.</summary>
public sealed record Interruption(DateTimeOffset From, DateTimeOffset? To, string Because);

/// <summary>The recorder was left open: nothing after the last tap counts.</summary>
public sealed record LeftOpen(DateTimeOffset LastTap, DateTimeOffset Until);

/// <summary>What was ridden from tap to tap.</summary>
internal sealed class RideTimeline
{
    private readonly List<Stretch> _stretches = [];
    private readonly List<(Gait From, Gait To)> _transitions = [];
    private readonly List<Interruption> _interruptions = [];
    private readonly List<LeftOpen> _leftOpen = [];
    private readonly Dictionary<RideEvent, int?> _partOf = new(ReferenceEqualityComparer.Instance);
    private Gait? _gait;
    private Rein _rein = Rein.Both;
    private int? _part;
    private string? _rider;
    private Manner? _manner;
    private DateTimeOffset? _since;

    private RideTimeline() { }

    public IReadOnlyList<Stretch> Stretches => _stretches;

    public IReadOnlyList<(Gait From, Gait To)> Transitions => _transitions;

    public IReadOnlyList<Interruption> Interruptions => _interruptions;

    public IReadOnlyList<LeftOpen> LeftOpen => _leftOpen;

    public DateTimeOffset? Began { get; private set; }

    public DateTimeOffset? Ended { get; private set; }

    public bool IsUnderWay => Began is not null && Ended is null;

    /// <summary>The part of the plan an event was tapped in, if any.</summary>
    public int? PartOf(RideEvent e) => _partOf.GetValueOrDefault(e);

    /// <param name="taps">What counts, each with when it was made.</param>
    public static RideTimeline Of(IEnumerable<(RideEvent Event, DateTimeOffset At)> taps)
    {
        var timeline = new RideTimeline();
        foreach (
            var (e, at) in taps.Where(t =>
                    t.Event.Clock is not null || t.Event is GaitNow or ReinNow or PartBegun or Paused or RiderNow or MannerNow or RideEnded
                )
                .OrderBy(t => t.At)
                .ThenBy(t => t.Event.Clock?.Number ?? 0)
                .ThenBy(t => t.Event.Id)
        )
        {
            timeline.Take(e, at);
        }

        return timeline;
    }

    private void Take(RideEvent e, DateTimeOffset at)
    {
        RideUntil(at);
        switch (e)
        {
            case GaitNow { Gait: var gait }:
                Began ??= at;
                Ended = null;
                GoOn(at);
                if (_gait is { } before && before != gait)
                {
                    _transitions.Add((before, gait));
                }

                _gait = gait;
                break;
            case ReinNow { Rein: var rein }:
                _rein = rein;
                break;
            case PartBegun { Part: var part }:
                // Each part is worked as it is planned, until somebody says otherwise.
                _manner = part == _part ? _manner : null;
                _part = part;
                break;
            case RiderNow { Rider: var rider }:
                _rider = rider;
                break;
            case MannerNow { Manner: var manner }:
                _manner = manner;
                break;
            case Paused { Because: var because }:
                _gait = null;
                GoOn(at);
                _interruptions.Add(new Interruption(at, null, because));
                break;
            case RideEnded:
                _gait = null;
                GoOn(at);
                Ended = at;
                break;
        }

        _partOf[e] = _part;
    }

    /// <summary>What was ridden since the last tap; a silence too long to believe counts nothing.</summary>
    private void RideUntil(DateTimeOffset at)
    {
        if (_since is { } since && _gait is { } gait && at > since)
        {
            if ((at - since).TotalMinutes > RideFigures.LongestSilence.Value)
            {
                _leftOpen.Add(new LeftOpen(since, at));
                _gait = null;
            }
            else if (
                _stretches is [.., var last]
                && last.To == since
                && last.Gait == gait
                && last.Rein == _rein
                && last.Part == _part
                && last.Rider == _rider
                && last.Manner == _manner
            )
            {
                _stretches[^1] = last with { To = at };
            }
            else
            {
                _stretches.Add(new Stretch(since, at, gait, _rein, _part, _rider) { Manner = _manner });
            }
        }

        _since = at;
    }

    /// <summary>An interruption that lasted ends here.</summary>
    private void GoOn(DateTimeOffset at)
    {
        if (_interruptions is [.., { To: null } open])
        {
            _interruptions[^1] = open with { To = at };
        }
    }
}
