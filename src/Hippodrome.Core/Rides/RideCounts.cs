using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Rides;

/// <summary>Jumps of one height in one part of the plan or over one set-up.</summary>
internal sealed record JumpedAt(int? Part, Guid? SetUpId, double HeightMetres, int Count)
{
    /// <summary>What had been rebuilt there by then; null where it stood as planned.</summary>
    public Stands? Stood { get; init; }
}

/// <summary>What the rules count of a ride beyond its sums.</summary>
internal sealed record RideCounts
{
    /// <summary>How often each sign was told.</summary>
    public required IReadOnlyDictionary<Sign, int> Signs { get; init; }

    /// <summary>The same without what a vet has entered as old and known.</summary>
    public required IReadOnlyDictionary<Sign, int> NewSigns { get; init; }

    /// <summary>Landings on the lead of the other rein than the one ridden.</summary>
    public required int WrongLandings { get; init; }

    /// <summary>Askings to yield that were answered with no step.</summary>
    public required int YieldsRefused { get; init; }

    /// <summary>Readings of tense after a flying change was asked for.</summary>
    public required int TenseAfterChange { get; init; }

    /// <summary>Readings of tense or more that followed on another.</summary>
    public required int TenseRunning { get; init; }

    /// <summary>Minutes of trot and canter that had been ridden at each sign of quickening.</summary>
    public required IReadOnlyList<double> QuickenedAfter { get; init; }

    /// <summary>Every mark for the left rein, in order.</summary>
    public required IReadOnlyList<double> LeftMarks { get; init; }

    /// <summary>Every mark for the right rein, in order.</summary>
    public required IReadOnlyList<double> RightMarks { get; init; }

    /// <summary>Series in half of which or more the same hind was late: the one that was so most often.</summary>
    public required (Rein Side, int Times) HindLateInSeries { get; init; }

    /// <summary>Askings that were worse so many times running as teach nothing any more.</summary>
    public required (Movement Movement, int Times) WorseRunning { get; init; }

    /// <summary>Jumps that ran out, by the side of the horse's way they ran out to.</summary>
    public required IReadOnlyDictionary<Rein, int> RanOut { get; init; }

    /// <summary>Distances that were close or long, with their causes, where both were told.</summary>
    public required IReadOnlyList<(TakeOff TakeOff, JumpCause Cause)> Distances { get; init; }

    /// <summary>Goes that were untidy, though they went.</summary>
    public required int Untidy { get; init; }

    /// <summary>How often something else stood from then on.</summary>
    public required int Rebuilt { get; init; }

    /// <summary>Calm goes one after the other over what stands now, up to the last.</summary>
    public required int CalmGoes { get; init; }

    /// <summary>Every jump, by where it was jumped.</summary>
    public required IReadOnlyList<JumpedAt> Jumped { get; init; }

    public static RideCounts OfNothing { get; } = OfEmpty();

    private const int Tense = 3;

    private static RideCounts OfEmpty()
    {
        var taps = RideTaps.Of(RideLog.Kept([]));
        return Of(taps, RailRecord.Of(taps));
    }

    internal static RideCounts Of(RideTaps taps, RailRecord rail)
    {
        var events = taps.Events;
        var signs = rail.Signs.Where(s => s.Counts).ToList();
        var tension = events.OfType<TensionSeen>().ToList();
        return new RideCounts
        {
            Signs = Count(signs),
            NewSigns = Count(signs.Where(s => !s.Known)),
            WrongLandings = CountWrongLandings(events),
            YieldsRefused = events.OfType<YieldSteps>().Count(y => y.Given == 0),
            TenseAfterChange = events.SkipWhile(e => e is not ChangeRidden).OfType<TensionSeen>().Count(t => t.Tension == Tense),
            TenseRunning = tension.Zip(tension.Skip(1)).Count(pair => pair.First.Tension >= Tense && pair.Second.Tension >= Tense),
            QuickenedAfter = [.. events.OfType<SignSeen>().Where(Quickens).Select(s => FastMinutesUntil(taps.Timeline, taps.At(s)))],
            HindLateInSeries = events
                .OfType<SeriesRidden>()
                .Where(s => s.LateBehind is not null && s.Late >= Math.Ceiling(s.Planned * RideFigures.LateHalf.Value))
                .CountBy(s => s.LateBehind!.Value)
                .OrderByDescending(s => s.Value)
                .Select(s => (s.Key, s.Value))
                .FirstOrDefault(),
            WorseRunning = Worse.Running(rail.Attempts, tension),
            RanOut = events
                .OfType<Efforts>()
                .Where(e => e.Outcome is EffortOutcome.RunOutLeft or EffortOutcome.RunOutRight)
                .GroupBy(e => e.Outcome == EffortOutcome.RunOutLeft ? Rein.Left : Rein.Right)
                .ToDictionary(g => g.Key, g => g.Sum(e => e.Count)),
            Distances =
            [
                .. events
                    .OfType<JumpTold>()
                    .GroupBy(t => t.Jump)
                    .Select(g =>
                        (
                            TakeOff: g.Select(t => t.TakeOff).LastOrDefault(t => t is not null),
                            Cause: g.Select(t => t.Cause).LastOrDefault(t => t is not null)
                        )
                    )
                    .Where(d => d is { TakeOff: TakeOff.Close or TakeOff.Long, Cause: not null })
                    .Select(d => (d.TakeOff!.Value, d.Cause!.Value)),
            ],
            Untidy = events.OfType<JumpTold>().Where(t => t.Untidy).Select(t => t.Jump).Distinct().Count(),
            Rebuilt = events.Count(e => e is Stands),
            CalmGoes = Rides.CalmGoes.Of(events),
            LeftMarks = MarksOf(events, Rein.Left),
            RightMarks = MarksOf(events, Rein.Right),
            Jumped =
            [
                .. events
                    .OfType<Efforts>()
                    .GroupBy(e => (Part: taps.Timeline.PartOf(e), e.SetUpId, e.HeightMetres, Stood: taps.StoodAt(e)))
                    .Select(g => new JumpedAt(g.Key.Part, g.Key.SetUpId, g.Key.HeightMetres, g.Sum(e => e.Count)) { Stood = g.Key.Stood }),
                .. events
                    .OfType<QuestionRidden>()
                    .Where(q => q.IsJumped)
                    .GroupBy(q => taps.Timeline.PartOf(q))
                    .Select(g => new JumpedAt(null, null, RideFigures.QuestionHeight.Value, g.Count())),
            ],
        };
    }

    private static Dictionary<Sign, int> Count(IEnumerable<SignTold> signs) =>
        signs.GroupBy(s => s.Sign).OrderBy(g => g.Key).ToDictionary(g => g.Key, g => g.Count());

    private static int CountWrongLandings(IReadOnlyList<RideEvent> events)
    {
        var reins = events
            .Where(e => e is Efforts or PolesPassed)
            .ToDictionary(e => e.Id, e => e is Efforts jump ? jump.Rein : ((PolesPassed)e).Rein);
        return events.OfType<JumpTold>().Count(t => t.LandedOn is { } on && reins.TryGetValue(t.Jump, out var rein) && rein != on);
    }

    private static bool Quickens(SignSeen sign) => sign.Sign is Sign.TempoLost or Sign.RushedBold or Sign.RushedWorried;

    // Rounded before it meets a limit.
    private static double FastMinutesUntil(RideTimeline timeline, DateTimeOffset at) =>
        Math.Round(
            timeline
                .Stretches.Where(s => s.Gait.IsFasterThanWalk() && s.From < at)
                .Sum(s => ((s.To < at ? s.To : at) - s.From).TotalMinutes),
            2
        );

    private static List<double> MarksOf(IReadOnlyList<RideEvent> events, Rein rein) =>
        [.. events.OfType<Marked>().Where(m => m.Rein == rein || m.Rein == Rein.Both).Select(m => m.Mark.Value)];
}
