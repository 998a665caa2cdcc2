using System.Globalization;

namespace Hippodrome.Core.Verdicts;

/// <summary>What a rule's finding rests on.</summary>
/// <param name="Says">As it is said; read by people only.</param>
/// <param name="Values">The numbers in it, unrounded, in the order of the sentence.</param>
public sealed record Input(string Says, IReadOnlyList<double> Values)
{
    /// <summary>A sentence with its numbers in it: the sentence is made here and nowhere else.</summary>
    public static Input Of(FormattableString sentence)
    {
        ArgumentNullException.ThrowIfNull(sentence);
        return new Input(
            sentence.ToString(CultureInfo.InvariantCulture),
            [.. sentence.GetArguments().Where(IsNumber).Select(a => Convert.ToDouble(a, CultureInfo.InvariantCulture))]
        );
    }

    private static bool IsNumber(object? argument) => argument is int or double;
}
