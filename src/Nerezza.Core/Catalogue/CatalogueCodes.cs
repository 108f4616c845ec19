#pragma warning disable CA1720 // Long and short are lengths of a muscle here.
#pragma warning disable CS1591 // The members are the codes of the docs/handbook/08-catalogue.md, spelled as there.
namespace Nerezza.Core.Catalogue;

/// <summary>Movement patterns.</summary>
public enum Pattern
{
    Squat,
    Hinge,
    Thrust,
    Abduction,
    Lunge,
    KneeExtension,
    KneeFlexion,
    Calf,
    Carry,
    Throw,
    PressHorizontal,
    PressVertical,
    PullHorizontal,
    PullVertical,
    Arms,
    Trunk,
    Priming,
    Mobility,
    Drill,
}

/// <summary>Which sides an exercise trains in one set.</summary>
public enum Sides
{
    Both,
    One,
    Offset,
}

/// <summary>Where the load comes from. Goblet: one dumbbell or kettlebell held by both hands.</summary>
public enum LoadSource
{
    Barbell,
    SafetyBar,
    TrapBar,
    Smith,
    Stack,
    Dumbbells,
    Dumbbell,
    Goblet,
    Kettlebell,
    TwoKettlebells,
    Sandbag,
    Keg,
    Stone,
    Log,
    Sled,
    Band,
    Plate,
    BodyWeight,
    None,
}

/// <summary>Positions that an exercise trains.</summary>
public enum Position
{
    StartOfThePull,
    BottomOfTheSquat,
    Lockout,
    UprightTrunk,
    BracedTrunk,
    OneLegBalance,
}

/// <summary>What an exercise conflicts with: pain by its kind or region, a range that is missing, pregnancy, and for order alone a tired
/// grip.</summary>
public enum Conflict
{
    PainFlexion,
    PainExtension,
    PainKnee,
    PainHip,
    PainShoulder,
    PainAnkle,
    ShoulderRange,
    Pregnant,
    Grip,
}

/// <summary>The length at which the target muscle is loaded.</summary>
public enum MuscleLength
{
    Long,
    Mid,
    Short,
}

/// <summary>Where in the range an exercise is hardest.</summary>
public enum HardestAt
{
    Bottom,
    Middle,
    Top,
    Even,
}
