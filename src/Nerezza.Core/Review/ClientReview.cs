using Nerezza.Core.Loads;

namespace Nerezza.Core.Review;

/// <summary>The answers to four questions, each with its evidence (docs/handbook/14-review.md): is the weak point closing, is the client
/// getting stronger, was the plan done, what next.</summary>
public sealed record ClientReview
{
    /// <summary>The day.</summary>
    public required DateOnly Today { get; init; }

    /// <summary>Findings through time.</summary>
    public required IReadOnlyList<FindingStory> Findings { get; init; }

    /// <summary>Maxes through time.</summary>
    public required IReadOnlyList<LiftStory> Lifts { get; init; }

    /// <summary>What the maxes may answer to.</summary>
    public required IReadOnlyList<Mark> Marks { get; init; }

    /// <summary>By how much ratings are corrected.</summary>
    public required EffortBias Bias { get; init; }

    /// <summary>Weeks, done against planned.</summary>
    public required IReadOnlyList<WeekDone> Weeks { get; init; }

    /// <summary>Rated against prescribed.</summary>
    public required IReadOnlyList<EffortPoint> Effort { get; init; }

    /// <summary>Pain that was logged.</summary>
    public required IReadOnlyList<PainLogged> Pain { get; init; }

    /// <summary>Lifts that stall.</summary>
    public required IReadOnlyList<Stall> Stalls { get; init; }

    /// <summary>Rungs to take.</summary>
    public required IReadOnlyList<LadderMove> Ladders { get; init; }

    /// <summary>The criteria of a return; empty where nobody returns.</summary>
    public required IReadOnlyList<ReturnRow> Return { get; init; }

    /// <summary>Accessories of the running block that are not done.</summary>
    public required IReadOnlyList<UnusedWork> Unused { get; init; }

    /// <summary>Maxes that left the interval that they had when the block began.</summary>
    public required IReadOnlyList<MaxMoved> Moved { get; init; }
}

/// <summary>An accessory that nobody does.</summary>
/// <param name="Of">Sessions that held it and were trained.</param>
public sealed record UnusedWork(string Exercise, int Done, int Of);

/// <summary>A max that left its interval since the block began.</summary>
public sealed record MaxMoved(OneRepMax Before, OneRepMax Now);
