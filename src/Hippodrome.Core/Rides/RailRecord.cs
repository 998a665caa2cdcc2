using System.Text.Json.Serialization;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Rides;

/// <summary>What was done in one part of the plan.</summary>
/// <param name="Part">Its place in the plan, from 0.</param>
/// <param name="ByGait">Minutes by gait and rein.</param>
/// <param name="Passes">Over poles.</param>
/// <param name="Efforts">Over fences.</param>
/// <param name="Marks">The mean mark of each rein.</param>
public sealed record PartDone(
    int Part,
    IReadOnlyList<GaitMinutes> ByGait,
    BothReins<PassCount> Passes,
    BothReins<EffortCount> Efforts,
    MarksByRein Marks
)
{
    public double Minutes => ByGait.Sum(g => g.Minutes);
}

/// <summary>Minutes of one rider; no name is the one who recorded it.</summary>
public sealed record RiderMinutes(string? Rider, double Minutes);

/// <summary>Flying changes to one lead.</summary>
public sealed record ChangeCount(int Clean, int Late, int ShortBehind, int None)
{
    public int All => Clean + Late + ShortBehind + None;
}

/// <summary>Where the jumps were told about: take-off, cause and landing.</summary>
public sealed record JumpsTold(
    int Close,
    int Good,
    int Long,
    int LandedLeft,
    int LandedRight,
    int ChangedBeforeTurn,
    IReadOnlyDictionary<JumpCause, int> Causes
);

/// <summary>A line ridden again and again: each count and how often, and what was planned.</summary>
public sealed record CountedLine(Guid? SetUpId, double Metres, int? Planned, IReadOnlyList<CountedTimes> Times)
{
    /// <summary>Between ground poles.</summary>
    public bool OverPoles { get; init; }

    /// <summary>Ridden as it goes, and not for a count.</summary>
    public bool AsItGoes { get; init; }

    /// <summary>How often the planned count was met; null where none was planned.</summary>
    public int? Met => Planned is { } planned ? Times.Where(t => t.Strides == planned).Sum(t => t.Times) : null;

    /// <summary>The count that missed most often; null when none missed.</summary>
    public int? MostFrequentMiss =>
        Times
            .Where(t => Planned is not null && t.Strides != Planned)
            .OrderByDescending(t => t.Times)
            .ThenBy(t => t.Strides)
            .Select(t => (int?)t.Strides)
            .FirstOrDefault();
}

public sealed record CountedTimes(int Strides, int Times);

/// <summary>Steps sideways away from one leg.</summary>
public sealed record StepCount(int Asked, int Given);

/// <summary>Minutes in which the horse was worked so.</summary>
public sealed record MannerMinutes(Manner Manner, double Minutes);

/// <summary>Touches of one element of what stood in a part.</summary>
/// <param name="Part">The part of the plan.</param>
/// <param name="Element">Which, from 1 as it is ridden.</param>
/// <param name="Leg">The leg, where it was seen.</param>
/// <param name="Times">How often.</param>
public sealed record ElementTouched(int? Part, int Element, Leg? Leg, int Times)
{
    internal static IReadOnlyList<ElementTouched> Of(RideTaps taps) =>
        [
            .. taps
                .Events.Select(Of)
                .OfType<(RideEvent Event, int Element, Leg? Leg, int Times)>()
                .Where(t => t.Times > 0)
                .GroupBy(t => (Part: taps.Timeline.PartOf(t.Event), t.Element, t.Leg))
                .OrderBy(g => g.Key)
                .Select(g => new ElementTouched(g.Key.Part, g.Key.Element, g.Key.Leg, g.Sum(t => t.Times))),
        ];

    private static (RideEvent Event, int Element, Leg? Leg, int Times)? Of(RideEvent e) =>
        e switch
        {
            PolesPassed { Element: { } at, Touched: > 0 } p => (e, at, p.Leg, p.Touched),
            Efforts { Element: { } at, Outcome: EffortOutcome.Rub or EffortOutcome.Knock } f => (e, at, f.Leg, f.Count),
            LegTouched { Element: { } at } l => (e, at, l.Leg, l.Count),
            _ => null,
        };
}

/// <summary>Fences of one height over one set-up that were answered alike.</summary>
public sealed record FencesAt(double HeightMetres, Guid? SetUpId, EffortOutcome Outcome, int Count);

/// <summary>What only a recorder at the rail can tell.</summary>
public sealed record RailRecord
{
    public required DateTimeOffset? Began { get; init; }

    public required DateTimeOffset? Ended { get; init; }

    /// <summary>It has begun at the rail and nobody has ended it.</summary>
    [JsonIgnore]
    public bool IsUnderWay => Began is not null && Ended is null;

    public required IReadOnlyList<Stretch> Stretches { get; init; }

    public required IReadOnlyList<PartDone> Parts { get; init; }

    public required IReadOnlyList<RiderMinutes> Riders { get; init; }

    public required IReadOnlyList<Interruption> Interruptions { get; init; }

    public required IReadOnlyList<LeftOpen> LeftOpen { get; init; }

    public required IReadOnlyList<ClockNote> ClockNotes { get; init; }

    public required BothReins<ChangeCount> Changes { get; init; }

    public required JumpsTold Jumps { get; init; }

    public required IReadOnlyList<CountedLine> Lines { get; init; }

    public required BothReins<StepCount> Yields { get; init; }

    public required IReadOnlyDictionary<Leg, int> TouchedLegs { get; init; }

    public required IReadOnlyList<Fell> Falls { get; init; }

    public required IReadOnlyList<string> AdviceTaken { get; init; }

    public required IReadOnlyList<string> AdviceLeft { get; init; }

    /// <summary>What was rebuilt or ridden instead, part by part, as it was at the end.</summary>
    public required IReadOnlyList<Stands> Stood { get; init; }

    public required IReadOnlyList<string> Next { get; init; }

    /// <summary>Every asking of a movement, in order.</summary>
    public required IReadOnlyList<Attempt> Attempts { get; init; }

    /// <summary>Every sign with all that was told of it, in order.</summary>
    public required IReadOnlyList<SignTold> Signs { get; init; }

    /// <summary>Questions across country, each way by itself.</summary>
    public required IReadOnlyList<QuestionTold> Questions { get; init; }

    /// <summary>Fences by height, set-up and answer.</summary>
    public required IReadOnlyList<FencesAt> Fences { get; init; }

    /// <summary>How it went from fence to fence across country.</summary>
    public required IReadOnlyDictionary<TravelHow, int> Travels { get; init; }

    /// <summary>Goes over a narrow fence, by where it was crossed.</summary>
    public required IReadOnlyDictionary<NarrowWhere, int> Narrow { get; init; }

    /// <summary>Touches told by the element that was touched.</summary>
    public required IReadOnlyList<ElementTouched> Elements { get; init; }

    /// <summary>Minutes by how the horse was worked, where that was told.</summary>
    public required IReadOnlyList<MannerMinutes> Manners { get; init; }

    /// <summary>Tests that open the next part: the last answer to each.</summary>
    public required IReadOnlyList<TestAnswered> Tests { get; init; }

    /// <summary>Rig and tack as they were looked at last; null where nobody said.</summary>
    public required TackLooked? Tack { get; init; }

    /// <summary>What was let pass and has not come since, in words: it is asked another day.</summary>
    public IReadOnlyList<string> LeftForAnotherDay => [.. Signs.Where(s => s.IsOpen).Select(s => s.Sign.Say()).Distinct()];

    internal static RailRecord Of(RideTaps taps)
    {
        var (events, timeline) = (taps.Events, taps.Timeline);
        return new RailRecord
        {
            Began = timeline.Began,
            Ended = timeline.Ended,
            Stretches = timeline.Stretches,
            Parts = PartsOf(timeline, events),
            Riders = [.. timeline.Stretches.GroupBy(s => s.Rider).Select(g => new RiderMinutes(g.Key, g.Sum(s => s.Minutes)))],
            Interruptions = timeline.Interruptions,
            LeftOpen = timeline.LeftOpen,
            ClockNotes = taps.ClockNotes,
            Changes = RideRecord.PerRein(events.OfType<ChangeRidden>(), c => c.To, CountChanges),
            Jumps = TellJumps(events),
            Lines =
            [
                .. events
                    .OfType<StridesCounted>()
                    .GroupBy(c => (c.SetUpId, c.Metres, c.Planned, c.OverPoles, c.AsItGoes))
                    .Select(g => new CountedLine(
                        g.Key.SetUpId,
                        g.Key.Metres,
                        g.Key.Planned,
                        [.. g.GroupBy(c => c.Strides).OrderBy(c => c.Key).Select(c => new CountedTimes(c.Key, c.Count()))]
                    )
                    {
                        OverPoles = g.Key.OverPoles,
                        AsItGoes = g.Key.AsItGoes,
                    }),
            ],
            Yields = RideRecord.PerRein(
                events.OfType<YieldSteps>(),
                y => y.AwayFrom,
                y => new StepCount(y.Sum(s => s.Asked), y.Sum(s => s.Given))
            ),
            TouchedLegs = LegsOf(events),
            Falls = [.. events.OfType<Fell>()],
            AdviceTaken = [.. events.OfType<AdviceAnswered>().Where(a => a.Accepted).Select(a => a.Rule)],
            AdviceLeft = [.. events.OfType<AdviceAnswered>().Where(a => !a.Accepted).Select(a => a.Rule)],
            Stood = [.. events.OfType<Stands>().GroupBy(s => s.Part).OrderBy(g => g.Key).Select(g => g.Last())],
            Next = [.. events.OfType<NextToDo>().Select(n => n.Text)],
            Attempts = Told.Attempts(taps),
            Signs = Told.Signs(taps),
            Questions = QuestionTold.Of(events),
            Fences =
            [
                .. events
                    .OfType<Efforts>()
                    .GroupBy(e => (e.HeightMetres, e.SetUpId, e.Outcome))
                    .OrderBy(g => g.Key)
                    .Select(g => new FencesAt(g.Key.HeightMetres, g.Key.SetUpId, g.Key.Outcome, g.Sum(e => e.Count))),
            ],
            Travels = events.OfType<Travelled>().CountBy(t => t.How).OrderBy(t => t.Key).ToDictionary(),
            Narrow = events.OfType<Efforts>().Where(e => e.Over is not null).CountBy(e => e.Over!.Value).OrderBy(n => n.Key).ToDictionary(),
            Elements = ElementTouched.Of(taps),
            Manners =
            [
                .. timeline
                    .Stretches.Where(s => s.Manner is not null)
                    .GroupBy(s => s.Manner!.Value)
                    .OrderBy(g => g.Key)
                    .Select(g => new MannerMinutes(g.Key, Math.Round(g.Sum(s => s.Minutes), 2))),
            ],
            Tests = [.. events.OfType<TestAnswered>().GroupBy(t => t.Test).OrderBy(g => g.Key).Select(g => g.Last())],
            Tack = events.OfType<TackLooked>().LastOrDefault(),
        };
    }

    internal BothReins<PassCount> PassesOf(IReadOnlyCollection<int> parts)
    {
        PassCount Sum(Func<PartDone, PassCount> of) =>
            Parts
                .Where(p => parts.Contains(p.Part))
                .Select(of)
                .Aggregate(new PassCount(0, 0, 0, 0), (a, b) =>
                    new PassCount(a.Clean + b.Clean, a.Touched + b.Touched, a.Rushed + b.Rushed, a.Crossed + b.Crossed)
                );
        return new(Sum(p => p.Passes.Left), Sum(p => p.Passes.Right));
    }

    internal BothReins<EffortCount> EffortsOf(IReadOnlyCollection<int> parts)
    {
        EffortCount Sum(Func<PartDone, EffortCount> of) =>
            Parts
                .Where(p => parts.Contains(p.Part))
                .Select(of)
                .Aggregate(new EffortCount(0, 0, 0, 0, 0), (a, b) =>
                    new EffortCount(a.Clear + b.Clear, a.Rub + b.Rub, a.Knock + b.Knock, a.RunOut + b.RunOut, a.Stop + b.Stop)
                );
        return new(Sum(p => p.Efforts.Left), Sum(p => p.Efforts.Right));
    }

    internal MarksByRein MarksOf(IReadOnlyCollection<int> parts)
    {
        double? Mean(Func<PartDone, double?> of) =>
            Parts.Where(p => parts.Contains(p.Part)).Select(of).Average() is { } mean ? Math.Round(mean, 2) : null;
        return new(Mean(p => p.Marks.Left), Mean(p => p.Marks.Right));
    }

    private static List<PartDone> PartsOf(RideTimeline timeline, IReadOnlyList<RideEvent> events)
    {
        var stretches = timeline.Stretches.ToLookup(s => s.Part);
        var tapped = events.ToLookup(timeline.PartOf);
        var parts = stretches.Select(s => s.Key).Concat(tapped.Select(t => t.Key)).OfType<int>().Distinct().Order();
        return
        [
            .. parts.Select(p => new PartDone(
                p,
                RideRecord.MinutesByGait(stretches[p].Select(s => (s.Gait, s.Rein, s.Minutes))),
                RideRecord.PerRein(tapped[p].OfType<PolesPassed>(), e => e.Rein, RideRecord.CountPasses),
                RideRecord.PerRein(tapped[p].OfType<Efforts>(), e => e.Rein, RideRecord.CountEfforts),
                RideRecord.MeanMarks([.. tapped[p].OfType<Marked>()])
            )),
        ];
    }

    /// <summary>Touches told by leg, over poles and fences; those put down to the rider or the way there do not count.</summary>
    private static Dictionary<Leg, int> LegsOf(IReadOnlyList<RideEvent> events)
    {
        var riders = events
            .OfType<JumpTold>()
            .Where(t => t.Cause is JumpCause.Track or JumpCause.Pace or JumpCause.Hand)
            .Select(t => t.Jump)
            .ToHashSet();
        var told = events
            .OfType<PolesPassed>()
            .Where(p => p.Leg is not null)
            .Select(p => (Leg: p.Leg!.Value, Count: p.Touched))
            .Concat(events.OfType<LegTouched>().Select(t => (t.Leg, t.Count)))
            .Concat(
                events
                    .OfType<Efforts>()
                    .Where(e => e.Leg is not null && e.Outcome is EffortOutcome.Rub or EffortOutcome.Knock && !riders.Contains(e.Id))
                    .Select(e => (Leg: e.Leg!.Value, e.Count))
            );
        return told.Where(t => t.Count > 0).GroupBy(t => t.Leg).OrderBy(g => g.Key).ToDictionary(g => g.Key, g => g.Sum(t => t.Count));
    }

    private static ChangeCount CountChanges(List<ChangeRidden> changes)
    {
        int Of(ChangeQuality quality) => changes.Count(c => c.Quality == quality);
        return new ChangeCount(Of(ChangeQuality.Clean), Of(ChangeQuality.Late), Of(ChangeQuality.ShortBehind), Of(ChangeQuality.None));
    }

    /// <summary>Of each jump the latest word on each thing counts; a jump taken back tells nothing.</summary>
    private static JumpsTold TellJumps(IReadOnlyList<RideEvent> events)
    {
        var jumps = events.Where(e => e is Efforts or PolesPassed).Select(e => e.Id).ToHashSet();
        var told = events
            .OfType<JumpTold>()
            .Where(t => jumps.Contains(t.Jump))
            .GroupBy(t => t.Jump)
            .Select(g =>
                (
                    TakeOff: g.Select(t => t.TakeOff).LastOrDefault(t => t is not null),
                    Landed: g.Select(t => t.LandedOn).LastOrDefault(t => t is not null),
                    Changed: g.Select(t => t.ChangedBeforeTurn).LastOrDefault(t => t is not null),
                    Cause: g.Select(t => t.Cause).LastOrDefault(t => t is not null)
                )
            )
            .ToList();
        return new JumpsTold(
            told.Count(t => t.TakeOff == TakeOff.Close),
            told.Count(t => t.TakeOff == TakeOff.Good),
            told.Count(t => t.TakeOff == TakeOff.Long),
            told.Count(t => t.Landed == Rein.Left),
            told.Count(t => t.Landed == Rein.Right),
            told.Count(t => t.Changed == true),
            told.Where(t => t.Cause is not null).GroupBy(t => t.Cause!.Value).OrderBy(g => g.Key).ToDictionary(g => g.Key, g => g.Count())
        );
    }
}
