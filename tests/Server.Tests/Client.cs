using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Hippodrome.Core.Measures;
using Hippodrome.Storage;
using Shouldly;

namespace Hippodrome.Server.Tests;

/// <summary>A browser: keeps its cookies, sends the token with every change.</summary>
public sealed class Client(HttpClient http, Guid id)
{
    /// <summary>Who is signed in here.</summary>
    public Guid Id { get; } = id;

    public string Token { get; set; } = "";

    /// <summary>The cookie of the sign-in, as a thief would copy it.</summary>
    public string? Cookie { get; private set; }

    public async Task RefreshAsync() => Token = (string)(await GetAsync("/api/sign-in"))["token"]!;

    public async Task SignInAsync(string email, string password)
    {
        var state = await SendAsync(HttpMethod.Post, "/api/sign-in", new { email, password });
        state.StatusCode.ShouldBe(HttpStatusCode.OK);
        Token = (string)(await JsonAsync(state))["token"]!;
    }

    public Task<HttpResponseMessage> SendAsync(HttpMethod method, string address, object? body = null) =>
        SendRawAsync(method, address, body is null ? null : body as string ?? JsonSerializer.Serialize(body, body.GetType(), Json.Options));

    public async Task<HttpResponseMessage> SendRawAsync(HttpMethod method, string address, string? json)
    {
        var answer = await SendContentAsync(
            method,
            address,
            json is null ? null : new StringContent(json, Encoding.UTF8, "application/json")
        );
        return method == HttpMethod.Post ? await FollowAsync(answer) : answer;
    }

    /// <summary>Long work is asked after until it is done, as the interface does.</summary>
    public async Task<HttpResponseMessage> FollowAsync(HttpResponseMessage answer)
    {
        var at = answer.Headers.Location;
        while (answer.StatusCode == HttpStatusCode.Accepted)
        {
            await Task.Delay(20);
            answer = await SendContentAsync(HttpMethod.Get, at!.ToString(), null);
        }

        return answer;
    }

    public Task<HttpResponseMessage> SendContentAsync(
        HttpMethod method,
        string address,
        HttpContent? content,
        params (string Name, string Value)[] headers
    ) => SendUntilAsync(method, address, content, headers, CancellationToken.None);

    public async Task<HttpResponseMessage> SendUntilAsync(
        HttpMethod method,
        string address,
        HttpContent? content,
        IEnumerable<(string Name, string Value)> headers,
        CancellationToken stop
    )
    {
        using var request = new HttpRequestMessage(method, address) { Content = content };
        if (method != HttpMethod.Get)
        {
            request.Headers.Add("X-Hippodrome-Token", Token);
        }

        foreach (var (name, value) in headers)
        {
            request.Headers.Add(name, value);
        }

        var answer = await http.SendAsync(request, stop);
        Cookie =
            answer.Headers.TryGetValues("Set-Cookie", out var set)
            && set.FirstOrDefault(c => c.StartsWith("hippodrome=", StringComparison.Ordinal)) is { } begun
                ? begun.Split(';')[0]
                : Cookie;
        return answer;
    }

    public async Task<JsonNode> GetAsync(string address) => await GoodAsync(await SendAsync(HttpMethod.Get, address));

    public async Task<JsonNode> PostAsync(string address, object body) => await GoodAsync(await SendAsync(HttpMethod.Post, address, body));

    public async Task<JsonNode> PutAsync(string address, object body) => await GoodAsync(await SendAsync(HttpMethod.Put, address, body));

    public async Task<Problem> RefusedAsync(HttpMethod method, string address, object? body = null) =>
        await Problem.ReadAsync(await SendAsync(method, address, body));

    public static async Task<JsonNode> JsonAsync(HttpResponseMessage answer) => (await answer.Content.ReadFromJsonAsync<JsonNode>())!;

    private static async Task<JsonNode> GoodAsync(HttpResponseMessage answer)
    {
        answer.IsSuccessStatusCode.ShouldBeTrue(
            $"{answer.RequestMessage!.Method} {answer.RequestMessage.RequestUri}: {(int)answer.StatusCode} {await answer.Content.ReadAsStringAsync()}"
        );
        return answer.StatusCode == HttpStatusCode.NoContent ? JsonValue.Create(true) : await JsonAsync(answer);
    }
}

/// <summary>A refusal: a problem document (RFC 9457), with its faults by field.</summary>
public sealed record Problem(int Status, string Title, IReadOnlyList<(string Field, string Says, string Mend)> Faults, JsonNode Document)
{
    public static async Task<Problem> ReadAsync(HttpResponseMessage answer)
    {
        ((int)answer.StatusCode).ShouldBeGreaterThanOrEqualTo(400);
        answer.Content.Headers.ContentType?.MediaType.ShouldBe("application/problem+json");
        var document = await Client.JsonAsync(answer);
        ((int)document["status"]!).ShouldBe((int)answer.StatusCode);
        var faults = document["faults"]?.AsArray().Select(f => ((string)f!["field"]!, (string)f["says"]!, (string)f["mend"]!)).ToList()
            ?? [];
        return new Problem((int)answer.StatusCode, (string)document["title"]!, faults, document);
    }

    public IEnumerable<string> Fields => Faults.Select(f => f.Field);
}
