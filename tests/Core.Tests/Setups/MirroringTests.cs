using System.Text.Json;
using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Setups.FenceLineTests;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>The other rein, and turned on the spot.</summary>
public class MirroringTests
{
    internal static readonly Gen<SetUpEntry> Any = Gen.Select(
            Gen.Int[0, 8],
            Gen.Enum<ArenaLine>(),
            Gen.Enum<Heading>(),
            Gen.Int[-6, 6],
            Gen.Enum<Side>()
        )
        .Select(
            (family, line, heading, turned, side) =>
            {
                SetUpEntry entry = family switch
                {
                    0 => Make.Poles(raising: Raising.AlternateEnds) with { FirstRaised = side },
                    1 => new CurvedPolesEntry
                    {
                        Kind = CurveKind.Fan,
                        Variant = GaitVariant.TrotWorking,
                        Poles = 4,
                        RadiusMetres = 8,
                    },
                    2 => new CurvedPolesEntry
                    {
                        Kind = CurveKind.Clock,
                        Variant = GaitVariant.CanterWorking,
                        RadiusMetres = 10,
                        Rein = Rein.Left,
                    },
                    3 => Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Oxer(1.0, 5)) with { BendDegrees = 40, BendTo = Rein.Right },
                    4 => new NarrowEntry
                    {
                        WidthMetres = 1.2,
                        Guides = Guides.Left,
                        HeightMetres = 0.6,
                        ComesIn = Gait.Trot,
                    },
                    5 => new FigureEntry
                    {
                        Kind = FigureKind.HalfPass,
                        Variant = GaitVariant.TrotCollected,
                        Rein = Rein.Left,
                        SidewaysMetres = 8,
                        ForwardMetres = 24,
                    },
                    7 => new SquareOfPolesEntry
                    {
                        Variant = GaitVariant.TrotWorking,
                        Steps = 3,
                        Way = SquareWay.RoundTheCorner,
                        Rein = Rein.Left,
                    },
                    6 => new CorridorEntry
                    {
                        Sections = 3,
                        WidthMetres = 1.0,
                        Halts = 1,
                        BackSteps = 3,
                    },
                    _ => Line(LineKind.Grid, Gait.Trot, Pole(), Cross(), Upright(0.7, 1)),
                };
                return entry with
                {
                    Arena = ArenaSize.SixtyByTwenty,
                    Line = line,
                    Heading = heading,
                    MiddleMetres = 25,
                    TurnedDegrees = entry is FigureEntry ? null : turned * 15,
                };
            }
        );

    private static MeasuredSetUp Measured(SetUpEntry entry) => Make.Measured(entry);

    [Fact]
    public void Mirrored_twice_it_is_what_it_was() =>
        Any.Sample(entry =>
            JsonSerializer.Serialize(Measured(entry.Mirrored().Mirrored())).ShouldBe(JsonSerializer.Serialize(Measured(entry)))
        );

    /// <summary>Each thing stands across the centre line from where it stood, and every distance is the same.</summary>
    [Fact]
    public void The_mirror_stands_along_the_centre_line() =>
        Any.Sample(entry =>
        {
            var (here, there) = (Measured(entry), Measured(entry.Mirrored()));
            there
                .Elements.Select(e => (e.Along, Across: 20 - e.Across))
                .Zip(here.Elements, (t, h) => double.Hypot(t.Along - h.Along, t.Across - h.Across))
                .ShouldAllBe(d => d < 1e-3);
            there.Gaps.Select(g => g.Built.Built).ShouldBe(here.Gaps.Select(g => g.Built.Built));
            there.FitsArena.ShouldBe(here.FitsArena);
        });

    [Fact]
    public void The_end_that_is_up_changes_sides()
    {
        var poles = Make.Poles(raising: Raising.AlternateEnds);
        (Measured(poles).Elements[0].Raised, Measured(poles.Mirrored()).Elements[0].Raised).ShouldBe((PoleEnd.Left, PoleEnd.Right));
    }

    /// <summary>Turning a set-up about its middle changes where it stands and nothing of its distances.</summary>
    [Fact]
    public void Turning_it_keeps_its_distances() =>
        Gen.Int[-90, 90]
            .Sample(degrees =>
            {
                var entry = Make.Poles() with { Line = ArenaLine.CentreLine, TurnedDegrees = degrees };
                var points = Measured(entry).Elements;
                var spacing = points.Zip(points.Skip(1), (a, b) => double.Hypot(a.Along - b.Along, a.Across - b.Across));
                spacing.ShouldAllBe(m => Math.Abs(m - 1.35) < 0.001);
                Measured(entry).FitsArena.ShouldBeTrue();
                (points[0].Along + points[^1].Along).ShouldBe(60, 0.001);
            });

    /// <summary>A grid that fits along the arena does not fit across it: 20 m is all there is.</summary>
    [Theory]
    [InlineData(0, true)]
    [InlineData(90, false)]
    public void A_long_line_turned_across_the_arena_does_not_fit(double degrees, bool fits)
    {
        var measured = Measured(
            Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 5)) with
            {
                Line = ArenaLine.CentreLine,
                TurnedDegrees = degrees,
            }
        );
        measured.FitsArena.ShouldBe(fits);
        measured.Notices[0].Contains("does not fit").ShouldBe(!fits);
    }

    /// <summary>The approach is what is left to the boards, less a corner: across the middle of the arena 10 m less half the poles and 5 m (geometry).</summary>
    [Fact]
    public void Turned_across_the_straight_before_it_is_short()
    {
        var across = Measured(Make.Poles() with { Line = ArenaLine.CentreLine, TurnedDegrees = 90 });
        across.Approach.There.Metres.ShouldBe(10 - (3 * 1.35 / 2) - 5, 0.01);
        across.Approach.Enough.ShouldBeFalse();
    }

    /// <summary>Poles of three metres on the quarter line end 3.5 m from the boards, on the inner track 1.5 m: room to pass (geometry).</summary>
    [Theory]
    [InlineData(ArenaLine.LeftQuarterLine, 3.5)]
    [InlineData(ArenaLine.RightInnerTrack, 1.5)]
    [InlineData(ArenaLine.CentreLine, 8.5)]
    public void Room_beside_it_to_the_boards(ArenaLine line, double metres) =>
        Measured(Make.Poles() with { Line = line }).ToTheBoards!.Value.Metres.ShouldBe(metres, 1e-9);

    [Fact]
    public void A_figure_stands_nowhere() =>
        Measured(
            new FigureEntry
            {
                Arena = ArenaSize.SixtyByTwenty,
                Line = ArenaLine.CentreLine,
                Heading = Heading.TowardsC,
                MiddleMetres = 30,
                AdjustMetres = 0,
                Kind = FigureKind.CentreLine,
                Variant = GaitVariant.TrotWorking,
                Rein = Rein.Left,
            }
        )
            .ToTheBoards.ShouldBeNull();

    /// <summary>Up the K side towards C the next turn is right at H; up the F side it is left at M (letters of the FEI arena, from memory).</summary>
    [Theory]
    [InlineData(ArenaLine.LeftQuarterLine, Heading.TowardsC, Side.Right)]
    [InlineData(ArenaLine.RightQuarterLine, Heading.TowardsC, Side.Left)]
    [InlineData(ArenaLine.LeftQuarterLine, Heading.TowardsA, Side.Left)]
    [InlineData(ArenaLine.RightQuarterLine, Heading.TowardsA, Side.Right)]
    public void The_lead_is_for_the_turn_that_comes_next(ArenaLine line, Heading heading, Side lead)
    {
        var fence = new NarrowEntry
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = line,
            Heading = heading,
            MiddleMetres = 30,
            AdjustMetres = 0,
            WidthMetres = 3.5,
            Guides = Guides.Both,
            HeightMetres = 0.6,
            ComesIn = Gait.Canter,
        };
        Measured(fence).Lead.ShouldBe(lead);
    }

    [Fact]
    public void Too_far_round_is_refused() =>
        (Make.Poles() with { TurnedDegrees = 120 }).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("turnedDegrees");
}
