using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.DressageTests;

/// <summary>The figures behind dressage tests.</summary>
public static class TestFigures
{
    private const string Corners = "FEI dressage rules: a corner is a quarter of a circle of about 10 m, of about 6 m in collected gaits";

    public static readonly Figure<double> Turn = Figure.Published("Turn of a test where there is room, radius", 5.0, "m", Corners);

    public static readonly Figure<double> CollectedTurn = Figure.Published(
        "Narrowest turn in walk and collected gaits, radius",
        3.0,
        "m",
        Corners
    );

    public static readonly Figure<double> WorkingTurn = Figure.Published(
        "Narrowest turn in other gaits, radius",
        4.0,
        "m",
        "FEI dressage rules: voltes are of 6, 8 or 10 m; one of 8 m is the next above the collected one"
    );

    public static readonly Figure<double> Volte = Figure.Published(
        "Smallest circle of a test, diameter",
        6.0,
        "m",
        "FEI dressage rules: a volte"
    );

    public static readonly Figure<int> HaltSeconds = Figure.Published(
        "A halt is shown for at least",
        3,
        "seconds",
        "FEI dressage rules: the halt"
    );

    public static readonly Figure<double> StepBackSeconds = Figure.Chosen(
        "A step of rein-back takes about",
        1.0,
        "s",
        "a diagonal pair lifted and set down, slower than the walk"
    );

    public static readonly Figure<int> StridesToCollect = Figure.Chosen(
        "From longer strides to something collected, strides between for a horse that knows collected gaits",
        4,
        "strides",
        "one or two half-halts and the strides in which they come through"
    );

    public static readonly Figure<int> StridesToCollectGreen = Figure.Chosen(
        "The same for a horse that does not know them yet",
        8,
        "strides",
        "twice as many: it needs the half-halt more than once"
    );

    public static readonly Figure<int> StridesOfAGait = Figure.Chosen(
        "Strides of a gait between two transitions, at least",
        4,
        "strides",
        "under that the second is asked before the first has come through"
    );

    public static readonly Figure<int> StridesToBend = Figure.Chosen(
        "Strides between a bend one way and one the other, at least",
        2,
        "strides",
        "one to straighten and one to prepare"
    );

    public static readonly Figure<int> WholeOnceIn = Figure.Chosen(
        "The whole test at most once in",
        7,
        "days",
        "a horse that knows what comes next does it by itself"
    );

    public static readonly Figure<int> BetweenPieces = Figure.Chosen(
        "From one piece of a test to the next",
        45,
        "seconds",
        "to walk or trot round and come to it again, once"
    );

    public static readonly Figure<int> TimesEach = Figure.Chosen(
        "Each piece of a test is ridden",
        2,
        "times",
        "once to see it and once to better it; a third time is drill"
    );

    public static readonly Figure<int> MostPieces = Figure.Chosen(
        "Pieces of a test that are worth schooling at once",
        4,
        "pieces",
        "each is ridden twice with a way round between: more is a session of nothing else"
    );

    public static readonly Figure<double> UnderUsual = Figure.Chosen(
        "A movement is worth schooling from so far under the horse's average in the test",
        0.25,
        "marks",
        "half a mark on one of the last two days: less is chance"
    );

    public static readonly Figure<int> LastMarks = Figure.Chosen(
        "Last marks of a movement that say where it stands",
        2,
        "marks",
        "one may be a bad day; older ones are of another horse"
    );

    public static readonly Figure<int> LastDays = Figure.Chosen(
        "The last days before a competition, for the whole test",
        3,
        "days",
        "what is ridden last is what the horse brings along: pieces that went well"
    );

    public static readonly Figure<int> PercentDecimals = Figure.Published(
        "Per cent of the marks are told to",
        3,
        "decimals",
        "FEI dressage rules: the result"
    );

    /// <summary>The narrowest turn in a gait.</summary>
    internal static Figure<double> NarrowestTurn(GaitVariant gait) =>
        gait.Gait() == Gait.Walk || gait is GaitVariant.TrotCollected or GaitVariant.CanterCollected ? CollectedTurn : WorkingTurn;
}
