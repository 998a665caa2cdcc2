using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Hippodrome.Core.Measures;

/// <summary>A mark out of ten, halves allowed, with its meaning in words.</summary>
[JsonConverter(typeof(MarkJson))]
public readonly record struct Mark
{
    public static readonly Figure<string> Scale = Figure.Published(
        "Marks",
        "10 excellent, 9 very good, 8 good, 7 fairly good, 6 satisfactory, 5 marginal, 4 insufficient, 3 fairly bad, 2 bad, 1 very bad, 0 not performed; halves allowed",
        "",
        "FEI dressage rules"
    );

    /// <summary>The best there is.</summary>
    public const double Best = 10;

    private static readonly string[] Words =
    [
        "not performed",
        "very bad",
        "bad",
        "fairly bad",
        "insufficient",
        "marginal",
        "satisfactory",
        "fairly good",
        "good",
        "very good",
        "excellent",
    ];

    private Mark(double value) => Value = value;

    public double Value { get; }

    /// <summary>The word of the whole mark it has reached: 6.5 is still satisfactory.</summary>
    public string Word => Words[(int)Math.Floor(Value)];

    public static bool IsMark(double value) => value is >= 0 and <= Best && value * 2 == Math.Floor(value * 2);

    /// <exception cref="ArgumentOutOfRangeException">Not 0 to 10 in halves.</exception>
    public static Mark Of(double value) =>
        IsMark(value) ? new Mark(value) : throw new ArgumentOutOfRangeException(nameof(value), value, "Marks go from 0 to 10 in halves.");

    /// <summary>A mark that was kept when the scale may have been another: the nearest there is.</summary>
    public static Mark Kept(double value) => new(Math.Clamp(Math.Round(value * 2) / 2, 0, 10));

    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"{Value:0.#} {Word}");
}

/// <summary>A mark travels as a plain number.</summary>
public sealed class MarkJson : JsonConverter<Mark>
{
    public override Mark Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        var value = reader.GetDouble();
        return Mark.IsMark(value) ? Mark.Of(value) : throw new JsonException("Marks go from 0 to 10 in halves.");
    }

    public override void Write(Utf8JsonWriter writer, Mark value, JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(writer);
        writer.WriteNumberValue(value.Value);
    }
}
