using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Verdicts;
using static Hippodrome.Core.Assessments.AssessmentFigures;

namespace Hippodrome.Core.Assessments;

/// <summary>Where a horse should start on one ladder.</summary>
/// <param name="Strand">Which ladder.</param>
/// <param name="RungId">The rung to start on; null is not to begin yet.</param>
/// <param name="StandsOn">Where it stands in the book.</param>
/// <param name="Seen">The ride had something to say about this strand.</param>
/// <param name="Says">In a few words.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record RungProposal(Strand Strand, string? RungId, string? StandsOn, bool Seen, string Says, Why Why)
{
    public bool Moves => RungId != StandsOn;
}

/// <summary>A starting rung in every strand, from what the ride showed.</summary>
public static class RungProposals
{
    private static readonly Dictionary<Strand, (string RungId, (AssessmentItem Item, double Mark)[] Asks)[]> Shows = new()
    {
        [Strand.Flatwork] =
        [
            ("flatwork/first-month", [(AssessmentItem.Walk, WellEnough.Value)]),
            (
                "flatwork/lines-and-large-circles",
                [(AssessmentItem.TrotCircle, WellEnough.Value), (AssessmentItem.TrotWalk, WellEnough.Value)]
            ),
            ("flatwork/trot-canter", [(AssessmentItem.Canter, WellEnough.Value), (AssessmentItem.Stretch, WellEnough.Value)]),
            (
                "flatwork/fifteen-metres",
                [
                    (AssessmentItem.Spiral, Known.Value),
                    (AssessmentItem.SmallerLargerTrot, Known.Value),
                    (AssessmentItem.Canter, Known.Value),
                ]
            ),
        ],
        [Strand.Lateral] =
        [
            ("lateral/turn-on-forehand", [(AssessmentItem.TurnOnForehand, WellEnough.Value)]),
            ("lateral/step-and-rest", [(AssessmentItem.YieldFromLeg, WellEnough.Value)]),
            ("lateral/four-steps", [(AssessmentItem.Spiral, WellEnough.Value)]),
            ("lateral/leg-yield-line", [(AssessmentItem.YieldFromLeg, Known.Value), (AssessmentItem.Spiral, Known.Value)]),
            ("lateral/shoulder-in", [(AssessmentItem.ShoulderInWalk, Known.Value)]),
        ],
    };

    /// <summary>
    /// A proposal for every strand, none above a prerequisite that is not reached and none above the horse's age.
    /// </summary>
    public static IReadOnlyList<RungProposal> Of(Assessment a, Places places, int age)
    {
        ArgumentNullException.ThrowIfNull(a);
        ArgumentNullException.ThrowIfNull(places);
        var proposals = Catalogue.Strands.ToDictionary(s => s, s => First(s, a, places));
        while (proposals.Values.Select(p => Lowered(p, proposals, age)).FirstOrDefault(p => p is not null) is { } lowered)
        {
            proposals[lowered.Strand] = lowered;
        }

        return [.. Catalogue.Strands.Select(s => proposals[s])];
    }

    private static RungProposal First(Strand strand, Assessment a, Places places) =>
        strand switch
        {
            Strand.Fitness => Fitness(a, places),
            Strand.Jumping when a.WeeksOff >= TimeOff.LongRest.Value && places[strand] is not null => new RungProposal(
                strand,
                Catalogue.Ladder(strand)[0].Id,
                places[strand]?.Id,
                true,
                "starts again on the first rung after so long",
                Why.Of("After a long break jumping starts again at the first rung", [$"{a.WeeksOff} weeks off"], TimeOff.LongRest.Source)
            ),
            _ when Shows.TryGetValue(strand, out var rungs) => Shown(strand, rungs, a, places),
            Strand.InHand or Strand.Lunge when places[strand] is null && LowerOf(a, AssessmentItem.Walk) >= WellEnough.Value => Groundwork(
                strand
            ),
            _ => new RungProposal(
                strand,
                places[strand]?.Id,
                places[strand]?.Id,
                false,
                "not asked in this ride",
                new Why("An assessment ride does not ask for this; it stays where it stands", [], Source.CommonPractice)
            ),
        };

    /// <summary>
    /// Up the ladder while the marks carry; what was not ridden neither lifts nor lowers. A horse that stands
    /// higher stays there unless something was poor: short of a start is not yet against what it can do.
    /// </summary>
    private static RungProposal Shown(
        Strand strand,
        (string RungId, (AssessmentItem Item, double Mark)[] Asks)[] rungs,
        Assessment a,
        Places places
    )
    {
        string? at = null;
        var inputs = new List<string>();
        var (failed, poor) = (false, false);
        foreach (var (rungId, asks) in rungs)
        {
            // A horse that yields from the leg has nothing to be told by a turn on the forehand.
            var needed =
                rungId == "lateral/turn-on-forehand" && LowerOf(a, AssessmentItem.TurnOnForehand) is null
                    ? [(AssessmentItem.YieldFromLeg, WellEnough.Value)]
                    : asks;
            var marks = needed.Select(x => (x.Item, x.Mark, Got: LowerOf(a, x.Item))).ToList();
            inputs.AddRange(
                marks
                    .Where(m => m.Got is not null)
                    .Select(m =>
                        FormattableString.Invariant(
                            $"{Sheet.Of(m.Item).Name}: {m.Got:0.#} on the lower side, {m.Mark:0.#} asked for {Catalogue.Rung(rungId).Name}"
                        )
                    )
            );
            poor |= marks.Exists(m => m.Got < VerdictFigures.PoorMark.Value);
            failed |= marks.Exists(m => !(m.Got >= m.Mark));
            at = failed ? at : rungId;
        }

        var stands = places[strand];
        var seen = inputs.Count > 0;
        var rung = !poor && stands is not null && stands.Step > (at is null ? 0 : Catalogue.Rung(at).Step) ? stands.Id : at;
        return new RungProposal(
            strand,
            rung,
            stands?.Id,
            seen,
            !seen ? "not ridden yet"
                : rung is null ? "not ready for the first rung"
                : rung == stands?.Id ? "as it stands"
                : "as the ride showed",
            new Why(
                "The highest rung whose items reached the mark on the lower side; it stands lower than in the book only where something was under 5",
                inputs,
                WellEnough.Source
            )
        );
    }

    /// <summary>A horse that is ridden has had its groundwork: what the first month under saddle asks for is taken as done.</summary>
    private static RungProposal Groundwork(Strand strand) =>
        new(
            strand,
            Catalogue.Rung("flatwork/first-month").Needs.First(n => Catalogue.Rung(n).Strand == strand),
            null,
            false,
            "taken as done, since it is ridden; look at it on the ground",
            new Why(
                "A horse that walks well under a rider has what the first month under saddle asks for",
                ["ridden in walk"],
                Source.CommonPractice
            )
        );

    private static RungProposal Fitness(Assessment a, Places places)
    {
        var stands = places[Strand.Fitness];
        var tired = Findings.MinuteTired(a);
        var first = Catalogue.Ladder(Strand.Fitness)[0];
        var (rung, says, input) = (a.WeeksOff, tired) switch
        {
            (>= 2, _) => (first.Id, "walk first, after the rest", $"{a.WeeksOff} weeks off"),
            (_, { } minute) when minute < TiresEarly.Value => (first.Id, "it tires early", $"tired at minute {minute}"),
            _ when a.At(AssessmentItem.Canter, Rein.Left) is null && a.At(AssessmentItem.Canter, Rein.Right) is null => (
                stands?.Id,
                "not ridden to the end",
                "no canter yet"
            ),
            _ when stands is { Step: > 2 } && tired is null => (stands.Id, "as it stands", "did not tire"),
            _ => (
                Catalogue.Ladder(Strand.Fitness)[1].Id,
                "ready for trot sets",
                tired is null ? "did not tire" : $"tired at minute {tired}"
            ),
        };
        return new RungProposal(
            Strand.Fitness,
            rung,
            stands?.Id,
            true,
            says,
            new Why("By the time off and the minute it tired", [input], TiresEarly.Source)
        );
    }

    /// <summary>The same one rung lower, when age or a prerequisite holds it back; null when nothing does.</summary>
    private static RungProposal? Lowered(RungProposal p, Dictionary<Strand, RungProposal> all, int age)
    {
        if (p.RungId is null)
        {
            return null;
        }

        var rung = Catalogue.Rung(p.RungId);
        bool Reached(Rung need) => all[need.Strand].RungId is { } at && Catalogue.Rung(at).Step >= need.Step;
        // The rungs below ask too: who stands on the third stands above what the first needed.
        var missing = Catalogue
            .Ladder(rung.Strand)
            .Take(rung.Step)
            .SelectMany(r => r.Needs)
            .Select(Catalogue.Rung)
            .FirstOrDefault(n => !Reached(n));
        var because =
            age < rung.YoungestAge.Value ? $"too young for {rung.Name}"
            : missing is null ? null
            : $"{missing.Name} ({missing.Strand.Say()}) comes first";
        return because is null
            ? null
            : p with
            {
                RungId = rung.FallBack,
                Says = $"held back: {because}",
                Why = p.Why with { Inputs = [.. p.Why.Inputs, because] },
            };
    }

    /// <summary>The lower of the two sides' marks; the one mark where it is asked once; null unless all are given.</summary>
    private static double? LowerOf(Assessment a, AssessmentItem item)
    {
        var marks = Sheet.Of(item).Reins().Select(r => a.At(item, r)?.Mark?.Value).ToList();
        return marks.Contains(null) ? null : marks.Min();
    }
}
