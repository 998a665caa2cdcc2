using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Aims;

/// <summary>A line of a table of aims as it was read.</summary>
/// <param name="Line">Its number in the table, the head being the first.</param>
/// <param name="Horse">Whose it is, by name.</param>
/// <param name="Aim">The competition.</param>
/// <param name="Result">How it went; null where the line does not say.</param>
/// <param name="Test">The dressage test that is ridden there, by name; null where the line does not say.</param>
public sealed record AimRow(int Line, string Horse, AimEntry Aim, AimResultEntry? Result, string? Test = null);

/// <summary>A competition of a horse that a line came to.</summary>
public sealed record AimOfRow(Guid HorseId, Aim Aim, AimResult? Result);

/// <summary>A table of aims, taken in whole or not at all.</summary>
public static class AimRows
{
    private const int Most = 500;

    /// <summary>What each line comes to, or everything that is wrong with any of them, as <c>lines[3].on</c>.</summary>
    /// <param name="rows">The lines.</param>
    /// <param name="horses">Horses of the yard by name.</param>
    /// <param name="tests">Dressage tests by name.</param>
    /// <param name="newId">Ids for what is made.</param>
    /// <param name="today">Today.</param>
    public static Outcome<IReadOnlyList<AimOfRow>> Check(
        IReadOnlyList<AimRow> rows,
        ILookup<string, Guid> horses,
        ILookup<string, Guid> tests,
        Func<Guid> newId,
        DateOnly today
    )
    {
        ArgumentNullException.ThrowIfNull(rows);
        ArgumentNullException.ThrowIfNull(horses);
        ArgumentNullException.ThrowIfNull(tests);
        ArgumentNullException.ThrowIfNull(newId);
        var checks = new Checks();
        checks.That(rows.Count > 0, "table", "There is no line in it.", "Give a head and a line for each competition.");
        checks.That(rows.Count <= Most, "table", $"There are {rows.Count} lines in it.", $"Give at most {Most} at once.");
        var all = rows.Take(Most).Select(r => One(checks, r, horses, tests, newId, today)).OfType<AimOfRow>().ToList();
        return checks.Outcome<IReadOnlyList<AimOfRow>>(() => all);
    }

    private static AimOfRow? One(
        Checks checks,
        AimRow row,
        ILookup<string, Guid> horses,
        ILookup<string, Guid> tests,
        Func<Guid> newId,
        DateOnly today
    )
    {
        var named = horses[row.Horse].ToList();
        checks.That(
            named.Count == 1,
            $"lines[{row.Line}].horse",
            named.Count == 0
                ? $"Line {row.Line}: there is no horse called “{row.Horse}” here."
                : $"Line {row.Line}: there are {named.Count} horses called “{row.Horse}”.",
            named.Count == 0 ? "Write its name as its passport has it." : "Enter this one on the page of its horse."
        );
        Guid? test = row.Test is { } called ? tests[called].Select(id => (Guid?)id).FirstOrDefault() : null;
        checks.That(
            row.Test is null || test is not null,
            $"lines[{row.Line}].test",
            $"Line {row.Line}: there is no dressage test called “{row.Test}” here.",
            "Enter the test first, or leave it out."
        );
        var aim = Aim.From(newId(), row.Aim with { TestId = test }, today);
        checks.AddRange(aim.Faults.Select(f => Of(row, f)));
        var result = aim.IsFine ? row.Result?.Check(aim.Value, today) : null;
        checks.AddRange(result?.Faults.Select(f => Of(row, f)) ?? []);
        return named.Count == 1 && aim.IsFine && (result is null || result.IsFine)
            ? new AimOfRow(named[0], aim.Value, result?.Value)
            : null;
    }

    private static Fault Of(AimRow row, Fault fault) =>
        fault with
        {
            Field = $"lines[{row.Line}].{fault.Field}",
            Says = $"Line {row.Line}: {fault.Says}",
        };
}
