using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>The attempts at a lift on the day: 91, 96 and 100 % of the forecast (docs/handbook/12-weeks-and-blocks.md), made
/// loadable.</summary>
/// <param name="ForecastKg">Today's estimate; it moves with every session that is logged.</param>
public sealed record Attempts(string Exercise, double ForecastKg, IReadOnlyList<Load> Loads)
{
    /// <summary>The attempts of the main lifts of a block that peaks or tests; none for a lift that caution caps, or without a max of its
    /// own.</summary>
    public static IReadOnlyList<Attempts> Of(BlockKind kind, ExerciseChoice selection, MaxEstimates maxes, Loader loader, double bodyMassKg)
    {
        if (kind is not (BlockKind.Peak or BlockKind.Test))
            return [];
        return
        [
            .. selection
                .Mains.Where(lift => lift.Limits.CapsNothing)
                .Select(lift => (lift.Exercise, Max: maxes.Find(lift.Exercise.Id)))
                .Where(row => row.Max is { Source: not (MaxSource.Ratio or MaxSource.Guess) })
                .Select(row => new Attempts(row.Exercise.Id, row.Max!.Kilograms, LoadsOf(row.Exercise, row.Max, loader, bodyMassKg)))
                .Where(attempts => attempts.Loads.Count > 0),
        ];
    }

    private static IReadOnlyList<Load> LoadsOf(Exercise exercise, OneRepMax max, Loader loader, double bodyMassKg)
    {
        LoadMeans means = loader.MeansFor(exercise, max.Kilograms);
        return
        [
            .. BlockRules
                .Shipped.File.Attempts.Select(part => means.Nearest(part * max.Kilograms - exercise.BodyFraction * bodyMassKg))
                .OfType<Load>(),
        ];
    }
}
