using System.Diagnostics;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Prescription;

/// <summary>Turns a week's target for an exercise into sets with loads that can be made (docs/handbook/11-prescription.md).</summary>
public sealed class Prescriber(Loader loader, double bodyMassKg)
{
    /// <summary>The sets and their warm-up.</summary>
    /// <param name="max">The lift's max; null prescribes by effort alone.</param>
    /// <param name="sides">Which side goes first, for one-sided work.</param>
    public PrescribedItem Prescribe(ItemTarget ask, OneRepMax? max, WarmUpNeed need, SidePlan sides)
    {
        Exercise exercise = ask.Chosen.Exercise;
        RepCurve curve = max?.Curve ?? new RepCurve(exercise.Curve);
        ItemTarget asked = ask;
        ask = ask.WithFewestReps();
        IReadOnlyList<SetTarget> wishes = Wishes.Of(ask.Target, ask.Range, curve);
        // What a hand wrote is not judged by a guess: the effort stays, and the load stands beside it.
        bool silent = max is null || (max.Source is MaxSource.Guess && ask.Pinned.HasFlag(Pins.Load));
        (List<PrescribedSet> sets, LoadMeans? means) = silent ? ([], null) : Loaded(ask, wishes, curve, max!);
        if (sets.Count == 0)
            (sets, means) = ByEffort(ask, wishes, max);
        return new PrescribedItem
        {
            Exercise = exercise.Id,
            Role = ask.Rule.Role,
            Reason = ask.Chosen.Reason,
            Answers = ask.Chosen.Answers,
            Cues = exercise.Watch is { } watch ? [watch, .. exercise.Cues] : exercise.Cues,
            WarmUp = means is null || sets.All(set => set.Load is null) ? [] : Ramp(sets, means, need),
            Sets = Finished(sets, ask, exercise, sides),
            Ask = asked,
        };
    }

    /// <summary>The loads of an exercise's work at today's max; null where nothing can be loaded.</summary>
    public LoadFit FitFor(Exercise exercise, OneRepMax max, double workKg) =>
        new(max.Curve, max.WorkingKg, exercise.BodyFraction * bodyMassKg, loader.MeansFor(exercise, workKg));

    /// <summary>The last set may be an AMRAP; one-sided work goes side by side, and the extra set of the weaker side is as the
    /// others.</summary>
    private static IReadOnlyList<PrescribedSet> Finished(List<PrescribedSet> sets, ItemTarget ask, Exercise exercise, SidePlan sides)
    {
        if (ask.Target.Last is LastSet.Amrap)
            sets[^1] = sets[^1] with { Amrap = true };
        return exercise.Sides is Sides.One ? sides.For(exercise).Split(sets) : sets;
    }

    /// <summary>Without a max that speaks of it, effort leads; a load that the coach gave stands beside it, unless a cap on the max says
    /// that even the body is too much.</summary>
    private (List<PrescribedSet> Sets, LoadMeans? Means) ByEffort(ItemTarget ask, IReadOnlyList<SetTarget> wishes, OneRepMax? max)
    {
        List<PrescribedSet> sets = [.. wishes.Select(wish => Unloaded(wish, ask, ask.Chosen.Exercise))];
        bool mayBeHeld = max is null || ask.Target.MostFraction >= 1;
        if (!mayBeHeld || (ask.Target.Load ?? CarryOf(ask)) is not { } given)
            return (sets, null);
        LoadMeans means = loader.MeansFor(ask.Chosen.Exercise, given.Kilograms);
        return means.Nearest(given.Kilograms) is { } near
            ? (WithPieces([.. sets.Select(set => set with { Load = near })], means), means)
            : (sets, null);
    }

    /// <summary>A carry starts at a part of body mass; where pain sets a cap, at what feels right.</summary>
    private Load? CarryOf(ItemTarget ask) =>
        ask.Rule.Role is Role.Carry && ask.Target.MostFraction >= 1
            ? Load.FromKilograms(Math.Round(StartingLoads.CarryKg(ask.Chosen.Exercise, bodyMassKg), 3))
            : null;

    private static PrescribedSet Unloaded(SetTarget wish, ItemTarget ask, Exercise exercise) =>
        new()
        {
            Reps = wish.Wanted.Reps,
            Rpe = wish.Written(wish.Wanted.Rpe, ask.Target.MostRpe),
            Tempo = TempoOf(ask, exercise),
            Rest = ask.Target.Rest ?? PrescriptionRules.Shipped.RestOf(ask.Rule, exercise.Id),
            Metres = ask.Target.Metres,
            Medley = ask.Target.Medley,
            Seconds = ask.Target.Seconds,
        };

    private static Tempo TempoOf(ItemTarget ask, Exercise exercise) => ask.Target.Tempo ?? exercise.Tempo ?? ask.Rule.Tempo;

    private (List<PrescribedSet> Sets, LoadMeans Means) Loaded(
        ItemTarget ask,
        IReadOnlyList<SetTarget> wishes,
        RepCurve curve,
        OneRepMax max
    )
    {
        Exercise exercise = ask.Chosen.Exercise;
        // Slow lowering with a long pause takes weight off; the percentage that is shown is of the lift's own max.
        double factor = TempoOf(ask, exercise).CostsLoad ? PrescriptionRules.Shipped.File.SlowLowering : 1;
        double body = exercise.BodyFraction * bodyMassKg;
        double work =
            ask.Target.Load?.Kilograms ?? wishes.Max(wish => curve.Fraction(wish.Wanted.Reps, wish.Wanted.Rpe)) * max.WorkingKg - body;
        LoadMeans means = loader.MeansFor(exercise, work);
        var fit = new LoadFit(curve, max.WorkingKg * factor, body, means);
        List<PrescribedSet> sets = [];
        foreach (SetTarget wish in wishes)
        {
            if ((max.Source is MaxSource.Guess ? Guessed(wish, ask, fit, max) : Fitted(wish, ask, fit)) is not { } fitted)
                return ([], means);
            sets.Add(
                Unloaded(wish, ask, exercise) with
                {
                    Reps = fitted.Reps,
                    // A guess is no max to be a part of.
                    Percent = max.Source is MaxSource.Guess ? null : Percent.FromFraction(fitted.Percent.Fraction * factor),
                    Load = fitted.Load,
                    Rpe = wish.Written(fitted.Rpe, ask.Target.MostRpe),
                }
            );
        }
        return (WithPieces(sets, means), means);
    }

    /// <summary>By a first guess: repetitions and effort stay as asked, the load is the nearest there is. The fewest repetitions where that
    /// is heavy; none, so that effort alone leads, where not even those could be done. A cap from pain is held to as with any
    /// max.</summary>
    private static FittedSet? Guessed(SetTarget wish, ItemTarget ask, LoadFit fit, OneRepMax max)
    {
        SetWanted wanted = wish.Wanted;
        if (wanted.MostFraction < 1)
            return Fitted(wish, ask, fit) is { Load.Grams: > 0 } capped ? capped : null;
        double usual = fit.Curve.Fraction(wanted.Reps, wanted.Rpe) * fit.MaxKg - fit.BodyKg,
            hardest = fit.Curve.Fraction(wanted.Reps, ask.Target.MostRpe) * fit.MaxKg - fit.BodyKg,
            target = ask.Target.Load?.Kilograms ?? (max.StartsLightest ? 0 : usual);
        Load? near = fit.Means.Nearest(target) is { Grams: > 0 } some ? some : fit.Means.Steps.FirstOrDefault(step => step.Grams > 0);
        if (near is not { Grams: > 0 } load || (max.StartsLightest && ask.Target.Load is null && load.Kilograms > hardest))
            return null;
        // The lower end is where loads start; whether one can be lifted at all, the estimate itself says.
        bool CanBeDone(Load one) => (fit with { MaxKg = max.Kilograms }).RepsAt(one, wanted with { Rpe = Rpe.Ten }) >= wanted.Range.Bottom;
        while (!CanBeDone(load))
        {
            if (fit.Means.NextBelow(load) is not { Grams: > 0 } lighter)
                return null;
            load = lighter;
        }
        int reps = fit.RepsAt(load, wanted) < wanted.Range.Bottom && ask.Target.Load is null ? wanted.Range.Bottom : wanted.Reps;
        return new FittedSet(reps, wanted.Rpe, Percent.FromFraction((load.Kilograms + fit.BodyKg) / fit.MaxKg), load, 0);
    }

    /// <summary>A load that is given is held; percent and effort follow from it, and the caps hold for it too.</summary>
    private static FittedSet? Fitted(SetTarget wish, ItemTarget ask, LoadFit fit)
    {
        if (ask.Target.Load is not { } load || fit.Means.Nearest(load.Kilograms) is not { } near)
            return Held(fit.Fit(wish.Wanted), wish.Wanted, ask, fit);
        // What a hand wrote may be as hard as caution allows; a load that was progressed to, as hard as the week asks.
        SetWanted wanted = ask.Pinned.HasFlag(Pins.Load) ? wish.Wanted with { Rpe = ask.Target.MostRpe } : wish.Wanted;
        double fraction = (near.Kilograms + fit.BodyKg) / fit.MaxKg;
        double hardest = Math.Min(wanted.MostFraction, fit.Curve.Fraction(wanted.Reps, wanted.Rpe));
        if (fraction <= hardest + 1e-9)
            return At(near, wanted.Reps, fraction, fit);
        FittedSet? anew = fit.Fit(wanted);
        if (ask.Pinned.HasFlag(Pins.Load) || (anew?.Load == near && anew.Reps == wanted.Reps) || fraction > wanted.MostFraction + 1e-9)
            return anew;
        // A load that was progressed to stays, and repetitions give.
        int reps = fit.RepsNear(near, wanted);
        return reps >= wanted.Range.Bottom ? At(near, reps, fraction, fit) : anew;
    }

    private static FittedSet At(Load load, int reps, double fraction, LoadFit fit) =>
        new(reps, fit.Curve.Effort(fraction, reps), Percent.FromFraction(fraction), load, 0);

    /// <summary>Repetitions that the coach wrote are not traded for the load while the caps allow the effort that they come to.</summary>
    private static FittedSet? Held(FittedSet? fitted, SetWanted wanted, ItemTarget ask, LoadFit fit)
    {
        if (fitted is null || fitted.Reps == wanted.Reps || !ask.Pinned.HasFlag(Pins.Reps))
            return fitted;
        double done = (fitted.Load.Kilograms + fit.BodyKg) / fit.MaxKg;
        bool allowed = done <= Math.Min(wanted.MostFraction, fit.Curve.Fraction(wanted.Reps, ask.Target.MostRpe)) + 1e-9;
        return allowed
            ? fitted with
            {
                Reps = wanted.Reps,
                Rpe = fit.Curve.Effort(done, wanted.Reps),
                Percent = Percent.FromFraction(done),
            }
            : fitted;
    }

    private static List<PrescribedSet> WithPieces(List<PrescribedSet> sets, LoadMeans means) =>
        means switch
        {
            LoadMeans.Stack or LoadMeans.Stretched or LoadMeans.Unloaded or LoadMeans.Unknown => sets,
            LoadMeans.Pieces pieces =>
            [
                .. sets.Select(set => set with { Count = pieces.Each, Each = Load.FromGrams(set.Load!.Value.Grams / pieces.Each) }),
            ],
            LoadMeans.OnBar bar => [.. sets.Select(set => set with { Bar = bar.Rack.Bar.Name })],
            _ => throw new UnreachableException(means.GetType().Name),
        };

    private static IReadOnlyList<WarmUpSet> Ramp(List<PrescribedSet> sets, LoadMeans means, WarmUpNeed need)
    {
        PrescribedSet heaviest = sets.MaxBy(set => set.Load)!;
        return WarmUp.RampTo(heaviest.Load!.Value, heaviest.Percent?.Value ?? 0, means, need);
    }

    /// <summary>Whether a pull from the floor has too small plates on it, or none that are known, to stand at its height.</summary>
    public bool StandsLow(PrescribedItem item, Exercise exercise) =>
        exercise.FromFloor
        && exercise.Load is LoadSource.Barbell or LoadSource.TrapBar
        && item.WarmUp.Select(set => set.PerSide).Concat(item.Sets.Select(set => set.PerSide)).Any(loader.LacksFullSize);

    /// <summary>Writes the plates of each set: the whole list of one exercise, warm-up first, is loaded with the fewest changes.</summary>
    public PrescribedItem WithPlates(PrescribedItem item, Exercise exercise)
    {
        if (item.Sets.FirstOrDefault(set => set.Bar is not null) is not { Load: not null } first)
            return item;
        BarRack rack = loader.MeansFor(exercise).OfType<LoadMeans.OnBar>().First(means => means.Rack.Bar.Name == first.Bar).Rack;
        IReadOnlyList<Sleeve> sleeves = PlateSequence.Plan(
            rack,
            [.. item.WarmUp.Select(set => set.Load), .. item.Sets.Select(set => set.Load!.Value)]
        );
        return item with
        {
            WarmUp = [.. item.WarmUp.Select((set, i) => set with { PerSide = sleeves[i].Plates })],
            Sets = [.. item.Sets.Select((set, i) => set with { PerSide = sleeves[item.WarmUp.Count + i].Plates })],
        };
    }
}
