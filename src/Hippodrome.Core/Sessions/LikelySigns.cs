using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Sessions;

/// <summary>The signs that work of a kind is likeliest to show, so that they stand first at the rail (common practice).</summary>
internal static class LikelySigns
{
    private static readonly Sign[] OnFlat =
    [
        Sign.BehindTheLeg,
        Sign.Leans,
        Sign.TempoLost,
        Sign.HeadUpShortNeck,
        Sign.CrookedAgainstLeg,
        Sign.FallsOut,
        Sign.Spooked,
        Sign.SoftAndReady,
    ];

    private static readonly Sign[] OverPoles =
    [
        Sign.AddedStride,
        Sign.FlatAndLong,
        Sign.DriftedLeft,
        Sign.DriftedRight,
        Sign.RushedWorried,
        Sign.TempoLost,
        Sign.Frightened,
        Sign.SoftAndReady,
    ];

    private static readonly Sign[] OverFences =
    [
        Sign.RushedBold,
        Sign.RushedWorried,
        Sign.AddedStride,
        Sign.FlatAndLong,
        Sign.DriftedLeft,
        Sign.DriftedRight,
        Sign.RunsOffAfter,
        Sign.BadDistance,
    ];

    private static readonly Sign[] InChanges =
    [
        Sign.Anticipates,
        Sign.LateDepart,
        Sign.LateBehind,
        Sign.CrookedAgainstLeg,
        Sign.BehindTheLeg,
        Sign.TempoLost,
        Sign.Stuck,
        Sign.SoftAndReady,
    ];

    private static readonly Sign[] Sideways =
    [
        Sign.RefusedYield,
        Sign.Leans,
        Sign.NeckOnly,
        Sign.QuartersSwing,
        Sign.FallsOut,
        Sign.BehindTheLeg,
        Sign.TempoLost,
        Sign.SoftAndReady,
    ];

    private static readonly Sign[] Led =
    [
        Sign.Frightened,
        Sign.Spooked,
        Sign.Distracted,
        Sign.Stuck,
        Sign.Bulges,
        Sign.Braced,
        Sign.VoiceNotAnswered,
        Sign.SoftAndReady,
    ];

    private static readonly Sign[] OnTheLine =
    [
        Sign.VoiceNotAnswered,
        Sign.FallsIn,
        Sign.Bulges,
        Sign.AtTheGate,
        Sign.Leans,
        Sign.Bucks,
        Sign.Blows,
        Sign.SoftAndReady,
    ];

    /// <summary>Signs that need a rider, and are not shown where nobody sits on it.</summary>
    private static readonly Sign[] Ridden =
    [
        Sign.RefusedYield,
        Sign.BehindTheLeg,
        Sign.CrookedAgainstLeg,
        Sign.RunsThroughHand,
        Sign.LateBehind,
        Sign.Anticipates,
        Sign.WrongLead,
    ];

    /// <summary>The likeliest first, then every other sign there is; one that is told in other words by now is not shown.</summary>
    public static IReadOnlyList<Sign> In(Manner manner, MarkPad pad)
    {
        var likely = manner switch
        {
            Manner.InHand => Led,
            Manner.Lunged or Manner.LongReined or Manner.Loose => OnTheLine,
            _ => pad switch
            {
                MarkPad.Poles => OverPoles,
                MarkPad.Fence => OverFences,
                MarkPad.Changes => InChanges,
                MarkPad.Sideways => Sideways,
                _ => OnFlat,
            },
        };
        return
        [
            .. likely
                .Concat(SignTable.All.Select(s => s.Sign))
                .Where(s =>
                    !SignTable.StoppingTheWork.Contains(s) && s != Sign.BehindBitOrLeg && (manner == Manner.Ridden || !Ridden.Contains(s))
                )
                .Distinct(),
        ];
    }
}
