using Hippodrome.Core.Aims;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>What a block is for.</summary>
public enum Purpose
{
    Schooling,
    Conditioning,
    Return,
    RunIn,
}

/// <summary>How often a kind of session is asked for, as typed.</summary>
public sealed record AskedEntry(SessionKind? Kind = null, int? AWeek = null);

/// <summary>How often a kind of session is asked for in every week of a block.</summary>
public sealed record Asked(SessionKind Kind, int AWeek);

/// <summary>A block as typed.</summary>
public sealed record BlockEntry
{
    /// <summary>What the yard calls it.</summary>
    public string? Name { get; init; }

    /// <summary>Schooling, conditioning, return to work, run-in.</summary>
    public Purpose? Purpose { get; init; }

    /// <summary>First day; today if left out.</summary>
    public DateOnly? Start { get; init; }

    /// <summary>How long; to the aim if left out.</summary>
    public int? Weeks { get; init; }

    /// <summary>The competition it leads to, if any.</summary>
    public Guid? AimId { get; init; }

    /// <summary>Whose mix of work; the aim's if left out.</summary>
    public Discipline? Discipline { get; init; }

    /// <summary>Strands, the most important first.</summary>
    public IReadOnlyList<Strand>? Focus { get; init; }

    /// <summary>Minutes by gait that it does in a week now.</summary>
    public MinutesByGait? Now { get; init; }

    /// <summary>Days of the week it can work.</summary>
    public IReadOnlyList<DayOfWeek>? Days { get; init; }

    /// <summary>Days with someone on the ground.</summary>
    public IReadOnlyList<DayOfWeek>? HelperDays { get; init; }

    /// <summary>Days with the arena.</summary>
    public IReadOnlyList<DayOfWeek>? ArenaDays { get; init; }

    /// <summary>Days with hills or a gallop track.</summary>
    public IReadOnlyList<DayOfWeek>? OpenGroundDays { get; init; }

    /// <summary>The day off that is liked best.</summary>
    public DayOfWeek? FavouriteOff { get; init; }

    /// <summary>Who may ride it.</summary>
    public IReadOnlyList<Guid>? RiderIds { get; init; }

    /// <summary>Farrier, therapist, days away.</summary>
    public IReadOnlyList<FixtureEntry>? Fixtures { get; init; }

    /// <summary>Kinds of session wanted so many times a week, whatever the mix says.</summary>
    public IReadOnlyList<AskedEntry>? Asked { get; init; }

    /// <summary>For a return to work.</summary>
    public ReturnEntry? Return { get; init; }

    /// <summary>For conditioning.</summary>
    public SetsEntry? Sets { get; init; }
}

/// <summary>A block of weeks that has been thought out: what for, from when, how long, on which days, from what the horse does now.</summary>
public sealed record Block
{
    private Block() { }

    public required Guid Id { get; init; }

    public required string Name { get; init; }

    public required Purpose Purpose { get; init; }

    public required DateOnly Start { get; init; }

    public required int Weeks { get; init; }

    public required Aim? Aim { get; init; }

    public required Discipline Discipline { get; init; }

    public required IReadOnlyList<Strand> Focus { get; init; }

    public required MinutesByGait Now { get; init; }

    public required IReadOnlyList<DayOfWeek> Days { get; init; }

    public required IReadOnlyList<DayOfWeek> HelperDays { get; init; }

    public required IReadOnlyList<DayOfWeek> ArenaDays { get; init; }

    public required IReadOnlyList<DayOfWeek> OpenGroundDays { get; init; }

    public required DayOfWeek? FavouriteOff { get; init; }

    public required IReadOnlyList<Guid> RiderIds { get; init; }

    public required IReadOnlyList<Fixture> Fixtures { get; init; }

    public required IReadOnlyList<Asked> Asked { get; init; }

    public required Return? Return { get; init; }

    public required Sets? Sets { get; init; }

    /// <summary>Monday of its first week.</summary>
    public DateOnly FirstMonday => TrainingLoad.Monday(Start);

    /// <summary>Its last day: the aim's, or the Sunday of its last week.</summary>
    public DateOnly End => Aim is { } aim && aim.On < FirstMonday.AddDays(7 * Weeks) ? aim.On : FirstMonday.AddDays((7 * Weeks) - 1);

    /// <param name="id">Its id.</param>
    /// <param name="entry">What was typed.</param>
    /// <param name="aims">The horse's aims.</param>
    /// <param name="today">Today.</param>
    public static Outcome<Block> From(Guid id, BlockEntry entry, IReadOnlyList<Aim> aims, DateOnly today, bool kept = false)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var checks = Checks.Of(kept);
        var name = checks.Text("name", entry.Name, 80);
        var purpose = checks.Choice("purpose", entry.Purpose);
        var start = entry.Start ?? today;
        checks.That(
            start >= today.AddYears(-1) && start <= today.AddYears(1),
            "start",
            "That day is too far away.",
            "Give a day within a year."
        );
        var aim = AimOf(checks, entry, aims, purpose, start);
        var weeks = WeeksOf(checks, entry.Weeks, aim, start);
        var focus = (entry.Focus ?? []).Distinct().ToList();
        checks.That(focus.TrueForAll(Enum.IsDefined), "focus", "There is no such strand.", "Choose from the list.");
        var now = entry.Now ?? MinutesByGait.None;
        checks.Whole("now.walk", now.Walk, 0, 1200, "minutes a week");
        checks.Whole("now.trot", now.Trot, 0, 600, "minutes a week");
        checks.Whole("now.canter", now.Canter, 0, 300, "minutes a week");
        checks.That(
            purpose == Blocks.Purpose.Return || now.Total > 0,
            "now",
            "Nobody has said what it does now.",
            "Give the minutes of an ordinary week; a horse that does nothing comes back by a return."
        );
        var days = DaysOf(checks, "days", entry.Days);
        checks.That(days.Count > 0, "days", "There is no day it can work.", "Choose at least one day.");
        checks.That(days.Count < 7, "days", "There is no day off left.", "Take one day out: every horse has a day off in the week.");
        var fixtures = checks
            .Lines("fixtures", entry.Fixtures, 60)
            .Select((f, i) => Fixture.Check(checks, $"fixtures[{i}]", f))
            .OfType<Fixture>()
            .ToList();
        var asked = checks
            .Lines("asked", entry.Asked, 12)
            .Select(
                (a, i) =>
                    new Asked(
                        checks.Choice($"asked[{i}].kind", a.Kind),
                        checks.Whole($"asked[{i}].aWeek", a.AWeek, 0, 6, "sessions a week")
                    )
            )
            .ToList();
        checks.That(
            asked.DistinctBy(a => a.Kind).Count() == asked.Count,
            "asked",
            "One kind is asked for twice.",
            "Ask for each kind once."
        );
        var back = purpose == Blocks.Purpose.Return ? Return.Check(checks, entry.Return) : null;
        var sets = purpose == Blocks.Purpose.Conditioning ? Conditioning.Sets.Check(checks, entry.Sets) : null;
        return checks.Outcome(() =>
            new Block
            {
                Id = id,
                Name = name,
                Purpose = purpose,
                Start = start,
                Weeks = weeks,
                Aim = aim,
                Discipline = entry.Discipline ?? aim?.Discipline ?? Discipline.Dressage,
                Focus = focus,
                Now = now,
                Days = days,
                HelperDays = DaysOf(checks, "helperDays", entry.HelperDays),
                ArenaDays = DaysOf(checks, "arenaDays", entry.ArenaDays),
                OpenGroundDays = DaysOf(checks, "openGroundDays", entry.OpenGroundDays),
                FavouriteOff = entry.FavouriteOff,
                RiderIds = entry.RiderIds?.Distinct().ToList() ?? [],
                Fixtures = fixtures,
                Asked = asked,
                Return = back,
                Sets = sets,
            }
        );
    }

    private static Aim? AimOf(Checks checks, BlockEntry entry, IReadOnlyList<Aim> aims, Purpose purpose, DateOnly start)
    {
        var aim = entry.AimId is null ? null : aims.FirstOrDefault(a => a.Id == entry.AimId);
        checks.That(
            entry.AimId is null || aim is not null,
            "aimId",
            "This is not one of the horse's aims.",
            "Choose one from its list, or leave it out."
        );
        checks.That(
            aim is null || aim.On > start,
            "start",
            FormattableString.Invariant($"{aim?.Name} is on {aim?.On:d MMMM}, before the block begins."),
            "Begin earlier, or choose a later aim."
        );
        checks.That(
            purpose != Blocks.Purpose.RunIn || entry.AimId is not null,
            "aimId",
            "A run-in leads to a competition, and none is chosen.",
            "Choose the competition."
        );
        return aim;
    }

    /// <summary>What was asked for, or the weeks to the aim.</summary>
    private static int WeeksOf(Checks checks, int? asked, Aim? aim, DateOnly start)
    {
        var most = BlockFigures.LongestBlock.Value;
        if (aim is null || aim.On <= start)
        {
            return checks.Whole("weeks", asked ?? (aim is null ? null : 1), 1, most, "weeks");
        }

        var toAim = ((TrainingLoad.Monday(aim.On).DayNumber - TrainingLoad.Monday(start).DayNumber) / 7) + 1;
        checks.That(toAim <= most, "start", $"{aim.Name} is {toAim} weeks away.", $"Begin within {most} weeks of it.");
        return Math.Min(toAim, most);
    }

    private static List<DayOfWeek> DaysOf(Checks checks, string field, IReadOnlyList<DayOfWeek>? days)
    {
        checks.That((days ?? []).All(Enum.IsDefined), field, "There is no such day.", "Choose from the list.");
        return [.. (days ?? []).Where(Enum.IsDefined).Distinct().OrderBy(d => ((int)d + 6) % 7)];
    }
}
