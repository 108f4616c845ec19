using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Prescription;

/// <summary>Turns a week's target for an exercise into sets with loads that can be made (handbook 11).</summary>
public sealed class Prescriber(Loader loader, double bodyMassKg)
{
    /// <summary>The sets and their warm-up.</summary>
    /// <param name="max">The lift's max; null prescribes by effort alone.</param>
    /// <param name="sides">Which side goes first, for one-sided work.</param>
    public PrescribedItem Prescribe(Chosen chosen, RoleRule rule, RepRange range, WeekTarget target, OneRepMax? max, WarmUpNeed need, SidePlan sides)
    {
        Exercise exercise = chosen.Exercise;
        Tempo tempo = exercise.Tempo ?? rule.Tempo;
        IReadOnlyList<Wish> wishes = Wishes(target, range, tempo);
        LoadMeans? means = null;
        List<PrescribedSet> sets = [];
        if (max is not null)
        {
            var curve = new RepCurve(exercise.Curve);
            double body = exercise.BodyFraction * bodyMassKg;
            double work = wishes.Max(wish => curve.Fraction(wish.Wanted.Reps, wish.Wanted.Rpe)) * max.Kilograms - body;
            means = loader.MeansFor(exercise, work);
            sets = WithLoads(wishes, new LoadFit(curve, max.Kilograms * wishes[0].LoadFactor, body, means), tempo, rule.Rest, target.Metres);
        }
        if (sets.Count == 0)
            sets = [.. wishes.Select(wish => new PrescribedSet { Reps = wish.Wanted.Reps, Rpe = wish.Written, Tempo = tempo, Rest = rule.Rest, Metres = target.Metres })];
        return new PrescribedItem
        {
            Exercise = exercise.Id,
            Role = rule.Role,
            Reason = chosen.Reason,
            Answers = chosen.Answers,
            Cues = exercise.Watch is { } watch ? [watch, .. exercise.Cues] : exercise.Cues,
            WarmUp = means is null || sets.All(set => set.Load is null) ? [] : Ramp(sets, means, need),
            Sets = exercise.Sides is Sides.One ? sides.Split(sets) : sets,
            Range = range,
        };
    }

    /// <summary>The set that is asked for, and the RPE that is written beside it: fatigue spreads it over straight sets.</summary>
    private sealed record Wish(SetWanted Wanted, Rpe Written, double LoadFactor);

    private static List<Wish> Wishes(WeekTarget target, RepRange range, Tempo tempo)
    {
        double factor = tempo.CostsLoad ? PrescriptionRules.Shipped.File.SlowLowering : 1;
        if (target.Kind is TargetKind.Calibration)
        {
            IEnumerable<Rpe> rising = PrescriptionRules.Shipped.File.CalibrationRpe.Select(rpe => Rpe.Min(Rpe.Of(rpe), target.MostRpe));
            return [.. rising.Select(rpe => new Wish(new SetWanted(target.Reps, rpe, range, target.MostFraction), rpe, factor))];
        }
        var wanted = new SetWanted(target.Reps, Rpe.Min(target.Rpe, target.MostRpe), range, target.MostFraction, target.AimFraction);
        return [.. Enumerable.Range(0, target.Sets).Select(i => new Wish(wanted, Spread(wanted.Rpe, i, target), factor))];
    }

    private static Rpe Spread(Rpe middle, int index, WeekTarget target)
    {
        RolesFile rules = PrescriptionRules.Shipped.File;
        double off = rules.FatiguePerSet * (index - (target.Sets - 1) / 2.0);
        // Half steps away from zero at 0.25 and above, so that the first and last of three sets read half a point apart from the middle.
        double half = Math.Round(off * 2, MidpointRounding.AwayFromZero) / 2;
        return Rpe.Min(Rpe.NearestHalf(middle.Value + Math.Clamp(half, -rules.SpreadAtMost, rules.SpreadAtMost)), target.MostRpe);
    }

    private static List<PrescribedSet> WithLoads(IReadOnlyList<Wish> wishes, LoadFit fit, Tempo tempo, Rest rest, int? metres)
    {
        List<PrescribedSet> sets = [];
        foreach (Wish wish in wishes)
        {
            if (fit.Fit(wish.Wanted) is not { } fitted) return [];
            double shift = wish.Written.Value - wish.Wanted.Rpe.Value;
            sets.Add(new PrescribedSet
            {
                Reps = fitted.Reps,
                // The tempo's share is in the fit's max; what is shown is of the lift's own max.
                Percent = Percent.FromFraction(fitted.Percent.Fraction * wish.LoadFactor),
                Load = fitted.Load,
                Rpe = Rpe.NearestHalf(fitted.Rpe.Value + shift),
                Tempo = tempo,
                Rest = rest,
                Metres = metres,
            });
        }
        return WithPieces(sets, fit.Means);
    }

    private static List<PrescribedSet> WithPieces(List<PrescribedSet> sets, LoadMeans means) => means switch
    {
        LoadMeans.Pieces pieces => [.. sets.Select(set => set with { Count = pieces.Each, Each = Load.FromGrams(set.Load!.Value.Grams / pieces.Each) })],
        LoadMeans.OnBar bar => [.. sets.Select(set => set with { Bar = bar.Rack.Bar.Name })],
        _ => sets,
    };

    private static IReadOnlyList<WarmUpSet> Ramp(List<PrescribedSet> sets, LoadMeans means, WarmUpNeed need)
    {
        PrescribedSet heaviest = sets.MaxBy(set => set.Load)!;
        return WarmUp.RampTo(heaviest.Load!.Value, heaviest.Percent!.Value.Value, means, need);
    }

    /// <summary>Writes the plates of each set: the whole list of one exercise, warm-up first, is loaded with the fewest changes.</summary>
    public PrescribedItem WithPlates(PrescribedItem item, Exercise exercise)
    {
        if (item.Sets.FirstOrDefault(set => set.Bar is not null) is not { Load: not null } first) return item;
        BarRack rack = loader.MeansFor(exercise).OfType<LoadMeans.OnBar>().First(means => means.Rack.Bar.Name == first.Bar).Rack;
        IReadOnlyList<Sleeve> sleeves = PlateSequence.Plan(rack, [.. item.WarmUp.Select(set => set.Load), .. item.Sets.Select(set => set.Load!.Value)]);
        return item with
        {
            WarmUp = [.. item.WarmUp.Select((set, i) => set with { PerSide = sleeves[i].Plates })],
            Sets = [.. item.Sets.Select((set, i) => set with { PerSide = sleeves[item.WarmUp.Count + i].Plates })],
        };
    }
}
