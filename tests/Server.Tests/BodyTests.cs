using System.Net;
using System.Net.Http.Headers;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Bodies that come slowly hold up whoever sends them, and nobody else.</summary>
public class BodyTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task A_hundred_and_ten_bodies_that_never_end_take_nobody_offline()
    {
        using var enough = new CancellationTokenSource();
        var slow = Enumerable
            .Range(0, 110)
            .Select(_ =>
                app.Owner.SendUntilAsync(
                    HttpMethod.Post,
                    $"/api/horses/{app.Horse.Id}/set-ups/measure",
                    new Endless(enough.Token),
                    [],
                    enough.Token
                )
            )
            .ToList();
        await Task.Delay(500);

        var today = app.Trainer.SendAsync(HttpMethod.Get, "/api/today");
        var ready = app.Nobody.SendAsync(HttpMethod.Get, "/health/ready");
        await Task.WhenAny(Task.WhenAll(today, ready), Task.Delay(TimeSpan.FromSeconds(10)));
        today.IsCompletedSuccessfully.ShouldBeTrue("the trainer waits for somebody else's bodies");
        ready.IsCompletedSuccessfully.ShouldBeTrue("whoever watches the server waits for somebody's bodies");
        (await today).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await ready).StatusCode.ShouldBe(HttpStatusCode.OK);

        // Who sends so many at once is told so; nothing of it is anybody else's.
        slow.Where(s => s.IsCompletedSuccessfully).Select(s => s.Result.StatusCode).ShouldContain(HttpStatusCode.TooManyRequests);
        await enough.CancelAsync();
        await Task.WhenAll(slow.Select(s => s.ContinueWith(_ => { }, TaskScheduler.Default)));
    }

    [Fact]
    public async Task A_body_too_large_is_refused_before_anything_is_opened()
    {
        var problem = await app.Trainer.RefusedAsync(HttpMethod.Post, "/api/horses", new string(' ', 1_100_000) + "{}");
        problem.Status.ShouldBe(413);
    }

    /// <summary>One brace, and then nothing more until it is told to stop.</summary>
    private sealed class Endless : HttpContent
    {
        private readonly CancellationToken _stop;

        public Endless(CancellationToken stop)
        {
            _stop = stop;
            Headers.ContentType = new MediaTypeHeaderValue("application/json");
        }

        protected override async Task SerializeToStreamAsync(Stream stream, TransportContext? context)
        {
            await stream.WriteAsync("{"u8.ToArray(), _stop);
            await stream.FlushAsync(_stop);
            await Task.Delay(Timeout.Infinite, _stop);
        }

        protected override bool TryComputeLength(out long length)
        {
            length = 0;
            return false;
        }
    }
}
