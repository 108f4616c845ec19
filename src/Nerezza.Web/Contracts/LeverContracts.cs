using Nerezza.Core.Body;
using Nerezza.Formats.Levers;

namespace Nerezza.Web.Contracts;

/// <summary>The levers of a client: the body as the model has it, and every exercise with a posture at its own usual load.</summary>
public sealed record LeversView
{
    public required Guid ClientId { get; init; }

    public required string Client { get; init; }

    public required LeverBody Body { get; init; }

    public required bool AnkleMeasured { get; init; }

    /// <summary>The lean of the screen's squat; null when it was not measured.</summary>
    public required double? ObservedLeanDeg { get; init; }

    public required IReadOnlyList<LeverRow> Rows { get; init; }

    public required string Caution { get; init; }

    public required IReadOnlyList<ModelNote> Notes { get; init; }
}

public sealed record LeverRow
{
    public required string Exercise { get; init; }

    public required string Name { get; init; }

    public required Pose Pose { get; init; }

    public required double LoadKg { get; init; }

    /// <summary>The variation's own; null outside the squats. Likewise knee travel, 0 to 1.</summary>
    public required double? StanceDeg { get; init; }

    public required double? KneeTravel { get; init; }

    /// <summary>First box height: where the pelvis tucked in the screen, else where it is likely to; null when it does not.</summary>
    public required double? BoxCm { get; init; }

    public required LeverReply Reply { get; init; }
}
