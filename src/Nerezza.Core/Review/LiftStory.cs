using Nerezza.Core.Clients;
using Nerezza.Core.Loads;

namespace Nerezza.Core.Review;

/// <summary>A lift through time: its max with the 80 % interval, and what the client's own curve rests on.</summary>
public sealed record LiftStory
{
    /// <summary>Exercise id.</summary>
    public required string Exercise { get; init; }

    /// <summary>The side, of one-sided lifts.</summary>
    public Side? Side { get; init; }

    /// <summary>Whether it is a target or led the last block.</summary>
    public required bool IsMain { get; init; }

    /// <summary>After each day that tells of it, first to last; at least one.</summary>
    public required IReadOnlyList<OneRepMax> Maxes { get; init; }

    /// <summary>The days of these.</summary>
    public required IReadOnlyList<DateOnly> Days { get; init; }

    /// <summary>As it stands today.</summary>
    public required OneRepMax Now { get; init; }

    /// <summary>Part by which it changed in the last weeks; null where it was not known then.</summary>
    public double? Change { get; init; }

    /// <summary>The main lift whose variation it is, and the ratio to it: drawn on that lift's axis. Null where it is none.</summary>
    public (string Lift, double Ratio)? Of { get; init; }

    /// <summary>Days that tell the max.</summary>
    public int Exposures => Days.Count;
}

/// <summary>What happened on a day that a max may answer to.</summary>
public abstract record Mark(DateOnly Date)
{
    /// <summary>A block ended.</summary>
    public sealed record BlockEnd(DateOnly Date, int Number) : Mark(Date);

    /// <summary>A deload week began.</summary>
    public sealed record Deload(DateOnly Date) : Mark(Date);

    /// <summary>Pain was logged.</summary>
    public sealed record Pain(DateOnly Date, PainRegion? Region, double Score) : Mark(Date);

    /// <summary>Training resumed after a gap.</summary>
    public sealed record LayOff(DateOnly Date, int Days) : Mark(Date);

    /// <summary>A screen was taken.</summary>
    public sealed record Retest(DateOnly Date) : Mark(Date);
}
