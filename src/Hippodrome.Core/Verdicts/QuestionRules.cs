using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules for narrow fences and for questions across country, beside those they share with every fence.</summary>
internal static class QuestionRules
{
    private static readonly RideRule OffTheMiddle = Rules.Practice(
        "OffTheMiddle",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "A little off the middle keeps the width, and a wing on that side",
        c =>
        {
            var (left, right) = (Over(c, NarrowWhere.ALittleLeft), Over(c, NarrowWhere.ALittleRight));
            var side = left >= right ? "left" : "right";
            return left + right == 0
                ? null
                : new Finding(left + right, $"a little {side} of the middle", $"left of the middle {left}", $"right of the middle {right}")
                {
                    Do = $"The wing on the {side} stays or comes back; the same width.",
                };
        },
        "The wing of that side stays or comes back; the same width.",
        new("The wing on that side; same width.", "Straight in, straight away.") { SaysWhatWasSeen = true }
    );

    private static readonly RideRule Untidy = Rules.Practice(
        "Untidy",
        Gravity.Repeat,
        VerdictWord.Repeat,
        SessionChange.SameAgain,
        "Style comes with confidence",
        c => c.Record.Counts.Untidy is > 0 and var times ? new Finding(times, "untidy, but it went", $"untidy {Rules.Times(times)}") : null,
        "The same question again: style comes with confidence.",
        new("The same question again.", "Style comes with confidence.")
    );

    private static readonly RideRule LeapsDown = Rules.Practice(
        "LeapsDown",
        Gravity.Repeat,
        VerdictWord.Repeat,
        SessionChange.BackToWalk,
        "A horse learns to lower itself down a step in walk",
        c =>
        {
            var leapt = c.Record.Rail.Questions.SelectMany(q => q.Goes).Count(g => g == QuestionHow.Leapt);
            return Rules.Also(
                Rules.SawAny(c.Record, [Sign.LeapsDown], "leapt down a step"),
                leapt == 0 ? null : new Finding(leapt, "leapt a question", $"leapt {Rules.Times(leapt)}")
            );
        },
        "Repeat it in walk until it lowers itself.",
        new("Repeat it in walk.", "Until it lowers itself.")
    );

    private static readonly RideRule BreathesAndThinks = Rules.OnSigns(
        "BreathesAndThinks",
        Gravity.StopThere,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "A bold horse that begins to breathe and think has settled",
        [Sign.BreathesAndThinks],
        "began to breathe and think",
        "Settled was the aim: it ended well.",
        new("It breathes and thinks: one more, then end.", "Settled is the goal.")
    );

    private static readonly RideRule RunsOffAfter = Rules.OnSigns(
        "RunsOffAfter",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "Getting away is part of the fence",
        [Sign.RunsOffAfter],
        "ran off after the fence",
        "A turn or a circle after landing; practise getting away.",
        new("Turn or circle after landing.", "Practise getting away.")
    );

    private static readonly RideRule BadDistance = Rules.OnSigns(
        "BadDistance",
        Gravity.Repeat,
        VerdictWord.Repeat,
        SessionChange.SameAgain,
        "A bad distance is mended on the flat",
        [Sign.BadDistance],
        "a bad distance",
        "Transitions on the flat first, then the same fence with the cause changed.",
        new("Flat transitions first, then the same fence.", "With the cause changed.")
    );

    private static readonly RideRule Understood = Rules.Practice(
        "Understood",
        Gravity.StopThere,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "The third easy go says it is understood, the fourth where it looked; the other way is another question",
        c =>
        {
            var understood = c.Record.Rail.Questions.Where(q => q.IsUnderstood).ToList();
            return understood.Count == 0
                ? null
                : new Finding(
                    understood.Count,
                    $"understood: {Rules.List([.. understood.Select(q => q.Say())])}",
                    [.. understood.Select(q => (FormattableString)$"{q.Say()} {q.Goes.Count} goes")]
                );
        },
        "The next one may be asked, its easiest first.",
        new("Understood: leave it, or the next one's easiest.", "The other way is another question.")
        {
            InPart = false,
            SaysWhatWasSeen = true,
        }
    );

    public static readonly RideRule[] All = [Understood, BreathesAndThinks, Untidy, LeapsDown, BadDistance, OffTheMiddle, RunsOffAfter];

    private static int Over(VerdictContext c, NarrowWhere where) => c.Record.Rail.Narrow.GetValueOrDefault(where);
}
