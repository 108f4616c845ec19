using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>A free weight over the body, alone: near failure only with pins or a spotter (docs/handbook/09-composition.md).</summary>
public static class Safeties
{
    private static readonly SafetiesRule Rule = SelectionRules.Shipped.Safeties;

    /// <summary>Effort from which pins or a spotter are needed.</summary>
    public static double FromRpe => Rule.FromRpe;

    /// <summary>The most without them.</summary>
    public static double AloneRpe => Rule.AloneRpe;

    /// <summary>Whether an exercise has a free weight over the body that only pins could catch, and there are none.</summary>
    public static bool AreMissing(Exercise exercise, Equipment equipment) =>
        Rule.Patterns.Contains(Codes.Of(exercise.Pattern))
        && Rule.Loads.Contains(Codes.Of(exercise.Load))
        && !equipment.Items.Contains(Implement.Rack);
}
