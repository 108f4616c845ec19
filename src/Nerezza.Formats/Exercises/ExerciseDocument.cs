using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Exercises;

/// <summary>A list of exercises as JSON or YAML (docs/formats/exercises.md): what a coach takes out of the catalogue and brings
/// in.</summary>
public sealed record ExerciseListDocument
{
    [Exactly("nerezza.exercises")]
    public required string Format { get; init; }

    [Exactly(1)]
    public required int Version { get; init; }

    [Items(500)]
    public required IReadOnlyList<ExerciseDocument> Exercises { get; init; }
}

/// <summary>One exercise, every field of the catalogue.</summary>
public sealed record ExerciseDocument
{
    [Length(80)]
    public required string Id { get; init; }

    [Length(80)]
    public required string Name { get; init; }
    public required Pattern Pattern { get; init; }
    public Sides? Sides { get; init; }

    /// <summary>Sets of kit, any one of which will do; an empty set needs nothing.</summary>
    [Items(8, Least = 1)]
    public required IReadOnlyList<KitSet> Kit { get; init; }
    public required LoadSource Load { get; init; }
    public RatioPart? Ratio { get; init; }

    [Between(0, 1, "a part of body mass")]
    public double? BodyFraction { get; init; }

    [Between(0.6, 1.4, "the rep curve's k")]
    public double? Curve { get; init; }
    public required RepsPart Reps { get; init; }

    [Between(0, 900, "seconds")]
    public int? SetUpSeconds { get; init; }

    [Length(9)]
    public string? Tempo { get; init; }
    public bool? FromFloor { get; init; }
    public HoldPart? HoldSeconds { get; init; }
    public required IReadOnlyDictionary<Muscle, Share> Muscles { get; init; }
    public required MuscleLength Length { get; init; }
    public required HardestAt Hardest { get; init; }

    [Items(6)]
    public IReadOnlyList<Position>? Positions { get; init; }

    [Between(0, 3)]
    public required int Axial { get; init; }

    [Between(0, 3)]
    public required int Systemic { get; init; }

    [Between(0, 3)]
    public required int Soreness { get; init; }

    [Between(1, 4)]
    public required int Skill { get; init; }

    [ExerciseId]
    public string? CarriesTo { get; init; }

    [ExerciseId]
    public string? AnswersLike { get; init; }

    /// <summary>Needed, though it may be empty: what hurts somebody must be thought of.</summary>
    [Items(9)]
    public required IReadOnlyList<Conflict> Conflicts { get; init; }

    [Length(300)]
    public string? Stance { get; init; }

    [Length(300)]
    public string? Escape { get; init; }

    [Items(3, Least = 2), Length(90)]
    public required IReadOnlyList<string> Cues { get; init; }

    [Length(90)]
    public required string Watch { get; init; }

    [Length(200)]
    public string? Caution { get; init; }

    /// <summary>Put away: known to old plans and logs, chosen no more.</summary>
    public bool? PutAway { get; init; }
}

public sealed record KitSet
{
    [Items(6)]
    public required IReadOnlyList<Implement> Needs { get; init; }
}

public sealed record RatioPart
{
    [ExerciseId]
    public required string Of { get; init; }

    [Between(0.02, 5, "this 1RM / the parent's")]
    public required double Value { get; init; }

    [Between(5, 40, "percent")]
    public required double Spread { get; init; }
}

public sealed record RepsPart
{
    [Between(1, 60)]
    public required int Bottom { get; init; }

    [Between(1, 60)]
    public required int Top { get; init; }
}

/// <summary>Seconds of one hold.</summary>
public sealed record HoldPart
{
    [Between(1, 600, "seconds")]
    public required int Shortest { get; init; }

    [Between(1, 600, "seconds")]
    public required int Longest { get; init; }
}

/// <summary>The share of a set that a muscle gets.</summary>
public enum Share
{
    Whole,
    Half,
    Quarter,
}
