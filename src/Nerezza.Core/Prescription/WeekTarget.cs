using Nerezza.Core.Measures;

namespace Nerezza.Core.Prescription;

/// <summary>What a week asks of one exercise on one day, before loads.</summary>
/// <param name="Sets">Work sets.</param>
/// <param name="Reps">Repetitions a set.</param>
/// <param name="Rpe">Effort of the middle set of straight sets, else of the hardest.</param>
/// <param name="MostFraction">A cap on the part of the max; 1 for none.</param>
/// <param name="MostRpe">A cap on effort that no set passes.</param>
/// <param name="Kind">How the sets are shaped.</param>
/// <param name="AimFraction">The part of the max to aim at where the effort does not lead.</param>
/// <param name="Metres">Distance of a carry.</param>
public sealed record WeekTarget(
    int Sets,
    int Reps,
    Rpe Rpe,
    double MostFraction,
    Rpe MostRpe,
    TargetKind Kind,
    double? AimFraction = null,
    int? Metres = null
)
{
    /// <summary>What the last set is.</summary>
    public LastSet Last { get; init; }

    /// <summary>Seconds of a hold.</summary>
    public int? Seconds { get; init; }

    /// <summary>A load that is given; percent and effort follow. Held to what can be made and to the caps.</summary>
    public Load? Load { get; init; }

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
