using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>The figures that blocks of weeks are planned by. Growth and the lighter week's limit are in <see cref="Conditioning.LoadFigures"/>.</summary>
public static class BlockFigures
{
    public static readonly Figure<int> LongestBlock = Figure.Chosen(
        "Longest block",
        26,
        "weeks",
        "half a year; beyond that nobody knows the horse that far ahead"
    );
    public static readonly Figure<int> DayOff = Figure.Practice("Days off in a week, turned out, at least", 1, "day");
    public static readonly Figure<int> EasyDay = Figure.Practice("Easy days in a week, at least", 1, "day");
    public static readonly Figure<int> FourthWeek = Figure.Practice("A lighter week comes every", 4, "th week");
    public static readonly Figure<double> FourthWeekDrop = Figure.Practice("The lighter week drops by", 0.25, "of the week before");
    public static readonly Figure<int> FastEvery = Figure.Practice("Fast work at most every", 3, "rd day");
    public static readonly Figure<int> MostMinutes = Figure.Chosen(
        "A session on average, at most",
        60,
        "minutes",
        "an hour with walk at both ends; a longer hack counts as it is ridden"
    );
    public static readonly Figure<int> LeastMinutes = Figure.Chosen(
        "A ridden session of a week on average, at least",
        25,
        "minutes",
        "shorter than that there is no room for walk at both ends; fewer sessions then"
    );
    public static readonly Figure<double> ShareStep = Figure.Chosen(
        "A gait's share of the week moves in a week by at most",
        0.02,
        "of the minutes",
        "the mix of gaits changes more slowly than their sum"
    );
    public static readonly Figure<double> MostOfOneStrand = Figure.Chosen(
        "Sessions of a week on one strand, at most",
        0.5,
        "of the sessions",
        "an all-rounder first"
    );
    public static readonly Figure<double> VarietyWeight = Figure.Chosen(
        "Flat, poles, grids and hacking each count in a young horse's mix at least",
        0.5,
        "",
        "about once a fortnight in a week of five sessions"
    );
    public static readonly Figure<int> VarietyWithin = Figure.Practice(
        "A young horse sees flat, poles, jumping or hacking within",
        14,
        "days"
    );

    public static readonly Figure<string> RunInRange = Figure.Published(
        "Volume in the run-in falls by",
        "41 to 60",
        "per cent",
        "Bosquet et al. 2007, Medicine and Science in Sports and Exercise 39:1358-1365, meta-analysis of tapering in human athletes"
    );
    public static readonly Figure<double> RunInDrop = Figure.Chosen(
        "Volume in the run-in here falls by",
        0.50,
        "of the week before it",
        "the middle of the published range"
    );

    public static readonly Figure<int> BasePart = Figure.Chosen(
        "Building the base takes of the weeks before the run-in",
        40,
        "per cent",
        "what is put on slowly stays on"
    );
    public static readonly Figure<int> ClimbPart = Figure.Chosen(
        "Climbing takes of the weeks before the run-in",
        40,
        "per cent",
        "the rest is ridden at the level, so that the day is nothing new"
    );

    public static readonly Figure<int> CarryOnDays = Figure.Practice("Carry on after missed days, to", 2, "days");
    public static readonly Figure<int> RepeatLighterDays = Figure.Practice(
        "Repeat the last session lighter after missed days, to",
        6,
        "days"
    );
    public static readonly Figure<int> WeekBackDays = Figure.Practice("One rung and one week back after missed days, to", 13, "days");
    public static readonly Figure<double> Lighter = Figure.Chosen(
        "A lighter repeat drops by",
        0.20,
        "of its minutes",
        "the same cut as after a horse has tired"
    );
    public static readonly Figure<double> CutShort = Figure.Chosen(
        "A session counts as missed when ridden for less than",
        0.5,
        "of its minutes",
        "half a session is a warm-up and little more"
    );

    public static readonly Figure<int> TrotMinutesMore = Figure.Practice(
        "Trot or canter in a return, first and more each week",
        2,
        "minutes a session"
    );
    public static readonly Figure<int> ReturnDays = Figure.Practice("Walk days a week in a return, three or", 4, "days");
    public static readonly Figure<int> JumpAfterCanter = Figure.Chosen(
        "Jumping in a return once canter has been steady for",
        3,
        "weeks",
        "tendons are the last to harden"
    );

    public static readonly Figure<double> SetMinutesMore = Figure.Chosen(
        "A set grows in a week by",
        0.5,
        "minutes",
        "a tenth of the five minutes it begins with"
    );
    public static readonly Figure<double> LongestSet = Figure.Practice("A set grows to", 8.0, "minutes, then speed rises");
    public static readonly Figure<int> SpeedMore = Figure.Chosen(
        "Speed of the sets rises in a week by at most",
        20,
        "m/min",
        "a twentieth of 400; the level's speed is reached in the last weeks and not before"
    );
    public static readonly Figure<int> InHandSessions = Figure.Chosen(
        "Sessions in hand a week for a horse of three or under, at most",
        4,
        "sessions",
        "ten minutes, and a day to think it over"
    );

    public static readonly Figure<int> BetweenHorses = Figure.Chosen(
        "Between two horses of one rider",
        20,
        "minutes",
        "untack, lead, tack up"
    );
    public static readonly Figure<int> SlackOfRungs = Figure.Chosen(
        "A rung is expected to take, times its good sessions",
        2,
        "times",
        "half the sessions are for practice and weather"
    );
}
