namespace Hippodrome.Core.Rides;

/// <summary>How a sign is told at the rail.</summary>
/// <param name="Sign">Which.</param>
/// <param name="HasSide">It belongs to a shoulder or a hind, or goes to a side.</param>
/// <param name="HasPlace">Where in the arena it came matters.</param>
/// <param name="IsSlip">A slip of schooling: it can be the rider's, and it can be let pass and asked again.</param>
public sealed record SignToldAs(Sign Sign, bool HasSide, bool HasPlace, bool IsSlip);

/// <summary>The signs, with what can be said of each (common practice).</summary>
public static class SignTable
{
    private static readonly Sign[] Pain = [Sign.OffOrUnlevel, Sign.SoreBack, Sign.HeatInLeg];

    private static readonly Sign[] Sided =
    [
        Sign.Leans,
        Sign.FallsIn,
        Sign.FallsOut,
        Sign.Bulges,
        Sign.QuartersSwing,
        Sign.CrookedAgainstLeg,
        Sign.NeckOnly,
        Sign.LateDepart,
        Sign.LateBehind,
        Sign.Mouth,
        Sign.RefusedYield,
    ];

    private static readonly Sign[] Placed =
    [
        Sign.FallsIn,
        Sign.FallsOut,
        Sign.Bulges,
        Sign.QuartersSwing,
        Sign.CrookedAgainstLeg,
        Sign.Anticipates,
        Sign.Spooked,
        Sign.Distracted,
    ];

    private static readonly Sign[] Slips =
    [
        Sign.Leans,
        Sign.FallsIn,
        Sign.FallsOut,
        Sign.Bulges,
        Sign.QuartersSwing,
        Sign.CrookedAgainstLeg,
        Sign.AtTheGate,
        Sign.BehindTheBit,
        Sign.BehindTheLeg,
        Sign.NeckOnly,
        Sign.RunsThroughHand,
        Sign.LateDepart,
        Sign.Anticipates,
        Sign.BrokeIntoCanter,
        Sign.Distracted,
        Sign.Mouth,
        Sign.Braced,
        Sign.HeadUpShortNeck,
        Sign.RefusedYield,
        Sign.WrongLead,
    ];

    /// <summary>Every sign.</summary>
    public static IReadOnlyList<SignToldAs> All { get; } =
    [.. Enum.GetValues<Sign>().Select(s => new SignToldAs(s, Sided.Contains(s), Placed.Contains(s), Slips.Contains(s)))];

    /// <summary>Signs that stop the work at any minute: they stand before all others.</summary>
    public static IReadOnlyCollection<Sign> StoppingTheWork { get; } = [.. Pain, Sign.Tired];

    /// <summary>Signs of pain, which hold a horse.</summary>
    public static IReadOnlyCollection<Sign> OfPain => Pain;

    public static bool IsPain(this Sign sign) => Pain.Contains(sign);

    public static bool IsSlip(this Sign sign) => Slips.Contains(sign);
}
