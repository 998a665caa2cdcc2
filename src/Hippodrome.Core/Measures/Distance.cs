using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Hippodrome.Core.Measures;

/// <summary>
/// A length on the ground. Metres inside, whatever it is shown in.
/// 1 ft = 0.3048 m and 1 in = 25.4 mm exactly (international foot, 1959).
/// </summary>
[JsonConverter(typeof(DistanceJson))]
public readonly record struct Distance : IComparable<Distance>
{
    public const double MetresPerFoot = 0.3048;
    public const double MetresPerInch = 0.0254;

    private Distance(double metres) => Metres = metres;

    public double Metres { get; }

    public double Feet => Metres / MetresPerFoot;

    public double Centimetres => Metres * 100;

    public static Distance Zero => default;

    /// <exception cref="ArgumentOutOfRangeException">Not a finite number, or below zero.</exception>
    public static Distance FromMetres(double metres) =>
        double.IsFinite(metres) && metres >= 0
            ? new Distance(metres)
            : throw new ArgumentOutOfRangeException(nameof(metres), metres, "A distance is a finite number of metres, zero or more.");

    public static Distance FromCentimetres(double centimetres) => FromMetres(centimetres / 100);

    public static Distance FromFeet(double feet, double inches = 0) => FromMetres((feet * MetresPerFoot) + (inches * MetresPerInch));

    public static Distance operator +(Distance a, Distance b) => new(a.Metres + b.Metres);

    /// <exception cref="ArgumentOutOfRangeException">The second is longer than the first.</exception>
    public static Distance operator -(Distance a, Distance b) => FromMetres(a.Metres - b.Metres);

    public static Distance operator *(Distance a, double factor) => FromMetres(a.Metres * factor);

    public static double operator /(Distance a, Distance b) => a.Metres / b.Metres;

    public static bool operator <(Distance a, Distance b) => a.Metres < b.Metres;

    public static bool operator >(Distance a, Distance b) => a.Metres > b.Metres;

    public static bool operator <=(Distance a, Distance b) => a.Metres <= b.Metres;

    public static bool operator >=(Distance a, Distance b) => a.Metres >= b.Metres;

    public int CompareTo(Distance other) => Metres.CompareTo(other.Metres);

    /// <summary>Metres to the centimetre: <c>1.35 m</c>.</summary>
    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"{Metres:0.00} m");
}

/// <summary>Two distances, both included.</summary>
public readonly record struct DistanceRange
{
    [JsonConstructor]
    public DistanceRange(Distance shortest, Distance longest)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(longest, shortest);
        (Shortest, Longest) = (shortest, longest);
    }

    public Distance Shortest { get; }

    public Distance Longest { get; }

    public static DistanceRange Metres(double shortest, double longest) => new(Distance.FromMetres(shortest), Distance.FromMetres(longest));

    public bool Holds(Distance distance) => distance >= Shortest && distance <= Longest;

    /// <summary>Wide enough for this distance too.</summary>
    public DistanceRange Including(Distance distance) =>
        new(distance < Shortest ? distance : Shortest, distance > Longest ? distance : Longest);

    public Distance Clamp(Distance distance) =>
        distance < Shortest ? Shortest
        : distance > Longest ? Longest
        : distance;

    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"{Shortest.Metres:0.0#}-{Longest.Metres:0.0#} m");
}

/// <summary>A distance travels as a plain number of metres.</summary>
public sealed class DistanceJson : JsonConverter<Distance>
{
    public override Distance Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        var metres = reader.GetDouble();
        return double.IsFinite(metres) && metres >= 0
            ? Distance.FromMetres(metres)
            : throw new JsonException("A distance is zero metres or more.");
    }

    public override void Write(Utf8JsonWriter writer, Distance value, JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(writer);
        writer.WriteNumberValue(Math.Round(value.Metres, 4));
    }
}
