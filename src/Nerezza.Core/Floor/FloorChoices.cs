using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Floor;

/// <summary>Which loads the floor offers beside the planned one.</summary>
public static class FloorChoices
{
    /// <summary>Every load that can be made within reach of <paramref name="planned"/>, lightest first.</summary>
    public static IEnumerable<Load> Near(Load planned, LoadMeans means)
    {
        FloorRules rules = FloorRules.Shipped;
        return means.Steps.Where(step => Math.Abs(step - planned) <= Math.Max(rules.ChoicesLeastKg, planned.Kilograms * rules.ChoicesWithin));
    }
}
