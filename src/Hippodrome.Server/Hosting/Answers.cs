using System.Reflection;
using Hippodrome.Application;
using Microsoft.AspNetCore.Http.Metadata;

namespace Hippodrome.Server.Hosting;

/// <summary>Answers of use cases as HTTP has them: what was asked for with 200, nothing with 204, a refusal as a problem document.</summary>
internal static class Answers
{
    /// <summary>An answer of a use case as a result; anything else as it is.</summary>
    public static object? AsHttp(this object? answer) => answer is IAnswer given ? given.Meet(new Http()) : answer;

    /// <summary>The API document says of an endpoint what its use case gives when all goes well.</summary>
    public static RouteGroupBuilder DescribesAnswers(this RouteGroupBuilder group)
    {
        ((IEndpointConventionBuilder)group).Finally(endpoint =>
        {
            if (endpoint.Metadata.OfType<MethodInfo>().FirstOrDefault()?.ReturnType is { } returned && Given(returned) is { } given)
            {
                // The answer itself never leaves: what the framework has read off the method goes.
                foreach (
                    var read in endpoint
                        .Metadata.OfType<IProducesResponseTypeMetadata>()
                        .Where(m => m.Type?.IsAssignableTo(typeof(IAnswer)) == true)
                        .ToList()
                )
                {
                    endpoint.Metadata.Remove(read);
                }

                endpoint.Metadata.Add(
                    given == typeof(Done)
                        ? new ProducesResponseTypeMetadata(StatusCodes.Status204NoContent, typeof(void))
                        : new ProducesResponseTypeMetadata(StatusCodes.Status200OK, given, ["application/json"])
                );
            }
        });
        return group;
    }

    /// <summary>What a method gives that answers, at once or later; null where it is no answer of a use case.</summary>
    private static Type? Given(Type returned) =>
        !returned.IsGenericType ? null
        : returned.GetGenericTypeDefinition() == typeof(Task<>) ? Given(returned.GetGenericArguments()[0])
        : returned.GetGenericTypeDefinition() == typeof(Answer<>) ? returned.GetGenericArguments()[0]
        : null;

    private sealed class Http : IAnswered<IResult>
    {
        public IResult Good<T>(T value) => value is Done ? TypedResults.NoContent() : TypedResults.Ok(value);

        public IResult Refused(Refusal why) => Problems.Of(why);
    }
}
