using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Setups.FenceLineTests;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>Several set-ups in one arena, in pairs that differ in one fact.</summary>
public class TonightsArenaTests
{
    private static StandingSetUp Poles(ArenaLine line, double middle = 30, double turned = 0) =>
        new($"Poles on {line}", Make.Measured(Make.Poles() with { Line = line, MiddleMetres = middle, TurnedDegrees = turned }));

    private static StandingSetUp Grid(ArenaLine line, double middle = 30) =>
        new(
            "Grid",
            Make.Measured(Line(LineKind.Grid, Gait.Trot, Pole(), Cross(), Upright(0.7, 1)) with { Line = line, MiddleMetres = middle })
        );

    private static StandingSetUp Circle(double diameter = 20) =>
        new(
            "Circle",
            Make.Measured(
                new FigureEntry
                {
                    Arena = ArenaSize.SixtyByTwenty,
                    Line = ArenaLine.CentreLine,
                    Heading = Heading.TowardsC,
                    MiddleMetres = 50,
                    AdjustMetres = 0,
                    Kind = FigureKind.Circle,
                    Variant = GaitVariant.TrotWorking,
                    Rein = Rein.Right,
                    DiameterMetres = diameter,
                }
            )
        );

    private static ClashKind? Kind(params StandingSetUp[] standing) => TonightsArena.Check(standing) is [var clash, ..] ? clash.Kind : null;

    [Fact]
    public void Two_quarter_lines_go_together() => Kind(Poles(ArenaLine.LeftQuarterLine), Grid(ArenaLine.RightQuarterLine)).ShouldBeNull();

    [Fact]
    public void Two_on_one_place_do_not() =>
        Kind(Poles(ArenaLine.LeftQuarterLine), Grid(ArenaLine.LeftQuarterLine)).ShouldBe(ClashKind.SamePlace);

    /// <summary>Two metres on the quarter line and three for half a pole: the inner track and the quarter line share ground.</summary>
    [Fact]
    public void The_inner_track_and_the_quarter_line_share_ground() =>
        Kind(Poles(ArenaLine.LeftInnerTrack), Poles(ArenaLine.LeftQuarterLine)).ShouldBe(ClashKind.SamePlace);

    [Theory]
    [InlineData(36.0, ClashKind.InTheWay)]
    [InlineData(35.0, ClashKind.TooClose)]
    public void Behind_one_another_on_a_line_one_stands_in_the_others_way(double middle, ClashKind kind) =>
        Kind(Poles(ArenaLine.LeftQuarterLine), Poles(ArenaLine.LeftQuarterLine, middle)).ShouldBe(kind);

    [Fact]
    public void Tracks_that_cross_are_told_and_are_the_least_of_it()
    {
        var clashes = TonightsArena.Check([Circle(), Poles(ArenaLine.CentreLine, 20)]);
        clashes.ShouldHaveSingleItem().Kind.ShouldBe(ClashKind.TracksCross);
        clashes[0].Says.ShouldContain("one horse at a time");
    }

    [Fact]
    public void What_stands_on_a_circle_is_in_its_way() => Kind(Circle(), Poles(ArenaLine.CentreLine, 58)).ShouldBe(ClashKind.InTheWay);

    [Fact]
    public void The_worst_comes_first() =>
        TonightsArena
            .Check([Circle(), Poles(ArenaLine.CentreLine, 20), Grid(ArenaLine.CentreLine, 20)])
            .Select(c => c.Kind)
            .ShouldBeInOrder();

    /// <summary>Which of two is named first changes nothing but the order of their names.</summary>
    [Fact]
    public void It_does_not_matter_in_what_order_they_are_listed() =>
        Gen.Select(MirroringTests.Any, MirroringTests.Any)
            .Sample(
                (a, b) =>
                {
                    var (first, second) = (new StandingSetUp("A", Make.Measured(a)), new StandingSetUp("B", Make.Measured(b)));
                    Kind(first, second).ShouldBe(Kind(second, first));
                },
                iter: Cases.SetUps
            );

    /// <summary>Two lines of poles drawn apart along the quarter line: never worse for being further away.</summary>
    [Fact]
    public void Further_apart_is_never_worse() =>
        Gen.Select(Gen.Double[12, 44], Gen.Double[0.5, 6])
            .Sample(
                (middle, more) =>
                {
                    int Bad(double at) =>
                        Kind(Poles(ArenaLine.LeftQuarterLine, 8), Poles(ArenaLine.LeftQuarterLine, at)) is { } kind
                            ? (int)kind
                            : int.MaxValue;
                    Bad(middle + more).ShouldBeGreaterThanOrEqualTo(Bad(middle));
                },
                iter: Cases.SetUps
            );

    /// <summary>Every pair is told once: three in one place are three clashes.</summary>
    [Fact]
    public void Every_pair_is_told_once() =>
        TonightsArena
            .Check([Poles(ArenaLine.CentreLine), Grid(ArenaLine.CentreLine), Poles(ArenaLine.CentreLine, 31)])
            .Select(c => (c.First, c.Second))
            .Order()
            .ShouldBe([(0, 1), (0, 2), (1, 2)]);

    [Fact]
    public void An_arena_with_one_thing_or_nothing_has_no_clash()
    {
        TonightsArena.Check([]).ShouldBeEmpty();
        TonightsArena.Check([Circle()]).ShouldBeEmpty();
    }
}

/// <summary>Kit: each rail on its own pair of wings (common practice, no source).</summary>
public class KitTests
{
    private static IReadOnlyList<KitItem> Needed(SetUpEntry entry) => Make.Measured(entry).KitNeeded;

    private static FenceLineEntry One(ElementKind kind, GroundLines lines = GroundLines.Front) =>
        Line(
            LineKind.Grid,
            Gait.Canter,
            new LineElementEntry(kind, 0.6, kind is ElementKind.Upright or ElementKind.Wall or ElementKind.CrossPole ? null : 0.7)
        ) with
        {
            GroundLines = lines,
        };

    [Theory]
    [InlineData(ElementKind.Upright, "2 poles, 2 wings, 2 cups")]
    [InlineData(ElementKind.CrossPole, "3 poles, 2 wings, 2 cups")]
    [InlineData(ElementKind.SquareOxer, "4 poles, 4 wings, 6 cups")]
    [InlineData(ElementKind.Parallel, "3 poles, 4 wings, 4 cups")]
    [InlineData(ElementKind.Wall, "2 poles, 2 wings, 2 cups, 1 filler")]
    public void Each_fence_with_one_ground_line(ElementKind kind, string says) => Kit.Say(Needed(One(kind))).ShouldBe(says);

    [Theory]
    [InlineData(GroundLines.None, 1)]
    [InlineData(GroundLines.Front, 2)]
    [InlineData(GroundLines.BothSides, 3)]
    public void Ground_lines_are_poles_too(GroundLines lines, int poles) =>
        Needed(One(ElementKind.Upright, lines)).ShouldContain(new KitItem(KitKind.Pole, 3, poles));

    [Fact]
    public void A_narrow_fence_wants_poles_of_its_own_length_and_guides_of_three_metres() =>
        Kit.Say(
                Needed(
                    new NarrowEntry
                    {
                        Arena = ArenaSize.SixtyByTwenty,
                        Line = ArenaLine.CentreLine,
                        Heading = Heading.TowardsC,
                        MiddleMetres = 30,
                        AdjustMetres = 0,
                        WidthMetres = 1.8,
                        Guides = Guides.Both,
                        HeightMetres = 0.6,
                        ComesIn = Gait.Canter,
                    }
                )
            )
            .ShouldBe("2 poles, 2 poles of 1.8 m, 2 wings, 2 cups");

    [Fact]
    public void What_is_short_is_what_is_needed_and_not_owned()
    {
        KitItem[] owned = [new(KitKind.Pole, 3, 3), new(KitKind.Wing, 0, 8)];
        Kit.Say(Kit.Short(Needed(One(ElementKind.SquareOxer)), owned)).ShouldBe("1 pole, 6 cups");
        Kit.Short(Needed(One(ElementKind.SquareOxer)), [new(KitKind.Pole, 3, 4), new(KitKind.Wing, 0, 4), new(KitKind.Cup, 0, 6)])
            .ShouldBeEmpty();
        // A longer pole is no pole of three metres.
        Kit.Short([new(KitKind.Pole, 3, 1)], [new(KitKind.Pole, 3.5, 9)]).Count.ShouldBe(1);
    }

    [Fact]
    public void A_yards_list_that_cannot_be_is_refused()
    {
        Kit.Check([new(KitKind.Pole, 3, -1)]).Faults.ShouldHaveSingleItem().Field.ShouldBe("items[0].count");
        Kit.Check([new(KitKind.Pole, 0, 4)]).Faults.ShouldHaveSingleItem().Field.ShouldBe("items[0].lengthMetres");
        Kit.Check([null]).Faults.Select(f => f.Field).ShouldBe(["items[0].kind", "items[0].lengthMetres", "items[0].count"]);
        Kit.Check([new(KitKind.Wing, 0, 4), new(KitKind.Wing, 0, 2)]).Faults.ShouldHaveSingleItem().Field.ShouldBe("items");
        Kit.Check([new(KitKind.Wing, 0, 4), new(KitKind.Pole, 3, 12)]).OrThrow().Count.ShouldBe(2);
    }
}
