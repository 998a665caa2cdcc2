using System.Text.Json;
using System.Text.Json.Serialization;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Storage;
using Microsoft.OpenApi;

namespace Hippodrome.Server.Hosting;

/// <summary>The API document the interface's client is generated from.</summary>
public static class OpenApiDocument
{
    /// <summary>True while the build writes the document: there is no database then.</summary>
    public static bool IsBeingWritten { get; } = System.Reflection.Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";

    public static IServiceCollection AddApiDocument(this IServiceCollection services) =>
        services.AddOpenApi(options =>
        {
            options.AddOperationTransformer(
                (operation, context, _) =>
                {
                    if (context.Description.ActionDescriptor.EndpointMetadata.OfType<CreationMetadata>().Any())
                    {
                        (operation.Parameters ??= []).Add(
                            new OpenApiParameter
                            {
                                Name = Creations.Header,
                                In = ParameterLocation.Header,
                                Description =
                                    "An id of yours for what this makes. The same id and content again is answered as before and makes nothing; other content is a conflict.",
                                Schema = new OpenApiSchema { Type = JsonSchemaType.String, Format = "uuid" },
                            }
                        );
                    }

                    return Task.CompletedTask;
                }
            );
            // Figures that a page needs before it asks anything come with the types it is built from.
            options.AddDocumentTransformer(
                async (document, context, cancel) =>
                {
                    document.AddComponent(nameof(PageFigures), await context.GetOrCreateSchemaAsync(typeof(PageFigures), null, cancel));
                    (document.Extensions ??= new Dictionary<string, IOpenApiExtension>())["x-figures"] = new JsonNodeExtension(
                        JsonSerializer.SerializeToNode(new PageFigures(), Json.Options)!
                    );
                }
            );
            options.AddSchemaTransformer(
                (schema, context, _) =>
                {
                    var type = Nullable.GetUnderlyingType(context.JsonTypeInfo.Type) ?? context.JsonTypeInfo.Type;
                    if (type == typeof(Distance) || type == typeof(Speed) || type == typeof(Mark))
                    {
                        schema.Type = JsonSchemaType.Number;
                        schema.Properties = null;
                    }

                    // A choice left open is said where it is used, not in the list of choices.
                    if (type.IsEnum && schema.Enum is { } choices)
                    {
                        schema.Enum = [.. choices.Where(c => c is not null && c.GetValueKind() != JsonValueKind.Null)];
                        schema.Type &= ~JsonSchemaType.Null;
                    }

                    // What the server answers is always all there; what a person types may have gaps.
                    if (schema.Properties is { Count: > 0 } && !type.Name.EndsWith("Entry", StringComparison.Ordinal))
                    {
                        var mayLack = context
                            .JsonTypeInfo.Properties.Where(p => p.AttributeProvider?.IsDefined(typeof(JsonIgnoreAttribute), true) == true)
                            .Select(p => p.Name);
                        schema.Required = schema.Properties.Keys.Except(mayLack).ToHashSet();
                    }

                    // The version of its shape: a page that writes another than this build's does not compile.
                    if (type.IsSubclassOf(typeof(RideEvent)))
                    {
                        schema.Properties![Stored.VersionName] = new OpenApiSchema
                        {
                            Type = JsonSchemaType.Integer,
                            Enum = [Stored.VersionOf<RideEvent>()],
                            Description = "The version of its shape; the first where none is said.",
                        };
                    }

                    return Task.CompletedTask;
                }
            );
        });
}
