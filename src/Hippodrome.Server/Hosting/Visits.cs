using System.Security.Claims;
using Hippodrome.Application;
using Hippodrome.Application.Readiness;
using Hippodrome.Storage;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Server.Hosting;

/// <summary>Who may call an endpoint.</summary>
public enum Access
{
    /// <summary>Anyone signed in; where a horse is named, those who have been given it.</summary>
    Reads,

    /// <summary>Trainers, and riders of horses given to them.</summary>
    Rides,

    /// <summary>Trainers, and vets of horses given to them.</summary>
    Clears,

    /// <summary>Trainers only.</summary>
    Trains,
}

/// <summary>The access an endpoint asks for, as metadata.</summary>
public sealed record AccessMetadata(Access Access);

/// <summary>Opens a visit for each request of a signed-in person, and commits it when the answer is a good one.</summary>
public static class Visits
{
    public const string YardClaim = "yard";
    public const string SignInClaim = "sign-in";

    public static TBuilder Needs<TBuilder>(this TBuilder builder, Access access)
        where TBuilder : IEndpointConventionBuilder => builder.WithMetadata(new AccessMetadata(access));

    /// <summary>The sign-in that a cookie speaks of, under way or not; null where there is no cookie of ours.</summary>
    public static (Guid YardId, Guid Id)? SignIn(this ClaimsPrincipal user) =>
        Guid.TryParse(user.FindFirstValue(YardClaim), out var yardId) && Guid.TryParse(user.FindFirstValue(SignInClaim), out var id)
            ? (yardId, id)
            : null;

    /// <summary>
    /// Commits when the handler has answered well, before a byte of the answer leaves: what a client is told
    /// is kept has been kept. The connection goes back first as well: who reads slowly holds none.
    /// </summary>
    public static RouteGroupBuilder CommitsVisits(this RouteGroupBuilder group)
    {
        group.AddEndpointFilter(
            async (context, next) =>
            {
                var answer = (await next(context)).AsHttp();
                var good = (answer as INestedHttpResult)?.Result ?? answer;
                if (context.HttpContext.Items[typeof(Visit)] is Visit visit)
                {
                    if ((good as IStatusCodeHttpResult)?.StatusCode is null or < 400)
                    {
                        if (Guid.TryParse(context.HttpContext.GetRouteValue("horseId") as string, out var horseId))
                        {
                            await LastDemands.FollowAsync(visit, horseId);
                        }

                        await visit.Yard.CommitAsync();
                    }

                    await visit.Yard.DisposeAsync();
                }

                return answer;
            }
        );
        return group;
    }

    /// <summary>Use cases are given the visit that was opened for their request.</summary>
    public static void AddVisits(this IServiceCollection services) =>
        services
            .AddHttpContextAccessor()
            .AddScoped(own => (Visit)own.GetRequiredService<IHttpContextAccessor>().HttpContext!.Items[typeof(Visit)]!);

    /// <summary>Opens the visit for every endpoint that needs one; refuses whoever may not.</summary>
    public static void UseVisits(this WebApplication app) =>
        app.Use(
            async (context, next) =>
            {
                if (context.GetEndpoint()?.Metadata.GetMetadata<AccessMetadata>()?.Access is not { } access)
                {
                    await next(context);
                    return;
                }

                var database = context.RequestServices.GetRequiredService<Database>();
                if (context.User.SignIn() is not { } signIn)
                {
                    await SignInFirst().ExecuteAsync(context);
                    return;
                }

                await using var yard = await database.OpenYardAsync(signIn.YardId, context.RequestAborted);
                Person me;
                Yard place;
                var named = context.GetRouteValue("horseId") as string;
                using (var reads = yard.Together())
                {
                    var signedIn = yard.SignedInAsync(signIn.Id);
                    var here = yard.ThisYardAsync();
                    var horse = Guid.TryParse(named, out var horseId)
                        ? yard.KnowsHorseAsync(horseId, signIn.Id)
                        : Task.FromResult((There: false, Given: false));
                    await reads.SendAsync();
                    if (await signedIn is not { } person)
                    {
                        await SignInFirst().ExecuteAsync(context);
                        return;
                    }

                    // A horse one has not been given is as unknown as another yard's: first whether it is there, then what is allowed.
                    var (there, given) = await horse;
                    if (
                        (
                            named is not null && !(person.Role == Role.Trainer ? there : given)
                                ? Problems.NotFound()
                                : Refuse(person, access)
                        ) is
                        { } refusal
                    )
                    {
                        await refusal.ExecuteAsync(context);
                        return;
                    }

                    (me, place) = (person, await here);
                }

                var clock = context.RequestServices.GetRequiredService<TimeProvider>();
                context.Items[typeof(Visit)] = Of(yard, me, place, clock, Creations.IdGiven(context.Request) ?? Guid.NewGuid());
                await next(context);
            }
        );

    /// <summary>Somebody in their yard, by the yard's clock.</summary>
    internal static Visit Of(YardSession yard, Person me, Yard place, TimeProvider clock, Guid newId) =>
        new(yard, me, place, TimeZoneInfo.ConvertTime(clock.GetUtcNow(), TimeZoneInfo.FindSystemTimeZoneById(place.TimeZone)), newId);

    internal static Microsoft.AspNetCore.Http.HttpResults.ProblemHttpResult? Refuse(Person me, Access access)
    {
        var allowed = access switch
        {
            Access.Reads => true,
            Access.Rides => me.Role is Role.Trainer or Role.Rider,
            Access.Clears => me.Role == Role.Trainer || me.IsVet,
            _ => me.Role == Role.Trainer,
        };
        return allowed
            ? null
            : Problems.Problem(
                StatusCodes.Status403Forbidden,
                "This is not yours to do.",
                access switch
                {
                    Access.Rides => "Riders and trainers record rides.",
                    Access.Clears => "A trainer or the vet enters a clearance.",
                    _ => "Ask a trainer of the yard.",
                }
            );
    }

    private static Microsoft.AspNetCore.Http.HttpResults.ProblemHttpResult SignInFirst() =>
        Problems.Problem(StatusCodes.Status401Unauthorized, "Please sign in.", "You are not signed in, or your sign-in has ended.");
}
