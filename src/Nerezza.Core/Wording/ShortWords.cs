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
        string what = shortfall.Of switch
        {
            Lack.Finding finding => $"Nothing here answers {FindingWords.Name(finding.Code).ToLowerInvariant()}",
            Lack.Sets sets => $"Too few hard sets for {Plain(Codes.Of(sets.Muscle)).ToLowerInvariant()}",
            Lack.Session session => $"The week is short of a session of {session.Pattern}",
            _ => throw new UnreachableException(shortfall.Of.GetType().Name),
        };
        return $"{char.ToUpperInvariant(what[0])}{what[1..]}: {Way(shortfall.GiveUp)}.";
    }

    /// <summary>What would have to be given up.</summary>
    public string Way(GiveUp giveUp) =>
        giveUp switch
        {
            GiveUp.Limits limits => $"{catalogue[limits.Exercise].Name.ToLowerInvariant()} would do, at "
                + $"{string.Join(" and ", limits.Over.Select(Cost))} over what there is",
            GiveUp.Filters { Ruled: { Count: > 0 } ruled } => $"what would do is ruled out ({string.Join("; ", ruled.Select(Ruled))})",
            GiveUp.Filters => "what would do does not fit the days",
            _ => throw new UnreachableException(giveUp.GetType().Name),
        };

    private static string Cost(OverLimit over) =>
        over.Kind switch
        {
            CapKind.Minutes => $"{Number(Math.Ceiling(over.By))} minutes a week",
            CapKind.Items => $"{Number(over.By)} exercise more",
            CapKind.Axial => $"{Number(over.By)} sets' load on the spine",
            CapKind.Sets => $"{Number(over.By)} hard sets of {Plain(Codes.Of(over.Muscle!.Value))}",
        };

    private static string Plain(string code) => code.Replace('-', ' ');

    private static string Number(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);

    private string Ruled(PassedOver reason) => $"{catalogue[reason.Exercise].Name.ToLowerInvariant()}: {PlanWords.Because(reason)}";
}
