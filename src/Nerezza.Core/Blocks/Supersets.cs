using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>Pairs accessories to save time: opposites or unrelated muscles, never strength work
/// (docs/handbook/11-prescription.md).</summary>
public static class Supersets
{
    private static readonly SupersetRule Rule = PrescriptionRules.Shipped.File.Supersets;

    /// <summary>Pairs as many accessories as it takes to hold the minutes given; the same session where it fits, or nothing can be
    /// paired.</summary>
    public static IReadOnlyList<PrescribedItem> Fit(IReadOnlyList<PrescribedItem> items, int minutesGiven, ExerciseCatalogue catalogue)
    {
        List<PrescribedItem> session = [.. items];
        char letter = 'A';
        while (SessionTime.Minutes(session, catalogue) > minutesGiven && NextPair(session, catalogue) is var (first, second))
        {
            string name = (letter++).ToString();
            PrescribedItem partner = Named(session[second], name);
            session[first] = Named(session[first], name);
            session.RemoveAt(second);
            session.Insert(first + 1, partner);
        }
        return session;
    }

    private static (int First, int Second)? NextPair(List<PrescribedItem> session, ExerciseCatalogue catalogue)
    {
        for (int i = session.Count - 1; i >= 0; i--)
        for (int j = i - 1; j >= 0; j--)
            if (
                session[i].Superset is null
                && session[j].Superset is null
                && session[i].Role == session[j].Role
                && session.Take(i).Skip(j).All(between => between.Role is not (Role.Main or Role.Second)) // no heavy lift waits for a pair
                && MayPair(session[j], session[i], catalogue)
            )
                return (j, i);
        return null;
    }

    /// <summary>Whether two exercises may be done in turn: accessories that are no strength work and share no muscle that works hard in
    /// both.</summary>
    public static bool MayPair(PrescribedItem one, PrescribedItem other, ExerciseCatalogue catalogue) =>
        IsAccessory(one, catalogue) && IsAccessory(other, catalogue) && !Clash(catalogue[one.Exercise], catalogue[other.Exercise]);

    /// <summary>Whether two exercises work one muscle hard.</summary>
    public static bool Clash(Exercise one, Exercise other) =>
        Enum.GetValues<Muscle>().Any(muscle => one.ShareOf(muscle) >= Rule.HardFromShare && other.ShareOf(muscle) >= Rule.HardFromShare);

    private static bool IsAccessory(PrescribedItem item, ExerciseCatalogue catalogue) =>
        item.Role is Role.Accessory or Role.SingleJoint or Role.Trunk && !StrengthWork.Is(item, catalogue);

    private static PrescribedItem Named(PrescribedItem item, string letter) => item with { Ask = item.Ask with { Superset = letter } };
}
