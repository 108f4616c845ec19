namespace Nerezza.Core.Clients;

/// <summary>One pain as the client reports it. Nerezza never diagnoses: it stops, scales back and routes
/// (docs/handbook/07-pain-and-health.md).</summary>
public sealed record PainEntry
{
    /// <summary>Where.</summary>
    public required PainRegion Region { get; init; }

    /// <summary>What makes it worse.</summary>
    public IReadOnlyList<PainTrigger> WorseOn { get; init; } = [];

    /// <summary>The exercise it comes with; null covers the patterns of the region.</summary>
    public string? Exercise { get; init; }

    /// <summary>0 to 10 while training.</summary>
    public double? ScoreDuring { get; init; }

    /// <summary>0 to 10 the next morning.</summary>
    public double? ScoreNextMorning { get; init; }

    /// <summary>The usual score, 0 to 10.</summary>
    public double? UsualScore { get; init; }

    /// <summary>How many weeks it has lasted.</summary>
    public double? Weeks { get; init; }

    /// <summary>Whether it gets better.</summary>
    public bool? Improving { get; init; }

    /// <summary>Tingling, shooting pain below the knee, a leg that gives way.</summary>
    public bool NerveSigns { get; init; }
}
