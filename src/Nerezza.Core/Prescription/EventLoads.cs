using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Prescription;

/// <summary>Loads of event work (docs/handbook/12-weeks-and-blocks.md#event-loads): a part of the heaviest in the
/// log, else of body mass, as the nearest piece there is. A keg, a stone or handles without a kg of their own are weighed first.</summary>
public sealed class EventLoads(Client client, IReadOnlyList<LogDay> log, Loader loader)
{
    private static readonly EventLoadsRule Rule = PrescriptionRules.Shipped.File.EventLoads;

    /// <summary>The piece for an exercise; null where nothing tells its kg.</summary>
    public Load? Of(Exercise exercise) =>
        exercise.Pattern switch
        {
            Pattern.Throw => Throw(exercise),
            Pattern.Carry => Carry(exercise),
            Pattern.Squat
            or Pattern.Hinge
            or Pattern.Thrust
            or Pattern.Abduction
            or Pattern.Lunge
            or Pattern.KneeExtension
            or Pattern.KneeFlexion
            or Pattern.Calf
            or Pattern.PressHorizontal
            or Pattern.PressVertical
            or Pattern.PullHorizontal
            or Pattern.PullVertical
            or Pattern.Arms
            or Pattern.Trunk
            or Pattern.Priming
            or Pattern.Mobility
            or Pattern.Drill => Pick(exercise),
        };

    /// <summary>The piece nearest 15 % of body mass, never over 25 %.</summary>
    private Load? Throw(Exercise exercise) => Nearest(exercise, Rule.ThrowPart * client.MassKg, most: MostToThrow(client.MassKg).Kilograms);

    /// <summary>The heaviest piece that is thrown.</summary>
    public static Load MostToThrow(double massKg) =>
        Load.FromKilograms(Math.Round(SelectionRules.Shipped.Events.ThrowMostPart * massKg, 1));

    /// <summary>80 % of the heaviest clean 20 m, else a part of body mass by level.</summary>
    private Load? Carry(Exercise exercise)
    {
        if (Heaviest(exercise, set => set.Metres >= Rule.CleanMetres) is { } done)
            return Nearest(exercise, Rule.CarryOfHeaviest * done, double.MaxValue) ?? OwnPiece(exercise);
        bool hands = exercise.Load is LoadSource.Dumbbells or LoadSource.TwoKettlebells;
        double part = (hands ? Rule.HandPart : Rule.FrontPart)[(int)client.Level];
        return Nearest(exercise, part * client.MassKg * (hands ? 2 : 1), double.MaxValue);
    }

    /// <summary>85 % of the heaviest, else what the medley carries in front, at most 80 % of body mass.</summary>
    private Load? Pick(Exercise exercise) =>
        Heaviest(exercise, _ => true) is { } done
            ? Nearest(exercise, Rule.PickOfHeaviest * done, double.MaxValue) ?? OwnPiece(exercise)
            : Nearest(exercise, Rule.FrontPart[(int)client.Level] * client.MassKg, most: Rule.PickMostPart * client.MassKg);

    private double? Heaviest(Exercise exercise, Func<LogSet, bool> counts) =>
        log.SelectMany(day => day.Sets)
            .Where(set => set.Exercise == exercise.Id && set.Load is not null && counts(set))
            .Max(set => set.Load?.Kilograms);

    /// <summary>A piece whose kg only the log tells.</summary>
    private Load? OwnPiece(Exercise exercise) =>
        log.SelectMany(day => day.Sets).LastOrDefault(set => set.Exercise == exercise.Id && set.Load is not null)?.Load;

    private Load? Nearest(Exercise exercise, double kilograms, double most)
    {
        LoadMeans means = loader.MeansFor(exercise, kilograms);
        return means.Nearest(Math.Min(kilograms, most)) is { Grams: > 0 } near && near.Kilograms <= most + 1e-9
            ? near
            : means.Steps.Where(step => step.Grams > 0 && step.Kilograms <= most + 1e-9).Select(step => (Load?)step).LastOrDefault();
    }
}

/// <summary>One implement of a medley.</summary>
/// <param name="Load">Null where nothing tells its kg: weigh it.</param>
public sealed record MedleyPiece(string Exercise, Load? Load);
