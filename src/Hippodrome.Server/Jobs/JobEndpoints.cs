using System.Text;
using Hippodrome.Application;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Jobs;

namespace Hippodrome.Server.Jobs;

/// <summary>
/// Long work is ordered with a POST that answers 202 at once. Whoever ordered it asks after it until it is done, and is
/// answered then as the POST would have been; planning that nobody asks after for some seconds ends.
/// </summary>
public static class JobEndpoints
{
    public static void AddJobs(this IServiceCollection services)
    {
        services.AddSingleton<JobBell>();
        services.AddScoped<Ordering>();
        if (!OpenApiDocument.IsBeingWritten)
        {
            services.AddHostedService<JobRunner>();
        }
    }

    public static void MapJobs(this RouteGroupBuilder api)
    {
        api.MapGet("/jobs/{id:guid}", AskAsync).Needs(Access.Reads).Produces<JobView>(StatusCodes.Status202Accepted);
        api.MapDelete("/jobs/{id:guid}", StopAsync).Needs(Access.Reads).Produces(StatusCodes.Status204NoContent);
    }

    /// <summary>The endpoint orders long work that comes to this in the end.</summary>
    public static RouteHandlerBuilder Orders<TGives>(this RouteHandlerBuilder builder) => builder.Produces<TGives>();

    private static async Task<IResult> AskAsync(Guid id, Visit visit) =>
        await visit.Yard.AskAfterJobAsync(id, visit.Me.Id) switch
        {
            null => Problems.NotFound(),
            { State: not JobState.Ended } job => TypedResults.Accepted(
                $"/api/jobs/{id}",
                new JobView(id, job.State, job.Ahead, job.Done, job.OfAll)
            ),
            { Status: { } status, Answer: { } answer } => TypedResults.Text(
                answer,
                status < 400 ? "application/json" : "application/problem+json",
                Encoding.UTF8,
                status
            ),
            _ => Problems.Problem(StatusCodes.Status410Gone, "This was stopped.", "Nothing was changed. Ask for it once more."),
        };

    private static async Task<IResult> StopAsync(Guid id, Visit visit) =>
        await visit.Yard.StopJobAsync(id, visit.Me.Id) ? TypedResults.NoContent() : Problems.NotFound();
}
