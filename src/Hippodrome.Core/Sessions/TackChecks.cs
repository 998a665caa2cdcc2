using System.Globalization;
using Hippodrome.Core.Care;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using static Hippodrome.Core.Sessions.PlanChecks;

namespace Hippodrome.Core.Sessions;

/// <summary>Bits kept for other work, and feet that are due.</summary>
internal static class TackChecks
{
    public static readonly PlanRule[] All =
    [
        new(
            new Rule(Gravity.Rider, "Each bit and aid is for certain work, and some for fences from a height only", Source.CommonPractice),
            TackNotAllowed,
            c =>
                [
                    new Mend(
                        "Leave that piece at home",
                        c.Plan.ToEntry() with
                        {
                            TackIds =
                            [
                                .. c.Plan.TackIds.Except(
                                    (c.Tack ?? [])
                                        .Where(t => !c.Kinds.All(t.IsFor) || (t.FencesFrom is { } from && c.HighestFence < from))
                                        .Select(t => t.Id)
                                ),
                            ],
                        }
                    ),
                ]
        ),
        new(new Rule(Gravity.HoldAndRefer, "Feet come before work", Source.CommonPractice), OverdueFeet),
    ];

    /// <summary>A bit kept for something else, or for fences higher than these.</summary>
    private static Amiss? TackNotAllowed(PlanContext c)
    {
        foreach (var tack in c.Tack ?? [])
        {
            if (c.Kinds.Where(k => !tack.IsFor(k)).Select(k => k.Say()).ToList() is { Count: > 0 } not)
            {
                return Fault(
                    $"{tack.Name} is not for {string.Join(" or ", not)}.",
                    "Take what is kept for it, or change what it is for in the passport.",
                    [$"{tack.Name} is for {string.Join(", ", tack.For.Select(s => s.Say()))}"]
                );
            }

            if (tack.FencesFrom is { } from && c.HighestFence < from)
            {
                return Fault(
                    string.Create(CultureInfo.InvariantCulture, $"{tack.Name} is kept for fences from {from.Metres:0.00} m."),
                    "Take a milder one.",
                    [$"highest fence planned {c.HighestFence.Metres:0.00} m"]
                );
            }
        }

        return null;
    }

    internal static Amiss? OverdueFeet(PlanContext c) =>
        c.Feet is not { State: CareState.Overdue, DueOn: { } due } || c.Plan.IsLed
            ? null
            : Fault(
                string.Create(CultureInfo.InvariantCulture, $"Its feet have been due since {due:d MMMM}."),
                "Have them seen to before more than light work.",
                c.Feet.Why with
                {
                    Rule = "Feet come before work",
                }
            );
}
