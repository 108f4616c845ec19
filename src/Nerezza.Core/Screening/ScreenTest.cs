using System.Text.Json.Serialization;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Screening;

/// <summary>A test of the screen from which findings are made; its code is its place below screen in a case.</summary>
public enum ScreenTest
{
    /// <summary>Knee-to-wall distance, cm, both sides.</summary>
    [JsonStringEnumMemberName("kneeToWallCm")]
    KneeToWall,

    /// <summary>Active straight-leg raise, degrees, both sides.</summary>
    [JsonStringEnumMemberName("straightLegRaiseDeg")]
    StraightLegRaise,

    /// <summary>Passive hip flexion, degrees.</summary>
    [JsonStringEnumMemberName("hipFlexionDeg")]
    HipFlexion,

    /// <summary>Arms overhead, degrees, both sides.</summary>
    [JsonStringEnumMemberName("armsOverheadDeg")]
    ArmsOverhead,

    /// <summary>Single-leg bridge, good repetitions, both sides.</summary>
    [JsonStringEnumMemberName("singleLegBridgeReps")]
    SingleLegBridge,

    /// <summary>Single-leg calf raise, repetitions, both sides.</summary>
    [JsonStringEnumMemberName("calfRaiseReps")]
    CalfRaise,

    /// <summary>Whether the glutes are felt in a set.</summary>
    [JsonStringEnumMemberName("feelsGlutes")]
    FeelsGlutes,

    /// <summary>Whether the ribs stay down with the arms overhead.</summary>
    [JsonStringEnumMemberName("ribsStayDown")]
    RibsStayDown,

    /// <summary>Trunk lean at the bottom of the squat, degrees.</summary>
    [JsonStringEnumMemberName("squat.leanDeg")]
    SquatLean,

    /// <summary>Whether the heels rise in the squat.</summary>
    [JsonStringEnumMemberName("squat.heelRise")]
    HeelRise,

    /// <summary>Whether the knees move inward in the squat.</summary>
    [JsonStringEnumMemberName("squat.kneesIn")]
    KneesIn,

    /// <summary>To which side the hips shift in the squat.</summary>
    [JsonStringEnumMemberName("squat.shift")]
    SquatShift,

    /// <summary>Hip height at which the pelvis tucks, cm.</summary>
    [JsonStringEnumMemberName("squat.tuckAtHipHeightCm")]
    PelvisTuck,

    /// <summary>Whether the squat is better with the heels raised.</summary>
    [JsonStringEnumMemberName("squat.betterWithHeelsRaised")]
    BetterWithHeelsRaised,

    /// <summary>Whether the squat is better with a plate in front.</summary>
    [JsonStringEnumMemberName("squat.betterWithPlateInFront")]
    BetterWithPlateInFront,

    /// <summary>Which dowel contacts are lost in the hinge.</summary>
    [JsonStringEnumMemberName("hinge.lostContacts")]
    LostContacts,

    /// <summary>Whether the wall-reach hinge reaches with the spine still.</summary>
    [JsonStringEnumMemberName("hinge.wallReach")]
    WallReach,

    /// <summary>Whether the upper back moves alone.</summary>
    [JsonStringEnumMemberName("spine.upperBackMovesAlone")]
    UpperBackMovesAlone,

    /// <summary>Whether the lower back moves alone.</summary>
    [JsonStringEnumMemberName("spine.lowerBackMovesAlone")]
    LowerBackMovesAlone,
}

/// <summary>Reads the numbers of a screen by test.</summary>
public static class ScreenNumbers
{
    /// <summary>The number of a test, of one side where it has two; null where it was not tested or is no number.</summary>
    public static double? Number(this Screen screen, ScreenTest test, Side? side) =>
        test switch
        {
            ScreenTest.KneeToWall => Of(screen.KneeToWallCm, side),
            ScreenTest.StraightLegRaise => Of(screen.StraightLegRaiseDeg, side),
            ScreenTest.ArmsOverhead => Of(screen.ArmsOverheadDeg, side),
            ScreenTest.SingleLegBridge => Of(screen.SingleLegBridgeReps, side),
            ScreenTest.CalfRaise => Of(screen.CalfRaiseReps, side),
            ScreenTest.HipFlexion => screen.HipFlexionDeg,
            ScreenTest.SquatLean => screen.Squat?.LeanDeg,
            ScreenTest.PelvisTuck => screen.Squat?.TuckAtHipHeightCm,
            ScreenTest.FeelsGlutes
            or ScreenTest.RibsStayDown
            or ScreenTest.HeelRise
            or ScreenTest.KneesIn
            or ScreenTest.SquatShift
            or ScreenTest.BetterWithHeelsRaised
            or ScreenTest.BetterWithPlateInFront
            or ScreenTest.LostContacts
            or ScreenTest.WallReach
            or ScreenTest.UpperBackMovesAlone
            or ScreenTest.LowerBackMovesAlone => null,
        };

    private static double? Of(BothSides? sides, Side? side) =>
        side switch
        {
            Side.Left => sides?.Left,
            Side.Right => sides?.Right,
            null => null,
        };
}
