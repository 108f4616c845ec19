using System.Reflection;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Hosting;

/// <summary>The description of the API: the front end's types, code lists and limits are made from it, and scripts are written by
/// it.</summary>
internal static class OpenApiDescription
{
    /// <summary>Where it stands.</summary>
    public const string Document = "/api/openapi.json";

    private const string Page = "api/docs",
        Token = "token";

    /// <summary>The same to read and to try, from files that ship with the application.</summary>
    public static void UseDescription(this WebApplication app) =>
        app.UseSwaggerUI(options =>
        {
            options.RoutePrefix = Page;
            options.DocumentTitle = "Nerezza, for scripts";
            options.SwaggerEndpoint(Document, "Nerezza");
        });

    public static void Configure(OpenApiOptions options) =>
        options
            .AddDocumentTransformer(
                (document, _, _) =>
                {
                    // The address of the machine that builds must not get into a file that is kept.
                    document.Servers = [];
                    document.Info.Title = "Nerezza";
                    document.Info.Version = "1";
                    document.Info.Description =
                        "With a token from Account: Authorization: Bearer nerezza_... What a field may hold is named where it is wrong.";
                    (document.Components ??= new()).SecuritySchemes = new Dictionary<string, IOpenApiSecurityScheme>
                    {
                        [Token] = new OpenApiSecurityScheme { Type = SecuritySchemeType.Http, Scheme = "bearer" },
                    };
                    document.Security = [new() { [new OpenApiSecuritySchemeReference(Token, document)] = [] }];
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
