using Hippodrome.Application.Aims;
using Hippodrome.Formats.Tables;
using Hippodrome.Server.Yards;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Aims and results out as a table (RFC 4180) and in again: all lines or none, each fault with its line.</summary>
public class AimsTableTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private const string Head =
        "Horse,Day,Name,Discipline,Scheme,Level,Height,Where,Importance,Test,"
        + "Started,Penalties,PercentOfMarks,SecondsOver,Place,Of,Held,DidNotHold";

    private const string Fine =
        "Pipit,2026-03-08,\"Farrowby, spring\",Jumping,National jumping,0.90 m,0.90,Farrowby,Step,,yes,4,,0,3,22,\"the \"\"canter\"\"\",";

    private Task<System.Text.Json.Nodes.JsonNode> TakeAsync(string table) =>
        demo.Trainer.PostAsync("/api/aims/table", new AimsTableEntry(table));

    [Fact]
    public async Task What_goes_out_comes_in_again_and_is_there_already()
    {
        var written = await (await demo.Trainer.SendAsync(HttpMethod.Get, "/api/aims.csv")).Content.ReadAsStringAsync();
        written.Split("\r\n")[0].ShouldBe(Head);
        var lines = AimsTable.Read(written).OrThrow();
        lines.Count.ShouldBeGreaterThan(6);
        lines.ShouldContain(l => l.Result != null && l.Result.Place == 3);
        lines.ShouldContain(l => l.Horse == "Tarn Lark" && l.Test == "Thursday lines");
        var taken = await TakeAsync(written);
        ((int)taken["added"]!, (int)taken["thereAlready"]!).ShouldBe((0, lines.Count));
    }

    [Fact]
    public async Task A_line_is_a_competition_with_how_it_went_and_twice_it_is_one()
    {
        var table = $"{Head}\n{Fine}\n\n{Fine}\n";
        var taken = await TakeAsync(table);
        ((int)taken["added"]!, (int)taken["thereAlready"]!).ShouldBe((1, 1));
        ((int)(await TakeAsync(table))["added"]!).ShouldBe(0);
        var pipit = (await demo.Trainer.GetAsync("/api/horses")).AsArray().Single(h => (string)h!["name"]! == "Pipit")!;
        var aim = (await demo.Trainer.GetAsync($"/api/horses/{pipit["id"]}/aims"))["aims"]!
            .AsArray()
            .Single(a => (string)a!["name"]! == "Farrowby, spring")!;
        ((string)aim["result"]!["held"]!, (int)aim["result"]!["place"]!).ShouldBe(("the \"canter\"", 3));
    }

    [Fact]
    public void Semicolons_other_capitals_and_another_order_are_read_too()
    {
        var read = AimsTable
            .Read("level;scheme;NAME;day;Discipline;horse\r\nElementary;Ours;Yard day;2026-06-01;dressage;Pipit\r\n")
            .OrThrow();
        var line = read.ShouldHaveSingleItem();
        (line.Line, line.Horse, line.Aim.Level, line.Result).ShouldBe((2, "Pipit", "Elementary", null));
    }

    [Fact]
    public async Task A_line_names_its_test_and_the_aim_asks_what_it_asks()
    {
        await TakeAsync($"{Head}\nPipit,2026-05-02,Ashlode evening,Dressage,Ours,Third,,Ashlode,Step,first frost,,,,,,,,\n");
        var pipit = (await demo.Trainer.GetAsync("/api/horses")).AsArray().Single(h => (string)h!["name"]! == "Pipit")!["id"];
        var aim = (await demo.Trainer.GetAsync($"/api/horses/{pipit}/aims"))["aims"]!
            .AsArray()
            .Single(a => (string)a!["name"]! == "Ashlode evening")!["id"];
        var readiness = await demo.Trainer.GetAsync($"/api/horses/{pipit}/aims/{aim}/readiness");
        readiness["standard"]!
            .AsArray()
            .Select(d => (string)d!["id"]!)
            .ShouldBe(["away", "test-flatwork/lines-and-large-circles", "test-flatwork/trot-canter"]);
    }

    /// <summary>Twelve wrong things: each names its line, and what is right is not taken in without it.</summary>
    [Theory]
    [InlineData("Pipit", "Nobody's", "lines[2].horse")]
    [InlineData("2026-03-08", "8.3.2026", "lines[2].on")]
    [InlineData("2026-03-08", "2026-13-08", "lines[2].on")]
    [InlineData("2026-03-08", "2036-03-08", "lines[2].on")]
    [InlineData("\"Farrowby, spring\"", "", "lines[2].name")]
    [InlineData("Jumping", "Polo", "lines[2].discipline")]
    [InlineData("Jumping", "2", "lines[2].discipline")]
    [InlineData("National jumping", "", "lines[2].scheme")]
    [InlineData("0.90,Farrowby", "ninety,Farrowby", "lines[2].heightMetres")]
    [InlineData("Step", "Huge", "lines[2].importance")]
    [InlineData("Step,,", "Step,Third Thaw,", "lines[2].test")]
    [InlineData("Step,,", "Step,First Frost,", "lines[2].testId")]
    [InlineData("yes", "perhaps", "lines[2].started")]
    [InlineData("yes,4", "yes,NaN", "lines[2].penalties")]
    [InlineData("3,22", "23,22", "lines[2].place")]
    public async Task A_wrong_line_is_named_and_nothing_is_taken_in(string right, string wrong, string field)
    {
        Fine.ShouldContain(right);
        var table =
            $"{Head}\n{Fine.Replace(right, wrong, StringComparison.Ordinal)}\n{Fine.Replace("spring", field, StringComparison.Ordinal)}\n";
        var refused = await demo.Trainer.RefusedAsync(HttpMethod.Post, "/api/aims/table", new AimsTableEntry(table));
        refused.Fields.ShouldBe([field]);
        refused.Faults.ShouldAllBe(f => f.Says.StartsWith("Line 2: ", StringComparison.Ordinal) && f.Mend.Length > 0);
        (await (await demo.Trainer.SendAsync(HttpMethod.Get, "/api/aims.csv")).Content.ReadAsStringAsync()).ShouldNotContain(field);
    }

    [Theory]
    [InlineData(null)]
    [InlineData(" ")]
    [InlineData("Horse,Day\nPipit,2026-03-08\n")]
    [InlineData("nothing of the kind")]
    public async Task What_is_no_table_of_aims_is_refused(string? table) =>
        (await demo.Trainer.RefusedAsync(HttpMethod.Post, "/api/aims/table", new AimsTableEntry(table)))
            .Fields.Distinct()
            .ShouldBe(["table"]);
}
