using Nerezza.Core.Measures;

namespace Nerezza.Core.Prescription;

/// <summary>What a week asks of one exercise on one day, before loads.</summary>
/// <param name="Sets">Work sets.</param>
/// <param name="Reps">Repetitions a set.</param>
/// <param name="Rpe">Effort of the middle set.</param>
/// <param name="MostFraction">A cap on the part of the max; 1 for none.</param>
/// <param name="MostRpe">A cap on effort that no set passes.</param>
/// <param name="Kind">How the sets are shaped.</param>
/// <param name="Metres">Distance of a carry.</param>
/// <param name="AimFraction">The part of the max to aim at where the effort does not lead.</param>
public sealed record WeekTarget(int Sets, int Reps, Rpe Rpe, double MostFraction, Rpe MostRpe, TargetKind Kind, double? AimFraction = null, int? Metres = null);

/// <summary>How the sets of a target are shaped.</summary>
public enum TargetKind
{
    /// <summary>All at one load.</summary>
    Straight,
    /// <summary>Rising until RPE 7, because the max is only a ratio.</summary>
    Calibration,
}
