using System.Globalization;
using CsvHelper;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Measures;

namespace Hippodrome.Formats.Tables;

/// <summary>A competition as a line of a table; <c>docs/formats/aims.md</c> describes it.</summary>
[CsvRecord]
public sealed partial record AimLine
{
    public required string Horse { get; init; }

    public required DateOnly Day { get; init; }

    public required string Name { get; init; }

    public required string Discipline { get; init; }

    public required string Scheme { get; init; }

    public required string Level { get; init; }

    public required double? Height { get; init; }

    public required string Where { get; init; }

    public required string Importance { get; init; }

    public required string Test { get; init; }

    public required string Started { get; init; }

    public required double? Penalties { get; init; }

    public required double? PercentOfMarks { get; init; }

    public required int? SecondsOver { get; init; }

    public required int? Place { get; init; }

    public required int? Of { get; init; }

    public required string Held { get; init; }

    public required string DidNotHold { get; init; }

    public static AimLine From(string horse, Aim aim, AimResult? result, string? test)
    {
        ArgumentNullException.ThrowIfNull(aim);
        return new()
        {
            Horse = horse,
            Day = aim.On,
            Name = aim.Name,
            Discipline = aim.Discipline.ToString(),
            Scheme = aim.Scheme,
            Level = aim.Level,
            Height = aim.Height?.Metres,
            Where = aim.Place,
            Importance = aim.Importance.ToString(),
            Test = test ?? "",
            Started =
                result is null ? ""
                : result.Started ? "yes"
                : "no",
            Penalties = result?.Penalties,
            PercentOfMarks = result?.PercentOfMarks,
            SecondsOver = result?.SecondsOver,
            Place = result?.Place,
            Of = result?.Of,
            Held = result?.Held ?? "",
            DidNotHold = result?.DidNotHold ?? "",
        };
    }
}

/// <summary>Reads a table of aims and results: a head, and a line for each competition.</summary>
public static class AimsTable
{
    private static readonly string[] Needed = ["horse", "day", "name", "discipline", "scheme", "level"];

    /// <summary>Its lines, or what of them cannot be read, as <c>lines[3].day</c>; what stands in them is checked by the aim.</summary>
    public static Outcome<IReadOnlyList<AimRow>> Read(string? text)
    {
        var checks = new Checks();
        var rows = new List<AimRow>();
        checks.That(!string.IsNullOrWhiteSpace(text), "table", "There is nothing in it.", "Give a head and a line for each competition.");
        if (checks.Faults.Count == 0)
        {
            TableCells.ReadAll(checks, text!, Needed, (reader, line) =>
                rows.Add(Row(new TableCells(checks, reader, line, $"lines[{line}]"), line))
            );
        }

        return checks.Outcome<IReadOnlyList<AimRow>>(() => rows);
    }

    private static AimRow Row(TableCells cell, int line)
    {
        var aim = new AimEntry(
            cell.Text("name"),
            cell.Day("day", "on"),
            cell.Choice<Discipline>("discipline"),
            cell.Text("scheme"),
            cell.Text("level"),
            cell.Number("height", "heightMetres"),
            cell.Text("where"),
            cell.Choice<Importance>("importance")
        );
        var result = new AimResultEntry(
            cell.YesOrNo("started"),
            cell.Number("penalties"),
            cell.Number("percentofmarks", "percentOfMarks"),
            cell.Whole("secondsover", "secondsOver"),
            cell.Whole("place"),
            cell.Whole("of"),
            cell.Text("held"),
            cell.Text("didnothold")
        );
        return new AimRow(line, cell.Text("horse") ?? "", aim, result == new AimResultEntry() ? null : result, cell.Text("test"));
    }
}
