using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads;

/// <summary>One warm-up set.</summary>
/// <param name="PerSide">Plates of one sleeve, heaviest first; null without a bar.</param>
public sealed record WarmUpSet(Load Load, int Reps, IReadOnlyList<Load>? PerSide = null);

/// <summary>What a warm-up prepares for.</summary>
public enum WarmUpNeed
{
    /// <summary>The first work of a pattern in the session: the whole ramp.</summary>
    ColdPattern,

    /// <summary>The pattern is warm from an earlier lift.</summary>
    WarmPattern,

    /// <summary>Another accessory of several joints: one set.</summary>
    Accessory,

    /// <summary>Single-joint work: none.</summary>
    SingleJoint,
}

/// <summary>The ramp of warm-up sets to a work load (docs/handbook/10-loads.md).</summary>
public static class WarmUp
{
    /// <summary>The ramp, lightest first; empty when none is due or nothing can be loaded.</summary>
    /// <param name="work">The heaviest work load of the exercise.</param>
    /// <param name="percentOfMax">That load as a percentage of 1RM.</param>
    public static IReadOnlyList<WarmUpSet> RampTo(Load work, double percentOfMax, LoadMeans means, WarmUpNeed need)
    {
        WarmUpRules rules = LoadRules.Shipped.WarmUp;
        IReadOnlyList<WarmUpStepRule> steps = need switch
        {
            WarmUpNeed.ColdPattern => rules.Steps,
            WarmUpNeed.WarmPattern => rules.Warm,
            WarmUpNeed.Accessory => rules.Accessory,
            WarmUpNeed.SingleJoint => [],
        };
        if (steps.Count == 0 || means.Lightest is not { } empty || work <= empty)
            return [];
        List<WarmUpSet> ramp = [];
        bool startsEmpty = need is WarmUpNeed.ColdPattern && means is LoadMeans.OnBar;
        if (startsEmpty)
            ramp.Add(new WarmUpSet(empty, rules.EmptyReps));
        foreach (WarmUpStepRule step in steps.Where(step => percentOfMax >= (step.FromPercentOfMax ?? 0)))
        {
            Load load = means.Nearest(work.Kilograms * step.Percent / 100)!.Value;
            bool aboveEmpty = load > empty || (ramp.Count == 0 && !startsEmpty);
            if (aboveEmpty && IsStep(ramp.Count > 0 ? ramp[^1].Load : null, load, work))
                ramp.Add(new WarmUpSet(load, step.Reps));
        }
        List<WarmUpSet> whole = startsEmpty ? WithHalfWay(ramp, work, means) : ramp;
        return means is LoadMeans.OnBar bar && whole.Count > 0 ? WholePlates.Of(whole, work, bar.Rack) : whole;
    }

    private static bool IsStep(Load? before, Load load, Load work)
    {
        double least = LoadRules.Shipped.WarmUp.LeastStep * work.Kilograms - 1e-9;
        return work - load >= least && (before is not { } last || load - last >= least);
    }

    /// <summary>A first step of more than 50 kg up from the empty bar gets one set half-way.</summary>
    private static List<WarmUpSet> WithHalfWay(List<WarmUpSet> ramp, Load work, LoadMeans means)
    {
        WarmUpRules rules = LoadRules.Shipped.WarmUp;
        Load first = ramp.Count > 1 ? ramp[1].Load : work;
        if (first - ramp[0].Load <= rules.LongFirstStepKg)
            return ramp;
        Load half = means.Nearest((ramp[0].Load.Kilograms + first.Kilograms) / 2)!.Value;
        if (half > ramp[0].Load && half < first)
            ramp.Insert(1, new WarmUpSet(half, rules.HalfWayReps));
        return ramp;
    }
}
