using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
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

    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false) },
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        // Feet and inches stay readable; the file is no page of HTML.
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        WriteIndented = true,
    };

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
        return JsonSerializer.Serialize(new SetUpFile(FormatName, LatestVersion, name, entry, tape), Options);
    }

    /// <summary>What cannot be taken in: another format, a later version, no name, no set-up, or one that cannot be built.</summary>
    public Outcome<NamedSetUp> Check()
    {
        var checks = new Checks();
        checks.That(
            Format == FormatName,
            "format",
            Format is null ? "This does not say that it is a set-up." : $"This is a {Format}, not a set-up.",
            $"Give a file whose format is “{FormatName}”."
        );
        checks.That(
            Version is null or (> 0 and <= LatestVersion),
            "version",
            $"Version {Version} is not known here.",
            $"Write it out as version {LatestVersion}."
        );
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
