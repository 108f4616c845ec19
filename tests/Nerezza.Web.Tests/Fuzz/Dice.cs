using System.Text.Json;
using System.Text.Json.Nodes;

namespace Nerezza.Web.Tests.Fuzz;

/// <summary>Seeded chance, and what it makes: values that fit, and values that nobody would send in good faith.</summary>
internal sealed class Dice(int seed)
{
    private static readonly string[] Words =
    [
        "",
        " ",
        "back-squat-high-bar",
        "cable-row",
        "2026-11-30",
        "9999-12-31",
        "0001-01-01",
        "2026-02-30",
        "null",
        "NaN",
        "<script>alert(1)</script>",
        "' OR 1=1 --",
        "../../etc/passwd",
        "%00",
        "\u0000",
        "\ud83d\ude00",
        "\u202e",
        new string('x', 300),
        new string('9', 400),
        "left",
        "mon",
        "capacity",
        "0190a000-0000-7000-8000-000000000001",
        "00000000-0000-0000-0000-000000000000",
        "{{7*7}}",
        "\r\nX: y",
    ];

    // Sent as they are: what no serializer would write.
    private static readonly string[] Raw =
    [
        "",
        "{",
        "[",
        "]",
        "null",
        "true",
        "\"\"",
        "{\"\\ud800\":1}",
        "{\"a\":\"\\udc00\"}",
        "\ufeff{}",
        "{\"a\":1,\"a\":2}",
        "{\"a\":1e999}",
        "{\"a\":-0.0e-999}",
        new string('[', 5000),
        new string('{', 5000),
        "{\"a\":" + new string('9', 3000) + "}",
        "// {}",
        "{'a':1}",
        "{\"a\":1}{\"b\":2}",
        "{" + string.Join(',', Enumerable.Range(0, 3000).Select(i => $"\"f{i}\":{i}")) + "}",
    ];

    // For what reads lists of exercises: each of these once ended the process, held it up, or answered 500.
    private static readonly string[] Texts =
    [
        "? &a {? *a : 1}\n: 2",
        new string('[', 30_000),
        string.Concat(Enumerable.Repeat("---\n", 20_000)),
        string.Concat(Enumerable.Repeat("- a: {b: [1, 2, {c: d}]}\n", 4_000)),
        "!!set {? a, ? a}",
        "a: &x 1\nb: *x",
        string.Concat(Enumerable.Repeat("? ", 5_000)),
        "\"" + new string('a', 100_000),
        "format: nerezza.exercises\nversion: 1\nexercises: []",
        "a\n...\n~",
        "%YAML 9.9\n---\n",
    ];

    private static readonly double[] Numbers =
    [
        0,
        1,
        -1,
        2,
        3,
        5,
        8,
        100,
        2.5,
        0.0001,
        -0.5,
        12.345678,
        1e9,
        -1e9,
        1e300,
        int.MaxValue,
        long.MaxValue,
        4294967295,
        4294967296,
    ];
    private readonly Random _random = new(seed);

    public int Below(int most) => _random.Next(most);

    public bool OneIn(int times) => _random.Next(times) == 0;

    public T Of<T>(IReadOnlyList<T> list) => list[_random.Next(list.Count)];

    public string Word() => Of(Words);

    public string Hostile() => Of(Raw);

    public string Text() => Of(Texts);

    /// <summary>A value of a schema of the description; now and then one that does not fit.</summary>
    public JsonNode? Value(JsonNode schema, JsonNode schemas, int depth = 0)
    {
        if (depth > 12 || OneIn(25))
            return Anything();
        if (schema["$ref"] is { } reference)
            return Value(schemas[((string)reference!).Split('/')[^1]]!, schemas, depth + 1);
        if ((schema["oneOf"] ?? schema["anyOf"]) is JsonArray some)
            return Value(Of([.. some])!, schemas, depth + 1);
        if (schema["enum"] is JsonArray codes)
            return Of([.. codes])?.DeepClone();
        string type = schema["type"] switch
        {
            JsonArray types => (string)Of([.. types])!,
            JsonValue one => (string)one!,
            _ => "object",
        };
        return type switch
        {
            "object" => Thing(schema, schemas, depth),
            "array" => new JsonArray([
                .. Enumerable.Range(0, Below(4)).Select(_ => Value(schema["items"] ?? new JsonObject(), schemas, depth + 1)),
            ]),
            "string" => (string?)schema["format"] switch
            {
                "date" => $"2026-{1 + Below(12):00}-{1 + Below(28):00}",
                "uuid" => Guid.CreateVersion7().ToString(),
                _ => Word(),
            },
            "integer" => Below(14),
            "number" => OneIn(3) ? Of(Numbers) : Below(200) / 2.0,
            "boolean" => OneIn(2),
            _ => null,
        };
    }

    private JsonObject Thing(JsonNode schema, JsonNode schemas, int depth)
    {
        var made = new JsonObject();
        if (schema["properties"] is not JsonObject properties)
            return made;
        HashSet<string> needed = [.. (schema["required"] as JsonArray ?? []).Select(name => (string)name!)];
        foreach ((string name, JsonNode? of) in properties)
            if (OneIn(2) || needed.Contains(name))
                made[name] = Value(of!, schemas, depth + 1);
        return made;
    }

    private JsonNode? Anything() =>
        Below(6) switch
        {
            0 => null,
            1 => Word(),
            2 => Of(Numbers),
            3 => OneIn(2),
            4 => new JsonArray(),
            _ => new JsonObject { ["x"] = 1 },
        };

    /// <summary>A document that fits with some places changed.</summary>
    public JsonNode Bent(JsonNode document)
    {
        JsonNode bent = document.DeepClone();
        for (int times = Below(4); times > 0; times--)
            Bend(bent);
        return bent;
    }

    private void Bend(JsonNode node)
    {
        switch (node)
        {
            case JsonObject thing when thing.Count > 0:
                string name = Of([.. thing.Select(row => row.Key)]);
                if (thing[name] is (JsonObject or JsonArray) and var inner && !OneIn(4))
                    Bend(inner);
                else if (OneIn(4))
                    thing.Remove(name);
                else
                    thing[name] = Anything();
                break;
            case JsonArray list when list.Count > 0:
                int at = Below(list.Count);
                if (list[at] is (JsonObject or JsonArray) and var item && !OneIn(4))
                    Bend(item);
                else if (OneIn(3))
                    for (int copies = Below(40); copies > 0; copies--)
                        list.Add(list[at]?.DeepClone());
                else
                    list[at] = Anything();
                break;
            case JsonArray list:
                list.Add(Anything());
                break;
        }
    }

    public static JsonNode Node(object value) => JsonSerializer.SerializeToNode(value, Formats.Json.Options)!;
}
