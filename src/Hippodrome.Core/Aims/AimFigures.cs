using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Aims;

/// <summary>The figures of an aim.</summary>
public static class AimFigures
{
    public static readonly Figure<int> RunInDays = Figure.Chosen(
        "The run-in takes the last",
        10,
        "days",
        "seven to ten; the study's two weeks are of people, and a horse stales in a box sooner"
    );
}
