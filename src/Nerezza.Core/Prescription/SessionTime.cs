using Nerezza.Core.Catalogue;

namespace Nerezza.Core.Prescription;

/// <summary>How long a session takes (handbook 11).</summary>
public static class SessionTime
{
    /// <summary>Whole minutes, rounded up.</summary>
    public static int Minutes(IReadOnlyList<PrescribedItem> items, ExerciseCatalogue catalogue)
    {
        TimeRule rules = PrescriptionRules.Shipped.File.Time;
        double seconds = items.Sum(item => Seconds(item, catalogue[item.Exercise], rules));
        double between = rules.BetweenExercisesMinutes * Math.Max(0, items.Count - 1);
        return (int)Math.Ceiling(rules.GeneralMinutes + between + seconds / 60 - 1e-9);
    }

    private static double Seconds(PrescribedItem item, Exercise exercise, TimeRule rules)
    {
        double work = item.Sets.Sum(set => set.Reps * set.Tempo.SecondsPerRep + (set.Metres ?? 0) * rules.SecondsAMetre);
        double rest = item.Sets.Take(item.Sets.Count - 1).Sum(set => set.Rest.Seconds);
        return exercise.SetUpSeconds + item.WarmUp.Count * rules.WarmUpSetSeconds + work + rest;
    }
}
