using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;
using static Hippodrome.Core.Sessions.PlanChecks;
using static Hippodrome.Core.Sessions.PlanMends;

namespace Hippodrome.Core.Sessions;

/// <summary>
/// What legs and lungs can take: days of poles and fences, efforts, layouts, heat, the week after a break, the day before a
/// competition.
/// </summary>
internal static class LegChecks
{
    /// <summary>Seven days are the day itself and six before it.</summary>
    private const int InSevenDays = 6;

    public static readonly PlanRule[] All =
    [
        new(
            new Rule(
                Gravity.Ease,
                "A grid is built up element by element; whole at the first pass it asks everything at once",
                Source.CommonPractice
            ),
            GridStandsWhole,
            c =>
                [
                    new Mend(
                        "Build it up in stages",
                        With(c.Plan, p => IsWholeAtOnce(c, p) ? p.ToEntry() with { InStages = null } : p.ToEntry())
                    ),
                ]
        ),
        new(RulesOfWork.PoleDaysOfTheYoung, TooManyPoleDays, c =>
            [new Mend("Take the poles out", Without(c.Plan, p => c.SetUpOf(p)?.HasPoles == true)), NextDay(c.Plan, 1)]
        )
        {
            DaysBack = InSevenDays,
        },
        new(new Rule(Gravity.Budget, "Jumping days are not neighbours", Source.CommonPractice), FencesOnNeighbouringDays, c =>
            [
                NextDay(c.Plan, c.Nearby.Any(d => d.Fences && d.On > c.Plan.On) ? 3 : 1),
                new Mend("Take the fences out", Without(c.Plan, c.IsJumped)),
            ]
        )
        {
            DaysBack = 1,
            DaysAhead = 1,
        },
        new(RulesOfWork.JumpingDays, TooManyFenceDays, c =>
            [new Mend("Take the fences out", Without(c.Plan, c.IsJumped)), NextDay(c.Plan, 2)]
        )
        {
            DaysBack = InSevenDays,
        },
        new(RulesOfWork.FenceBudget, TooManyEfforts, c => [FewerEfforts(c, SessionFigures.MostEfforts(c.Horse.Experience).Value)]),
        new(
            new Rule(
                Gravity.Repeat,
                "Layouts and heights change often; a horse that knows the picture stops looking",
                SessionFigures.SameLayoutRunning.Source
            ),
            SameLayoutAgain,
            c =>
                [
                    new Mend(
                        "Take it out today",
                        Without(c.Plan, p => Setups.Layout.KeyOf(c.SetUpOf(p)) is { } key && c.Layouts!.Take(2).All(l => l.Contains(key)))
                    ),
                ]
        )
        {
            LayoutDaysBack = 28,
        },
        new(
            new Rule(Gravity.Budget, "A few minutes of poles in hand, about twice a week", SessionFigures.InHandPoles.Source),
            PolesInHandTooLong,
            c =>
                [
                    new Mend(
                        $"Cut the poles to {SessionFigures.InHandPoles.Value} minutes",
                        CutParts(c.Plan, p => c.SetUpOf(p)?.HasPoles == true, SessionFigures.InHandPoles.Value)
                    ),
                ]
        ),
        new(RulesOfWork.Heat, HotDay, c => c.Heat!.Care == Weather.HeatCare.None ? []
            : c.Heat.Care == Weather.HeatCare.Halve ? [Halved(c)]
            : [new Mend("Walk only", Without(c.Plan, p => IsFast(p) || c.IsJumped(p)))]),
        new(
            new Rule(Gravity.Ease, "A fence without a height is held to be at the horse's limit", Source.CommonPractice),
            HeightMissing,
            c =>
                [
                    new Mend(
                        FormattableString.Invariant($"They are {HeightLimit.Unknown(c).Metres:0.00} m"),
                        With(c.Plan, p =>
                            PartDose.Of(p, c.SetUpOf(p)).HeightMissing
                                ? p.ToEntry() with
                                {
                                    HeightMetres = HeightLimit.Unknown(c).Metres,
                                }
                                : p.ToEntry()
                        )
                    ),
                ]
        ),
        new(
            new Rule(Gravity.Budget, "Height by how far the horse has come, and by its next competition", Source.CommonPractice),
            FenceTooHigh,
            c => [new Mend("Take the fences out", Without(c.Plan, c.IsJumped))]
        ),
        new(new Rule(Gravity.Budget, "At four a few small fences, once a week", SessionFigures.YoungBudget.Source), YoungFences, c =>
            [
                FewerEfforts(c, (int)(SessionFigures.MostEffortsGreen.Value * SessionFigures.YoungBudget.Value)),
                new Mend("Take the fences out", Without(c.Plan, c.IsJumped)),
            ]
        )
        {
            DaysBack = InSevenDays,
        },
        new(RulesOfWork.DayAfterCompetition, WorkAfterCompetition, c =>
            [new Mend("Walk only", Without(c.Plan, p => p.Gait.IsFasterThanWalk() || c.IsJumped(p))), NextDay(c.Plan, 1)]
        ),
        new(RulesOfWork.DayBeforeCompetition, BigFenceBeforeCompetition, c =>
            [new Mend("Take the fences out", Without(c.Plan, c.IsJumped))]
        ),
        new(
            new Rule(
                Gravity.Ease,
                "A distance far from the horse's own is asked on purpose, with a helper and a trainer's word",
                SetUpFigures.TooShortUnder.Source
            ),
            FarFromItsOwn,
            c => [new Mend("Take it out", Without(c.Plan, p => FarGap(c, p) is not null))]
        ),
    ];

    private static Amiss? GridStandsWhole(PlanContext c) =>
        c.Plan.Parts.FirstOrDefault(p => IsWholeAtOnce(c, p)) is { } whole
            ? Fault(
                $"“{whole.What}” stands whole at the first pass.",
                "Begin with its first element, and add the next when it goes calmly and straight.",
                [$"{c.SetUpOf(whole)!.Fences.Count} fences, not in stages"]
            )
            : null;

    /// <summary>A grid of so many fences that it is built up, and this part does not.</summary>
    private static bool IsWholeAtOnce(PlanContext c, Part part) =>
        part.InStages == false
        && c.SetUpOf(part) is FenceLine { Kind: LineKind.Grid } grid
        && grid.Fences.Count >= SessionFigures.StagedFrom.Value;

    private static Amiss? TooManyPoleDays(PlanContext c)
    {
        var limit = SessionFigures.YoungPolesPerWeek;
        var days = Week(c.Nearby, c.Plan.On).Count(d => d.Poles) + 1;
        return !c.HasPoles || c.Age >= SessionFigures.YoungPolesUnder.Value || days <= limit.Value
            ? null
            : Fault(
                $"Poles for the {Ordinal(days)} time in seven days, at age {c.Age}.",
                "Make it a day without poles.",
                [Aged(c), $"{days} pole days in seven"]
            );
    }

    private static Amiss? FencesOnNeighbouringDays(PlanContext c)
    {
        var neighbour = JumpsBeside(c.Nearby, c.Plan.On);
        return !c.HasFence || neighbour is null
            ? null
            : Fault(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"It also jumps on {neighbour.On:dddd d MMMM}, the day {(neighbour.On < c.Plan.On ? "before" : "after")}."
                ),
                "Leave a day between.",
                [$"fences on {neighbour.On:d MMM}"]
            );
    }

    private static Amiss? TooManyFenceDays(PlanContext c)
    {
        var days = Week(c.Nearby, c.Plan.On).Count(d => d.Fences) + 1;
        return !c.HasFence || !HasJumpedEnough(c.Nearby, c.Plan.On)
            ? null
            : Fault($"The {Ordinal(days)} jumping day in seven.", "Make it a day without fences.", [$"{days} jumping days in seven"]);
    }

    private static Amiss? TooManyEfforts(PlanContext c)
    {
        var budget = SessionFigures.MostEfforts(c.Horse.Experience);
        var efforts = c.EffortsCounted;
        return efforts <= budget.Value
            ? null
            : Fault(
                string.Create(CultureInfo.InvariantCulture, $"{efforts:0.#} efforts are more than a horse at this stage is asked for."),
                $"Keep it to {budget.Value}.",
                [$"{efforts:0.#} efforts counted", c.Horse.Experience.ToString().ToLowerInvariant()],
                budget.Source
            );
    }

    /// <summary>Silent where the trainer repeats on purpose until it is easy.</summary>
    private static Amiss? SameLayoutAgain(PlanContext c)
    {
        var before = (c.Layouts ?? []).Take(SessionFigures.SameLayoutRunning.Value - 1).ToList();
        var again =
            c.RepeatsUntilEasy || before.Count < SessionFigures.SameLayoutRunning.Value - 1
                ? null
                : c.Plan.Parts.FirstOrDefault(p => Layout.KeyOf(c.SetUpOf(p)) is { } key && before.TrueForAll(b => b.Contains(key)));
        return again is null
            ? null
            : Fault(
                $"{again.What}: the same layout a third session running.",
                "Change its height, its place or its kind.",
                ["it stood in the two sessions before"]
            );
    }

    private static Amiss? PolesInHandTooLong(PlanContext c)
    {
        var limit = SessionFigures.InHandPoles;
        var minutes = c.Plan.Parts.Where(p => p.Manner == Manner.InHand && c.SetUpOf(p)?.HasPoles == true).Sum(p => p.Minutes);
        return c.Horse.Experience != Experience.Green || minutes <= limit.Value
            ? null
            : Fault(
                Minutes("{0} minutes of poles in hand are long for a green horse.", minutes),
                $"Keep them to {limit.Value} minutes, about twice a week.",
                [InMinutes("{0} minutes planned", minutes)]
            );
    }

    /// <summary>Halved are trot, canter, sets and efforts; never the walk first or the cool-down.</summary>
    private static Amiss? HotDay(PlanContext c)
    {
        if (c.Heat is not { Care: >= HeatCare.Halve } heat)
        {
            return null;
        }

        var halved = heat.Care == HeatCare.Halve;
        var (minutes, efforts) = halved ? (SessionFigures.HotWork.Value, HotEfforts(c)) : (0, 0);
        var worked = heat.Care != HeatCare.None || c.Plan.IsLed;
        return worked && c.Plan.Parts.Where(IsFast).Sum(p => p.Minutes) <= minutes && c.EffortsCounted <= efforts
            ? null
            : Fault(
                heat.Care == HeatCare.Halve ? "Those hours are hot: half of the work."
                    : heat.Care == HeatCare.WalkOnly ? "Those hours are too hot for more than walk."
                    : "Those hours are too hot for any work.",
                halved
                        ? FormattableString.Invariant(
                            $"Trot and canter for {minutes} minutes at most{(c.HasFence ? $", {efforts:0.#} efforts" : "")}, or ride early."
                        )
                    : heat.Care == HeatCare.WalkOnly ? "Walk only, or another hour."
                    : "No work: another day.",
                heat.Why
            );
    }

    /// <summary>Half of what this horse may jump in a session.</summary>
    internal static double HotEfforts(PlanContext c) => SessionFigures.MostEfforts(c.Horse.Experience).Value / 2.0;

    internal static bool IsFast(Part part) => part.Gait.IsFasterThanWalk();

    /// <summary>Until somebody says how high, they are held to be at the horse's limit.</summary>
    private static Amiss? HeightMissing(PlanContext c)
    {
        var part = c.Plan.Parts.FirstOrDefault(p => PartDose.Of(p, c.SetUpOf(p)).HeightMissing);
        return part is null
            ? null
            : Fault(
                $"{part.What}: fences without a height.",
                "Say how high they are.",
                [$"held to be {HeightLimit.Unknown(c).Metres:0.00} m"],
                SessionFigures.HighestFence(c.Horse.Experience).Source
            );
    }

    private static Amiss? FenceTooHigh(PlanContext c)
    {
        var limit = HeightLimit.Of(c);
        return c.HighestFence.Metres <= limit.Metres + Hair
            ? null
            : Fault(
                string.Create(CultureInfo.InvariantCulture, $"A fence of {c.HighestFence.Metres:0.00} m is over this horse's limit."),
                string.Create(CultureInfo.InvariantCulture, $"{limit.Metres:0.00} m at most."),
                [c.Horse.Experience.ToString().ToLowerInvariant(), $"limit {limit.Metres:0.00} m"],
                SessionFigures.HighestFence(c.Horse.Experience).Source
            );
    }

    /// <summary>At four, ridden and going well: once a week and half of a green horse's budget.</summary>
    private static Amiss? YoungFences(PlanContext c)
    {
        var most = SessionFigures.MostEffortsGreen.Value * SessionFigures.YoungBudget.Value;
        var again = Week(c.Nearby, c.Plan.On).Any(d => d.Fences);
        return c.Age != SessionFigures.FirstFencesAge.Value || !c.HasFence || (!again && c.EffortsCounted <= most)
            ? null
            : Fault(
                again
                    ? "Fences for the second time in seven days, at age 4."
                    : string.Create(CultureInfo.InvariantCulture, $"{c.EffortsCounted:0.#} efforts are many at age 4."),
                string.Create(CultureInfo.InvariantCulture, $"Once a week, {most:0.#} efforts at most, a low cross-pole from trot."),
                [Aged(c), $"{c.EffortsCounted:0.#} efforts counted"]
            );
    }

    private const double Hair = 1e-9;

    private static Amiss? WorkAfterCompetition(PlanContext c) =>
        c.CompetedYesterday is not { } aim || c.Plan.IsWalked
            ? null
            : Fault(
                $"{aim.Name} was the day before.",
                "Rest it, or walk.",
                [FormattableString.Invariant($"{aim.Name} on {aim.On:d MMMM}")]
            );

    /// <summary>The day before a competition: nothing within 20 cm of its height, and few efforts, counted by stages.</summary>
    private static Amiss? BigFenceBeforeCompetition(PlanContext c)
    {
        if (c.Competition is not { } aim || aim.DaysLeft(c.Plan.On) != 1)
        {
            return null;
        }

        var (most, under) = (SessionFigures.DayBeforeEfforts, SessionFigures.UnderCompetition);
        var nearHeight = aim.Height is { } height && c.HasFence && c.HighestFence.Metres > height.Metres - under.Value + Hair;
        return !nearHeight && c.EffortsCounted <= most.Value
            ? null
            : Fault(
                $"{aim.Name} is tomorrow, and this is {(nearHeight ? "close to its height" : "a lot of jumping")}.",
                $"A small grid in stages, {most.Value} efforts at most, nothing within {under.Value * 100:0} cm of the height of the competition.",
                [$"{c.EffortsCounted:0.#} efforts counted, highest {c.HighestFence.Metres:0.00} m"]
            );
    }

    /// <summary>Kept with a word; without a helper not at all.</summary>
    private static Amiss? FarFromItsOwn(PlanContext c)
    {
        var part = c.Plan.Parts.FirstOrDefault(p => FarGap(c, p) is not null);
        if (part is null || FarGap(c, part) is not { } gap)
        {
            return null;
        }

        var word = gap.Fit == Fit.TooShort ? "too short" : "long";
        return Fault(
            $"{part.What}: {gap.Built.Built} is {word} for this horse, whose own is {gap.Own}.",
            c.Plan.Helper ? "Say why it is asked, or move it nearer to its own." : "Find a helper, or move it nearer to its own.",
            [$"built {gap.Built.Built}", $"its own {gap.Own}"]
        ) with
        {
            Hard = !c.Plan.Helper,
        };
    }

    /// <summary>The first distance of what stands in a part that is far off the horse's own, on purpose.</summary>
    private static Gap? FarGap(PlanContext c, Part part) =>
        c.Card is { } card && c.SetUpOf(part) is { OnPurpose: true } setUp
            ? setUp.MeasureFor(card, Tape.Metric).Gaps.FirstOrDefault(g => g.Fit is Fit.TooShort or Fit.Long)
            : null;

    /// <summary>The jumping day beside this one, done or planned; null where there is none.</summary>
    internal static NearbyDay? JumpsBeside(IReadOnlyList<NearbyDay> nearby, DateOnly on) =>
        nearby.FirstOrDefault(d => d.Fences && Math.Abs(d.On.DayNumber - on.DayNumber) == 1);

    /// <summary>It has jumped as often in the six days before as it may in seven.</summary>
    internal static bool HasJumpedEnough(IReadOnlyList<NearbyDay> nearby, DateOnly on) =>
        Week(nearby, on).Count(d => d.Fences) >= SessionFigures.FenceDaysPerWeek.Value;

    /// <summary>The six days before, done or planned.</summary>
    private static IEnumerable<NearbyDay> Week(IReadOnlyList<NearbyDay> nearby, DateOnly on) =>
        nearby.Where(d => d.On < on && d.On >= on.AddDays(-InSevenDays));
}
