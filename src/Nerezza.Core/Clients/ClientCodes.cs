using System.Globalization;
#pragma warning disable CS1591 // The members are the codes of docs/formats, spelled as there; each says itself.
namespace Nerezza.Core.Clients;

/// <summary>What the client trains for (docs/handbook/03-intake.md).</summary>
public enum Goal
{
    Strength,
    Muscle,
    Events,
    General,
    Return,
}

/// <summary>Training age: novice under a year, intermediate 1 to 3, advanced above (assumption; the coach may overrule).</summary>
public enum Level
{
    Novice,
    Intermediate,
    Advanced,
}

/// <summary>Sex as the client states it.</summary>
public enum Sex
{
    Female,
    Male,
    Unspecified,
}

/// <summary>Diet phase.</summary>
public enum Diet
{
    Surplus,
    Maintenance,
    Deficit,
}

/// <summary>One side of the body.</summary>
public enum Side
{
    Left,
    Right,
}

/// <summary>A weekday, Monday first.</summary>
public enum Weekday
{
    Mon,
    Tue,
    Wed,
    Thu,
    Fri,
    Sat,
    Sun,
}

/// <summary>Days of the week by date.</summary>
public static class Weekdays
{
    /// <summary>The day's name in full: Monday.</summary>
    public static string NameOf(Weekday day) => CultureInfo.InvariantCulture.DateTimeFormat.DayNames[((int)day + 1) % 7];

    /// <summary>The day of the week of a date.</summary>
    public static Weekday Of(DateOnly date) => (Weekday)(((int)date.DayOfWeek + 6) % 7);

    /// <summary>Days from one day of the week on to the next of another, 0 to 6.</summary>
    public static int From(Weekday day, Weekday on) => (on - day + 7) % 7;

    /// <summary>Days from one to the nearest of another: 1 the day before it, -1 the day after it, -3 to 3.</summary>
    public static int Nearest(Weekday day, Weekday on) => From(day, on) is > 3 and var far ? far - 7 : From(day, on);

    /// <summary>Whether one is the day before or after the other.</summary>
    public static bool AreNeighbours(Weekday one, Weekday other) => Nearest(one, other) is 1 or -1;
}

/// <summary>Kinds of training besides the program.</summary>
public enum OtherTrainingKind
{
    Run,
    Sport,
    Cardio,
}

/// <summary>Kinds of strength event.</summary>
public enum EventKind
{
    CarryMedley,
    LoadedThrow,
    FloorPick,
}

/// <summary>Muscles that sets are counted for.</summary>
public enum Muscle
{
    Vasti,
    RectusFemoris,
    GluteusMaximus,
    GluteusMedius,
    Hamstrings,
    Adductors,
    Gastrocnemius,
    Soleus,
    TibialisAnterior,
    SpinalErectors,
    UpperBack,
    Lats,
    Traps,
    Abs,
    Obliques,
    HipFlexors,
    Pecs,
    FrontDelts,
    SideDelts,
    RearDelts,
    Triceps,
    Biceps,
    Grip,
}

/// <summary>Health answers that stop or limit training (docs/handbook/07-pain-and-health.md).</summary>
public enum HealthFlag
{
    SaddleNumbness,
    BladderBowel,
    ProgressiveWeakness,
    BothLegs,
    ChestPain,
    Fainting,
    Breathlessness,
    Fever,
    BloodPressure180,
    PregnancyWarning,
    RecentTrauma,
    WeightLoss,
    CancerHistory,
    NightPain,
    Osteoporosis,
    Pregnant,
    Postnatal,
    Heart,
    BloodPressure160,
    EyeSurgery,
    Aneurysm,
    Hernia,
    RecentSurgery,
}

/// <summary>Kit that an exercise can need.</summary>
public enum Implement
{
    Barbell,
    Rack,
    Bench,
    Dumbbells,
    Kettlebells,
    Bands,
    Cable,
    SafetyBar,
    TrapBar,
    Smith,
    LegPress,
    HackSquat,
    LegCurlSeated,
    LegCurlLying,
    LegExtension,
    CalfMachineStanding,
    CalfMachineSeated,
    HipThrustMachine,
    HipAbductionMachine,
    GluteKickbackMachine,
    GluteHam,
    HipExtension45,
    HipExtension90,
    ReverseHyper,
    SissyBench,
    Box,
    Blocks,
    Wedge,
    Plates,
    BeltSquat,
    Sandbag,
    Keg,
    Stone,
    FarmersHandles,
    Sled,
    Landmine,
    Pulldown,
    RowMachine,
    FlyMachine,
    PullUpBar,
    FoamRoller,
    Dowel,
    Wall,
    RollOutWheel,
    HipAdductionMachine,
    DipBars,
    Log,
}

/// <summary>Where pain is felt.</summary>
public enum PainRegion
{
    LowBack,
    Knee,
    Hip,
    Ankle,
    Shoulder,
    Other,
}

/// <summary>What makes pain worse.</summary>
public enum PainTrigger
{
    Bending,
    Arching,
    Squatting,
    Hinging,
    Overhead,
    Running,
}

/// <summary>School for choosing accessories (docs/handbook/09-composition.md).</summary>
public enum AccessorySchool
{
    Stimulus,
    Positions,
    Muscles,
}

/// <summary>School for thrusts and sides.</summary>
public enum SideSchool
{
    UnilateralFirst,
    BarbellFirst,
}

/// <summary>School for strength repetitions: moderate 3 to 6, low 1 to 3.</summary>
public enum StrengthReps
{
    Moderate,
    Low,
}

/// <summary>School for work sets.</summary>
public enum WorkSets
{
    Straight,
    Ramp,
    Ascending,
}

/// <summary>School for the change from week to week.</summary>
public enum Progression
{
    Wave,
    Linear,
    Undulating,
}

/// <summary>School for single-joint work before or after the main lift.</summary>
public enum Isolation
{
    After,
    PreExhaust,
}

/// <summary>School for counting sets.</summary>
public enum SetCounting
{
    Fractional,
    Direct,
}

/// <summary>School for quad volume.</summary>
public enum QuadSchool
{
    Standard,
    Spread,
}

/// <summary>Kinds of block (docs/handbook/12-weeks-and-blocks.md).</summary>
public enum BlockKind
{
    Auto,
    Foundation,
    Muscle,
    Strength,
    Peak,
    Return,
    Deload,
    Test,
}

/// <summary>What a block is laid out for.</summary>
public enum BlockFocus
{
    Whole,
    Lower,
}
