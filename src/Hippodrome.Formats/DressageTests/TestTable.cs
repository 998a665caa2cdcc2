using CsvHelper;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Formats.Tables;

namespace Hippodrome.Formats.DressageTests;

/// <summary>A line of a dressage test as a line of a table; <c>docs/formats/dressage-test.md</c> describes it.</summary>
[CsvRecord]
public sealed partial record TestTableLine
{
    public required string Figure { get; init; }

    public required string From { get; init; }

    public required string To { get; init; }

    public required string Gait { get; init; }

    public required string Turning { get; init; }

    public required double? Metres { get; init; }

    public required int? Count { get; init; }

    public required int? Every { get; init; }

    public required int? Degrees { get; init; }

    public required string Asked { get; init; }

    public required int? Coefficient { get; init; }

    public required string Words { get; init; }

    public required string Arena { get; init; }

    public static TestTableLine Of(TestLineEntry line, ArenaSize? arena)
    {
        ArgumentNullException.ThrowIfNull(line);
        return new()
        {
            Figure = $"{line.Figure}",
            From = line.From ?? "",
            To = line.To ?? "",
            Gait = $"{line.Gait}",
            Turning = $"{line.Turning}",
            Metres = line.Metres,
            Count = line.Count,
            Every = line.Every,
            Degrees = line.Degrees,
            Asked = $"{line.Asked}",
            Coefficient = line.Coefficient,
            Words = line.Words ?? "",
            Arena = $"{arena}",
        };
    }
}

/// <summary>A mark of a movement as a line of a table.</summary>
[CsvRecord]
public sealed partial record TestMarkLine
{
    public required DateOnly Day { get; init; }

    public required string Horse { get; init; }

    public required string Test { get; init; }

    public required int Movement { get; init; }

    public required int? Coefficient { get; init; }

    public required double Mark { get; init; }

    public required bool Away { get; init; }

    public required string By { get; init; }

    public required string Remark { get; init; }

    /// <param name="horse">Its name.</param>
    /// <param name="test">The test; null where it is known no longer.</param>
    /// <param name="ridden">The marks.</param>
    public static IEnumerable<TestMarkLine> From(string horse, DressageTest? test, TestRidden ridden)
    {
        ArgumentNullException.ThrowIfNull(ridden);
        return ridden.Marks.Select(m => new TestMarkLine
        {
            Day = ridden.On,
            Horse = horse,
            Test = test?.Name ?? "",
            Movement = m.Movement,
            Coefficient = test?.Movements.FirstOrDefault(x => x.Number == m.Movement)?.Coefficient,
            Mark = m.Mark.Value,
            Away = ridden.Away,
            By = ridden.By,
            Remark = m.Remark,
        });
    }
}

/// <summary>What a table says of a test.</summary>
/// <param name="Arena">As its first line says; the large one where none does, since that has every letter of the small.</param>
/// <param name="Lines">In order.</param>
public sealed record TestOfTable(ArenaSize Arena, IReadOnlyList<TestLineEntry> Lines);

/// <summary>Reads the lines of a dressage test: a head, and a line for each figure.</summary>
public static class TestTable
{
    private static readonly string[] Needed = ["figure", "to", "gait", "words", "coefficient"];

    /// <summary>Its lines, or what of them cannot be read, as <c>lines[0].gait</c> for the first behind the head.</summary>
    public static Outcome<TestOfTable> Read(string? text)
    {
        var checks = new Checks();
        var lines = new List<TestLineEntry>();
        ArenaSize? arena = null;
        checks.That(!string.IsNullOrWhiteSpace(text), "table", "There is nothing in it.", "Give a head and a line for each figure.");
        if (checks.Faults.Count == 0)
        {
            TableCells.ReadAll(checks, text!, Needed, (reader, line) =>
            {
                var cell = new TableCells(checks, reader, line, $"lines[{lines.Count}]");
                arena ??= cell.Choice<ArenaSize>("arena");
                lines.Add(Line(cell));
            });
        }

        return checks.Outcome(() => new TestOfTable(arena ?? ArenaSize.SixtyByTwenty, lines));
    }

    private static TestLineEntry Line(TableCells cell) =>
        new()
        {
            Figure = cell.Choice<TestFigure>("figure"),
            From = cell.Text("from"),
            To = cell.Text("to"),
            Gait = cell.Choice<GaitVariant>("gait"),
            Turning = cell.Choice<Side>("turning"),
            Metres = cell.Number("metres"),
            Count = cell.Whole("count"),
            Every = cell.Whole("every"),
            Degrees = cell.Whole("degrees"),
            Asked = cell.Choice<AskedOnTheWay>("asked"),
            Coefficient = cell.Whole("coefficient"),
            Words = cell.Text("words"),
        };
}
