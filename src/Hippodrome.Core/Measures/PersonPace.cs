using System.Globalization;

namespace Hippodrome.Core.Measures;

/// <summary>The length of one person's own walking pace, and whether they have ever measured it.</summary>
public sealed record PersonPace
{
    /// <summary>What a pace is taken for until its owner has walked the calibration strip.</summary>
    public static readonly Figure<double> Usual = Figure.Practice("A person's pace until calibrated (3 ft)", 0.9144, "m");

    /// <summary>The strip walked to calibrate.</summary>
    public static readonly Figure<double> CalibrationStrip = Figure.Practice("Strip walked to calibrate a pace", 20.0, "m");

    private PersonPace(Distance length, bool calibrated) => (Length, Calibrated) = (length, calibrated);

    public Distance Length { get; }

    public bool Calibrated { get; }

    public static PersonPace Uncalibrated { get; } = new(Distance.FromMetres(Usual.Value), false);

    /// <summary>
    /// The pace of someone who needed <paramref name="paces"/> for the 20 m strip. Under 16 or over
    /// 40 nobody was walking (paces of 1.25 m and 0.50 m).
    /// </summary>
    public static Outcome<PersonPace> FromCount(double? paces)
    {
        var checks = new Checks();
        var count = checks.Number("pacesOver20Metres", paces, 16, 40, "paces over 20 m");
        return checks.Outcome(() => new PersonPace(Distance.FromMetres(CalibrationStrip.Value / count), true));
    }

    /// <summary>A pace read back from the store.</summary>
    public static PersonPace Kept(Distance? length) => length is { } own ? new PersonPace(own, true) : Uncalibrated;

    public double Paces(Distance distance) => distance / Length;

    public Distance Walked(double paces) => Length * paces;

    /// <summary>Paces to the quarter, which is as fine as anyone walks.</summary>
    public string Say(Distance distance)
    {
        var quarters = (int)Math.Round(Paces(distance) * 4, MidpointRounding.AwayFromZero);
        var fraction = (quarters % 4) switch
        {
            1 => "¼",
            2 => "½",
            3 => "¾",
            _ => "",
        };
        var whole = quarters / 4;
        return (whole, fraction) switch
        {
            (0, "") => "0",
            (0, _) => fraction,
            _ => whole.ToString(CultureInfo.InvariantCulture) + fraction,
        };
    }
}
