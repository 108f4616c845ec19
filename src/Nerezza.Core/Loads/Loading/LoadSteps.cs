using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads.Loading;

/// <summary>The totals that can be made with what is at hand.</summary>
/// <param name="Steps">Ascending, each once; empty when nothing can.</param>
public record LoadSteps(IReadOnlyList<Load> Steps)
{
    /// <summary>The lightest that can be loaded: the empty implement; null when nothing can.</summary>
    public Load? Lightest => Steps.Count > 0 ? Steps[0] : null;

    /// <summary>The nearest that can be loaded; a tie goes to the lower.</summary>
    /// <returns>Null when nothing can be loaded.</returns>
    public Load? Nearest(double kilograms)
    {
        if (Steps.Count == 0)
            return null;
        int above = FirstAtOrAbove(kilograms);
        if (above == 0)
            return Steps[0];
        if (above == Steps.Count)
            return Steps[^1];
        Load lower = Steps[above - 1],
            upper = Steps[above];
        return upper.Kilograms - kilograms < kilograms - lower.Kilograms - 1e-9 ? upper : lower;
    }

    /// <summary>The next total below a load, or null at the lightest.</summary>
    public Load? NextBelow(Load load)
    {
        int at = FirstAtOrAbove(load.Kilograms);
        return at > 0 ? Steps[at - 1] : null;
    }

    /// <summary>The next total above a load, or null at the heaviest.</summary>
    public Load? NextAbove(Load load)
    {
        int at = FirstAtOrAbove(load.Kilograms + 0.0005);
        return at < Steps.Count ? Steps[at] : null;
    }

    /// <summary>The totals from a load upward, ascending.</summary>
    public IEnumerable<Load> From(double kilograms)
    {
        for (int at = FirstAtOrAbove(kilograms); at < Steps.Count; at++)
            yield return Steps[at];
    }

    private int FirstAtOrAbove(double kilograms)
    {
        int low = 0,
            high = Steps.Count;
        while (low < high)
        {
            int middle = (low + high) / 2;
            if (Steps[middle].Kilograms < kilograms - 1e-9)
                low = middle + 1;
            else
                high = middle;
        }
        return low;
    }
}
