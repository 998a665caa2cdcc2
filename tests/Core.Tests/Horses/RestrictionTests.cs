using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Horses;

/// <summary>What a vet has ruled out is not planned, in pairs that differ in one fact (common practice, no source).</summary>
public class RestrictionTests
{
    private static readonly Guid Fence = Guid.NewGuid();
    private static readonly Dictionary<Guid, SetUp> SetUps = new() { [Fence] = Make.CrossPole(0.5).Check().OrThrow() };

    private static readonly RestrictionEntry NoCanter = new(
        "strain, left fore",
        "Iva Sorrel, vet",
        Make.Today.AddDays(-3),
        Make.Today.AddDays(10),
        [Gait.Canter, Gait.Gallop]
    );

    [Theory]
    [InlineData(Gait.Canter, true)]
    [InlineData(Gait.Trot, false)]
    public void A_gait_that_is_out_is_not_planned(Gait gait, bool refused) =>
        Refuses(NoCanter, Make.Part(Phase.Work, gait, 10)).ShouldBe(refused);

    [Theory]
    [InlineData(Strand.Poles, true)]
    [InlineData(Strand.Grids, false)]
    public void A_strand_that_is_out_is_not_planned(Strand strand, bool refused) =>
        Refuses(
                NoCanter with
                {
                    NoGaits = null,
                    NoStrands = [strand],
                },
                Make.Part(Phase.Work, Gait.Trot, 10) with
                {
                    RungId = "poles/trot-poles",
                }
            )
            .ShouldBe(refused);

    [Theory]
    [InlineData(0.0, true)]
    [InlineData(0.4, true)]
    [InlineData(0.5, false)]
    public void A_fence_over_the_height_is_not_planned(double most, bool refused) =>
        Refuses(NoCanter with { NoGaits = null, MostHeightMetres = most }, Make.Part(Phase.Work, Gait.Trot, 10, setUp: Fence))
            .ShouldBe(refused);

    [Theory]
    [InlineData(-3, 10, true)]
    [InlineData(0, 0, true)]
    [InlineData(-9, -1, false)]
    public void It_holds_from_its_first_day_to_its_last(int since, int until, bool refused) =>
        Refuses(
                NoCanter with
                {
                    Since = Make.Today.AddDays(since),
                    Until = Make.Today.AddDays(until),
                },
                Make.Part(Phase.Work, Gait.Canter, 10)
            )
            .ShouldBe(refused);

    [Fact]
    public void Without_a_last_day_it_holds_until_it_is_cleared()
    {
        var open = Read(NoCanter with { Until = null }).OrThrow();
        open.HoldsOn(Make.Today.AddYears(3)).ShouldBeTrue();
        open.Says.ShouldBe("no canter, no gallop");
    }

    [Fact]
    public void Of_two_the_stricter_holds()
    {
        var (low, high) = (
            Read(NoCanter with { NoGaits = null, MostHeightMetres = 0.3 }).OrThrow(),
            Read(NoCanter with { NoGaits = null, MostHeightMetres = 0.8 }).OrThrow()
        );
        Faults(Make.Part(Phase.Work, Gait.Trot, 10, setUp: Fence), high, low).ShouldHaveSingleItem().Says.ShouldContain("0.30 m");
    }

    [Fact]
    public void The_refusal_names_who_said_so_and_how_it_ends()
    {
        var fault = Faults(Make.Part(Phase.Work, Gait.Canter, 10), Read(NoCanter).OrThrow()).ShouldHaveSingleItem();
        fault.Hard.ShouldBeTrue();
        fault.Says.ShouldContain("strain, left fore");
        fault.Mend.ShouldContain("clearance");
        fault.Why.Inputs[0].ShouldContain("Iva Sorrel");
    }

    public static TheoryData<RestrictionEntry, string> Wrong =>
        new()
        {
            { NoCanter with { Because = " " }, "because" },
            { NoCanter with { By = null }, "by" },
            { NoCanter with { Since = Make.Today.AddDays(1), Until = null }, "since" },
            { NoCanter with { Since = new DateOnly(2001, 1, 1) }, "since" },
            { NoCanter with { Until = Make.Today.AddDays(-4) }, "until" },
            { NoCanter with { Until = Make.Today.AddYears(5) }, "until" },
            { NoCanter with { NoGaits = [] }, "noGaits" },
            { NoCanter with { MostHeightMetres = 2.4 }, "mostHeightMetres" },
        };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void What_cannot_be_so_is_named(RestrictionEntry entry, string field) =>
        Read(entry).Faults.ShouldHaveSingleItem().Field.ShouldBe(field);

    private static Core.Measures.Outcome<Restriction> Read(RestrictionEntry entry) =>
        Restriction.From(Guid.NewGuid(), entry, Make.Horse(), Make.Today);

    private static bool Refuses(RestrictionEntry entry, PartEntry part) => Faults(part, Read(entry).OrThrow()).Count > 0;

    private static List<PlanFault> Faults(PartEntry part, params Restriction[] restrictions) =>
        [
            .. PlanChecks
                .Check(
                    new PlanContext
                    {
                        Horse = Make.Horse(),
                        Plan = Make.Plan(Make.GoodParts(part), helper: true),
                        SetUps = SetUps,
                        Nearby = [],
                        Restrictions = restrictions,
                    }
                )
                .Where(f => f.Rule == "Restricted"),
        ];
}
