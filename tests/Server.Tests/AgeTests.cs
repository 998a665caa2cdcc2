using System.Net;
using System.Text.Json;
using System.Text.Json.Nodes;
using Hippodrome.Storage;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;
using Hippodrome.Storage.Yards;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>
/// Figures tighten, and what was kept before stands outside them: it is read all the same. In the demo's rows each
/// number of each stored kind in turn is set a third up and down, as a changed figure would leave it behind.
/// </summary>
public class AgeTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private static readonly (string Table, string Column, string Key, string Kind)[] Bodies =
    [
        ("set_up", "entry", "id", "set-up"),
        ("set_up_version", "entry", "set_up_id, version", "set-up"),
        ("ride_event", "body", "ride_id, id", "ride-event"),
        ("ride_totals", "body", "ride_id", "ride-totals"),
        ("own_exercise", "entry", "id", "own-exercise"),
        ("own_session", "entry", "id", "own-session"),
        ("session", "kept_faults", "id", "kept-faults"),
        ("block", "entry", "id", "block"),
        ("job_order", "entry", "id", "block"),
        ("job_order", "keeping", "id", "plan-to-keep"),
        ("block_version", "entry", "block_id, number", "block"),
        ("block_version", "plan", "block_id, number", "block-plan"),
        ("placed_session", "body", "block_id, id, from_version", "placed-session"),
        ("roster", "entry", "yard_id", "roster"),
        ("verdict_answer", "said", "id", "said-verdict"),
        ("aim", "demands", "id", "demands"),
        ("aim", "last_demand", "id", "last-demand"),
        ("aim", "result", "id", "aim-result"),
        ("dressage_test", "entry", "id", "dressage-test"),
        ("test_ridden", "marks", "id", "test-ridden"),
    ];

    /// <summary>One number in one kept body.</summary>
    private sealed record Place(string Table, string Column, string Kind, string Row, string Path, string Body)
    {
        public string Shape => $"{Table}.{Column} {System.Text.RegularExpressions.Regex.Replace(Path, @"\d+", "#")}";
    }

    [Fact]
    public async Task Every_number_of_every_kept_body_may_stand_outside_todays_rules_and_is_read()
    {
        var places = await PlacesAsync();
        // A kept fault has a rule and a word, a verdict as it was said its sentences, and neither a number; no plan waits in the demo.
        places
            .Select(p => p.Kind)
            .Concat(["kept-faults", "said-verdict", "plan-to-keep"])
            .Distinct()
            .Order()
            .ShouldBe(Bodies.Select(b => b.Kind).Distinct().Order());
        var wrong = new List<string>();
        foreach (var place in places.GroupBy(p => p.Shape).SelectMany(g => g.Take(Cases.AgedOfAShape)))
        {
            foreach (var factor in new[] { 1.3, 0.7 })
            {
                try
                {
                    StoredTests.ReadAndWrite(Stored.Kinds.Single(k => k.Name == place.Kind).Type, Changed(place, factor));
                }
                catch (Exception e)
                {
                    wrong.Add($"{place.Shape} x {factor}: {e.InnerException?.Message ?? e.Message}");
                }
            }
        }

        wrong.Distinct().ShouldBeEmpty();
    }

    [Fact]
    public async Task Over_http_every_page_answers_and_other_horses_pages_stay_as_they_are()
    {
        var places = await PlacesAsync();
        var seed = Environment.GetEnvironmentVariable("HIPPODROME_SEED") is { } given ? int.Parse(given) : Random.Shared.Next(1_000_000);
        Console.WriteLine($"Aged with HIPPODROME_SEED={seed}");
        var random = new Random(seed);
        // One of each shape, and of those so many.
        var shapes = places.GroupBy(p => p.Shape).Select(g => g.ElementAt(random.Next(g.Count()))).ToArray();
        random.Shuffle(shapes);
        var pages = await demo.PagesAsync();
        var before = await demo.AnswersAsync(pages);
        before.Where(a => a.Value.Status != HttpStatusCode.OK).Select(a => a.Key).ShouldBeEmpty();
        var wrong = new List<string>();
        // Those of one horse together: what stands on the pages of the others is theirs alone.
        var drawn = shapes.Take(Cases.AgedBodies).Select(p => (Place: p, Factor: random.Next(2) == 0 ? 1.3 : 0.7)).ToList();
        var owners = new Dictionary<Place, string?>();
        foreach (var (place, _) in drawn)
        {
            owners[place] = await demo.HorseOfAsync(place.Table, place.Row);
        }

        foreach (var horse in drawn.GroupBy(d => owners[d.Place]))
        {
            var bodies = horse.GroupBy(d => (d.Place.Table, d.Place.Column, d.Place.Row)).ToList();
            foreach (var body in bodies)
            {
                await demo.KeepAsync(
                    body.Key,
                    body.Aggregate(body.First().Place.Body, (now, d) => Changed(d.Place with { Body = now }, d.Factor))
                );
            }

            var about = string.Join("; ", horse.Select(d => $"{d.Place.Shape} x {d.Factor}"));
            foreach (var (page, answer) in await demo.AnswersAsync(pages))
            {
                var another =
                    horse.Key is not null
                    && page.StartsWith("/api/horses/", StringComparison.Ordinal)
                    && !page.Contains(horse.Key, StringComparison.Ordinal);
                if (answer.Status != HttpStatusCode.OK || (another && answer.Body != before[page].Body))
                {
                    wrong.Add($"{page} answers {answer.Status}{(another ? ", another horse's" : "")}: {about}");
                }
            }

            foreach (var body in bodies)
            {
                await demo.KeepAsync(body.Key, body.First().Place.Body);
            }
        }

        wrong.ShouldBeEmpty($"seed {seed}");
    }

    [Fact]
    public async Task Golden_files_of_a_new_version_are_a_few_of_every_shape_of_the_demo()
    {
        foreach (var kind in Stored.Kinds)
        {
            var file = Path.Combine(StoredTests.Golden, $"{kind.Name}.{kind.Version}.json");
            if (DemoGolden.Writes && !File.Exists(file))
            {
                var rows = new List<string>();
                foreach (var (table, column, _, _) in Bodies.Where(b => b.Kind == kind.Name))
                {
                    rows.AddRange(
                        (await demo.RowsAsync($"select '', {column}::text from {table} where {column} is not null")).Select(r => r.Body)
                    );
                }

                var few = rows.GroupBy(Shape)
                    .OrderBy(g => g.Key, StringComparer.Ordinal)
                    .Select(g => JsonNode.Parse(g.OrderBy(b => b.Length).First()))
                    .Take(kind.Name == "block-plan" ? 2 : 24);
                await File.WriteAllTextAsync(
                    file,
                    new JsonArray([.. few]).ToJsonString(new JsonSerializerOptions { WriteIndented = kind.Name != "block-plan" }) + "\n"
                );
            }

            File.Exists(file).ShouldBeTrue($"{kind.Name} has no golden file of version {kind.Version}");
        }
    }

    /// <summary>Which properties have something in them, and which kind it says it is.</summary>
    private static string Shape(string body) =>
        string.Join(
            ",",
            JsonNode
                .Parse(body)!
                .AsObject()
                .Where(p => p.Value is not null)
                .Select(p => p.Key is "kind" or "family" ? $"{p.Key}={p.Value}" : p.Key)
                .Order(StringComparer.Ordinal)
        );

    private async Task<List<Place>> PlacesAsync()
    {
        var places = new List<Place>();
        foreach (var (table, column, key, kind) in Bodies)
        {
            var row = string.Join(" || ' and ' || ", key.Split(", ").Select(k => $"'{k} = ''' || {k} || ''''"));
            foreach (var (at, body) in await demo.RowsAsync($"select {row}, {column}::text from {table} where {column} is not null"))
            {
                places.AddRange(
                    Numbers(JsonNode.Parse(body)!, "")
                        .Where(p => p != Stored.VersionName)
                        .Select(p => new Place(table, column, kind, at, p, body))
                );
            }
        }

        return places;
    }

    private static IEnumerable<string> Numbers(JsonNode? node, string at) =>
        node switch
        {
            JsonObject o => o.SelectMany(p => Numbers(p.Value, at.Length == 0 ? p.Key : $"{at}/{p.Key}")),
            JsonArray a => a.SelectMany((e, i) => Numbers(e, $"{at}/{i}")),
            JsonValue v when v.GetValueKind() == JsonValueKind.Number => [at],
            _ => [],
        };

    /// <summary>The body with that number so much more or less; whole numbers stay whole.</summary>
    private static string Changed(Place place, double factor)
    {
        var root = JsonNode.Parse(place.Body)!;
        var steps = place.Path.Split('/');
        var parent = steps[..^1].Aggregate(root, (n, s) => n is JsonArray a ? a[int.Parse(s)]! : n[s]!);
        var was = (parent is JsonArray list ? list[int.Parse(steps[^1])] : parent[steps[^1]])!.GetValue<decimal>();
        var now =
            was == decimal.Truncate(was)
                ? JsonValue.Create((long)Math.Round(was * (decimal)factor))
                : JsonValue.Create(was * (decimal)factor);
        if (parent is JsonArray numbers)
        {
            numbers[int.Parse(steps[^1])] = now;
        }
        else
        {
            parent[steps[^1]] = now;
        }

        return root.ToJsonString();
    }
}
