using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>What a verdict changes in a set-up. The steps are common practice, no source.</summary>
public class SetUpChangesTests
{
    [Fact]
    public void Thirty_centimetres_longer_is_a_foot_as_far_as_the_range_allows()
    {
        var changed = Make.CrossPole().LongerBy(0.30)!;
        changed.Entry.AdjustMetres.ShouldBe(0.30);
        changed.Says.ShouldContain("30 cm longer");
        Make.CrossPole().LongerBy(-0.15)!.Says.ShouldContain("15 cm shorter");
        Make.CrossPole(adjust: 0.5).LongerBy(0.30)!.Entry.AdjustMetres.ShouldBe(0.6);
    }

    [Fact]
    public void Back_to_walk_lays_trot_poles_down_and_walks_them()
    {
        var entry = (PoleLineEntry)Make.Poles(raising: Raising.AlternateEnds, adjust: 0.1).BackToWalk().Entry;
        entry.Variant.ShouldBe(GaitVariant.WalkMedium);
        entry.Raising.ShouldBe(Raising.Ground);
        entry.AdjustMetres.ShouldBe(0);
    }

    [Fact]
    public void The_ladder_of_poles_goes_walk_trot_raised_and_back_the_same_way()
    {
        var walk = Make.Poles(GaitVariant.WalkMedium);
        var trot = (PoleLineEntry)walk.OneRungOn()!.Entry;
        var raised = (PoleLineEntry)trot.OneRungOn()!.Entry;
        trot.Variant.ShouldBe(GaitVariant.TrotWorking);
        raised.Raising.ShouldBe(Raising.AlternateEnds);
        raised.OneRungOn().ShouldBeNull();
        raised.OneRungBack()!.Entry.ShouldBe(trot);
        ((PoleLineEntry)trot.OneRungBack()!.Entry).Variant.ShouldBe(GaitVariant.WalkMedium);
        walk.OneRungBack().ShouldBeNull();
    }

    [Fact]
    public void A_cross_pole_goes_up_and_down_by_ten_centimetres_between_its_ends()
    {
        Make.CrossPole(0.5).OneRungOn()!.Entry.ShouldBe(Make.CrossPole(0.6));
        Make.CrossPole(0.5).OneRungBack()!.Entry.ShouldBe(Make.CrossPole(0.4));
        Make.CrossPole(0.8).OneRungOn().ShouldBeNull();
        Make.CrossPole(0.2).OneRungBack().ShouldBeNull();
    }

    [Fact]
    public void Every_change_can_be_built()
    {
        SetUpEntry[] all =
        [
            Make.Poles(),
            Make.Poles(GaitVariant.WalkMedium),
            Make.Poles(raising: Raising.AlternateEnds),
            Make.CrossPole(0.2),
            Make.CrossPole(0.8),
            Make.Poles() with
            {
                Laying = Laying.Zigzag,
            },
            Make.Poles(GaitVariant.CanterWorking, raising: Raising.BothEnds) with
            {
                HeightMetres = 0.5,
            },
            Make.Poles() with
            {
                StepMetres = 0.1,
            },
            new FigureEntry
            {
                Arena = ArenaSize.SixtyByTwenty,
                Line = ArenaLine.CentreLine,
                Heading = Heading.TowardsC,
                MiddleMetres = 30,
                AdjustMetres = 0,
                Kind = FigureKind.Changes,
                Variant = GaitVariant.CanterCollected,
                Rein = Rein.Left,
                Changes = 3,
                Every = 3,
            },
        ];
        Array.ForEach(all, CanBeChanged);
        MirroringTests.Any.Sample(CanBeChanged);
    }

    private static void CanBeChanged(SetUpEntry entry)
    {
        foreach (
            var changed in new[] { entry.LongerBy(0.3), entry.LongerBy(-0.15), entry.BackToWalk(), entry.OneRungOn(), entry.OneRungBack() }
        )
        {
            (changed?.Entry.Check().Faults ?? []).ShouldBeEmpty(changed?.Says);
        }
    }

    /// <summary>A figure and a corridor have no distance to move.</summary>
    [Fact]
    public void Where_there_is_no_distance_nothing_is_moved() =>
        new CorridorEntry
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Sections = 2,
            WidthMetres = 1.1,
            Halts = 1,
            BackSteps = 2,
        }
            .LongerBy(0.3)
            .ShouldBeNull();
}
