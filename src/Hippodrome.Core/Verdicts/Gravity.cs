namespace Hippodrome.Core.Verdicts;

/// <summary>The one order in which advice speaks, at the rail and after the ride: the gravest first (common practice).</summary>
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

/// <summary>Where each rule stands in the order of gravity.</summary>
internal static class Gravities
{
    private static readonly Dictionary<string, Gravity> ByRule = new()
    {
        ["Fall"] = Gravity.FallOrPain,
        ["OffOrSore"] = Gravity.FallOrPain,
        ["TooHot"] = Gravity.Heat,
        ["Tires"] = Gravity.Tired,
        ["MayBeTired"] = Gravity.Tired,
        ["OverTheTop"] = Gravity.Danger,
        ["TenseRunning"] = Gravity.Danger,
        ["EffortBudget"] = Gravity.Budget,
        ["RanOut"] = Gravity.RunOutOrStop,
        ["StoppedFromDoubt"] = Gravity.RunOutOrStop,
        ["TempoLost"] = Gravity.Ease,
        ["RefusesAYield"] = Gravity.Ease,
        ["HeadUpShortNeck"] = Gravity.Ease,
        ["TwoGoodChanges"] = Gravity.StopThere,
        ["AimMet"] = Gravity.StopThere,
        ["OneGoodChange"] = Gravity.Repeat,
        ["RidersDistance"] = Gravity.Rider,
        ["WalkedFirst"] = Gravity.GoOn,
    };

    /// <summary>By the rule where the list names it, else by its word.</summary>
    public static Gravity Of(string rule, VerdictWord word) =>
        ByRule.TryGetValue(rule, out var gravity)
            ? gravity
            : word switch
            {
                VerdictWord.End => Gravity.FallOrPain,
                VerdictWord.Hold => Gravity.HoldAndRefer,
                VerdictWord.Stop => Gravity.Tired,
                VerdictWord.Cut => Gravity.Heat,
                VerdictWord.Ease or VerdictWord.Back => Gravity.Ease,
                VerdictWord.Adjust => Gravity.Adjust,
                VerdictWord.Repeat => Gravity.Repeat,
                _ => Gravity.GoOn,
            };
}
