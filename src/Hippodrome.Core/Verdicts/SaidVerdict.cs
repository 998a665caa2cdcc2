using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Verdicts;

/// <summary>A verdict as it was shown to whoever answered it: evidence, read by people only and compared by no code.</summary>
/// <param name="Word">The verdict in a word.</param>
/// <param name="Seen">What was seen.</param>
/// <param name="Do">What to do.</param>
/// <param name="Change">What accepting it did to the next session.</param>
/// <param name="Why">Rule, inputs, source.</param>
/// <param name="Figures">The version of the figures it rested on.</param>
public sealed record SaidVerdict(VerdictWord Word, string Seen, string Do, SessionChange Change, Why Why, string Figures)
{
    /// <summary>What it rested on, with its numbers; none in answers from before they were kept.</summary>
    public IReadOnlyList<Input> Inputs { get; init; } = [];

    public static SaidVerdict Of(Verdict verdict, string figures)
    {
        ArgumentNullException.ThrowIfNull(verdict);
        return new SaidVerdict(verdict.Word, verdict.Seen, verdict.Do, verdict.Change, verdict.Why, figures) { Inputs = verdict.Inputs };
    }
}
