using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Measures;

namespace Hippodrome.Formats.DressageTests;

/// <summary>A dressage test as a JSON file; <c>docs/formats/dressage-test.md</c> describes it.</summary>
/// <param name="Format">Always <c>dressage-test</c>.</param>
/// <param name="Version">Of the format; 1.</param>
/// <param name="Test">The test as it was typed.</param>
public sealed record DressageTestFile(string? Format = null, int? Version = null, DressageTestEntry? Test = null)
{
    public const string FormatName = "dressage-test";
    public const int LatestVersion = 1;

    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false) },
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        // Words stay readable; the file is no page of HTML.
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        WriteIndented = true,
    };

    /// <summary>The text of the file.</summary>
    public static string Write(DressageTestEntry entry) =>
        JsonSerializer.Serialize(new DressageTestFile(FormatName, LatestVersion, entry), Options);

    /// <summary>What cannot be taken in: another format, a later version, no test, or one that cannot be ridden.</summary>
    public Outcome<DressageTestEntry> Check()
    {
        var checks = new Checks();
        checks.That(
            Format == FormatName,
            "format",
            Format is null ? "This does not say that it is a dressage test." : $"This is a {Format}, not a dressage test.",
            $"Give a file whose format is “{FormatName}”."
        );
        checks.That(
            Version is null or (> 0 and <= LatestVersion),
            "version",
            $"Version {Version} is not known here.",
            $"Write it out as version {LatestVersion}."
        );
        checks.That(Test is not null, "test", "There is no test in it.", "Give its name, its arena and its lines.");
        checks.AddRange(Test?.Check().Faults.Select(f => f with { Field = $"test.{f.Field}" }) ?? []);
        return checks.Outcome(() => Test!);
    }
}
