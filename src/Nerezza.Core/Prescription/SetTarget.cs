using Nerezza.Core.Loads;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Prescription;

/// <summary>The set that is asked for before it meets the plates.</summary>
/// <param name="Shift">What fatigue adds to the effort that is written, RPE: straight sets spread about their middle.</param>
internal sealed record SetTarget(SetWanted Wanted, double Shift)
{
    /// <summary>The effort that is written for a set of this effort; a cap holds for it too, and what is easier than the scale stays at its
    /// foot.</summary>
    public Rpe Written(Rpe effort, Rpe most) => effort.Value <= 1 ? effort : Rpe.Min(Rpe.NearestHalf(effort.Value + Shift), most);
}

/// <summary>Shapes a target's sets: straight, ramp, ascending, top set and back-off, calibration (docs/handbook/09-composition.md,
/// docs/handbook/11-prescription.md).</summary>
internal static class Wishes
{
    private static readonly RolesFile Rules = PrescriptionRules.Shipped.File;

    /// <summary>The sets in order.</summary>
    public static IReadOnlyList<SetTarget> Of(WeekTarget target, RepRange range, RepCurve curve)
    {
        var hardest = new SetWanted(target.Reps, Rpe.Min(target.Rpe, target.MostRpe), range, target.MostFraction, AimOf(target, curve));
        return target.Kind switch
        {
            TargetKind.Calibration =>
            [
                // Where fewer sets are allowed, the easiest of the rise go.
                .. Rules
                    .CalibrationRpe.TakeLast(target.MostSets ?? Rules.CalibrationRpe.Count)
                    .Select(rpe => Alike(hardest with { Rpe = Rpe.Min(Rpe.Of(rpe), target.MostRpe) })),
            ],
            TargetKind.Ramp => Rising(target, hardest, (set, below) => Lighter(set, curve, 1 - Rules.Shapes.RampStep * below)),
            TargetKind.Ascending => Rising(
                target,
                hardest,
                (set, below) => set with { Rpe = Rpe.Of(Math.Max(1, set.Rpe.Value - Rules.Shapes.AscendingRpe * below)) }
            ),
            TargetKind.TopAndBackOff =>
            [
                Alike(hardest),
                .. Enumerable.Repeat(Alike(Lighter(hardest, curve, Rules.Shapes.BackOff)), target.Sets - 1),
            ],
            TargetKind.Straight when target.EachReps.Count > 0 => Each(target, hardest, curve),
            TargetKind.Straight or TargetKind.Calibration =>
            [
                .. Enumerable.Range(0, target.Sets).Select(i => new SetTarget(hardest, Spread(i, target.Sets))),
            ],
        };
    }

    /// <summary>Sets of their own repetitions at the one load that the most of them allow.</summary>
    private static List<SetTarget> Each(WeekTarget target, SetWanted most, RepCurve curve)
    {
        double aim = Math.Min(curve.Fraction(most.Reps, most.Rpe), most.AimFraction ?? 1);
        return [.. target.EachReps.Select(reps => Alike(most with { Reps = reps, Range = new RepRange(reps, reps), AimFraction = aim }))];
    }

    private static SetTarget Alike(SetWanted set) => new(set, 0);

    private static List<SetTarget> Rising(WeekTarget target, SetWanted top, Func<SetWanted, int, SetWanted> below) =>
        [.. Enumerable.Range(0, target.Sets).Select(i => Alike(below(top, target.Sets - 1 - i)))];

    private static SetWanted Lighter(SetWanted set, RepCurve curve, double factor) =>
        factor >= 1 ? set : set with { AimFraction = Math.Min(curve.Fraction(set.Reps, set.Rpe), set.AimFraction ?? 1) * factor };

    private static double? AimOf(WeekTarget target, RepCurve curve) =>
        target.LoadFactor < 1
            ? Math.Min(curve.Fraction(target.Reps, target.Rpe), target.AimFraction ?? 1) * target.LoadFactor
            : target.AimFraction;

    private static double Spread(int index, int sets)
    {
        double off = Rules.FatiguePerSet * (index - (sets - 1) / 2.0);
        // Half steps away from zero at 0.25 and above, so that the first and last of three sets read half a point apart from the middle.
        double half = Math.Round(off * 2, MidpointRounding.AwayFromZero) / 2;
        return Math.Clamp(half, -Rules.SpreadAtMost, Rules.SpreadAtMost);
    }
}
