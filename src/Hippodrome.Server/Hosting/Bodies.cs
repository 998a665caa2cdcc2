namespace Hippodrome.Server.Hosting;

/// <summary>
/// What is sent is read whole before a connection to the database is taken: a slow sender then holds up
/// nobody but themselves.
/// </summary>
public static class Bodies
{
    /// <summary>Bytes. A picture from the rail is the largest thing anybody sends.</summary>
    public const int Largest = 1_000_000;

    /// <summary>Slower than this for longer than the grace is no signal to work with: the device tries again later.</summary>
    public const int SlowestBytesPerSecond = 1_000;

    public static readonly TimeSpan Grace = TimeSpan.FromSeconds(10);

    public static void UseWholeBodies(this WebApplication app) =>
        app.Use(
            async (context, next) =>
            {
                if (!HttpMethods.IsGet(context.Request.Method) && context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal))
                {
                    await ReadWholeAsync(context.Request);
                }

                await next(context);
            }
        );

    /// <summary>What was sent, as it was sent.</summary>
    public static byte[] WholeBody(this HttpContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        return context.Items[typeof(Bodies)] as byte[] ?? [];
    }

    /// <exception cref="BadHttpRequestException">It is larger than anything that is sent here.</exception>
    private static async Task ReadWholeAsync(HttpRequest request)
    {
        var whole = new MemoryStream();
        var some = new byte[16_384];
        for (int n; (n = await request.Body.ReadAsync(some, request.HttpContext.RequestAborted)) > 0; )
        {
            if (whole.Length + n > Largest)
            {
                throw new BadHttpRequestException("The body is too large.", StatusCodes.Status413PayloadTooLarge);
            }

            whole.Write(some, 0, n);
        }

        request.HttpContext.Items[typeof(Bodies)] = whole.ToArray();
        whole.Position = 0;
        request.Body = whole;
    }
}
