using Nerezza.Core.Clients;

namespace Nerezza.Core.Findings;

/// <summary>One thing observed that speaks for a finding, before those that agree are merged.</summary>
/// <param name="Basis">How it was observed; sets where confidence starts.</param>
internal sealed record Observation(FindingCode Code, Cause? Cause, int Severity, Basis Basis, IReadOnlyList<Evidence> Evidence)
{
    public Side? Side { get; init; }

    /// <summary>Whether a drill confirmed it: heels raised, plate in front, the position tried in isolation.</summary>
    public Drill Drill { get; init; }

    /// <summary>Where it stands among the findings; its severity, or that of a graver one which it has to come before.</summary>
    public int Rank { get; init; } = Severity;

    /// <summary>Whether it lies past an adequate limit, so that an agreeing fault or drill makes it severity 2.</summary>
    public Limit Limit { get; init; }

    /// <summary>A confidence of its own where the handbook gives one.</summary>
    public double? Confidence { get; init; }

    /// <summary>What a missing answer takes off.</summary>
    public double Doubt { get; init; }
}

internal enum Basis
{
    Seen,
    Measured,
}

/// <summary>Confirms: the observation carries its drill (tried in isolation). Alone: it is a drill and nothing else, which confirms what
/// others saw.</summary>
internal enum Drill
{
    None,
    Confirms,
    Alone,
}

internal enum Limit
{
    NotMeasured,
    Passed,
}
