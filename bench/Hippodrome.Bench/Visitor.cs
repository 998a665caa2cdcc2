using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Hippodrome.Core.Measures;
using Hippodrome.Server.Demo;

namespace Hippodrome.Bench;

/// <summary>Somebody signed in at the server that <c>./hippodrome bench</c> started.</summary>
internal sealed class Visitor : IDisposable
{
    private static readonly string Address = Environment.GetEnvironmentVariable("HIPPODROME_BENCH_ADDRESS")
        ?? throw new InvalidOperationException("Run this with ./hippodrome bench.");

    private readonly HttpClient _http = new(new SocketsHttpHandler { UseCookies = true }) { BaseAddress = new Uri(Address) };
    private string _token = "";

    public static async Task<Visitor> SignInAsync(string email)
    {
        var visitor = new Visitor();
        visitor._token = await SignInAsync(visitor._http, email);
        return visitor;
    }

    /// <summary>Signs in and gives the token that changes are sent with.</summary>
    public static async Task<string> SignInAsync(HttpClient http, string email)
    {
        var token = (await http.GetFromJsonAsync<JsonObject>("/api/sign-in"))!["token"]!.ToString();
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/sign-in")
        {
            Content = JsonContent.Create(new { email, password = DemoYard.Password }),
        };
        request.Headers.Add("X-Hippodrome-Token", token);
        using var answer = await http.SendAsync(request);
        answer.EnsureSuccessStatusCode();
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!["token"]!.ToString();
    }

    public async Task<JsonNode> JsonAsync(string address) => (await _http.GetFromJsonAsync<JsonNode>(address))!;

    /// <summary>The whole answer, thrown away. Its status.</summary>
    public async Task<int> ReadAsync(string address)
    {
        using var answer = await _http.GetAsync(address);
        await answer.Content.ReadAsByteArrayAsync();
        return (int)answer.StatusCode;
    }

    public async Task<HttpResponseMessage> PostAsync(string address, object body)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, address)
        {
            Content = JsonContent.Create(body, body.GetType(), options: Json.Options),
        };
        request.Headers.Add("X-Hippodrome-Token", _token);
        return await _http.SendAsync(request);
    }

    /// <summary>Orders long work and asks after it until it is done. Its status.</summary>
    public async Task<int> OrderAsync(string address, object body)
    {
        using var ordered = await PostAsync(address, body);
        var status = (int)ordered.StatusCode;
        while (status == 202)
        {
            await Task.Delay(300);
            status = await ReadAsync(ordered.Headers.Location!.ToString());
        }

        return status;
    }

    public void Dispose() => _http.Dispose();
}
