using System.Text;
using System.Text.Json;
using System.Text.Unicode;

namespace Nerezza.Formats;

/// <summary>What came of reading JSON.</summary>
public abstract record JsonReading
{
    private JsonReading() { }

    /// <summary>It could be read; whoever takes the document disposes of it.</summary>
    public sealed record Good(JsonDocument Document) : JsonReading;

    /// <summary>It could not; the place and the reason in one line.</summary>
    public sealed record Bad(string Message) : JsonReading;
}

/// <summary>Reads JSON such that every name and text in it can be asked for: the platform's own reader takes broken text in and fails only
/// when it is looked at.</summary>
public static class JsonText
{
    private static readonly JsonDocumentOptions Strict = new() { MaxDepth = Json.MostDepth, AllowDuplicateProperties = false };

    /// <summary>Reads a whole document.</summary>
    public static JsonReading Read(ReadOnlyMemory<byte> utf8)
    {
        // Some editors begin a file with a mark of its encoding.
        if (utf8.Span.StartsWith(Encoding.UTF8.Preamble))
            utf8 = utf8[Encoding.UTF8.Preamble.Length..];
        if (!Utf8.IsValid(utf8.Span))
            return new JsonReading.Bad($"{Place(utf8.Span, FirstBroken(utf8.Span))} is not UTF-8");
        try
        {
            if (HalfCharacter(utf8.Span) is { } at)
                return new JsonReading.Bad($"{Place(utf8.Span, at)} holds half of a character; \\ud800 to \\udfff come in pairs");
            return new JsonReading.Good(JsonDocument.Parse(utf8, Strict));
        }
        catch (JsonException fault)
        {
            return new JsonReading.Bad(fault.Message.ReplaceLineEndings(" "));
        }
    }

    /// <summary>Where the first name or text with half of a character begins; null when there is none.</summary>
    private static int? HalfCharacter(ReadOnlySpan<byte> utf8)
    {
        var reader = new Utf8JsonReader(utf8, new JsonReaderOptions { MaxDepth = Json.MostDepth });
        while (reader.Read())
            if (reader.ValueIsEscaped && !CanBeRead(ref reader))
                return (int)reader.TokenStartIndex;
        return null;
    }

    private static bool CanBeRead(ref Utf8JsonReader reader)
    {
        try
        {
            return reader.GetString() is not null;
        }
        catch (InvalidOperationException)
        {
            // The only way in which the reader says that an escape has no other half.
            return false;
        }
    }

    private static int FirstBroken(ReadOnlySpan<byte> utf8)
    {
        int at = 0;
        while (Rune.DecodeFromUtf8(utf8[at..], out _, out int length) is System.Buffers.OperationStatus.Done)
            at += length;
        return at;
    }

    private static string Place(ReadOnlySpan<byte> utf8, int at)
    {
        int line = utf8[..at].Count((byte)'\n') + 1;
        return $"line {line}, byte {at - utf8[..at].LastIndexOf((byte)'\n')}";
    }
}
