using System.Globalization;
using System.Text.Json.Nodes;
using YamlDotNet.Core;
using YamlDotNet.Core.Events;
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
/// <remarks>The parser's events are read one by one and the first that does not belong ends the reading. Nothing nested is built before
/// its depth is known, and nothing is compared that can be deep or be named twice: a text costs no more than its length.</remarks>
internal static class YamlText
{
    public static YamlReading Read(string text)
    {
        var events = new Parser(new Scanner(new StringReader(text), skipComments: true));
        var tree = new YamlTree();
        try
        {
            while (events.MoveNext())
                if (tree.Take(events.Current!) is { } objection)
                    return Bad(events.Current!.Start, objection);
            return new YamlReading.Good(tree.Root);
        }
        catch (YamlException fault)
        {
            return Bad(fault.Start, fault.Message);
        }
        catch (Exception fault)
            when (fault
                    is InvalidOperationException
                        or ArgumentException
                        or FormatException
                        or OverflowException
                        or IndexOutOfRangeException
            )
        {
            // The parser means to throw its own exception alone; on some texts it trips over itself instead.
            return Bad(events.Current?.End ?? Mark.Empty, "cannot be read from here on");
        }
    }

    private static YamlReading.Bad Bad(Mark at, string message) =>
        new($"line {at.Line}, column {at.Column}: {message.ReplaceLineEndings(" ")}");

    public static string Write(JsonNode node) => new SerializerBuilder().WithQuotingNecessaryStrings().Build().Serialize(ToPlain(node)!);

    private static object? ToPlain(JsonNode? node) =>
        node switch
        {
            JsonObject map => map.ToDictionary(row => row.Key, row => ToPlain(row.Value)),
            JsonArray list => list.Select(ToPlain).ToList(),
            JsonValue value when value.TryGetValue(out bool truth) => truth,
            JsonValue value when value.TryGetValue(out double number) => number,
            JsonValue value => value.GetValue<string>(),
            _ => null,
        };
}

/// <summary>Builds JSON from YAML events, and says of the first one that has no place here what is wrong with it.</summary>
internal sealed class YamlTree
{
    private const int MostDepth = 16;
    private const int MostNodes = 150_000;
    private readonly Stack<Open> _open = [];
    private int _documents,
        _nodes;

    /// <summary>A list or map that is not closed yet, and in a map the key whose value comes next.</summary>
    private sealed class Open(JsonNode node)
    {
        public JsonNode Node { get; } = node;
        public string? Key { get; set; }
    }

    /// <summary>The document so far.</summary>
    public JsonNode? Root { get; private set; }

    /// <summary>Takes the next event.</summary>
    /// <returns>What is wrong with it; null when nothing is.</returns>
    public string? Take(ParsingEvent next)
    {
        switch (next)
        {
            case DocumentStart:
                return ++_documents > 1 ? "a second document begins; one expected" : null;
            case AnchorAlias alias:
                return $"*{alias.Value} stands for something written elsewhere; write each value out";
            case MappingEnd or SequenceEnd:
                _open.Pop();
                return null;
            case NodeEvent node:
                return Objection(node) ?? (node is Scalar scalar ? TakeScalar(scalar) : TakeNested(node));
            default:
                return null;
        }
    }

    private string? Objection(NodeEvent node)
    {
        if (!node.Anchor.IsEmpty)
            return $"&{node.Anchor.Value} is an anchor; write each value out";
        if (!node.Tag.IsEmpty)
            return "a tag has no meaning here; leave it out";
        return ++_nodes > MostNodes ? $"more than {MostNodes} values; a shorter list expected" : null;
    }

    private string? TakeNested(NodeEvent node)
    {
        if (_open.Count >= MostDepth)
            return $"nested deeper than {MostDepth} levels";
        JsonNode made = node is MappingStart ? new JsonObject() : new JsonArray();
        if (Add(made) is { } objection)
            return objection;
        _open.Push(new Open(made));
        return null;
    }

    private string? TakeScalar(Scalar scalar)
    {
        if (_open.TryPeek(out Open? map) && map is { Node: JsonObject thing, Key: null })
        {
            if (thing.ContainsKey(scalar.Value))
                return $"'{scalar.Value}' stands twice; each name once expected";
            map.Key = scalar.Value;
            return null;
        }
        return Add(ToJson(scalar));
    }

    private string? Add(JsonNode? node)
    {
        if (!_open.TryPeek(out Open? open))
            Root = node;
        else if (open.Node is JsonArray list)
            list.Add(node);
        else if (open.Key is { } key)
            (open.Node.AsObject()[key], open.Key) = (node, null);
        else
            return "a name is not a text; a list or a map cannot be one";
        return null;
    }

    /// <summary>Quoted text is text; plain text may be a number, a truth or nothing, as in JSON.</summary>
    private static JsonValue? ToJson(Scalar scalar)
    {
        if (scalar.Style is not ScalarStyle.Plain)
            return JsonValue.Create(scalar.Value);
        return scalar.Value switch
        {
            "" or "~" or "null" => null,
            "true" or "false" => JsonValue.Create(scalar.Value == "true"),
            var text
                when double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out double number)
                    && double.IsFinite(number) => JsonValue.Create(number),
            var text => JsonValue.Create(text),
        };
    }
}
