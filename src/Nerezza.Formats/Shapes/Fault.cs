namespace Nerezza.Formats.Shapes;

/// <summary>One fault of a document: where, and what is wrong with what was expected.</summary>
/// <param name="Path">For example client.days[0].minutes; empty for the whole document.</param>
public sealed record Fault(string Path, string Message)
{
    /// <summary>What would do, for a page that says it in its own words and units; null where only the message says it.</summary>
    public Wanted? Wanted { get; init; }

    public override string ToString() => Path.Length == 0 ? $"document: {Message}" : $"{Path}: {Message}";
}

/// <summary>What a field wants.</summary>
/// <param name="Least">The least number, or the fewest entries.</param>
/// <param name="Most">The greatest number, or the most entries or characters.</param>
/// <param name="Unit">Of a number; null where it has none.</param>
/// <param name="Asked">The number that was given, or how many entries; null where nothing that counts was.</param>
public sealed record Wanted(WantedKind Kind, double? Least = null, double? Most = null, string? Unit = null, double? Asked = null);

/// <summary>Kinds of what a field wants.</summary>
public enum WantedKind
{
    /// <summary>A number within a range.</summary>
    Number,

    /// <summary>So many entries.</summary>
    Count,

    /// <summary>A text.</summary>
    Text,

    /// <summary>A date.</summary>
    Date,
}
