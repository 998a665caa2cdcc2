using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>
/// Why is it quicker? Tired, bold, worried, or out of tempo: each reading with what was tapped that speaks for it. It is told
/// beside the line and never decides it (common practice).
/// </summary>
internal static class Quicker
{
    public static IReadOnlyList<Input> Readings(VerdictContext c)
    {
        var (signs, rail) = (c.Record.Counts.Signs, c.Record.Rail);
        var goes = rail.Questions.SelectMany(q => q.Goes).ToList();
        var bold = goes.Count(g => g == QuestionHow.Boldly) + signs.GetValueOrDefault(Sign.BreathesAndThinks);
        var unsure = goes.Count(g => g is QuestionHow.Looked or QuestionHow.Stalled or QuestionHow.Refused);
        var tense = c.Record.Tension.Count(t => t >= 3);
        var fast = c.Record.ByGait.Where(g => g.Gait.IsFasterThanWalk()).Sum(g => g.Minutes);
        return
        [
            .. bold > 0 ? (Input[])[$"for bold: went boldly {bold} times"] : [],
            .. unsure + tense > 0 ? (Input[])[$"for worried: looked or stalled {unsure} times, tense {tense} times"] : [],
            .. fast > c.Facts.FastUntilTired() || signs.ContainsKey(Sign.OnForehand)
                ? (Input[])
                    [$"for tired: {fast:0.#} minutes of trot and canter, on the forehand {signs.GetValueOrDefault(Sign.OnForehand)} times"]
                : [],
        ];
    }
}
