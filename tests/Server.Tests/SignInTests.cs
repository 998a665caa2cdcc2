using System.Net;
using Hippodrome.Server.People;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Signing in, out, and being kept out. A server of its own, since tries are counted.</summary>
public class SignInTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task Whoever_signs_in_is_told_who_they_are_and_what_day_it_is()
    {
        var me = await app.Rider.GetAsync("/api/sign-in");
        ((string)me["me"]!["name"]!).ShouldBe("Rider");
        ((string)me["yard"]!).ShouldBe("Here");
        ((string)me["today"]!).ShouldBe("2026-04-18");
        (await app.Nobody.GetAsync("/api/sign-in"))["me"].ShouldBeNull();
    }

    [Fact]
    public async Task A_change_without_the_pages_token_is_refused_and_a_reading_is_not()
    {
        var client = await app.ClientAsync("stranger@here.example");
        client.Token = "";
        var problem = await client.RefusedAsync(HttpMethod.Put, "/api/me/measures", new { unit = "feet" });
        problem.Status.ShouldBe(400);
        ((bool)problem.Document["stale"]!).ShouldBeTrue();
        await client.GetAsync("/api/today");
    }

    [Fact]
    public async Task A_token_of_someone_else_is_refused()
    {
        var client = await app.ClientAsync("stranger@here.example");
        client.Token = app.Trainer.Token;
        (await client.RefusedAsync(HttpMethod.Put, "/api/me/measures", new { unit = "feet" })).Status.ShouldBe(400);
    }

    [Fact]
    public async Task After_signing_out_nothing_is_to_be_seen()
    {
        var client = await app.ClientAsync("stranger@here.example");
        await client.SendAsync(HttpMethod.Delete, "/api/sign-in");
        (await client.RefusedAsync(HttpMethod.Get, "/api/today")).Status.ShouldBe(401);
    }

    [Fact]
    public async Task A_new_password_ends_every_other_session_and_keeps_this_one()
    {
        var email = $"{Guid.NewGuid():N}@here.example";
        await app.Trainer.PostAsync("/api/people", new PersonEntry("Twofold", email, App.Password, Storage.People.Role.Rider));
        var (here, there) = (await app.ClientAsync(email), await app.ClientAsync(email));
        (await here.RefusedAsync(HttpMethod.Put, "/api/me/password", new PasswordEntry("a wrong one", "another long one"))).Fields.ShouldBe(["old"]);
        (await here.RefusedAsync(HttpMethod.Put, "/api/me/password", new PasswordEntry(App.Password, "short"))).Fields.ShouldBe(["new"]);
        await here.PutAsync("/api/me/password", new PasswordEntry(App.Password, "another long one"));
        await here.GetAsync("/api/today");
        (await there.RefusedAsync(HttpMethod.Get, "/api/today")).Status.ShouldBe(401);
    }

    [Fact]
    public async Task A_new_role_ends_the_sessions_begun_with_the_old_one()
    {
        var email = $"{Guid.NewGuid():N}@here.example";
        var person = await app.Trainer.PostAsync("/api/people", new PersonEntry("Rising", email, App.Password, Storage.People.Role.Rider));
        var client = await app.ClientAsync(email);
        await app.Trainer.PutAsync($"/api/people/{person["id"]}", new Change<PersonEntry>(1, new PersonEntry("Rising", email, null, Storage.People.Role.Trainer)));
        (await client.RefusedAsync(HttpMethod.Get, "/api/today")).Status.ShouldBe(401);
    }

    [Fact]
    public async Task A_trainer_cannot_lock_themselves_out()
    {
        var me = (await app.Trainer.GetAsync("/api/people")).AsArray().Single(p => (string)p!["name"]! == "Trainer")!;
        var problem = await app.Trainer.RefusedAsync(HttpMethod.Put, $"/api/people/{me["id"]}", new Change<PersonEntry>((int)me["version"]!, new PersonEntry("Trainer", null, null, Storage.People.Role.Rider)));
        problem.Fields.ShouldBe(["role"]);
    }

    [Fact]
    public async Task Headers_fence_the_answers_in()
    {
        var headers = (await app.Nobody.SendAsync(HttpMethod.Get, "/api/sign-in")).Headers;
        var policy = headers.GetValues("Content-Security-Policy").Single();
        policy.ShouldContain("default-src 'none'");
        policy.ShouldContain("script-src 'self'");
        policy.ShouldNotContain("unsafe");
        policy.ShouldNotContain("http");
        policy.ShouldContain("frame-ancestors 'none'");
        headers.GetValues("X-Content-Type-Options").ShouldBe(["nosniff"]);
        headers.Contains("Server").ShouldBeFalse();
    }
}

/// <summary>Guessing passwords.</summary>
public class SignInTriesTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task Five_wrong_tries_close_an_account_even_to_the_right_password_and_even_when_made_at_once()
    {
        var client = await app.ClientAsync();
        async Task<int> TryAsync(string email, string password) => (int)(await client.SendAsync(HttpMethod.Post, "/api/sign-in", new { email, password })).StatusCode;

        // A right one first strikes nothing but itself off.
        (await TryAsync("owner@here.example", App.Password)).ShouldBe(200);
        await client.RefreshAsync();
        var tries = await Task.WhenAll(Enumerable.Range(0, 9).Select(i => TryAsync("owner@here.example", $"guess number {i}")));
        tries.Count(s => s == 400).ShouldBeLessThanOrEqualTo(SignInEndpoints.MostPerAccount);
        tries.ShouldContain(429);
        (await TryAsync("OWNER@here.example", App.Password)).ShouldBe(429);

        // Another account from the same address still gets in.
        (await TryAsync("vet@here.example", App.Password)).ShouldBe(200);

        // Guessing at many accounts closes the address.
        await client.RefreshAsync();
        var spread = await Task.WhenAll(Enumerable.Range(0, 20).Select(i => TryAsync($"nobody{i}@here.example", "a guess at it")));
        spread.ShouldContain(429);
    }

    [Fact]
    public async Task An_unknown_e_mail_and_a_wrong_password_are_answered_alike()
    {
        var client = await app.ClientAsync();
        var unknown = await client.RefusedAsync(HttpMethod.Post, "/api/sign-in", new { email = "nobody@nowhere.example", password = "a guess at it" });
        var wrong = await client.RefusedAsync(HttpMethod.Post, "/api/sign-in", new { email = "rider@here.example", password = "a guess at it" });
        unknown.Faults.ShouldBe(wrong.Faults);
    }
}
