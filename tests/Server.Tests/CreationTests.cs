using System.Net;
using System.Net.Http.Json;
using Hippodrome.Core.Measures;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;
using Npgsql;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>A signal that fails makes people send again: what is made under an id of theirs is made once.</summary>
public class CreationTests(App app) : IClassFixture<App>
{
    /// <summary>These ask and keep nothing, or leave the same behind however often they are sent.</summary>
    private static readonly string[] MakeNothing =
    [
        "/api/sign-in",
        "/api/week/share",
        "/api/rides/judge",
        "/api/horses/{horseId}/set-ups/measure",
        "/api/horses/{horseId}/set-ups/beside",
        "/api/horses/{horseId}/set-ups/mirrored",
        "/api/horses/{horseId}/set-ups/who-can-ride",
        "/api/horses/{horseId}/set-ups/file",
        "/api/horses/{horseId}/sessions/check",
        "/api/horses/{horseId}/dressage-tests/{testId:guid}/part",
        "/api/dressage-tests/check",
        "/api/dressage-tests/mirror",
        "/api/horses/{horseId}/sessions/propose",
        "/api/horses/{horseId}/blocks/plan",
        "/api/horses/{horseId}/blocks/{blockId:guid}/again",
        "/api/horses/{horseId}/aims/{aimId:guid}/moves/day-more",
        "/api/horses/{horseId}/aims/{aimId:guid}/moves/more-help",
        // Events carry ids of their own.
        "/api/horses/{horseId}/rides/{rideId:guid}/taps",
        "/api/horses/{horseId}/rides/{rideId:guid}/events",
    ];

    private List<(string Route, bool Creates)> Posts() =>
        [
            .. app
                .Services.GetServices<EndpointDataSource>()
                .SelectMany(s => s.Endpoints)
                .OfType<RouteEndpoint>()
                .Where(e => e.Metadata.GetMetadata<HttpMethodMetadata>()?.HttpMethods.Contains("POST") == true)
                .Select(e => ("/" + e.RoutePattern.RawText!.TrimStart('/'), e.Metadata.GetMetadata<CreationMetadata>() is not null)),
        ];

    [Fact]
    public void Whatever_makes_something_takes_an_id_for_it() =>
        Posts()
            .Where(p => !p.Creates && !p.Route.EndsWith("/restore", StringComparison.Ordinal))
            .Select(p => p.Route)
            .Order()
            .ShouldBe(MakeNothing.Order());

    [Fact]
    public async Task Whatever_is_sent_twice_under_one_id_is_answered_alike_and_made_once()
    {
        var wrong = new List<string>();
        foreach (var (route, _) in Posts().Where(p => p.Creates))
        {
            var call = await Calls.All[$"POST {route}"](app);
            var id = Guid.NewGuid();
            var first = await MakeAsync(app.Trainer, call.Address, call.Body!, id);
            var (answer, rows) = (await first.Content.ReadAsStringAsync(), await RowsAsync());
            var again = await MakeAsync(app.Trainer, call.Address, call.Body!, id);
            var second = await again.Content.ReadAsStringAsync();
            if (!first.IsSuccessStatusCode || again.StatusCode != HttpStatusCode.OK || second != answer || await RowsAsync() != rows)
            {
                wrong.Add(
                    $"{route}: {first.StatusCode} {answer[..Math.Min(300, answer.Length)]}, then {again.StatusCode} {second[..Math.Min(300, second.Length)]}"
                );
            }
        }

        wrong.ShouldBeEmpty();
    }

    [Fact]
    public async Task Another_content_under_the_same_id_is_refused_and_nothing_is_overwritten()
    {
        var id = Guid.NewGuid();
        var first = await Client.JsonAsync(await MakeAsync(app.Trainer, "/api/horses", Calls.Horse, id));
        Guid.Parse((string)first["id"]!).ShouldBe(id);
        (await MakeAsync(app.Trainer, "/api/horses", Calls.Horse with { Name = "Another" }, id)).StatusCode.ShouldBe(
            HttpStatusCode.Conflict
        );
        ((string)(await app.Trainer.GetAsync($"/api/horses/{id}"))["horse"]!["name"]!).ShouldBe(Calls.Horse.Name);

        // The same content elsewhere is another thing, and so is it from somebody else.
        (await MakeAsync(app.Trainer, $"/api/horses/{app.Horse.Id}/strides", Calls.Stride, id)).StatusCode.ShouldBe(
            HttpStatusCode.Conflict
        );

        // Another yard has ids of its own.
        (await MakeAsync(app.Elsewhere, "/api/horses", Calls.Horse, id)).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Ten_sendings_at_once_make_one_horse()
    {
        var (id, horse) = (Guid.NewGuid(), Calls.Horse with { Name = $"Tenfold {Guid.NewGuid():N}"[..20] });
        var answers = await Task.WhenAll(Enumerable.Range(0, 10).Select(_ => MakeAsync(app.Trainer, "/api/horses", horse, id)));
        answers.ShouldAllBe(a => a.StatusCode == HttpStatusCode.OK);
        (await app.Trainer.GetAsync("/api/horses")).AsArray().Count(h => (string)h!["name"]! == horse.Name).ShouldBe(1);
    }

    [Fact]
    public async Task What_was_refused_may_be_mended_and_sent_under_the_same_id()
    {
        var id = Guid.NewGuid();
        (await MakeAsync(app.Trainer, "/api/horses", Calls.Horse with { Name = "" }, id)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await MakeAsync(app.Trainer, "/api/horses", Calls.Horse, id)).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task An_id_that_is_none_is_refused() =>
        (
            await Problem.ReadAsync(
                await app.Trainer.SendContentAsync(
                    HttpMethod.Post,
                    "/api/horses",
                    JsonContent.Create(Calls.Horse, options: Json.Options),
                    (Creations.Header, "seven")
                )
            )
        ).Fields.ShouldBe([Creations.Header]);

    private static async Task<HttpResponseMessage> MakeAsync(Client who, string address, object body, Guid id) =>
        await who.FollowAsync(
            await who.SendContentAsync(
                HttpMethod.Post,
                address,
                JsonContent.Create(body, body.GetType(), options: Json.Options),
                (Creations.Header, id.ToString())
            )
        );

    /// <summary>How many rows there are of everything but orders in the queue, which are forgotten by themselves.</summary>
    private async Task<string> RowsAsync()
    {
        await using var source = NpgsqlDataSource.Create(app.OwnerConnection);
        await using var command = source.CreateCommand(
            """
            select string_agg(t.table_name || ' ' || (xpath('/row/n/text()', query_to_xml('select count(*) as n from ' || quote_ident(t.table_name), false, true, '')))[1]::text, ', ' order by t.table_name)
            from information_schema.tables t where t.table_schema = 'public' and t.table_type = 'BASE TABLE' and t.table_name not in ('job', 'job_order')
            """
        );
        return (string)(await command.ExecuteScalarAsync())!;
    }
}
