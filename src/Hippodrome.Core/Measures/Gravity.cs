namespace Hippodrome.Core.Measures;

/// <summary>The one order in which advice speaks, in a plan, at the rail and after the ride: the gravest first (common practice).</summary>
public enum Gravity
{
    FallOrPain,
    Heat,
    Tired,
    Danger,
    Budget,
    HoldAndRefer,
    RunOutOrStop,
    Ease,
    StopThere,
    Repeat,
    Adjust,
    Rider,
    GoOn,
}
