using Hippodrome.Application;
using Hippodrome.Application.Setups;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;
using Hippodrome.Server.Setups;
using Shouldly;
using Xunit;
using static Hippodrome.Server.Tests.Calls;

namespace Hippodrome.Server.Tests;

/// <summary>Grids and lines over HTTP: measured, kept, refused, held against other horses.</summary>
public class WorkshopTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task A_grid_is_measured_with_its_stages_and_kept()
    {
        var measured = await app.Trainer.PostAsync($"{Of(app.Horse)}/set-ups/measure", Raw(Grid));
        measured["elements"]!
            .AsArray()
            .Select(e => (string)e!["name"]!)
            .ShouldBe(["Placing pole", "Cross-pole 50 cm", "Upright 60 cm", "Square oxer 70 x 80 cm"]);
        measured["stages"]!.AsArray().Count.ShouldBeGreaterThan(5);
        ((int)measured["gaps"]![1]!["between"]!["strides"]!).ShouldBe(1);
        var kept = await app.Trainer.GetAsync(await SetUpAsync(app, Grid));
        ((string)kept["entry"]!["family"]!, kept["entry"]!["elements"]!.AsArray().Count).ShouldBe(("fenceLine", 4));
    }

    [Fact]
    public async Task A_fence_over_the_vets_limit_is_not_kept_and_nothing_typed_is_lost()
    {
        var horse = await app.AddHorseAsync();
        await app.Vet.PostAsync($"{Of(horse)}/restrictions", NoCanter with { MostHeightMetres = 0.6 });
        var refused = await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Of(horse)}/set-ups", new NamedSetUpEntry("Grid", Grid));
        refused
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldBe("Iva Sorrel, vet has ruled that out: no canter, no grids, no fence over 0.60 m.");
        await app.Trainer.PostAsync(
            $"{Of(horse)}/set-ups",
            new NamedSetUpEntry("Grid", Grid with { Elements = [.. Grid.Elements!.Take(3)] })
        );
    }

    /// <summary>Said while it is still being thought about, and not only when it is kept: one fact is changed.</summary>
    [Theory]
    [InlineData(0.6, "Iva Sorrel, vet: no canter, no grids, no fence over 0.60 m")]
    [InlineData(null, null)]
    public async Task What_the_horse_may_not_is_said_at_once(double? most, string? says)
    {
        var horse = await app.AddHorseAsync();
        if (most is not null)
        {
            await app.Vet.PostAsync($"{Of(horse)}/restrictions", NoCanter with { MostHeightMetres = most });
        }

        var beside = await app.Trainer.PostAsync($"{Of(horse)}/set-ups/beside", RawOf(new BesideEntry(Grid)));
        ((string?)beside["mayNot"]).ShouldBe(says);
    }

    [Fact]
    public async Task What_cannot_stand_is_told_by_its_place()
    {
        var bounceIntoOxer = Grid with { Elements = [.. Grid.Elements!.Take(3), new(ElementKind.SquareOxer, 0.7, 0.8, 0)] };
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Of(app.Horse)}/set-ups/measure", Raw(bounceIntoOxer))).Fields.ShouldBe([
            "elements[3].strides",
        ]);
    }

    [Fact]
    public async Task Horses_are_held_against_what_stands_and_put_in_order()
    {
        var (tall, small) = (await app.AddHorseAsync(), await app.AddHorseAsync());
        foreach (var (horse, strides) in new[] { (tall, 10.0), (small, 13.0) })
        {
            await app.Trainer.PostAsync(
                $"{Of(horse)}/strides",
                Stride with
                {
                    Variant = GaitVariant.CanterCourse,
                    StripMetres = 40,
                    Count = strides,
                    Counted = Counted.Strides,
                    Seconds = 7,
                }
            );
        }

        var view = await app.Trainer.PostAsync($"{Of(tall)}/set-ups/who-can-ride", RawOf(new WhoCanRideEntry(Grid, [tall.Id, small.Id])));
        var on = view["horses"]!.AsArray().ToDictionary(h => (string)h!["horseId"]!, h => h!["on"]!);
        ((bool)on[tall.Id.ToString()]["asBuilt"]!).ShouldBeTrue();
        ((double)on[small.Id.ToString()]["gaps"]![2]!["longerBy"]!).ShouldBeLessThan(0);
        view["order"]!["turns"]!.AsArray().Count.ShouldBe(2);
        ((double)view["order"]!["metres"]!).ShouldBeGreaterThan(0);
    }

    [Fact]
    public async Task A_rider_sees_only_the_horses_given_to_them()
    {
        var view = await app.Rider.PostAsync($"{Of(app.Horse)}/set-ups/who-can-ride", RawOf(new WhoCanRideEntry(Grid)));
        var mine = (await app.Rider.GetAsync("/api/horses")).AsArray().Select(h => (string)h!["id"]!).ToHashSet();
        view["horses"]!.AsArray().Select(h => (string)h!["horseId"]!).ShouldAllBe(id => mine.Contains(id));
    }

    /// <summary>Out and in again, every family: the same set-up under the same name, for another horse.</summary>
    [Fact]
    public async Task A_set_up_goes_out_as_a_file_and_comes_in_again()
    {
        var other = await app.AddHorseAsync();
        var curve = new CurvedPolesEntry
        {
            Arena = Grid.Arena,
            Line = Grid.Line,
            Heading = Grid.Heading,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = CurveKind.Fan,
            Variant = GaitVariant.TrotWorking,
            Poles = 4,
            RadiusMetres = 8,
        };
        var bend = Grid with
        {
            Kind = LineKind.RelatedLine,
            Elements = [new(ElementKind.Upright, 0.9), new(ElementKind.Parallel, 0.9, 0.8, 4)],
            BendDegrees = 40,
            BendTo = Rein.Left,
        };
        var corridor = new CorridorEntry
        {
            Arena = Grid.Arena,
            Line = Grid.Line,
            Heading = Grid.Heading,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Sections = 3,
            WidthMetres = 1.1,
            Halts = 1,
            BackSteps = 3,
            TurnedDegrees = 20,
        };
        var figure = new FigureEntry
        {
            Arena = Grid.Arena,
            Line = Grid.Line,
            Heading = Grid.Heading,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = FigureKind.Serpentine,
            Variant = GaitVariant.TrotWorking,
            Rein = Rein.Left,
            Loops = 4,
        };
        foreach (
            var entry in new SetUpEntry[]
            {
                bend,
                corridor,
                figure,
                Poles with
                {
                    Laying = Laying.Zigzag,
                },
                Poles,
                Calls.CrossPole,
                Grid,
                curve with
                {
                    Line = Core.Arenas.ArenaLine.CentreLine,
                },
                new NarrowEntry
                {
                    Arena = Grid.Arena,
                    Line = Grid.Line,
                    Heading = Grid.Heading,
                    MiddleMetres = 30,
                    AdjustMetres = 0,
                    WidthMetres = 1.8,
                    Guides = Guides.Left,
                    HeightMetres = 0.6,
                    ComesIn = Gait.Canter,
                },
            }
        )
        {
            var address = await SetUpAsync(app, entry);
            System.Xml.Linq.XDocument.Parse(
                await (await app.Trainer.SendAsync(HttpMethod.Get, $"{address}/drawing")).Content.ReadAsStringAsync()
            );
            var file = await (await app.Trainer.SendAsync(HttpMethod.Get, $"{address}/file")).Content.ReadAsStringAsync();
            var read = await Client.JsonAsync(await app.Trainer.SendRawAsync(HttpMethod.Post, $"{Of(other)}/set-ups/file", file));
            read["entry"]!.ToJsonString().ShouldBe((await app.Trainer.GetAsync(address))["entry"]!.ToJsonString());
        }
    }

    [Theory]
    [InlineData("""{"format": "recipe", "version": 1, "name": "x"}""", "format,setUp")]
    [InlineData("""{"format": "set-up", "version": 9, "name": "x"}""", "version,setUp")]
    [InlineData(
        """{"format": "set-up", "setUp": {"family": "crossPole", "arena": "sixtyByTwenty", "line": "centreLine", "heading": "towardsC", "middleMetres": 30, "heightMetres": 3}}""",
        "name,setUp.heightMetres"
    )]
    [InlineData("""{"format": "set-up", "name": "x", "setUp": {"family": "cathedral"}}""", "")]
    [InlineData("""{"format": "set-up", "name": "x", "setUp": 5}""", "setUp")]
    public async Task A_file_that_is_none_is_answered_by_field(string file, string fields)
    {
        var problem = await Problem.ReadAsync(await app.Trainer.SendRawAsync(HttpMethod.Post, $"{Of(app.Horse)}/set-ups/file", file));
        problem.Status.ShouldBe(400);
        problem.Faults.ShouldNotBeEmpty();
        if (fields.Length > 0)
        {
            string.Join(",", problem.Fields).ShouldBe(fields);
        }
    }

    /// <summary>Well-formed, to scale: the last rail stands as many centimetres along as the tape reads.</summary>
    [Fact]
    public async Task The_drawing_is_svg_with_the_readings_of_the_screen()
    {
        var address = await SetUpAsync(app, Grid);
        var answer = await app.Trainer.SendAsync(HttpMethod.Get, $"{address}/drawing");
        answer.Content.Headers.ContentType!.MediaType.ShouldBe("image/svg+xml");
        var svg = System.Xml.Linq.XDocument.Parse(await answer.Content.ReadAsStringAsync());
        var elements = (await app.Trainer.GetAsync(address))["measured"]!["elements"]!.AsArray();
        var texts = svg.Descendants().Where(e => e.Name.LocalName == "text").Select(e => e.Value).ToList();
        elements.Select(e => (string)e!["atText"]!["metres"]!).ShouldAllBe(reading => texts.Contains(reading));
        var rails = svg.Descendants().Where(e => e.Name.LocalName == "line").Select(e => (double)e.Attribute("x1")!).ToList();
        var last = (double)elements.Last()!["at"]! * 100;
        rails.ShouldContain(x => Math.Abs(x - last) < 0.01);
    }

    /// <summary>A placing pole, a cross-pole, an upright and an oxer, with a ground line each: 1, 3, 2 and 4 poles, and wings for four rails' ends (common practice, no source).</summary>
    [Fact]
    public async Task The_kit_is_counted()
    {
        var kit = (await app.Trainer.PostAsync($"{Of(app.Horse)}/set-ups/measure", Raw(Grid)))["kitNeeded"]!.AsArray();
        kit.Select(k => (string)k!["says"]!).ShouldBe(["10 poles", "8 wings", "10 cups"]);
    }

    [Theory]
    [InlineData("21%276%22", 6.5532)]
    [InlineData("6.5%20paces", 5.9436)]
    [InlineData("5.94", 5.94)]
    public async Task A_typed_distance_is_read(string text, double metres) =>
        ((double)(await app.Trainer.GetAsync($"/api/distance?text={text}"))["metres"]!).ShouldBe(metres, 0.0001);

    [Fact]
    public async Task What_is_no_distance_is_answered_with_a_mend() =>
        (await app.Trainer.RefusedAsync(HttpMethod.Get, "/api/distance?text=far"))
            .Faults.ShouldHaveSingleItem()
            .Mend.ShouldContain("6.5 paces");

    [Fact]
    public async Task Every_version_of_a_set_up_is_kept_the_latest_first()
    {
        var address = await SetUpAsync(app);
        await app.Trainer.PutAsync(address, new Change<NamedSetUpEntry>(1, new NamedSetUpEntry("Five of them", Poles with { Poles = 5 })));
        var versions = (await app.Trainer.GetAsync($"{address}/versions")).AsArray();
        versions
            .Select(v => ((int)v!["version"]!, (string)v["name"]!, (int)v["entry"]!["poles"]!))
            .ShouldBe([(2, "Five of them", 5), (1, "Poles", 4)]);
    }

    [Fact]
    public async Task A_set_up_for_the_other_rein_lies_across_the_centre_line()
    {
        var mirrored = await app.Trainer.PostAsync(
            $"{Of(app.Horse)}/set-ups/mirrored",
            Raw(Poles with { Line = Core.Arenas.ArenaLine.LeftQuarterLine, TurnedDegrees = 15 })
        );
        ((string)mirrored["family"]!, (string)mirrored["line"]!, (double)mirrored["turnedDegrees"]!).ShouldBe(
            ("poleLine", "rightQuarterLine", -15)
        );
    }

    /// <summary>A yard of its own, so that what stands tonight is this test's alone.</summary>
    [Fact]
    public async Task Tonights_arena_tells_what_is_in_whose_way_and_what_kit_is_short()
    {
        var trainer = app.Elsewhere;
        var horse = (string)(await trainer.PostAsync("/api/horses", Calls.Horse))["id"]!;
        async Task<string> KeepAsync(string name, SetUpEntry entry) =>
            (string)(await trainer.PostAsync($"/api/horses/{horse}/set-ups", new NamedSetUpEntry(name, entry)))["id"]!;
        var (poles, grid) = (await KeepAsync("Poles", Poles), await KeepAsync("Grid", Grid));
        await trainer.PutAsync("/api/kit", new KitEntry([new(KitKind.Pole, 3, 10), new(KitKind.Wing, 0, 4), new(KitKind.Cup, 0, 20)]));
        var tonight = await trainer.PutAsync("/api/arena", new TonightsArenaEntry([Guid.Parse(poles), Guid.Parse(grid)]));
        ((string)tonight["clashes"]!.AsArray().Single()!["kind"]!).ShouldBe("samePlace");
        tonight["kitShort"]!.AsArray().Select(k => (string)k!["says"]!).ShouldBe(["4 poles", "4 wings"]);

        // Beside the grid alone, the poles on the other quarter line are in nobody's way.
        await trainer.PutAsync("/api/arena", new TonightsArenaEntry([Guid.Parse(grid)]));
        async Task<List<string>> SaysAsync(Core.Arenas.ArenaLine line) =>
            (await trainer.PostAsync($"/api/horses/{horse}/set-ups/beside", RawOf(new BesideEntry(Poles with { Line = line }))))["says"]!
                .AsArray()
                .Select(s => (string)s!)
                .ToList();
        (await SaysAsync(Core.Arenas.ArenaLine.LeftInnerTrack)).ShouldBeEmpty();
        (await SaysAsync(Core.Arenas.ArenaLine.CentreLine)).ShouldHaveSingleItem().ShouldContain("in the same place");

        (await trainer.RefusedAsync(HttpMethod.Put, "/api/arena", new TonightsArenaEntry([Guid.NewGuid()]))).Fields.ShouldBe([
            "setUpIds[0]",
        ]);
        var small = await KeepAsync("Small", Poles with { Arena = Core.Arenas.ArenaSize.FortyByTwenty, MiddleMetres = 20 });
        (
            await trainer.RefusedAsync(HttpMethod.Put, "/api/arena", new TonightsArenaEntry([Guid.Parse(grid), Guid.Parse(small)]))
        ).Fields.ShouldBe(["setUpIds"]);
        (await trainer.GetAsync("/api/arena"))["standing"]!.AsArray().Count.ShouldBe(1);
        (await app.Owner.GetAsync("/api/arena"))["standing"]!.AsArray().ShouldBeEmpty();
    }
}
