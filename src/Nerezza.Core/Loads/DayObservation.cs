using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Loads;

/// <summary>Turns the sets of one day into the one observation that the filter takes (handbook 10).</summary>
internal static class DayObservation
{
    /// <summary>The observation of an exercise's sets of one day and side; null when they say nothing.</summary>
    /// <param name="sets">In the order done; all of one exercise and side.</param>
    public static MaxObservation? From(Exercise exercise, DateOnly date, IReadOnlyList<SetSeen> sets, double bodyKg, EffortBias bias, MaxSource source)
    {
        List<SetSeen> usable = [.. sets.Where(set => set.Reps > 0 && set.Kilograms + bodyKg > 0)];
        // The first AMRAP speaks most plainly; else the first set at the day's highest load, before fatigue blurs it.
        SetSeen? chosen = usable.Find(set => set.Amrap) ?? usable.MaxBy(set => set.Kilograms);
        if (chosen is null) return null;
        return Observe(exercise, date, chosen, bodyKg, bias, source);
    }

    private static MaxObservation? Observe(Exercise exercise, DateOnly date, SetSeen set, double bodyKg, EffortBias bias, MaxSource source)
    {
        OneRepMaxRules rules = LoadRules.Shipped.OneRepMax;
        (double reserve, bool bound) = set switch
        {
            { Amrap: true } => (set.Rpe is { } said ? 10 - said : 0, false),
            { Rpe: null } => (0, true),
            { Rpe: { } rpe } when rpe < rules.EasyRpe => (rules.EasyReserve, true),
            { Rpe: { } rpe } => (10 - rpe + bias.Repetitions, false),
        };
        double toFailure = Math.Max(1, set.Reps + reserve);
        if (RepCurve.Trust(toFailure) is EstimateTrust.None) return null;
        double kilograms = new RepCurve(exercise.Curve).OneRepMax(set.Kilograms + bodyKg, toFailure);
        double perRep = rules.SdPerRep * (toFailure - 1);
        double rating = set.Amrap ? 0 : rules.RatingSd;
        double sd = Math.Sqrt(rules.FormulaSd * rules.FormulaSd + perRep * perRep + rating * rating);
        return new MaxObservation(date, kilograms, toFailure, sd, bound, source);
    }
}

/// <summary>What the filter needs of a set, whether entered or logged.</summary>
internal sealed record SetSeen(double Kilograms, int Reps, double? Rpe, bool Amrap);
