using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Body;

/// <summary>Something that the body model takes for granted or leaves out.</summary>
/// <param name="Source">A tag of docs/sources.md, or assumption.</param>
public sealed record ModelNote(string Text, string Source);

/// <summary>What the model says and what it does not, for the page.</summary>
public static class ModelNotes
{
    /// <summary>Every note, in reading order.</summary>
    public static IReadOnlyList<ModelNote> All { get; } = EmbeddedData.Read("model", ModelNoteJson.Default.IReadOnlyListModelNote);
}

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(IReadOnlyList<ModelNote>))]
internal sealed partial class ModelNoteJson : JsonSerializerContext;
