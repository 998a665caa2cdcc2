using System.Globalization;
using CsvHelper;
using Hippodrome.Core.Measures;

namespace Hippodrome.Formats.Tables;

/// <summary>The cells of a line; one that cannot be read is a fault of its field.</summary>
internal sealed class TableCells(Checks checks, CsvReader reader, int line, string at)
{
    internal static readonly CsvReaderOptions Options = CsvReaderOptions.Default with
    {
        TrackLineNumbers = true,
        TrimWhitespace = true,
        NormalizeHeaderName = name => name.Trim().ToLowerInvariant().Replace(" ", "", StringComparison.Ordinal),
    };

    /// <summary>Goes through the lines of a table that has the columns that are needed.</summary>
    /// <param name="checks">Where what cannot be read is told.</param>
    /// <param name="text">The table.</param>
    /// <param name="needed">Columns without which it is no such table.</param>
    /// <param name="read">What is done with each line, and its number in the text.</param>
    public static void ReadAll(Checks checks, string text, IReadOnlyList<string> needed, Action<CsvReader, int> read)
    {
        try
        {
            using var reader = CsvReader.FromText(text, Options);
            var head = reader.Headers.Select(h => Options.NormalizeHeaderName!(h)).ToHashSet();
            foreach (var column in needed)
            {
                checks.That(head.Contains(column), "table", $"There is no column “{column}”.", "Give it in the head, the first line.");
            }

            // With all of them every line is read, so that all its faults are told at once.
            while (head.IsSupersetOf(needed) && reader.Read())
            {
                read(reader, (int)reader.LineNumber);
            }
        }
        catch (CsvFormatException e)
        {
            checks.That(false, "table", $"It cannot be read beyond line {e.LineNumber}.", "Close its quotation marks.");
        }
    }

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
            (string s, out double n) => double.TryParse(s, NumberStyles.Float, CultureInfo.InvariantCulture, out n) && double.IsFinite(n),
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
        checks.That(read, $"{at}.{field}", $"Line {line}: “{text}” is no {kind}.", mend);
        return read ? value : null;
    }
}
