using Hippodrome.Core.Aims;

namespace Hippodrome.Core.Blocks;

/// <summary>The days of a block: which can be worked, what stands fixed on them, what each of them has.</summary>
internal sealed class Calendar(Block block, HorseNow horse, Func<DateOnly, bool> riderThere)
{
    public IReadOnlyList<DateOnly> Mondays { get; } = [.. Enumerable.Range(0, block.Weeks).Select(w => block.FirstMonday.AddDays(7 * w))];

    /// <summary>The competition of a day: an aim's, or one that was entered for the block.</summary>
    public string? Competition(DateOnly day) =>
        horse.Aims.FirstOrDefault(a => a.On == day)?.Name
        ?? block
            .Fixtures.Where(f => f.Kind == FixtureKind.Competition && f.Covers(day))
            .Select(f => f.What.Length > 0 ? f.What : "a competition")
            .FirstOrDefault();

    /// <summary>Whether fences are jumped at the competition of a day.</summary>
    public bool IsJumpedAt(DateOnly day) =>
        Competition(day) is not null
        && (horse.Aims.FirstOrDefault(a => a.On == day)?.Discipline ?? block.Discipline) != Discipline.Dressage;

    public bool IsAway(DateOnly day) => block.Fixtures.Any(f => f.Kind == FixtureKind.Away && f.Covers(day));

    /// <summary>The farrier is there, or the therapist was there today or yesterday: nothing hard.</summary>
    public string? Spared(DateOnly day) =>
        block.Fixtures.Any(f => f.Kind == FixtureKind.Farrier && f.Covers(day)) ? "the farrier is there"
        : block.Fixtures.Any(f => f.Kind == FixtureKind.Therapist && (f.Covers(day) || f.Covers(day.AddDays(-1))))
            ? "the therapist has just been"
        : horse.Easy.FirstOrDefault(e => day >= e.From && day <= e.To)?.Because;

    /// <summary>The small grid of the day before a competition, which counts as an easy day.</summary>
    public bool IsEasyGrid(SessionKind kind, DateOnly day) => kind == SessionKind.Grid && IsJumpedAt(day.AddDays(1));

    public bool YoungForPoles(DateOnly day) => horse.Horse.Age(day) < Sessions.SessionFigures.YoungPolesUnder.Value;

    public bool IsInside(DateOnly day) => day >= block.Start && day <= block.End;

    public bool CanWork(DateOnly day) =>
        IsInside(day) && block.Days.Contains(day.DayOfWeek) && !IsAway(day) && Competition(day) is null && riderThere(day);

    /// <summary>Sessions that a week has room for: its days, less the day off and its competitions.</summary>
    public int MostSessions(DateOnly monday) =>
        Math.Max(
            0,
            Math.Min(Days(monday).Count(CanWork), 7 - BlockFigures.DayOff.Value - Days(monday).Count(d => Competition(d) is not null))
        );

    public static IEnumerable<DateOnly> Days(DateOnly monday) => Enumerable.Range(0, 7).Select(monday.AddDays);

    /// <summary>Days of a week within the last days before the aim.</summary>
    public int RunInDays(DateOnly monday) =>
        block.Aim is not { } aim ? 0 : Days(monday).Count(d => d < aim.On && d.DayNumber >= aim.On.DayNumber - AimFigures.RunInDays.Value);
}
