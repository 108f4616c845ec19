namespace Nerezza.Data.Files;

/// <summary>What stands in a file of a practice or of a client.</summary>
public sealed record FileManifest
{
    public const string OfPractice = "nerezza.practice",
        OfClient = "nerezza.client-file",
        Entry = "manifest.json";

    public required string Format { get; init; }

    /// <summary>Of the format: 1.</summary>
    public required int Version { get; init; }
    public required DateTimeOffset WrittenAt { get; init; }

    /// <summary>The practice that it is of.</summary>
    public required Guid PracticeId { get; init; }

    /// <summary>The clients in it.</summary>
    public required IReadOnlyList<Guid> Clients { get; init; }

    /// <summary>Every entry with its SHA-256, in hexadecimal.</summary>
    public required IReadOnlyDictionary<string, string> Files { get; init; }
}
