using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Horses;

/// <summary>What a rest asks of the first weeks back. After injury or illness the vet's plan takes its place.</summary>
public static class TimeOff
{
    public static readonly Figure<int> RestFrom = Figure.Chosen(
        "A rest begins at",
        2,
        "weeks off",
        "a week's holiday asks for a light week and nothing more"
    );
    public static readonly Figure<int> TwoWalkWeeks = Figure.Chosen(
        "Walk only after a rest of two to five weeks",
        2,
        "weeks",
        "tissue hardens slower than memory returns"
    );
    public static readonly Figure<int> ThreeWalkWeeks = Figure.Chosen(
        "Walk only after a rest of six to eleven weeks",
        3,
        "weeks",
        "tissue hardens slower than memory returns"
    );
    public static readonly Figure<int> FourWalkWeeks = Figure.Chosen(
        "Walk only after a rest of twelve weeks or more",
        4,
        "weeks",
        "tissue hardens slower than memory returns"
    );
    public static readonly Figure<int> WalkMinutesMore = Figure.Practice(
        "Walk under saddle in the first week, and more each week",
        10,
        "minutes a day"
    );
    public static readonly Figure<int> CanterAfterTrot = Figure.Chosen(
        "Canter at the earliest after trot began",
        2,
        "weeks",
        "one gait's load at a time"
    );
    public static readonly Figure<int> WalkMinutesMost = Figure.Chosen(
        "The walk time of a return goes on to",
        40,
        "minutes a day",
        "two walk weeks must not leave a horse at twenty minutes for months"
    );
    public static readonly Figure<int> RampFrom = Figure.Practice("A return ramp begins at", 14, "days off");
    public static readonly Figure<int> LongRest = Figure.Chosen(
        "A long break from jumping",
        12,
        "weeks off",
        "by then the jumping muscle has gone and starts again on the first rung"
    );

    /// <summary>Weeks off as the table counts them: a begun week is a week.</summary>
    public static int Weeks(int daysOff) => (daysOff + 6) / 7;

    /// <summary>The walk weeks that a rest of so many weeks asks for.</summary>
    public static Figure<int>? WalkWeeks(int weeksOff) =>
        weeksOff switch
        {
            < 2 => null,
            < 6 => TwoWalkWeeks,
            < 12 => ThreeWalkWeeks,
            _ => FourWalkWeeks,
        };

    /// <summary>The first day a gait may be asked for when work began again on a day; null where nothing waits.</summary>
    public static DateOnly? OpensOn(Gait gait, int weeksOff, DateOnly began) =>
        (WalkWeeks(weeksOff), gait) switch
        {
            (null, _) or (_, Gait.Walk or Gait.Halt or Gait.ReinBack) => null,
            ({ } weeks, Gait.Trot) => began.AddDays(7 * weeks.Value),
            ({ } weeks, _) => began.AddDays(7 * (weeks.Value + CanterAfterTrot.Value)),
        };
}
