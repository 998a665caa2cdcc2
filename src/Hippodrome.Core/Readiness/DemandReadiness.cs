using System.Text.Json.Serialization;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Readiness;

/// <summary>How far a demand has come.</summary>
public enum HowFar
{
    NotBegun,
    Nearly,
    Met,
}

/// <summary>A piece of evidence as a dot: what a ride showed of a demand.</summary>
/// <param name="On">The day.</param>
/// <param name="RideId">The ride behind it; null where it was a competition.</param>
/// <param name="Good">It was as it will be asked.</param>
/// <param name="Away">Not at home.</param>
/// <param name="Side">The rein, lead or leg, where it has two.</param>
/// <param name="Says">In words.</param>
public sealed record EvidenceDot(DateOnly On, Guid? RideId, bool Good, bool Away, Rein? Side, string Says)
{
    /// <summary>A mark of a test, in which each thing is asked once: it says nothing of how often it is asked in a session.</summary>
    [JsonIgnore]
    public bool InTest { get; init; }
}

/// <summary>How a demand stands, from what was ridden lately.</summary>
/// <param name="Demand">What is asked.</param>
/// <param name="HowFar">Met, nearly, or not begun.</param>
/// <param name="Dots">The evidence, the earliest first.</param>
/// <param name="Missing">What is missing, in words; empty where nothing is.</param>
/// <param name="Short">How much is missing: good attempts, metres, days or minutes, by the kind of demand.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record DemandReadiness(Demand Demand, HowFar HowFar, IReadOnlyList<EvidenceDot> Dots, string Missing, double Short, Why Why)
{
    /// <param name="demand">What is asked.</param>
    /// <param name="evidence">What was ridden; what is older than four weeks is nearly at most.</param>
    public static DemandReadiness Of(Demand demand, Evidence evidence)
    {
        ArgumentNullException.ThrowIfNull(demand);
        ArgumentNullException.ThrowIfNull(evidence);
        var remembered = evidence.RidesOf(ReadinessFigures.Remembered.Value);
        var lately = evidence.RidesOf(ReadinessFigures.Lately.Value);
        return demand.Kind switch
        {
            DemandKind.Height => OfHeight(demand, remembered, lately, evidence),
            DemandKind.Combination => OfDays(
                demand,
                remembered,
                lately,
                r => ClearedCombination(r, demand.Parts!.Value),
                r => ClearedCombination(r, demand.Parts!.Value) == true,
                "clear over one"
            ),
            DemandKind.Spread => OfDays(
                demand,
                remembered,
                lately,
                r =>
                    Cleared(r, id =>
                        r.Spreads.GetValueOrDefault(id) >= demand.SpreadMetres!.Value - ReadinessFigures.UnderHeight.Value - Hair
                    ),
                r => Cleared(r, id => r.Spreads.ContainsKey(id)) == true,
                "clear over one"
            ),
            DemandKind.Thing => OfDays(
                demand,
                remembered,
                lately,
                r => Cleared(r, id => r.Things.GetValueOrDefault(id)?.Contains(demand.Thing!.Value) == true),
                r => Cleared(r, id => r.Things.GetValueOrDefault(id)?.Contains(demand.Thing!.Value) == true) == true,
                "clear over one"
            ),
            DemandKind.Line => OfDays(demand, remembered, lately, RiddenInCount, r => RiddenInCount(r) == true, "ridden in its count"),
            DemandKind.Question => OfDays(
                demand,
                remembered,
                lately,
                r => Understood(r, demand.Question!.Value),
                r => DoneOnce(r, demand.Question!.Value),
                "understood"
            ),
            DemandKind.Speed => OfSpeed(demand, remembered, lately),
            DemandKind.Away => OfAway(demand, evidence),
            _ => OfMovement(demand, evidence),
        };
    }

    private static DemandReadiness OfMovement(Demand demand, Evidence evidence)
    {
        var places = evidence.Places;
        Rein?[] sides = demand.BothSides ? [Rein.Left, Rein.Right] : [null];
        var (all, now) = (
            Asked(demand, evidence, ReadinessFigures.Remembered.Value),
            Asked(demand, evidence, ReadinessFigures.Lately.Value)
        );
        var bySide = sides
            .Select(s =>
                (
                    Side: s,
                    Lately: Reliability.Of(now.Where(d => d.Side == s).Reverse().Select(d => d.Good)),
                    Ever: Reliability.Of(all.Where(d => d.Side == s).Reverse().Select(d => d.Good))
                )
            )
            .ToList();
        // What it has climbed past was confirmed once: evidence that is old, and counts as old evidence does.
        var passed = demand.RungId is { } id && places[demand.Strand]?.Step > Catalogue.Rung(id).Step;
        var howFar =
            bySide.TrueForAll(s => s.Lately is { Confirmed: true }) ? HowFar.Met
            : passed ? HowFar.Nearly
            : bySide.TrueForAll(s => s.Ever?.Good >= ReadinessFigures.NearlyGood.Value) ? HowFar.Nearly
            : HowFar.NotBegun;
        // The side that is furthest off decides how many good ones are missing.
        var missing = bySide.Max(s => Reliability.ConfirmedFrom.Value - Math.Min(Reliability.ConfirmedFrom.Value, s.Lately?.Good ?? 0));
        var attempts = bySide.Max(s => Reliability.Counted.Value - Math.Min(Reliability.Counted.Value, s.Lately?.Attempts ?? 0));
        return new DemandReadiness(
            demand,
            howFar,
            all,
            howFar == HowFar.Met ? "" : NotYet(bySide, howFar),
            howFar == HowFar.Met ? 0 : Math.Max(1, Math.Max(missing, attempts)),
            Why.Of(
                "Met when nine of its last ten attempts were alone and at the mark wanted, on both sides where it has two, "
                    + "in the last four weeks; nearly from five of ten",
                [
                    .. bySide.Select(s => $"{SaySide(s.Side)}{s.Lately?.Says ?? "nothing"} in four weeks"),
                    FormattableString.Invariant($"mark wanted {demand.Mark:0.#}"),
                    .. passed ? ["its rung was climbed past before"] : Array.Empty<string>(),
                ],
                Reliability.ConfirmedFrom.Source
            )
        );
    }

    /// <summary>Every asking of it in so many days, at the rail and in tests, the earliest first.</summary>
    private static List<EvidenceDot> Asked(Demand demand, Evidence evidence, int days) =>
        [
            .. evidence
                .RidesOf(days)
                .SelectMany(r => Attempts(demand, r))
                .Concat(
                    evidence
                        .MarksOf(days)
                        // Of a movement with two sides, a mark that tells no side says nothing of either.
                        .Where(m => demand.RungId is { } rung && m.RungIds.Contains(rung) && (m.Side is not null || !demand.BothSides))
                        .Select(m => new EvidenceDot(
                            m.On,
                            m.RideId,
                            m.Mark >= demand.Mark,
                            m.Away,
                            demand.BothSides ? m.Side : null,
                            FormattableString.Invariant($"marked {m.Mark:0.#} in a test")
                        )
                        {
                            InTest = true,
                        })
                )
                .OrderBy(d => d.On),
        ];

    private static string NotYet(List<(Rein? Side, Reliability? Lately, Reliability? Ever)> sides, HowFar howFar)
    {
        if (sides.TrueForAll(s => s.Lately is null))
        {
            return "not asked in four weeks";
        }

        var shown = string.Join(
            ", ",
            sides
                .Where(s => s.Lately is not { Confirmed: true })
                .Select(s =>
                    s.Lately is null ? $"{SaySide(s.Side)}not asked" : $"{SaySide(s.Side)}{s.Lately.Good} of {s.Lately.Attempts} good"
                )
        );
        // Three good of three is a beginning, and beside “not begun” it wants a word.
        return howFar == HowFar.Nearly
            ? shown
            : $"{shown}; nearly from {ReadinessFigures.NearlyGood.Value} good{(sides.Count > 1 ? " on each side" : "")}";
    }

    private static string SaySide(Rein? side) =>
        side switch
        {
            Rein.Left => "left ",
            Rein.Right => "right ",
            _ => "",
        };

    /// <summary>Every asking of it in a ride: taps of its own, else a mark given on its rung.</summary>
    private static IEnumerable<EvidenceDot> Attempts(Demand demand, RideShown ride)
    {
        foreach (var a in ride.Record.Rail.Attempts.Where(a => !a.Mine && demand.Movement == a.Movement && demand.Every == a.Every))
        {
            yield return new EvidenceDot(
                ride.On,
                ride.RideId,
                a.Good,
                ride.Away,
                demand.BothSides ? a.Side : null,
                a.Answered.ToString().ToLowerInvariant()
            );
        }

        foreach (var part in ride.Parts.Where(p => demand.RungId is { } rung && p.RungIds.Contains(rung)))
        {
            foreach (
                var (side, mark) in new[] { (Rein.Left, part.Marks.Left), (Rein.Right, part.Marks.Right) }.Where(m => m.Item2 is not null)
            )
            {
                yield return new EvidenceDot(
                    ride.On,
                    ride.RideId,
                    mark >= demand.Mark,
                    ride.Away,
                    demand.BothSides ? side : null,
                    FormattableString.Invariant($"marked {mark:0.#}")
                );
            }
        }
    }

    /// <summary>A clear course, or eight clear efforts at most ten centimetres under it, on two days, and one session at height.</summary>
    private static DemandReadiness OfHeight(Demand demand, List<RideShown> remembered, List<RideShown> lately, Evidence evidence)
    {
        var height = demand.HeightMetres!.Value;
        bool Near(RideShown r) => IsClearDay(r, height - ReadinessFigures.UnderHeight.Value);
        bool AtIt(RideShown r) => r.Record.Rail.Fences.Any(f => f.Outcome == EffortOutcome.Clear && f.HeightMetres >= height - Hair);
        // A round at a competition that was clear is a clear course of its height, away from home.
        List<StartShown> Rounds(int days) => evidence.StartsOf(days).FindAll(s => s.ClearAtMetres is not null);
        var rounds = Rounds(ReadinessFigures.Lately.Value);
        var days = lately
            .Where(Near)
            .Select(r => r.On)
            .Concat(rounds.Where(s => s.ClearAtMetres >= height - ReadinessFigures.UnderHeight.Value - Hair).Select(s => s.On))
            .Distinct()
            .Count();
        var wasAtIt = lately.Exists(AtIt) || rounds.Exists(s => s.ClearAtMetres >= height - Hair);
        var everClear = Rounds(ReadinessFigures.Remembered.Value);
        var best = remembered.SelectMany(ClearHeights).Concat(everClear.Select(s => s.ClearAtMetres!.Value)).DefaultIfEmpty(0).Max();
        var howFar =
            days >= ReadinessFigures.DaysOfIt.Value && wasAtIt ? HowFar.Met
            : best >= height - ReadinessFigures.NearlyUnder.Value - Hair ? HowFar.Nearly
            : HowFar.NotBegun;
        var missing = new List<string>();
        if (days < ReadinessFigures.DaysOfIt.Value)
        {
            missing.Add(
                FormattableString.Invariant(
                    $"{days} of {ReadinessFigures.DaysOfIt.Value} clear days from {height - ReadinessFigures.UnderHeight.Value:0.00} m"
                )
            );
        }

        if (!wasAtIt)
        {
            missing.Add(FormattableString.Invariant($"no session at {height:0.00} m; clear so far at {best:0.00} m"));
        }

        return new DemandReadiness(
            demand,
            howFar,
            [
                .. remembered
                    .Where(r => ClearHeights(r).Any())
                    .Select(r => new EvidenceDot(
                        r.On,
                        r.RideId,
                        Near(r),
                        r.Away,
                        null,
                        FormattableString.Invariant($"clear at {ClearHeights(r).Max():0.00} m")
                    ))
                    .Concat(
                        everClear.Select(s => new EvidenceDot(
                            s.On,
                            null,
                            s.ClearAtMetres >= height - ReadinessFigures.UnderHeight.Value - Hair,
                            true,
                            null,
                            FormattableString.Invariant($"a clear round at {s.ClearAtMetres:0.00} m")
                        ))
                    )
                    .OrderBy(d => d.On),
            ],
            howFar == HowFar.Met ? "" : string.Join("; ", missing),
            howFar == HowFar.Met ? 0 : Math.Max(0, height - Math.Max(best, ReadinessFigures.FirstFence.Value)),
            Why.Of(
                "A height is met by a clear course, or eight clear efforts at most 10 cm under it, on two days, "
                    + "and one session at height, in the last four weeks; it climbs by at most 5 cm a week",
                [
                    FormattableString.Invariant($"{days} such days in four weeks"),
                    wasAtIt ? "one session at height" : "none at height",
                    FormattableString.Invariant($"highest clear in twelve weeks {best:0.00} m"),
                ],
                ReadinessFigures.ClearEfforts.Source
            )
        );
    }

    private const double Hair = 1e-9;

    private static IEnumerable<double> ClearHeights(RideShown ride) =>
        ride.Record.Rail.Fences.Where(f => f.Outcome == EffortOutcome.Clear).Select(f => f.HeightMetres);

    /// <summary>Eight clear efforts from a height on, or a course whose every fence was jumped clear.</summary>
    private static bool IsClearDay(RideShown ride, double from)
    {
        var fences = ride.Record.Rail.Fences.Where(f => f.HeightMetres >= from - Hair).ToList();
        return fences.Where(f => f.Outcome == EffortOutcome.Clear).Sum(f => f.Count) >= ReadinessFigures.ClearEfforts.Value
            || ride.CourseFences.Any(c =>
            {
                var round = fences.FindAll(f => f.SetUpId == c.Key);
                return round.Count > 0
                    && round.TrueForAll(f => f.Outcome is EffortOutcome.Clear or EffortOutcome.Rub)
                    && round.Sum(f => f.Count) >= c.Value;
            });
    }

    private static bool? ClearedCombination(RideShown ride, int parts) =>
        Cleared(ride, id => ride.Combinations.GetValueOrDefault(id) >= parts);

    /// <summary>Whether all that was jumped over some of its set-ups was clear; null where none of them was.</summary>
    private static bool? Cleared(RideShown ride, Predicate<Guid> over)
    {
        var jumped = ride.Record.Rail.Fences.Where(f => f.SetUpId is { } id && over(id)).ToList();
        return jumped.Count == 0 ? null : jumped.TrueForAll(f => f.Outcome is EffortOutcome.Clear or EffortOutcome.Rub);
    }

    /// <summary>Whether a line between fences was ridden in the count it was set for; null where none was counted.</summary>
    private static bool? RiddenInCount(RideShown ride)
    {
        var counted = ride.Record.Rail.Lines.Where(l => !l.OverPoles && l.Planned is not null).ToList();
        return counted.Count == 0 ? null : counted.Exists(l => l.Met > 0);
    }

    private static bool? Understood(RideShown ride, QuestionKind question)
    {
        var told = ride.Record.Rail.Questions.Where(q => q.Question == question).ToList();
        return told.Count == 0 ? null : told.Exists(q => q.IsUnderstood);
    }

    private static bool DoneOnce(RideShown ride, QuestionKind question) =>
        ride.Record.Rail.Questions.Any(q => q.Question == question && q.Goes.Any(g => g is QuestionHow.Boldly or QuestionHow.Looked));

    /// <summary>So on two days; nearly when it was so once.</summary>
    private static DemandReadiness OfDays(
        Demand demand,
        List<RideShown> remembered,
        List<RideShown> lately,
        Func<RideShown, bool?> good,
        Predicate<RideShown> once,
        string word
    )
    {
        var days = lately.Where(r => good(r) == true).Select(r => r.On).Distinct().Count();
        var asked = remembered.Select(r => (Ride: r, Good: good(r))).Where(x => x.Good is not null).ToList();
        var howFar =
            days >= ReadinessFigures.DaysOfIt.Value ? HowFar.Met
            : remembered.Exists(once) ? HowFar.Nearly
            : HowFar.NotBegun;
        return new DemandReadiness(
            demand,
            howFar,
            [
                .. asked.Select(x => new EvidenceDot(
                    x.Ride.On,
                    x.Ride.RideId,
                    x.Good == true,
                    x.Ride.Away,
                    null,
                    x.Good == true ? word : $"not {word}"
                )),
            ],
            howFar == HowFar.Met ? "" : $"{word} on {days} of {ReadinessFigures.DaysOfIt.Value} days in four weeks",
            Math.Max(0, ReadinessFigures.DaysOfIt.Value - days),
            Why.Of(
                $"Met when it was {word} on two days in the last four weeks; nearly when it was done once",
                [$"{days} such days in four weeks, ridden on {asked.Select(x => x.Ride.On).Distinct().Count()} days in twelve"],
                ReadinessFigures.DaysOfIt.Source
            )
        );
    }

    /// <summary>One session of sets at the level's speed that comes to half its minutes.</summary>
    private static DemandReadiness OfSpeed(Demand demand, List<RideShown> remembered, List<RideShown> lately)
    {
        double At(RideShown r) => r.Parts.Where(p => p.SetsSpeed >= demand.Speed).Sum(p => p.SetsMinutes);
        var (asked, nearly) = (
            demand.Minutes!.Value * ReadinessFigures.ShareOfMinutes.Value,
            demand.Minutes.Value * ReadinessFigures.NearlyOfMinutes.Value
        );
        var best = lately.Select(At).DefaultIfEmpty(0).Max();
        var ever = remembered.Select(At).DefaultIfEmpty(0).Max();
        var howFar =
            best >= asked - Hair ? HowFar.Met
            : ever >= nearly - Hair ? HowFar.Nearly
            : HowFar.NotBegun;
        return new DemandReadiness(
            demand,
            howFar,
            [
                .. remembered
                    .Where(r => r.Parts.Any(p => p.SetsSpeed is not null))
                    .Select(r => new EvidenceDot(
                        r.On,
                        r.RideId,
                        At(r) >= asked - Hair,
                        r.Away,
                        null,
                        FormattableString.Invariant($"{At(r):0.#} minutes at {demand.Speed}")
                    )),
            ],
            howFar == HowFar.Met
                ? ""
                : FormattableString.Invariant($"{best:0.#} of {asked:0.#} minutes in a session at {demand.Speed} m/min"),
            howFar == HowFar.Met ? 0 : Math.Max(0, asked - best),
            Why.Of(
                "One session of sets at the level's speed that comes to half its minutes; never faster, and never the whole of it",
                [
                    FormattableString.Invariant($"longest in four weeks {best:0.#} minutes at {demand.Speed} m/min"),
                    FormattableString.Invariant($"the level asks {demand.Minutes:0.#}"),
                ],
                ReadinessFigures.ShareOfMinutes.Source
            )
        );
    }

    private static DemandReadiness OfAway(Demand demand, Evidence evidence)
    {
        var days = Away(ReadinessFigures.Remembered.Value);
        var howFar =
            Away(ReadinessFigures.Lately.Value).Count > 0 ? HowFar.Met
            : days.Count > 0 ? HowFar.Nearly
            : HowFar.NotBegun;
        return new DemandReadiness(
            demand,
            howFar,
            [.. days.Select(d => new EvidenceDot(d.On, d.RideId, true, true, null, d.RideId is null ? "started" : "away"))],
            howFar == HowFar.Met ? "" : "not worked away from home in four weeks",
            howFar == HowFar.Met ? 0 : 1,
            Why.Of(
                "For a first start at a level, once away from home as well",
                [$"{days.Count} {(days.Count == 1 ? "day" : "days")} away in twelve weeks"],
                Source.CommonPractice
            )
        );

        List<(DateOnly On, Guid? RideId)> Away(int lastDays) =>
            [
                .. evidence
                    .RidesOf(lastDays)
                    .Where(r => r.Away)
                    .Select(r => (r.On, (Guid?)r.RideId))
                    .Concat(evidence.StartsOf(lastDays).Select(s => (s.On, (Guid?)null)))
                    .Concat(evidence.MarksOf(lastDays).Where(m => m.Away).Select(m => (m.On, m.RideId)).Distinct())
                    .DistinctBy(d => d.Item1)
                    .OrderBy(d => d.Item1),
            ];
    }
}
