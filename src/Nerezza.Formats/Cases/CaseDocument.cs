using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Screening;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Cases;

/// <summary>The case as JSON (docs/formats/case.md). Each property says its range; the validator and the schema read it from
/// here.</summary>
public sealed record CaseDocument
{
    [Exactly("nerezza.case")]
    public required string Format { get; init; }

    [Exactly(1)]
    public required int Version { get; init; }
    public required ClientSection Client { get; init; }
    public EquipmentSection? Equipment { get; init; }
    public SchoolsSection? Schools { get; init; }
    public ScreenSection? Screen { get; init; }
    public DateOnly? ScreenedOn { get; init; }

    [Items(60)]
    public IReadOnlyList<EarlierScreenSection>? EarlierScreens { get; init; }

    [Items(60)]
    public IReadOnlyList<FaultSection>? Faults { get; init; }

    [Items(2000)]
    public IReadOnlyList<StrengthSection>? Strength { get; init; }

    [Items(40)]
    public IReadOnlyList<PainSection>? Pain { get; init; }

    [Items(40)]
    public IReadOnlyList<LadderSection>? Ladders { get; init; }

    [Items(20_000)]
    public IReadOnlyList<LogSection>? Log { get; init; }
    public BlockSection? Block { get; init; }
}

public sealed record ClientSection
{
    [Length(120)]
    public required string Name { get; init; }

    [Between(1900, 2200, "a year")]
    public int? BirthYear { get; init; }
    public Sex? Sex { get; init; }

    [Between(100, 250, "centimetres")]
    public required double HeightCm { get; init; }

    [Between(25, 300, "kilograms")]
    public required double MassKg { get; init; }
    public SegmentsSection? SegmentsCm { get; init; }

    [Between(0, 80, "years")]
    public double? TrainingYears { get; init; }
    public required Level Level { get; init; }
    public Goal? Goal { get; init; }

    [Items(23)]
    public IReadOnlyList<Muscle>? Emphasis { get; init; }

    [ExerciseId, Items(10)]
    public IReadOnlyList<string>? TargetLifts { get; init; }

    [Items(10)]
    public IReadOnlyList<EventSection>? Events { get; init; }
    public CompetitionSection? Competition { get; init; }
    public Diet? Diet { get; init; }

    [Items(7, Least = 1)]
    public required IReadOnlyList<DaySection> Days { get; init; }

    [Items(30)]
    public IReadOnlyList<OtherTrainingSection>? OtherTraining { get; init; }

    [Items(200)]
    public IReadOnlyList<DislikeSection>? Dislikes { get; init; }

    [ExerciseId, Items(200)]
    public IReadOnlyList<string>? Likes { get; init; }
    public bool? TrainsAlone { get; init; }
    public bool? GuardianConsent { get; init; }
    public HealthSection? Health { get; init; }
}

public sealed record SegmentsSection
{
    [Between(20, 80, "centimetres")]
    public double? Shank { get; init; }

    [Between(20, 80, "centimetres")]
    public double? Thigh { get; init; }

    [Between(25, 90, "centimetres")]
    public double? Torso { get; init; }

    [Between(30, 120, "centimetres")]
    public double? Arm { get; init; }

    [Between(12, 40, "centimetres")]
    public double? Foot { get; init; }
}

public sealed record EventSection
{
    public required EventKind Kind { get; init; }
    public DateOnly? Date { get; init; }
}

public sealed record CompetitionSection
{
    public required DateOnly Date { get; init; }
}

public sealed record DaySection
{
    public required Weekday Day { get; init; }

    [Between(10, 300, "minutes")]
    public required int Minutes { get; init; }
}

public sealed record OtherTrainingSection
{
    public required Weekday Day { get; init; }
    public required OtherTrainingKind Kind { get; init; }

    [Between(1, 1440, "minutes")]
    public int? Minutes { get; init; }
    public bool? Hard { get; init; }
}

public sealed record DislikeSection
{
    [ExerciseId]
    public required string Exercise { get; init; }
    public bool? Never { get; init; }
}

public sealed record HealthSection
{
    [Items(60)]
    public IReadOnlyList<HealthFlag>? Flags { get; init; }
    public ClearanceSection? ClearedBy { get; init; }
}

public sealed record ClearanceSection
{
    [Length(120)]
    public required string Name { get; init; }

    [Length(120)]
    public required string Profession { get; init; }
    public required DateOnly Date { get; init; }

    [Items(60)]
    public IReadOnlyList<HealthFlag>? Flags { get; init; }
}

public sealed record EquipmentSection
{
    [Items(100)]
    public IReadOnlyList<Implement>? Items { get; init; }

    [Items(20)]
    public IReadOnlyList<BarSection>? Bars { get; init; }

    [Items(30)]
    public IReadOnlyList<PlateSection>? Plates { get; init; }

    [Between(0, 10, "kilograms")]
    public double? CollarKg { get; init; }

    [Between(0.25, 150, "kilograms"), Items(100)]
    public IReadOnlyList<double>? DumbbellsKg { get; init; }

    [Between(0.25, 150, "kilograms"), Items(100)]
    public IReadOnlyList<double>? KettlebellsKg { get; init; }

    [Between(0.25, 300, "kilograms"), Items(100)]
    public IReadOnlyList<double>? SandbagsKg { get; init; }

    [Items(40)]
    public IReadOnlyList<BandSection>? Bands { get; init; }

    [Between(0.25, 50, "kilograms")]
    public double? StackStepKg { get; init; }
}

public sealed record BarSection
{
    [Length(60)]
    public required string Name { get; init; }

    [Between(1, 60, "kilograms")]
    public required double Kg { get; init; }
    public Implement? Kind { get; init; }
}

public sealed record PlateSection
{
    [Between(0.1, 60, "kilograms")]
    public required double Kg { get; init; }

    [Between(0, 40, "pairs")]
    public required int Pairs { get; init; }

    [Between(5, 60, "centimetres")]
    public double? DiameterCm { get; init; }
}

public sealed record BandSection
{
    [Length(60)]
    public required string Name { get; init; }

    [Items(50, Least = 1)]
    public required IReadOnlyList<BandPointSection> Points { get; init; }
}

public sealed record BandPointSection
{
    [Between(1, 1000, "centimetres")]
    public required double Cm { get; init; }

    [Between(0, 300, "kilograms")]
    public required double Kg { get; init; }
}

public sealed record SchoolsSection
{
    public AccessorySchool? Accessories { get; init; }
    public SideSchool? Sides { get; init; }
    public StrengthReps? StrengthReps { get; init; }
    public WorkSets? WorkSets { get; init; }
    public Progression? Progression { get; init; }
    public Isolation? Isolation { get; init; }
    public SetCounting? SetCounting { get; init; }
    public QuadSchool? Quads { get; init; }
}

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

public sealed record StrengthSection
{
    [ExerciseId]
    public required string Exercise { get; init; }

    [Between(0, 1000, "kilograms")]
    public required double Kg { get; init; }

    [Between(1, 100, "repetitions")]
    public required int Reps { get; init; }

    [Between(1, 10, "an RPE")]
    public double? Rpe { get; init; }
    public Side? Side { get; init; }
    public DateOnly? Date { get; init; }
    public bool? Amrap { get; init; }
}

public sealed record PainSection
{
    public required PainRegion Region { get; init; }

    [Items(6)]
    public IReadOnlyList<PainTrigger>? WorseOn { get; init; }

    [ExerciseId]
    public string? Exercise { get; init; }

    [Between(0, 10, "a score")]
    public double? ScoreDuring { get; init; }

    [Between(0, 10, "a score")]
    public double? ScoreNextMorning { get; init; }

    [Between(0, 10, "a score")]
    public double? UsualScore { get; init; }

    [Between(0, 3000, "weeks")]
    public double? Weeks { get; init; }
    public bool? Improving { get; init; }
    public bool? NerveSigns { get; init; }
}

public sealed record LadderSection
{
    public required LadderId Ladder { get; init; }

    [Between(1, 12, "a rung")]
    public required int Rung { get; init; }
}

public sealed record LogSection
{
    public required DateOnly Date { get; init; }
    public ReadinessSection? Readiness { get; init; }

    [Items(20_000)]
    public required IReadOnlyList<LogSetSection> Sets { get; init; }
}

public sealed record ReadinessSection
{
    [Between(0, 24, "hours")]
    public double? SleepHours { get; init; }

    [Between(0, 3, "a score")]
    public IReadOnlyDictionary<Muscle, int>? Soreness { get; init; }

    [Between(0, 600, "minutes")]
    public int? Minutes { get; init; }
}

public sealed record LogSetSection
{
    [ExerciseId]
    public required string Exercise { get; init; }
    public Side? Side { get; init; }

    [Between(0, 1000, "kilograms")]
    public double? Kg { get; init; }

    [Between(0, 500, "repetitions")]
    public int? Reps { get; init; }

    [Between(1, 10, "an RPE")]
    public double? Rpe { get; init; }
    public bool? Amrap { get; init; }
    public ReserveSaidSection? RirSaidAt { get; init; }

    [Between(0, 500, "repetitions")]
    public int? TechniqueHeldTo { get; init; }

    [Between(0, 10, "a score")]
    public double? Pain { get; init; }

    [Between(0, 36_000, "seconds")]
    public double? Seconds { get; init; }

    [Between(0, 100_000, "metres")]
    public double? Metres { get; init; }
}

public sealed record ReserveSaidSection
{
    [Between(0, 500, "a repetition")]
    public required int Rep { get; init; }

    [Between(0, 50, "repetitions")]
    public required double Rir { get; init; }
}

public sealed record BlockSection
{
    public required DateOnly Start { get; init; }
    public BlockKind? Kind { get; init; }

    [Between(1, 12, "weeks")]
    public int? Weeks { get; init; }
    public BlockFocus? Focus { get; init; }
}
