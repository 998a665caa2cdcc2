using System.Text.Json.Nodes;

namespace Hippodrome.Storage.Blocks;

/// <summary>
/// Plans and placed sessions of the first version in the shape of the second. What a week waits for, why it went back and
/// why a session is less were told in sentences only; these were the sentences, and nothing else reads them.
/// </summary>
internal static class OlderPlans
{
    private const string UntilTheVet = ": until a vet has cleared it";
    private const string Repeated = "the week is repeated";

    private static readonly Dictionary<string, string> Easings = new()
    {
        ["After a hold by steps: the lunge first, then long lines, then the saddle, and every ladder goes one rung down"] = "afterHold",
        ["After three to six missed days the last session is repeated, lighter"] = "afterMissedDays",
        ["A verdict that was accepted"] = "asJudged",
        ["A short first day for a sound horse that was ridden before; after it the ramp's limits hold"] = "shortFirstDay",
    };

    public static JsonObject PlanOfFirst(JsonObject plan)
    {
        plan.Remove("sessions");
        foreach (var setback in Objects(plan["setbacks"]))
        {
            setback["from"] = "daysMissed";
        }

        foreach (var week in Objects(plan["weeks"]))
        {
            week["goal"] = new JsonObject
            {
                ["minutes"] = Taken(week, "target"),
                ["rises"] = Taken(week, "rises"),
                ["lighter"] = Taken(week, "lighter"),
            };
            week["cause"] = new JsonObject
            {
                ["held"] = Held(Taken(week, "heldUntil")),
                ["setback"] = GateOf(week),
                ["out"] = new JsonArray(),
                ["workDays"] = null,
            };
            week["why"] = new JsonObject { ["minutes"] = Taken(week, "why"), ["kinds"] = Taken(week, "mix") };
            Objects(week["sessions"]).ToList().ForEach(s => SessionOfFirst(s));
        }

        return plan;
    }

    public static JsonObject SessionOfFirst(JsonObject session)
    {
        session.Remove("shortFirstDay");
        session["eased"] = Easings.GetValueOrDefault((string?)session["why"]?["rule"] ?? "");
        return session;
    }

    private static JsonObject? Held(JsonNode? until) =>
        (string?)until switch
        {
            null => null,
            { } said when said.EndsWith(UntilTheVet, StringComparison.Ordinal) => new JsonObject
            {
                ["by"] = "hold",
                ["until"] = $"a vet has cleared it ({said[..^UntilTheVet.Length]})",
            },
            { } said => new JsonObject { ["by"] = "stage", ["until"] = said },
        };

    private static JsonObject? GateOf(JsonObject week) =>
        (week["why"]?["inputs"] as JsonArray)
            ?.Select(i => (string?)i)
            .FirstOrDefault(i => i?.StartsWith(Repeated, StringComparison.Ordinal) == true)
            is { } because
            ? new JsonObject
            {
                ["monday"] = week["monday"]!.DeepClone(),
                ["weeksBack"] = 1,
                ["weeksOff"] = null,
                ["from"] = "gate",
                ["because"] = because,
            }
            : null;

    private static JsonNode? Taken(JsonObject from, string name)
    {
        var node = from[name];
        from.Remove(name);
        return node;
    }

    private static IEnumerable<JsonObject> Objects(JsonNode? array) => (array as JsonArray)?.OfType<JsonObject>() ?? [];
}
