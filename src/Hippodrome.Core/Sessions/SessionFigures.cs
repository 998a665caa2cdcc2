using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <summary>The figures a session is checked against.</summary>
public static class SessionFigures
{
    public static readonly Figure<int> WalkFirst = Figure.Practice("Walk first, at least", 7, "minutes");
    public static readonly Figure<int> WalkFirstFrom15 = Figure.Chosen(
        "Walk first from age 15",
        10,
        "minutes",
        "older joints take longer to warm"
    );
    public static readonly Figure<int> WalkFirstFrom18 = Figure.Chosen(
        "Walk first from age 18",
        12,
        "minutes",
        "older joints take longer to warm"
    );
    public static readonly Figure<int> ColdWalkMore = Figure.Chosen(
        "More walk in the cold",
        3,
        "minutes",
        "cold muscle takes longer to warm"
    );
    public static readonly Figure<double> Cold = Figure.Chosen("Cold is under", 5.0, "°C", "a winter morning in an open arena");
    public static readonly Figure<int> WalkLast = Figure.Practice("Walk on a long rein at the end, at least", 5, "minutes");
    public static readonly Figure<int> ShortSession = Figure.Chosen(
        "Walk rules hold for ridden sessions over",
        20,
        "minutes",
        "on a short first day led walk counts"
    );
    public static readonly Figure<int> NewWorkWithin = Figure.Practice(
        "New work within the last minutes before the cool-down",
        15,
        "minutes"
    );
    public static readonly Figure<double> OneReinAtMost = Figure.Chosen(
        "Most of the work on one rein",
        0.60,
        "of the work",
        "more makes the easy side easier and the other no better"
    );
    public static readonly Figure<int> InHandOnlyTo = Figure.Chosen(
        "In hand only up to age",
        3,
        "years",
        "the body is not ready to carry or to circle; ask your vet when it is"
    );
    public static readonly Figure<int> InHandMinutes = Figure.Chosen(
        "Longest session up to age 3",
        10,
        "minutes",
        "attention and joints tire before the lesson does"
    );
    public static readonly Figure<int> YoungPolesUnder = Figure.Chosen("Poles are rationed under age", 5, "years", "growing joints");
    public static readonly Figure<int> YoungPolesPerWeek = Figure.Chosen(
        "Pole sessions in seven days for a young horse",
        2,
        "sessions",
        "growing joints"
    );
    public static readonly Figure<int> LightDay = Figure.Chosen(
        "A light day after a hold was cleared, at most",
        30,
        "minutes",
        "long enough to see that it stays sound, too short to undo it"
    );
    public static readonly Figure<int> FenceDaysPerWeek = Figure.Chosen("Jumping days in seven", 3, "days", "legs need the days between");

    public static readonly Figure<double> MinutesPerGo = Figure.Chosen(
        "One go over poles, through a grid or round a figure takes about",
        1.0,
        "minutes",
        "the turn to it, the line, and a breath after it"
    );
    public static readonly Figure<int> LongestInHand = Figure.Chosen(
        "Longest session in hand from age 4",
        20,
        "minutes",
        "attention tires before legs do"
    );
    public static readonly Figure<int> RebuildsAlone = Figure.Chosen(
        "Rebuilding between two set-ups of a session with nobody on the ground, at most",
        1,
        "times",
        "a rider alone dismounts once and not twice"
    );
    public static readonly Figure<int> BetweenReinsOnTheLunge = Figure.Chosen(
        "Walk and stretch between the reins on the lunge",
        2,
        "minutes",
        "long enough to loosen an aid and to look at both sides"
    );
    public static readonly Figure<double> FirstFence = Figure.Chosen(
        "A first cross-pole in its middle",
        0.40,
        "m",
        "low enough to be stepped over"
    );
    public static readonly Figure<int> FreeFirst = Figure.Chosen(
        "Free trot or canter before it is collected, at least",
        3,
        "minutes",
        "two rounds of an arena on each rein"
    );
    public static readonly Figure<int> SitsFrom = Figure.Chosen(
        "A young horse's canter is ridden in a light seat under age",
        6,
        "years",
        "the back is left free while it is being made"
    );
    public static readonly Figure<int> InHandPoles = Figure.Practice("Poles in hand with a green horse, at most", 5, "minutes");
    public static readonly Figure<int> ReturnBout = Figure.Practice("A bout of trot in a return", 20, "seconds");
    public static readonly Figure<int> ShortFirstDay = Figure.Practice("A short first day back lasts under", 20, "minutes in all");
    public static readonly Figure<int> ShortFirstLoose = Figure.Practice("Loose work in a short first day, under", 3, "minutes");
    public static readonly Figure<int> ShortFirstRidden = Figure.Practice("Ridden work in a short first day, under", 5, "minutes");
    public static readonly Figure<int> SameReinRunning = Figure.Practice("Sessions running that begin on the same rein", 3, "sessions");
    public static readonly Figure<int> VarietyTo = Figure.Chosen(
        "Variety is asked of horses to age",
        6,
        "years",
        "flat, poles, jumping and hacking while the body is made"
    );
    public static readonly Figure<int> VarietyDays = Figure.Practice("A young horse sees another kind of work within", 14, "days");
    public static readonly Figure<int> VarietySessions = Figure.Chosen(
        "Variety is asked after so many sessions",
        5,
        "sessions",
        "fewer in two weeks say nothing yet"
    );
    public static readonly Figure<int> SameLayoutRunning = Figure.Practice("The same layout is tired of in the", 3, "rd session running");
    public static readonly Figure<int> DayBeforeEfforts = Figure.Chosen(
        "The day before a competition, at most",
        20,
        "efforts, counted",
        "a six-stage grid once or twice through, all of it small"
    );
    public static readonly Figure<double> HalfEffortUnder = Figure.Chosen(
        "Fences count half under",
        0.50,
        "m",
        "they are stepped over more than jumped; so does the second of a bounce"
    );

    public static readonly Figure<int> StagedFrom = Figure.Practice("A grid is built up in stages from", 3, "fences");
    public static readonly Figure<double> UnderCompetition = Figure.Practice(
        "The day before a competition fences stay under its height by",
        0.20,
        "m"
    );
    public static readonly Figure<double> OverCompetition = Figure.Practice(
        "Training at home goes over the height of the competition, for an established horse, by at most",
        0.10,
        "m"
    );
    public static readonly Figure<double> LimitGreen = Figure.Chosen(
        "Highest fence for a green horse",
        0.80,
        "m",
        "what can be jumped out of the rhythm; higher once it is placed higher"
    );
    public static readonly Figure<double> LimitNovice = Figure.Chosen(
        "Highest fence for a novice horse",
        1.10,
        "m",
        "a novice course across country in the national scheme"
    );
    public static readonly Figure<double> LimitEstablished = Figure.Chosen(
        "Highest fence for an established horse with no competition entered",
        1.30,
        "m",
        "a competition entered says more than this"
    );

    /// <summary>Highest fence by how far the horse has come.</summary>
    public static Figure<double> HighestFence(Experience experience) =>
        experience switch
        {
            Experience.Green => LimitGreen,
            Experience.Novice => LimitNovice,
            _ => LimitEstablished,
        };

    public static readonly Figure<double> FirstCanterAfterHold = Figure.Chosen(
        "Canter on the long lines from the second day after a hold, at most",
        2.0,
        "minutes",
        "a little, where the tempo holds: a round or two each way"
    );
    public static readonly Figure<double> FirstSaddleAfterHold = Figure.Chosen(
        "The first time in the saddle after a hold, at most",
        10.0,
        "minutes",
        "short and in walk: the first walk day of a return"
    );
    public static readonly Figure<int> CalmSits = Figure.Chosen(
        "Calm sits in walk both ways before a few steps of trot",
        4,
        "sits",
        "a rider has to be no surprise before anything is asked"
    );
    public static readonly Figure<int> FirstSit = Figure.Practice("A first sit lasts at most", 5, "minutes");
    public static readonly Figure<int> FirstMonthSession = Figure.Practice(
        "A session in the first month under saddle, at most",
        20,
        "minutes in all"
    );
    public static readonly Figure<int> YoungStepsBack = Figure.Practice("Steps back at a time up to age 3, at most", 3, "steps");
    public static readonly Figure<int> FirstFencesAge = Figure.Chosen(
        "First small fences, with a remark, at age",
        4,
        "years",
        "ridden and going well: empty wings, one raised end, a cross-pole from trot"
    );
    public static readonly Figure<double> MarkHoped = Figure.Chosen(
        "The mark hoped for where nobody says another",
        6.5,
        "",
        "better than satisfactory, and short of what goes up a rung"
    );
    public static readonly Figure<double> YoungBudget = Figure.Chosen(
        "Fences at that age, of a green horse's budget",
        0.5,
        "",
        "half, and once a week"
    );
    public static readonly Figure<int> YoungTo = Figure.Chosen(
        "Rungs above the second are not skipped to under age",
        6,
        "years",
        "the body is still being made"
    );

    public static readonly Figure<int> ChangesAsked = Figure.Chosen(
        "Flying changes asked in a session while single ones are learned, at most",
        4,
        "askings",
        "one or two good ones are found in four, or another day"
    );
    public static readonly Figure<double> ChangesShare = Figure.Chosen(
        "Flying changes while they are learned, at most",
        0.5,
        "of the work",
        "never most of a session"
    );
    public static readonly Figure<int> ChangesRest = Figure.Practice(
        "Flying changes again after they boiled over, at the earliest",
        2,
        "days on"
    );
    public static readonly Figure<double> ChangeFromCorner = Figure.Chosen(
        "Canter strides kept between a change and the corner",
        3.0,
        "strides",
        "straight before it and control after it"
    );

    public static readonly Figure<int> HotWork = Figure.Chosen(
        "Trot and canter on a day that halves the work, at most",
        15,
        "minutes",
        "half of what an ordinary session works"
    );

    /// <summary>Fences in a session, least and most, by how far the horse has come.</summary>
    public static Figure<int> MostEfforts(Experience experience) =>
        experience switch
        {
            Experience.Green => MostEffortsGreen,
            Experience.Novice => MostEffortsNovice,
            _ => MostEffortsEstablished,
        };

    public static readonly Figure<int> MostEffortsGreen = Figure.Chosen(
        "Efforts in a session for a green horse, at most",
        15,
        "efforts, counted",
        "from common practice: 8 to 15"
    );
    public static readonly Figure<int> MostEffortsNovice = Figure.Chosen(
        "Efforts in a session for a novice horse, at most",
        25,
        "efforts, counted",
        "from common practice: 15 to 25"
    );
    public static readonly Figure<int> MostEffortsEstablished = Figure.Chosen(
        "Efforts in a session for an established horse, at most",
        40,
        "efforts, counted",
        "from common practice: 25 to 40"
    );

    public static readonly Figure<double> ExertionOfWalk = Figure.Chosen(
        "Exertion expected of walk",
        1.0,
        "of 10",
        "very light on the category-ratio scale"
    );
    public static readonly Figure<double> ExertionOfTrot = Figure.Chosen(
        "Exertion expected of trot",
        3.0,
        "of 10",
        "moderate on the category-ratio scale"
    );
    public static readonly Figure<double> ExertionOfCanter = Figure.Chosen(
        "Exertion expected of canter",
        5.0,
        "of 10",
        "hard on the category-ratio scale"
    );
    public static readonly Figure<double> ExertionOfGallop = Figure.Chosen(
        "Exertion expected of gallop",
        8.0,
        "of 10",
        "between very hard and the most there is"
    );
}
