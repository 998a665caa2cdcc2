using System.Text.Json;
using System.Text.Json.Serialization;

namespace Hippodrome.Core.Measures;

/// <summary>How everything is written as JSON, in the store and over HTTP alike.</summary>
public static class Json
{
    public static JsonSerializerOptions Options { get; } = Apply(new JsonSerializerOptions(JsonSerializerDefaults.Web));

    public static JsonSerializerOptions Apply(JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(options);
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
        options.NumberHandling = JsonNumberHandling.Strict;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        // jsonb and browsers keep no order: the kind of an event need not come first.
        options.AllowOutOfOrderMetadataProperties = true;
        return options;
    }

    public static string Write<T>(T value) => JsonSerializer.Serialize(value, Options);

    public static T Read<T>(string json)
        where T : class => JsonSerializer.Deserialize<T>(json, Options) ?? throw new JsonException("A stored value was null.");
}
