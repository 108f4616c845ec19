using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Prescription;

/// <summary>How one-sided sets are done: the weaker side first, and with one set more while it is far behind
/// (docs/handbook/12-weeks-and-blocks.md).</summary>
/// <param name="First">The weaker side, or left where neither is.</param>
/// <param name="ExtraForFirst">Sets more for the first side, 0 or 1.</param>
/// <param name="Tested">The muscles that were tested: a test of the legs says nothing of the arms.</param>
public sealed record SidePlan(Side First, int ExtraForFirst, IReadOnlyList<Muscle> Tested)
{
    /// <summary>Neither side is known to be weaker.</summary>
    public static SidePlan Even { get; } = new(Side.Left, 0, []);

    /// <summary>The plan for a weaker side.</summary>
    /// <param name="symmetryPercent">Limb symmetry index of the test; null when none was measured.</param>
    /// <param name="tested">The muscles that it tested.</param>
    public static SidePlan Weaker(Side side, double? symmetryPercent, IReadOnlyList<Muscle> tested) =>
        new(side, symmetryPercent < PrescriptionRules.Shipped.File.WeakerSide.ExtraBelow ? 1 : 0, tested);

    /// <summary>The plan for an exercise: it holds where a prime mover was among the muscles tested.</summary>
    public SidePlan For(Exercise exercise) => exercise.PrimeMovers.Any(Tested.Contains) ? this : Even;

    /// <summary>Each set as two, a short rest between the sides and the full one after both.</summary>
    public IReadOnlyList<PrescribedSet> Split(IReadOnlyList<PrescribedSet> sets)
    {
        int between = PrescriptionRules.Shipped.File.Time.BetweenSidesSeconds;
        Side other = First is Side.Left ? Side.Right : Side.Left;
        List<PrescribedSet> split =
        [
            .. sets.SelectMany(set => new[] { set with { Side = First, Rest = new Rest(between, between) }, set with { Side = other } }),
        ];
        if (split.Count > 0)
            split.AddRange(Enumerable.Repeat(split[^1] with { Side = First, Amrap = false }, ExtraForFirst));
        return split;
    }
}
