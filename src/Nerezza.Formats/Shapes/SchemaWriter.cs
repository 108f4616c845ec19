using System.Diagnostics;
using System.Text.Json.Nodes;

namespace Nerezza.Formats.Shapes;

/// <summary>Writes a shape as JSON Schema, draft 2020-12.</summary>
public static class SchemaWriter
{
    public static JsonObject Write(Shape shape, string id, string title)
    {
        JsonObject schema = Of(shape);
        schema.Insert(0, "$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.Insert(1, "$id", id);
        schema.Insert(2, "title", title);
        return schema;
    }

    private static JsonObject Of(Shape shape) =>
        shape switch
        {
            Shape.Thing thing => new JsonObject
            {
                ["type"] = "object",
                ["additionalProperties"] = false,
                ["required"] = new JsonArray([.. thing.Fields.Where(f => f.Presence is Presence.Needed).Select(f => (JsonNode)f.Name)]),
                ["properties"] = new JsonObject(
                    thing.Fields.Select(f =>
                        KeyValuePair.Create(f.Name, (JsonNode?)(f.Presence is Presence.Needed ? Of(f.Shape) : OrNull(Of(f.Shape))))
                    )
                ),
            },
            Shape.Listing listing => new JsonObject
            {
                ["type"] = "array",
                ["minItems"] = listing.Least,
                ["maxItems"] = listing.Most,
                ["items"] = Of(listing.Item),
            },
            Shape.ByCode byCode => new JsonObject
            {
                ["type"] = "object",
                ["propertyNames"] = new JsonObject { ["enum"] = Texts(byCode.Codes) },
                ["additionalProperties"] = Of(byCode.Value),
            },
            Shape.Number number => Number(number),
            Shape.Words { Blankness: Blankness.NotBlank } words => new JsonObject
            {
                ["type"] = "string",
                ["maxLength"] = words.Most,
                ["pattern"] = "\\S",
            },
            Shape.Words words => new JsonObject { ["type"] = "string", ["maxLength"] = words.Most },
            Shape.Code code => new JsonObject { ["type"] = "string", ["enum"] = Texts(code.Codes) },
            Shape.Only only => new JsonObject
            {
                ["enum"] = new JsonArray(only.Value is string text ? JsonValue.Create(text) : JsonValue.Create((int)only.Value)),
            },
            Shape.Truth => new JsonObject { ["type"] = "boolean" },
            Shape.Scalar => new JsonObject { ["type"] = new JsonArray("number", "boolean", "string") },
            Shape.Day => new JsonObject { ["type"] = "string", ["format"] = "date" },
            _ => throw new UnreachableException(shape.GetType().Name),
        };

    private static JsonObject OrNull(JsonObject schema) =>
        !schema.ContainsKey("type") ? schema : new JsonObject { ["anyOf"] = new JsonArray(schema, new JsonObject { ["type"] = "null" }) };

    private static JsonObject Number(Shape.Number number)
    {
        var schema = new JsonObject
        {
            ["type"] = number.Kind is NumberKind.Whole ? "integer" : "number",
            ["minimum"] = number.Least,
            ["maximum"] = number.Most,
        };
        if (number.Unit.Length > 0)
            schema["description"] = number.Unit;
        return schema;
    }

    private static JsonArray Texts(IReadOnlyList<string> texts) => [.. texts.Select(text => (JsonNode)text)];
}
