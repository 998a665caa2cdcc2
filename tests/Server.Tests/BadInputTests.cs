using System.Net;
using System.Text.Json.Nodes;
using Hippodrome.Core.Measures;
using Hippodrome.Storage;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Rubbish in every field of every endpoint: a word about what is wrong and how to mend it, never a fault of ours.</summary>
public class BadInputTests(App app) : IClassFixture<App>
{
    private static readonly string[] Rubbish =
    [
        "null",
        "true",
        "-1",
        "1e308",
        "12345678901234567890",
        "\"\"",
        "\"x\"",
        "\"\\u0000\"",
        "\"\\ud800\"",
        "[]",
        "{}",
        "[null]",
        "\"0001-01-01\"",
        "\"9999-12-31\"",
        "\"00000000-0000-0000-0000-000000000000\"",
        $"\"{new string('x', 5000)}\"",
    ];

    public static TheoryData<string> WithBody =>
        [
            .. Calls
                .All.Keys.Where(k => k.StartsWith("POST", StringComparison.Ordinal) || k.StartsWith("PUT", StringComparison.Ordinal))
                .Where(k => !k.EndsWith("/restore", StringComparison.Ordinal) && !k.EndsWith("/password", StringComparison.Ordinal)),
        ];

    [Theory]
    [MemberData(nameof(WithBody))]
    public async Task Rubbish_in_any_field_is_answered_with_field_and_mend(string endpoint)
    {
        var good = await Calls.All[endpoint](app);
        var json = good.Body as string ?? System.Text.Json.JsonSerializer.Serialize(good.Body, good.Body!.GetType(), Json.Options);
        var method = new HttpMethod(endpoint.Split(' ')[0]);
        foreach (var body in Rubbish.Concat(Variations(json)))
        {
            var answer = await app.Trainer.SendRawAsync(method, good.Address, body);
            var about = $"{endpoint} with {body[..Math.Min(300, body.Length)]}: {(int)answer.StatusCode}";
            ((int)answer.StatusCode).ShouldBeLessThan(500, $"{about} {await answer.Content.ReadAsStringAsync()}");
            if (answer.StatusCode == HttpStatusCode.BadRequest)
            {
                var problem = await Problem.ReadAsync(answer);
                problem.Faults.ShouldNotBeEmpty(about);
                problem.Faults.ShouldAllBe(f => f.Says.Length > 0 && f.Mend.Length > 0, about);
            }
        }
    }

    [Theory]
    [InlineData("")]
    [InlineData("{")]
    [InlineData("{\"name\": }")]
    [InlineData("not json")]
    public async Task What_is_no_json_is_answered_too(string body)
    {
        var problem = await Problem.ReadAsync(await app.Trainer.SendRawAsync(HttpMethod.Post, "/api/horses", body));
        problem.Status.ShouldBe(400);
    }

    [Fact]
    public async Task A_wrong_kind_of_value_is_named_by_its_field()
    {
        var problem = await Problem.ReadAsync(
            await app.Trainer.SendRawAsync(HttpMethod.Post, "/api/horses", """{"name": "Bramble", "foaled": "last spring"}""")
        );
        problem.Fields.ShouldBe(["foaled"]);
        problem = await Problem.ReadAsync(
            await app.Trainer.SendRawAsync(HttpMethod.Post, "/api/horses", """{"name": "Bramble", "sex": "filly"}""")
        );
        problem.Fields.ShouldBe(["sex"]);
    }

    [Fact]
    public async Task All_faults_of_a_form_are_told_at_once()
    {
        var problem = await app.Trainer.RefusedAsync(
            HttpMethod.Post,
            "/api/horses",
            new
            {
                name = "",
                foaled = 2050,
                height = "tall",
            }
        );
        problem.Fields.ShouldBe(["name", "foaled", "height", "sex", "experience"]);
    }

    [Fact]
    public async Task A_set_up_of_no_family_is_told_to_give_one() =>
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(app.Horse)}/set-ups/measure", new { poles = 4 }))
            .Faults[0]
            .Mend.ShouldContain("family");

    [Fact]
    public async Task A_megabyte_at_once_is_too_much()
    {
        var answer = await app.Trainer.SendRawAsync(HttpMethod.Post, "/api/horses", $"{{\"notes\": \"{new string('x', 1_100_000)}\"}}");
        ((int)answer.StatusCode).ShouldBeInRange(400, 413);
    }

    [Theory]
    [InlineData("/api/horses/not-an-id")]
    [InlineData("/api/horses/00000000-0000-0000-0000-000000000000/rides")]
    [InlineData("/api/nothing/here")]
    public async Task An_address_that_leads_nowhere_is_not_found(string address) =>
        (await Problem.ReadAsync(await app.Trainer.SendAsync(HttpMethod.Get, address))).Status.ShouldBe(404);

    [Theory]
    [InlineData("")]
    [InlineData("?from=2026-04-30&to=2026-04-01")]
    [InlineData("?from=2026-04-01&to=2029-04-01")]
    [InlineData("?from=yesterday&to=2026-04-01")]
    [InlineData("?from=0001-01-01&to=0001-01-02")]
    [InlineData("?from=9999-12-30&to=9999-12-31")]
    public async Task A_span_of_days_that_cannot_be_shown_is_refused_or_empty(string query)
    {
        var answer = await app.Trainer.SendAsync(HttpMethod.Get, $"{Calls.Of(app.Horse)}/sessions{query}");
        ((int)answer.StatusCode).ShouldBeLessThan(500, await answer.Content.ReadAsStringAsync());
    }

    [Fact]
    public async Task An_event_with_a_clock_in_another_zone_is_kept()
    {
        var body =
            $$"""{"on": "2026-04-18", "events": [{"kind": "tensionSeen", "id": "{{Guid.NewGuid()}}", "at": "2026-04-18T12:00:00+05:30", "tension": 2}]}""";
        (await app.Trainer.SendRawAsync(HttpMethod.Post, $"{Calls.Of(app.Horse)}/rides/{Guid.NewGuid()}/events", body)).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
    }

    /// <summary>The good body with every one of its values in turn replaced by rubbish, or left out.</summary>
    private static IEnumerable<string> Variations(string json)
    {
        foreach (var (at, path) in Paths(JsonNode.Parse(json)!, []).ToList().Index())
        {
            // As text, since some rubbish is not even a JSON string.
            const string here = "put rubbish here";
            var marked = Changed(json, path, place => place.Replace(here));
            foreach (
                var rubbish in Enumerable
                    .Range(at * Cases.RubbishInEachField, Cases.RubbishInEachField)
                    .Select(n => Rubbish[n % Rubbish.Length])
            )
            {
                yield return marked.Replace($"\"{here}\"", rubbish, StringComparison.Ordinal);
            }

            yield return Changed(json, path, place => place.Remove());
        }
    }

    private static string Changed(string json, IReadOnlyList<object> path, Action<Place> change)
    {
        var root = JsonNode.Parse(json)!;
        var parent = path.Take(path.Count - 1).Aggregate(root, (node, step) => step is int i ? node[i]! : node[(string)step]!);
        change(new Place(parent, path[^1]));
        return root.ToJsonString();
    }

    private static IEnumerable<IReadOnlyList<object>> Paths(JsonNode? node, IReadOnlyList<object> here) =>
        node switch
        {
            JsonObject o => o.SelectMany(p => Paths(p.Value, [.. here, p.Key]).Prepend([.. here, p.Key])),
            // Of entries with the same fields one is enough.
            JsonArray a => a.Index()
                .DistinctBy(e => Shape(e.Item))
                .SelectMany(e => Paths(e.Item, [.. here, e.Index]).Prepend([.. here, e.Index])),
            _ => [],
        };

    private static string Shape(JsonNode? node) =>
        node switch
        {
            JsonObject o => $"{{{string.Join(',', o.Select(p => $"{p.Key}:{(p.Value is null ? "null" : Shape(p.Value))}"))}}}",
            JsonArray a => $"[{string.Join(',', a.Select(Shape).Distinct())}]",
            _ => "value",
        };

    private sealed record Place(JsonNode Parent, object Key)
    {
        public void Replace(JsonNode? with)
        {
            if (Key is int i)
            {
                Parent.AsArray()[i] = with;
            }
            else
            {
                Parent.AsObject()[(string)Key] = with;
            }
        }

        public void Remove()
        {
            if (Key is int i)
            {
                Parent.AsArray().RemoveAt(i);
            }
            else
            {
                Parent.AsObject().Remove((string)Key);
            }
        }
    }
}
