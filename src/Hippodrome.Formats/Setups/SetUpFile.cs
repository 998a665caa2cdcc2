using System.Text.Json;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Formats.Setups;

/// <summary>A set-up as a JSON file; <c>docs/formats/set-up.md</c> describes it.</summary>
/// <param name="Format">Always <c>set-up</c>.</param>
/// <param name="Version">Of the format; 1.</param>
/// <param name="Name">What it is called.</param>
/// <param name="SetUp">The set-up as it was asked for.</param>
/// <param name="Tape">As it was built for one horse, for people; not read again.</param>
public sealed record SetUpFile(
    string? Format = null,
    int? Version = null,
    string? Name = null,
    SetUpEntry? SetUp = null,
    IReadOnlyList<TapeLine>? Tape = null
)
{
    public const string FormatName = "set-up";
    public const int LatestVersion = 1;

    /// <summary>The text of the file.</summary>
    public static string Write(string name, SetUpEntry entry, MeasuredSetUp measured)
    {
        ArgumentNullException.ThrowIfNull(measured);
        var tape = measured
            .Elements.Select(e => new TapeLine(
                e.Name,
                Math.Round(e.At.Metres, 4),
                e.AtText.Feet,
                Math.Round(e.Height.Metres, 4),
                Math.Round(e.Spread.Metres, 4)
            ))
            .ToList();
        return JsonSerializer.Serialize(new SetUpFile(FormatName, LatestVersion, name, entry, tape), JsonFile.Options);
    }

    /// <summary>What cannot be taken in: another format, a later version, no name, no set-up, or one that cannot be built.</summary>
    public Outcome<NamedSetUp> Check()
    {
        var checks = new Checks();
        JsonFile.CheckHead(checks, Format, Version, FormatName, "set-up", LatestVersion);
        var name = checks.Text("name", Name, 120);
        checks.That(SetUp is not null, "setUp", "There is no set-up in it.", "Give its family and its measures.");
        checks.AddRange(SetUp?.Check().Faults.Select(f => f with { Field = $"setUp.{f.Field}" }) ?? []);
        return checks.Outcome(() => new NamedSetUp(name, SetUp!));
    }
}

/// <summary>A line of the tape as it was built.</summary>
public sealed record TapeLine(string What, double Metres, string Feet, double Height, double Spread);

/// <summary>A set-up that was read from a file.</summary>
public sealed record NamedSetUp(string Name, SetUpEntry Entry);
