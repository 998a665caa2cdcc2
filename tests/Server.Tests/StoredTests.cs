using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization.Metadata;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Measures;
using Hippodrome.Storage;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>
/// Every version of every JSON body ever kept can still be read. The golden files are bodies as they were written;
/// a file of a version is never changed. HIPPODROME_WRITE_GOLDEN=1 writes the files of a version that has none yet.
/// </summary>
public class StoredTests
{
    internal static readonly string Golden = Path.Combine(Folder(), "Golden");

    public static TheoryData<string> Kinds => [.. Stored.Kinds.Select(k => k.Name)];

    private static StoredKind Kind(string name) => Stored.Kinds.Single(k => k.Name == name);

    [Theory]
    [MemberData(nameof(Kinds))]
    public void A_changed_shape_has_a_new_version(string name)
    {
        var kind = Kind(name);
        var file = Path.Combine(Golden, $"{name}.{kind.Version}.schema.json");
        var schema =
            JsonSchemaExporter
                .GetJsonSchemaAsNode(
                    new JsonSerializerOptions(Json.Options) { TypeInfoResolver = new DefaultJsonTypeInfoResolver() },
                    kind.Type
                )
                .ToJsonString(new JsonSerializerOptions { WriteIndented = true }) + "\n";
        if (DemoGolden.Writes && !File.Exists(file))
        {
            File.WriteAllText(file, schema);
        }

        schema.ShouldBe(
            File.ReadAllText(file),
            $"the shape of {name} has changed: give it an upcaster in Stored.Kinds, and write the golden files of the new version"
        );
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Every_version_ever_written_is_read_and_written_again_as_the_latest(string name)
    {
        var kind = Kind(name);
        for (var version = 1; version <= kind.Version; version++)
        {
            var bodies = JsonNode.Parse(File.ReadAllText(Path.Combine(Golden, $"{name}.{version}.json")))!.AsArray();
            bodies.Count.ShouldBeGreaterThan(0);
            foreach (var body in bodies)
            {
                var again = JsonNode.Parse(ReadAndWrite(kind.Type, body!.ToJsonString()))!;
                ((int)again[Stored.VersionName]!).ShouldBe(kind.Version);
                if (version == kind.Version)
                {
                    Plain(again).ShouldBe(Plain(body));
                }
            }
        }
    }

    [Fact]
    public void A_body_from_before_versions_is_one_of_the_first() =>
        Stored
            .Read<Core.Setups.SetUpEntry>("""{"family": "crossPole", "arena": "sixtyByTwenty", "heightMetres": 0.5}""")
            .ShouldBe(new Core.Setups.CrossPoleEntry { Arena = Core.Arenas.ArenaSize.SixtyByTwenty, HeightMetres = 0.5 });

    /// <summary>What the first version of a plan told in sentences only is told in types by the second.</summary>
    [Fact]
    public void A_plan_of_the_first_version_keeps_what_its_sentences_said()
    {
        var plan = JsonNode.Parse(File.ReadAllText(Path.Combine(Golden, "block-plan.1.json")))![0]!.AsObject();
        var weeks = plan["weeks"]!.AsArray();
        weeks[0]!["heldUntil"] = "heat in a leg: until a vet has cleared it";
        weeks[1]!["heldUntil"] = "trot cleared after the scan";
        weeks[2]!["why"]!["inputs"]!.AsArray().Add("the week is repeated: not passed was legs cool next morning");
        weeks[3]!["sessions"]![0]!["why"]!["rule"] = "After three to six missed days the last session is repeated, lighter";
        var monday = DateOnly.Parse((string)weeks[2]!["monday"]!);
        var lighter = weeks[1]!["lighter"]!.GetValue<bool>();

        var read = Stored.Read<BlockPlan>(plan.ToJsonString()).Weeks;

        read[0].Cause.Held.ShouldBe(new WeekHeld(HeldBy.Hold, "a vet has cleared it (heat in a leg)"));
        read[1].Cause.Held.ShouldBe(new WeekHeld(HeldBy.Stage, "trot cleared after the scan"));
        read[1].Goal.Lighter.ShouldBe(lighter);
        read[2]
            .Cause.Setback.ShouldBe(
                new Setback(monday, 1, null, SetbackFrom.Gate, "the week is repeated: not passed was legs cool next morning")
            );
        read[3].Sessions[0].Eased.ShouldBe(Easing.AfterMissedDays);
        read[3].Sessions.Skip(1).ShouldAllBe(s => s.Eased == null);
        read[4].Cause.Held.ShouldBeNull();
    }

    internal static string ReadAndWrite(Type type, string json)
    {
        var value = typeof(Stored).GetMethod(nameof(Stored.Read))!.MakeGenericMethod(type).Invoke(null, [json]);
        return (string)typeof(Stored).GetMethod(nameof(Stored.Write))!.MakeGenericMethod(type).Invoke(null, [value])!;
    }

    /// <summary>The same whatever the order of the properties, whether nothing is written or left out, and however a number is written.</summary>
    private static string Plain(JsonNode? node) =>
        node switch
        {
            JsonObject o =>
                $"{{{string.Join(",", o.Where(p => p.Value is not null).OrderBy(p => p.Key, StringComparer.Ordinal).Select(p => $"{p.Key}:{Plain(p.Value)}"))}}}",
            JsonArray a => $"[{string.Join(",", a.Select(Plain))}]",
            JsonValue v when v.GetValueKind() == JsonValueKind.Number => v.GetValue<double>().ToString("R"),
            JsonValue v => v.ToJsonString(),
            _ => "null",
        };

    private static string Folder([System.Runtime.CompilerServices.CallerFilePath] string here = "") => Path.GetDirectoryName(here)!;
}
