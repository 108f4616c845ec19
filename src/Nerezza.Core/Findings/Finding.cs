using Nerezza.Core.Clients;

namespace Nerezza.Core.Findings;

/// <summary>What was found, why, how sure, and on what (docs/handbook/06-findings.md). It never rests on nothing.</summary>
public sealed record Finding
{
    /// <summary>What was found.</summary>
    public required FindingCode Code { get; init; }

    /// <summary>Why; null for a referral, since Nerezza does not diagnose.</summary>
    public Cause? Cause { get; init; }

    /// <summary>The one side that is affected; null for both or neither.</summary>
    public Side? Side { get; init; }

    /// <summary>1 to 3.</summary>
    public required int Severity { get; init; }

    /// <summary>0 to 0.95.</summary>
    public required double Confidence { get; init; }

    /// <summary>How much it counts beside others: severity by confidence.</summary>
    public double Weight => Severity * Confidence;

    /// <summary>At least one piece.</summary>
    public required IReadOnlyList<Evidence> Evidence { get; init; }

    /// <summary>How it goes on its own measure.</summary>
    public Course Course { get; init; }

    /// <summary>What it asks of the choice of exercises.</summary>
    public Demand Asks { get; init; } = Demand.Nothing;

    /// <summary>First and last week to test again; null when nothing is to be tested.</summary>
    public RetestWindow? Retest { get; init; }
}

/// <summary>Weeks from now in which to test again.</summary>
public sealed record RetestWindow(int FirstWeek, int LastWeek);

/// <summary>A max as the findings see it.</summary>
/// <param name="Kilograms">e1RM on total load.</param>
/// <param name="MeasuredOn">The day of its newest set; null when it is not known.</param>
public sealed record KnownMax(string Exercise, Side? Side, double Kilograms, DateOnly? MeasuredOn);
