using CsCheck;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Measures;

public class TapeTests
{
    private static readonly Tape Imperial = new(LengthUnit.Feet, PersonPace.Uncalibrated);
    private static readonly Tape Pacing = new(LengthUnit.Paces, PersonPace.Uncalibrated);
    private static readonly DistanceRange TrotPoles = DistanceRange.Metres(1.20, 1.50);

    private static readonly Gen<Tape> AnyTape = Gen.Select(Gen.Enum<LengthUnit>(), Gen.Double[16, 40])
        .Select((unit, count) => new Tape(unit, PersonPace.FromCount(count).OrThrow()));

    [Theory]
    [InlineData(1.333, 1.35)]
    [InlineData(1.32, 1.30)]
    [InlineData(1.326, 1.35)]
    public void A_metric_tape_sets_five_centimetres(double wanted, double built) =>
        Tape.Metric.Round(Distance.FromMetres(wanted)).Metres.ShouldBe(built, 1e-9);

    // Common practice, no source: 4'6" is the typical trot spacing, 9' a placing pole, 12' a course stride.
    [Theory]
    [InlineData(1.35, 4, 6)]
    [InlineData(2.75, 9, 0)]
    [InlineData(3.66, 12, 0)]
    public void An_imperial_tape_sets_three_inches(double wanted, double feet, double inches) =>
        Imperial.Round(Distance.FromMetres(wanted)).Metres.ShouldBe(Distance.FromFeet(feet, inches).Metres, 1e-4);

    [Theory]
    [InlineData(1.3716, "4' 6\"")]
    [InlineData(2.7432, "9' 0\"")]
    [InlineData(0.8382, "2' 9\"")]
    [InlineData(1.8288, "6' 0\"")]
    [InlineData(0.3047, "1' 0\"")]
    public void Feet_are_said_with_inches(double metres, string said) => Tape.SayFeet(Distance.FromMetres(metres)).ShouldBe(said);

    [Fact]
    public void Rounding_is_never_further_off_than_half_a_step() =>
        Gen.Select(AnyTape, Gen.Double[0, 80])
            .Sample((tape, metres) => Math.Abs(tape.Round(Distance.FromMetres(metres)).Metres - metres) <= (tape.Step.Metres / 2) + 1e-4);

    [Fact]
    public void Rounding_what_is_rounded_changes_nothing() =>
        Gen.Select(AnyTape, Gen.Double[0, 80])
            .Sample(
                (tape, metres) =>
                {
                    var once = tape.Round(Distance.FromMetres(metres));
                    return tape.Round(once) == once;
                }
            );

    [Fact]
    public void A_longer_distance_is_never_built_shorter() =>
        Gen.Select(AnyTape, Gen.Double[0, 10], Gen.Double[0, 10])
            .Sample(
                (tape, a, b) =>
                    tape.Build(Distance.FromMetres(Math.Min(a, b)), TrotPoles).Built
                    <= tape.Build(Distance.FromMetres(Math.Max(a, b)), TrotPoles).Built
            );

    [Fact]
    public void What_is_built_lies_inside_the_range_whatever_the_tape() =>
        Gen.Select(AnyTape, Gen.Double[0, 10], Gen.Double[0.5, 4], Gen.Double[0, 1])
            .Sample(
                (tape, wanted, shortest, width) =>
                {
                    var built = tape.Build(Distance.FromMetres(wanted), DistanceRange.Metres(shortest, shortest + width)).Built.Metres;
                    return built >= shortest - 1e-4 && built <= shortest + width + 1e-4;
                }
            );

    [Fact]
    public void The_longest_of_the_range_can_be_set_although_it_is_no_round_binary_number() =>
        Tape.Metric.Build(Distance.FromMetres(1.8), TrotPoles).Built.Metres.ShouldBe(1.50);

    [Fact]
    public void Rounding_says_what_it_did()
    {
        Tape.Metric.Build(Distance.FromMetres(1.334), TrotPoles).RoundingSays.ShouldBe("rounded up by 1.6 cm");
        Tape.Metric.Build(Distance.FromMetres(1.412), TrotPoles).RoundingSays.ShouldBe("rounded down by 1.2 cm");
        Tape.Metric.Build(Distance.FromMetres(1.40), TrotPoles).RoundingSays.ShouldBe("no rounding needed");
        Tape.Metric.Build(Distance.FromMetres(1.60), TrotPoles).RoundingSays.ShouldContain("kept inside 1.2-1.5 m");
    }

    [Fact]
    public void Where_no_step_falls_inside_the_range_a_tape_has_to_be_fetched()
    {
        // Quarter paces are 23 cm apart: 0.69 and 0.91 m, and nothing within the walk poles' 0.80 to 0.90 m.
        var built = Pacing.Build(Distance.FromMetres(0.93), DistanceRange.Metres(0.80, 0.90));
        built.Built.Metres.ShouldBe(0.90);
        built.RoundingSays.ShouldContain("measure 0.90 m with a tape");
    }
}
