using NetEscapades.AspNetCore.SecurityHeaders;

namespace Hippodrome.Server.Hosting;

/// <summary>The one page of the interface, and the headers that fence it in.</summary>
public static class Page
{
    private const string NoncePlace = "{{nonce}}";

    public static HeaderPolicyCollection Headers { get; } =
        new HeaderPolicyCollection()
            .AddDefaultSecurityHeaders()
            .AddContentSecurityPolicy(policy =>
            {
                policy.AddDefaultSrc().None();
                // Core runs on the device too; no text is ever run as a script.
                policy.AddScriptSrc().Self().WasmUnsafeEval();
                policy.AddStyleSrc().Self().WithNonce();
                policy.AddImgSrc().Self().Data();
                policy.AddFontSrc().Self();
                policy.AddConnectSrc().Self();
                policy.AddManifestSrc().Self();
                policy.AddBaseUri().None();
                policy.AddFormAction().Self();
                policy.AddFrameAncestors().None();
            });

    /// <summary>Answers every address that is neither the API's nor a file's with the page, its style nonce filled in.</summary>
    public static void MapPage(this WebApplication app)
    {
        ArgumentNullException.ThrowIfNull(app);
        app.MapFallback(async context =>
            {
                var file = app.Environment.WebRootFileProvider.GetFileInfo("index.html");
                if (
                    context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
                    || !HttpMethods.IsGet(context.Request.Method)
                    || !file.Exists
                )
                {
                    await Problems.NotFound().ExecuteAsync(context);
                    return;
                }

                using var reader = new StreamReader(file.CreateReadStream());
                var html = await reader.ReadToEndAsync(context.RequestAborted);
                context.Response.ContentType = "text/html; charset=utf-8";
                context.Response.Headers.CacheControl = "no-store";
                await context.Response.WriteAsync(
                    html.Replace(NoncePlace, context.GetNonce(), StringComparison.Ordinal),
                    context.RequestAborted
                );
            })
            .ExcludeFromDescription();
    }
}
