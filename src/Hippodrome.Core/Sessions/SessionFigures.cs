using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <summary>The figures a session is checked against.</summary>
public static class SessionFigures
{
    public static readonly Figure<int> WalkFirst = Figure.Practice("Walk first, at least", 7, "minutes");
    public static readonly Figure<int> WalkFirstFrom15 = Figure.Chosen("Walk first from age 15", 10, "minutes", "older joints take longer to warm");
    public static readonly Figure<int> WalkFirstFrom18 = Figure.Chosen("Walk first from age 18", 12, "minutes", "older joints take longer to warm");
    public static readonly Figure<int> ColdWalkMore = Figure.Chosen("More walk in the cold", 3, "minutes", "cold muscle takes longer to warm");
    public static readonly Figure<double> Cold = Figure.Chosen("Cold is under", 5.0, "°C", "a winter morning in an open arena");
    public static readonly Figure<int> WalkLast = Figure.Practice("Walk on a long rein at the end, at least", 5, "minutes");
    public static readonly Figure<int> ShortSession = Figure.Chosen("Walk rules hold for ridden sessions over", 20, "minutes", "on a short first day led walk counts");
    public static readonly Figure<int> NewWorkWithin = Figure.Practice("New work within the last minutes before the cool-down", 15, "minutes");
    public static readonly Figure<double> OneReinAtMost = Figure.Chosen("Most of the work on one rein", 0.60, "of the work", "more makes the easy side easier and the other no better");
    public static readonly Figure<int> InHandOnlyTo = Figure.Chosen("In hand only up to age", 3, "years", "the body is not ready to carry or to circle; ask your vet when it is");
    public static readonly Figure<int> InHandMinutes = Figure.Chosen("Longest session up to age 3", 10, "minutes", "attention and joints tire before the lesson does");
    public static readonly Figure<int> YoungPolesUnder = Figure.Chosen("Poles are rationed under age", 5, "years", "growing joints");
    public static readonly Figure<int> YoungPolesPerWeek = Figure.Chosen("Pole sessions in seven days for a young horse", 2, "sessions", "growing joints");
    public static readonly Figure<int> LightDay = Figure.Chosen("A light day after a hold was cleared, at most", 30, "minutes", "long enough to see that it stays sound, too short to undo it");
    public static readonly Figure<int> FenceDaysPerWeek = Figure.Chosen("Jumping days in seven", 3, "days", "legs need the days between");
}
