using System.Net;
using Microsoft.AspNetCore.HttpOverrides;

namespace Hippodrome.Server.Hosting;

/// <summary>Proxies in front of the server: what they say of an address and a scheme is believed, and what anybody else says is not.</summary>
public static class Proxies
{
    /// <summary>Reads their addresses, or networks such as 10.0.0.0/8, parted by commas.</summary>
    /// <exception cref="FormatException">One of them is neither.</exception>
    public static ForwardedHeadersOptions Read(string named)
    {
        ArgumentNullException.ThrowIfNull(named);
        var options = new ForwardedHeadersOptions { ForwardedHeaders = ForwardedHeaders.XForwardedFor | ForwardedHeaders.XForwardedProto };
        options.KnownProxies.Clear();
        options.KnownIPNetworks.Clear();
        foreach (var one in named.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries))
        {
            if (one.Contains('/', StringComparison.Ordinal))
            {
                options.KnownIPNetworks.Add(System.Net.IPNetwork.Parse(one));
            }
            else
            {
                options.KnownProxies.Add(IPAddress.Parse(one));
            }
        }

        return options;
    }
}
