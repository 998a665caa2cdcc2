using System.IO.Compression;
using System.Net;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Mvc.Testing;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>What shrinks is sent small, and what bears a secret is not.</summary>
public class CompressionTests(App app) : IClassFixture<App>
{
    private static readonly (string, string)[] ReadsBrotli = [("Accept-Encoding", "gzip, br")];

    [Fact]
    public async Task An_answer_is_sent_small_and_says_the_same()
    {
        var plain = await app.Trainer.GetAsync("/api/library");
        using var small = await app.Trainer.SendContentAsync(HttpMethod.Get, "/api/library", null, ReadsBrotli);
        small.Content.Headers.ContentEncoding.ShouldBe(["br"]);
        small.Headers.Vary.ShouldContain("Accept-Encoding");
        var bytes = await small.Content.ReadAsByteArrayAsync();
        bytes.Length.ShouldBeLessThan(plain.ToJsonString().Length / 3);
        await using var read = new BrotliStream(new MemoryStream(bytes), CompressionMode.Decompress);
        (await JsonNode.ParseAsync(read))!.ToJsonString().ShouldBe(plain.ToJsonString());
    }

    [Fact]
    public async Task An_answer_that_bears_a_token_or_an_address_has_its_own_length()
    {
        foreach (
            var (method, at, body) in new[]
            {
                (HttpMethod.Get, "/api/sign-in", null),
                (HttpMethod.Post, "/api/sign-in", """{"email":"trainer@here.example","password":"wrong words here"}"""),
                (HttpMethod.Post, "/api/me/calendars", """{"name":"tack room"}"""),
            }
        )
        {
            using var answer = await app.Trainer.SendContentAsync(
                method,
                at,
                body is null ? null : new StringContent(body, System.Text.Encoding.UTF8, "application/json"),
                ReadsBrotli
            );
            answer.Content.Headers.ContentEncoding.ShouldBeEmpty(at);
        }
    }

    [Theory]
    [InlineData("gzip, br", "br", "smallest")]
    [InlineData("gzip", "gzip", "smaller")]
    [InlineData("br;q=0, gzip", "gzip", "smaller")]
    [InlineData("identity", null, "as written")]
    [InlineData("", null, "as written")]
    public async Task A_file_that_was_built_small_is_sent_so_to_whoever_reads_it(string reads, string? encoding, string content)
    {
        using var folder = new Folder();
        folder.Write("assets/page-1a2b3c4d.js", "as written");
        folder.Write("assets/page-1a2b3c4d.js.br", "smallest");
        folder.Write("assets/page-1a2b3c4d.js.gz", "smaller");
        await using var factory = folder.Serve(app.OwnerConnection);
        using var client = factory.CreateClient(new WebApplicationFactoryClientOptions { BaseAddress = new Uri("https://localhost") });
        using var request = new HttpRequestMessage(HttpMethod.Get, "/assets/page-1a2b3c4d.js");
        request.Headers.TryAddWithoutValidation("Accept-Encoding", reads);
        using var answer = await client.SendAsync(request);
        (await answer.Content.ReadAsStringAsync()).ShouldBe(content);
        answer.Content.Headers.ContentEncoding.FirstOrDefault().ShouldBe(encoding);
        answer.Content.Headers.ContentType!.MediaType.ShouldBe("text/javascript");
        answer.Headers.CacheControl!.ToString().ShouldBe("public, max-age=31536000, immutable");
    }

    [Fact]
    public async Task The_worker_that_keeps_the_pages_is_asked_for_again_each_time()
    {
        using var folder = new Folder();
        folder.Write("sw.js", "as written");
        await using var factory = folder.Serve(app.OwnerConnection);
        using var client = factory.CreateClient();
        using var answer = await client.GetAsync("/sw.js");
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        answer.Headers.CacheControl!.NoCache.ShouldBeTrue();
    }

    private sealed class Folder : IDisposable
    {
        private readonly string _path = Directory.CreateTempSubdirectory("files-").FullName;

        public void Write(string name, string content)
        {
            var path = Path.Combine(_path, name);
            Directory.CreateDirectory(Path.GetDirectoryName(path)!);
            File.WriteAllText(path, content);
        }

        public App.Factory Serve(string database) => new(database, _path);

        public void Dispose() => Directory.Delete(_path, true);
    }
}
