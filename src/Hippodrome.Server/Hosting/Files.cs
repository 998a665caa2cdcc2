using Microsoft.AspNetCore.Http.Headers;
using Microsoft.AspNetCore.StaticFiles;
using Microsoft.Extensions.FileProviders;
using Microsoft.Net.Http.Headers;

namespace Hippodrome.Server.Hosting;

/// <summary>The files of the interface: each as small as whoever asks can read, and those named by their content kept for good.</summary>
public static class Files
{
    // The build writes these beside a file that shrinks.
    private static readonly (string Encoding, string Ending)[] Smaller = [("br", ".br"), ("gzip", ".gz")];

    private static readonly PathString[] NamedByContent = ["/assets", "/device"];

    private static readonly FileExtensionContentTypeProvider Types = new();
    private static readonly FileExtensionContentTypeProvider WithSmaller = new(
        new Dictionary<string, string>(Types.Mappings) { [".br"] = "application/octet-stream", [".gz"] = "application/octet-stream" }
    );

    public static void UseFiles(this WebApplication app)
    {
        ArgumentNullException.ThrowIfNull(app);
        var files = app.Environment.WebRootFileProvider;
        app.Use(
            (context, next) =>
            {
                var request = context.Request;
                if ((HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method)) && SmallerThan(request, files) is { } smaller)
                {
                    context.Items[typeof(Files)] = smaller.Encoding;
                    request.Path += smaller.Ending;
                }

                return next(context);
            }
        );
        app.UseStaticFiles(new StaticFileOptions { ContentTypeProvider = WithSmaller, OnPrepareResponse = Prepare });
    }

    /// <summary>The smallest form of a file that is there and that whoever asks reads.</summary>
    private static (string Encoding, string Ending)? SmallerThan(HttpRequest request, IFileProvider files)
    {
        var reads = new RequestHeaders(request.Headers).AcceptEncoding;
        foreach (var smaller in reads.Count == 0 ? [] : Smaller)
        {
            if (
                reads.Any(r => r.Value.Equals(smaller.Encoding, StringComparison.OrdinalIgnoreCase) && r.Quality is null or > 0)
                && files.GetFileInfo(request.Path + smaller.Ending).Exists
            )
            {
                return smaller;
            }
        }

        return null;
    }

    private static void Prepare(StaticFileResponseContext file)
    {
        var (context, headers) = (file.Context, file.Context.Response.Headers);
        if (context.Items[typeof(Files)] is string encoding)
        {
            headers.ContentEncoding = encoding;
            headers.ContentType = Types.TryGetContentType(Path.GetFileNameWithoutExtension(file.File.Name), out var type)
                ? type
                : "application/octet-stream";
        }

        headers.Append(HeaderNames.Vary, HeaderNames.AcceptEncoding);
        // A changed file has another name; everything else is asked for again.
        headers.CacheControl = NamedByContent.Any(of => context.Request.Path.StartsWithSegments(of, StringComparison.Ordinal))
            ? "public, max-age=31536000, immutable"
            : "no-cache";
    }
}
