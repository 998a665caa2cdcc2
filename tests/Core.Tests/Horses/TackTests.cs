using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Horses;

/// <summary>A bit kept for fences is not for flatwork, and one kept for a height is a limit (common practice, no source). Feet come before work.</summary>
public class TackTests
{
    private static readonly Guid Fence = Guid.NewGuid();

    private static readonly Tack Snaffle = Tack.From(Guid.NewGuid(), new TackEntry(TackKind.Bit, "Loose-ring snaffle")).OrThrow();

    private static readonly Tack JumpingBit = Tack.From(
            Guid.NewGuid(),
            new TackEntry(TackKind.Bit, "Jumping bit", [Strand.Jumping, Strand.CrossCountry], 0.6)
        )
        .OrThrow();

    private static IReadOnlyList<string> Faults(SessionPlan plan, Tack tack, double fence = 0.6, CareDue? feet = null) =>
        [
            .. PlanChecks
                .Check(
                    new PlanContext
                    {
                        Horse = Make.Horse(),
                        Plan = plan,
                        SetUps = new Dictionary<Guid, SetUp> { [Fence] = Make.CrossPole(fence).Check().OrThrow() },
                        Nearby = [],
                        Tack = [tack],
                        Feet = feet,
                    }
                )
                .Where(f => f.Rule is "TackNotAllowed" or "OverdueFeet")
                .Select(f => f.Says),
        ];

    private static SessionPlan Flat => Make.Plan();

    private static SessionPlan Jump => Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15, setUp: Fence)), helper: true);

    [Fact]
    public void A_jumping_bit_is_not_for_flatwork_and_a_snaffle_is()
    {
        Faults(Flat, JumpingBit).ShouldBe(["Jumping bit is not for flatwork."]);
        Faults(Flat, Snaffle).ShouldBeEmpty();
    }

    [Theory]
    [InlineData(0.55, "Jumping bit is kept for fences from 0.60 m.")]
    [InlineData(0.6, null)]
    public void A_bit_kept_for_a_height_stays_in_the_tack_room_below_it(double fence, string? says) =>
        Faults(Jump, JumpingBit, fence).ShouldBe(says is null ? [] : [says]);

    [Fact]
    public void Overdue_feet_speak_in_every_ridden_plan_and_not_in_hand()
    {
        var overdue = CareDue.All(
            [new CareVisit(Guid.NewGuid(), CareKind.Feet, Make.Today.AddDays(-50), "", "", null)],
            8,
            null,
            Make.Today
        )[0];
        var due = CareDue.All([new CareVisit(Guid.NewGuid(), CareKind.Feet, Make.Today.AddDays(-40), "", "", null)], 8, null, Make.Today)[
            0
        ];
        Faults(Flat, Snaffle, feet: overdue).ShouldBe(["Its feet have been due since 10 April."]);
        Faults(Flat, Snaffle, feet: due).ShouldBeEmpty();
        Faults(Make.Plan(manner: Manner.InHand), Snaffle, feet: overdue).ShouldBeEmpty();
    }

    [Fact]
    public void A_nameless_piece_and_an_impossible_height_are_refused() =>
        Tack.From(Guid.NewGuid(), new TackEntry(null, " ", FencesFromMetres: 3))
            .Faults.Select(f => f.Field)
            .ShouldBe(["kind", "name", "fencesFromMetres"], ignoreOrder: true);
}
