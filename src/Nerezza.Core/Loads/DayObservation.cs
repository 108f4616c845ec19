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
        List<SetSeen> done = [.. sets.Where(set => set.Reps > 0 && set.Kilograms + bodyKg > 0)];
        // What is too long to tell a 1RM by does not hide a set of the same day that can.
        List<SetSeen> usable =
        [
            .. done.Where(set => !set.IsTooLong && RepCurve.Trust(set.ToFailure(bias).Repetitions) is not EstimateTrust.None),
        ];
        // The first AMRAP speaks most plainly; else the first set at the day's highest load, before fatigue blurs it.
        SetSeen? chosen = usable.Find(set => set.Amrap) ?? usable.MaxBy(set => set.Kilograms);
        if (chosen is not null && !chosen.ToFailure(bias).IsBound)
            return Observe(date, chosen, bodyKg, bias, curve, source);
        // Where a bound is all there is, the highest of the day's bounds is what is known.
        return done.Where(set => set.ToFailure(bias).IsBound)
            .Select(set => Observe(date, set, bodyKg, bias, curve, source))
            .MaxBy(seen => seen.Kilograms);
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
/// <remarks>What the hard sets before it took is given back, as a calibrating AMRAP is credited it (docs/handbook/10-loads.md): a 1RM is of
/// somebody fresh (docs/decisions/0014-what-the-log-says-of-a-max.md).</remarks>
internal sealed record SetSeen(double Kilograms, int Reps, double? Rpe, bool Amrap)
{
    /// <summary>Repetitions that the hard sets of the day before it took.</summary>
    public double Fatigue { get; init; }

    /// <summary>So many that no 1RM can be told by them: it is at least that of the most that can.</summary>
    public bool IsTooLong => Reps > LoadRules.Shipped.OneRepMax.NoneAbove;

    /// <summary>The sets of a day in their order, each with what those before it took.</summary>
    public static IEnumerable<SetSeen> InOrder(IEnumerable<SetSeen> sets)
    {
        EffortRules rules = LoadRules.Shipped.Effort;
        int hard = 0;
        foreach (SetSeen set in sets)
        {
            yield return set with
            {
                Fatigue = rules.FatiguePerSet * hard,
            };
            if (set.Amrap || set.Rpe >= rules.HardSetRpe)
                hard++;
        }
    }

    /// <summary>Repetitions to failure of somebody fresh, at least 1; a bound says only that it was so many or more.</summary>
    public (double Repetitions, bool IsBound) ToFailure(EffortBias bias)
    {
        OneRepMaxRules rules = LoadRules.Shipped.OneRepMax;
        if (IsTooLong)
            return (rules.NoneAbove, true);
        (double reserve, bool bound) = this switch
        {
            { Amrap: true } => ((Rpe is { } said ? 10 - said : 0) + Fatigue, false),
            { Rpe: null } => (0, true),
            { Rpe: { } rpe } when rpe < rules.EasyRpe => (rules.EasyReserve, true),
            { Rpe: { } rpe } => (10 - rpe + bias.Repetitions + Fatigue, false),
        };
        return (Math.Max(1, Reps + reserve), bound);
    }
}
