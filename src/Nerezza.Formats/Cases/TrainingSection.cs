using System.Text.Json.Serialization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Cases;

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

    [Between(0, Readiness.MostSore, "a score")]
    public IReadOnlyDictionary<Muscle, int>? Soreness { get; init; }

    /// <summary>Where it hurts now.</summary>
    [Items(6)]
    public IReadOnlyList<PainNowSection>? Pain { get; init; }

    [Between(0, 600, "minutes")]
    public int? Minutes { get; init; }
}

/// <summary>Pain as the client comes in.</summary>
public sealed record PainNowSection
{
    public required PainRegion Region { get; init; }

    [Between(0, 10, "a score")]
    public required double Score { get; init; }
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
    public PainRegion? PainAt { get; init; }

    [Between(0, 36_000, "seconds")]
    public double? Seconds { get; init; }

    [Between(0, 100_000, "metres")]
    public double? Metres { get; init; }

    [Between(0, 500, "centimetres")]
    public double? HeightCm { get; init; }

    [Between(0, 500, "repetitions")]
    public int? CleanReps { get; init; }
    public SetWord? Word { get; init; }

    /// <summary>The name of the band.</summary>
    [Length(60)]
    public string? Band { get; init; }

    /// <summary>The implements of a medley, in a row.</summary>
    [Items(12)]
    public IReadOnlyList<ImplementSection>? Implements { get; init; }

    /// <summary>Whether it is counted in anything: a load or an effort alone is no set.</summary>
    [JsonIgnore]
    public bool SaysWhatWasDone => this is not { Reps: null, Seconds: null, Metres: null, HeightCm: null, CleanReps: null, Word: null };
}

/// <summary>One implement of a medley as it was run.</summary>
public sealed record ImplementSection
{
    [ExerciseId]
    public required string Exercise { get; init; }

    [Between(0, 1000, "kilograms")]
    public double? Kg { get; init; }

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
