using System.Globalization;

namespace Hippodrome.Server.Hosting;

/// <summary>What the server is told from outside, by environment variables or arguments.</summary>
/// <param name="Database">HIPPODROME_DATABASE: connection string of the owner role.</param>
/// <param name="Today">HIPPODROME_TODAY: a fixed day for tests and pictures.</param>
/// <param name="Ui">HIPPODROME_UI: folder of the built interface.</param>
/// <param name="Demo">--demo: load the demo yard once.</param>
/// <param name="Rebuild">--rebuild: add every ride up anew before the first request.</param>
/// <param name="Address">HIPPODROME_ADDRESS: where people find this server, such as https://book.example; addresses that are given away begin with it.</param>
/// <param name="Proxies">HIPPODROME_PROXIES: addresses or networks of proxies whose word about an address is believed.</param>
public sealed record Settings(string? Database, DateOnly? Today, string? Ui, bool Demo, bool Rebuild, Uri Address, string Proxies)
{
    public static Settings Read(IConfiguration configuration)
    {
        ArgumentNullException.ThrowIfNull(configuration);
        var today = configuration["HIPPODROME_TODAY"];
        return new Settings(
            configuration["HIPPODROME_DATABASE"],
            string.IsNullOrEmpty(today) ? null : DateOnly.ParseExact(today, "yyyy-MM-dd", CultureInfo.InvariantCulture),
            configuration["HIPPODROME_UI"],
            configuration["demo"] == "true",
            configuration["rebuild"] == "true",
            new Uri(
                configuration["HIPPODROME_ADDRESS"] is { Length: > 0 } address
                    ? address
                    : configuration["urls"]?.Split(';')[0] ?? "http://localhost",
                UriKind.Absolute
            ),
            configuration["HIPPODROME_PROXIES"] ?? ""
        );
    }
}
