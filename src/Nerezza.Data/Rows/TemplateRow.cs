using Nerezza.Formats.Plans;

namespace Nerezza.Data.Rows;

/// <summary>A block without the person, kept in the practice.</summary>
public sealed class TemplateRow : IPracticeRow
{
    public Guid PracticeId { get; init; }
    public Guid Id { get; init; }
    public required TemplateDocument Document { get; init; }
    public DateTimeOffset MadeAt { get; init; }

    /// <summary>Who kept it.</summary>
    public required string By { get; init; }
}
