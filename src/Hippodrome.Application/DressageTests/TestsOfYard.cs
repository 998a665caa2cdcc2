using Hippodrome.Application.Readiness;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Measures;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.DressageTests;

namespace Hippodrome.Application.DressageTests;

/// <summary>A test in a list.</summary>
/// <param name="Id">Which.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Level">The level it is of; may be empty.</param>
/// <param name="Arena">Its arena.</param>
/// <param name="Ships">It comes with the program, and stays as it is.</param>
/// <param name="Movements">What is marked.</param>
/// <param name="Way">All of it.</param>
public sealed record TestInList(
    Guid Id,
    string Name,
    string Level,
    ArenaSize Arena,
    bool Ships,
    IReadOnlyList<TestMovement> Movements,
    Distance Way
);

/// <summary>A test laid through its arena, as far as it can be.</summary>
/// <param name="Arena">Its letters and its size.</param>
/// <param name="Ways">Of each line, up to the first that cannot be ridden.</param>
/// <param name="Way">All of them.</param>
/// <param name="Movements">What is marked.</param>
/// <param name="Faults">What cannot be ridden, by its field.</param>
public sealed record TestDrawn(
    Arena Arena,
    IReadOnlyList<IReadOnlyList<FigurePoint>> Ways,
    Distance Way,
    IReadOnlyList<TestMovement> Movements,
    IReadOnlyList<Fault> Faults
);

/// <summary>A test as it can be typed over.</summary>
/// <param name="Id">Which.</param>
/// <param name="Ships">It comes with the program, and stays as it is.</param>
/// <param name="Version">Of the row; 0 where it ships.</param>
/// <param name="Entry">As it was typed.</param>
/// <param name="Drawn">Through its arena.</param>
public sealed record DressageTestView(Guid Id, bool Ships, int Version, DressageTestEntry Entry, TestDrawn Drawn);

/// <summary>Dressage tests: two that ship, and the yard's own.</summary>
public static class TestsOfYard
{
    /// <summary>The yard's own first, by name.</summary>
    public static async Task<List<TestInList>> ListAsync(Visit visit) =>
        [
            .. (await visit.Yard.DressageTestsAsync()).Select(t => InList(t.Id, t.Entry, ships: false)),
            .. ShippedTests.All.Select(t => InList(t.Id, t.Entry, ships: true)),
        ];

    public static async Task<Answer<DressageTestView>> OneAsync(Guid testId, Visit visit) =>
        await FindAsync(testId, visit) is { } test ? test : Refusal.NotThere;

    /// <summary>A test as it is typed: its way as far as it can be ridden, and what is wrong behind that.</summary>
    public static TestDrawn Check(DressageTestEntry entry)
    {
        ArgumentNullException.ThrowIfNull(entry);
        return Draw(entry, entry.Check().Faults);
    }

    /// <summary>A test as it is typed, on the other rein.</summary>
    public static DressageTestEntry Mirror(DressageTestEntry entry)
    {
        ArgumentNullException.ThrowIfNull(entry);
        return entry.InTheMirror();
    }

    public static async Task<Answer<DressageTestView>> AddAsync(DressageTestEntry entry, Visit visit)
    {
        var read = entry.Check();
        if (!read.IsFine)
        {
            return Refusal.Faulty(read.Faults);
        }

        await visit.Yard.AddDressageTestAsync(visit.NewId, entry, visit.Me.Id);
        return (await FindAsync(visit.NewId, visit))!;
    }

    /// <summary>A test of which marks are kept keeps its movements: their numbers stand in the marks.</summary>
    public static async Task<Answer<DressageTestView>> ChangeAsync(Guid testId, Change<DressageTestEntry> change, Visit visit)
    {
        if ((await visit.Yard.DressageTestsAsync()).Find(t => t.Id == testId) is not { } kept)
        {
            return ShippedTests.All.Any(s => s.Id == testId)
                ? Refusal.Faulty("", "This test comes with the program and stays as it is.", "Make a copy of it, and change that.")
                : Refusal.NotThere;
        }

        var read = change.Entry.Check();
        if (!read.IsFine)
        {
            return Refusal.Faulty(read.Faults);
        }

        var before = kept.Entry.AsKept().Value!.Movements.Select(m => m.Coefficient);
        if (!before.SequenceEqual(read.Value.Movements.Select(m => m.Coefficient)) && await visit.Yard.IsMarkedAsync(testId))
        {
            return Refusal.Faulty(
                "lines",
                "Marks of this test are kept: its movements and their coefficients stay as they are.",
                "Make a copy of it, and change that."
            );
        }

        if (!await visit.Yard.ChangeDressageTestAsync(testId, change.Entry, change.Version))
        {
            return Refusal.Changed((await FindAsync(testId, visit))!, change.Entry);
        }

        foreach (var horse in await visit.Yard.HorsesAimedWithAsync(testId, visit.Today))
        {
            await LastDemands.KeepAsync(visit, horse);
        }

        return (await FindAsync(testId, visit))!;
    }

    public static async Task<Answer<Done>> RemoveAsync(Guid testId, Visit visit, bool removed) =>
        await visit.Yard.RemoveDressageTestAsync(testId, removed) ? Done.It : Refusal.NotThere;

    /// <summary>The tests that sessions and marks may name, also those taken off since.</summary>
    internal static async Task<IReadOnlyDictionary<Guid, DressageTest>> AllAsync(Visit visit) =>
        (await visit.Yard.DressageTestsAsync(removed: true))
            .Select(t => (t.Id, t.Entry))
            .Concat(ShippedTests.All.Select(s => (s.Id, s.Entry)))
            .ToDictionary(t => t.Id, t => t.Entry.AsKept().Value!);

    internal static async Task<DressageTestView?> FindAsync(Guid testId, Visit visit) =>
        ShippedTests.All.FirstOrDefault(s => s.Id == testId) is { } shipped
            ? new DressageTestView(testId, true, 0, shipped.Entry, Draw(shipped.Entry, []))
        : (await visit.Yard.DressageTestsAsync()).Find(t => t.Id == testId) is { } kept
            ? new DressageTestView(testId, false, kept.Version, kept.Entry, Draw(kept.Entry, kept.Entry.AsKept().Faults))
        : null;

    private static TestInList InList(Guid id, DressageTestEntry entry, bool ships)
    {
        var test = entry.AsKept().Value!;
        return new TestInList(id, test.Name, test.Level, test.Arena.Size, ships, test.Movements, test.Way);
    }

    private static TestDrawn Draw(DressageTestEntry entry, IReadOnlyList<Fault> faults)
    {
        var lines = entry.Lines ?? [];
        // A name that is missing hides no way.
        var named = entry with { Name = "Way", Level = "", Arena = entry.Arena ?? ArenaSize.SixtyByTwenty };
        var laid = Enumerable
            .Range(0, lines.Count)
            .Select(less => (named with { Lines = [.. lines.Take(lines.Count - less)] }).Check())
            .FirstOrDefault(read => read.IsFine)
            ?.Value;
        return new TestDrawn(
            laid?.Arena ?? Arena.Of(named.Arena == ArenaSize.FortyByTwenty ? ArenaSize.FortyByTwenty : ArenaSize.SixtyByTwenty),
            [.. (laid?.Ways ?? []).Select(w => w.Points.Select(p => p.Rounded()).ToList())],
            laid?.Way ?? Distance.Zero,
            laid?.Movements ?? [],
            faults
        );
    }
}
