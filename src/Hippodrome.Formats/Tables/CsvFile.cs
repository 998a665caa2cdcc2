using System.Globalization;
using CsvHelper;
using Hippodrome.Formats.DressageTests;

namespace Hippodrome.Formats.Tables;

/// <summary>A planned session as a line of a table.</summary>
[CsvRecord]
public sealed partial record SessionLine
{
    public required DateOnly Day { get; init; }

    public required string Horse { get; init; }

    public required string Kind { get; init; }

    public required string Emphasis { get; init; }

    public required double Walk { get; init; }

    public required double Trot { get; init; }

    public required double Canter { get; init; }

    public required double Minutes { get; init; }

    public required int? Fences { get; init; }

    public required string Rung { get; init; }

    public required bool Ridden { get; init; }

    public required Guid Id { get; init; }
}

/// <summary>A ride as a line of a table.</summary>
[CsvRecord]
public sealed partial record RideLine
{
    public required DateOnly Day { get; init; }

    public required string Horse { get; init; }

    public required string Rider { get; init; }

    public required double Walk { get; init; }

    public required double Trot { get; init; }

    public required double Canter { get; init; }

    public required double Minutes { get; init; }

    public required double Metres { get; init; }

    public required int Transitions { get; init; }

    public required int CleanPasses { get; init; }

    public required int TouchedPasses { get; init; }

    public required int Fences { get; init; }

    public required double? MarkLeft { get; init; }

    public required double? MarkRight { get; init; }

    public required double? Exertion { get; init; }

    public required double? Load { get; init; }

    public required string Signs { get; init; }

    public required string Notes { get; init; }

    public required Guid Id { get; init; }
}

/// <summary>Writes tables as comma-separated values (RFC 4180), days as 2026-04-18, with a full stop in numbers.</summary>
public static class CsvFile
{
    public const string ContentType = "text/csv; charset=utf-8";

    // A cell that begins like a formula is not one.
    private static readonly CsvWriterOptions Options = CsvWriterOptions.Default with { Injection = CsvInjection.Escape };

    public static byte[] Write(IEnumerable<AimLine> lines) => Write(writer => writer.WriteRecords(lines));

    public static byte[] Write(IEnumerable<SessionLine> lines) => Write(writer => writer.WriteRecords(lines));

    public static byte[] Write(IEnumerable<TestTableLine> lines) => Write(writer => writer.WriteRecords(lines));

    public static byte[] Write(IEnumerable<TestMarkLine> lines) => Write(writer => writer.WriteRecords(lines));

    public static async Task<byte[]> WriteAsync(IAsyncEnumerable<RideLine> lines)
    {
        using var bytes = new MemoryStream();
        await using (var writer = WriterOf(bytes))
        {
            await writer.WriteRecordsAsync(lines);
        }

        return bytes.ToArray();
    }

    // How lines of a kind are written is generated for each kind.
    private static byte[] Write(Action<CsvWriter> write)
    {
        using var bytes = new MemoryStream();
        using (var writer = WriterOf(bytes))
        {
            write(writer);
        }

        return bytes.ToArray();
    }

    private static CsvWriter WriterOf(Stream bytes) => CsvWriter.Create(new StreamWriter(bytes), Options);
}
