using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Floor;

/// <summary>How the strength of a lifter tells the load of a set.</summary>
/// <param name="BodyKg">Of the body that is lifted along.</param>
/// <param name="Means">What can be loaded.</param>
/// <param name="Bias">Repetitions by which what this lifter says is left is corrected: else a set that was as hard as planned looks too
/// hard.</param>
public sealed record Lifting(RepCurve Curve, double BodyKg, LoadSteps Means, double Bias)
{
    /// <summary>Repetitions to which a set may go on where its load cannot; 0 for none.</summary>
    public int MostReps { get; init; }

    /// <summary>The max that a set tells.</summary>
    public double MaxOf(Load lifted, double toFailure) => Curve.OneRepMax(lifted.Kilograms + BodyKg, toFailure);

    /// <summary>Repetitions that a max leaves on a load.</summary>
    public double RepsOn(Load load, double max) => Curve.RepsToFailure((load.Kilograms + BodyKg) / max);

    /// <summary>Caution, a light week and a pull from the floor keep a set as it was asked for.</summary>
    private static bool IsFree(PrescribedItem item, Exercise exercise) =>
        item.Ask.Chosen.Limits.Reps is null && item.Ask.Target.MostRpe.Value >= FloorRules.Shipped.FreeFromRpe && !exercise.FromFloor;

    /// <summary>By what a plan knows of its client.</summary>
    public static Lifting Of(
        Plan plan,
        PrescribedItem item,
        Exercise exercise,
        double massKg,
        LoadSteps means,
        ExerciseCatalogue catalogue
    ) =>
        new(
            plan.Maxes.FirstOrDefault(max => max.Exercise == exercise.Id)?.Curve ?? new RepCurve(exercise.Curve),
            exercise.BodyFraction * massKg,
            means,
            plan.Bias.For(exercise, catalogue).Repetitions
        )
        {
            MostReps = IsFree(item, exercise) ? Math.Max(exercise.Reps.Top, FloorRules.Shipped.EasyRepsTo) : 0,
        };
}
