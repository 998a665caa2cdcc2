using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Horses;

/// <summary>Speed and stride of one variant before the horse's own are known.</summary>
/// <param name="MetresPerSecond">Speed.</param>
/// <param name="StrideMetres">One full cycle of all legs.</param>
public readonly record struct StartValue(double MetresPerSecond, double StrideMetres)
{
    public override string ToString() =>
        string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{MetresPerSecond:0.00} m/s, stride {StrideMetres:0.00} m");
}

/// <summary>The figures behind the stride card.</summary>
public static class StrideFigures
{
    private const string Clayton = "Clayton 1994 and 1995, gaits of dressage horses";

    public static readonly Figure<StartValue> WalkCollected = Start("Collected walk", 1.37, 1.57);
    public static readonly Figure<StartValue> WalkMedium = Start("Medium walk", 1.73, 1.87);
    public static readonly Figure<StartValue> WalkExtended = Start("Extended walk", 1.82, 1.93);
    public static readonly Figure<StartValue> TrotCollected = Start("Collected trot", 3.20, 2.50);
    public static readonly Figure<StartValue> TrotWorking = Start("Working trot", 3.61, 2.73);
    public static readonly Figure<StartValue> TrotMedium = Start("Medium trot", 4.47, 3.26);
    public static readonly Figure<StartValue> TrotExtended = Start("Extended trot", 4.93, 3.55);
    public static readonly Figure<StartValue> CanterCollected = Start("Collected canter", 3.27, 2.00);
    public static readonly Figure<StartValue> CanterWorking = Start("Working canter", 3.91, 2.35);
    public static readonly Figure<StartValue> CanterMedium = Start("Medium canter", 4.90, 2.94);
    public static readonly Figure<StartValue> CanterExtended = Start("Extended canter", 5.97, 3.47);

    public static readonly Figure<StartValue> CanterCourse = Figure.Published(
        "Course canter",
        new StartValue(350.0 / 60, 12 * Distance.MetresPerFoot),
        "",
        "course-building convention: 350 m/min, stride of 12 ft"
    );

    public static readonly Figure<StartValue> CanterPoles = Figure.Practice("Canter over poles", new StartValue(5.00, 3.00), "");

    public static readonly Figure<double> HeightOfStartValues = Figure.Chosen(
        "Height the start values stand for",
        165.0,
        "cm",
        "an ordinary sport horse; the papers' horses were of about this size"
    );
    public static readonly Figure<double> HeightShare = Figure.Chosen(
        "Share of a difference in height that the stride has",
        0.7,
        "of it",
        "fits the usual canter strides of 10, 10.5 and 11 ft of ponies of 128, 138 and 148 cm beside the 12 ft of a horse"
    );

    public static readonly Figure<double> StartSpread = Figure.Chosen(
        "Spread of a start value",
        0.10,
        "of the stride",
        "a horse nobody has measured may well be a tenth longer or shorter than its height suggests"
    );
    public static readonly Figure<double> StrideVariation = Figure.Chosen(
        "Variation of one measured strip",
        0.03,
        "of the stride",
        "horses in hand repeat their stride to within a few hundredths"
    );
    public static readonly Figure<double> CountingError = Figure.Chosen(
        "Counting error at each strip",
        0.25,
        "stride",
        "the line is seldom met at the start of a stride: up to a quarter either way"
    );

    public static readonly Figure<DistanceRange> BelievableWalk = Believable("walk", 1.00, 2.60);
    public static readonly Figure<DistanceRange> BelievableTrot = Believable("trot", 1.40, 4.50);
    public static readonly Figure<DistanceRange> BelievableCanter = Believable("canter", 1.40, 5.50);

    public static readonly Figure<double> SlowestWalk = Figure.Chosen(
        "Slowest believable walk",
        0.6,
        "m/s",
        "slower than that the horse stood still on the way; outside it the watch or the strip is wrong"
    );
    public static readonly Figure<double> FastestWalk = Fastest("walk", 2.6);
    public static readonly Figure<double> FastestTrot = Fastest("trot", 7.5);
    public static readonly Figure<double> FastestCanter = Fastest("canter", 11.0);

    public static Figure<StartValue> StartOf(GaitVariant variant) =>
        variant switch
        {
            GaitVariant.WalkCollected => WalkCollected,
            GaitVariant.WalkMedium => WalkMedium,
            GaitVariant.WalkExtended => WalkExtended,
            GaitVariant.TrotCollected => TrotCollected,
            GaitVariant.TrotWorking => TrotWorking,
            GaitVariant.TrotMedium => TrotMedium,
            GaitVariant.TrotExtended => TrotExtended,
            GaitVariant.CanterCollected => CanterCollected,
            GaitVariant.CanterWorking => CanterWorking,
            GaitVariant.CanterMedium => CanterMedium,
            GaitVariant.CanterExtended => CanterExtended,
            GaitVariant.CanterPoles => CanterPoles,
            _ => CanterCourse,
        };

    public static DistanceRange BelievableStride(Gait gait) =>
        gait switch
        {
            Gait.Walk => BelievableWalk.Value,
            Gait.Trot => BelievableTrot.Value,
            _ => BelievableCanter.Value,
        };

    public static double BelievableSpeed(Gait gait) =>
        gait switch
        {
            Gait.Walk => FastestWalk.Value,
            Gait.Trot => FastestTrot.Value,
            _ => FastestCanter.Value,
        };

    private static Figure<StartValue> Start(string name, double speed, double stride) =>
        Figure.Published(name, new StartValue(speed, stride), "", Clayton);

    private static Figure<DistanceRange> Believable(string gait, double shortest, double longest) =>
        Figure.Chosen(
            $"Believable stride in {gait}",
            DistanceRange.Metres(shortest, longest),
            "",
            "from a small pony's shortest to a big mover's longest; outside it somebody miscounted"
        );

    private static Figure<double> Fastest(string gait, double metresPerSecond) =>
        Figure.Chosen(
            $"Fastest believable {gait}",
            metresPerSecond,
            "m/s",
            "faster than any sport horse schools; outside it the watch or the strip is wrong"
        );
}
