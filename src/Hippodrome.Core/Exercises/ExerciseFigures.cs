using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Exercises;

/// <summary>The figures behind the ladders. Those the trade does not name are chosen, each for its reason.</summary>
public static class ExerciseFigures
{
    public static readonly Figure<int> SessionsToGoUp = Figure.Chosen(
        "Good sessions before going up a rung",
        2,
        "sessions",
        "one repeat tells skill from luck"
    );
    public static readonly Figure<int> SessionsForChanges = Figure.Chosen(
        "Good sessions before going up among changes",
        4,
        "sessions",
        "a change that was found twice is soon lost again; the habit has to be older than the excitement"
    );
    public static readonly Figure<int> SessionsForNarrow = Figure.Chosen(
        "Good sessions before a narrower fence",
        3,
        "sessions",
        "a narrow fence is about trust, and trust takes several sessions and not one"
    );

    public static readonly Figure<int> PatienceFrom = Figure.Chosen(
        "How long a rung took is told from",
        3,
        "horses of the yard",
        "one or two horses are no range"
    );

    public static readonly Figure<double> CleanPasses = Figure.Chosen(
        "Passes over poles that are clean, at least",
        0.8,
        "of the passes",
        "a touch in five still teaches; more says that the question is too hard"
    );
    public static readonly Figure<double> ClearEfforts = Figure.Chosen(
        "Efforts that are straight and clear, at least",
        0.9,
        "of the efforts",
        "one in ten is a rub that teaches; two are a habit"
    );

    public static readonly Figure<int> FromYearling = Figure.Chosen(
        "Leading and manners, youngest age",
        1,
        "years",
        "a foal that is led well is a horse that is led well; minutes only"
    );
    public static readonly Figure<int> FromTwo = Figure.Chosen(
        "Poles in hand, youngest age",
        2,
        "years",
        "stepping over a pole in walk loads no joint"
    );
    public static readonly Figure<int> FromFour = Figure.Chosen(
        "Lungeing, long lines and first riding, youngest age",
        4,
        "years",
        "before that the body is not ready to circle or to carry"
    );
    public static readonly Figure<int> FromFive = Figure.Chosen(
        "Small fences, lengthening and lateral work, youngest age",
        5,
        "years",
        "a year under saddle first; growth plates of the back are still closing"
    );
    public static readonly Figure<int> FromSix = Figure.Chosen(
        "Changes, collection and courses, youngest age",
        6,
        "years",
        "carrying behind asks for a grown back"
    );
    public static readonly Figure<int> FromSeven = Figure.Chosen(
        "Changes in sequence and pirouettes, youngest age",
        7,
        "years",
        "strength and balance of a grown horse"
    );
    public static readonly Figure<int> FromEight = Figure.Chosen(
        "Piaffe, passage and changes at every stride, youngest age",
        8,
        "years",
        "the end of the ladder; nobody is in a hurry there"
    );

    public static readonly Figure<double> CrossPoleHeight = Figure.Chosen(
        "Fences on the cross-pole rung, at most",
        0.50,
        "m",
        "no more than a large trot step"
    );
    public static readonly Figure<double> LandInCanterHeight = Figure.Chosen(
        "Fences on the landing rung, at most",
        0.60,
        "m",
        "the landing is the question, not the fence"
    );
    public static readonly Figure<double> SmallHeight = Figure.Chosen(
        "Small single fences, and fences of grids and narrow ones that need no rung of height, at most",
        0.80,
        "m",
        "jumped out of the rhythm without an effort"
    );
    public static readonly Figure<double> RelatedHeight = Figure.Chosen(
        "Fences on related lines that are learned, at most",
        1.00,
        "m",
        "the count is the question"
    );
    public static readonly Figure<double> TurnsHeight = Figure.Chosen(
        "Fences on leads and turns, at most",
        1.10,
        "m",
        "track before height"
    );

    public static readonly Figure<int> TwiceAWeek = Figure.Practice("Poles in hand and for the green, most in seven days", 2, "sessions");
    public static readonly Figure<int> ThriceAWeek = Figure.Chosen(
        "Poles and new flatwork, most in seven days",
        3,
        "sessions",
        "muscle that was asked something new needs the day after"
    );
    public static readonly Figure<int> JumpDays = Figure.Chosen(
        "Fences and grids, most in seven days",
        2,
        "sessions",
        "legs need the days between, and a third day is kept for the competition"
    );
    public static readonly Figure<int> FastDays = Figure.Practice("Canter sets and speed, most in seven days", 2, "sessions");
}
