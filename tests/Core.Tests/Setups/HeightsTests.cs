using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Setups.FenceLineTests;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>Distances for horses of 122 to 178 cm.</summary>
public class HeightsTests
{
    private static double Own(SetUpEntry entry, double height, int gap = 0) => Make.Measured(entry, Make.Card(height)).Gaps[gap].Own.Metres;

    // Poles for ponies lie closer than the horse's 0.90, 1.35 and 3.0 m by about a hand's breadth or two in walk and trot, and a foot
    // or two in canter (common practice, no source).
    [Theory]
    [InlineData(GaitVariant.WalkMedium, 122, 0.70, 0.80)]
    [InlineData(GaitVariant.WalkMedium, 138, 0.78, 0.86)]
    [InlineData(GaitVariant.WalkMedium, 148, 0.82, 0.90)]
    [InlineData(GaitVariant.WalkMedium, 178, 0.94, 1.02)]
    [InlineData(GaitVariant.TrotWorking, 122, 1.05, 1.15)]
    [InlineData(GaitVariant.TrotWorking, 128, 1.10, 1.20)]
    [InlineData(GaitVariant.TrotWorking, 138, 1.15, 1.25)]
    [InlineData(GaitVariant.TrotWorking, 148, 1.22, 1.32)]
    [InlineData(GaitVariant.TrotWorking, 178, 1.40, 1.50)]
    [InlineData(GaitVariant.CanterWorking, 122, 2.35, 2.55)]
    [InlineData(GaitVariant.CanterWorking, 138, 2.55, 2.75)]
    [InlineData(GaitVariant.CanterWorking, 148, 2.70, 2.90)]
    [InlineData(GaitVariant.CanterWorking, 178, 3.05, 3.30)]
    public void Poles_for_the_small_and_the_big(GaitVariant variant, double height, double least, double most) =>
        Own(Make.Poles(variant), height).ShouldBeInRange(least, most);

    // The same by a second route: strides of ponies' courses in feet (10, 10.5, 11; common practice, no source), landing and take-off
    // of two paces at a metre for a horse, of which the part that is no height is the pony's share of twelve feet.
    [Theory]
    [InlineData(128, 10, 1, 0.7)]
    [InlineData(128, 10, 2, 0.7)]
    [InlineData(128, 10, 3, 0.8)]
    [InlineData(138, 10.5, 1, 0.8)]
    [InlineData(138, 10.5, 2, 0.8)]
    [InlineData(138, 10.5, 4, 0.9)]
    [InlineData(148, 11, 1, 0.9)]
    [InlineData(148, 11, 3, 0.9)]
    [InlineData(148, 11, 5, 1.0)]
    [InlineData(165, 12, 1, 1.0)]
    [InlineData(165, 12, 3, 1.0)]
    [InlineData(165, 12, 6, 1.0)]
    public void Lines_for_ponies_and_horses_by_the_feet_of_their_courses(double height, double feet, int strides, double fence)
    {
        const double foot = 0.3048;
        var room = (0.90 * feet / 12) + (0.93 * fence);
        Own(Line(LineKind.RelatedLine, Gait.Canter, Upright(fence), Upright(fence, strides)), height)
            .ShouldBe((strides * feet * foot) + (2 * room), 0.06 * (strides + 1));
    }

    // A bounce takes landing and take-off and nothing else: a pony's is closer by its share, and higher fences take more of any horse.
    [Theory]
    [InlineData(128, 2.40, 2.60)]
    [InlineData(148, 2.60, 2.80)]
    [InlineData(165, 2.70, 3.00)]
    [InlineData(178, 2.75, 3.05)]
    public void A_ponys_bounce_is_a_ponys(double height, double least, double most) =>
        Own(Line(LineKind.Grid, Gait.Trot, Cross(0.5), Upright(0.5, 0)), height).ShouldBeInRange(least, most);

    private static readonly Gen<SetUpEntry> Any = Gen.OneOf<SetUpEntry>(
        Gen.Enum<GaitVariant>().Where(v => v != GaitVariant.CanterCourse).Select(v => (SetUpEntry)Make.Poles(v)),
        Gen.Double[0.3, 0.8].Select(h => (SetUpEntry)Make.CrossPole(h)),
        Gen.Select(Gen.Double[0.3, 1.2], Gen.Int[0, 6])
            .Select((h, n) => (SetUpEntry)Line(LineKind.RelatedLine, Gait.Canter, Upright(h), Upright(h, n))),
        Gen.Int[0, 4].Select(n => (SetUpEntry)Line(LineKind.RelatedLine, Gait.Canter, Pole(), Pole(n)))
    );

    [Fact]
    public void Spacing_never_falls_as_the_height_at_withers_grows() =>
        Gen.Select(Any, Gen.Double[110, 190], Gen.Double[110, 190])
            .Sample((entry, a, b) => Own(entry, Math.Min(a, b)) <= Own(entry, Math.Max(a, b)) + 1e-9, iter: Cases.SetUps);

    [Fact]
    public void The_trades_ranges_grow_and_shrink_with_the_horse() =>
        Gen.Select(Any, Gen.Double[110, 190])
            .Sample(
                (entry, height) =>
                {
                    var (own, typical) = (
                        Make.Measured(entry, Make.Card(height)).Gaps[0].Trade,
                        Make.Measured(entry, Make.Card()).Gaps[0].Trade
                    );
                    own.Shortest.Metres.ShouldBe(typical.Shortest.Metres * StrideCard.HeightScale(Make.Height(height)), 1e-6);
                },
                iter: Cases.SetUps
            );

    // One gap has one word: the count that was planned is called in the table of counts what it is called on the tape sheet.
    [Fact]
    public void One_gap_has_one_word_in_all_tables() =>
        Gen.Select(Gen.Int[1, 5], Gen.Double[4, 20], Gen.Double[110, 190])
            .Sample(
                (strides, metres, height) =>
                {
                    var gap = Make.Measured(
                        Line(LineKind.RelatedLine, Gait.Canter, Pole(), Pole(strides) with { DistanceMetres = Math.Round(metres, 2) }),
                        Make.Card(height)
                    ).Gaps[0];
                    gap.Between!.Counts.Where(c => c.Strides == strides).ShouldAllBe(c => c.Fit == gap.Fit);
                },
                iter: Cases.SetUps
            );
}
