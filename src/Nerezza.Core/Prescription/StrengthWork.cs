using Nerezza.Core.Catalogue;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Prescription;

/// <summary>What counts as strength work (docs/handbook/11-prescription.md): never in a superset, never with a short rest.</summary>
public static class StrengthWork
{
    /// <summary>Role main and any thrust at 75 % and up, and any set of five repetitions or fewer in roles main, second and
    /// accessory.</summary>
    public static bool Is(PrescribedItem item, ExerciseCatalogue catalogue)
    {
        StrengthWorkRule rule = PrescriptionRules.Shipped.File.StrengthWork;
        bool heavy =
            (item.Role is Role.Main || catalogue[item.Exercise].Pattern is Pattern.Thrust)
            && item.Sets.Any(set => set.Percent?.Value >= rule.Percent);
        return heavy
            || (
                item.Role is Role.Main or Role.Second or Role.Accessory && item.Sets.Any(set => set.Reps <= rule.Reps && set.Metres is null)
            );
    }
}
