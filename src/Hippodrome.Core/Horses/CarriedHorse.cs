using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Horses;

/// <summary>A stride as it was measured, to be carried.</summary>
/// <param name="Id">Which.</param>
/// <param name="Variant">In what gait.</param>
/// <param name="StripMetres">How long the strip was, unrounded: the card is made of it.</param>
/// <param name="Strides">Full strides over it.</param>
/// <param name="Seconds">Time over it; null where nobody timed.</param>
/// <param name="On">The day.</param>
public sealed record CarriedStride(Guid Id, GaitVariant Variant, double StripMetres, double Strides, double? Seconds, DateOnly On)
{
    public static CarriedStride Of(StrideMeasurement s)
    {
        ArgumentNullException.ThrowIfNull(s);
        return new(s.Id, s.Variant, s.Strip.Metres, s.Strides, s.Seconds, s.On);
    }

    public StrideMeasurement Stride() => StrideMeasurement.Kept(Id, Variant, Distance.FromMetres(StripMetres), Strides, Seconds, On);
}

/// <summary>What a device carries of a horse and of who measures, so that set-ups are measured there as here.</summary>
/// <param name="HeightCentimetres">Height at the withers.</param>
/// <param name="Strides">Its measured strides.</param>
/// <param name="Unit">What the person measures in.</param>
/// <param name="PaceMetres">The person's own pace; null until calibrated.</param>
public sealed record CarriedHorse(double HeightCentimetres, IReadOnlyList<CarriedStride> Strides, LengthUnit Unit, double? PaceMetres)
{
    public static CarriedHorse Of(HorseHeight height, IEnumerable<StrideMeasurement> strides, Tape tape)
    {
        ArgumentNullException.ThrowIfNull(height);
        ArgumentNullException.ThrowIfNull(tape);
        return new CarriedHorse(
            height.Centimetres,
            [.. strides.Select(CarriedStride.Of)],
            tape.Unit,
            tape.Pace.Calibrated ? tape.Pace.Length.Metres : null
        );
    }

    public StrideCard Card() => StrideCard.For(HorseHeight.Kept(HeightCentimetres), Strides.Select(s => s.Stride()));

    public Tape Tape() => new(Unit, PersonPace.Kept(PaceMetres is { } own ? Distance.FromMetres(own) : null));
}
