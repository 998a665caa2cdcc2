using System.Net;
using System.Text.Json.Nodes;
using Hippodrome.Application;
using Hippodrome.Application.DressageTests;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Formats.DressageTests;
using Hippodrome.Server.DressageTests;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Dressage tests over HTTP: entered, kept, written out and taken in, ridden in pieces, marked.</summary>
public class DressageTestTests(App app) : IClassFixture<App>
{
    private static readonly ShippedTest Frost = ShippedTests.All[0];

    private static string Of(Horse horse, Guid test) => $"/api/horses/{horse.Id}/dressage-tests/{test}";

    private async Task<Guid> AddAsync(DressageTestEntry entry) => (Guid)(await app.Trainer.PostAsync("/api/dressage-tests", entry))["id"]!;

    private static MarkedTestEntry Marked(params double[] marks) =>
        new(new TestRiddenEntry(App.Today, false, "", [.. marks.Select((m, i) => new MovementMarkEntry(i + 1, m, ""))]));

    [Fact]
    public async Task A_test_that_cannot_be_ridden_is_drawn_as_far_as_it_can()
    {
        var entry = Frost.Entry with { Lines = [.. Frost.Entry.Lines!.Take(4), Frost.Entry.Lines![4] with { Metres = 40 }] };
        var drawn = await app.Trainer.PostAsync("/api/dressage-tests/check", entry);
        drawn["ways"]!.AsArray().Count.ShouldBe(4);
        ((string)drawn["faults"]![0]!["field"]!).ShouldBe("lines[4].metres");
        (await app.Trainer.RefusedAsync(HttpMethod.Post, "/api/dressage-tests", entry)).Fields.ShouldBe(["lines[4].metres"]);
    }

    [Fact]
    public async Task Out_as_a_file_and_in_again_it_is_the_same_test()
    {
        var text = await (await app.Trainer.SendAsync(HttpMethod.Get, $"/api/dressage-tests/{Frost.Id}/file")).Content.ReadAsStringAsync();
        var made = await app.Trainer.PostAsync("/api/dressage-tests/file", JsonNode.Parse(text)!);
        made["entry"]!.ToJsonString().ShouldBe((await app.Trainer.GetAsync($"/api/dressage-tests/{Frost.Id}"))["entry"]!.ToJsonString());
    }

    [Fact]
    public async Task Out_as_a_table_and_in_again_it_has_the_same_way()
    {
        var table = await (
            await app.Trainer.SendAsync(HttpMethod.Get, $"/api/dressage-tests/{Frost.Id}/table")
        ).Content.ReadAsStringAsync();
        var made = await app.Trainer.PostAsync("/api/dressage-tests/table", new TestTableEntry("Frost again", "", null, table));
        var first = await app.Trainer.GetAsync($"/api/dressage-tests/{Frost.Id}");
        made["drawn"]!["ways"]!.ToJsonString().ShouldBe(first["drawn"]!["ways"]!.ToJsonString());
        made["drawn"]!["movements"]!.ToJsonString().ShouldBe(first["drawn"]!["movements"]!.ToJsonString());
    }

    [Fact]
    public async Task A_test_that_ships_stays_and_a_marked_one_keeps_its_movements()
    {
        (
            await app.Trainer.RefusedAsync(HttpMethod.Put, $"/api/dressage-tests/{Frost.Id}", new Change<DressageTestEntry>(0, Frost.Entry))
        ).Status.ShouldBe(400);
        var horse = await app.AddHorseAsync();
        var id = await AddAsync(Frost.Entry with { Name = "Ours" });
        await app.Trainer.PostAsync($"{Of(horse, id)}/ridden", Marked(6));
        var fewer = Frost.Entry with { Lines = [.. Frost.Entry.Lines!.Take(5)] };
        (
            await app.Trainer.RefusedAsync(HttpMethod.Put, $"/api/dressage-tests/{id}", new Change<DressageTestEntry>(1, fewer))
        ).Fields.ShouldBe(["lines"]);
        // Its words may change: the numbers in the marks mean the same.
        var reworded = Frost.Entry with { Lines = [.. Frost.Entry.Lines!.Select(l => l with { Words = $"{l.Words}!" })] };
        await app.Trainer.PutAsync($"/api/dressage-tests/{id}", new Change<DressageTestEntry>(1, reworded));
    }

    [Fact]
    public async Task A_session_names_a_test_of_the_yard_and_movements_it_has()
    {
        var horse = await app.AddHorseAsync();
        var part = await app.Trainer.PostAsync($"{Of(horse, Frost.Id)}/part", new PiecesEntry([3, 4]));
        part["testPieces"]!.AsArray().Select(n => (int)n!).ShouldBe([4, 3]);
        SessionEntry With(Guid test, params int[] pieces) =>
            new(
                App.Today,
                "Pieces",
                Manner.Ridden,
                false,
                [
                    PartEntry.Of(Phase.WarmUp, "Walk", Gait.Walk, Rein.Both, 12),
                    PartEntry.Of(Phase.Work, "Pieces", Gait.Trot, Rein.Both, 4) with
                    {
                        TestId = test,
                        TestPieces = pieces,
                    },
                    PartEntry.Of(Phase.CoolDown, "Walk", Gait.Walk, Rein.Both, 10),
                ],
                ""
            );
        var kept = await app.Trainer.PostAsync($"/api/horses/{horse.Id}/sessions", With(Frost.Id, 4, 3));
        kept["parts"]![1]!["testPieces"]!.AsArray().Select(n => (int)n!).ShouldBe([4, 3]);
        var sheet = await app.Trainer.GetAsync($"/api/horses/{horse.Id}/rail?sessionId={kept["id"]}");
        ((int)sheet["pieces"]![0]!["pieces"]![0]!["number"]!).ShouldBe(4);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"/api/horses/{horse.Id}/sessions", With(Frost.Id, 99))).Fields.ShouldBe([
            "parts[1].testPieces",
        ]);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"/api/horses/{horse.Id}/sessions", With(Guid.NewGuid(), 1))).Fields.ShouldBe([
            "parts[1].testId",
        ]);
    }

    [Fact]
    public async Task Marks_are_reckoned_changed_once_and_taken_off_and_back()
    {
        var horse = await app.AddHorseAsync();
        var at = $"{Of(horse, Frost.Id)}/ridden";
        var view = await app.Trainer.PostAsync(at, Marked(6, 7));
        var one = view["ridden"]![0]!;
        ((decimal)one["percent"]!).ShouldBe(65);
        ((bool)one["whole"]!).ShouldBeFalse();
        var ridden = $"{at}/{one["id"]}";
        await app.Trainer.PutAsync(ridden, new Change<MarkedTestEntry>(1, Marked(8, 8)));
        // Whoever was slower is told, and nothing is overwritten.
        (await app.Trainer.RefusedAsync(HttpMethod.Put, ridden, new Change<MarkedTestEntry>(1, Marked(1, 1)))).Status.ShouldBe(409);
        (await app.Trainer.SendAsync(HttpMethod.Delete, ridden)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await app.Trainer.GetAsync(Of(horse, Frost.Id)))["ridden"]!.AsArray().ShouldBeEmpty();
        var back = await app.Trainer.PostAsync($"{ridden}/restore", new { });
        ((decimal)back["ridden"]![0]!["percent"]!).ShouldBe(80);
        var table = await (await app.Trainer.SendAsync(HttpMethod.Get, "/api/test-marks.csv")).Content.ReadAsStringAsync();
        table.ShouldContain($"{App.Today:yyyy-MM-dd},{horse.Name},First Frost,1,1,8,");
    }
}
