using System.Text.Json.Serialization;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Rides;

/// <summary>What a part is ridden as, where nothing stands in it any more.</summary>
public enum Instead
{
    Walk,
    Flatwork,
    SimpleChanges,
}

/// <summary>From now on this stands in a part: its set-up as it was rebuilt, or nothing, and what is ridden instead.</summary>
/// <param name="Id">Made by the client.</param>
/// <param name="At">When it was tapped.</param>
/// <param name="Part">The part of the plan, from 0.</param>
/// <param name="SetUp">What stands; null where nothing does.</param>
/// <param name="Instead">What the part is ridden as; null where something stands.</param>
public sealed record Stands(
    Guid Id,
    DateTimeOffset At,
    int Part,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] SetUpEntry? SetUp = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Instead? Instead = null
) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at)
    {
        checks.Whole($"{at}.part", Part, 0, 29, "");
        checks.That(
            SetUp is null != Instead is null,
            $"{at}.instead",
            "Either something stands, or something else is ridden.",
            "Give the set-up, or what is ridden instead."
        );
        checks.AddRange((SetUp?.Check().Faults ?? []).Select(f => f with { Field = $"{at}.setUp.{f.Field}" }));
    }
}
