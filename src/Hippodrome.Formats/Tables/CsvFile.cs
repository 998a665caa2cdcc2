using System.Globalization;
using CsvHelper;

namespace Hippodrome.Formats.Tables;

/// <summary>A planned session as a line of a table.</summary>
[CsvRecord]
public sealed partial record SessionLine(
    DateOnly Day,
    string Horse,
    string Kind,
    string Emphasis,
    double Walk,
    double Trot,
    double Canter,
    double Minutes,
    int? Fences,
    string Rung,
    bool Ridden,
    Guid Id
);

/// <summary>A ride as a line of a table.</summary>
[CsvRecord]
public sealed partial record RideLine(
    DateOnly Day,
    string Horse,
    string Rider,
    double Walk,
    double Trot,
    double Canter,
    double Minutes,
    double Metres,
    int Transitions,
    int CleanPasses,
    int TouchedPasses,
    int Fences,
    double? MarkLeft,
    double? MarkRight,
    double? Exertion,
    double? Load,
    string Signs,
    string Notes,
    Guid Id
);

/// <summary>Writes tables as comma-separated values (RFC 4180), days as 2026-04-18, with a full stop in numbers.</summary>
public static class CsvFile
{
    public const string ContentType = "text/csv; charset=utf-8";

    // A cell that begins like a formula is not one.
    private static readonly CsvWriterOptions Options = CsvWriterOptions.Default with { Injection = CsvInjection.Escape };

    public static string Write(IEnumerable<SessionLine> lines) => Write(writer => writer.WriteRecords(lines));

    public static string Write(IEnumerable<RideLine> lines) => Write(writer => writer.WriteRecords(lines));

    private static string Write(Action<CsvWriter> lines)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var writer = CsvWriter.Create(text, Options))
        {
            lines(writer);
        }

        return text.ToString();
    }
}
