using Hippodrome.Core.Horses;
using static Hippodrome.Core.Assessments.AssessmentFigures;

namespace Hippodrome.Core.Assessments;

/// <summary>What left against right says of the horse's body. Common practice, no source; the weights are chosen.</summary>
public static class SideRules
{
    /// <summary>
    /// It resists bending to its stiff side and leans on that shoulder; the opposite canter lead is the harder
    /// one. So a lower mark on a rein, a shoulder fallen over and a hard opposite lead speak for a side.
    /// </summary>
    public static SideFinding StiffSide(Assessment a)
    {
        ArgumentNullException.ThrowIfNull(a);
        return SideFinding.Weigh(
            "It resists bending to its stiff side, leans on that shoulder, and strikes off late into the opposite lead",
            [
                .. Sheet.Items.Where(i => i.On is AskedOn.EachRein or AskedOn.EachLeg).SelectMany(i => LowerMark(a, i)),
                .. Chips(a).SelectMany(ShoulderLeantOn),
                .. OneReinOnly(a, Felt.HeadUp, "head up"),
                .. OneReinOnly(a, Felt.FussInMouth, "fuss in the mouth"),
                .. Chips(a)
                    .Where(c => c.Felt == Felt.RefusesToYield)
                    .Select(c => new SideEvidence(c.Side, ChipWeight.Value, $"{c.Says}: refused")),
                .. LeadEvidence(a).Select(e => e with { For = e.For.Other(), Says = $"{e.Says}, the opposite lead" }),
            ]
        );
    }

    /// <summary>The lead that departs late, on the wrong leg, or is marked lower.</summary>
    public static SideFinding HarderLead(Assessment a)
    {
        ArgumentNullException.ThrowIfNull(a);
        return SideFinding.Weigh(
            "The harder lead departs late or wrong and is marked lower; breaking is a fault of the easy lead too and is not counted",
            LeadEvidence(a)
        );
    }

    /// <summary>
    /// The canter is started by the outside hind, shoulder-in loads the inside hind, and in a yield the hind on
    /// the side of the leg crosses.
    /// </summary>
    public static SideFinding WeakHind(Assessment a)
    {
        ArgumentNullException.ThrowIfNull(a);
        return SideFinding.Weigh(
            "The outside hind starts the canter, the inside hind carries in shoulder-in and on the circle, the hind beside the leg crosses in a yield",
            [
                .. LeadEvidence(a)
                    .Select(e => e with { For = e.For.Other(), Says = $"{e.Says}: the {e.For.Other().Say()} hind starts it" }),
                .. LowerMark(a, Sheet.Of(AssessmentItem.ShoulderInWalk)),
                .. LowerMark(a, Sheet.Of(AssessmentItem.YieldFromLeg)),
                .. LowerMark(a, Sheet.Of(AssessmentItem.TurnOnForehand)),
                .. Chips(a)
                    .Where(c => c.Felt == Felt.Breaks && c.Item.Gait == Gait.Trot)
                    .Select(c => new SideEvidence(c.Side, ChipWeight.Value, $"{c.Says}: breaks")),
            ]
        );
    }

    private static List<SideEvidence> LeadEvidence(Assessment a) =>
        [
            .. LowerMark(a, Sheet.Of(AssessmentItem.Canter)),
            .. Chips(a)
                .Where(c => c.Item.Item == AssessmentItem.Canter && c.Felt is Felt.LateDepart or Felt.WrongLead)
                .Select(c => new SideEvidence(
                    c.Side,
                    DepartWeight.Value,
                    $"{c.Says}: {(c.Felt == Felt.LateDepart ? "late depart" : "struck off wrong")}"
                )),
        ];

    /// <summary>The side with the lower mark, where both were given and differ.</summary>
    private static IEnumerable<SideEvidence> LowerMark(Assessment a, SheetItem item)
    {
        if (a.Both(item.Item) is not ({ Mark: { } left }, { Mark: { } right }) || Math.Abs(left.Value - right.Value) < Differs.Value)
        {
            yield break;
        }

        var side = left.Value < right.Value ? Side.Left : Side.Right;
        yield return new SideEvidence(
            side,
            Math.Min(Math.Abs(left.Value - right.Value), MostWeight.Value),
            FormattableString.Invariant($"{item.Name}: left {left.Value:0.#}, right {right.Value:0.#}")
        );
    }

    /// <summary>Falling in is onto the inside shoulder, falling out through the outside one; either leans on it.</summary>
    private static IEnumerable<SideEvidence> ShoulderLeantOn((SheetItem Item, Side Side, Felt Felt, string Says) chip)
    {
        if (chip.Felt is Felt.FallsIn or Felt.FallsOut)
        {
            var shoulder = chip.Felt == Felt.FallsIn ? chip.Side : chip.Side.Other();
            yield return new SideEvidence(
                shoulder,
                ChipWeight.Value,
                $"{chip.Says}: falls {(chip.Felt == Felt.FallsIn ? "in" : "out")} over the {shoulder.Say()} shoulder"
            );
        }
    }

    /// <summary>A resistance felt on one rein of an item and not on the other.</summary>
    private static IEnumerable<SideEvidence> OneReinOnly(Assessment a, Felt felt, string says) =>
        Sheet
            .Items.Where(i => i.On == AskedOn.EachRein)
            .Select(i => (Item: i, Pair: a.Both(i.Item)))
            .Where(x => x.Pair is ({ }, { }) && x.Pair.Left!.Felt.Contains(felt) != x.Pair.Right!.Felt.Contains(felt))
            .Select(x => (x.Item, Rein: x.Pair.Left!.Felt.Contains(felt) ? Rein.Left : Rein.Right))
            .Select(x => new SideEvidence(x.Rein.Inside()!.Value, ChipWeight.Value, $"{x.Item.Name}, {x.Item.Say(x.Rein)} only: {says}"));

    private static IEnumerable<(SheetItem Item, Side Side, Felt Felt, string Says)> Chips(Assessment a) =>
        a
            .Answers.Where(x => x.Rein.Inside() is not null)
            .SelectMany(x =>
            {
                var item = Sheet.Of(x.Item);
                return x.Felt.Select(f => (item, x.Rein.Inside()!.Value, f, $"{item.Name}, {item.Say(x.Rein)}"));
            });
}
