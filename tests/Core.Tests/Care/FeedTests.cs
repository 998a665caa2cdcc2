using Hippodrome.Core.Care;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Care;

/// <summary>Hard feed beside work (common practice, no source; the quarter is chosen), and how the saddle stands.</summary>
public class FeedTests
{
    private static Ration Fed(int daysAgo, double kg, bool advised = false) =>
        Ration
            .From(Guid.NewGuid(), new RationEntry(Make.Today.AddDays(-daysAgo), "Hay as it likes", kg, "mix", Advised: advised), Make.Today)
            .OrThrow();

    private static string[] Remarks(bool walks, double lately, double before, params Ration[] rations) =>
        [.. FeedRemark.Of(rations, walks, lately, before).Select(r => r.Says)];

    [Theory]
    [InlineData(2.0, 2.5, false)]
    [InlineData(2.0, 2.6, true)]
    [InlineData(2.0, 1.0, false)]
    [InlineData(0.0, 0.5, true)]
    public void Hard_feed_rises_by_a_quarter_at_most(double before, double now, bool told) =>
        Remarks(false, 200, 200, Fed(20, before), Fed(0, now)).Any(r => r.Contains("quarter")).ShouldBe(told);

    [Fact]
    public void In_the_walk_weeks_of_a_return_it_is_not_raised()
    {
        Remarks(true, 40, 0, Fed(20, 1), Fed(0, 1.2)).ShouldHaveSingleItem().ShouldContain("walk weeks");
        Remarks(false, 40, 0, Fed(20, 1), Fed(0, 1.2)).ShouldBeEmpty();
    }

    [Theory]
    [InlineData(140, 200, true)]
    [InlineData(141, 200, false)]
    [InlineData(0, 0, false)]
    public void Less_work_asks_for_less_of_it(double lately, double before, bool told) =>
        Remarks(false, lately, before, Fed(20, 2)).Any(r => r.Contains("works less")).ShouldBe(told);

    [Fact]
    public void A_vet_s_or_a_nutritionist_s_word_goes_before_all_of_it() =>
        Remarks(true, 0, 200, Fed(20, 1), Fed(0, 4, advised: true)).ShouldBeEmpty();

    [Fact]
    public void Everything_wrong_with_a_ration_is_said_at_once() =>
        Ration
            .From(Guid.NewGuid(), new RationEntry(Make.Today.AddDays(1), " ", 40), Make.Today)
            .Faults.Select(f => f.Field)
            .ShouldBe(["on", "forage", "hardFeedKg"]);

    private static CareVisit Saddler(int daysAgo, params SaddleWork[] done) =>
        CareVisit
            .From(
                Guid.NewGuid(),
                new CareEntry(CareKind.Saddle, Make.Today.AddDays(-daysAgo), "Wren Colley") { Saddle = done },
                Make.Horse(),
                Make.Today
            )
            .OrThrow();

    [Fact]
    public void A_shim_is_in_from_the_day_it_went_in_until_it_is_taken_out()
    {
        var visits = new[] { Saddler(60, SaddleWork.Shimmed), Saddler(30, SaddleWork.Looked), Saddler(10, SaddleWork.Reflocked) };
        var now = SaddleNow.Of(visits)!;
        (now.ShimSince, now.ReflockedOn, now.PadSince).ShouldBe((Make.Today.AddDays(-60), Make.Today.AddDays(-10), null));
        now.LookAgainOn.ShouldBe(Make.Today.AddDays(18));
        var out_ = SaddleNow.Of([.. visits, Saddler(2, SaddleWork.ShimOut, SaddleWork.PadOn)])!;
        (out_.ShimSince, out_.PadSince).ShouldBe((null, Make.Today.AddDays(-2)));
        SaddleNow.Of([Saddler(3)]).ShouldBeNull();
    }

    [Fact]
    public void Only_a_saddler_works_on_a_saddle() =>
        CareVisit
            .From(Guid.NewGuid(), new CareEntry(CareKind.Feet) { Saddle = [SaddleWork.Reflocked] }, Make.Horse(), Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("saddle");
}
