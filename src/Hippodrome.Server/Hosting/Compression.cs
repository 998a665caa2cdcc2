using System.IO.Compression;
using Microsoft.AspNetCore.ResponseCompression;

namespace Hippodrome.Server.Hosting;

/// <summary>
/// Answers are sent small, except those that bear a token, a link or a code: how small they become would tell somebody
/// who can have them asked for, and who sees their size, what is in them.
/// </summary>
public static class Compression
{
    /// <summary>Says that an endpoint's answer bears something nobody else may guess.</summary>
    public static TBuilder BearsSecret<TBuilder>(this TBuilder endpoint)
        where TBuilder : IEndpointConventionBuilder => endpoint.WithMetadata(Secret.Instance);

    public static IServiceCollection AddCompression(this IServiceCollection services) =>
        services
            .AddResponseCompression(options =>
            {
                options.EnableForHttps = true;
                options.MimeTypes =
                [
                    .. ResponseCompressionDefaults.MimeTypes,
                    "application/problem+json",
                    "text/calendar",
                    "text/csv",
                    "image/svg+xml",
                ];
            })
            .Configure<BrotliCompressionProviderOptions>(options => options.Level = CompressionLevel.Fastest)
            .Configure<GzipCompressionProviderOptions>(options => options.Level = CompressionLevel.Fastest);

    /// <summary>After routing, since it is the endpoint that says what its answer bears. The page is filled in with a nonce.</summary>
    public static void UseCompression(this WebApplication app) =>
        app.UseWhen(
            context =>
                context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
                && context.GetEndpoint()?.Metadata.GetMetadata<Secret>() is null,
            answers => answers.UseResponseCompression()
        );

    private sealed class Secret
    {
        public static readonly Secret Instance = new();
    }
}
