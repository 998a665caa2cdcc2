using System.Text.Json.Serialization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>One stage of a vet's plan, as typed.</summary>
/// <param name="What">In the vet's words.</param>
/// <param name="Weeks">How long it lasts.</param>
/// <param name="Sessions">Sessions a week.</param>
/// <param name="Walk">Minutes of walk in a session.</param>
/// <param name="Trot">Minutes of trot in a session.</param>
/// <param name="Canter">Minutes of canter in a session.</param>
/// <param name="WaitsFor">The clearance it waits for; empty when it follows by itself.</param>
public sealed record StageEntry(
    string? What = null,
    int? Weeks = null,
    int? Sessions = null,
    int? Walk = null,
    int? Trot = null,
    int? Canter = null,
    string? WaitsFor = null
);

/// <summary>A stage of a vet's plan: held at it until what the next one waits for is cleared.</summary>
public sealed record Stage(string What, int Weeks, int Sessions, MinutesByGait Each, string WaitsFor);

/// <summary>What a return begins from, as typed.</summary>
/// <param name="WeeksOff">Weeks off work.</param>
/// <param name="Because">Rest, injury or illness.</param>
/// <param name="WalkWeeks">Walk weeks after rest, two to four; by the table if left out.</param>
/// <param name="ShortFirstDay">A short first day, for a sound horse that was ridden before.</param>
/// <param name="Stages">The vet's plan; asked for after injury or illness.</param>
/// <param name="Gates">What is asked at the end of each week; what was asked when it began.</param>
public sealed record ReturnEntry(
    int? WeeksOff = null,
    OffBecause? Because = null,
    int? WalkWeeks = null,
    bool? ShortFirstDay = null,
    IReadOnlyList<StageEntry>? Stages = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] IReadOnlyList<ReturnGate>? Gates = null
);

/// <summary>What a return to work begins from: time off, why, and the vet's stages where there are any.</summary>
public sealed record Return(int WeeksOff, OffBecause Because, int WalkWeeks, bool ShortFirstDay, IReadOnlyList<Stage> Stages)
{
    /// <summary>What is asked at the end of each week.</summary>
    public IReadOnlyList<ReturnGate> Gates { get; init; } = ReturnGates.First;

    private const int MostStages = 12;

    internal static Return? Check(Checks checks, ReturnEntry? entry)
    {
        if (entry is null)
        {
            checks.Add("return", "A return asks how long it was off, and why.", "Give the weeks off and the reason.");
            return null;
        }

        var off = checks.Whole("return.weeksOff", entry.WeeksOff, 0, 156, "weeks");
        var because = checks.Choice("return.because", entry.Because);
        var table = TimeOff.WalkWeeks(off)?.Value ?? 0;
        var walk =
            entry.WalkWeeks is { } typed && table > 0
                ? checks.Whole("return.walkWeeks", typed, TimeOff.TwoWalkWeeks.Value, TimeOff.FourWalkWeeks.Value, "weeks")
                : table;
        var stages = checks
            .Lines("return.stages", entry.Stages, MostStages)
            .Select((s, i) => Stage(checks, $"return.stages[{i}]", s))
            .ToList();
        checks.That(
            because == OffBecause.Rest || stages.Count > 0,
            "return.stages",
            "After injury or illness the vet's plan leads, and there is none.",
            "Type the vet's plan in, stage by stage, with what each stage waits for."
        );
        checks.That(
            stages.Count == 0 || stages[0].WaitsFor.Length == 0,
            "return.stages[0].waitsFor",
            "Work cannot begin before the first stage is cleared.",
            "Leave the first stage open, and begin the block when it is cleared."
        );
        checks.That(
            entry.ShortFirstDay != true || because == OffBecause.Rest,
            "return.shortFirstDay",
            "The short first day is for a sound horse after rest only.",
            "Leave it out: the vet's plan leads."
        );
        var gates = entry.Gates?.Distinct().Order().ToList() ?? [];
        checks.That(gates.TrueForAll(Enum.IsDefined), "return.gates", "There is no such gate.", "Leave it out: all are asked.");
        return new Return(off, because, walk, entry.ShortFirstDay ?? false, stages) { Gates = gates.Count > 0 ? gates : ReturnGates.First };
    }

    private static Stage Stage(Checks checks, string field, StageEntry entry) =>
        new(
            checks.Text($"{field}.what", entry.What, 120),
            checks.Whole($"{field}.weeks", entry.Weeks, 1, 26, "weeks"),
            checks.Whole($"{field}.sessions", entry.Sessions, 1, 6, "sessions a week"),
            new MinutesByGait(
                checks.Whole($"{field}.walk", entry.Walk, 1, 120, "minutes"),
                checks.Whole($"{field}.trot", entry.Trot ?? 0, 0, 60, "minutes"),
                checks.Whole($"{field}.canter", entry.Canter ?? 0, 0, 60, "minutes")
            ),
            checks.OptionalText($"{field}.waitsFor", entry.WaitsFor, 120)
        );
}
