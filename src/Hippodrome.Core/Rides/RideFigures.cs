using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Rides;

/// <summary>The figures a record is folded with.</summary>
public static class RideFigures
{
    public static readonly Figure<double> ClockTolerance = Figure.Chosen(
        "A device's clock and its own seconds agree within",
        2.0,
        "seconds",
        "a busy device is late by less"
    );
    public static readonly Figure<int> UsualPoles = Figure.Practice("Poles of a row where nobody said how many stood", 4, "poles");
    public static readonly Figure<double> LongestSilence = Figure.Chosen(
        "Without a tap for more than this the ride was left open",
        60.0,
        "minutes",
        "nobody rides an hour without a change of gait, rein or mark at the rail; an hour forgotten would spoil every sum"
    );
    public static readonly Figure<int> WorseRunning = Figure.Practice("The same asking, worse so many times running", 3, "times");
    public static readonly Figure<double> LateHalf = Figure.Practice("The same hind late in a series, from", 0.5, "of its changes");
    public static readonly Figure<double> QuestionHeight = Figure.Chosen(
        "A question across country counts as a fence of",
        0.6,
        "m",
        "nobody types a height at the rail, and a whole effort is the careful count"
    );
    public static readonly Figure<int> SignsShown = Figure.Chosen(
        "Signs that are shown first at the rail",
        8,
        "signs",
        "a glance and a glove take no more"
    );
    public static readonly Figure<int> EasyGoes = Figure.Practice("Easy goes in a row that say a question is understood", 3, "goes");
}
