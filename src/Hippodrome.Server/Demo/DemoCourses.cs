using Hippodrome.Core.Arenas;
using Hippodrome.Core.Setups;

namespace Hippodrome.Server.Demo;

/// <summary>Courses of the demo yard: one in the arena, one in the field behind the barn.</summary>
internal static class DemoCourses
{
    public static CourseEntry FiveInTheArena { get; } =
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Fences =
            [
                new(ElementKind.Upright, 20, 4, 0, 0.90),
                new(ElementKind.SquareOxer, 38.3, 4, 0, 0.90, 0.90),
                new(ElementKind.Upright, 38, 16, 180, 0.90),
                new(ElementKind.Wall, 19.7, 16, 180, 0.90),
                new(ElementKind.Upright, 30, 10, 0, 0.85),
                new(ElementKind.AscendingOxer, 37.3, 10, 0, 0.85, 0.80, null, true),
            ],
            TurnMetres = 5,
        };

    public static CourseEntry BehindTheBarn { get; } =
        new()
        {
            Arena = ArenaSize.Field,
            Field = new FieldEntry(140, 70, Going.Good, Slope.Rises),
            MetresPerMinute = 450,
            TurnMetres = 10,
            Fences =
            [
                new(ElementKind.Log, 25, 15, 0, 0.70),
                new(ElementKind.Ditch, 70, 18, 10, null, 0.9),
                new(ElementKind.StepUp, 112, 32, 70, 0.50),
                new(ElementKind.Log, 90, 52, 180, 0.80),
                new(ElementKind.StepDown, 60, 50, 185, 0.40, null, 0.25),
                new(ElementKind.StepUp, 45, 49, 185, 0.40, null, 0.25, true),
                new(ElementKind.Log, 22, 40, 250, 0.75),
            ],
        };
}
