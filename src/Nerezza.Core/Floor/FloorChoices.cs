using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Floor;

/// <summary>Which loads the floor offers beside the planned one.</summary>
public static class FloorChoices
{
    /// <summary>The loads that advice on the next set may come to, lightest first; where the plates make a great many, those nearest the
    /// plan.</summary>
    public static IReadOnlyList<Load> ForAdvice(Load planned, LoadSteps means)
    {
        FloorRules rules = FloorRules.Shipped;
        double least = planned.Kilograms * rules.AdviceFrom,
            most = planned.Kilograms * rules.AdviceTo;
        IEnumerable<Load> near = means.From(least).TakeWhile(step => step.Kilograms <= most);
        return [.. near.OrderBy(step => Math.Abs(step - planned)).Take(rules.AdviceMost).Order()];
    }

    /// <summary>The loads that can be made within reach of <paramref name="planned"/>, lightest first; where the plates make a great many,
    /// some of each stretch.</summary>
    public static IEnumerable<Load> Near(Load planned, LoadMeans means)
    {
        FloorRules rules = FloorRules.Shipped;
        double reach = Math.Max(rules.ChoicesLeastKg, planned.Kilograms * rules.ChoicesWithin);
        List<Load> near = [.. means.From(planned.Kilograms - reach).TakeWhile(step => step - planned <= reach)];
        if (near.Count <= rules.ChoicesMost)
            return near;
        double stretch = 2 * reach / rules.ChoicesMost;
        return near.GroupBy(step => (int)Math.Round((step - planned) / stretch))
            .Select(same => same.MinBy(step => Math.Abs(step - planned - same.Key * stretch)));
    }
}
