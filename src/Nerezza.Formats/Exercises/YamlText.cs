using System.Globalization;
using System.Text.Json.Nodes;
using YamlDotNet.Core;
using YamlDotNet.RepresentationModel;
using YamlDotNet.Serialization;

namespace Nerezza.Formats.Exercises;

/// <summary>What came of reading YAML.</summary>
internal abstract record YamlReading
{
    private YamlReading() { }

    /// <summary>It could be read; null for an empty text.</summary>
    public sealed record Good(JsonNode? Node) : YamlReading;

    /// <summary>It could not.</summary>
    public sealed record Bad(string Message) : YamlReading;
}

/// <summary>YAML to JSON and back: one document, no anchors, no tags, so that a text holds no more than it shows.</summary>
internal static class YamlText
{
    public static YamlReading Read(string text)
    {
        try
        {
            var stream = new YamlStream();
            stream.Load(new StringReader(text));
            return stream.Documents switch
            {
                [] => new YamlReading.Good(null),
                [var only] => Objection(only.RootNode, 0) is { } objection ? new YamlReading.Bad(objection) : new YamlReading.Good(ToJson(only.RootNode)),
                _ => new YamlReading.Bad("holds several documents; one expected"),
            };
        }
        catch (YamlException fault)
        {
            return new YamlReading.Bad($"cannot be read at line {fault.Start.Line}: {fault.Message.ReplaceLineEndings(" ")}");
        }
    }

    public static string Write(JsonNode node) => new SerializerBuilder().WithQuotingNecessaryStrings().Build().Serialize(ToPlain(node)!);

    /// <summary>The first thing that a list of exercises has no use for; null when there is none.</summary>
    private static string? Objection(YamlNode node, int depth)
    {
        if (depth > Json.MostDepth / 2) return $"is nested too deeply at line {node.Start.Line}";
        if (!node.Anchor.IsEmpty) return $"has an anchor at line {node.Start.Line}; write each value out";
        return node switch
        {
            YamlMappingNode map => map.Children.Select(row => row.Key is YamlScalarNode ? Objection(row.Value, depth + 1) : $"has a key that is no text at line {row.Key.Start.Line}").FirstOrDefault(found => found is not null),
            YamlSequenceNode list => list.Children.Select(item => Objection(item, depth + 1)).FirstOrDefault(found => found is not null),
            _ => null,
        };
    }

    private static JsonNode? ToJson(YamlNode node) => node switch
    {
        YamlMappingNode map => new JsonObject(map.Children.Select(row => KeyValuePair.Create(((YamlScalarNode)row.Key).Value ?? "", ToJson(row.Value)))),
        YamlSequenceNode list => new JsonArray([.. list.Children.Select(ToJson)]),
        _ => ToJson((YamlScalarNode)node),
    };

    /// <summary>Quoted text is text; plain text may be a number, a truth or nothing, as in JSON.</summary>
    private static JsonValue? ToJson(YamlScalarNode scalar)
    {
        string text = scalar.Value ?? "";
        if (scalar.Style is not ScalarStyle.Plain) return JsonValue.Create(text);
        return text switch
        {
            "" or "~" or "null" => null,
            "true" or "false" => JsonValue.Create(text == "true"),
            _ when double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out double number) && double.IsFinite(number) => JsonValue.Create(number),
            _ => JsonValue.Create(text),
        };
    }

    private static object? ToPlain(JsonNode? node) => node switch
    {
        JsonObject map => map.ToDictionary(row => row.Key, row => ToPlain(row.Value)),
        JsonArray list => list.Select(ToPlain).ToList(),
        JsonValue value when value.TryGetValue(out bool truth) => truth,
        JsonValue value when value.TryGetValue(out double number) => number,
        JsonValue value => value.GetValue<string>(),
        _ => null,
    };
}
