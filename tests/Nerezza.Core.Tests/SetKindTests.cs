using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests;

/// <summary>What a set is and in which order a session is done, over whole plans: nothing is asked that a set has not.</summary>
public sealed class SetKindTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    [Fact]
    public void Every_set_of_every_plan_asks_for_what_it_has()
    {
        HashSet<SetKind> seen = [];
        Made.Case.Sample(
            @case =>
            {
                foreach (Session session in Sessions(@case))
                {
                    foreach (PrescribedItem item in session.Items)
                    foreach (PrescribedSet set in item.Sets)
                    {
                        Exercise exercise = ExerciseCatalogue.Shipped[item.Exercise];
                        SetKind kind = SetKinds.Of(set, item.Role, exercise);
                        lock (seen)
                            seen.Add(kind);
                        AssertHas(kind, set, item, exercise);
                    }
                    AssertOrder(session.Items);
                }
            },
            iter: 60
        );
        Assert.Superset(new HashSet<SetKind> { SetKind.Lift, SetKind.BodyWeight, SetKind.Hold, SetKind.Carry }, seen);
    }

    private static void AssertHas(SetKind kind, PrescribedSet set, PrescribedItem item, Exercise exercise)
    {
        string where = $"{item.Exercise} as {kind}";
        Assert.True(kind is not SetKind.Hold || set.Seconds > 0, where);
        Assert.True(kind is not (SetKind.Carry or SetKind.Medley) || set.Metres > 0, where);
        Assert.True(kind is not (SetKind.Lift or SetKind.BodyWeight) || (set.Metres is null && set.Seconds is null), where);
        Assert.True(kind is not (SetKind.BodyWeight or SetKind.Jump or SetKind.Medley) || set.Load is null or { Grams: 0 }, where);
        Assert.True(
            kind is not SetKind.Lift
                || set.Load is not null
                || exercise.Load is not (LoadSource.Band or LoadSource.BodyWeight or LoadSource.None),
            where
        );
    }

    private static void AssertOrder(IReadOnlyList<PrescribedItem> items)
    {
        IReadOnlyList<SetPlace> order = SetOrder.Of(items);
        Assert.Equal(items.Sum(item => item.Sets.Count), order.Distinct().Count());
        // Of one exercise the sets keep their order, and a new exercise begins only when the one before is done or in a superset with it.
        for (int i = 0; i < items.Count; i++)
            Assert.Equal(Enumerable.Range(0, items[i].Sets.Count), order.Where(set => set.Item == i).Select(set => set.Place));
        foreach ((SetPlace before, SetPlace after) in order.Zip(order.Skip(1)).Where(pair => pair.First.Item != pair.Second.Item))
        {
            bool together = items[before.Item].Superset is { } letter && letter == items[after.Item].Superset;
            Assert.True(together || before.Place == items[before.Item].Sets.Count - 1 || Partners(items, before) > 1);
        }
    }

    private static int Partners(IReadOnlyList<PrescribedItem> items, SetPlace at) =>
        items[at.Item].Superset is { } letter ? items.Count(item => item.Superset == letter) : 1;

    private static IEnumerable<Session> Sessions(ClientCase @case) =>
        Planner.Make(@case).Block?.Weeks.SelectMany(week => week.Sessions) ?? [];
}
