using Hippodrome.Application;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Measures;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Jobs;

/// <summary>How far a job is.</summary>
/// <param name="Id">The job; ask after it at /api/jobs/{id}, or it ends.</param>
/// <param name="State">Waiting, or at work.</param>
/// <param name="Ahead">Jobs that come before it.</param>
/// <param name="Done">Steps done.</param>
/// <param name="OfAll">Steps there are; nought where nobody can say.</param>
public sealed record JobView(Guid Id, JobState State, int Ahead, int Done, int OfAll);

/// <summary>Wakes those who do the long work when some is ordered here; on other servers they look round by themselves.</summary>
internal sealed class JobBell : IDisposable
{
    private readonly SemaphoreSlim _rung = new(0);

    public void Ring() => _rung.Release();

    public Task HearAsync(TimeSpan atMost, CancellationToken cancel) => _rung.WaitAsync(atMost, cancel);

    public void Dispose() => _rung.Dispose();
}

/// <summary>Orders long work for the person of this request.</summary>
internal sealed class Ordering(JobBell bell, IHttpContextAccessor request)
{
    public async Task<Results<Accepted<JobView>, ProblemHttpResult>> OrderAsync(
        JobKind kind,
        Visit visit,
        Guid? horseId = null,
        Guid? blockId = null,
        BlockEntry? entry = null,
        DateOnly? monday = null,
        AcceptPlanEntry? keeping = null,
        Guid? aimId = null
    )
    {
        // All else is checked when its turn comes; words that no database takes could not even wait.
        var words = new Checks();
        words.OptionalText("name", (entry ?? keeping?.Entry)?.Name, 80);
        words.OptionalText("because", keeping?.Because, 300);
        if (words.Faults.Count > 0)
        {
            return (ProblemHttpResult)Problems.Of(Refusal.Faulty(words.Faults));
        }

        var http = request.HttpContext!;
        var order = new JobOrder(Guid.NewGuid(), visit.Me.Id, kind.Name, horseId, blockId, entry, monday)
        {
            AimId = aimId,
            Keeping = keeping,
            Creation =
                keeping is not null && Creations.IdGiven(http.Request) is { } id ? new OrderedCreation(id, Creations.Content(http)) : null,
        };
        if (!await visit.Yard.OrderJobAsync(order))
        {
            return Problems.Problem(
                StatusCodes.Status429TooManyRequests,
                "Too much is being planned already.",
                "What you typed is still on your screen. Try again in a moment."
            );
        }

        // The order is kept before the first byte of the answer leaves, and then there is something to be found.
        http.Response.OnStarting(() =>
        {
            bell.Ring();
            return Task.CompletedTask;
        });
        return TypedResults.Accepted($"/api/jobs/{order.Id}", new JobView(order.Id, JobState.Waiting, 0, 0, 0));
    }
}
