namespace Nerezza.Core.Clients;

/// <summary>One client as the intake knows them (docs/handbook/03-intake.md). Null means not known.</summary>
public sealed record Client
{
    /// <summary>The name as the coach writes it.</summary>
    public required string Name { get; init; }

    /// <summary>Year of birth.</summary>
    public int? BirthYear { get; init; }

    /// <summary>Sex as stated.</summary>
    public Sex Sex { get; init; } = Sex.Unspecified;

    /// <summary>Standing height, 100 to 250 cm.</summary>
    public required double HeightCm { get; init; }

    /// <summary>Body mass, 25 to 300 kg.</summary>
    public required double MassKg { get; init; }

    /// <summary>Measured segment lengths; a missing one is estimated from height.</summary>
    public Segments Segments { get; init; } = new(null, null, null, null, null);

    /// <summary>Years of strength training.</summary>
    public double? TrainingYears { get; init; }

    /// <summary>Training level, stated by the coach.</summary>
    public required Level Level { get; init; }

    /// <summary>The goal; general when not said.</summary>
    public Goal Goal { get; init; } = Goal.General;

    /// <summary>Muscles to emphasise.</summary>
    public IReadOnlyList<Muscle> Emphasis { get; init; } = [];

    /// <summary>Whether the week is made for the glutes (docs/handbook/12-weeks-and-blocks.md, glute emphasis).</summary>
    public bool IsForGlutes => Emphasis.Contains(Muscle.GluteusMaximus);

    /// <summary>Whether the week is made for the quads.</summary>
    public bool IsForQuads => Emphasis.Any(muscle => muscle is Muscle.Vasti or Muscle.RectusFemoris);

    /// <summary>Whether load is the goal: strength, or events.</summary>
    public bool IsForLoad => Goal is Goal.Strength or Goal.Events;

    /// <summary>Exercise ids of the lifts that count for the goal.</summary>
    public IReadOnlyList<string> TargetLifts { get; init; } = [];

    /// <summary>Strength events.</summary>
    public IReadOnlyList<StrengthEvent> Events { get; init; } = [];

    /// <summary>Date of the competition.</summary>
    public DateOnly? Competition { get; init; }

    /// <summary>Diet phase; maintenance when not said.</summary>
    public Diet Diet { get; init; } = Diet.Maintenance;

    /// <summary>Training days with their minutes, in the order of the week.</summary>
    public required IReadOnlyList<TrainingDay> Days { get; init; }

    /// <summary>Other training.</summary>
    public IReadOnlyList<OtherTraining> OtherTraining { get; init; } = [];

    /// <summary>Exercises that the client would rather not do.</summary>
    public IReadOnlyList<Dislike> Dislikes { get; init; } = [];

    /// <summary>Exercise ids that the client likes.</summary>
    public IReadOnlyList<string> Likes { get; init; } = [];

    /// <summary>Whether the client trains with nobody near.</summary>
    public bool TrainsAlone { get; init; }

    /// <summary>For those under 16: whether a guardian agreed and who supervises is recorded.</summary>
    public bool GuardianConsent { get; init; }

    /// <summary>Health answers.</summary>
    public Health Health { get; init; } = new([], null);

    /// <summary>Age in the year of a date, by the calendar year alone (the birthday is not known); null when unknown.</summary>
    public int? AgeIn(DateOnly date) => BirthYear is { } year ? date.Year - year : null;
}

/// <summary>Measured segment lengths in centimetres; null where not measured.</summary>
public sealed record Segments(double? ShankCm, double? ThighCm, double? TorsoCm, double? ArmCm, double? FootCm);

/// <summary>A day on which the client can train, with the minutes there are.</summary>
public sealed record TrainingDay(Weekday Day, int Minutes);

/// <summary>Training outside the program.</summary>
/// <param name="TiresLegs">As it is said.</param>
public sealed record OtherTraining(Weekday Day, OtherTrainingKind Kind, int Minutes, bool TiresLegs)
{
    /// <summary>Whether it tires the legs; a match does, whatever else is said.</summary>
    public bool Hard => IsMatch || TiresLegs;

    /// <summary>Whether it is the match that the week leads up to.</summary>
    public bool IsMatch { get; init; }
}

/// <summary>An exercise that the client dislikes; never means that it is not to be prescribed.</summary>
public sealed record Dislike(string Exercise, bool Never);

/// <summary>A strength event and its date, where known.</summary>
public sealed record StrengthEvent(EventKind Kind, DateOnly? Date);

/// <summary>Health answers and who cleared them.</summary>
public sealed record Health(IReadOnlyList<HealthFlag> Flags, Clearance? ClearedBy);

/// <summary>A clearance: who, their profession, when, and which answers; it holds for those alone
/// (docs/handbook/07-pain-and-health.md).</summary>
public sealed record Clearance(string Name, string Profession, DateOnly Date, IReadOnlyList<HealthFlag> Flags);
