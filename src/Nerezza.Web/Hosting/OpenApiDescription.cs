using System.Reflection;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Hosting;

/// <summary>The description that the front end's types, code lists and limits are made from.</summary>
internal static class OpenApiDescription
{
    public static void Configure(OpenApiOptions options) =>
        options
            .AddDocumentTransformer(
                (document, _, _) =>
                {
                    // The address of the machine that builds must not get into a file that is kept.
                    document.Servers = [];
                    document.Info.Title = "Nerezza";
                    document.Info.Version = "1";
                    return Task.CompletedTask;
                }
            )
            .AddSchemaTransformer(
                (schema, context, _) =>
                {
                    if (context.JsonPropertyInfo?.AttributeProvider is { } property)
                        Limit(schema, property);
                    return Task.CompletedTask;
                }
            );

    /// <summary>The limits that the server holds a field to.</summary>
    private static void Limit(OpenApiSchema schema, ICustomAttributeProvider property)
    {
        foreach (object attribute in property.GetCustomAttributes(inherit: true))
            switch (attribute)
            {
                case BetweenAttribute between:
                    schema.Minimum = FormattableString.Invariant($"{between.Least}");
                    schema.Maximum = FormattableString.Invariant($"{between.Most}");
                    if (between.Unit.Length > 0)
                        (schema.Extensions ??= new Dictionary<string, IOpenApiExtension>())["x-unit"] = new JsonNodeExtension(
                            JsonValue.Create(between.Unit)
                        );
                    break;
                case LengthAttribute length:
                    schema.MaxLength = length.Most;
                    break;
                case ItemsAttribute items:
                    (schema.MinItems, schema.MaxItems) = (items.Least, items.Most);
                    break;
            }
    }
}
