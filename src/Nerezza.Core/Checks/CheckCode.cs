namespace Nerezza.Core.Checks;

/// <summary>What a check found wrong (docs/handbook/12-weeks-and-blocks.md). More codes come with the rules that they watch.</summary>
public enum CheckCode
{
    /// <summary>Two heavy hinges less than two calendar days apart.</summary>
    HingeSpacing,

    /// <summary>A session takes longer than the minutes that there are.</summary>
    SessionTooLong,

    /// <summary>A load cannot be made, or none is known.</summary>
    LoadNotLoadable,

    /// <summary>Under 16 without recorded consent and supervision.</summary>
    GuardianConsent,

    /// <summary>No lift of a pattern can be done.</summary>
    PatternMissing,

    /// <summary>The block is shorter or longer than its kind usually is.</summary>
    BlockLength,

    /// <summary>More than a muscle's high limit in a week.</summary>
    WeeklyHigh,

    /// <summary>Less than a muscle's low limit in a week.</summary>
    WeeklyLow,

    /// <summary>More hard sets of one muscle in a session than it can use.</summary>
    SessionCap,

    /// <summary>More load on the spine than a week or session holds.</summary>
    AxialBudget,

    /// <summary>A quad emphasis without work for the rectus femoris.</summary>
    RectusFemorisMissing,

    /// <summary>Presses and pulls out of balance.</summary>
    PushPullImbalance,

    /// <summary>No deload where one is due.</summary>
    DeloadMissing,

    /// <summary>Strength work with too little rest.</summary>
    StrengthRest,

    /// <summary>Sore lunges two days running.</summary>
    LungeSpacing,

    /// <summary>A heavy lower session on or after a day of hard sport.</summary>
    SportClash,

    /// <summary>Exercises stand in another order than a session wants.</summary>
    Order,

    /// <summary>Strength work stands in a superset.</summary>
    StrengthCircuit,

    /// <summary>Exercises of a superset work one muscle hard.</summary>
    SupersetClash,

    /// <summary>An exercise comes again in the week at the same repetitions.</summary>
    RepRangeRepeat,

    /// <summary>Grip-heavy work before a pull.</summary>
    GripBeforePull,

    /// <summary>A load rises more than a step that can be trusted.</summary>
    JumpTooBig,

    /// <summary>The emphasised half comes second of two sessions back to back.</summary>
    EmphasisLate,

    /// <summary>Pain or a referral rules an exercise out, or caps it lower.</summary>
    PainConflict,

    /// <summary>The rung of an exercise is not open.</summary>
    RungLocked,

    /// <summary>Kit for an exercise is not there.</summary>
    EquipmentMissing,

    /// <summary>Near failure alone, under a bar, without pins or a spotter.</summary>
    NoSafeties,

    /// <summary>Many more sets than the client does now.</summary>
    RampTooFast,

    /// <summary>No chosen exercise answers a finding.</summary>
    FindingUnanswered,

    /// <summary>A referral is open.</summary>
    ReferralOpen,

    /// <summary>Two forms of one movement in a session.</summary>
    SameLiftTwice,

    /// <summary>More repetitions than a pull from the floor is good for.</summary>
    FloorPullReps,

    /// <summary>A main lift easier than anybody can rate.</summary>
    TooLight,

    /// <summary>An exercise does not grow over the load weeks.</summary>
    NoProgress,

    /// <summary>A session leaves minutes while sets are short.</summary>
    MinutesUnused,
}

/// <summary>How much a check weighs.</summary>
public enum CheckSeverity
{
    /// <summary>Must be mended before training.</summary>
    Stop,

    /// <summary>Should be looked at.</summary>
    Warn,

    /// <summary>Good to know.</summary>
    Info,
}
