using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Sessions;

public class SessionPlanTests
{
    private static readonly Gen<PartEntry> AnyPart = Gen.Select(Gen.Enum<Phase>(), Gen.Enum<Gait>(), Gen.Enum<Rein>(), Gen.Int[1, 60])
        .Select((phase, gait, rein, minutes) => Make.Part(phase, gait, minutes / 2.0, rein));

    [Fact]
    public void Totals_are_minutes_and_the_horses_own_metres()
    {
        var totals = SessionTotals.Of(
            Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 12, Rein.Left), Make.Part(Phase.NewWork, Gait.Canter, 4))),
            Make.Card()
        );
        totals.Minutes.ShouldBe(37);
        totals.WorkMinutes.ShouldBe(16);
        totals.LeftMinutes.ShouldBe(24.5);
        totals.RightMinutes.ShouldBe(12.5);
        totals.ByGait.Select(g => (g.Gait, g.Minutes)).ShouldBe([(Gait.Walk, 21), (Gait.Trot, 12), (Gait.Canter, 4)]);

        // Working trot at 3.61 m/s (Clayton 1994, value from memory).
        totals.ByGait[1].Way.Metres.ShouldBe(3.61 * 720, 1e-6);
    }

    [Fact]
    public void Reins_and_gaits_each_add_up_to_the_session() =>
        AnyPart
            .Array[1, 30]
            .Sample(parts =>
            {
                var totals = SessionTotals.Of(Make.Plan(parts), Make.Card());
                return Math.Abs(totals.LeftMinutes + totals.RightMinutes - totals.Minutes) < 1e-9
                    && Math.Abs(totals.ByGait.Sum(g => g.Minutes) - totals.Minutes) < 1e-9
                    && totals.WorkMinutes <= totals.Minutes + 1e-9;
            });

    [Fact]
    public void A_plan_typed_over_is_the_same_plan() =>
        AnyPart
            .Array[1, 30]
            .Sample(parts => Make.Plan(parts).ToEntry().Parts!.SequenceEqual(parts.Select(p => p with { Manner = Manner.Ridden })));

    [Fact]
    public void Every_fault_of_every_part_is_named_at_its_place()
    {
        var entry = new SessionEntry(
            Make.Today,
            "",
            null,
            null,
            [
                PartEntry.Of(Phase.Work, "", Gait.Trot, Rein.Both, 0),
                new PartEntry
                {
                    What = "Walk",
                    Gait = Gait.Walk,
                    Rein = Rein.Both,
                    Minutes = 5,
                    MarkHopedFor = 6.3,
                },
            ]
        );
        SessionPlan
            .From(Guid.NewGuid(), entry, Make.Today)
            .Faults.Select(f => f.Field)
            .ShouldBe(["emphasis", "manner", "parts[0].what", "parts[0].minutes", "parts[1].phase", "parts[1].markHopedFor"]);
    }

    [Theory]
    [InlineData(-800)]
    [InlineData(800)]
    public void A_day_years_away_is_a_slip_of_the_pen(int days) =>
        SessionPlan
            .From(Guid.NewGuid(), Make.Plan().ToEntry() with { On = Make.Today.AddDays(days) }, Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("on");

    [Fact]
    public void A_session_needs_something_to_do() =>
        SessionPlan
            .From(Guid.NewGuid(), Make.Plan().ToEntry() with { Parts = [] }, Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Mend.ShouldContain("walk first");

    /// <summary>Clayton 1994: a medium trot covers 4.47 m a second, a working one 3.61.</summary>
    [Theory]
    [InlineData(null, 3.61)]
    [InlineData(GaitVariant.TrotMedium, 4.47)]
    [InlineData(GaitVariant.TrotCollected, 3.20)]
    public void A_stride_aimed_at_covers_its_own_way(GaitVariant? aim, double metresASecond)
    {
        var plan = Make.Plan([Make.Part(Phase.Work, Gait.Trot, 10) with { StrideAim = aim }]);
        SessionTotals.Of(plan, Make.Card()).ByGait.Single().Way.Metres.ShouldBe(600 * metresASecond, 1);
    }

    [Fact]
    public void A_stride_of_another_gait_is_told_and_a_seat_is_for_the_saddle()
    {
        SessionPlan
            .From(
                Guid.NewGuid(),
                new SessionEntry(
                    Make.Today,
                    "x",
                    Manner.Ridden,
                    false,
                    [Make.Part(Phase.Work, Gait.Trot, 5) with { StrideAim = GaitVariant.CanterMedium }],
                    ""
                ),
                Make.Today
            )
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("parts[0].strideAim");
        Make.Plan([Make.Part(Phase.Work, Gait.Trot, 5) with { Seat = Seat.Rising, Manner = Manner.Lunged }]).Parts[0].Seat.ShouldBeNull();
    }
}
