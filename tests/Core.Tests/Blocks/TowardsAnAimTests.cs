using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Readiness;
using Hippodrome.Core.Yards;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Blocks.MakeBlock;

namespace Hippodrome.Core.Tests.Blocks;

/// <summary>What an aim and its readiness make of a block: which aim, which focus, a day or a helper more, and how often each strand comes.</summary>
public class TowardsAnAimTests
{
    private static readonly DaysThere Everybody = new(
        Enum.GetValues<DayOfWeek>(),
        Enum.GetValues<DayOfWeek>(),
        [DayOfWeek.Thursday, DayOfWeek.Saturday]
    );

    [Fact]
    public void A_block_leads_to_the_aim_that_matters_most()
    {
        var outing = Aim(Start.AddDays(20)) with { Importance = Importance.Outing };
        var main = Aim(Start.AddDays(80));
        BlockSuggestion.Aim(Horse(aims: [outing, main]), Start).ShouldBe(main);
        BlockSuggestion.Aim(Horse(aims: [outing]), Start).ShouldBe(outing);
        var far = Aim(Start.AddDays((7 * BlockFigures.LongestBlock.Value) + 1));
        BlockSuggestion.Aim(Horse(aims: [outing, far]), Start).ShouldBe(outing);
    }

    [Fact]
    public void Its_focus_is_what_is_missing_that_which_is_last_first()
    {
        var horse = Horse();
        Demand Missing(Strand strand) =>
            new($"own-{strand}", DemandKind.Movement, "It", strand, Catalogue.Ladder(strand)[0].Id, false, Source.CommonPractice);
        var begun = Enum.GetValues<Strand>().Where(s => horse.Places[s] is not null).Take(2).ToArray();
        BlockSuggestion
            .For(horse, [], null, Everybody, Approach.Of(ApproachQuestion.Return).Choices[0], [Missing(begun[1]), Missing(begun[0])], Start)
            .Entry.Focus!.ShouldBe([begun[1], begun[0]]);
    }

    [Fact]
    public void A_day_more_is_one_in_the_arena_first_and_never_the_seventh()
    {
        var entry = new BlockEntry
        {
            Days = [DayOfWeek.Monday, DayOfWeek.Tuesday],
            ArenaDays = [],
            HelperDays = [],
        };
        var (more, says) = MoreWork.DayMore(entry, Everybody)!.Value;
        more.Days.ShouldBe([DayOfWeek.Monday, DayOfWeek.Tuesday, DayOfWeek.Thursday]);
        more.ArenaDays.ShouldBe([DayOfWeek.Thursday]);
        says.ShouldBe("3 days a week, Thursday as well");
        MoreWork.DayMore(entry with { Days = [.. Enum.GetValues<DayOfWeek>().Take(6)] }, Everybody).ShouldBeNull();
        MoreWork.DayMore(entry, Everybody with { Riders = [DayOfWeek.Monday] }).ShouldBeNull();
        MoreWork
            .DayMore(entry with { FavouriteOff = DayOfWeek.Thursday }, Everybody)!
            .Value.Entry.Days!.ShouldNotContain(DayOfWeek.Thursday);
    }

    [Fact]
    public void More_help_is_on_a_day_that_is_worked_and_had_none()
    {
        var entry = new BlockEntry
        {
            Days = [DayOfWeek.Monday, DayOfWeek.Thursday],
            ArenaDays = [DayOfWeek.Thursday],
            HelperDays = [],
        };
        MoreWork.HelpMore(entry, Everybody)!.Value.Entry.HelperDays.ShouldBe([DayOfWeek.Thursday]);
        MoreWork.HelpMore(entry with { HelperDays = entry.Days }, Everybody).ShouldBeNull();
        MoreWork.HelpMore(entry, Everybody with { Helpers = [] }).ShouldBeNull();
    }

    [Fact]
    public void Six_days_give_more_sessions_than_four()
    {
        var aim = Aim(Start.AddDays(70));
        double Flat(params DayOfWeek[] days) =>
            PaceOfBlocks.Of(Plan(Entry(aim: aim) with { Days = days }, Horse(aims: aim)).Sessions, [], Start).Of(Strand.Flatwork);
        var four = Flat(DayOfWeek.Monday, DayOfWeek.Tuesday, DayOfWeek.Thursday, DayOfWeek.Saturday);
        Flat([.. Enum.GetValues<DayOfWeek>().Take(6)]).ShouldBeGreaterThan(four);
        four.ShouldBeGreaterThan(0);
    }

    [Fact]
    public void Without_a_block_the_last_four_weeks_say_how_often()
    {
        var pace = PaceOfBlocks.Of(
            [],
            [Readiness.MakeEvidence.Ride(3).With("poles/walk-poles"), Readiness.MakeEvidence.Ride(40).With("poles/walk-poles")],
            Make.Today
        );
        pace.OfBlock.ShouldBeFalse();
        pace.Of(Strand.Poles).ShouldBe(0.25);
    }
}

file static class Rides
{
    public static RideShown With(this RideShown ride, string rung) => ride with { Parts = [Readiness.MakeEvidence.OnRung(rung, 6, 6)] };
}
