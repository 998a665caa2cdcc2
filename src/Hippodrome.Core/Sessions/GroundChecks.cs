using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using static Hippodrome.Core.Sessions.PlanChecks;
using static Hippodrome.Core.Sessions.PlanMends;

namespace Hippodrome.Core.Sessions;

/// <summary>What stands and what it stands on: hard ground, and things the horse has not met.</summary>
internal static class GroundChecks
{
    public static readonly PlanRule[] All =
    [
        new(
            new Rule(Gravity.Danger, "No jumping and no fast work on hard or frozen ground", Source.CommonPractice),
            JumpedOnHardGround,
            c => [new Mend("Take the fences out", Without(c.Plan, p => IsHard(c, p)))]
        ),
        new(
            new Rule(
                Gravity.Ease,
                "What a horse has not met it looks at first, little and apart from work, before it is ridden over it",
                Source.CommonPractice
            ),
            NotMetYet,
            c => [new Mend("Take it out today", Without(c.Plan, p => Unmet(c, p).Any()))]
        ),
    ];

    private static Amiss? JumpedOnHardGround(PlanContext c) =>
        c.Plan.Parts.FirstOrDefault(p => IsHard(c, p)) is { } part
            ? Fault(
                $"{part.What}: the ground there is {((Course)c.SetUpOf(part)!).Ground.Going.ToString().ToLowerInvariant()}.",
                "Walk on it, or take the fences to good ground.",
                ["as the field was written down"]
            )
            : null;

    private static bool IsHard(PlanContext c, Part part) =>
        c.SetUpOf(part) is Course { HasFence: true, Ground.Going: Going.Hard or Going.Frozen };

    private static Amiss? NotMetYet(PlanContext c)
    {
        if (c.Plan.Parts.FirstOrDefault(p => Unmet(c, p).Any()) is not { } part)
        {
            return null;
        }

        var things = string.Join(", ", Unmet(c, part).Select(t => t.Say()));
        return Fault(
            $"{part.What}: it has not met {things}.",
            "Let it look in hand first, in walk, the kind it knows beside it; or write in its passport that it has met them.",
            [$"not met so far: {things}"]
        );
    }

    /// <summary>A horse of which nobody has said anything has met nothing that counts.</summary>
    private static IEnumerable<Thing> Unmet(PlanContext c, Part part) =>
        c.Horse.Met.Count > 0 && c.SetUpOf(part) is { } setUp ? WhatItMeets.In(setUp).Except(c.Horse.Met).Order() : [];
}
