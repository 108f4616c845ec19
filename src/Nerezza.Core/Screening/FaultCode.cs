#pragma warning disable CS1591 // The members are the codes of the docs/handbook/05-faults.md, spelled as there.
namespace Nerezza.Core.Screening;

/// <summary>What is seen to go wrong in a lift.</summary>
public enum FaultCode
{
    HeelsRise,
    KneesLead,
    ExcessLean,
    HipsShootUp,
    KneesCave,
    PelvisTucks,
    SideShift,
    SticksLow,
    SticksMid,
    UpperBackFolds,
    LosesBrace,
    ElbowsFlareBack,
    HipsRiseFirst,
    LumbarRounds,
    UpperBackRoundsStart,
    BarDrifts,
    SlowOffFloor,
    SticksKnee,
    SoftLockout,
    OverextendsLockout,
    GripFails,
    NoHamstringStretch,
    HipsOpen,
    NeckUp,
    LumbarExtendsTop,
    GlutesNotFelt,
    KneeDrifts,
    DropsAndBounces,
    TechniqueFades,
    SideWeaker,
    FadesInMedley,
    ThrowLacksPower,
}

/// <summary>Depth of a squat: hip joint against knee joint.</summary>
public enum SquatDepth
{
    Above,
    At,
    Below,
}

/// <summary>To which side the hips shift.</summary>
public enum Shift
{
    Left,
    Right,
    None,
}

/// <summary>How the bar was held in the screen's squat.</summary>
public enum ScreenBar
{
    None,
    High,
    Low,
    Front,
}

/// <summary>Contacts of the dowel in the hinge.</summary>
public enum DowelContact
{
    Head,
    UpperBack,
    Sacrum,
}
