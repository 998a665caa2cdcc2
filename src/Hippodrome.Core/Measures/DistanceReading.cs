using System.Globalization;
using System.Text.RegularExpressions;

namespace Hippodrome.Core.Measures;

/// <summary>A distance as people write it: <c>5.94</c>, <c>5,94 m</c>, <c>594 cm</c>, <c>21'6"</c>, <c>21 ft 6 in</c>, <c>6.5 paces</c>, <c>6½ paces</c>.</summary>
public static partial class DistanceReading
{
    private const double Furthest = 120;

    /// <summary>Reads it with one person's pace; a plain number is metres.</summary>
    public static Outcome<Reading> Read(string? text, PersonPace pace)
    {
        ArgumentNullException.ThrowIfNull(pace);
        var checks = new Checks();
        var typed = checks.Text("text", text, 40).Replace(',', '.');
        var metres = Metres(typed, pace);
        checks.That(
            checks.Faults.Count > 0 || metres is not null,
            "text",
            $"“{typed}” cannot be read as a distance.",
            "Write it like 5.94, 21'6\" or 6.5 paces."
        );
        checks.That(
            metres is null or (> 0 and <= Furthest),
            "text",
            "That is no distance in an arena.",
            $"Give more than nothing and at most {Furthest:0} m."
        );
        return checks.Outcome(() => new Reading(Distance.FromMetres(metres!.Value), pace));
    }

    private static double? Metres(string text, PersonPace pace)
    {
        if (Metric().Match(text) is { Success: true } metric)
        {
            return Number(metric.Groups["n"]) * (metric.Groups["cm"].Success ? 0.01 : 1);
        }

        if (Feet().Match(text) is { Success: true } feet)
        {
            var inches = feet.Groups["in"].Success ? Number(feet.Groups["in"]) : 0;
            return inches < 12 ? Distance.FromFeet(Number(feet.Groups["ft"]), inches).Metres : null;
        }

        return Paces().Match(text) is { Success: true } paces
            ? pace.Walked((paces.Groups["n"].Success ? Number(paces.Groups["n"]) : 0) + Fraction(paces.Groups["f"].Value)).Metres
            : null;
    }

    private static double Number(Group group) => double.Parse(group.Value, CultureInfo.InvariantCulture);

    private static double Fraction(string text) =>
        text switch
        {
            "¼" => 0.25,
            "½" => 0.5,
            "¾" => 0.75,
            _ => 0,
        };

    [GeneratedRegex("""^(?<n>[0-9]{1,4}(\.[0-9]{1,3})?)\s*(m|metres?|(?<cm>cm))?$""", RegexOptions.IgnoreCase)]
    private static partial Regex Metric();

    [GeneratedRegex(
        """^(?<ft>[0-9]{1,3})\s*('|′|ft|feet|foot)\s*((?<in>[0-9]{1,2}(\.[0-9]{1,2})?)\s*("|″|''|in|inches|inch)?)?$""",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Feet();

    [GeneratedRegex("""^(?=[0-9¼½¾])(?<n>[0-9]{1,3}(\.[0-9]{1,3})?)?\s*(?<f>[¼½¾])?\s*(p|paces?)$""", RegexOptions.IgnoreCase)]
    private static partial Regex Paces();
}

/// <summary>A distance that was read, and the same in all three ways.</summary>
public sealed record Reading(Distance Distance, PersonPace Pace)
{
    public DistanceText Text => new(Distance.ToString(), Tape.SayFeet(Distance), Pace.Say(Distance));
}
