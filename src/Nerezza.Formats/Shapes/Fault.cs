namespace Nerezza.Formats.Shapes;

/// <summary>One fault of a document: where, and what is wrong with what was expected.</summary>
/// <param name="Path">For example client.days[0].minutes; empty for the whole document.</param>
public sealed record Fault(string Path, string Message)
{
    public override string ToString() => Path.Length == 0 ? $"document: {Message}" : $"{Path}: {Message}";
}
