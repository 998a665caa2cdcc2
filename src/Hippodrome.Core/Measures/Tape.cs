using System.Globalization;

namespace Hippodrome.Core.Measures;

/// <summary>What a person likes to measure in.</summary>
public enum LengthUnit
{
    Metres,
    Feet,
    Paces,
}

/// <summary>A distance in all three ways a builder may want it.</summary>
public sealed record DistanceText(string Metres, string Feet, string Paces);

/// <summary>A distance as it was worked out, as it is built, and what the rounding did.</summary>
/// <param name="Wanted">What the arithmetic gave.</param>
/// <param name="Built">What can be set on the ground.</param>
/// <param name="Text">The built distance in metres, feet and inches, and this person's paces.</param>
/// <param name="RoundingSays">What the rounding did, in words.</param>
public sealed record BuiltDistance(Distance Wanted, Distance Built, DistanceText Text, string RoundingSays);

/// <summary>
/// The tape, or the pair of legs, that a set-up is built with. Nobody sets a pole to the
/// millimetre: 5 cm, 3 in or a quarter of a pace is what can be set.
/// </summary>
public sealed record Tape(LengthUnit Unit, PersonPace Pace)
{
    public static readonly Figure<double> MetreStep = Figure.Practice("Finest step set with a metric tape", 0.05, "m");
    public static readonly Figure<double> InchStep = Figure.Practice("Finest step set with an imperial tape", 3.0, "in");
    public static readonly Figure<double> PaceStep = Figure.Practice("Finest step set by pacing", 0.25, "pace");

    public static Tape Metric { get; } = new(LengthUnit.Metres, PersonPace.Uncalibrated);

    public Distance Step =>
        Unit switch
        {
            LengthUnit.Metres => Distance.FromMetres(MetreStep.Value),
            LengthUnit.Feet => Distance.FromFeet(0, InchStep.Value),
            _ => Pace.Walked(PaceStep.Value),
        };

    /// <summary>The nearest distance that can be set: never further off than half a step.</summary>
    public Distance Round(Distance wanted) => Steps(Math.Round(wanted / Step, MidpointRounding.AwayFromZero));

    /// <summary>
    /// The nearest distance that can be set inside <paramref name="range"/>; where no step falls
    /// inside, the range's own nearest end, which then has to be measured off with a finer tape.
    /// </summary>
    public BuiltDistance Build(Distance wanted, DistanceRange range)
    {
        var built = Round(wanted);
        var says = SayRounding(wanted, built);
        if (!range.Holds(built))
        {
            // The tolerance keeps 1.50 m, 30 steps of 5 cm in binary, on the inside of "to 1.50 m".
            const double hair = 1e-9;
            var inside =
                built > range.Longest
                    ? Steps(Math.Floor((range.Longest / Step) + hair))
                    : Steps(Math.Ceiling((range.Shortest / Step) - hair));
            var fits = inside.Metres >= range.Shortest.Metres - hair && inside.Metres <= range.Longest.Metres + hair;
            built = fits ? inside : range.Clamp(wanted);
            says = fits
                ? $"{SayRounding(wanted, built)}, kept inside {range}"
                : $"no step of {SayStep()} falls inside {range}: measure {built} with a tape";
        }

        return new BuiltDistance(wanted, built, Say(built), says);
    }

    /// <summary>The same, where the horse's own distance may lie outside the range: what it does is never moved by it.</summary>
    public BuiltDistance Build(Distance wanted, DistanceRange range, Distance own) => Build(wanted, range.Including(Round(own)));

    public DistanceText Say(Distance distance) => new(distance.ToString(), SayFeet(distance), Pace.Say(distance));

    /// <summary>Feet and inches to the nearest inch: <c>4' 5"</c>.</summary>
    public static string SayFeet(Distance distance)
    {
        var inches = (int)Math.Round(distance.Metres / Distance.MetresPerInch, MidpointRounding.AwayFromZero);
        return string.Create(CultureInfo.InvariantCulture, $"{inches / 12}' {inches % 12}\"");
    }

    // Rounded to a tenth of a millimetre so that 27 steps of 0.05 are 1.35 and not 1.3500000000000001.
    private Distance Steps(double steps) => Distance.FromMetres(Math.Round(steps * Step.Metres, 4));

    private static string SayRounding(Distance wanted, Distance built)
    {
        var centimetres = Math.Round(built.Centimetres - wanted.Centimetres, 1);
        return centimetres switch
        {
            0 => "no rounding needed",
            > 0 => string.Create(CultureInfo.InvariantCulture, $"rounded up by {centimetres:0.#} cm"),
            _ => string.Create(CultureInfo.InvariantCulture, $"rounded down by {-centimetres:0.#} cm"),
        };
    }

    private string SayStep() =>
        Unit switch
        {
            LengthUnit.Metres => "5 cm",
            LengthUnit.Feet => "3 in",
            _ => "a quarter pace",
        };
}
