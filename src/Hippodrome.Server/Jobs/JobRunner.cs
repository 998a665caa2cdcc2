using System.Text;
using Hippodrome.Application;
using Hippodrome.Planning;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Jobs;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Server.Jobs;

/// <summary>
/// Does the long work that waits in the queue, a little at a time, so that whoever only reads is not held up. Several
/// servers share one queue; what a server leaves behind when it dies is taken on by another.
/// </summary>
internal sealed partial class JobRunner(
    Database database,
    JobBell bell,
    TimeProvider clock,
    IServiceScopeFactory scopes,
    ILogger<JobRunner> log
) : BackgroundService
{
    /// <summary>A job that has been begun so often is what kills those who take it on.</summary>
    private const int MostTries = 3;

    /// <summary>What other servers' people ordered is found by looking round.</summary>
    private static readonly TimeSpan LooksRound = TimeSpan.FromSeconds(5);

    private static readonly TimeSpan Beats = TimeSpan.FromMilliseconds(400);

    private static readonly TimeSpan Tidies = TimeSpan.FromMinutes(1);

    protected override Task ExecuteAsync(CancellationToken stoppingToken) =>
        Task.WhenAll(
            Enumerable
                .Range(0, SolverTurns.AtOnce)
                .Select(_ => Task.Run(() => OverAndOverAsync(NextAsync, stoppingToken), stoppingToken))
                .Append(Task.Run(() => OverAndOverAsync(TidyAsync, stoppingToken), stoppingToken))
        );

    /// <summary>A database that is away is waited for.</summary>
    private async Task OverAndOverAsync(Func<CancellationToken, Task> once, CancellationToken stopping)
    {
        while (!stopping.IsCancellationRequested)
        {
            try
            {
                await once(stopping);
            }
            catch (OperationCanceledException) when (stopping.IsCancellationRequested)
            {
                return;
            }
            catch (Exception e)
            {
                CannotGoOn(log, e);
                await Task.Delay(LooksRound, stopping).ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
            }
        }
    }

    private async Task NextAsync(CancellationToken stopping)
    {
        if (await database.TakeJobAsync() is { } job)
        {
            await DoAsync(job, stopping);
        }
        else
        {
            await bell.HearAsync(LooksRound, stopping);
        }
    }

    private async Task DoAsync(TakenJob job, CancellationToken stopping)
    {
        using var wanted = CancellationTokenSource.CreateLinkedTokenSource(stopping);
        using var over = new CancellationTokenSource();
        var watch = new Watch();
        var watching = WatchAsync(job, watch, wanted, over.Token);
        try
        {
            await using var yard = await database.OpenYardAsync(job.YardId, wanted.Token);
            var (status, answer) = job.Tries > MostTries ? await FailedAsync() : await AnswerAsync(yard, job, watch, wanted.Token);
            // Stopped halfway it has found half a plan, which nobody is shown.
            if (wanted.IsCancellationRequested)
            {
                return;
            }

            if (status < 400)
            {
                // What is kept and that it is kept are one transaction: done once, however often it is taken on.
                await EndAsync(yard, job, status, answer);
            }
            else
            {
                await yard.DisposeAsync();
                await using var another = await database.OpenYardAsync(job.YardId, stopping);
                await EndAsync(another, job, status, answer);
            }
        }
        catch (OperationCanceledException) when (wanted.IsCancellationRequested)
        {
            // Nobody wants it any more, or this server stops and another goes on.
        }
        finally
        {
            await over.CancelAsync();
            await watching;
        }
    }

    /// <summary>Says that the job is being worked on, and how far; stops it where nobody wants it any more.</summary>
    private async Task WatchAsync(TakenJob job, Watch watch, CancellationTokenSource wanted, CancellationToken over)
    {
        while (true)
        {
            await Task.Delay(Beats, over).ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
            if (over.IsCancellationRequested)
            {
                return;
            }

            try
            {
                if (!await database.GoOnWithJobAsync(job.Id, watch.Now.Done, watch.Now.OfAll))
                {
                    await wanted.CancelAsync();
                    return;
                }
            }
            catch (Npgsql.NpgsqlException e)
            {
                CannotGoOn(log, e);
            }
        }
    }

    /// <summary>Nothing of a job that was stopped meanwhile is kept.</summary>
    private static async Task EndAsync(YardSession yard, TakenJob job, int status, string answer)
    {
        if (await yard.AnswerJobAsync(job.Id, status, answer))
        {
            await yard.CommitAsync();
        }
    }

    /// <summary>What comes of a job, as its POST would have answered. Who ordered it may have been taken off the yard meanwhile.</summary>
    private async Task<(int Status, string Answer)> AnswerAsync(YardSession yard, TakenJob job, Watch watch, CancellationToken wanted)
    {
        var order = await yard.FindJobOrderAsync(job.Id);
        var me = order is null ? null : (await yard.FindPersonAsync(order.PersonId))?.Value;
        if (order is null || me is null || (order.HorseId is { } horse && await yard.FindHorseAsync(horse) is null))
        {
            return await WriteAsync(Problems.NotFound());
        }

        if (Visits.Refuse(me, Access.Trains) is { } refusal)
        {
            return await WriteAsync(refusal);
        }

        var visit = Visits.Of(yard, me, await yard.ThisYardAsync(), clock, order.Creation?.Id ?? Guid.NewGuid());
        await using var scope = scopes.CreateAsyncScope();
        try
        {
            async ValueTask<object?> DoAsync() => (await JobKind.Of(order).DoAsync(order, visit, watch, wanted)).AsHttp();
            var result = order.Creation is { } made
                ? await Creations.MakeOnceAsync(visit, made.Id, made.Content, scope.ServiceProvider, DoAsync)
                : await DoAsync();
            return await WriteAsync((IResult)result!);
        }
        catch (Exception e) when (e is not OperationCanceledException and not Npgsql.NpgsqlException)
        {
            WentWrong(log, order.Kind, e);
            return await FailedAsync();
        }
    }

    private Task<(int Status, string Answer)> FailedAsync() =>
        WriteAsync(
            Problems.Problem(
                StatusCodes.Status500InternalServerError,
                "Something went wrong here.",
                "It has been noted. What you typed is still on your screen."
            )
        );

    /// <summary>A result as it would go over the line.</summary>
    private async Task<(int Status, string Answer)> WriteAsync(IResult result)
    {
        await using var scope = scopes.CreateAsyncScope();
        using var body = new MemoryStream();
        var context = new DefaultHttpContext { RequestServices = scope.ServiceProvider, Response = { Body = body } };
        await result.ExecuteAsync(context);
        return (context.Response.StatusCode, Encoding.UTF8.GetString(body.ToArray()));
    }

    private async Task TidyAsync(CancellationToken stopping)
    {
        foreach (var over in await database.JobsLongOverAsync())
        {
            await using var yard = await database.OpenYardAsync(over.Key, stopping);
            await yard.ForgetJobsAsync(over);
            await yard.CommitAsync();
        }

        await Task.Delay(Tidies, stopping);
    }

    /// <summary>How far it is, written by the solver and read by the clock.</summary>
    private sealed class Watch : IProgress<PlanProgress>
    {
        private readonly Lock _lock = new();
        private PlanProgress _now;

        public PlanProgress Now
        {
            get
            {
                lock (_lock)
                {
                    return _now;
                }
            }
        }

        public void Report(PlanProgress value)
        {
            lock (_lock)
            {
                _now = value;
            }
        }
    }

    [LoggerMessage(LogLevel.Warning, "Long work cannot go on for now.")]
    private static partial void CannotGoOn(ILogger log, Exception why);

    [LoggerMessage(LogLevel.Error, "Long work of the kind {Kind} went wrong.")]
    private static partial void WentWrong(ILogger log, string kind, Exception why);
}
