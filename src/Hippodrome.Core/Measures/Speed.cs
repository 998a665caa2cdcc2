using System.Text.Json;
using System.Text.Json.Serialization;

namespace Hippodrome.Core.Measures;

/// <summary>How fast a horse goes. Metres per second inside; riders say metres per minute.</summary>
[JsonConverter(typeof(SpeedJson))]
public readonly record struct Speed
{
    private Speed(double metresPerSecond) => MetresPerSecond = metresPerSecond;

    public double MetresPerSecond { get; }

    public double MetresPerMinute => MetresPerSecond * 60;

    /// <exception cref="ArgumentOutOfRangeException">Not a finite number, or below zero.</exception>
    public static Speed FromMetresPerSecond(double value) =>
        double.IsFinite(value) && value >= 0
            ? new Speed(value)
            : throw new ArgumentOutOfRangeException(nameof(value), value, "A speed is a finite number, zero or more.");

    public static Speed FromMetresPerMinute(double value) => FromMetresPerSecond(value / 60);

    /// <summary>The way covered in <paramref name="minutes"/>.</summary>
    public Distance Over(double minutes) => Distance.FromMetres(MetresPerMinute * minutes);
}

/// <summary>A speed travels as a plain number of metres per second.</summary>
public sealed class SpeedJson : JsonConverter<Speed>
{
    public override Speed Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        Speed.FromMetresPerSecond(reader.GetDouble());

    public override void Write(Utf8JsonWriter writer, Speed value, JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(writer);
        writer.WriteNumberValue(Math.Round(value.MetresPerSecond, 3));
    }
}
