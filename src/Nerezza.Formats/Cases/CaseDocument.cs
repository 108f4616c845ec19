using System.Text.Json.Serialization;
using Nerezza.Core.Clients;
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

    [Items(7)]
    public IReadOnlyList<ElsewhereSection>? Elsewhere { get; init; }
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

/// <summary>A day of the week that is trained with other kit than the usual.</summary>
public sealed record ElsewhereSection
{
    public required Weekday Day { get; init; }
    public required EquipmentSection Equipment { get; init; }
}

public sealed record OtherTrainingSection
{
    public required Weekday Day { get; init; }
    public required OtherTrainingKind Kind { get; init; }

    [Between(1, 1440, "minutes")]
    public int? Minutes { get; init; }
    public bool? Hard { get; init; }

    /// <summary>Whether it is the match that the week leads up to; it is hard then.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public bool? Match { get; init; }
}

public sealed record DislikeSection
{
    [ExerciseId]
    public required string Exercise { get; init; }
    public bool? Never { get; init; }
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

public sealed record BlockSection
{
    public required DateOnly Start { get; init; }
    public BlockKind? Kind { get; init; }

    [Between(1, 12, "weeks")]
    public int? Weeks { get; init; }
    public BlockFocus? Focus { get; init; }

    /// <summary>Exercises of the blocks before whose finding has closed.</summary>
    [Items(100), ExerciseId, JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<string>? Worked { get; init; }
}
