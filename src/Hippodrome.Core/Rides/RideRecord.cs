using Hippodrome.Core.Horses;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Rides;

/// <summary>Minutes in one gait by rein; "both" is shared between them.</summary>
public sealed record GaitMinutes(Gait Gait, double Left, double Right)
{
    public double Minutes => Left + Right;
}

/// <summary>Transitions of one kind.</summary>
public sealed record TransitionCount(Gait From, Gait To, int Count);

/// <summary>Passes over poles on one rein.</summary>
/// <param name="Clean">Passes without a touch.</param>
/// <param name="Touched">Passes with one or more.</param>
/// <param name="Rushed">Passes that were rushed.</param>
/// <param name="Crossed">Poles crossed: passes times the poles that stood.</param>
public sealed record PassCount(int Clean, int Touched, int Rushed, int Crossed)
{
    public int All => Clean + Touched;
}

/// <summary>Jumps on one rein.</summary>
public sealed record EffortCount(int Clear, int Rub, int Knock, int RunOut, int Stop)
{
    public int All => Clear + Rub + Knock + RunOut + Stop;
}

/// <summary>Left beside right, always in that order.</summary>
public sealed record BothReins<T>(T Left, T Right)
    where T : notnull;

/// <summary>The mean mark of each rein, where one was given.</summary>
public sealed record MarksByRein(double? Left, double? Right);

/// <summary>
/// A sign and the rein it was seen on, if on one; old and known where a vet has entered it as such. What was the rider's own
/// slip, or was let pass, is told in the record of the rail only.
/// </summary>
public sealed record SignOnRein(Sign Sign, Rein? Rein, bool Known = false);

/// <summary>What a ride adds up to, folded from its events.</summary>
public sealed record RideRecord
{
    public required IReadOnlyList<GaitMinutes> ByGait { get; init; }

    public required IReadOnlyList<TransitionCount> Transitions { get; init; }

    public required BothReins<PassCount> Passes { get; init; }

    public required BothReins<EffortCount> Efforts { get; init; }

    public required double HighestMetres { get; init; }

    public required MarksByRein Marks { get; init; }

    public required IReadOnlyList<int> Tension { get; init; }

    public required double? Exertion { get; init; }

    public required IReadOnlyList<SignOnRein> Signs { get; init; }

    public required bool? ClosingTestPassed { get; init; }

    public required IReadOnlyList<string> Notes { get; init; }

    public required WeatherReading? Weather { get; init; }

    public required int TakenBack { get; init; }

    public required RailRecord Rail { get; init; }

    /// <summary>What the rules count; nobody else reads it.</summary>
    internal RideCounts Counts { get; init; } = RideCounts.OfNothing;

    public double Minutes => ByGait.Sum(g => g.Minutes);

    /// <summary>Exertion times minutes (Foster 2001); null when nobody said how hard it was.</summary>
    public double? Load => Exertion * Minutes;

    /// <summary>Touches of poles: those told by leg, or the passes that were touched where more of them are.</summary>
    public int Touches => Math.Max(Passes.Left.Touched + Passes.Right.Touched, Rail.TouchedLegs.Values.Sum());

    /// <summary>Poles crossed on both reins.</summary>
    public int Crossed => Passes.Left.Crossed + Passes.Right.Crossed;

    /// <summary>The worst tension seen.</summary>
    public int? TensionPeak => Tension.Count == 0 ? null : Tension.Max();

    /// <summary>Both reins' marks are there and reach <paramref name="mark"/>.</summary>
    public bool BothReinsReach(double mark) => Marks.Left >= mark && Marks.Right >= mark;

    /// <summary>
    /// Passes, efforts and marks of some parts of the plan only, where they were tapped part by part; what is
    /// felt of the whole ride stays. The whole record where nothing was marked in a part.
    /// </summary>
    public RideRecord OnParts(IReadOnlyCollection<int> parts)
    {
        var marked = Rail.Parts.Any(p =>
            p.Marks is not { Left: null, Right: null }
            || p.Passes.Left.All + p.Passes.Right.All + p.Efforts.Left.All + p.Efforts.Right.All > 0
        );
        return marked ? this with { Passes = Rail.PassesOf(parts), Efforts = Rail.EffortsOf(parts), Marks = Rail.MarksOf(parts) } : this;
    }

    public bool Saw(params Sign[] signs) => Signs.Any(s => signs.Contains(s.Sign));

    /// <summary>Folds a log to what it adds up to: the same for any order of arrival and any doubling.</summary>
    public static RideRecord Fold(RideLog log)
    {
        ArgumentNullException.ThrowIfNull(log);
        return Of(RideTaps.Of(log));
    }

    internal static RideRecord Of(RideTaps taps)
    {
        var (events, timeline) = (taps.Events, taps.Timeline);
        var rail = RailRecord.Of(taps);
        return new RideRecord
        {
            ByGait = MinutesByGait(
                events
                    .OfType<Ridden>()
                    .Select(r => (r.Gait, r.Rein, r.Minutes))
                    .Concat(timeline.Stretches.Select(s => (s.Gait, s.Rein, s.Minutes)))
            ),
            Transitions = CountTransitions(
                events
                    .OfType<Transitions>()
                    .Select(t => (t.From, t.To, t.Count))
                    .Concat(timeline.Transitions.Select(t => (t.From, t.To, 1)))
            ),
            Passes = PerRein(events.OfType<PolesPassed>(), p => p.Rein, CountPasses),
            Efforts = PerRein(events.OfType<Efforts>(), e => e.Rein, CountEfforts),
            HighestMetres = events.OfType<Efforts>().Select(e => e.HeightMetres).DefaultIfEmpty(0).Max(),
            Marks = MeanMarks([.. events.OfType<Marked>()]),
            Tension = [.. events.OfType<TensionSeen>().Select(t => t.Tension)],
            Exertion = events.OfType<ExertionSeen>().LastOrDefault()?.Exertion,
            Signs = [.. rail.Signs.Where(s => s.Counts).Select(s => new SignOnRein(s.Sign, s.Rein, s.Known)).Distinct()],
            ClosingTestPassed = events.OfType<ClosingTest>().LastOrDefault()?.Passed,
            Notes = [.. events.OfType<Noted>().Select(n => n.Text)],
            Weather = events
                .OfType<WeatherRead>()
                .Select(w => new WeatherReading(w.TemperatureC, w.HumidityPercent, w.Simulated))
                .LastOrDefault(),
            TakenBack = taps.TakenBack,
            Rail = rail,
            Counts = RideCounts.Of(taps, rail),
        };
    }

    private static List<TransitionCount> CountTransitions(IEnumerable<(Gait From, Gait To, int Count)> transitions) =>
        [
            .. transitions
                .GroupBy(t => (t.From, t.To))
                .OrderBy(g => g.Key)
                .Select(g => new TransitionCount(g.Key.From, g.Key.To, g.Sum(t => t.Count))),
        ];

    internal static List<GaitMinutes> MinutesByGait(IEnumerable<(Gait Gait, Rein Rein, double Minutes)> ridden) =>
        [
            .. ridden
                .GroupBy(r => r.Gait)
                .OrderBy(g => g.Key)
                .Select(g => new GaitMinutes(
                    g.Key,
                    g.Sum(r =>
                        r.Rein == Rein.Left ? r.Minutes
                        : r.Rein == Rein.Both ? r.Minutes / 2
                        : 0
                    ),
                    g.Sum(r =>
                        r.Rein == Rein.Right ? r.Minutes
                        : r.Rein == Rein.Both ? r.Minutes / 2
                        : 0
                    )
                )),
        ];

    internal static BothReins<TCount> PerRein<TEvent, TCount>(
        IEnumerable<TEvent> events,
        Func<TEvent, Rein> rein,
        Func<List<TEvent>, TCount> count
    )
        where TCount : notnull
    {
        var all = events.ToList();
        return new BothReins<TCount>(
            count(all.FindAll(e => rein(e) is Rein.Left or Rein.Both)),
            count(all.FindAll(e => rein(e) is Rein.Right or Rein.Both))
        );
    }

    internal static PassCount CountPasses(List<PolesPassed> passes) =>
        new(
            passes.Sum(p => p.Clean),
            passes.Sum(p => p.Touched),
            passes.Sum(p => p.Rushed),
            passes.Sum(p => (p.Clean + p.Touched) * (p.Poles ?? RideFigures.UsualPoles.Value))
        );

    internal static EffortCount CountEfforts(List<Efforts> efforts)
    {
        int Of(params EffortOutcome[] outcomes) => efforts.Where(e => outcomes.Contains(e.Outcome)).Sum(e => e.Count);
        return new EffortCount(
            Of(EffortOutcome.Clear),
            Of(EffortOutcome.Rub),
            Of(EffortOutcome.Knock),
            Of(EffortOutcome.RunOutLeft, EffortOutcome.RunOutRight),
            Of(EffortOutcome.Stop)
        );
    }

    internal static MarksByRein MeanMarks(List<Marked> marks)
    {
        double? Mean(Rein rein) =>
            marks.Where(m => m.Rein == rein || m.Rein == Rein.Both).Select(m => (double?)m.Mark.Value).Average() is { } mean
                ? Math.Round(mean, 2)
                : null;
        return new MarksByRein(Mean(Rein.Left), Mean(Rein.Right));
    }
}
