using System.Text.Json;
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

    /// <summary>The text of the file.</summary>
    public static string Write(DressageTestEntry entry) =>
        JsonSerializer.Serialize(new DressageTestFile(FormatName, LatestVersion, entry), JsonFile.Options);

    /// <summary>What cannot be taken in: another format, a later version, no test, or one that cannot be ridden.</summary>
    public Outcome<DressageTestEntry> Check()
    {
        var checks = new Checks();
        JsonFile.CheckHead(checks, Format, Version, FormatName, "dressage test", LatestVersion);
        checks.That(Test is not null, "test", "There is no test in it.", "Give its name, its arena and its lines.");
        checks.AddRange(Test?.Check().Faults.Select(f => f with { Field = $"test.{f.Field}" }) ?? []);
        return checks.Outcome(() => Test!);
    }
}
