using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Exercises;

/// <summary>Where an exercise is ridden, from the largest line to the smallest.</summary>
public enum RiddenFigure
{
    OpenGround,
    WholeSchool,
    LongSide,
    CentreLine,
    QuarterLine,
    Diagonal,
    Serpentine,
    Circle20,
    Circle15,
    Circle10,
    OnTheSpot,
}

/// <summary>How much of it: minutes, or efforts over fences; one of the two.</summary>
public sealed record Dose
{
    private Dose(double? minutes, int? efforts) => (Minutes, Efforts) = (minutes, efforts);

    public double? Minutes { get; }

    public int? Efforts { get; }

    /// <exception cref="ArgumentOutOfRangeException">Nothing, or more than an hour.</exception>
    public static Dose OfMinutes(double minutes) =>
        minutes is > 0 and <= 60 ? new Dose(minutes, null) : throw new ArgumentOutOfRangeException(nameof(minutes));

    /// <exception cref="ArgumentOutOfRangeException">None, or more than any horse is asked for.</exception>
    public static Dose OfEfforts(int efforts) =>
        efforts is > 0 and <= 40 ? new Dose(null, efforts) : throw new ArgumentOutOfRangeException(nameof(efforts));
}

/// <summary>A way to ride a rung.</summary>
/// <param name="Id">The rung's id and its own name: <c>poles/trot-poles/four-on-the-quarter-line</c>.</param>
/// <param name="RungId">The rung it belongs to.</param>
/// <param name="Name">What it is called.</param>
/// <param name="How">How it is ridden.</param>
/// <param name="Gait">The gait most of it is in.</param>
/// <param name="Figure">Where it is ridden.</param>
/// <param name="Repetitions">How often, both reins together.</param>
/// <param name="Dose">Minutes or efforts.</param>
/// <param name="Poles">How many poles it takes.</param>
/// <param name="StepsBeforeRest">Steps asked before the rest, where there is one.</param>
/// <param name="SetUp">The set-up it builds, where one of the families can.</param>
public sealed record Exercise(
    string Id,
    string RungId,
    string Name,
    string How,
    Gait Gait,
    RiddenFigure Figure,
    int Repetitions,
    Dose Dose,
    int? Poles = null,
    int? StepsBeforeRest = null,
    SetUpEntry? SetUp = null
)
{
    /// <summary>Height of its fences in metres, where no set-up says it; null where it goes with the horse.</summary>
    public double? HeightMetres { get; init; }
}
