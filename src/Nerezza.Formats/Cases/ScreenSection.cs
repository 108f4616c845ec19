using Nerezza.Core.Clients;
using Nerezza.Core.Screening;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Cases;

public sealed record SidesSection
{
    [Between(0, 200, "the unit of the test")]
    public double? Left { get; init; }

    [Between(0, 200, "the unit of the test")]
    public double? Right { get; init; }
}

public sealed record ScreenSection
{
    public SidesSection? KneeToWallCm { get; init; }
    public ScreenSquatSection? Squat { get; init; }
    public ScreenHingeSection? Hinge { get; init; }
    public ScreenSpineSection? Spine { get; init; }
    public SidesSection? ArmsOverheadDeg { get; init; }
    public bool? RibsStayDown { get; init; }
    public SidesSection? StraightLegRaiseDeg { get; init; }

    [Between(0, 180, "degrees")]
    public double? HipFlexionDeg { get; init; }
    public SidesSection? SingleLegBridgeReps { get; init; }
    public SidesSection? CalfRaiseReps { get; init; }
    public bool? FeelsGlutes { get; init; }
}

public sealed record EarlierScreenSection
{
    public required DateOnly Date { get; init; }
    public ScreenSection? Screen { get; init; }

    [Items(60)]
    public IReadOnlyList<FaultSection>? Faults { get; init; }
}

public sealed record ScreenSquatSection
{
    public SquatDepth? Depth { get; init; }

    [Between(0, 90, "degrees")]
    public double? LeanDeg { get; init; }
    public bool? HeelRise { get; init; }
    public bool? KneesIn { get; init; }

    [Between(0, 150, "centimetres")]
    public double? TuckAtHipHeightCm { get; init; }
    public Shift? Shift { get; init; }
    public bool? BetterWithHeelsRaised { get; init; }
    public bool? BetterWithPlateInFront { get; init; }
    public ScreenBar? Bar { get; init; }

    [Between(0, 500, "kilograms")]
    public double? LoadKg { get; init; }
}

public sealed record ScreenHingeSection
{
    [Items(3)]
    public IReadOnlyList<DowelContact>? LostContacts { get; init; }
    public bool? WallReach { get; init; }
}

public sealed record ScreenSpineSection
{
    public bool? UpperBackMovesAlone { get; init; }
    public bool? LowerBackMovesAlone { get; init; }
}

public sealed record FaultSection
{
    [ExerciseId]
    public required string Lift { get; init; }
    public required FaultCode Fault { get; init; }

    [Between(0, 100, "percent of 1RM")]
    public double? FromPercent { get; init; }
    public bool? HeldInIsolation { get; init; }
    public Side? Side { get; init; }

    [Between(1, 100, "repetitions")]
    public int? AtRep { get; init; }

    [Between(1, 100, "repetitions")]
    public int? OfReps { get; init; }

    [Between(0, 200, "centimetres")]
    public double? AtHipHeightCm { get; init; }

    [Between(0, 250, "centimetres")]
    public double? AtBarHeightCm { get; init; }
}
