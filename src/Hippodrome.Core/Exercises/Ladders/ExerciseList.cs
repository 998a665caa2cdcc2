using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Exercises.Ladders;

/// <summary>Short ways to write exercises down.</summary>
internal static class ExerciseList
{
    public static Exercise Minutes(
        string rung, string name, string how, Gait gait, RiddenFigure figure, int repetitions, double minutes, int? poles = null, int? steps = null, SetUpEntry? setUp = null) =>
        new($"{rung}/{Slug(name)}", rung, name, how, gait, figure, repetitions, Dose.OfMinutes(minutes), poles, steps, setUp);

    public static Exercise Efforts(string rung, string name, string how, Gait gait, RiddenFigure figure, int efforts, int? poles = null, SetUpEntry? setUp = null) =>
        new($"{rung}/{Slug(name)}", rung, name, how, gait, figure, efforts, Dose.OfEfforts(efforts), poles, null, setUp);

    public static PoleLineEntry Poles(GaitVariant variant, int poles, ArenaLine line, bool raised = false) => new(
        ArenaSize.SixtyByTwenty, line, Heading.TowardsC, 30, 0, variant, poles, raised ? Raising.AlternateEnds : Raising.Ground, raised ? 0.10 : null);

    public static CrossPoleEntry CrossPole(double height, ArenaLine line) => new(ArenaSize.SixtyByTwenty, line, Heading.TowardsC, 30, 0, height);

    private static string Slug(string name) =>
        new([.. name.ToLowerInvariant().Where(c => char.IsAsciiLetterOrDigit(c) || c is ' ' or '-').Select(c => c == ' ' ? '-' : c)]);
}
