using Nerezza.Core.Clients;

namespace Nerezza.Core.Screening;

/// <summary>Left and right of one test; null where a side was not tested.</summary>
public sealed record BothSides(double? Left, double? Right)
{
    /// <summary>The smaller of the sides that were tested; null when neither was.</summary>
    public double? Smaller => Left is { } left && Right is { } right ? Math.Min(left, right) : Left ?? Right;

    /// <summary>How far the sides differ; null unless both were tested.</summary>
    public double? Difference => Left is { } left && Right is { } right ? Math.Abs(left - right) : null;

    /// <summary>The lesser side; null when equal or not both tested.</summary>
    public Side? Lesser =>
        Difference is > 0
            ? Left < Right
                ? Side.Left
                : Side.Right
            : null;

    /// <summary>The one side below a limit, when the other was tested and is not below.</summary>
    public Side? OneSideBelow(double limit) =>
        (Left < limit, Right < limit, Left is not null && Right is not null) switch
        {
            (true, false, true) => Side.Left,
            (false, true, true) => Side.Right,
            _ => null,
        };
}

/// <summary>The squat of the screen.</summary>
public sealed record ScreenSquat
{
    /// <summary>How deep the hip comes.</summary>
    public required SquatDepth? Depth { get; init; }

    /// <summary>Trunk lean at the bottom, degrees.</summary>
    public required double? LeanDeg { get; init; }

    /// <summary>Whether the heels rise.</summary>
    public required bool? HeelRise { get; init; }

    /// <summary>Whether the knees move inward.</summary>
    public required bool? KneesIn { get; init; }

    /// <summary>Hip height at which the pelvis tucks, cm; null when it does not.</summary>
    public required double? TuckAtHipHeightCm { get; init; }

    /// <summary>To which side the hips shift.</summary>
    public required Shift? Shift { get; init; }

    /// <summary>Whether heels raised make it better.</summary>
    public required bool? BetterWithHeelsRaised { get; init; }

    /// <summary>Whether a plate in front makes it better.</summary>
    public required bool? BetterWithPlateInFront { get; init; }

    /// <summary>The bar of the last set.</summary>
    public required ScreenBar Bar { get; init; }

    /// <summary>Its load, kg.</summary>
    public required double? LoadKg { get; init; }
}

/// <summary>The screen (docs/handbook/04-screen.md). Null is not tested, which is never the same as tested and fine.</summary>
public sealed record Screen
{
    /// <summary>Nothing tested.</summary>
    public static Screen Untested { get; } = new();

    /// <summary>Knee-to-wall distance, cm.</summary>
    public BothSides? KneeToWallCm { get; init; }

    /// <summary>The squat.</summary>
    public ScreenSquat? Squat { get; init; }

    /// <summary>Dowel contacts that were lost in the hinge; none where all were kept.</summary>
    public IReadOnlyList<DowelContact>? LostContacts { get; init; }

    /// <summary>Whether the wall-reach hinge reaches with the spine still.</summary>
    public bool? WallReach { get; init; }

    /// <summary>Whether the upper back moves alone.</summary>
    public bool? UpperBackMovesAlone { get; init; }

    /// <summary>Whether the lower back moves alone.</summary>
    public bool? LowerBackMovesAlone { get; init; }

    /// <summary>Arms overhead, degrees.</summary>
    public BothSides? ArmsOverheadDeg { get; init; }

    /// <summary>Whether the ribs stay down with the arms overhead.</summary>
    public bool? RibsStayDown { get; init; }

    /// <summary>Active straight-leg raise, degrees.</summary>
    public BothSides? StraightLegRaiseDeg { get; init; }

    /// <summary>Passive hip flexion, degrees.</summary>
    public double? HipFlexionDeg { get; init; }

    /// <summary>Single-leg bridge, good repetitions.</summary>
    public BothSides? SingleLegBridgeReps { get; init; }

    /// <summary>Single-leg calf raise, repetitions.</summary>
    public BothSides? CalfRaiseReps { get; init; }

    /// <summary>Whether the glutes are felt in a set.</summary>
    public bool? FeelsGlutes { get; init; }
}

/// <summary>A screen of another day with the faults seen then.</summary>
public sealed record EarlierScreen(DateOnly Date, Screen Screen, IReadOnlyList<LiftFault> Faults);

/// <summary>A fault seen in a lift (docs/handbook/05-faults.md).</summary>
public sealed record LiftFault
{
    /// <summary>Exercise id.</summary>
    public required string Lift { get; init; }

    /// <summary>What was seen.</summary>
    public required FaultCode Fault { get; init; }

    /// <summary>The part of 1RM from which it is seen, percent.</summary>
    public double? FromPercent { get; init; }

    /// <summary>Whether the position can be held in isolation.</summary>
    public bool? HeldInIsolation { get; init; }

    /// <summary>The side, where it is one.</summary>
    public Side? Side { get; init; }

    /// <summary>The repetition from which form changes.</summary>
    public int? AtRep { get; init; }

    /// <summary>Of how many repetitions.</summary>
    public int? OfReps { get; init; }

    /// <summary>Hip height at which it begins, cm.</summary>
    public double? AtHipHeightCm { get; init; }

    /// <summary>Bar height at which it begins, cm.</summary>
    public double? AtBarHeightCm { get; init; }
}
