using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Assessments;

/// <summary>The figures behind what an assessment ride says.</summary>
public static class AssessmentFigures
{
    public static readonly Figure<double> Differs = Figure.Chosen(
        "Left and right differ from",
        0.5,
        "marks",
        "the smallest step a mark can take"
    );
    public static readonly Figure<double> MostWeight = Figure.Chosen(
        "A difference between reins weighs at most",
        2.0,
        "marks",
        "one bad item on one rein must not outvote the rest of the ride"
    );
    public static readonly Figure<double> ChipWeight = Figure.Chosen(
        "A chip weighs as much as",
        0.5,
        "marks",
        "something felt counts, and less than a mark given"
    );
    public static readonly Figure<double> DepartWeight = Figure.Chosen(
        "A late or wrong depart weighs as much as",
        1.0,
        "marks",
        "of all that is felt in canter it says most about the hind that starts it"
    );
    public static readonly Figure<double> ClearShare = Figure.Chosen(
        "A side is clear when the other has less than a quarter of the weight: difference over sum at least",
        0.6,
        "",
        "three pieces of evidence to one, with weight"
    );
    public static readonly Figure<int> ClearVotes = Figure.Chosen("A side is clear from", 3, "pieces of evidence", "two can be the day");
    public static readonly Figure<double> LikelyShare = Figure.Chosen(
        "A side is likely when difference over sum is at least",
        0.3,
        "",
        "about two to one; below that the evidence contradicts itself"
    );
    public static readonly Figure<double> WellEnough = Figure.Chosen(
        "Done well enough to start there",
        6.0,
        "marks",
        "satisfactory: the horse has the idea and can be shown the rest"
    );
    public static readonly Figure<double> Known = Figure.Chosen(
        "Known already",
        7.0,
        "marks",
        "fairly good without being schooled to it today"
    );
    public static readonly Figure<double> UnsteadyFrom = Figure.Chosen(
        "Tempo is unsteady when lost in more than",
        0.25,
        "of what was trotted and cantered",
        "one corner is a corner, one in four is a habit"
    );
    public static readonly Figure<double> BelowTiring = Figure.Chosen(
        "First weeks stay under the minute it tired by",
        0.20,
        "of the minutes",
        "stop before the horse tires"
    );
    public static readonly Figure<double> AfterFailedTest = Figure.Chosen(
        "First weeks are shorter after a failed dropped rein by",
        0.20,
        "of the minutes",
        "what was asked was too much"
    );
    public static readonly Figure<int> FirstSessions = Figure.Practice("Sessions in each of the first two weeks", 4, "sessions");
    public static readonly Figure<int> LongestFirst = Figure.Chosen(
        "Longest session of the first two weeks",
        45,
        "minutes",
        "a new horse is read before it is worked"
    );
    public static readonly Figure<int> ShortestFirst = Figure.Chosen(
        "Shortest session of the first two weeks",
        10,
        "minutes",
        "less is a walk in hand"
    );
    public static readonly Figure<double> WeeklyGrowth = Figure.Practice("Weekly minutes grow at most", 0.10, "of the week before");
    public static readonly Figure<int> UnfitSessions = Figure.Chosen(
        "Sessions in each of the first two weeks of a horse that tires early",
        5,
        "sessions",
        "short and often builds what long and seldom breaks"
    );
    public static readonly Figure<int> LeastWork = Figure.Chosen(
        "Least work of a session of the first two weeks",
        2,
        "minutes",
        "a few steps of trot: less is a walk"
    );
    public static readonly Figure<int> AgainAfter = Figure.Chosen(
        "An assessment is ridden again after",
        56,
        "days",
        "eight weeks: long enough for a side or a back to have changed"
    );
    public static readonly Figure<int> NewFor = Figure.Chosen(
        "A horse counts as new for",
        28,
        "days",
        "by then its rides have said what the sheet would"
    );
    public static readonly Figure<int> TiresEarly = Figure.Chosen(
        "Tires early before minute",
        20,
        "",
        "the walk first and a little trot are all it has"
    );
}
