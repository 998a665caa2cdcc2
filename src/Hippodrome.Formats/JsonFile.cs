using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using Hippodrome.Core.Measures;

namespace Hippodrome.Formats;

/// <summary>How our JSON files are written, and how each says what it is.</summary>
internal static class JsonFile
{
    public static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false) },
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        // Words, feet and inches stay readable; the file is no page of HTML.
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        WriteIndented = true,
    };

    /// <summary>Faults of a file of another format, or of a later version.</summary>
    /// <param name="checks">Where they are told.</param>
    /// <param name="format">What the file says it is.</param>
    /// <param name="version">The version it says.</param>
    /// <param name="wanted">The format's name.</param>
    /// <param name="says">The same as it is said: "set-up".</param>
    /// <param name="latest">The latest version that is known.</param>
    public static void CheckHead(Checks checks, string? format, int? version, string wanted, string says, int latest)
    {
        checks.That(
            format == wanted,
            "format",
            format is null ? $"This does not say that it is a {says}." : $"This is a {format}, not a {says}.",
            $"Give a file whose format is “{wanted}”."
        );
        checks.That(
            version is null || (version > 0 && version <= latest),
            "version",
            $"Version {version} is not known here.",
            $"Write it out as version {latest}."
        );
    }
}
