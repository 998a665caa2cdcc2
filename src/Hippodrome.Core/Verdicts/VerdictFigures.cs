using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Verdicts;

/// <summary>The thresholds of the rules.</summary>
public static class VerdictFigures
{
    public static readonly Figure<double> RegularKnocks = Figure.Chosen(
        "Knocks are regular from",
        0.3,
        "of the poles crossed",
        "one pole in ten teaches; three in ten is a pattern"
    );
    public static readonly Figure<int> SameLegDays = Figure.Chosen(
        "Touches told by leg are looked at over",
        28,
        "days",
        "long enough for a pattern, short enough to be this horse as it is"
    );
    public static readonly Figure<int> SameLegTouches = Figure.Chosen(
        "The same leg speaks over rides from",
        6,
        "touches told by leg",
        "fewer say nothing about one of four legs"
    );
    public static readonly Figure<int> SameLegRides = Figure.Chosen(
        "The same leg speaks over",
        2,
        "rides or more",
        "one day may be the day"
    );
    public static readonly Figure<int> SameLegInOne = Figure.Chosen(
        "The same leg speaks in one ride from",
        4,
        "touches told by leg",
        "enough to stop the poles for the day"
    );
    public static readonly Figure<double> SameLegShare = Figure.Chosen(
        "The same leg has of the touches at least",
        0.75,
        "",
        "three in four by one of four legs is no chance"
    );
    public static readonly Figure<double> LeastFastMinutes = Figure.Chosen(
        "Quickening may be tiredness once trot and canter exceed at least",
        20.0,
        "minutes",
        "under that a sound horse quickens for other reasons"
    );
    public static readonly Figure<int> FastRides = Figure.Chosen(
        "What it usually trots and canters is the median of its last",
        5,
        "rides",
        "one long day does not make it fit"
    );
    public static readonly Figure<int> HabitFrom = Figure.Chosen(
        "What was short in a ride is told from the",
        3,
        "rd time on",
        "once is an accident, three times is a habit"
    );
    public static readonly Figure<int> HabitRides = Figure.Chosen(
        "Habits of riding are looked for in the last",
        6,
        "rides tapped at the rail",
        "about a week of work"
    );
    public static readonly Figure<int> KnockSessions = Figure.Chosen(
        "Regular knocks refer after",
        3,
        "sessions running",
        "one bad day is a bad day"
    );
    public static readonly Figure<int> LookedThrough = Figure.Chosen(
        "Sessions over poles are looked for in the last",
        6,
        "rides",
        "about a week of work; poles of a month ago say little of today"
    );
    public static readonly Figure<int> OneSidedTouches = Figure.Chosen(
        "Touches on one rein only speak from",
        4,
        "touches",
        "four on one side and none on the other is unlikely by chance (1 in 8)"
    );
    public static readonly Figure<double> LongerBy = Figure.Practice("Lengthen for a horse that scrambles (1 ft)", 0.30, "m");
    public static readonly Figure<double> ShorterBy = Figure.Practice("Shorten for a horse that flies and gets flat", 0.15, "m");
    public static readonly Figure<double> GoodMark = Figure.Chosen(
        "Effortless from a mark of",
        7.0,
        "",
        "fairly good on both reins: the horse does it without being carried"
    );
    public static readonly Figure<int> CalmTension = Figure.Practice("Calm up to a tension of", 2, "");
    public static readonly Figure<double> PoorMark = Figure.Chosen(
        "Too much under a mark of",
        5.0,
        "",
        "less than marginal: it does not understand yet, or cannot"
    );
    public static readonly Figure<int> RunningSessions = Figure.Chosen(
        "Up or back after",
        2,
        "sessions running",
        "one repeat tells skill from luck"
    );
    public static readonly Figure<int> EveryTimeMarks = Figure.Chosen(
        "There every time: the last marks on each rein",
        3,
        "marks",
        "three running are no luck"
    );
    public static readonly Figure<int> GoesAStage = Figure.Practice("Calm goes before the next stage: one, and one repeat", 2, "goes");
    public static readonly Figure<int> CarefulGoes = Figure.Chosen(
        "A rider marked careful repeats before a harder step, more often by",
        1,
        "go",
        "confidence of two grows slower than of one"
    );
    public static readonly Figure<int> TackEvery = Figure.Chosen(
        "Rig and tack are looked at in full every",
        7,
        "days",
        "leather stretches and a back changes; every day would be tapped blindly"
    );
    public static readonly Figure<double> AloneShare = Figure.Chosen(
        "A ride is good for a movement when of its askings were answered alone",
        0.7,
        "",
        "the rest is learning; nine in ten is asked only before it is called confirmed"
    );
    public static readonly Figure<int> HindExercises = Figure.Practice("One hind leg is one finding from", 3, "different exercises");
    public static readonly Figure<int> RepeatsDays = Figure.Chosen(
        "What repeats is looked for in the last",
        84,
        "days",
        "twelve weeks: long enough for a saddle or a shoe to show"
    );
    public static readonly Figure<int> HindRides = Figure.Chosen(
        "One hind leg is looked for in the last",
        8,
        "rides",
        "two weeks of a horse in work"
    );
    public static readonly Figure<int> RepeatsFrom = Figure.Chosen(
        "Something repeats from",
        2,
        "rides on different days",
        "once is chance; twice is looked at"
    );
    public static readonly Figure<int> RepeatRides = Figure.Chosen(
        "A verdict names what was seen in others of the last",
        8,
        "rides",
        "two weeks of a horse in work"
    );
    public static readonly Figure<int> RepeatsShown = Figure.Chosen(
        "A horse's own repeats among the first signs at the rail, at most",
        3,
        "signs",
        "the work of the day needs room as well"
    );
    public static readonly Figure<int> RepeatedGoes = Figure.Practice("Climbed by repeats from", 4, "clean goes in one session");
    public static readonly Figure<double> CutWhenTired = Figure.Chosen(
        "Cut of the work after a tired ride",
        0.20,
        "of the minutes",
        "stop earlier next time, before the horse tires"
    );
    public static readonly Figure<double> WalkDay = Figure.Chosen(
        "A day of walk only, at most",
        30.0,
        "minutes",
        "enough to move, too little to tire"
    );
    public static readonly Figure<int> BetterRides = Figure.Chosen(
        "Better is measured against the last",
        3,
        "rides that tell of it",
        "one ride before may have been a bad day"
    );
    public static readonly Figure<double> BetterMark = Figure.Chosen(
        "A mark has become better by",
        0.5,
        "",
        "half a mark is the least that is given"
    );
    public static readonly Figure<int> BetterPasses = Figure.Chosen("Clean passes are compared from", 4, "passes", "fewer are chance");
    public static readonly Figure<double> BetterShare = Figure.Chosen(
        "Clean passes have become more by",
        0.1,
        "of the passes",
        "one in ten is seen without counting"
    );
    public static readonly Figure<double> BetterTension = Figure.Chosen("Calmer by", 1.0, "of tension", "the least that is tapped");
    public static readonly Figure<double> BetterStops = Figure.Chosen(
        "No refusal, or a closing test passed, after",
        1.0,
        "time that it was not so",
        "one is told, and is worth telling that it is gone"
    );
    public static readonly Figure<int> ThenMonths = Figure.Chosen(
        "Then and now are apart by",
        3,
        "months",
        "long enough for a rung, short enough to be remembered"
    );
    public static readonly Figure<int> ThenMarkDays = Figure.Chosen(
        "Marks of then and of now are the mean of",
        28,
        "days",
        "one ride is a day, four weeks are the horse"
    );
    public static readonly Figure<int> BreakFrom = Figure.Practice("A break starts at", 7, "days without a ride");
}
