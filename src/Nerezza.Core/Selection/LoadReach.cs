using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Selection;

/// <summary>Whether a lift can be loaded heavily enough with what is there (docs/handbook/10-loads.md: loads must be what can really be
/// loaded).</summary>
/// <param name="kit">What is there.</param>
/// <param name="loadKg">External kilograms of an exercise's 1RM, 0 where none is known.</param>
internal sealed class LoadReach(
    Loader loader,
    MaxEstimates maxes,
    TrainingCaps caps,
    Func<Exercise, double> loadKg,
    double massKg,
    IReadOnlySet<Implement> kit
)
{
    /// <summary>Whether even the heaviest load leaves the most repetitions of an exercise easier than a hard set. Without a max, or a known
    /// load, nothing is held against it.</summary>
    public bool FallsShort(Exercise exercise) => FallsShort(exercise, exercise.Reps.Top);

    /// <summary>Whether even the lightest load that is one is more than the fewest repetitions of an exercise allow at RPE 8, by the max or
    /// a first guess of it, or more than caution allows (docs/handbook/09-composition.md#too-heavy).</summary>
    public bool IsTooHeavy(Exercise exercise)
    {
        if (IsBodyTooHeavy(exercise))
            return true;
        if (maxes.FindOrGuess(exercise.Id) is not { } max)
            return false;
        List<double> lightest =
        [
            .. loader
                .MeansFor(exercise)
                .Select(means => means.Steps.Where(step => step.Grams > 0).Select(step => step.Kilograms).DefaultIfEmpty(0).First()),
        ];
        double body = exercise.BodyFraction * massKg;
        return lightest.Count > 0
            && lightest.Min() > 0
            && Math.Max(lightest.Min(), SlotRules.Shipped.LeastIronOfBody * body) + body > MostTotal(exercise, max) + 1e-9;
    }

    /// <summary>Whether the body is far more than the lift that it goes with: a push-up against the bench press. What a higher edge makes
    /// as light as is wanted never is.</summary>
    private bool IsBodyTooHeavy(Exercise exercise) =>
        exercise is { Load: LoadSource.BodyWeight, BodyFraction: > 0, CarriesTo: { } lift }
        && Region.IsPush(exercise)
        && !SlotRules.Shipped.HigherIsLighter.Contains(exercise.Id)
        && maxes.Find(exercise.Id) is null
        && maxes.FindOrGuess(lift) is { } max
        && exercise.BodyFraction * massKg > SlotRules.Shipped.BodyOverLift * max.Kilograms;

    /// <summary>The most that a start may weigh, body and all. Under a cap loads are taken from where guesses start.</summary>
    private double MostTotal(Exercise exercise, OneRepMax max) =>
        caps.For(exercise) is Caution.Allowed { CapsNothing: false } care
            ? Math.Min(
                max.Curve.Fraction(Math.Max(exercise.Reps.Bottom, care.FewestReps), Rpe.Min(Rpe.Of(HeaviestStart), care.MostRpe)),
                care.MostFraction
            ) * max.WorkingKg
            : max.Curve.Fraction(FewestOf(exercise), Rpe.Of(HeaviestStart)) * max.Kilograms;

    /// <summary>The bottom of the range. Of a lift that nobody has measured no single is asked, however low its range goes: what allows one
    /// alone is too heavy to begin with.</summary>
    private int FewestOf(Exercise exercise) =>
        maxes.Find(exercise.Id) is null
            ? Math.Max(exercise.Reps.Bottom, Math.Min(SlotRules.Shipped.FewestAtStart, exercise.Reps.Top))
            : exercise.Reps.Bottom;

    /// <summary>Whether the kit brings an exercise to a hard set and no further.</summary>
    public bool Holds(Exercise exercise) => !FallsShort(exercise) && !IsTooHeavy(exercise);

    /// <summary>Whether the kit can make it heavier; body weight that is lifted along counts.</summary>
    public bool IsLoadable(Exercise exercise) =>
        exercise.BodyFraction > 0 || loader.MeansFor(exercise).Any(means => means.Steps.Any(step => step.Grams > 0));

    /// <summary>Whether every piece there is weighs more than is thrown; pieces that nobody has weighed, and a keg, may not.</summary>
    public bool IsTooHeavyToThrow(Exercise exercise)
    {
        if (kit.Contains(Implement.Keg))
            return false;
        List<Load> pieces = [.. loader.MeansFor(exercise).SelectMany(means => means.Steps).Where(step => step.Grams > 0)];
        return pieces.Count > 0 && pieces.TrueForAll(piece => piece.Kilograms > SelectionRules.Shipped.Events.ThrowMostPart * massKg);
    }

    private const int HeaviestStart = 8;

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
