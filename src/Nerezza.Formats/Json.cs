using System.Text.Json;
using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Formats;

/// <summary>How Nerezza reads and writes JSON: camelCase names, kebab-case codes, whole numbers however they are written.</summary>
public static class Json
{
    public const int MostDepth = 32;

    /// <summary>For documents, read and written.</summary>
    public static JsonSerializerOptions Options { get; } = ForDocuments();

    private static JsonSerializerOptions ForDocuments()
    {
        var options = new JsonSerializerOptions();
        ConfigureAnswers(options);
        options.Converters.Add(new WholeNumberConverter());
        return options;
    }

    /// <summary>For answers of the server, whose types are described to the front end.</summary>
    public static void ConfigureAnswers(JsonSerializerOptions options)
    {
        options.PropertyNamingPolicy = JsonNamingPolicy.CamelCase;
        options.MaxDepth = MostDepth;
        options.Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping;
        options.NumberHandling = JsonNumberHandling.Strict;
        options.Converters.Add(new JsonStringEnumConverter(new KebabCodes(), allowIntegerValues: false));
    }

    private sealed class KebabCodes : JsonNamingPolicy
    {
        public override string ConvertName(string name) => Codes.Kebab(name);
    }

    /// <summary>5.0 and 5e0 are the whole number 5, as JSON Schema has it.</summary>
    private sealed class WholeNumberConverter : JsonConverter<int>
    {
        public override int Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
        {
            if (reader.TokenType is JsonTokenType.Number && reader.TryGetInt32(out int whole))
                return whole;
            if (
                reader.TokenType is JsonTokenType.Number
                && reader.GetDouble() is var number
                && number == Math.Floor(number)
                && Math.Abs(number) < int.MaxValue
            )
                return (int)number;
            throw new JsonException("A whole number was expected.");
        }

        public override void Write(Utf8JsonWriter writer, int value, JsonSerializerOptions options) => writer.WriteNumberValue(value);
    }
}
