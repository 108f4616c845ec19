namespace Nerezza.Data.Machine;

/// <summary>A backup of the whole machine, or a try at one. Written by whoever takes it, beside the server, which only reads it.</summary>
public sealed class BackupRow
{
    public DateTimeOffset At { get; init; }

    /// <summary>Its name, without the folder.</summary>
    public required string File { get; init; }
    public long Bytes { get; init; }
    public int Seconds { get; init; }

    /// <summary>Why it did not work; null where it did.</summary>
    public string? Fault { get; init; }
}
