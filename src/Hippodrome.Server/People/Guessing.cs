using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage;
using Hippodrome.Storage.Servers;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.People;

/// <summary>Wrong passwords make whoever sends them wait, and as few others as can be.</summary>
public static class Guessing
{
    /// <summary>Wrong passwords in a quarter of an hour for one account from one address, or from one device that it knows.</summary>
    public const int MostHere = 5;

    /// <summary>For one account from everywhere, and from one address for all accounts; devices that an account knows do not count and are not counted.</summary>
    public const int MostAround = 40;

    private const int Minutes = 15;

    /// <summary>A try at the door.</summary>
    public static Task<Try> AtTheDoorAsync(this Database database, HttpContext context, string account, string? device)
    {
        var address = Crowds.Address(context);
        return device is null
            ? BeginAsync(database, [(Who($"{account} from {address}"), MostHere), (Who(account), MostAround), (Who(address), MostAround)])
            : BeginAsync(database, [(Who($"{account} on {device}"), MostHere)]);
    }

    /// <summary>A try at the old password, by somebody who is signed in.</summary>
    public static Task<Try> AtTheOldPasswordAsync(this Database database, Guid personId) =>
        BeginAsync(database, [(Who($"old password of {personId}"), MostHere)]);

    private static async Task<Try> BeginAsync(Database database, IReadOnlyList<(byte[] Who, int Most)> most)
    {
        // It counts from the moment it is made, so that many at once are not all let through; a right one is struck off again.
        var id = Guid.NewGuid();
        return new Try(database, id, most[0].Who, await database.CountTryAsync(id, most, Minutes));
    }

    private static byte[] Who(string who) => SHA256.HashData(Encoding.UTF8.GetBytes(who));

    /// <summary>One try at a password.</summary>
    public sealed class Try(Database database, Guid id, byte[] who, TimeSpan? wait)
    {
        /// <summary>The answer to a try that may not be made yet; null where it may.</summary>
        public ProblemHttpResult? Refused(HttpContext context)
        {
            ArgumentNullException.ThrowIfNull(context);
            if (wait is not { } left)
            {
                return null;
            }

            context.Response.Headers.RetryAfter = Math.Max(1, Math.Ceiling(left.TotalSeconds)).ToString("0", CultureInfo.InvariantCulture);
            var minutes = Math.Max(1, (int)Math.Ceiling(left.TotalMinutes));
            return Problems.Problem(
                StatusCodes.Status429TooManyRequests,
                "Too many wrong passwords.",
                $"Wait {minutes} {(minutes == 1 ? "minute" : "minutes")}, then try again."
            );
        }

        public Task WasRightAsync() => database.ForgetTriesAsync(id, who);
    }
}
