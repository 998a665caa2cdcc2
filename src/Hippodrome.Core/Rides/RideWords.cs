namespace Hippodrome.Core.Rides;

/// <summary>What is told of a ride, as riders say it in the middle of a sentence.</summary>
public static class RideWords
{
    /// <summary>"left hind".</summary>
    public static string Say(this Leg leg) =>
        leg switch
        {
            Leg.LeftFore => "left fore",
            Leg.RightFore => "right fore",
            Leg.LeftHind => "left hind",
            _ => "right hind",
        };

    /// <summary>"sore in the back".</summary>
    public static string Say(this Sign sign) =>
        sign switch
        {
            Sign.OffOrUnlevel => "off or unlevel",
            Sign.SoreBack => "sore in the back",
            Sign.HeatInLeg => "heat or swelling in a leg",
            Sign.Tired => "tired",
            Sign.RushedBold => "rushed, bold",
            Sign.RushedWorried => "rushed, worried",
            Sign.AddedStride => "struggled and added a stride",
            Sign.FlatAndLong => "got long and flat",
            Sign.DriftedLeft => "drifted left",
            Sign.DriftedRight => "drifted right",
            Sign.WrongLead => "wrong lead",
            Sign.TempoLost => "lost the tempo",
            Sign.RefusedYield => "refused to yield",
            Sign.HeadUpShortNeck => "head up, short in the neck",
            Sign.BehindBitOrLeg => "behind the bit or the leg",
            Sign.BrokeIntoCanter => "broke into canter",
            Sign.Spooked => "spooked and came back",
            _ => "looked elsewhere",
        };
}
