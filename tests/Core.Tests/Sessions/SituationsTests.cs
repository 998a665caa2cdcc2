using Hippodrome.Core.Aims;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Tests.Setups;
using Hippodrome.Core.Weather;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Sessions;

/// <summary>
/// What a good trainer would ride that day, in content and not only without faults: situations by age, place, temperament,
/// yesterday, days to the aim, weather and helper, most of them in pairs that differ in one fact. Common practice, no source,
/// unless a figure of docs/sources.md says otherwise.
/// </summary>
public class SituationsTests
{
    /// <summary>A horse on a day.</summary>
    private sealed record Day
    {
        public int Age { get; init; } = 9;
        public Experience Experience { get; init; } = Experience.Established;
        public Strand Focus { get; init; } = Strand.Flatwork;
        public double Minutes { get; init; } = 45;
        public bool Helper { get; init; } = true;
        public double Celsius { get; init; } = 15;
        public double Humidity { get; init; } = 50;
        public Ground Ground { get; init; } = Ground.Arena;
        public IReadOnlyList<string> At { get; init; } = Established;
        public Ways Ways { get; init; } = Ways.Default;
        public Rein? LastRein { get; init; }
        public IReadOnlyList<string> Ridden { get; init; } = [];
        public LastTime? Last { get; init; }
        public int? JumpedDaysAgo { get; init; }
        public int? DaysToShow { get; init; }
        public Restriction? Restricted { get; init; }
        public AfterClearance? Cleared { get; init; }
        public RampLimit? Ramp { get; init; }
        public DateOnly? Treated { get; init; }
        public int CalmSits { get; init; }
        public DateOnly? BoiledOver { get; init; }
        public FenceLineEntry? OwnGrid { get; init; }

        public Day By(ApproachQuestion question, string choice) => this with { Ways = Ways.With(question, choice) };
    }

    private static readonly string[] Established =
    [
        "in-hand/long-lines-canter",
        "lunge/canter-both-ways",
        "flatwork/simple-change",
        "lateral/shoulder-in",
        "poles/raised-trot",
        "grids/one-stride",
        "jumping/small-single",
        "fitness/canter-sets",
    ];

    private static readonly string[] Backed = ["in-hand/lower-and-bend", "lunge/surcingle-and-voice"];

    private static readonly string[] Young =
    [
        "flatwork/trot-canter",
        "lateral/step-and-rest",
        "poles/trot-poles",
        "lunge/surcingle-and-voice",
    ];

    private static readonly string[] Courses = [.. Established[..^2], "jumping/course-under", "poles/accordion"];

    private static readonly string[] Changing =
    [
        "flatwork/collected-gaits",
        "lateral/travers",
        "changes/single-change",
        "collected/ten-metre-canter",
    ];

    private static readonly Day Changes = new() { Focus = Strand.Changes, At = Changing };

    private static readonly Day FirstFence = new()
    {
        Age = 5,
        Experience = Experience.Green,
        Focus = Strand.Jumping,
        At = [.. Young, "jumping/empty-wings"],
    };

    private static readonly Day Three = new()
    {
        Age = 3,
        Experience = Experience.Green,
        Focus = Strand.InHand,
        At = ["in-hand/pole-corridor"],
    };

    private static readonly Day Lunged = new() { Focus = Strand.Lunge, Minutes = 30 };

    private static readonly Day Series = new()
    {
        Age = 12,
        Focus = Strand.Changes,
        Minutes = 50,
        At = ["flatwork/collected-gaits", "lateral/lateral-canter", "changes/every-third", "collected/half-pirouette"],
    };

    private static readonly LastTime CalmDay = new(true, ChangesSaid.NotAsked);

    /// <summary>The day after a lateral session, with the exercise it was.</summary>
    private static Day AfterLateral(bool calm) =>
        new()
        {
            Focus = Strand.Lateral,
            Ridden = [First(Strand.Lateral)],
            Last = new LastTime(calm, ChangesSaid.NotAsked),
        };

    private static readonly Guid OwnGridId = Guid.NewGuid();

    /// <summary>The day before a competition of 1.00 m.</summary>
    private static Day Eve(double height) =>
        new()
        {
            Focus = Strand.Grids,
            DaysToShow = 1,
            At = Courses,
            OwnGrid = FenceLineTests.Line(
                LineKind.Grid,
                Gait.Trot,
                FenceLineTests.Cross(0.4),
                FenceLineTests.Upright(0.5, 1),
                FenceLineTests.Upright(height, 1)
            ),
        };

    private static SessionProposal Of(Day day)
    {
        var wanted = new Wanted(Make.Today, day.Focus, day.Minutes, day.Helper, day.Ground, []);
        return SessionProposal
            .For(wanted, new Habits(day.LastRein, day.Ridden, day.Ways, day.Last) { OwnGrids = [OwnGridId] }, ContextOf(day))
            .OrThrow();
    }

    private static Func<SessionPlan, PlanContext> ContextOf(Day day)
    {
        var horse = Make.Horse(day.Age, experience: day.Experience);
        var aim = day.DaysToShow is not { } ahead
            ? null
            : Aim.From(
                    Guid.NewGuid(),
                    new AimEntry("Show", Make.Today.AddDays(ahead), Discipline.Jumping, "National", "Novice", 1.00),
                    Make.Today
                )
                .OrThrow();
        return plan => new PlanContext()
        {
            Horse = horse,
            Plan = plan,
            SetUps = day.OwnGrid is { } grid
                ? new Dictionary<Guid, SetUp> { [OwnGridId] = grid.Check().OrThrow() }
                : new Dictionary<Guid, SetUp>(),
            Nearby = day.JumpedDaysAgo is { } ago ? [new NearbyDay(Make.Today.AddDays(-ago), false, true)] : [],
            TemperatureC = day.Celsius,
            Places = Places.From(day.At.Select(id => new RungMove(Catalogue.Rung(id).Strand, id, MoveKind.ByHand, "x", Make.Today))),
            Heat = Heat.Advise(new WeatherReading(day.Celsius, day.Humidity, false)),
            Competition = aim,
            Restrictions = day.Restricted is { } r ? [r] : [],
            Cleared = day.Cleared,
            Ramp = day.Ramp,
            TreatedOn = day.Treated,
            CalmSits = day.CalmSits,
            ChangesBoiledOver = day.BoiledOver,
            RepeatsUntilEasy = day.Ways.Are(ApproachQuestion.VaryOrRepeat, Approach.Repeat),
            Card = Make.Card(),
        };
    }

    /// <summary>The parts that are proposed; one that says nothing is worked as the session.</summary>
    private static List<PartEntry> Parts(Day day)
    {
        var session = Of(day).Session;
        return [.. session.Parts!.Select(p => p with { Manner = p.Manner ?? session.Manner })];
    }

    private static double In(IEnumerable<PartEntry> parts, params Gait[] gaits) =>
        parts.Where(p => gaits.Contains(p.Gait!.Value)).Sum(p => p.Minutes!.Value);

    private static bool Works(PartEntry part, string rungs) => part.RungId?.StartsWith(rungs, StringComparison.Ordinal) == true;

    private static int? Asked(Day day) => Parts(day).Single(p => Works(p, "changes/single-change")).Times;

    private static RampLimit Ramp(int walk, int trot = 0, int canter = 0, bool shortDay = false) =>
        new(walk, trot, canter, false, trot > 0, false, shortDay, new Why("x", ["x"], Source.CommonPractice));

    /// <summary>Situations that differ in one fact: the day, the same with that fact changed, and what the handbook says of each.</summary>
    private static readonly Dictionary<string, (Day Day, Day Other, Action<List<PartEntry>, List<PartEntry>> Says)> Pairs = new()
    {
        ["the day before: its own grid, in stages; one near the height stays out"] = (Eve(0.6), Eve(0.9), (small, high) =>
        {
            small.Single(p => p.SetUpId == OwnGridId).InStages.ShouldBe(true);
            high.ShouldNotContain(p => p.SetUpId == OwnGridId);
        }),
        ["its own grid: the day before, or a day that is far from it"] = (Eve(0.6), Eve(0.6) with { DaysToShow = 9 }, (eve, before) =>
            (eve.Exists(p => p.SetUpId == OwnGridId), before.Exists(p => p.SetUpId == OwnGridId)).ShouldBe((true, false))
        ),
        ["learning changes: one repeat, or a good one is left for tomorrow"] = (
            Changes,
            Changes.By(ApproachQuestion.SecondTry, Approach.Tomorrow),
            (one, other) =>
            {
                one.Single(p => Works(p, "changes/single-change")).Times.ShouldBe(2);
                other.Single(p => Works(p, "changes/single-change")).Times.ShouldBe(1);
            }
        ),
        ["learning changes: calm last time, or tense"] = (
            Changes with
            {
                Last = new LastTime(true, ChangesSaid.Good),
            },
            Changes with
            {
                Last = new LastTime(false, ChangesSaid.Tense),
            },
            (calm, tense) =>
                (
                    calm.Single(p => Works(p, "changes/single-change")).Times,
                    tense.Single(p => Works(p, "changes/single-change")).Times
                ).ShouldBe((2, 1))
        ),
        ["learning changes: an answer last time, or none: the departs are sharpened first"] = (
            Changes with
            {
                Last = new LastTime(true, ChangesSaid.Good),
            },
            Changes with
            {
                Last = new LastTime(true, ChangesSaid.NoAnswer),
            },
            (answer, none) =>
            {
                answer.ShouldNotContain(p => p.Transitions == 10);
                var sharpened = none.FindIndex(p => p is { Transitions: 10, TransitionsWith: Gait.Walk, Gait: Gait.Canter });
                sharpened.ShouldBeInRange(0, none.FindIndex(p => Works(p, "changes/single-change")) - 1);
            }
        ),
        ["learning changes: yesterday calm, or boiled over"] = (
            Changes,
            Changes with
            {
                BoiledOver = Make.Today.AddDays(-1),
            },
            (_, boiled) => boiled.ShouldNotContain(p => Works(p, "changes/single-change"))
        ),
        ["learning changes: never most of a session, late, in both lengths"] = (Changes, Changes with { Minutes = 60 }, (shorter, longer) =>
        {
            foreach (var parts in new[] { shorter, longer })
            {
                var changes = parts.FindIndex(p => Works(p, "changes/single-change"));
                parts[changes].Minutes!.Value.ShouldBeLessThanOrEqualTo(4);
                parts.Skip(changes + 1).ShouldAllBe(p => p.Phase == Phase.CoolDown);
            }
        }),
        ["first fences: the cross-pole in trot on each rein; a placing pole once it has trotted in calm"] = (
            FirstFence with
            {
                At = [.. Young, "jumping/cross-pole"],
            },
            FirstFence with
            {
                At = [.. Young, "jumping/cross-pole"],
                Last = CalmDay,
            },
            (first, calm) =>
            {
                first.Where(p => Works(p, "jumping/cross-pole")).Select(p => p.Rein).ShouldBe([Rein.Right, Rein.Left], true);
                first.Where(p => Works(p, "jumping/cross-pole")).ShouldAllBe(p => p.Gait == Gait.Trot && p.Efforts <= 3);
                first.ShouldNotContain(p => p.What!.Contains("placing pole", StringComparison.Ordinal));
                calm.Last(p => p.Efforts > 0).What!.ShouldContain("placing pole");
            }
        ),
        ["first fences: empty wings come before them"] = (FirstFence, FirstFence with { Helper = false }, (helped, alone) =>
        {
            helped.FindIndex(p => Works(p, "jumping/empty-wings")).ShouldBeLessThan(helped.FindIndex(p => p.Efforts > 0));
            alone.ShouldNotContain(p => p.Efforts > 0);
        }),
        ["in hand: three years, ten minutes; five years, twenty"] = (Three, Three with { Age = 5 }, (three, five) =>
        {
            three.Sum(p => p.Minutes)!.Value.ShouldBeLessThanOrEqualTo(10);
            five.Sum(p => p.Minutes)!.Value.ShouldBeInRange(10.5, 20);
        }),
        ["in hand: the nose and leading come before the corridor; at the foot there is no pole"] = (
            Three,
            Three with
            {
                At = ["in-hand/lead-and-halt"],
            },
            (corridor, foot) =>
            {
                corridor.Select(p => p.RungId).ShouldBe(["in-hand/lead-and-halt", "in-hand/lower-and-bend", "in-hand/pole-corridor"]);
                foot.ShouldAllBe(p => p.RungId == "in-hand/lead-and-halt");
            }
        ),
        ["in hand: poles a few minutes only, however long there is"] = (
            Three with
            {
                Age = 4,
                At = ["in-hand/walk-poles"],
                Minutes = 20,
            },
            Three with
            {
                Age = 4,
                At = ["in-hand/walk-poles"],
                Minutes = 60,
            },
            (shorter, longer) =>
            {
                foreach (var parts in new[] { shorter, longer })
                {
                    parts.Where(p => Works(p, "in-hand/walk-poles")).Sum(p => p.Minutes)!.Value.ShouldBeLessThanOrEqualTo(5);
                }
            }
        ),
        ["on the lunge: walk and stretch between the reins; ridden with little time, none"] = (
            Lunged,
            new Day { Focus = Strand.Flatwork, Minutes = 25 },
            (lunged, ridden) =>
            {
                var first = lunged.FindIndex(p => p.Rein == Rein.Left);
                lunged[first + 1].Gait.ShouldBe(Gait.Walk);
                lunged[first + 1].What!.ShouldContain("loosened");
                lunged[first + 2].Rein.ShouldBe(Rein.Right);
                ridden.Where(p => p.Phase == Phase.Work).ShouldNotContain(p => p.Gait == Gait.Walk && p.Minutes < 2);
            }
        ),
        ["the start rein alternates"] = (new Day { LastRein = Rein.Left }, new Day { LastRein = Rein.Right }, (afterLeft, afterRight) =>
            (afterLeft.First(p => p.Rein != Rein.Both).Rein, afterRight.First(p => p.Rein != Rein.Both).Rein).ShouldBe(
                (Rein.Right, Rein.Left)
            )
        ),
        ["canter early is a purpose: the rung in work is cantered before what it does well"] = (
            new Day { At = [.. Established.Skip(3), "flatwork/simple-change", "lateral/shoulder-in"] },
            new Day { At = [.. Established.Skip(3), "flatwork/simple-change", "lateral/shoulder-in"] }.By(
                ApproachQuestion.Order,
                Approach.CanterEarly
            ),
            (trot, canter) =>
            {
                trot.First(p => p.RungId is not null).RungId.ShouldBe("flatwork/ten-metres");
                canter.First(p => p.RungId is not null).RungId.ShouldBe("flatwork/simple-change");
                canter.First(p => p.Gait != Gait.Walk).Gait.ShouldBe(Gait.Canter);
            }
        ),
        ["calm last time: another way of riding the rung; not calm: the same again"] = (
            AfterLateral(calm: true),
            AfterLateral(calm: false),
            (calm, tense) =>
            {
                calm.First(p => Works(p, "lateral/shoulder-in")).ExerciseId.ShouldNotBe(First(Strand.Lateral));
                tense.First(p => Works(p, "lateral/shoulder-in")).ExerciseId.ShouldBe(First(Strand.Lateral));
            }
        ),
        ["calm last time, and this trainer repeats until easy: the same again"] = (
            AfterLateral(calm: true),
            AfterLateral(calm: true).By(ApproachQuestion.VaryOrRepeat, Approach.Repeat),
            (vary, repeat) =>
                (
                    vary.First(p => Works(p, "lateral/shoulder-in")).ExerciseId == First(Strand.Lateral),
                    repeat.First(p => Works(p, "lateral/shoulder-in")).ExerciseId == First(Strand.Lateral)
                ).ShouldBe((false, true))
        ),
        ["poles with nobody there: one rebuild at most; with a helper as it comes"] = (
            new Day
            {
                Focus = Strand.Poles,
                Minutes = 60,
                Helper = false,
            },
            new Day { Focus = Strand.Poles, Minutes = 60 },
            (alone, helped) =>
            {
                int Built(List<PartEntry> parts) =>
                    parts
                        .Where(p => Catalogue.FindExercise(p.ExerciseId ?? "")?.SetUp is not null and not FigureEntry)
                        .Select(p => p.ExerciseId)
                        .Distinct()
                        .Count();
                Built(alone).ShouldBeLessThanOrEqualTo(2);
                Built(helped).ShouldBeGreaterThanOrEqualTo(Built(alone));
            }
        ),
        ["the day after jumping it works on poles; two days after it jumps again"] = (
            new Day { Focus = Strand.Grids, JumpedDaysAgo = 1 },
            new Day { Focus = Strand.Grids, JumpedDaysAgo = 2 },
            (next, later) =>
            {
                next.ShouldNotContain(p => p.Efforts > 0);
                next.ShouldContain(p => Works(p, "poles/"));
                later.ShouldContain(p => Works(p, "grids/") && p.Efforts > 0);
            }
        ),
        ["the eve of a show: nothing new and twenty centimetres under; ten days before, new work"] = (
            new Day { Focus = Strand.Grids, DaysToShow = 1 },
            new Day { Focus = Strand.Grids, DaysToShow = 10 },
            (eve, before) =>
            {
                eve.ShouldNotContain(p => p.Phase == Phase.NewWork);
                eve.Where(p => p.HeightMetres is not null).ShouldAllBe(p => p.HeightMetres <= 0.80);
                eve.Sum(p => p.Efforts ?? 0).ShouldBeLessThanOrEqualTo(20);
                before.ShouldContain(p => p.Phase == Phase.NewWork);
            }
        ),
        ["age nine walks seven minutes first, age sixteen ten"] = (new Day(), new Day { Age = 16 }, (nine, sixteen) =>
            (nine[0].Minutes, sixteen[0].Minutes).ShouldBe((7, 10))
        ),
        ["a mild morning and a cold one: three minutes of walk more"] = (new Day(), new Day { Celsius = 2 }, (mild, cold) =>
            (cold[0].Minutes - mild[0].Minutes).ShouldBe(3)
        ),
        ["a fine day and a hot one: the work is halved, nothing new"] = (
            new Day { Minutes = 60 },
            new Day
            {
                Minutes = 60,
                Celsius = 30,
                Humidity = 70,
            },
            (fine, hot) =>
            {
                In(hot, Gait.Trot, Gait.Canter).ShouldBeLessThanOrEqualTo(15);
                In(fine, Gait.Trot, Gait.Canter).ShouldBeGreaterThan(25);
                hot.ShouldNotContain(p => p.Phase == Phase.NewWork);
            }
        ),
        ["a seven-year-old sits in canter, a five-year-old's back is left free"] = (
            new Day
            {
                Age = 7,
                At = Young,
                Experience = Experience.Novice,
            },
            new Day
            {
                Age = 5,
                At = Young,
                Experience = Experience.Novice,
            },
            (seven, five) =>
            {
                seven.Where(p => p is { Gait: Gait.Canter, Phase: Phase.Work }).ShouldAllBe(p => p.Seat == Seat.Sitting);
                five.Where(p => p is { Gait: Gait.Canter, Phase: Phase.Work }).ShouldAllBe(p => p.Seat == Seat.Light);
            }
        ),
        ["collected work: bigger strides in the same gait come first; on the flat below it they need not"] = (
            new Day
            {
                Age = 11,
                Focus = Strand.Collected,
                At = [.. Changing, "collected/half-pirouette"],
            },
            new Day { Age = 11 },
            (collected, flat) =>
            {
                var big = collected.FindIndex(p => p.StrideAim is GaitVariant.CanterMedium or GaitVariant.TrotMedium);
                var first = collected.FindIndex(p => p.Outline == Outline.Collected);
                big.ShouldBeInRange(0, first - 1);
                collected[first].Gait.ShouldBe(collected[big].Gait);
                collected[first].Seat.ShouldBe(Seat.Sitting);
                flat.ShouldNotContain(p => p.Outline == Outline.Collected);
            }
        ),
        ["series: whole last time, the next count once or twice; not calm, only the count in work"] = (
            Series with
            {
                Last = CalmDay,
            },
            Series with
            {
                Last = CalmDay with { IsCalm = false },
            },
            (whole, not) =>
            {
                whole.Where(p => Works(p, "changes/every-second")).Sum(p => p.Times).ShouldBe(2);
                not.ShouldNotContain(p => Works(p, "changes/every-second"));
                not.ShouldContain(p => Works(p, "changes/every-third"));
            }
        ),
        ["the ride after a treatment is low and not sat; an ordinary one has its rung"] = (
            new Day { Treated = Make.Today.AddDays(-1) },
            new Day(),
            (treated, ordinary) =>
            {
                treated.ShouldNotContain(p => p.Seat == Seat.Sitting || p.Outline == Outline.Collected || p.Gait == Gait.Canter);
                In(treated, Gait.Walk).ShouldBeGreaterThan(In(treated, Gait.Trot));
                treated.Count(p => p.What!.Contains("tretch", StringComparison.Ordinal)).ShouldBeGreaterThanOrEqualTo(2);
                ordinary.ShouldContain(p => p.RungId == "flatwork/simple-change");
            }
        ),
        ["the first day after a clearance is the lunge; led, where lungeing is ruled out"] = (
            new Day { Cleared = new AfterClearance(Make.Today, 0, false) },
            new Day { Cleared = new AfterClearance(Make.Today, 0, true) },
            (lunged, led) =>
            {
                lunged.ShouldContain(p => p.Manner == Manner.Lunged);
                lunged.ShouldNotContain(p => p.Manner == Manner.Ridden);
                led.ShouldAllBe(p => p.Manner == Manner.InHand);
            }
        ),
        ["after a clearance: the second day long lines, the third a short walk in the saddle"] = (
            new Day { Cleared = new AfterClearance(Make.Today.AddDays(-1), 1, false) },
            new Day { Cleared = new AfterClearance(Make.Today.AddDays(-2), 2, false) },
            (second, third) =>
            {
                second.ShouldContain(p => p.Manner == Manner.LongReined);
                second.ShouldNotContain(p => p.Manner == Manner.Ridden);
                third.Where(p => p.Manner == Manner.Ridden).ShouldAllBe(p => p.Gait == Gait.Walk);
                third.ShouldContain(p => p.Manner == Manner.Ridden);
            }
        ),
        ["a return: the first weeks are walk; from the trot weeks six bouts of twenty seconds"] = (
            new Day { Ramp = Ramp(20) },
            new Day { Ramp = Ramp(38, 2) },
            (walk, trot) =>
            {
                walk.ShouldAllBe(p => p.Gait == Gait.Walk);
                walk.Sum(p => p.Minutes).ShouldBe(20);
                var bouts = trot.Single(p => p.Gait == Gait.Trot);
                (bouts.Times, bouts.BoutSeconds).ShouldBe((6, 20));
                bouts.Transitions.ShouldBe(12);
            }
        ),
        ["a return in its first week: the slow ramp, or one short lesson where its approach has it"] = (
            new Day { Ramp = Ramp(10, shortDay: true) },
            new Day { Ramp = Ramp(10, shortDay: true) }.By(ApproachQuestion.Return, Approach.ShortLesson),
            (slow, lesson) =>
            {
                slow.ShouldAllBe(p => p.Gait == Gait.Walk);
                lesson.Sum(p => p.Minutes)!.Value.ShouldBeLessThan(20);
                lesson.Where(p => p.Manner == Manner.Ridden).Sum(p => p.Minutes)!.Value.ShouldBeLessThan(5);
                lesson.ShouldContain(p => p.Gait == Gait.Canter);
            }
        ),
        ["the first month under saddle: four calm sits before a few steps of trot"] = (
            new Day
            {
                Age = 4,
                Experience = Experience.Green,
                At = ["flatwork/first-month", "in-hand/long-lines-trot"],
                CalmSits = 3,
            },
            new Day
            {
                Age = 4,
                Experience = Experience.Green,
                At = ["flatwork/first-month", "in-hand/long-lines-trot"],
                CalmSits = 4,
            },
            (three, four) => (In(three, Gait.Trot), In(four, Gait.Trot)).ShouldBe((0, 1))
        ),
        ["a six-year-old novice is not put back to its first month; a green four-year-old begins there"] = (
            new Day
            {
                Age = 6,
                Experience = Experience.Novice,
                At = Backed,
            },
            new Day
            {
                Age = 4,
                Experience = Experience.Green,
                At = Backed,
            },
            (novice, green) =>
            {
                novice.ShouldNotContain(p => p.RungId == "flatwork/first-month");
                novice.ShouldContain(p => p.What!.StartsWith("Yield from a light leg", StringComparison.Ordinal));
                green.ShouldContain(p => p.RungId == "flatwork/first-month");
            }
        ),
        ["a green four-year-old that lowers its head and knows the voice sits its first sits; one that knows neither is led"] = (
            new Day
            {
                Age = 4,
                Experience = Experience.Green,
                At = Backed,
            },
            new Day
            {
                Age = 4,
                Experience = Experience.Green,
                At = [],
            },
            (ready, not) =>
            {
                ready.ShouldContain(p => p.Manner == Manner.Ridden && p.What!.StartsWith("Sit", StringComparison.Ordinal));
                not.ShouldAllBe(p => p.Manner == Manner.InHand);
                not.ShouldContain(p => p.RungId == "in-hand/lead-and-halt");
            }
        ),
        ["a vet has ruled canter out: it is not cantered"] = (
            new Day { Restricted = Rule(noGaits: [Gait.Canter]) },
            new Day(),
            (ruled, free) => (In(ruled, Gait.Canter), In(free, Gait.Canter) > 0).ShouldBe((0, true))
        ),
        ["fences to sixty only, and no limit"] = (
            new Day
            {
                Focus = Strand.Jumping,
                At = Courses,
                Restricted = Rule(most: 0.60),
            },
            new Day { Focus = Strand.Jumping, At = Courses },
            (limited, free) =>
            {
                limited.Where(p => p.HeightMetres is not null).ShouldAllBe(p => p.HeightMetres <= 0.60);
                free.ShouldContain(p => p.HeightMetres > 0.60);
            }
        ),
        ["fitness is ridden out, without reins and letters; in the arena with both reins"] = (
            new Day
            {
                Focus = Strand.Fitness,
                Minutes = 60,
                Ground = Ground.OpenGround,
            },
            new Day { Focus = Strand.Flatwork, Minutes = 60 },
            (outside, inside) =>
            {
                outside.Where(p => Works(p, "fitness/")).ShouldAllBe(p => p.Rein == Rein.Both);
                inside.ShouldContain(p => p.Rein == Rein.Left);
            }
        ),
    };

    /// <summary>Days that stand alone.</summary>
    private static readonly Dictionary<string, (Day Day, Action<List<PartEntry>> Says)> Days = new()
    {
        ["twenty-two minutes: walk, something short, walk; nothing new"] = (new Day { Minutes = 22 }, parts =>
        {
            parts[0].Minutes.ShouldBe(7);
            parts.ShouldNotContain(p => p.Phase == Phase.NewWork);
            parts[^1].Gait.ShouldBe(Gait.Walk);
        }),
        ["a warm-up is long and low, the way down too"] = (new Day(), parts =>
        {
            parts
                .First(p => p.Gait == Gait.Trot)
                .ShouldSatisfyAllConditions(p => p.Outline.ShouldBe(Outline.Long), p => p.Seat.ShouldBe(Seat.Rising));
            parts[^1].Outline.ShouldBe(Outline.Long);
        }),
        ["over poles in trot it is ridden rising, over fences light"] = (new Day { Focus = Strand.Grids }, parts =>
        {
            parts.Where(p => Works(p, "grids/")).ShouldAllBe(p => p.Seat == Seat.Light);
            parts.Where(p => Works(p, "grids/")).ShouldNotBeEmpty();
        }),
        ["new work is last, a few minutes of it, and one thing"] = (new Day { Focus = Strand.Lateral }, parts =>
        {
            var fresh = parts.Where(p => p.Phase == Phase.NewWork).ToList();
            fresh.Select(p => p.ExerciseId).Distinct().Count().ShouldBe(1);
            fresh.Sum(p => p.Minutes)!.Value.ShouldBeLessThanOrEqualTo(4);
            parts.FindLastIndex(p => p.Phase == Phase.Work).ShouldBeLessThan(parts.FindIndex(p => p.Phase == Phase.NewWork));
        }),
        ["series are ridden by the number, the canter refreshed between"] = (Series, parts =>
        {
            var series = parts.Where(p => Works(p, "changes/")).ToList();
            series.ShouldAllBe(p => p.Times >= 2);
            parts.Sum(p => p.Minutes)!.Value.ShouldBeGreaterThan(45);
            parts.ShouldContain(p => p.Phase == Phase.Work && p.Gait == Gait.Walk);
            parts.ShouldContain(p => p.StrideAim == GaitVariant.CanterMedium && p.Seat == Seat.Light);
        }),
        ["air in which no horse works: led in the shade"] = (new Day { Celsius = 42 }, parts =>
            parts.ShouldAllBe(p => p.Gait == Gait.Walk && p.Manner == Manner.InHand)
        ),
    };

    private static string First(Strand strand) => Parts(new Day { Focus = strand }).First(p => Works(p, "lateral/shoulder-in")).ExerciseId!;

    private static Restriction Rule(IReadOnlyList<Gait>? noGaits = null, double? most = null) =>
        Restriction
            .From(
                Guid.NewGuid(),
                new RestrictionEntry("strain", "Ines Karr", Make.Today.AddDays(-3), null, noGaits, null, most),
                Make.Horse(),
                Make.Today
            )
            .OrThrow();

    public static TheoryData<string> PairNames => [.. Pairs.Keys];

    public static TheoryData<string> DayNames => [.. Days.Keys];

    [Theory]
    [MemberData(nameof(PairNames))]
    public void One_fact_changes_what_is_proposed(string name)
    {
        var (day, other, says) = Pairs[name];
        var (one, two) = (Parts(day), Parts(other));
        says(one, two);
    }

    [Theory]
    [MemberData(nameof(DayNames))]
    public void A_day_is_proposed_as_the_trade_rides_it(string name) => Days[name].Says(Parts(Days[name].Day));

    /// <summary>A session of the yard's own: twelve minutes of trot on its rung between walk first and walk last.</summary>
    private static SessionTemplate OwnOne(double trot = 12, bool helper = false, string rung = "flatwork/simple-change") =>
        new(
            "own",
            "Ours",
            "",
            new SessionEntry(
                Emphasis: "Ours",
                Manner: Manner.Ridden,
                Helper: helper,
                Parts:
                [
                    PartEntry.Of(Phase.WarmUp, "Walk", Gait.Walk, Rein.Both, 10),
                    PartEntry.Of(Phase.Work, "Work", Gait.Trot, Rein.Both, trot) with
                    {
                        RungId = rung,
                    },
                    PartEntry.Of(Phase.CoolDown, "Walk", Gait.Walk, Rein.Both, 6),
                ],
                Notes: ""
            )
        )
        {
            Own = true,
        };

    [Fact]
    public void A_session_of_the_yards_own_is_offered_where_it_fits_the_strand_the_time_the_helper_and_the_horse()
    {
        bool Offered(SessionTemplate own, Day? day = null)
        {
            var on = day ?? new Day();
            var wanted = new Wanted(Make.Today, on.Focus, on.Minutes, on.Helper, on.Ground, []);
            return SessionProposal.OfYard([own], wanted, ContextOf(on)).Count == 1;
        }

        Offered(OwnOne()).ShouldBeTrue();
        Offered(OwnOne(), new Day { Focus = Strand.Lateral }).ShouldBeFalse();
        Offered(OwnOne(trot: 40)).ShouldBeFalse();
        Offered(OwnOne(helper: true), new Day { Helper = false }).ShouldBeFalse();
        Offered(OwnOne(), new Day { Age = 19 }).ShouldBeFalse();
        Offered(OwnOne(), new Day { Restricted = Rule(noGaits: [Gait.Trot]) }).ShouldBeFalse();
    }

    [Fact]
    public void A_session_kept_for_any_horse_leaves_its_day_its_tack_and_what_stood_behind()
    {
        var session = OwnOne().Session;
        var kept = new OwnSessionEntry(
            "Ours",
            null,
            session with
            {
                On = Make.Today.AddDays(3),
                TackIds = [Guid.NewGuid()],
                Place = "away",
                Parts = [.. session.Parts!.Select(p => p with { SetUpId = Guid.NewGuid() })],
            }
        )
            .Check(Make.Today)
            .OrThrow();
        (kept.Session!.On, kept.Session.Place, kept.Session.TackIds!.Count).ShouldBe((null, "", 0));
        kept.Session.Parts!.ShouldAllBe(p => p.SetUpId == null);
        kept.Session.Parts!.Sum(p => p.Minutes).ShouldBe(28);
        new OwnSessionEntry("Ours", null, new SessionEntry()).Check(Make.Today).Faults.ShouldContain(f => f.Field == "session.parts");
    }

    [Fact]
    public void What_comes_again_says_that_it_was_not_calm_and_what_is_varied_does_not()
    {
        bool Says(bool calm) =>
            Of(AfterLateral(calm)).Because.Any(w => w.Inputs.Any(x => x.Contains("as it was last time", StringComparison.Ordinal)));
        (Says(calm: false), Says(calm: true)).ShouldBe((true, false));
    }

    [Fact]
    public void There_are_forty_situations_and_most_of_them_are_pairs()
    {
        (Pairs.Count + Days.Count).ShouldBeGreaterThanOrEqualTo(40);
        (Pairs.Count * 2).ShouldBeGreaterThan(Pairs.Count + Days.Count);
    }

    [Fact]
    public void Whatever_the_situation_every_part_has_its_reason_and_nothing_runs_over()
    {
        foreach (var day in Pairs.Values.SelectMany(p => new[] { p.Day, p.Other }).Concat(Days.Values.Select(d => d.Day)))
        {
            var proposal = Of(day);
            proposal.Because.Count.ShouldBe(proposal.Session.Parts!.Count);
            proposal.Session.Parts!.Sum(p => p.Minutes)!.Value.ShouldBeLessThanOrEqualTo(day.Minutes + 1);
        }
    }
}
