using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Prescription;

/// <summary>How long a session takes (docs/handbook/11-prescription.md).</summary>
public static class SessionTime
{
    private static readonly TimeRule Rules = PrescriptionRules.Shipped.File.Time;

    /// <summary>Whole minutes, rounded up. A superset shares its rest: the longest of its exercises' counts once.</summary>
    public static int Minutes(IReadOnlyList<PrescribedItem> items, ExerciseCatalogue catalogue)
    {
        double seconds = items.Sum(item => WithoutRest(item, catalogue));
        double rest =
            items.Where(item => item.Superset is null).Sum(RestOf)
            + items.Where(item => item.Superset is not null).GroupBy(item => item.Superset).Sum(together => together.Max(RestOf));
        double between = Rules.BetweenExercisesMinutes * Math.Max(0, items.Count - 1);
        return (int)Math.Ceiling(Rules.GeneralMinutes + between + (seconds + rest) / 60 - 1e-9);
    }

    /// <summary>Whole seconds of one exercise that stands alone, with its warm-up and the rests between its sets.</summary>
    public static int Seconds(PrescribedItem item, ExerciseCatalogue catalogue) =>
        (int)Math.Ceiling(WithoutRest(item, catalogue) + RestOf(item) - 1e-9);

    private static double WithoutRest(PrescribedItem item, ExerciseCatalogue catalogue) =>
        catalogue[item.Exercise].SetUpSeconds + item.WarmUp.Sum(set => WarmUpSeconds(set.Load, item)) + item.Sets.Sum(UnderTension);

    /// <summary>A warm-up set takes the longer the heavier it is: plates to load, breath to find.</summary>
    private static int WarmUpSeconds(Load load, PrescribedItem item)
    {
        double work = item.Sets.Max(set => set.Load?.Kilograms ?? 0);
        WarmUpTimeRule rule = Rules.WarmUp;
        if (load.Kilograms >= rule.HeavyFromKg || load.Kilograms >= rule.HeavyFromPart * work - 1e-9)
            return rule.HeavySeconds;
        return load.Kilograms > rule.AboveFromPart * work + 1e-9 ? rule.AboveSeconds : rule.Seconds;
    }

    /// <summary>Seconds that one set lasts: repetitions x tempo with X as one second, a hold its seconds, a carry its metres.</summary>
    public static double UnderTension(PrescribedSet set) =>
        set.Seconds ?? (set.Way is { } way ? way * Rules.SecondsAMetre : set.Reps * set.Tempo.SecondsPerRep);

    private static double RestOf(PrescribedItem item) => item.Sets.Take(item.Sets.Count - 1).Sum(set => set.Rest.Seconds);
}
