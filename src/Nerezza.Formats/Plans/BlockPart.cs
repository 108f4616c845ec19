using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Plans;

public sealed record BlockPart
{
    public required BlockKind Kind { get; init; }
    public required DateOnly Start { get; init; }
    public required IReadOnlyList<WeekPart> Weeks { get; init; }
}

public sealed record WeekPart
{
    [Between(1, 12, "a week")]
    public required int Number { get; init; }
    public required WeekKind Kind { get; init; }
    public required IReadOnlyList<SessionPart> Sessions { get; init; }
}

public sealed record SessionPart
{
    public required Weekday Day { get; init; }
    public required DateOnly Date { get; init; }

    [Between(0, 600, "minutes")]
    public required int Minutes { get; init; }
    public required IReadOnlyList<ItemPart> Items { get; init; }
}

public sealed record ItemPart
{
    [ExerciseId]
    public required string Exercise { get; init; }
    public required Role Role { get; init; }
    public required Purpose Purpose { get; init; }
    public string? Superset { get; init; }
    public required string Because { get; init; }

    /// <summary>Why it stays the same in every load week; null where it grows.</summary>
    public string? Stays { get; init; }
    public required IReadOnlyList<string> Cues { get; init; }
    public required IReadOnlyList<WarmUpPart> WarmUp { get; init; }
    public required SettingsPart Settings { get; init; }
    public required IReadOnlyList<SetPart> Sets { get; init; }
}

public sealed record WarmUpPart
{
    [Between(0, 1000, "kilograms")]
    public required double Kg { get; init; }

    [Between(1, 30, "repetitions")]
    public required int Reps { get; init; }
}

public sealed record SettingsPart
{
    [Between(0, 150, "centimetres")]
    public double? BoxCm { get; init; }

    [Between(0, 250, "centimetres")]
    public double? PinCm { get; init; }

    [Between(0, 10, "centimetres")]
    public double? HeelCm { get; init; }

    [Between(0, 100, "centimetres")]
    public double? BlockCm { get; init; }

    /// <summary>Height of the bar of a pull that has no full-size plate on it.</summary>
    [Between(0, 50, "centimetres")]
    public double? BarCm { get; init; }
    public string Stance { get; init; } = "";
    public string Note { get; init; } = "";
}

public sealed record SetPart
{
    [Between(1, 100, "repetitions")]
    public int? Reps { get; init; }

    [Between(0, 150, "percent")]
    public double? Percent { get; init; }

    [Length(20)]
    public required string Of { get; init; }

    [Between(0, 1000, "kilograms")]
    public double? Kg { get; init; }

    [Between(0, 500, "kilograms")]
    public double? Each { get; init; }

    [Between(1, 4, "pieces")]
    public int? Count { get; init; }
    public string? Bar { get; init; }

    [Between(0, 100, "kilograms")]
    public IReadOnlyList<double>? PerSide { get; init; }

    /// <summary>Null where it is easier than anybody can rate.</summary>
    [Between(5, 10, "an RPE")]
    public double? Rpe { get; init; }

    /// <summary>Stands in the place of an RPE under 5.</summary>
    public EffortWord? Effort { get; init; }

    [Length(20)]
    public string? Tempo { get; init; }

    [Between(0, 900, "seconds")]
    public required int RestSeconds { get; init; }
    public Side? Side { get; init; }
    public required bool Amrap { get; init; }

    [Between(0, 3600, "seconds")]
    public double? Seconds { get; init; }

    [Between(0, 1000, "metres")]
    public double? Metres { get; init; }

    /// <summary>The implements of a medley in a row; null where it is none.</summary>
    public IReadOnlyList<ImplementPart>? Implements { get; init; }
}

/// <summary>Effort in a word.</summary>
public enum EffortWord
{
    /// <summary>Easier than anybody can rate.</summary>
    Easy,
}

/// <summary>One implement of a medley.</summary>
public sealed record ImplementPart
{
    [ExerciseId]
    public required string Exercise { get; init; }

    /// <summary>Null where nothing tells it: weigh it.</summary>
    [Between(0, 1000, "kilograms")]
    public double? Kg { get; init; }

    [Between(0, 1000, "metres")]
    public required double Metres { get; init; }
}
