// Turns each YAML data file of Core into JSON of the same name, at build time.
// Usage: Nerezza.DataFiles OUT_DIRECTORY FILE.yaml ...
// A scalar becomes a number or a boolean where it reads as one and is not quoted; else a string.
using System.Globalization;
using System.Text.Json.Nodes;
using YamlDotNet.Core;
using YamlDotNet.RepresentationModel;

string outDirectory = args[0];
Directory.CreateDirectory(outDirectory);
foreach (string file in args[1..])
{
    var yaml = new YamlStream();
    try
    {
        using var reader = new StreamReader(file);
        yaml.Load(reader);
    }
    catch (YamlException fault)
    {
        Console.Error.WriteLine($"{file}({fault.Start.Line},{fault.Start.Column}): error DATA1: {fault.Message}");
        return 1;
    }
    string target = Path.Combine(outDirectory, Path.GetFileNameWithoutExtension(file) + ".json");
    File.WriteAllText(target, ToJson(yaml.Documents[0].RootNode)!.ToJsonString());
}
return 0;

static JsonNode? ToJson(YamlNode node) =>
    node switch
    {
        YamlMappingNode map => new JsonObject(
            map.Children.Select(pair => KeyValuePair.Create(((YamlScalarNode)pair.Key).Value!, ToJson(pair.Value)))
        ),
        YamlSequenceNode list => new JsonArray([.. list.Children.Select(ToJson)]),
        YamlScalarNode scalar => Scalar(scalar),
        _ => throw new NotSupportedException(node.NodeType.ToString()),
    };

static JsonNode? Scalar(YamlScalarNode scalar)
{
    string text = scalar.Value ?? "";
    if (scalar.Style is not ScalarStyle.Plain)
        return JsonValue.Create(text);
    if (text is "" or "null")
        return null;
    if (text is "true" or "false")
        return JsonValue.Create(text == "true");
    return decimal.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out decimal number)
        ? JsonValue.Create(number)
        : JsonValue.Create(text);
}
