using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Assessments;

/// <summary>What an assessment ride asks, in the order it is ridden.</summary>
public enum AssessmentItem
{
    Walk,
    YieldFromLeg,
    ShoulderInWalk,
    TrotCircle,
    Spiral,
    TurnOnForehand,
    TrotWalk,
    SmallerLargerTrot,
    Canter,
    Stretch,
    WalkOff,
    DroppedRein,
}

/// <summary>What left and right mean in an item.</summary>
public enum AskedOn
{
    EachRein,
    EachLeg,
    EachLead,
    Once,
}

/// <summary>What was felt, as chips to tap.</summary>
public enum Felt
{
    FussInMouth,
    HeadUp,
    FallsIn,
    FallsOut,
    RefusesToYield,
    DullToLeg,
    RunsFromLeg,
    TempoLost,
    Breaks,
    LateDepart,
    WrongLead,
    OffBalance,
    LooksAtNoise,
    Knows,
    Tires,
    OffOrUnlevel,
    HeatInLeg,
    SoreBack,
}

/// <summary>Chips that are signs of pain: each of them holds the horse at once.</summary>
public static class FeltPain
{
    /// <summary>The hold a chip raises, in words; null where it raises none.</summary>
    public static string? Holds(this Felt felt) =>
        felt switch
        {
            Felt.OffOrUnlevel => "off or unlevel in the assessment ride",
            Felt.HeatInLeg => "heat or swelling in a leg, seen at the assessment ride",
            Felt.SoreBack => "sore in the back at the assessment ride",
            _ => null,
        };
}

/// <summary>One line of the sheet: how it is ridden, what its left and right are, and the chips that fit it.</summary>
public sealed record SheetItem(AssessmentItem Item, string Name, string How, Gait Gait, AskedOn On, IReadOnlyList<Felt> Chips);

/// <summary>The sheet of the assessment ride (common practice, no source). Each chip stands where it can be felt.</summary>
public static class Sheet
{
    private static readonly Felt[] Anywhere =
    [
        Felt.FussInMouth,
        Felt.HeadUp,
        Felt.LooksAtNoise,
        Felt.Knows,
        Felt.Tires,
        Felt.OffOrUnlevel,
        Felt.HeatInLeg,
        Felt.SoreBack,
    ];

    public static IReadOnlyList<SheetItem> Items { get; } =
    [
        new(
            AssessmentItem.Walk,
            "Walk, both reins",
            "At least seven minutes on a loose rein, changing the rein often. Nothing else before it.",
            Gait.Walk,
            AskedOn.EachRein,
            [Felt.FallsIn, Felt.FallsOut, Felt.DullToLeg, Felt.RunsFromLeg, .. Anywhere]
        ),
        new(
            AssessmentItem.YieldFromLeg,
            "Yield from a light leg",
            "A few steps sideways in walk from one light leg, then from the other.",
            Gait.Walk,
            AskedOn.EachLeg,
            [Felt.RefusesToYield, Felt.DullToLeg, Felt.RunsFromLeg, Felt.FallsOut, .. Anywhere]
        ),
        new(
            AssessmentItem.ShoulderInWalk,
            "Shoulder-in posture in walk",
            "Two steps in, straight, two or three steps out, straight again; repeat, and finish straight.",
            Gait.Walk,
            AskedOn.EachRein,
            [Felt.FallsIn, Felt.FallsOut, Felt.RefusesToYield, .. Anywhere]
        ),
        new(
            AssessmentItem.TrotCircle,
            "Trot, 20 m circle",
            "Two rounds on each rein in the tempo it offers.",
            Gait.Trot,
            AskedOn.EachRein,
            [Felt.FallsIn, Felt.FallsOut, Felt.TempoLost, Felt.Breaks, Felt.DullToLeg, Felt.RunsFromLeg, .. Anywhere]
        ),
        new(
            AssessmentItem.Spiral,
            "Spiral in, yield out",
            "Between fifteen and ten metres and out again from the inside leg, two rounds at least.",
            Gait.Trot,
            AskedOn.EachRein,
            [Felt.FallsIn, Felt.FallsOut, Felt.RefusesToYield, Felt.TempoLost, Felt.Breaks, .. Anywhere]
        ),
        new(
            AssessmentItem.TurnOnForehand,
            "Turn on the forehand",
            "Only where the yield was refused: a few steps round, to explain the leg.",
            Gait.Walk,
            AskedOn.EachLeg,
            [Felt.RefusesToYield, Felt.DullToLeg, .. Anywhere]
        ),
        new(
            AssessmentItem.TrotWalk,
            "Trot to walk and back",
            "Six or more, from the seat first.",
            Gait.Trot,
            AskedOn.EachRein,
            [Felt.DullToLeg, Felt.RunsFromLeg, Felt.TempoLost, .. Anywhere]
        ),
        new(
            AssessmentItem.SmallerLargerTrot,
            "Smaller and larger trot",
            "A few shorter strides, a few longer; does the tempo stay?",
            Gait.Trot,
            AskedOn.EachRein,
            [Felt.TempoLost, Felt.Breaks, Felt.DullToLeg, Felt.RunsFromLeg, .. Anywhere]
        ),
        new(
            AssessmentItem.Canter,
            "Canter on both leads",
            "Little, and the lead you expect to be harder first.",
            Gait.Canter,
            AskedOn.EachLead,
            [Felt.LateDepart, Felt.WrongLead, Felt.OffBalance, Felt.Breaks, Felt.TempoLost, Felt.FallsIn, Felt.FallsOut, .. Anywhere]
        ),
        new(
            AssessmentItem.Stretch,
            "Stretch",
            "Let the rein out on a circle in trot: does the nose follow it down?",
            Gait.Trot,
            AskedOn.EachRein,
            [Felt.FallsIn, Felt.FallsOut, Felt.TempoLost, .. Anywhere]
        ),
        new(AssessmentItem.WalkOff, "Walk, long rein", "Five to ten minutes.", Gait.Walk, AskedOn.Once, Anywhere),
        new(
            AssessmentItem.DroppedRein,
            "Dropped rein",
            "Drop the reins: the head goes down and out and the ears are loose.",
            Gait.Walk,
            AskedOn.Once,
            [Felt.LooksAtNoise, Felt.OffOrUnlevel, Felt.HeatInLeg, Felt.SoreBack]
        ),
    ];

    public static SheetItem Of(AssessmentItem item) => Items[(int)item];

    /// <summary>The reins an item is answered for.</summary>
    public static IReadOnlyList<Rein> Reins(this SheetItem item)
    {
        ArgumentNullException.ThrowIfNull(item);
        return item.On == AskedOn.Once ? [Rein.Both] : [Rein.Left, Rein.Right];
    }

    /// <summary>"left lead", "from the left leg", "left rein".</summary>
    public static string Say(this SheetItem item, Rein rein)
    {
        ArgumentNullException.ThrowIfNull(item);
        var side = rein.Inside()?.Say();
        return side is null
            ? ""
            : item.On switch
            {
                AskedOn.EachLead => $"{side} lead",
                AskedOn.EachLeg => $"from the {side} leg",
                _ => $"{side} rein",
            };
    }
}
