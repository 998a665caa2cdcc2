using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Hippodrome.Application;
using Hippodrome.Storage.Creations;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Hippodrome.Server.Hosting;

/// <summary>An endpoint that makes something, as metadata.</summary>
/// <param name="AnswersAnew">What is answered holds a secret that is kept nowhere: the endpoint makes it once more for who asks again.</param>
public sealed record CreationMetadata(bool AnswersAnew);

/// <summary>
/// Things are made under an id that their maker gives, unique in the yard. The same id with the same content
/// is answered as before and makes nothing; with other content it is refused.
/// </summary>
public static class Creations
{
    public const string Header = "Hippodrome-Creation";

    public static RouteHandlerBuilder Creates(this RouteHandlerBuilder builder, bool answersAnew = false) =>
        builder
            .WithMetadata(new CreationMetadata(answersAnew))
            .AddEndpointFilter((context, next) => MakeOnceAsync(context, next, answersAnew));

    /// <summary>The id that whoever makes something gave it; null where there is none, or none that will do.</summary>
    public static Guid? IdGiven(HttpRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        return Guid.TryParse(request.Headers[Header].FirstOrDefault(), out var id) && id != Guid.Empty ? id : null;
    }

    /// <summary>The same for what is ordered here and made when its turn in the queue comes.</summary>
    public static RouteHandlerBuilder CreatesInTurn(this RouteHandlerBuilder builder) =>
        builder
            .WithMetadata(new CreationMetadata(AnswersAnew: false))
            .AddEndpointFilter(async (context, next) => RefuseBadId(context.HttpContext.Request) ?? await next(context));

    /// <summary>What was sent, and where, so that the same is known again.</summary>
    internal static byte[] Content(HttpContext http) =>
        SHA256.HashData([.. Encoding.UTF8.GetBytes($"{http.Request.Path}{http.Request.QueryString}\n"), .. http.WholeBody()]);

    /// <summary>Makes something under an id, or answers what was answered when it was made.</summary>
    internal static async ValueTask<object?> MakeOnceAsync(
        Visit visit,
        Guid id,
        byte[] content,
        IServiceProvider services,
        Func<ValueTask<object?>> makeAsync,
        bool answersAnew = false
    )
    {
        if (await visit.Yard.BeginCreationAsync(id, visit.Me.Id, content) is { } before)
        {
            if (before.ByPerson != visit.Me.Id || !before.Content.AsSpan().SequenceEqual(content))
            {
                return Problems.Problem(
                    StatusCodes.Status409Conflict,
                    "What was sent before had arrived after all.",
                    "It was something else, and stands. Look at it; send this once more, under an id of its own, to have both."
                );
            }

            return before.Answer is not null ? Results.Text(before.Answer, "application/json")
                : answersAnew ? await makeAsync()
                : Problems.Problem(StatusCodes.Status409Conflict, "This was made some days ago.", "Load the page again to see it.");
        }

        var answer = (await makeAsync()).AsHttp();
        if (!answersAnew && Good(answer) is { } value)
        {
            var json = services.GetRequiredService<IOptions<JsonOptions>>().Value.SerializerOptions;
            await visit.Yard.KeepAnswerAsync(id, JsonSerializer.Serialize(value, value.GetType(), json));
        }

        return answer;
    }

    private static ValueTask<object?> MakeOnceAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next, bool answersAnew)
    {
        var http = context.HttpContext;
        return RefuseBadId(http.Request) is { } refusal ? ValueTask.FromResult<object?>(refusal)
            : IdGiven(http.Request) is { } id
                ? MakeOnceAsync(
                    (Visit)http.Items[typeof(Visit)]!,
                    id,
                    Content(http),
                    http.RequestServices,
                    () => next(context),
                    answersAnew
                )
            : next(context);
    }

    private static Microsoft.AspNetCore.Http.HttpResults.ProblemHttpResult? RefuseBadId(HttpRequest request) =>
        request.Headers.ContainsKey(Header) && IdGiven(request) is null
            ? Problems.Faulty(Header, "This is no id to make something under.", "Send a UUID of your own, a new one for each thing.")
            : null;

    /// <summary>What a good answer holds; null where it was refused: then nothing is committed, this neither.</summary>
    private static object? Good(object? answer) =>
        ((answer as INestedHttpResult)?.Result ?? answer) switch
        {
            IStatusCodeHttpResult { StatusCode: >= 400 } => null,
            IValueHttpResult value => value.Value,
            var plain => plain,
        };
}
