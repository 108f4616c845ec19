namespace Nerezza.Core.Loads;

/// <summary>Turns the sets of one day into the one observation that the filter takes (docs/handbook/10-loads.md).</summary>
internal static class DayObservation
{
    /// <summary>The observation of an exercise's sets of one day and side; null when they say nothing.</summary>
    /// <param name="sets">In the order done; all of one exercise and side.</param>
    public static MaxObservation? From(
        DateOnly date,
        IReadOnlyList<SetSeen> sets,
        double bodyKg,
        EffortBias bias,
        RepCurve curve,
        MaxSource source
    )
    {
        // What is too long to tell a 1RM by does not hide a set of the same day that can.
        List<SetSeen> usable =
        [
            .. sets.Where(set =>
                set.Reps > 0 && set.Kilograms + bodyKg > 0 && RepCurve.Trust(set.ToFailure(bias).Repetitions) is not EstimateTrust.None
            ),
        ];
        // The first AMRAP speaks most plainly; else the first set at the day's highest load, before fatigue blurs it.
        SetSeen? chosen = usable.Find(set => set.Amrap) ?? usable.MaxBy(set => set.Kilograms);
        return chosen is null ? null : Observe(date, chosen, bodyKg, bias, curve, source);
    }

    private static MaxObservation Observe(DateOnly date, SetSeen set, double bodyKg, EffortBias bias, RepCurve curve, MaxSource source)
    {
        OneRepMaxRules rules = LoadRules.Shipped.OneRepMax;
        (double toFailure, bool bound) = set.ToFailure(bias);
        double kilograms = curve.OneRepMax(set.Kilograms + bodyKg, toFailure);
        double perRep = rules.SdPerRep * (toFailure - 1);
        double rating = set.Amrap ? 0 : rules.RatingSd;
        double sd = Math.Sqrt(rules.FormulaSd * rules.FormulaSd + perRep * perRep + rating * rating);
        return new MaxObservation(date, kilograms, toFailure, sd, bound, source);
    }
}

/// <summary>What the filter needs of a set, whether entered or logged.</summary>
internal sealed record SetSeen(double Kilograms, int Reps, double? Rpe, bool Amrap)
{
    /// <summary>Repetitions to failure, at least 1; a bound says only that it was so many or more.</summary>
    public (double Repetitions, bool IsBound) ToFailure(EffortBias bias)
    {
        OneRepMaxRules rules = LoadRules.Shipped.OneRepMax;
        (double reserve, bool bound) = this switch
        {
            { Amrap: true } => (Rpe is { } said ? 10 - said : 0, false),
            { Rpe: null } => (0, true),
            { Rpe: { } rpe } when rpe < rules.EasyRpe => (rules.EasyReserve, true),
            { Rpe: { } rpe } => (10 - rpe + bias.Repetitions, false),
        };
        return (Math.Max(1, Reps + reserve), bound);
    }
}
