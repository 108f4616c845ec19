using Nerezza.Core.Prescription;

namespace Nerezza.Core.Floor;

/// <summary>One set of a session: which exercise, counted from 0, and which of its sets.</summary>
public sealed record SetPlace(int Item, int Place);

/// <summary>The order in which the sets of a session are done: one exercise after the other, those of a superset in turn, both sides of
/// a set before the next (docs/handbook/11-prescription.md).</summary>
public static class SetOrder
{
    /// <summary>Every set of a session, first to last.</summary>
    public static IReadOnlyList<SetPlace> Of(IReadOnlyList<PrescribedItem> items)
    {
        List<SetPlace> order = [];
        HashSet<string> begun = [];
        for (int i = 0; i < items.Count; i++)
        {
            if (items[i].Superset is not { } letter)
                order.AddRange(Rounds(items[i], i).SelectMany(round => round));
            else if (begun.Add(letter))
                order.AddRange(InTurn(items, letter));
        }
        return order;
    }

    private static IEnumerable<SetPlace> InTurn(IReadOnlyList<PrescribedItem> items, string letter)
    {
        List<List<List<SetPlace>>> partners =
        [
            .. items.Index().Where(row => row.Item.Superset == letter).Select(row => Rounds(row.Item, row.Index)),
        ];
        for (int round = 0; round < partners.Max(rounds => rounds.Count); round++)
            foreach (List<List<SetPlace>> rounds in partners.Where(rounds => round < rounds.Count))
            foreach (SetPlace set in rounds[round])
                yield return set;
    }

    /// <summary>The sets of an exercise by rounds: one set, or one of each side.</summary>
    private static List<List<SetPlace>> Rounds(PrescribedItem item, int index)
    {
        List<List<SetPlace>> rounds = [];
        for (int place = 0; place < item.Sets.Count; place++)
        {
            bool otherSide = place > 0 && item.Sets[place].Side is { } side && item.Sets[place - 1].Side is { } before && before != side;
            if (otherSide && rounds[^1].Count == 1)
                rounds[^1].Add(new SetPlace(index, place));
            else
                rounds.Add([new SetPlace(index, place)]);
        }
        return rounds;
    }
}
