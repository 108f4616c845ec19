namespace Nerezza.Data.Rows;

/// <summary>A file of sets that was taken in as one, and can be taken back as one.</summary>
public sealed class ImportRow : IClientRow
{
    public Guid PracticeId { get; init; }

    /// <summary>Made by the sender: the same file sent twice is kept once.</summary>
    public Guid Id { get; init; }
    public Guid ClientId { get; init; }

    /// <summary>Of the file.</summary>
    public required string Name { get; init; }
    public int Sets { get; init; }
    public DateOnly FirstDay { get; init; }
    public DateOnly LastDay { get; init; }
    public DateTimeOffset KeptAt { get; init; }

    /// <summary>Who kept it.</summary>
    public required string By { get; init; }

    /// <summary>Null while its sets count.</summary>
    public DateTimeOffset? TakenBackAt { get; set; }
}

/// <summary>What a coach said that a name in their files means.</summary>
public sealed class ExerciseNameRow : IPracticeRow
{
    public Guid PracticeId { get; init; }

    /// <summary>In small letters, without accents and marks.</summary>
    public required string Name { get; init; }
    public required string Exercise { get; set; }
}
