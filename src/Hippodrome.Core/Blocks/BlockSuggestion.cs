using Hippodrome.Core.Aims;
using Hippodrome.Core.Assessments;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Readiness;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Blocks;

/// <summary>Minutes by gait that were ridden on a day.</summary>
public sealed record DayRidden(DateOnly On, double Walk, double Trot, double Canter, int Efforts)
{
    /// <summary>Transitions of every kind: many correct ones build strength as long spells do.</summary>
    public int Transitions { get; init; }

    /// <summary>A ride as minutes of work.</summary>
    public static DayRidden Of(DateOnly on, RideTotals ride)
    {
        ArgumentNullException.ThrowIfNull(ride);
        return new DayRidden(on, ride.CountedAs(Gait.Walk), ride.CountedAs(Gait.Trot), ride.CountedAs(Gait.Canter), ride.Jumps)
        {
            Transitions = ride.Transitions,
        };
    }
}

/// <summary>Days of an ordinary week on which somebody of the yard can ride, somebody helps on the ground, and the arena is ours.</summary>
public sealed record DaysThere(IReadOnlyList<DayOfWeek> Riders, IReadOnlyList<DayOfWeek> Helpers, IReadOnlyList<DayOfWeek> Arena);

/// <summary>What the form for a new block starts from.</summary>
/// <param name="Entry">Filled in as far as it can be known.</param>
/// <param name="Because">Why each of it is as it is.</param>
public sealed record BlockSuggestion(BlockEntry Entry, IReadOnlyList<Why> Because)
{
    public static readonly Figure<int> WeeksLookedAt = Figure.Chosen(
        "What a horse does now is the mean of the last",
        3,
        "weeks with work in them",
        "one week is chance, and a month ago is another horse"
    );
    private static readonly DayOfWeek[] AllButMonday =
    [
        DayOfWeek.Tuesday,
        DayOfWeek.Wednesday,
        DayOfWeek.Thursday,
        DayOfWeek.Friday,
        DayOfWeek.Saturday,
        DayOfWeek.Sunday,
    ];

    /// <param name="horse">The horse.</param>
    /// <param name="ridden">What it did lately.</param>
    /// <param name="assessed">The first weeks of its latest assessment ride, where there is one.</param>
    /// <param name="there">Days on which somebody rides, has help, and has the arena.</param>
    /// <param name="back">How the horse's approach has it come back from a rest.</param>
    /// <param name="missing">What its aim asks and it cannot do yet, that which is last first.</param>
    /// <param name="today">Today.</param>
    public static BlockSuggestion For(
        HorseNow horse,
        IReadOnlyList<DayRidden> ridden,
        FirstWeeks? assessed,
        DaysThere there,
        ApproachChoice back,
        IReadOnlyList<Demand> missing,
        DateOnly today
    )
    {
        ArgumentNullException.ThrowIfNull(missing);
        ArgumentNullException.ThrowIfNull(horse);
        ArgumentNullException.ThrowIfNull(ridden);
        ArgumentNullException.ThrowIfNull(there);
        ArgumentNullException.ThrowIfNull(back);
        var aim = Aim(horse, today);
        var last = ridden.Count == 0 ? (DateOnly?)null : ridden.Max(r => r.On);
        var weeksOff = last is { } on ? (today.DayNumber - on.DayNumber) / 7 : 0;
        var (now, nowWhy) =
            ridden.Count > 0 ? Now(ridden, today)
            : assessed is not null ? Assessed(assessed)
            : Stated(horse.Horse, today);
        var purpose =
            weeksOff >= TimeOff.RestFrom.Value ? Purpose.Return
            : aim is null || aim.DaysLeft(today) > 21 ? Purpose.Schooling
            : Purpose.RunIn;
        var start = TrainingLoad.Monday(today) == today ? today : today.AddDays(1);
        // A day off for the horse, and one for whoever does most of the work.
        var days = AllButMonday.Where(there.Riders.Contains).ToList();
        var entry = new BlockEntry
        {
            Name = aim is null ? $"{horse.Horse.Name}: {(purpose == Purpose.Return ? "back to work" : "schooling")}" : $"To {aim.Name}",
            Purpose = purpose,
            Start = start,
            Weeks = aim is null ? 8 : null,
            AimId = aim?.Id,
            Discipline = aim?.Discipline,
            Focus = Focus(horse, aim, missing),
            Now = now,
            Days = days,
            HelperDays = [.. there.Helpers.Intersect(days)],
            ArenaDays = [.. there.Arena.Intersect(days)],
            OpenGroundDays = [.. days.Where(d => d is DayOfWeek.Wednesday or DayOfWeek.Saturday or DayOfWeek.Sunday)],
            FavouriteOff = null,
            RiderIds = [],
            Fixtures = [],
            Asked = [],
            Return = new ReturnEntry(purpose == Purpose.Return ? weeksOff : null, OffBecause.Rest, null, back.Id == Approach.ShortLesson),
            Sets = null,
        };
        return new BlockSuggestion(
            entry,
            [
                nowWhy,
                .. aim is null
                    ? []
                    : (Why[])
                        [
                            Why.Of(
                                "A block leads to the competition that matters most, the next of those that matter alike",
                                [$"{aim.Name} on {aim.On:d MMMM}"],
                                Source.CommonPractice
                            ),
                        ],
                .. missing.Count == 0
                    ? []
                    : (Why[])
                        [
                            Why.Of(
                                "Its focus is what the aim asks and the horse cannot do yet, what is last first",
                                [.. missing.Take(3).Select(d => d.Name)],
                                Source.CommonPractice
                            ),
                        ],
                Back(back),
            ]
        );
    }

    /// <summary>The competition a block would lead to: within the weeks a block has, the one that matters most, then the next.</summary>
    public static Aim? Aim(HorseNow horse, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(horse);
        var ahead = horse.Aims.Where(a => a.On > today).ToList();
        return ahead
            .Where(a => a.DaysLeft(today) <= 7 * BlockFigures.LongestBlock.Value)
            .OrderBy(a => a.Importance)
            .ThenBy(a => a.On)
            .FirstOrDefault()
            ?? ahead.MinBy(a => a.On);
    }

    private static Why Back(ApproachChoice back) =>
        new(
            "How it comes back is as its approach has it",
            back.Id == Approach.AssessmentFirst
                ? [back.Says, "ride it before the block; the block begins from what it showed"]
                : [back.Says],
            Source.CommonPractice
        );

    /// <summary>The dose the assessment ride allows, in the gaits of a first phase.</summary>
    private static (MinutesByGait Now, Why Why) Assessed(FirstWeeks assessed)
    {
        var first = assessed.Weeks[0];
        var shares = MinutesByGait.Shared(first.Minutes, [0.50, 0.38, 0.12]);
        return (
            new MinutesByGait(shares[0], shares[1], shares[2]),
            assessed.Why with
            {
                Inputs =
                [
                    .. assessed.Why.Inputs,
                    $"{first.Sessions} sessions of {first.MinutesEach} minutes, as the assessment ride showed",
                ],
            }
        );
    }

    public static readonly Figure<string> StatedWeek = Figure.Chosen(
        "An ordinary week of a horse nobody has ridden here, by how far it is said to have come",
        "green 3 x 30, novice 4 x 40, established 5 x 45",
        "minutes",
        "what most horses of that standing do; the first weeks here say better"
    );

    /// <summary>Nobody has ridden it here: what a horse of its standing usually does, until its rides say better.</summary>
    private static (MinutesByGait Now, Why Why) Stated(Horse horse, DateOnly today)
    {
        var inHand = horse.Age(today) <= Sessions.SessionFigures.InHandOnlyTo.Value;
        var (sessions, each) =
            inHand ? (4, Sessions.SessionFigures.InHandMinutes.Value)
            : horse.Experience == Experience.Green ? (3, 30)
            : horse.Experience == Experience.Novice ? (4, 40)
            : (5, 45);
        var shares = MinutesByGait.Shared(sessions * each, inHand ? [1, 0, 0] : [0.50, 0.36, 0.14]);
        return (
            new MinutesByGait(shares[0], shares[1], shares[2]),
            Why.Of(
                "Nobody has ridden it here: an ordinary week of a horse that has come as far, until its rides say better",
                [
                    $"{sessions} sessions of {each} minutes",
                    $"said to be {(horse.GoesAt is { } level ? $"at {level}" : horse.Experience.ToString().ToLowerInvariant())}",
                ],
                StatedWeek.Source
            )
        );
    }

    private static (MinutesByGait Now, Why Why) Now(IReadOnlyList<DayRidden> ridden, DateOnly today)
    {
        var monday = TrainingLoad.Monday(today);
        var weeks = ridden
            .Where(r => r.On < monday && r.On >= monday.AddDays(-7 * 2 * WeeksLookedAt.Value))
            .GroupBy(r => TrainingLoad.Monday(r.On))
            .OrderByDescending(w => w.Key)
            .Take(WeeksLookedAt.Value)
            .ToList();
        int Mean(Func<DayRidden, double> gait) =>
            weeks.Count == 0 ? 0 : (int)Math.Round(weeks.Average(w => w.Sum(gait)), MidpointRounding.AwayFromZero);
        return (
            new MinutesByGait(Mean(r => r.Walk), Mean(r => r.Trot), Mean(r => r.Canter)),
            Why.Of(
                "What it does now is the mean of its last weeks of work",
                [
                    weeks.Count == 0
                        ? "no ride in the last weeks: give the minutes of an ordinary week"
                        : $"{weeks.Count} {(weeks.Count == 1 ? "week" : "weeks")} with work in {(weeks.Count == 1 ? "it" : "them")}",
                ],
                WeeksLookedAt.Source
            )
        );
    }

    /// <summary>Strands the discipline is about and the horse has begun, the least far along first.</summary>
    private static List<Strand> Focus(HorseNow horse, Aim? aim, IReadOnlyList<Demand> missing)
    {
        Strand[] about = aim?.Discipline switch
        {
            Discipline.Jumping => [Strand.Jumping, Strand.Grids, Strand.Flatwork],
            Discipline.Eventing => [Strand.Jumping, Strand.CrossCountry, Strand.Flatwork],
            _ => [Strand.Lateral, Strand.Flatwork, Strand.Poles],
        };
        // A day away and hours of fitness have their place in a week without being its focus.
        var last = missing.Where(d => d.Kind is not (DemandKind.Away or DemandKind.Speed)).Select(d => d.Strand);
        return
        [
            .. last.Concat(about.OrderBy(s => (double)(horse.Places[s]?.Step ?? 0) / Catalogue.Ladder(s).Count))
                .Where(s => horse.Places[s] is not null)
                .Distinct()
                .Take(2),
        ];
    }
}
