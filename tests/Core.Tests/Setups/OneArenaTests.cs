using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Setups.FenceLineTests;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>One arena, several horses: who can ride what stands, and the order that moves the poles least.</summary>
public class OneArenaTests
{
    private static readonly FenceLineEntry Four = Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 4));

    private static HorseOnSetUp On(FenceLineEntry entry, double builtFor, double stride)
    {
        var setUp = entry.Check().OrThrow();
        var built = setUp.MeasureFor(Make.CardWith(GaitVariant.CanterCourse, builtFor), Tape.Metric);
        return WhoCanRide.As(setUp, built, "Bramble", Make.CardWith(GaitVariant.CanterCourse, stride), Tape.Metric);
    }

    [Fact]
    public void The_horse_it_was_built_for_rides_it_as_it_stands() => On(Four, 3.66, 3.66).Says.ShouldBe("as it stands");

    /// <summary>A shorter stride, 3.40 m, finds 18.30 m a forward four; 3.20 m finds it long.</summary>
    [Theory]
    [InlineData(3.40, Fit.Forward, true)]
    [InlineData(3.20, Fit.Long, false)]
    [InlineData(3.90, Fit.Tight, true)]
    [InlineData(4.30, Fit.TooShort, false)]
    public void Another_stride_finds_the_same_line_another_question(double stride, Fit fit, bool asBuilt)
    {
        var on = On(Four, 3.66, stride);
        (on.Gaps[0].Fit, on.AsBuilt).ShouldBe((fit, asBuilt));
    }

    /// <summary>What stands in the way before any distance: a hold, the age, a restriction; each flips on its one fact.</summary>
    [Fact]
    public void Some_horses_do_not_come_to_it_at_all()
    {
        var (fences, poles) = (Four.Check().OrThrow(), Make.Poles().Check().OrThrow());
        string? MayNot(SetUp setUp, int age = 8, string? held = null, RestrictionEntry? restriction = null) =>
            WhoCanRide.MayNot(
                setUp,
                Make.Horse(age),
                held,
                restriction is null
                    ? []
                    :
                    [
                        Restriction
                            .From(Guid.NewGuid(), restriction with { Because = "strain", By = "Iva Sorrel" }, Make.Horse(), Make.Today)
                            .OrThrow(),
                    ],
                Make.Today
            );
        MayNot(fences).ShouldBeNull();
        MayNot(fences, held: "off").ShouldBe("held: off");
        MayNot(fences, age: 4).ShouldBe("too young: fences from age 5");
        MayNot(poles, age: 4).ShouldBeNull();
        MayNot(poles, age: 3).ShouldBe("too young: ridden poles from age 4");
        MayNot(fences, restriction: new RestrictionEntry(MostHeightMetres: 0.9)).ShouldBe("Iva Sorrel: no fence over 0.90 m");
        MayNot(fences, restriction: new RestrictionEntry(MostHeightMetres: 1.1)).ShouldBeNull();
        MayNot(poles, restriction: new RestrictionEntry(NoGaits: [Gait.Trot])).ShouldBe("Iva Sorrel: no trot");
        MayNot(poles, restriction: new RestrictionEntry(NoGaits: [Gait.Canter])).ShouldBeNull();

        // Poles ruled out rule out poles, and no figure.
        var figure = new FigureEntry
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = FigureKind.Circle,
            Variant = GaitVariant.TrotWorking,
            Rein = Rein.Left,
            DiameterMetres = 20,
        }
            .Check()
            .OrThrow();
        MayNot(poles, restriction: new RestrictionEntry(NoStrands: [Strand.Poles])).ShouldBe("Iva Sorrel: no poles");
        MayNot(figure, restriction: new RestrictionEntry(NoStrands: [Strand.Poles])).ShouldBeNull();
        MayNot(figure, restriction: new RestrictionEntry(NoGaits: [Gait.Trot])).ShouldBe("Iva Sorrel: no trot");
    }

    [Fact]
    public void It_says_what_to_move_and_by_how_much()
    {
        var on = On(Line(LineKind.Grid, Gait.Canter, Upright(0.7), Upright(0.7, 1, 6.7)), 3.66, 3.2);
        on.Gaps[0].LongerBy.ShouldBeLessThan(0);
        on.Says.ShouldBe(FormattableString.Invariant($"gap 1 {-on.Gaps[0].LongerBy * 100:0} cm shorter"));
    }

    [Fact]
    public void Poles_a_step_apart_are_held_against_each_horses_own_step()
    {
        var setUp = Make.Poles(adjust: 0.10).Check().OrThrow();
        var built = setUp.MeasureFor(Make.Card(178), Tape.Metric);
        WhoCanRide.As(setUp, built, "Small", Make.Card(145), Tape.Metric).Gaps.ShouldAllBe(g => g.Fit == Fit.Long);
        WhoCanRide.As(setUp, built, "Tall", Make.Card(178), Tape.Metric).AsBuilt.ShouldBeTrue();
    }

    private static readonly Gen<Waiting[]> Stable = Gen.Select(Gen.Int[0, 8].Array[3], Gen.Bool)
        .Select((steps, green) => new Waiting("", [0, 5 + (steps[0] * 0.05), 10 + (steps[1] * 0.05), 15 + (steps[2] * 0.05)], green))
        .Array[1, 7]
        .Select(h => h.Select((w, i) => w with { Name = $"{i}" }).ToArray());

    /// <summary>Never worse than any other order: every order of up to seven horses, one by one.</summary>
    [Fact]
    public void No_other_order_moves_less() =>
        Gen.Select(Stable, Gen.Enum<GreenHorses>())
            .Sample(
                (horses, green) =>
                {
                    var best = OrderOfRiding.Of(horses, green);
                    best.Turns.Select(t => t.Name).Order().ShouldBe(horses.Select(h => h.Name).Order());
                    var least = Orders([.. horses])
                        .Where(o => Allowed(o, green))
                        .Min(o => (Math.Round(o.Zip(o.Skip(1), Moved).Sum(), 4), o.Zip(o.Skip(1), Count).Sum()));
                    (best.Metres, best.Moves).ShouldBe(least);
                    Allowed([.. best.Turns.Select(t => horses.Single(h => h.Name == t.Name))], green).ShouldBeTrue();
                },
                iter: Cases.SetUps
            );

    [Fact]
    public void The_list_of_moves_takes_each_horse_to_its_own_distances()
    {
        Waiting[] horses = [new("Long", [0, 6.7, 13.4], false), new("Short", [0, 6.1, 12.2], false), new("Middle", [0, 6.4, 12.8], false)];
        var order = OrderOfRiding.Of(horses, GreenHorses.Anywhere);
        order.Metres.ShouldBe(1.8);
        var at = horses.Single(h => h.Name == order.Turns[0].Name).Positions.ToArray();
        foreach (var turn in order.Turns)
        {
            foreach (var move in turn.Moves)
            {
                at[move.Element] += move.Metres;
            }

            at.ShouldBe(horses.Single(h => h.Name == turn.Name).Positions, 1e-9);
        }
    }

    [Theory]
    [InlineData(GreenHorses.First, "Green")]
    [InlineData(GreenHorses.Last, "Old")]
    public void Green_horses_keep_to_their_end(GreenHorses green, string first) =>
        OrderOfRiding
            .Of([new("Old", [0, 6.0], false), new("Green", [0, 6.5], true), new("Other", [0, 6.1], false)], green)
            .Turns[0]
            .Name.ShouldStartWith(first == "Old" ? "O" : first);

    [Fact]
    public void Ten_horses_are_put_in_order_and_eleven_are_too_many()
    {
        Waiting[] Of(int n) => [.. Enumerable.Range(0, n).Select(i => new Waiting($"{i}", [0, 6 + (i * 7 % 11 * 0.05)], false))];
        OrderOfRiding.Of(Of(10), GreenHorses.Anywhere).Metres.ShouldBe(0.5, 1e-9);
        Should.Throw<ArgumentException>(() => OrderOfRiding.Of(Of(11), GreenHorses.Anywhere));
        Should.Throw<ArgumentException>(() => OrderOfRiding.Of([], GreenHorses.Anywhere));
    }

    private static bool Allowed(IReadOnlyList<Waiting> order, GreenHorses green) =>
        green == GreenHorses.Anywhere
        || order
            .Select(h => h.Green)
            .SequenceEqual(green == GreenHorses.First ? order.Select(h => h.Green).OrderDescending() : order.Select(h => h.Green).Order());

    private static double Moved(Waiting a, Waiting b) => a.Positions.Zip(b.Positions, (x, y) => Math.Abs(Math.Round(y - x, 4))).Sum();

    private static int Count(Waiting a, Waiting b) => a.Positions.Zip(b.Positions, (x, y) => Math.Round(y - x, 4) != 0 ? 1 : 0).Sum();

    private static IEnumerable<Waiting[]> Orders(Waiting[] horses) =>
        horses.Length <= 1
            ? [horses]
            : Enumerable
                .Range(0, horses.Length)
                .SelectMany(i => Orders([.. horses[..i], .. horses[(i + 1)..]]).Select(rest => (Waiting[])[horses[i], .. rest]));
}
