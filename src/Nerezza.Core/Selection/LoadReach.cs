using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>Whether a lift can be loaded heavily enough with what is there (docs/handbook/10-loads.md: loads must be what can really be
/// loaded).</summary>
/// <param name="loadKg">External kilograms of an exercise's 1RM, 0 where none is known.</param>
internal sealed class LoadReach(Loader loader, Func<Exercise, double> loadKg, double massKg)
{
    /// <summary>Whether even the heaviest load leaves the most repetitions of an exercise easier than a hard set. Without a max, or a known
    /// load, nothing is held against it.</summary>
    public bool FallsShort(Exercise exercise) => FallsShort(exercise, exercise.Reps.Top);

    /// <summary>The same at so many repetitions.</summary>
    public bool FallsShort(Exercise exercise, int reps)
    {
        if (loadKg(exercise) is not (> 0 and var most))
            return false;
        List<double> heaviest =
        [
            .. loader.MeansFor(exercise).Where(means => means.Steps.Count > 0).Select(means => means.Steps[^1].Kilograms),
        ];
        if (heaviest.Count == 0)
            return false;
        double body = exercise.BodyFraction * massKg;
        return (heaviest.Max() + body) / (most + body) < new RepCurve(exercise.Curve).Fraction(reps, Rpe.Of(WeeklySets.HardFromRpe)) - 1e-9;
    }
}
