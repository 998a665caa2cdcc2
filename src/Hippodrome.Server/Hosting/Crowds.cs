using System.Globalization;
using System.Net;
using System.Security.Claims;
using System.Threading.RateLimiting;

namespace Hippodrome.Server.Hosting;

/// <summary>How much one person may ask at the same time; who is not signed in is counted by address.</summary>
public static class Crowds
{
    /// <summary>Requests of one person at work at once: several devices, each filling a screen.</summary>
    public const int AtOnce = 32;

    /// <summary>And so many waiting for their turn.</summary>
    public const int Waiting = 64;

    public static IServiceCollection AddCrowdLimits(this IServiceCollection services) =>
        services.AddRateLimiter(limits =>
        {
            limits.GlobalLimiter = PartitionedRateLimiter.Create<HttpContext, string>(context =>
                context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
                || context.Request.Path.StartsWithSegments("/calendar", StringComparison.Ordinal)
                    ? RateLimitPartition.GetConcurrencyLimiter(Who(context), _ => new ConcurrencyLimiterOptions
                    {
                        PermitLimit = AtOnce,
                        QueueLimit = Waiting,
                        QueueProcessingOrder = QueueProcessingOrder.OldestFirst,
                    })
                    : RateLimitPartition.GetNoLimiter("")
            );
            limits.OnRejected = async (rejected, _) =>
            {
                rejected.HttpContext.Response.Headers.RetryAfter = "1";
                await Problems
                    .Problem(
                        StatusCodes.Status429TooManyRequests,
                        "Too much at once.",
                        "What you typed is still on your screen. Try again in a moment."
                    )
                    .ExecuteAsync(rejected.HttpContext);
            };
        });

    /// <summary>Ids are a yard's own: the same one elsewhere is somebody else.</summary>
    private static string Who(HttpContext context) =>
        context.User.FindFirstValue(ClaimTypes.NameIdentifier) is { } person
            ? $"{context.User.FindFirstValue(Visits.YardClaim)} {person}"
            : Address(context);

    /// <summary>Where a request comes from; of the newer addresses the half that tells one household from another.</summary>
    public static string Address(HttpContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        var address = context.Connection.RemoteIpAddress ?? IPAddress.None;
        address = address.IsIPv4MappedToIPv6 ? address.MapToIPv4() : address;
        return address.GetAddressBytes() is { Length: 16 } bytes
            ? string.Create(CultureInfo.InvariantCulture, $"{Convert.ToHexString(bytes[..8])}/64")
            : address.ToString();
    }
}
