using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Wording;

/// <summary>Says what could not be had and what would have to be given up for it.</summary>
public sealed class ShortWords(ExerciseCatalogue catalogue)
{
    /// <summary>One sentence.</summary>
    public string Text(Shortfall shortfall)
    {
        string what = FindingWords.Name(shortfall.Finding).ToLowerInvariant();
        return $"Nothing here answers {what}: {Way(shortfall.GiveUp)}.";
    }

    /// <summary>What would have to be given up.</summary>
    public string Way(GiveUp giveUp) =>
        giveUp switch
        {
            GiveUp.Limits limits => $"{catalogue[limits.Exercise].Name.ToLowerInvariant()} would, and asks for "
                + $"{string.Join(" and ", limits.Over.Select(Cost))} more than there is",
            GiveUp.Filters { Ruled: { Count: > 0 } ruled } => $"what would do is ruled out ({string.Join("; ", ruled.Select(Ruled))})",
            GiveUp.Filters => "what would do does not fit the days",
            _ => throw new UnreachableException(giveUp.GetType().Name),
        };

    private static string Cost(OverLimit over) =>
        over.Kind switch
        {
            CapKind.Minutes => $"{Number(Math.Ceiling(over.By))} minutes a day",
            CapKind.Axial => $"{Number(over.By)} points of load on the spine",
            CapKind.Sets => $"{Number(over.By)} hard sets of {Plain(Codes.Of(over.Muscle!.Value))}",
        };

    private static string Plain(string code) => code.Replace('-', ' ');

    private static string Number(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);

    private string Ruled(PassedOver reason) => $"{catalogue[reason.Exercise].Name.ToLowerInvariant()}: {PlanWords.Because(reason)}";
}
