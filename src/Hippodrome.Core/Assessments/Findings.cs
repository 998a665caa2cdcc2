using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using static Hippodrome.Core.Assessments.AssessmentFigures;

namespace Hippodrome.Core.Assessments;

/// <summary>Something the ride says, in a few words, with what speaks for it and what against.</summary>
public sealed record Finding(string Says, IReadOnlyList<string> For, IReadOnlyList<string> Against, Why Why);

/// <summary>All that an assessment ride says of the horse.</summary>
/// <param name="StiffSide">The side it resists bending to; the other is the hollow one.</param>
/// <param name="WeakHind">The hind that carries and pushes less.</param>
/// <param name="HarderLead">The lead that comes less easily.</param>
/// <param name="Tempo">Whether it keeps one.</param>
/// <param name="Leg">How it answers a light leg.</param>
/// <param name="Balance">After the depart.</param>
/// <param name="Noise">What it looked at.</param>
/// <param name="Remembers">Training that is still there.</param>
/// <param name="Tired">When it tired, if it did.</param>
/// <param name="ClosingTest">The dropped rein.</param>
/// <param name="WalkedFirst">How long it walked before anything else.</param>
public sealed record Findings(
    SideFinding StiffSide,
    SideFinding WeakHind,
    SideFinding HarderLead,
    Finding Tempo,
    Finding Leg,
    Finding Balance,
    Finding Noise,
    Finding Remembers,
    Finding Tired,
    Finding ClosingTest,
    Finding WalkedFirst
)
{
    /// <param name="assessment">The sheet.</param>
    /// <param name="walkFirst">Minutes of walk this horse needs before anything else.</param>
    public static Findings Of(Assessment assessment, int walkFirst)
    {
        ArgumentNullException.ThrowIfNull(assessment);
        // In the order of the sheet, whatever was tapped first.
        var a = assessment with { Answers = [.. assessment.Answers.OrderBy(x => x.Item).ThenBy(x => x.Rein)] };
        return new Findings(
            SideRules.StiffSide(a),
            SideRules.WeakHind(a),
            SideRules.HarderLead(a),
            TempoOf(a),
            LegOf(a),
            SeenIn(a, Felt.OffBalance, "Off balance after the depart", "In balance after the depart", i => i.Gait == Gait.Canter),
            SeenIn(a, Felt.LooksAtNoise, "Looks at noise", "Noise did not trouble it", _ => true),
            RemembersOf(a),
            TiredOf(a),
            ClosingTestOf(a),
            WalkedFirstOf(a, walkFirst)
        );
    }

    /// <summary>The minute it tired: the earliest that was noted with the chip; null when it did not tire or nobody looked at the clock.</summary>
    public static int? MinuteTired(Assessment a)
    {
        ArgumentNullException.ThrowIfNull(a);
        return a.Answers.Where(x => x.Felt.Contains(Felt.Tires)).Min(x => x.Minute);
    }

    private static Finding TempoOf(Assessment a)
    {
        var moving = a.Answers.Where(x => Sheet.Of(x.Item).Gait is Gait.Trot or Gait.Canter).ToList();
        var (lost, kept) = (moving.FindAll(x => x.Felt.Contains(Felt.TempoLost)), moving.FindAll(x => !x.Felt.Contains(Felt.TempoLost)));
        var share = moving.Count == 0 ? 0 : (double)lost.Count / moving.Count;
        return new Finding(
            moving.Count == 0 ? "Not trotted yet"
                : lost.Count == 0 ? "Steady"
                : share > UnsteadyFrom.Value ? "Unsteady"
                : "Steady but for a moment",
            [.. lost.Select(Where)],
            [.. kept.Where(_ => lost.Count > 0).Select(Where)],
            Why.Of(
                "Steady when the tempo was lost nowhere, unsteady when it was lost in more than a quarter",
                [$"lost in {lost.Count} of {moving.Count}"],
                UnsteadyFrom.Source
            )
        );
    }

    private static Finding LegOf(Assessment a)
    {
        var dull = a.Answers.Where(x => x.Felt.Contains(Felt.DullToLeg)).Select(Where).ToList();
        var runs = a.Answers.Where(x => x.Felt.Contains(Felt.RunsFromLeg)).Select(Where).ToList();
        var marks = a.Answers.Where(x => x.Item is AssessmentItem.YieldFromLeg or AssessmentItem.TrotWalk && x.Mark is not null).ToList();
        double? mean = marks.Count == 0 ? null : marks.Average(x => x.Mark!.Value.Value);
        var (says, speaksFor, against) = (dull.Count, runs.Count) switch
        {
            (0, 0) when mean is null => ("Not asked yet", new List<string>(), new List<string>()),
            (0, 0) => (mean >= Known.Value ? "Answers a light leg" : "Answers, not yet lightly", marks.ConvertAll(Marked), []),
            (> 0, > 0) => ("Dull in some things, runs in others", dull, runs),
            (> 0, _) => ("Dull to the leg", dull, marks.Where(x => x.Mark!.Value.Value >= Known.Value).Select(Marked).ToList()),
            _ => ("Runs from the leg", runs, marks.Where(x => x.Mark!.Value.Value >= Known.Value).Select(Marked).ToList()),
        };
        return new Finding(
            says,
            speaksFor,
            against,
            new Why(
                "Chips first; where there are none, the marks for the yield and the transitions",
                [.. marks.Select(Marked)],
                Known.Source
            )
        );
    }

    private static Finding RemembersOf(Assessment a)
    {
        var known = a.Answers.Where(x => x.Felt.Contains(Felt.Knows) || x.Mark?.Value >= Known.Value).ToList();
        var names = known.Select(x => Sheet.Of(x.Item).Name).Distinct().ToList();
        return new Finding(
            names.Count == 0 ? "Nothing that showed" : string.Join(" · ", names),
            [.. known.Select(Marked)],
            // Marked low and felt as known: it knows it and cannot, or will not.
            [.. known.Where(x => x.Mark?.Value < WellEnough.Value).Select(x => $"{Where(x)}: known, and only {x.Mark}")],
            new Why("What it offered as known, or did at 7 or more", [.. known.Select(Marked)], Known.Source)
        );
    }

    private static Finding TiredOf(Assessment a)
    {
        var tired = a.Answers.Where(x => x.Felt.Contains(Felt.Tires)).OrderBy(x => x.Minute ?? int.MaxValue).ToList();
        var minute = MinuteTired(a);
        return new Finding(
            tired.Count == 0 ? "Did not tire"
                : minute is null ? $"Tired in {Sheet.Of(tired[0].Item).Name}, minute not noted"
                : $"Tired at minute {minute}",
            [.. tired.Select(x => x.Minute is null ? Where(x) : $"{Where(x)}, minute {x.Minute}")],
            [
                .. a
                    .Answers.Where(x => minute is not null && x.Minute > minute && x.Mark?.Value >= Known.Value)
                    .Select(x => $"{Marked(x)} at minute {x.Minute}"),
            ],
            new Why("The first minute at which tiring was felt", [.. tired.Select(Where)], Source.CommonPractice)
        );
    }

    private static Finding ClosingTestOf(Assessment a)
    {
        var passed = a.At(AssessmentItem.DroppedRein, Rein.Both)?.Passed;
        return new Finding(
            passed switch
            {
                true => "Passed",
                false => "Failed: the ride asked too much",
                _ => "Not done yet",
            },
            [],
            [],
            new Why("Reins dropped at the end: the head goes down and out, the ears are loose", [], Source.CommonPractice)
        );
    }

    /// <summary>The first minute at which it did more than walk; what is marked before is marked in walk.</summary>
    private static Finding WalkedFirstOf(Assessment a, int needed)
    {
        var first = a.Answers.Where(x => Sheet.Of(x.Item).Gait != Gait.Walk && x.Minute is not null).MinBy(x => x.Minute);
        return new Finding(
            first is null ? $"{needed} minutes of walk come first"
                : first.Minute >= needed ? $"Walked for {needed} minutes first"
                : $"Only {first.Minute} minutes of walk before {Where(first)}: {needed} were due",
            first?.Minute >= needed ? [$"{Where(first)} at minute {first.Minute}"] : [],
            first?.Minute < needed ? [$"{Where(first)} at minute {first.Minute}; what came early was felt on cold joints"] : [],
            Why.Of(
                "Walk first, loose, both reins; longer for an older horse",
                [$"{needed} minutes for this horse"],
                Sessions.SessionFigures.WalkFirst.Source
            )
        );
    }

    private static Finding SeenIn(Assessment a, Felt felt, string yes, string no, Func<SheetItem, bool> where)
    {
        var asked = a.Answers.Where(x => where(Sheet.Of(x.Item))).ToList();
        var seen = asked.FindAll(x => x.Felt.Contains(felt));
        return new Finding(
            asked.Count == 0 ? "Not seen yet"
                : seen.Count > 0 ? yes
                : no,
            [.. seen.Select(Where)],
            [.. asked.Where(x => seen.Count > 0 && !x.Felt.Contains(felt)).Select(Where)],
            new Why("As it was felt, item by item", [.. seen.Select(Where)], Source.CommonPractice)
        );
    }

    internal static string Where(SheetAnswer x)
    {
        var item = Sheet.Of(x.Item);
        return item.Say(x.Rein) is { Length: > 0 } rein ? $"{item.Name}, {rein}" : item.Name;
    }

    private static string Marked(SheetAnswer x) =>
        x.Mark is { } mark ? FormattableString.Invariant($"{Where(x)}: {mark.Value:0.#}") : Where(x);
}
