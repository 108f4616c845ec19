using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Prescription;

/// <summary>The plate that a squat is balanced by: it gets lighter every second week
/// (docs/handbook/12-weeks-and-blocks.md#what-moves-besides-load).</summary>
internal static class Counterbalance
{
    private static readonly CourseRule Rule = PrescriptionRules.Shipped.File.SetUp.Course;

    /// <summary>Whether an exercise holds a plate in front for balance.</summary>
    public static bool Is(Exercise exercise) => Rule.Counterbalance.Contains(exercise.Id);

    /// <summary>The plate of a week, from 0; the lightest there is at the end, null without plates.</summary>
    public static Load? In(int week, Exercise exercise, Loader loader, double bodyMassKg)
    {
        LoadMeans means = loader.MeansFor(exercise)[0];
        List<Load> plates = [.. means.Steps.Where(step => step.Grams > 0)];
        if (plates.Count == 0)
            return null;
        int first = plates.IndexOf(plates.MinBy(plate => Math.Abs(plate.Kilograms - Rule.CounterbalancePart * bodyMassKg)));
        return plates[Math.Max(0, first - week / Rule.CounterbalanceWeeks)];
    }
}
