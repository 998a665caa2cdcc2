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

    public required string Started { get; init; }

    public required double? Penalties { get; init; }

    public required double? PercentOfMarks { get; init; }

    public required int? SecondsOver { get; init; }

    public required int? Place { get; init; }

    public required int? Of { get; init; }

    public required string Held { get; init; }

    public required string DidNotHold { get; init; }

    public static AimLine From(string horse, Aim aim, AimResult? result)
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
    private static readonly CsvReaderOptions Options = CsvReaderOptions.Default with
    {
        TrackLineNumbers = true,
        TrimWhitespace = true,
        NormalizeHeaderName = name => name.Trim().ToLowerInvariant().Replace(" ", "", StringComparison.Ordinal),
    };

    private static readonly string[] Needed = ["horse", "day", "name", "discipline", "scheme", "level"];

    /// <summary>Its lines, or what of them cannot be read, as <c>lines[3].day</c>; what stands in them is checked by the aim.</summary>
    public static Outcome<IReadOnlyList<AimRow>> Read(string? text)
    {
        var checks = new Checks();
        var rows = new List<AimRow>();
        checks.That(!string.IsNullOrWhiteSpace(text), "table", "There is nothing in it.", "Give a head and a line for each competition.");
        if (checks.Faults.Count == 0)
        {
            try
            {
                ReadAll(checks, text!, rows);
            }
            catch (CsvFormatException e)
            {
                checks.That(false, "table", $"It cannot be read beyond line {e.LineNumber}.", "Close its quotation marks.");
            }
        }

        return checks.Outcome<IReadOnlyList<AimRow>>(() => rows);
    }

    private static void ReadAll(Checks checks, string text, List<AimRow> rows)
    {
        using var reader = CsvReader.FromText(text, Options);
        var head = reader.Headers.Select(h => Options.NormalizeHeaderName!(h)).ToHashSet();
        foreach (var column in Needed)
        {
            checks.That(head.Contains(column), "table", $"There is no column “{column}”.", "Give it in the head, the first line.");
        }

        // Without a column it is no table of aims; with all of them every line is read, so that all its faults are told at once.
        while (head.IsSupersetOf(Needed) && reader.Read())
        {
            rows.Add(Row(checks, reader));
        }
    }

    private static AimRow Row(Checks checks, CsvReader reader)
    {
        var line = (int)reader.LineNumber;
        var cell = new Cells(checks, reader, line);
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
        return new AimRow(line, cell.Text("horse") ?? "", aim, result == new AimResultEntry() ? null : result);
    }

    /// <summary>The cells of a line; one that cannot be read is a fault of its field.</summary>
    private sealed class Cells(Checks checks, CsvReader reader, int line)
    {
        /// <summary>Nothing where the cell is empty, or there is no such column.</summary>
        public string? Text(string column) =>
            reader.TryGetFieldIndex(column, out var at) && reader.GetStringOrNull(at) is { Length: > 0 } text ? text : null;

        public DateOnly? Day(string column, string field) =>
            Read<DateOnly>(
                column,
                field,
                (string s, out DateOnly day) =>
                    DateOnly.TryParseExact(s, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out day),
                "day",
                "Write it as 2026-04-18."
            );

        public double? Number(string column, string? field = null) =>
            Read<double>(
                column,
                field ?? column,
                (string s, out double n) =>
                    double.TryParse(s, NumberStyles.Float, CultureInfo.InvariantCulture, out n) && double.IsFinite(n),
                "number",
                "Write it with a full stop, as 1.05."
            );

        public int? Whole(string column, string? field = null) =>
            Read<int>(
                column,
                field ?? column,
                (string s, out int n) => int.TryParse(s, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out n),
                "whole number",
                "Write it in figures."
            );

        public bool? YesOrNo(string column) =>
            Read<bool>(
                column,
                column,
                (string s, out bool yes) =>
                    (yes = s.Equals("yes", StringComparison.OrdinalIgnoreCase)) || s.Equals("no", StringComparison.OrdinalIgnoreCase),
                "yes or no",
                "Write yes, no, or nothing."
            );

        public T? Choice<T>(string column)
            where T : struct, Enum =>
            Read<T>(
                column,
                column,
                (string s, out T choice) =>
                    Enum.TryParse(s, true, out choice) && Enum.GetNames<T>().Contains(choice.ToString()) && !char.IsDigit(s[0]),
                column,
                $"Write one of {string.Join(", ", Enum.GetNames<T>())}."
            );

        private delegate bool Reads<T>(string text, out T value);

        private T? Read<T>(string column, string field, Reads<T> reads, string kind, string mend)
            where T : struct
        {
            if (Text(column) is not { } text)
            {
                return null;
            }

            var read = reads(text, out var value);
            checks.That(read, $"lines[{line}].{field}", $"Line {line}: “{text}” is no {kind}.", mend);
            return read ? value : null;
        }
    }
}
