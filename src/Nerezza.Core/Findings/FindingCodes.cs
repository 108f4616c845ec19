using System.Text.Json.Serialization;
#pragma warning disable CS1591 // The members are the codes of docs/handbook/06-findings.md, spelled as there.
namespace Nerezza.Core.Findings;

/// <summary>What was found.</summary>
public enum FindingCode
{
    AnkleRange,
    HipRange,
    ThoracicRange,
    ShoulderRange,
    HamstringRange,
    SpinalControl,
    SquatTiming,
    HingeTiming,
    Brace,
    QuadsWeak,
    GlutesWeak,
    HamstringsWeak,
    UpperBackWeak,
    LatsWeak,
    AbductorsWeak,
    CalvesWeak,
    GripWeak,
    LockoutWeak,
    FloorWeak,
    BottomWeak,
    SideAsymmetry,
    LongThighs,
    GlutesNotFelt,
    CarryEndurance,
    HipPower,
    PainFlexion,
    PainExtension,
    PainKnee,
    PainOther,
    Refer,
}

/// <summary>Why: missing range, missing skill, a weak link, pain, or the body's own proportions.</summary>
public enum Cause
{
    /// <summary>The range is not there; the open formats say capacity.</summary>
    [JsonStringEnumMemberName("capacity")]
    Range,
    Skill,
    Strength,
    Pain,
    Proportion,
}
