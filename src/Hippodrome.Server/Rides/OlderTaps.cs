using System.Text.Json;
using System.Text.Json.Nodes;
using Hippodrome.Core.Rides;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage;

namespace Hippodrome.Server.Rides;

/// <summary>
/// Taps can wait on a device while the shape of an event changes. Each bears the version of its shape, as a kept one
/// does, and is brought up to today's by the same upcasters before it is read.
/// </summary>
public static class OlderTaps
{
    /// <summary>Says that an endpoint takes events of a ride.</summary>
    public static TBuilder TakesEvents<TBuilder>(this TBuilder endpoint)
        where TBuilder : IEndpointConventionBuilder => endpoint.WithMetadata(Marker.Instance);

    public static void UseOlderTaps(this WebApplication app) =>
        app.Use(
            (context, next) =>
            {
                if (context.GetEndpoint()?.Metadata.GetMetadata<Marker>() is not null)
                {
                    context.Request.Body = new MemoryStream(OfToday(context.WholeBody(), Stored.KindOf<RideEvent>()));
                }

                return next(context);
            }
        );

    /// <summary>The body of a sending with each event in today's shape; the same bytes where there is nothing to change.</summary>
    /// <param name="body">As it was sent; what is no JSON, or none of ours, is left for the reader to refuse.</param>
    /// <param name="kind">The shapes there have been of an event.</param>
    public static byte[] OfToday(byte[] body, StoredKind kind)
    {
        ArgumentNullException.ThrowIfNull(body);
        ArgumentNullException.ThrowIfNull(kind);
        if (kind.Upcasters.Count == 0)
        {
            return body;
        }

        try
        {
            if (JsonNode.Parse(body) is not JsonObject sent || sent["events"] is not JsonArray events)
            {
                return body;
            }

            sent["events"] = new JsonArray([
                .. events.Select(e => e is JsonObject one ? kind.OfToday((JsonObject)one.DeepClone()) : e?.DeepClone()),
            ]);
            return JsonSerializer.SerializeToUtf8Bytes(sent);
        }
        catch (Exception e) when (e is JsonException or InvalidOperationException or ArgumentException)
        {
            // No JSON, half a character, a name twice.
            return body;
        }
    }

    private sealed class Marker
    {
        public static readonly Marker Instance = new();
    }
}
