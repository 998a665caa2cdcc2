using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Readiness;

/// <summary>The figures behind demands and readiness.</summary>
public static class ReadinessFigures
{
    public static readonly Figure<double> MarkWanted = Figure.Published(
        "Mark wanted of a movement where nobody says",
        6.0,
        "",
        "FEI dressage rules: 6 is satisfactory"
    );
    public static readonly Figure<int> Lately = Figure.Chosen(
        "Evidence is what was ridden in the last",
        28,
        "days",
        "four weeks: longer ago it may be gone"
    );
    public static readonly Figure<int> Remembered = Figure.Chosen(
        "Older evidence counts as nearly for",
        84,
        "days",
        "twelve weeks: the time over which a horse's pace of climbing is read"
    );
    public static readonly Figure<int> NearlyGood = Figure.Chosen(
        "Nearly: good of the last ten",
        5,
        "attempts",
        "every second one is a beginning"
    );
    public static readonly Figure<double> UnderHeight = Figure.Chosen(
        "A clear effort counts for a height from",
        0.10,
        "m under it",
        "one hole of the wings"
    );
    public static readonly Figure<double> NearlyUnder = Figure.Chosen(
        "Nearly there within",
        0.20,
        "m of a height",
        "two holes of the wings"
    );
    public static readonly Figure<int> ClearEfforts = Figure.Chosen(
        "Clear efforts of a day that stand for a clear course",
        8,
        "efforts",
        "as many as a small course has"
    );
    public static readonly Figure<int> DaysOfIt = Figure.Chosen("Days on which it was so", 2, "days", "once is luck");
    public static readonly Figure<double> ShareOfMinutes = Figure.Chosen(
        "Of a level's minutes, a session of sets comes to at least",
        0.5,
        "of them",
        "a gallop is never drilled to be counted"
    );
    public static readonly Figure<double> NearlyOfMinutes = Figure.Chosen(
        "Nearly, when a session of sets comes to",
        0.25,
        "of them",
        "half of what is asked of it"
    );
    public static readonly Figure<double> FirstFence = Figure.Chosen(
        "Height is counted from",
        0.40,
        "m",
        "a first cross-pole: a horse does not climb to it by the centimetre"
    );
    public static readonly Figure<double> HeightAWeek = Figure.Chosen(
        "Height climbs in a week by at most",
        0.05,
        "m",
        "half a hole: courage grows slower than fences"
    );
    public static readonly Figure<double> InTime = Figure.Chosen(
        "In time when it needs at most",
        0.75,
        "of the sessions there are",
        "a quarter is for the days that go wrong"
    );
    public static readonly Figure<int> AskedInASession = Figure.Chosen(
        "A movement nobody has asked yet is asked in a session",
        3,
        "times",
        "a few good ones and leave it"
    );
    public static readonly Figure<double> SetsGrow = Figure.Chosen(
        "A session of sets grows from week to week by",
        1.5,
        "minutes",
        "three sets, half a minute each"
    );
    public static readonly Figure<int> SessionsOfARung = Figure.Chosen(
        "Sessions to show a rung once it is reached",
        2,
        "sessions",
        "two sessions running, as a rung is climbed"
    );

    public static readonly Figure<string> DressageAsked = Figure.Published(
        "What the dressage levels ask",
        "movement by movement, see the levels",
        "",
        "national and FEI dressage tests, written down in November 2026; they change yearly"
    );
    public static readonly Figure<string> JumpingAsked = Figure.Published(
        "National jumping",
        "spreads from 10 cm over the height, related lines, fillers, a double from 0.80 m, a treble and a water tray from 1.00 m, 8 to 12 fences, 325 to 350 m/min under 1.10 m, 350 to 375 from there",
        "",
        "national jumping rules, written down in November 2026; they change yearly"
    );
    public static readonly Figure<string> EventingAsked = Figure.Published(
        "National eventing: mean length, heights, questions",
        "80 1750 m 0.80, 90 1900 m 0.90, 100 2200 m 1.00, Novice 2200 m 1.10, Intermediate 3010 m 1.15, Advanced 3600 m 1.20",
        "",
        "national eventing handbooks, written down in November 2026; they change yearly"
    );
}
