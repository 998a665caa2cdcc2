using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text;
using System.Text.Json.Serialization;

namespace Hippodrome.Core.Measures;

/// <summary>
/// What a reason rests on: a sentence that is read by people only, and the numbers in it. Written as a sentence with its numbers
/// in it, which keeps both; the sentence is made here and nowhere else, the same in every country.
/// </summary>
[InterpolatedStringHandler]
public sealed class Input : IEquatable<Input>
{
    private readonly StringBuilder _says;
    private readonly List<double> _values;

    /// <param name="says">As it is said.</param>
    /// <param name="values">The numbers in it, unrounded, in the order of the sentence.</param>
    [JsonConstructor]
    public Input(string says, IReadOnlyList<double> values) => (_says, _values) = (new StringBuilder(says), [.. values]);

    /// <summary>The beginning of a sentence with numbers in it, as the compiler writes it.</summary>
    public Input(int literalLength, int formattedCount) =>
        (_says, _values) = (new StringBuilder(literalLength + 8 * formattedCount), new List<double>(formattedCount));

    /// <summary>As it is said; read by people only.</summary>
    public string Says => _says.ToString();

    /// <summary>The numbers in it, unrounded, in the order of the sentence.</summary>
    public IReadOnlyList<double> Values => _values;

    /// <summary>A sentence with its numbers in it.</summary>
    public static Input Of(FormattableString sentence)
    {
        ArgumentNullException.ThrowIfNull(sentence);
        return new Input(
            sentence.ToString(CultureInfo.InvariantCulture),
            [.. sentence.GetArguments().Where(IsNumber).Select(a => Convert.ToDouble(a, CultureInfo.InvariantCulture))]
        );
    }

    /// <summary>A sentence without numbers.</summary>
    public static implicit operator Input(string says) => new(says, []);

    public void AppendLiteral(string text) => _says.Append(text);

    public void AppendFormatted<T>(T value) => AppendFormatted(value, null);

    public void AppendFormatted<T>(T value, string? format)
    {
        if (IsNumber(value))
        {
            _values.Add(Convert.ToDouble(value, CultureInfo.InvariantCulture));
        }

        _says.Append(value is IFormattable number ? number.ToString(format, CultureInfo.InvariantCulture) : value?.ToString());
    }

    public bool Equals(Input? other) => other is not null && Says == other.Says && _values.SequenceEqual(other._values);

    public override bool Equals(object? obj) => Equals(obj as Input);

    public override int GetHashCode() => Says.GetHashCode(StringComparison.Ordinal);

    public override string ToString() => Says;

    private static bool IsNumber(object? argument) => argument is int or double;
}
