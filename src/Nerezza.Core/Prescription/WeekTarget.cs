using Nerezza.Core.Measures;

namespace Nerezza.Core.Prescription;

/// <summary>What a week asks of one exercise on one day, before loads.</summary>
public sealed record WeekTarget
{
    /// <summary>Work sets.</summary>
    public required int Sets { get; init; }

    /// <summary>Work sets at most, by sport near or a late start; null for no bound.</summary>
    public int? MostSets { get; init; }

    /// <summary>Repetitions a set.</summary>
    public required int Reps { get; init; }

    /// <summary>Repetitions set by set, where a hand wrote them so; empty where all sets are alike.</summary>
    public IReadOnlyList<int> EachReps { get; init; } = [];

    /// <summary>Effort of the middle set of straight sets, else of the hardest.</summary>
    public required Rpe Rpe { get; init; }

    /// <summary>A cap on the part of the max; 1 for none.</summary>
    public required double MostFraction { get; init; }

    /// <summary>A cap on effort that no set passes.</summary>
    public required Rpe MostRpe { get; init; }

    /// <summary>How the sets are shaped.</summary>
    public required TargetKind Kind { get; init; }

    /// <summary>The part of the max to aim at where the effort does not lead.</summary>
    public double? AimFraction { get; init; }

    /// <summary>Distance of a carry.</summary>
    public int? Metres { get; init; }

    /// <summary>What the last set is.</summary>
    public LastSet Last { get; init; }

    /// <summary>Seconds of a hold.</summary>
    public int? Seconds { get; init; }

    /// <summary>A load that is given; percent and effort follow. Held to what can be made and to the caps.</summary>
    public Load? Load { get; init; }

    /// <summary>The implements of a medley; empty where it is none.</summary>
    public IReadOnlyList<MedleyPiece> Medley { get; init; } = [];

    /// <summary>The load left after a lay-off, 0 to 1.</summary>
    public double LoadFactor { get; init; } = 1;

    /// <summary>Another tempo than the exercise's or role's.</summary>
    public Tempo? Tempo { get; init; }

    /// <summary>Another rest than the role's.</summary>
    public Rest? Rest { get; init; }
}

/// <summary>How the sets of a target are shaped.</summary>
public enum TargetKind
{
    /// <summary>All at one load.</summary>
    Straight,

    /// <summary>Every set but the last is on the way up to one top set.</summary>
    Ramp,

    /// <summary>The load rises each set, repetitions stay.</summary>
    Ascending,

    /// <summary>One top set, then lighter ones.</summary>
    TopAndBackOff,

    /// <summary>Rising until RPE 7, because the max is only a ratio.</summary>
    Calibration,
}

/// <summary>What the last set of an exercise is.</summary>
public enum LastSet
{
    /// <summary>As the others.</summary>
    Alike,

    /// <summary>As many repetitions as possible, to learn how the client rates effort.</summary>
    Amrap,
}
