using System.Globalization;
using System.Text.RegularExpressions;

namespace Hippodrome.Core.Measures;

/// <summary>
/// Height at the withers. A hand is 4 in; "16.2" hands means 16 hands and 2 inches, so there is no 16.4.
/// </summary>
public sealed partial record HorseHeight
{
    private const double CentimetresPerHand = 4 * 2.54;

    private HorseHeight(double centimetres) => Centimetres = centimetres;

    public double Centimetres { get; }

    /// <summary>Hands and inches as riders write them: <c>16.2 hh</c>.</summary>
    public string Hands
    {
        get
        {
            var inches = (int)Math.Round(Centimetres / 2.54, MidpointRounding.AwayFromZero);
            return string.Create(CultureInfo.InvariantCulture, $"{inches / 4}.{inches % 4} hh");
        }
    }

    /// <summary>Reads "16.2 hh", "16.2", "167 cm" or "167": a bare number under 30 is hands.</summary>
    public static Outcome<HorseHeight> Read(string? typed)
    {
        var checks = new Checks();
        const string field = "height";
        var match = Pattern().Match(typed ?? "");
        if (!match.Success)
        {
            checks.Add(field, "This is not a height.", "Write hands and inches such as 16.2 hh, or centimetres such as 168 cm.");
            return checks.Outcome<HorseHeight>(() => throw new InvalidOperationException());
        }

        var number = double.Parse(match.Groups["number"].Value, CultureInfo.InvariantCulture);
        var unit = match.Groups["unit"].Value.ToUpperInvariant();
        var centimetres = unit == "CM" || (unit.Length == 0 && number >= 30) ? number : FromHands(match.Groups["number"].Value, checks);
        if (checks.Faults.Count == 0)
        {
            checks.Number(field, Math.Round(centimetres, 1), 60, 215, "cm");
        }

        return checks.Outcome(() => new HorseHeight(centimetres));
    }

    /// <summary>A height read back from the store.</summary>
    public static HorseHeight Kept(double centimetres) => new(centimetres);

    private static double FromHands(string number, Checks checks)
    {
        var parts = number.Split('.');
        var hands = double.Parse(parts[0], CultureInfo.InvariantCulture);
        var inches = parts.Length > 1 ? double.Parse(parts[1], CultureInfo.InvariantCulture) : 0;
        checks.That(
            inches < 4,
            "height",
            "A hand has four inches, so what stands after the point is 0, 1, 2 or 3.",
            "Write 16.3 and then 17.0."
        );
        return (hands * CentimetresPerHand) + (inches * 2.54);
    }

    [GeneratedRegex(@"^\s*(?<number>[0-9]{1,3}(\.[0-9]{1,2})?)\s*(?<unit>hh|cm|)\s*$", RegexOptions.IgnoreCase)]
    private static partial Regex Pattern();
}
