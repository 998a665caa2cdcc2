using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using static Hippodrome.Core.Sessions.PlanChecks;
using static Hippodrome.Core.Sessions.PlanMends;

namespace Hippodrome.Core.Sessions;

/// <summary>Outline, seat and stride of a plan: free before it is collected, and a treated back left free.</summary>
internal static class OutlineChecks
{
    public static readonly PlanRule[] All =
    [
        new(
            new Rule(Gravity.Adjust, "Free and big before collected: what is gathered has to be there first", Source.CommonPractice),
            CollectedBeforeFree,
            c => [new Mend("Three minutes free and forward before it", FreeFirst(c.Plan))]
        ),
        new(
            new Rule(
                Gravity.Ease,
                "After treatment a light or rising seat first; lateral work and bigger strides in the second half only",
                Source.CommonPractice
            ),
            LoadedSoonAfterTreatment,
            c =>
                SatIn(c).Any()
                    ?
                    [
                        new Mend(
                            "Rising first",
                            With(c.Plan, p => SatIn(c).Contains(p) ? p.ToEntry() with { Seat = Seat.Rising } : p.ToEntry())
                        ),
                    ]
                    : []
        ),
    ];

    private static Amiss? CollectedBeforeFree(PlanContext c)
    {
        var first = c.Plan.Parts.FirstOrDefault(IsCollected);
        var free = c.Plan.Parts.TakeWhile(p => p != first).Where(p => p.Gait is Gait.Trot or Gait.Canter).Sum(p => p.Minutes);
        var needed = SessionFigures.FreeFirst.Value;
        return first is null || free >= needed
            ? null
            : Fault(
                $"It is collected in “{first.What}” before it has gone free.",
                Minutes("Ride {0} minutes free and forward first.", needed - free),
                [InMinutes("{0} minutes of free trot and canter before it", free)]
            );
    }

    /// <summary>Trot or canter in which it is gathered; half-steps from walk are asked in trot.</summary>
    private static bool IsCollected(Part part) =>
        part.Gait is Gait.Trot or Gait.Canter
        && (
            part.Outline == Outline.Collected
            || part.StrideAim is GaitVariant.TrotCollected or GaitVariant.CanterCollected
            || part.Rung?.IsCollected() == true
        );

    private static SessionEntry FreeFirst(SessionPlan plan)
    {
        var parts = plan.Parts.Select(p => p.ToEntry()).ToList();
        var gait = plan.Parts.First(IsCollected).Gait;
        parts.Insert(
            plan.Parts.TakeWhile(p => !IsCollected(p)).Count(),
            PartEntry.Of(Phase.Work, "Free and forward on large lines", gait, Rein.Both, SessionFigures.FreeFirst.Value) with
            {
                Outline = Outline.Level,
                Seat = gait == Gait.Trot ? Seat.Rising : Seat.Light,
            }
        );
        return plan.ToEntry() with { Parts = parts };
    }

    private static Amiss? LoadedSoonAfterTreatment(PlanContext c) =>
        SatIn(c).FirstOrDefault() is { } sat
            ? Fault(
                $"The first half is sat in “{sat.What}”.",
                "Rise or sit light until half of the session is over.",
                [Treated(c), "a sitting seat"]
            )
        : FirstHalf(c).FirstOrDefault(IsBigOrSideways) is { } early
            ? Fault(
                $"“{early.What}” comes in the first half.",
                "Lateral work and bigger strides in the second half, each followed by stretch.",
                [Treated(c), early.StrideAim is null ? "lateral work" : "bigger strides"]
            )
        : null;

    private static Input Treated(PlanContext c) => FormattableString.Invariant($"treated on {c.TreatedOn:d MMMM}");

    private static IEnumerable<Part> SatIn(PlanContext c) =>
        FirstHalf(c).Where(p => p.Seat == Seat.Sitting && p.Gait is Gait.Trot or Gait.Canter);

    private static bool IsBigOrSideways(Part part) =>
        part.Rung?.Strand == Strand.Lateral
        || part.StrideAim is GaitVariant.TrotMedium or GaitVariant.TrotExtended or GaitVariant.CanterMedium or GaitVariant.CanterExtended;

    /// <summary>Parts that begin in the first half of a plan for the ride after a treatment; none where there was no treatment.</summary>
    private static List<Part> FirstHalf(PlanContext c)
    {
        if (c.TreatedOn is null)
        {
            return [];
        }

        List<Part> before = [];
        var begun = 0.0;
        foreach (var part in c.Plan.Parts.TakeWhile(_ => begun < c.Plan.Minutes / 2))
        {
            before.Add(part);
            begun += part.Minutes;
        }

        return before;
    }
}
