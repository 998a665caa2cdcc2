using System.Diagnostics;
using System.Net.Sockets;
using System.Text;
using System.Text.Json.Nodes;
using Hippodrome.Server.Hosting;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>The server on a real socket: who sends slower than there is a signal to work with is cut off.</summary>
public class SlowSocketTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task A_body_that_trickles_is_cut_off_soon_after_the_grace()
    {
        await using var server = new App.Factory(app.OwnerConnection);
        server.UseKestrel(0);
        using var door = server.CreateClient();
        using var answer = await door.GetAsync("/api/sign-in");
        var token = (string)JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["token"]!;
        var cookies = string.Join("; ", answer.Headers.GetValues("Set-Cookie").Select(c => c.Split(';')[0]));

        using var slow = new TcpClient();
        await slow.ConnectAsync(door.BaseAddress!.Host, door.BaseAddress.Port);
        var wire = slow.GetStream();
        await wire.WriteAsync(
            Encoding.ASCII.GetBytes(
                $"POST /api/sign-in HTTP/1.1\r\nHost: {door.BaseAddress.Authority}\r\nCookie: {cookies}\r\nX-Hippodrome-Token: {token}\r\nContent-Type: application/json\r\nContent-Length: 100000\r\n\r\n{{"
            )
        );
        var began = Stopwatch.StartNew();
        var said = ReadAllAsync(wire);
        // A hundred bytes a second, a tenth of the slowest that is waited for.
        while (!said.IsCompleted && began.Elapsed < Bodies.Grace * 3)
        {
            try
            {
                await wire.WriteAsync(new byte[50]);
            }
            catch (IOException)
            {
                break;
            }

            await Task.Delay(500);
        }

        began.Elapsed.ShouldBeInRange(Bodies.Grace * 0.5, Bodies.Grace * 2);
        (await said).ShouldNotContain(" 200 ");
    }

    private static async Task<string> ReadAllAsync(NetworkStream wire)
    {
        var said = new StringBuilder();
        var some = new byte[4096];
        try
        {
            for (int n; (n = await wire.ReadAsync(some)) > 0; )
            {
                said.Append(Encoding.ASCII.GetString(some, 0, n));
            }
        }
        catch (IOException)
        {
            // Cut off without a word.
        }

        return said.ToString();
    }
}
