using System.Text.Json;
using System.Text.RegularExpressions;
using Hippodrome.Application;
using Hippodrome.Core.Measures;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Npgsql;

namespace Hippodrome.Server.Hosting;

/// <summary>Refusals as problem documents (RFC 9457): what was wrong, where, and how to mend it.</summary>
public static partial class Problems
{
    /// <summary>A refusal of a use case.</summary>
    public static ProblemHttpResult Of(Refusal why) =>
        why switch
        {
            Faulty { Faults: var faults } => Faulty(faults),
            Application.Conflict conflict => Problem(
                StatusCodes.Status409Conflict,
                conflict.Title,
                conflict.Detail,
                [.. conflict.More.Select(m => (m.Name, m.What))]
            ),
            NotThere => NotFound(),
            _ => throw new ArgumentOutOfRangeException(nameof(why), why, "No problem document says this refusal."),
        };

    public static ProblemHttpResult Faulty(IReadOnlyList<Fault> faults) =>
        Problem(
            StatusCodes.Status400BadRequest,
            "Something here cannot be right.",
            string.Join(" ", faults.Select(f => f.Says).Distinct()),
            ("faults", faults)
        );

    public static ProblemHttpResult Faulty(string field, string says, string mend) => Faulty([new Fault(field, says, mend)]);

    public static ProblemHttpResult NotFound() =>
        Problem(
            StatusCodes.Status404NotFound,
            "There is no such thing here.",
            "It may have been taken off the list, or it belongs to someone else."
        );

    /// <summary>Someone was quicker: both versions, nothing overwritten.</summary>
    public static ProblemHttpResult Conflict(object current, object sent) =>
        Problem(
            StatusCodes.Status409Conflict,
            "Someone else has changed this meanwhile.",
            "Nothing was overwritten. Look at both and choose.",
            ("current", current),
            ("sent", sent)
        );

    public static ProblemHttpResult Problem(int status, string title, string detail, params (string Key, object Value)[] more) =>
        TypedResults.Problem(
            new ProblemDetails
            {
                Status = status,
                Title = title,
                Detail = detail,
                Extensions = more.ToDictionary(m => m.Key, m => (object?)m.Value),
            }
        );

    /// <summary>Turns whatever was thrown into a problem document.</summary>
    public static async Task AnswerAsync(HttpContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        var thrown = context.Features.Get<IExceptionHandlerFeature>()?.Error;
        if (IsDatabaseAway(thrown))
        {
            context.Response.Headers.RetryAfter = "2";
        }

        await From(thrown).ExecuteAsync(context);
    }

    /// <summary>A fault of the request or of the database's server, and none of this program: the log need not hold its trace.</summary>
    public static bool IsExpected(Exception thrown) => thrown is BadHttpRequestException || IsUnreadable(thrown) || IsDatabaseAway(thrown);

    private static ProblemHttpResult From(Exception? thrown) =>
        thrown switch
        {
            BadHttpRequestException { InnerException: JsonException json } => BadJson(json),
            BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => Problem(
                StatusCodes.Status413PayloadTooLarge,
                "That is too much at once.",
                "Send it in several goes."
            ),
            BadHttpRequestException { StatusCode: StatusCodes.Status400BadRequest } bad => Faulty(
                ParameterName().Match(bad.Message).Groups["name"].Value,
                "This is missing or cannot be read.",
                "Send what this address expects: JSON in the body, days as 2026-04-18."
            ),
            BadHttpRequestException bad => Problem(bad.StatusCode, "That could not be read.", "Send what this address expects, as JSON."),
            _ when IsUnreadable(thrown) => Faulty(
                Field(JsonPath().Match(thrown!.Message).Groups["path"].Value),
                "Something in this does not say which kind it is.",
                "Give its family, or its kind."
            ),
            PostgresException { SqlState: PostgresErrorCodes.UniqueViolation } => Problem(
                StatusCodes.Status409Conflict,
                "This is there already.",
                "Nothing was overwritten. Load the page again to see what is there."
            ),
            _ when IsDatabaseAway(thrown) => Problem(
                StatusCodes.Status503ServiceUnavailable,
                "The yard's book cannot be reached just now.",
                "What you typed is still on your screen. Try again in a moment."
            ),
            _ => Problem(
                StatusCodes.Status500InternalServerError,
                "Something went wrong on our side.",
                "What you typed is still on your screen. Try again; if it stays, tell whoever looks after the server."
            ),
        };

    private static ProblemHttpResult BadJson(JsonException json)
    {
        var field = Field(json.Path ?? "$");
        return Faulty(
            field,
            field.Length == 0 ? "This cannot be read." : $"What stands in {field} cannot be read.",
            "Check it: numbers as numbers, days as 2026-04-18, choices as offered."
        );
    }

    /// <summary>A JSON path as our forms name their fields.</summary>
    private static string Field(string path) => path.Replace("$.", "", StringComparison.Ordinal).Replace("$", "", StringComparison.Ordinal);

    /// <summary>A set-up without its family or an event without its kind.</summary>
    private static bool IsUnreadable(Exception? thrown) =>
        thrown is NotSupportedException && thrown.Message.Contains("type discriminator", StringComparison.Ordinal);

    [GeneratedRegex("""parameter "(?:\S+ )?(?<name>\w+)" (?:was not provided from query|from ")""")]
    private static partial Regex ParameterName();

    [GeneratedRegex(@"Path: (?<path>\S+)")]
    private static partial Regex JsonPath();

    /// <summary>The server of the database is gone, starting, stopping or refusing: not the request's fault.</summary>
    private static bool IsDatabaseAway(Exception? thrown) =>
        thrown switch
        {
            PostgresException postgres => postgres.SqlState.StartsWith("57", StringComparison.Ordinal)
                || postgres.SqlState.StartsWith("53", StringComparison.Ordinal)
                || postgres.SqlState.StartsWith("08", StringComparison.Ordinal),
            NpgsqlException => true,
            TimeoutException => true,
            _ => false,
        };
}
