using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Horses;

/// <summary>What may it do today?</summary>
public class StandingTests
{
    private static readonly Horse Horse = Make.Horse();

    private static Restriction Rules(
        string by,
        double? height = null,
        DateOnly? until = null,
        Gait[]? gaits = null,
        Strand[]? strands = null
    ) =>
        Restriction
            .From(
                Guid.NewGuid(),
                new RestrictionEntry("strain", by, Make.Today.AddDays(-7), until, gaits, strands, height),
                Horse,
                Make.Today
            )
            .OrThrow();

    [Fact]
    public void With_nothing_against_it_any_work_that_is_open() => Standing.On(Horse, null, [], Make.Today).May.ShouldBe(MayDo.AnyWork);

    [Fact]
    public void A_hold_goes_before_all_else()
    {
        var standing = Standing.On(Make.Horse(3), "off", [Rules("Iva", gaits: [Gait.Canter])], Make.Today);
        standing.May.ShouldBe(MayDo.Rest);
        standing.Because.Count.ShouldBe(3);
    }

    [Theory]
    [InlineData(3, MayDo.InHandOnly)]
    [InlineData(4, MayDo.AnyWork)]
    public void A_three_year_old_works_in_hand(int age, MayDo may) => Standing.On(Make.Horse(age), null, [], Make.Today).May.ShouldBe(may);

    [Fact]
    public void It_says_the_gaits_that_are_left()
    {
        Standing.On(Horse, null, [Rules("Iva", gaits: [Gait.Canter, Gait.Gallop])], Make.Today).Says.ShouldBe("Walk and trot only");
        Standing.On(Horse, null, [Rules("Iva", gaits: [Gait.Trot, Gait.Canter, Gait.Gallop])], Make.Today).Says.ShouldBe("Walk only");
        Standing
            .On(Horse, null, [Rules("Iva", 0.6), Rules("Anne", 0.8, strands: [Strand.Grids])], Make.Today)
            .Says.ShouldBe("Every gait, fences to 0.60 m; no grids");
    }

    [Fact]
    public void A_restriction_that_has_ended_says_nothing() =>
        Standing
            .On(Horse, null, [Rules("Iva", until: Make.Today.AddDays(-1), gaits: [Gait.Canter])], Make.Today)
            .May.ShouldBe(MayDo.AnyWork);

    [Fact]
    public void Two_heights_contradict_and_the_lower_counts() =>
        Contradictions
            .Of([Rules("Iva", 0.8), Rules("Anne", 0.6)])
            .ShouldBe(["Iva says fences to 0.80 m and Anne to 0.60 m. The lower one, by Anne, counts until it is cleared."]);

    [Fact]
    public void The_same_gait_out_for_different_times_contradicts() =>
        Contradictions
            .Of([Rules("Iva", until: Make.Today.AddDays(10), gaits: [Gait.Canter]), Rules("Anne", gaits: [Gait.Canter, Gait.Gallop])])
            .ShouldBe(["Iva rules out canter until 28 April and Anne until cleared. The longer one counts."]);

    [Fact]
    public void Different_things_ruled_out_do_not_contradict() =>
        Contradictions.Of([Rules("Iva", gaits: [Gait.Canter]), Rules("Anne", 0.6), Rules("Anne", 0.6)]).ShouldBeEmpty();
}
