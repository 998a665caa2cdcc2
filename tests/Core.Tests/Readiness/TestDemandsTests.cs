using Hippodrome.Core.Aims;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Readiness;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Readiness;

/// <summary>An aim asks what its level asks, and what its own dressage test asks beyond that (common practice, no source).</summary>
public class TestDemandsTests
{
    private static DressageTest Test(int shipped) => ShippedTests.All[shipped].Entry.Check().OrThrow();

    private static Aim To(string level, string scheme = LevelDemands.NationalDressage) =>
        Aim.From(
                Guid.NewGuid(),
                new AimEntry("Open day", Make.Today.AddDays(60), Discipline.Dressage, scheme, level, null, "Marlwick"),
                Make.Today
            )
            .OrThrow();

    private static IEnumerable<Demand> More(string level, DressageTest test) =>
        LevelDemands.Of(To(level), test).Except(LevelDemands.Of(To(level), null));

    /// <summary>Travers along H to E, and a half-pass from X to M: Elementary asks neither.</summary>
    [Fact]
    public void A_test_asks_what_its_level_does_not_and_on_the_side_it_asks_it()
    {
        var more = More("Elementary", Test(1)).ToList();
        more.Select(d => (d.RungId, d.BothSides, d.Strand))
            .ShouldBe([("lateral/travers", false, Strand.Lateral), ("lateral/half-pass-trot", false, Strand.Lateral)]);
        more.Select(d => d.InTest.ShouldHaveSingleItem()).ShouldBe([8, 10]);
    }

    [Theory]
    [InlineData("Preliminary", 0)]
    [InlineData("Novice", 0)]
    [InlineData("Medium", 1)]
    public void A_test_of_its_level_or_under_it_asks_nothing_more(string level, int test) => More(level, Test(test)).ShouldBeEmpty();

    /// <summary>First Frost has canter to the left and to the right, and half-pass nowhere.</summary>
    [Fact]
    public void Of_a_level_of_the_yards_own_the_test_is_what_is_asked()
    {
        var asked = LevelDemands.Of(To("Third", "Ours"), Test(0));
        asked.Select(d => d.RungId).ShouldBe([null, "flatwork/lines-and-large-circles", "flatwork/trot-canter"]);
        asked.Single(d => d.RungId == "flatwork/trot-canter").BothSides.ShouldBeTrue();
        asked[0].Kind.ShouldBe(DemandKind.Away);
    }

    [Fact]
    public void What_a_test_asks_can_be_typed_over_as_the_rest_can()
    {
        var kept = new DemandsEntry([.. LevelDemands.Of(To("Intro"), Test(1)).Select(DemandEntry.Of)]).Check().OrThrow();
        kept.Select(d => d.Id).ShouldContain("test-lateral/half-pass-trot");
    }

    /// <summary>The same test on the other rein asks the same, on the other side.</summary>
    [Fact]
    public void A_mirrored_test_asks_the_same_rungs()
    {
        var mirrored = ShippedTests.All[1].Entry.InTheMirror().Check().OrThrow();
        More("Intro", mirrored).Select(d => d.Id).ShouldBe(More("Intro", Test(1)).Select(d => d.Id));
    }
}
