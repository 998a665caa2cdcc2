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
public sealed record Exercise
{
    /// <summary>The rung's id and its own name: <c>poles/trot-poles/four-on-the-quarter-line</c>.</summary>
    public required string Id { get; init; }

    /// <summary>The rung it belongs to.</summary>
    public required string RungId { get; init; }

    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>How it is ridden.</summary>
    public required string How { get; init; }

    /// <summary>The gait most of it is in.</summary>
    public required Gait Gait { get; init; }

    /// <summary>Where it is ridden.</summary>
    public required RiddenFigure Figure { get; init; }

    /// <summary>How often, both reins together.</summary>
    public required int Repetitions { get; init; }

    /// <summary>Minutes or efforts.</summary>
    public required Dose Dose { get; init; }

    /// <summary>How many poles it takes.</summary>
    public int? Poles { get; init; }

    /// <summary>Steps asked before the rest, where there is one.</summary>
    public int? StepsBeforeRest { get; init; }

    /// <summary>The set-up it builds, where one of the families can.</summary>
    public SetUpEntry? SetUp { get; init; }

    /// <summary>Height of its fences in metres, where no set-up says it; null where it goes with the horse.</summary>
    public double? HeightMetres { get; init; }
}
