using System.Buffers.Text;
using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Readiness;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Yards;
using Hippodrome.Storage.Blocks;

namespace Hippodrome.Storage;

/// <summary>One kind of JSON body that is kept, and how older ones of it become today's.</summary>
/// <param name="Name">As its golden files are named.</param>
/// <param name="Type">What it is read as.</param>
/// <param name="Upcasters">From version 1 to 2, from 2 to 3, and so on: small, pure, and never changed once written.</param>
public sealed record StoredKind(string Name, Type Type, params IReadOnlyList<Func<JsonObject, JsonObject>> Upcasters)
{
    /// <summary>The version that is written today.</summary>
    public int Version => Upcasters.Count + 1;

    /// <summary>The first version whose bodies read as today's do: what came after it only allowed more.</summary>
    public int ReadAsToday { get; } = 1 + Upcasters.ToList().FindLastIndex(u => u != Stored.Widened) + 1;

    /// <summary>Whether a body reads as one of today's, by how it begins.</summary>
    internal bool IsReadAsToday(ReadOnlySpan<byte> json) =>
        // As jsonb writes it, and as we do.
        json.StartsWith(Begin)
        && Utf8Parser.TryParse(json[Begin.Length..].TrimStart((byte)' '), out int version, out _)
        && version >= ReadAsToday
        && version <= Version;

    private static ReadOnlySpan<byte> Begin => "{\"v\":"u8;

    /// <summary>A body of any version in today's shape. One that bears no version is of the first.</summary>
    public JsonObject OfToday(JsonObject body)
    {
        ArgumentNullException.ThrowIfNull(body);
        var version = body[Stored.VersionName] is JsonValue v && v.TryGetValue<int>(out var borne) ? borne : 1;
        return Upcasters.Skip(version - 1).Aggregate(body, (older, upcast) => upcast(older));
    }
}

/// <summary>
/// JSON bodies as they are kept: each bears the version of its shape and is brought up to today's as it is read.
/// Nothing is checked again: what was right when it was kept is read, whatever the rules have become since.
/// </summary>
public static class Stored
{
    /// <summary>The property that bears the version. One letter, so that jsonb puts it first.</summary>
    public const string VersionName = "v";

    /// <summary>From a version to the next where the shape only allows more: bodies stay as they are.</summary>
    internal static readonly Func<JsonObject, JsonObject> Widened = body => body;

    /// <summary>Every kind there is. A changed shape needs an upcaster here, and the tests say so.</summary>
    public static IReadOnlyList<StoredKind> Kinds { get; } =
    [
        // 2: a family more. 3: the side a narrow fence guards. 4: poles on a curve may be raised.
        // 5: courses, fields, material, stages in an order, what is ridden on the spot, poles each at its own height and distance.
        new("set-up", typeof(SetUpEntry), Widened, Widened, Widened, Widened),
        // 2: what stands is told. 3: askings, sides and places, questions, work from the ground. 4: poles on a curve may be raised.
        // 5: the set-ups of their fifth version.
        new("ride-event", typeof(RideEvent), Widened, Widened, Widened, Widened),
        // 2: more signs.
        new("ride-totals", typeof(RideTotals), Widened),
        new("own-exercise", typeof(OwnExerciseEntry)),
        // 2: pieces of a dressage test.
        new("own-session", typeof(OwnSessionEntry), Widened),
        // 2: the fault as it was shown.
        new("kept-faults", typeof(KeptFaults), Widened),
        // 2: the gates of a return.
        new("block", typeof(BlockEntry), Widened),
        new("plan-to-keep", typeof(AcceptPlanEntry), Widened),
        new("block-plan", typeof(BlockPlan), OlderPlans.PlanOfFirst),
        new("placed-session", typeof(PlacedSession), OlderPlans.SessionOfFirst),
        // 2: spreads, lines, fillers and trays.
        new("demands", typeof(DemandsEntry), Widened),
        new("last-demand", typeof(LastDemand)),
        new("aim-result", typeof(AimResult)),
        new("dressage-test", typeof(DressageTestEntry)),
        new("test-ridden", typeof(TestRidden)),
        new("roster", typeof(RosterEntry)),
        // 2: what it rested on, with its numbers.
        new("said-verdict", typeof(SaidVerdict), WithoutInputs),
    ];

    private static JsonObject WithoutInputs(JsonObject verdict)
    {
        verdict["inputs"] = new JsonArray();
        return verdict;
    }

    private static readonly Dictionary<Type, StoredKind> ByType = Kinds.ToDictionary(k => k.Type);

    private static readonly JsonSerializerOptions Reading = new(Json.Options) { Converters = { new KeptMarkJson() } };

    public static string Write<T>(T value)
        where T : class
    {
        var json = JsonSerializer.Serialize(value, Json.Options);
        var version = string.Create(CultureInfo.InvariantCulture, $"{{\"{VersionName}\":{ByType[typeof(T)].Version}");
        return json == "{}" ? $"{version}}}" : $"{version},{json[1..]}";
    }

    /// <exception cref="JsonException">It was never written here.</exception>
    public static T Read<T>(string json)
        where T : class => ReadUtf8<T>(Encoding.UTF8.GetBytes(json));

    /// <summary>The same, as UTF-8.</summary>
    /// <exception cref="JsonException">It was never written here.</exception>
    public static T ReadUtf8<T>(ReadOnlySpan<byte> json)
        where T : class
    {
        var kind = ByType[typeof(T)];
        return (kind.IsReadAsToday(json) ? JsonSerializer.Deserialize<T>(json, Reading) : Upcast<T>(kind, JsonNode.Parse(json)!.AsObject()))
            ?? throw new JsonException("A stored value was null.");
    }

    /// <summary>Many of one kind, as one JSON array; all of them read as today's, or each looked at.</summary>
    public static List<T> ReadAll<T>(string json, bool allReadAsToday)
        where T : class
    {
        var kind = ByType[typeof(T)];
        return (
            allReadAsToday
                ? JsonSerializer.Deserialize<List<T>>(json, Reading)
                : [.. JsonNode.Parse(json)!.AsArray().Select(n => Upcast<T>(kind, n!.AsObject())!)]
        ) ?? throw new JsonException("A stored value was null.");
    }

    /// <summary>The version written today.</summary>
    public static int VersionOf<T>() => KindOf<T>().Version;

    public static StoredKind KindOf<T>() => ByType[typeof(T)];

    private static T? Upcast<T>(StoredKind kind, JsonObject body) => kind.OfToday(body).Deserialize<T>(Reading);

    /// <summary>A mark of another scale is read as the nearest there is.</summary>
    private sealed class KeptMarkJson : JsonConverter<Mark>
    {
        public override Mark Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            Mark.Kept(reader.GetDouble());

        public override void Write(Utf8JsonWriter writer, Mark value, JsonSerializerOptions options) =>
            writer.WriteNumberValue(value.Value);
    }
}

/// <summary>Faults a trainer kept a session with.</summary>
public sealed record KeptFaults(IReadOnlyList<KeptFault> Faults);
