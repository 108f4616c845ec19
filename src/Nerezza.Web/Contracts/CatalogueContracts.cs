using Nerezza.Formats.Exercises;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>Every field of one exercise.</summary>
/// <param name="Version">Of the coach's own; null for one that ships, which can be copied and not changed.</param>
public sealed record ExerciseFileView(ExerciseDocument Exercise, uint? Version);

/// <summary>An exercise of the coach's own, new or changed.</summary>
public sealed record SaveExercise
{
    /// <summary>The version that was changed; left out for a new one.</summary>
    [Between(0, uint.MaxValue)]
    public double? Version { get; init; }
    public required ExerciseDocument Exercise { get; init; }
}

/// <summary>A list of exercises as text, JSON or YAML.</summary>
public sealed record ImportText
{
    [Length(ExerciseList.MostCharacters)]
    public required string Text { get; init; }
}

/// <summary>What an import would do; with faults it does nothing.</summary>
public sealed record ImportView(IReadOnlyList<string> New, IReadOnlyList<string> Changed, IReadOnlyList<string> Faults);

/// <summary>Which exercises are taken out.</summary>
public enum ExportScope
{
    Own,
    All,
}

public enum ExportFormat
{
    Json,
    Yaml,
}
