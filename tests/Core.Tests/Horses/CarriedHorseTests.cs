using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Horses;

/// <summary>What is carried of a horse measures as the horse itself.</summary>
public class CarriedHorseTests
{
    private static readonly Gen<StrideMeasurement> Strides = Gen.Select(
        Gen.OneOf([.. GaitVariants.All.Select(Gen.Const)]),
        Gen.Double[10, 40],
        Gen.Double[4, 20],
        Gen.Double[3, 30].Nullable(),
        (variant, strip, strides, seconds) =>
            StrideMeasurement.Kept(Guid.NewGuid(), variant, Distance.FromMetres(strip), strides, seconds, new DateOnly(2026, 4, 18))
    );

    [Fact]
    public void Its_card_and_the_persons_tape_survive_being_written_and_read() =>
        Gen.Select(
                Gen.Double[122, 178],
                Strides.List[0, 12],
                Gen.OneOf([.. Enum.GetValues<LengthUnit>().Select(Gen.Const)]),
                Gen.Double[0.7, 1.1].Nullable()
            )
            .Sample(
                (height, strides, unit, pace) =>
                {
                    var tape = new Tape(unit, PersonPace.Kept(pace is { } own ? Distance.FromMetres(own) : null));
                    var carried = Json.Read<CarriedHorse>(Json.Write(CarriedHorse.Of(HorseHeight.Kept(height), strides, tape)));

                    Json.Write(carried.Tape()).ShouldBe(Json.Write(tape));
                    Json.Write(carried.Card().Estimates).ShouldBe(Json.Write(StrideCard.For(HorseHeight.Kept(height), strides).Estimates));
                },
                iter: 60
            );
}
