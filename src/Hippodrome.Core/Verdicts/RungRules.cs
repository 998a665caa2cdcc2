using System.Globalization;
using System.Text.Json.Serialization;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Verdicts;

/// <summary>Which way the evidence points.</summary>
public enum RungWord
{
    Up,
    Stay,
    Back,
}

/// <summary>A ride in which a rung was worked.</summary>
/// <param name="RideId">Which ride.</param>
/// <param name="On">The day.</param>
/// <param name="RiderId">Who rode.</param>
/// <param name="Record">What it added up to.</param>
/// <param name="Place">Where, when it was not at home.</param>
public sealed record RungRide(Guid RideId, DateOnly On, Guid RiderId, RideRecord Record, string Place = "");

/// <summary>All that moves a rung.</summary>
/// <param name="Rung">The rung in work.</param>
/// <param name="Places">Where the horse stands on every ladder.</param>
/// <param name="Age">Age on the day of the latest ride.</param>
/// <param name="Rides">Rides in which this rung was worked, the latest first.</param>
/// <param name="LastRiddenBefore">The day it was last ridden before the latest of them, whatever was worked.</param>
/// <param name="EarlierRiders">Who rode it before the latest of them.</param>
/// <param name="DaysToCompetition">Days from the latest of them to the next competition, if one is entered.</param>
/// <param name="Held">Held from ridden work.</param>
/// <param name="EarlierPlaces">Where it was ridden before the latest of them; home is empty.</param>
public sealed record RungContext(
    Rung Rung,
    Places Places,
    int Age,
    IReadOnlyList<RungRide> Rides,
    DateOnly? LastRiddenBefore = null,
    IReadOnlySet<Guid>? EarlierRiders = null,
    int? DaysToCompetition = null,
    bool Held = false,
    IReadOnlySet<string>? EarlierPlaces = null
)
{
    /// <summary>What the verdicts on the latest of the rides ask for instead; null where nothing asks for care.</summary>
    public string? LatestAsksForCare { get; init; }

    /// <summary>The horse's own limit in °C of air.</summary>
    public double? HeatLimitC { get; init; }

    /// <summary>Its approach is to climb by repeats, within a session.</summary>
    public bool ByRepeats { get; init; }
}

/// <summary>Up, stay or back, with what it rests on and what is missing.</summary>
/// <param name="Rung">The rung it is about.</param>
/// <param name="Word">Up, stay or back.</param>
/// <param name="ToRungId">Where to, unless it stays.</param>
/// <param name="Says">In words.</param>
/// <param name="Missing">What holds the next rung back.</param>
/// <param name="Reliability">Good rides among the last ones.</param>
/// <param name="Poor">Back for two sessions running under 5.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record RungVerdict(
    [property: JsonIgnore] Rung Rung,
    RungWord Word,
    string? ToRungId,
    string Says,
    IReadOnlyList<string> Missing,
    Reliability? Reliability,
    [property: JsonIgnore] bool Poor,
    Why Why
);

/// <summary>Rungs are climbed on evidence, not on a date.</summary>
public static class RungRules
{
    public static RungVerdict Judge(RungContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        var rung = context.Rung;
        // A ride in which nothing was tapped of this rung says nothing of it, neither good nor bad.
        List<RungRide> rides = [.. context.Rides.Where(r => HasEvidence(r.Record))];
        var reliability = Reliability.Of(rides.Select(r => IsGood(rung, r.Record)));
        if (GoesBack(rung, rides) is { } reason)
        {
            var to = rung.FallBack is null ? null : Catalogue.Rung(rung.FallBack);
            return new RungVerdict(
                rung,
                RungWord.Back,
                to?.Id,
                to is null ? "Less of the same: it is the first rung." : $"One rung back, to {to.Name}.",
                [],
                reliability,
                !IsStopped(rung, rides),
                Why.Of(reason, Inputs(rung, rides, VerdictFigures.RunningSessions.Value), VerdictFigures.PoorMark.Source)
            );
        }

        var missing = Missing(context with { Rides = rides });
        var above = Catalogue.Above(rung);
        var why = Why.Of(
            $"{rung.SessionsToGoUp.Value} sessions running on this rung, nothing told against it: {rung.Good.Mark:0.#} or more on both reins, tension {rung.Good.LeastTension} or {rung.Good.MostTension}, closing test passed",
            Inputs(rung, rides, rung.SessionsToGoUp.Value),
            rung.SessionsToGoUp.Source
        );
        return missing.Count > 0 || above is null
            ? new RungVerdict(
                rung,
                RungWord.Stay,
                null,
                above is null && missing.Count == 0 ? "The top of this ladder: keep it fresh." : "Stay, while it keeps offering an answer.",
                missing,
                reliability,
                false,
                why
            )
            : new RungVerdict(rung, RungWord.Up, above.Id, $"One rung up, to {above.Name}.", [], reliability, false, why);
    }

    /// <summary>Something was tapped that speaks of it: a mark, a pass, an effort, a change, steps sideways.</summary>
    private static bool HasEvidence(RideRecord r) =>
        r.Marks is not { Left: null, Right: null }
        || r.Crossed > 0
        || r.Efforts.Left.All + r.Efforts.Right.All > 0
        || r.Rail.Changes.Left.All + r.Rail.Changes.Right.All > 0
        || r.Rail.Yields.Left.Asked + r.Rail.Yields.Right.Asked > 0
        || r.Rail.Attempts.Any(a => !a.Mine)
        || r.Rail.Questions.Count > 0;

    /// <summary>Good as this rung asks for it. A mark, tension or closing test that nobody gave is not a bad one.</summary>
    public static bool IsGood(Rung rung, RideRecord record) => Short(rung, record) is null;

    /// <summary>What holds the next rung back: sessions still wanted, the day, prerequisites, age.</summary>
    private static List<string> Missing(RungContext c)
    {
        var missing = new List<string>();
        var good = c.Rides.TakeWhile(r => IsGood(c.Rung, r.Record)).Count();
        if (good < c.Rung.SessionsToGoUp.Value && !(good > 0 && IsRepeated(c)))
        {
            var more = c.Rung.SessionsToGoUp.Value - good;
            missing.Add($"{more} good {(more == 1 ? "session" : "sessions")} more");
        }

        if (NotToday(c) is { } day)
        {
            missing.Add(day);
        }

        if (Catalogue.Above(c.Rung) is { } above)
        {
            missing.AddRange(c.Places.Missing(above, c.Age));
        }

        return missing;
    }

    /// <summary>
    /// Its approach is by repeats, and the latest ride had goes enough over poles or fences: never among changes, nor for a
    /// narrower fence.
    /// </summary>
    private static bool IsRepeated(RungContext c) =>
        c.ByRepeats
        && c.Rung.Strand is not (Strand.Changes or Strand.Narrow)
        && c.Rides[0].Record is var r
        && r.Passes.Left.Clean + r.Passes.Right.Clean + r.Efforts.Left.Clear + r.Efforts.Right.Clear >= VerdictFigures.RepeatedGoes.Value;

    /// <summary>Days on which no rung is climbed.</summary>
    private static string? NotToday(RungContext c)
    {
        if (c.Held)
        {
            return "held from ridden work";
        }

        if (c.Rides.Count == 0)
        {
            return null;
        }

        var latest = c.Rides[0];
        return c switch
        {
            { LatestAsksForCare: { } care } => $"the last ride asks for something else: {care}",
            { DaysToCompetition: >= 0 and <= 1 } => "not on the eve of a competition",
            _ when latest.Record.Weather is { } weather && Heat.Advise(weather, c.HeatLimitC).Care.IsHeat() => "not in the heat",
            { LastRiddenBefore: { } before } when latest.On.DayNumber - before.DayNumber >= VerdictFigures.BreakFrom.Value =>
                "not on the first day after a break",
            { EarlierRiders: { Count: > 0 } riders } when !riders.Contains(latest.RiderId) => "not on a new rider's first day",
            { EarlierPlaces: { Count: > 0 } places } when !places.Contains(latest.Place) => "not on the first day at a new place",
            _ => null,
        };
    }

    /// <summary>Two sessions running under 5 on a rein, or a stop that says "not understood".</summary>
    private static string? GoesBack(Rung rung, List<RungRide> rides)
    {
        var poor = VerdictFigures.PoorMark.Value;
        var running = rides.Take(VerdictFigures.RunningSessions.Value).ToList();
        return IsStopped(rung, rides) ? "A stop says it was not understood: back at once"
            : running.Count == VerdictFigures.RunningSessions.Value
            && running.TrueForAll(r => r.Record.Marks.Left < poor || r.Record.Marks.Right < poor)
                ? "Two sessions running under 5 go back one rung"
            : null;
    }

    private static bool IsStopped(Rung rung, List<RungRide> rides) =>
        rung.Good.CleanShare is not null && rides.Count > 0 && rides[0].Record.Efforts.Left.Stop + rides[0].Record.Efforts.Right.Stop > 0;

    /// <summary>Signs that ask for less, or for something else: a ride with one is not good for any rung.</summary>
    private static readonly Dictionary<Sign, string> Against = new()
    {
        [Sign.Tired] = "it tired",
        [Sign.RushedBold] = "it rushed",
        [Sign.RushedWorried] = "it rushed",
        [Sign.AddedStride] = "it struggled with a distance",
        [Sign.FlatAndLong] = "it got flat",
        [Sign.TempoLost] = "the tempo was lost",
        [Sign.RefusedYield] = "it refused to yield",
        [Sign.HeadUpShortNeck] = "it fussed",
        [Sign.Mouth] = "it fussed",
        [Sign.Braced] = "it braced",
        [Sign.Blows] = "it blew",
        [Sign.Bucks] = "it bucked",
        [Sign.Frightened] = "it was frightened",
        [Sign.NeckOnly] = "it bent in the neck only",
        [Sign.Leans] = "it leaned",
        [Sign.OnForehand] = "it fell on the forehand",
        [Sign.VoiceNotAnswered] = "it did not answer the voice",
    };

    /// <summary>Nothing told against it, no tension and no poor mark: what was ridden may come otherwise next time.</summary>
    internal static bool IsCalm(RideRecord record) =>
        SoundnessRules.SaysPain(record) is null
        && record.Rail.Falls.Count == 0
        && !record.Signs.Any(s => Against.ContainsKey(s.Sign))
        && !(record.TensionPeak > VerdictFigures.CalmTension.Value)
        && !(record.Marks.Left < VerdictFigures.PoorMark.Value || record.Marks.Right < VerdictFigures.PoorMark.Value);

    /// <summary>What a ride was short of, or null when it was good.</summary>
    private static string? Short(Rung rung, RideRecord record)
    {
        var clean = Clean(record);
        return record switch
        {
            _ when SoundnessRules.SaysPain(record) is { } pain => pain,
            _ when record.Rail.Falls.Count > 0 => "a fall",
            _ when record.Signs.Where(s => Against.ContainsKey(s.Sign)).Select(s => Against[s.Sign]).FirstOrDefault() is { } sign => sign,
            _ when record.Marks.Left < rung.Good.Mark || record.Marks.Right < rung.Good.Mark => "a rein under the mark",
            _ when record.Tension.Any(t => t < rung.Good.LeastTension || t > rung.Good.MostTension) => "tension",
            _ when record.ClosingTestPassed == false => "closing test",
            _ when Alone(record) is { } alone && alone < VerdictFigures.AloneShare.Value => string.Create(
                CultureInfo.InvariantCulture,
                $"{alone:P0} of its askings alone"
            ),
            _ when record.Rail.Questions.Any(q =>
                    q.Goes.Any(g => g is QuestionHow.Refused or QuestionHow.RanOutLeft or QuestionHow.RanOutRight)
                ) => "a question refused",
            _ when rung.Good.CleanShare is { } asked && clean < asked => string.Create(CultureInfo.InvariantCulture, $"{clean:P0} clean"),
            _ => null,
        };
    }

    /// <summary>Share of passes and efforts that were clean; everything where nothing was counted.</summary>
    private static double Clean(RideRecord record)
    {
        var (passes, efforts) = (record.Passes, record.Efforts);
        var all = passes.Left.All + passes.Right.All + efforts.Left.All + efforts.Right.All;
        return all == 0 ? 1 : (double)(passes.Left.Clean + passes.Right.Clean + efforts.Left.Clear + efforts.Right.Clear) / all;
    }

    /// <summary>Share of its askings that were answered alone; null where nothing was asked.</summary>
    private static double? Alone(RideRecord record)
    {
        var asked = record.Rail.Attempts.Where(a => !a.Mine).ToList();
        return asked.Count == 0 ? null : Math.Round((double)asked.Count(a => a.Good) / asked.Count, 4);
    }

    private static IReadOnlyList<Input> Inputs(Rung rung, List<RungRide> rides, int most) =>
        rides.Count == 0 ? ["not worked yet"] : [.. rides.Take(most).Select(r => Said(rung, r))];

    private static Input Said(Rung rung, RungRide ride)
    {
        var (left, right) = (ride.Record.Marks.Left, ride.Record.Marks.Right);
        var good = Short(rung, ride.Record) ?? "good";
        return (left, right) switch
        {
            ({ } l, { } r) => $"{ride.On:d MMM}: left {l:0.#}, right {r:0.#}, {good}",
            ({ } l, null) => $"{ride.On:d MMM}: left {l:0.#}, right no mark, {good}",
            (null, { } r) => $"{ride.On:d MMM}: left no mark, right {r:0.#}, {good}",
            _ => $"{ride.On:d MMM}: left no mark, right no mark, {good}",
        };
    }
}
