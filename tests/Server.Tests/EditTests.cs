using Hippodrome.Application;
using Hippodrome.Application.Setups;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Two people on one thing: nothing is overwritten, both versions are shown.</summary>
public class EditTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task A_late_edit_of_a_horse_gets_both_versions()
    {
        var horse = await app.AddHorseAsync();
        HorseEntry Named(string name) => Calls.Horse with { Name = name };
        await app.Trainer.PutAsync(Calls.Of(horse), new Change<HorseEntry>(1, Named("First")));
        var late = await app.Trainer.RefusedAsync(HttpMethod.Put, Calls.Of(horse), new Change<HorseEntry>(1, Named("Second")));
        late.Status.ShouldBe(409);
        ((string)late.Document["current"]!["name"]!).ShouldBe("First");
        ((string)late.Document["sent"]!["name"]!).ShouldBe("Second");
        ((string)(await app.Trainer.GetAsync(Calls.Of(horse)))["horse"]!["name"]!).ShouldBe("First");

        // Whoever has looked at both may still keep theirs.
        await app.Trainer.PutAsync(Calls.Of(horse), new Change<HorseEntry>((int)late.Document["current"]!["version"]!, Named("Second")));
    }

    [Theory]
    [InlineData("PUT /api/horses/{horseId}/aims/{aimId:guid}")]
    [InlineData("PUT /api/horses/{horseId}/aims/{aimId:guid}/demands")]
    [InlineData("PUT /api/horses/{horseId}/aims/{aimId:guid}/result")]
    [InlineData("PUT /api/horses/{horseId}/set-ups/{setUpId:guid}")]
    [InlineData("PUT /api/horses/{horseId}/sessions/{sessionId:guid}")]
    [InlineData("PUT /api/people/{personId:guid}")]
    public async Task Every_edit_carries_a_version(string endpoint)
    {
        var call = await Calls.All[endpoint](app);
        await app.Trainer.PutAsync(call.Address, call.Body!);
        var late = await app.Trainer.RefusedAsync(HttpMethod.Put, call.Address, call.Body);
        late.Status.ShouldBe(409);
        ((int)late.Document["current"]!["version"]!).ShouldBe(2);
        late.Document["sent"].ShouldNotBeNull();
    }

    [Fact]
    public async Task Of_twenty_edits_at_once_one_wins()
    {
        var horse = await app.AddHorseAsync();
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 20)
                .Select(i =>
                    app.Trainer.SendAsync(
                        HttpMethod.Put,
                        Calls.Of(horse),
                        new Change<HorseEntry>(1, Calls.Horse with { Notes = $"edit {i}" })
                    )
                )
        );
        answers.Select(a => (int)a.StatusCode).Order().ShouldBe([200, .. Enumerable.Repeat(409, 19)]);
    }

    [Theory]
    [InlineData("aims")]
    [InlineData("set-ups")]
    [InlineData("sessions")]
    public async Task What_is_taken_off_can_be_put_back(string what)
    {
        var address = (
            await Calls.All[
                $"DELETE /api/horses/{{horseId}}/{what}/{(what == "aims" ? "{aimId:guid}" : what == "set-ups" ? "{setUpId:guid}" : "{sessionId:guid}")}"
            ](app)
        ).Address;
        var id = address.Split('/')[^1];
        var list = $"{Calls.Of(app.Horse)}/{what}{(what == "sessions" ? "?from=2026-04-18&to=2026-04-18" : "")}";
        async Task<bool> ListedAsync()
        {
            var listed = await app.Trainer.GetAsync(list);
            return (what == "aims" ? listed["aims"]! : listed).AsArray().Any(x => (string)x!["id"]! == id);
        }

        (await ListedAsync()).ShouldBeTrue();
        await app.Trainer.SendAsync(HttpMethod.Delete, address);
        (await ListedAsync()).ShouldBeFalse();
        await app.Trainer.PostAsync($"{address}/restore", new { });
        (await ListedAsync()).ShouldBeTrue();
    }

    [Fact]
    public async Task A_set_up_that_was_ridden_stays_as_it_was()
    {
        var setUp = await Calls.SetUpAsync(app);
        var session = await Calls.SessionAsync(app, Calls.Session(setUp: Guid.Parse(setUp.Split('/')[^1])));
        await Calls.RideAsync(app, Calls.Ride(Guid.Parse(session.Split('/')[^1])));
        var changed = new Change<NamedSetUpEntry>(1, new NamedSetUpEntry("Other", Calls.CrossPole));
        (await app.Trainer.RefusedAsync(HttpMethod.Put, setUp, changed)).Faults.ShouldHaveSingleItem().Mend.ShouldContain("new set-up");

        var planned = new Change<SessionEntry>(1, Calls.Session());
        (await app.Trainer.RefusedAsync(HttpMethod.Put, session, planned))
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain("has been ridden");
        (await app.Trainer.RefusedAsync(HttpMethod.Delete, session)).Status.ShouldBe(400);
    }

    [Fact]
    public async Task A_set_up_that_does_not_fit_its_arena_is_not_kept()
    {
        var entry = new NamedSetUpEntry("Too near", Calls.Poles with { MiddleMetres = 1 });
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(app.Horse)}/set-ups", entry)).Fields.ShouldBe(["middleMetres"]);
    }

    [Fact]
    public async Task A_session_cannot_name_another_horses_set_up()
    {
        var other = await app.AddHorseAsync();
        var setUp = Guid.Parse((await Calls.SetUpAsync(app, horse: other)).Split('/')[^1]);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(app.Horse)}/sessions", Calls.Session(setUp: setUp))).Fields.ShouldBe([
            "parts[1].setUpId",
        ]);
    }

    [Fact]
    public async Task An_aims_level_is_kept_with_its_scheme()
    {
        var all = await app.Trainer.PostAsync($"{Calls.Of(app.Horse)}/aims", Calls.Aim with { Name = "With scheme" });
        var kept = all["aims"]!.AsArray().Single(a => (string)a!["name"]! == "With scheme")!;
        ((string)kept["scheme"]!, (string)kept["level"]!, (int)kept["daysLeft"]!).ShouldBe(("League", "Novice", 44));
        (
            await app.Trainer.RefusedAsync(
                HttpMethod.Post,
                $"{Calls.Of(app.Horse)}/aims",
                new AimEntry("No scheme", Calls.Aim.On, Discipline.Jumping, null, "Novice")
            )
        ).Fields.ShouldBe(["scheme"]);
    }
}
