using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>Why an exercise does not grow over the load weeks of a block
/// (docs/handbook/11-prescription.md#progress-is-visible).</summary>
public enum Standstill
{
    /// <summary>It grows: load, repetitions, sets, time, distance; effort where nothing is loaded.</summary>
    Grows,

    /// <summary>Pain, health, age, a return or sport the next day holds it.</summary>
    Capped,

    /// <summary>It is as hard as its row allows: a logged set moves it.</summary>
    WaitsForSets,

    /// <summary>The kit has nothing heavier.</summary>
    NothingHeavier,

    /// <summary>Nothing says why.</summary>
    NoWord,
}

/// <summary>Looks for growth from load week to load week.</summary>
public static class Progress
{
    /// <summary>Every exercise of the load weeks, by its day; empty where the block has fewer than two.</summary>
    public static IReadOnlyDictionary<(Weekday Day, string Exercise), Standstill> Of(Block block)
    {
        List<Week> loads = [.. block.Weeks.Where(week => week.Kind is WeekKind.Load)];
        return loads.Count < 2
            ? new Dictionary<(Weekday, string), Standstill>()
            : loads
                .SelectMany(week => week.Sessions)
                .SelectMany(session => session.Items, (session, item) => (session.Day, Item: item))
                .Where(row => row.Item.Role is not (Role.Priming or Role.Skill))
                .GroupBy(row => (row.Day, row.Item.Exercise))
                .Where(rows => rows.Count() > 1)
                .ToDictionary(rows => rows.Key, rows => Of(block.Kind, [.. rows.Select(row => row.Item)]));
    }

    private static Standstill Of(BlockKind kind, IReadOnlyList<PrescribedItem> weeks)
    {
        if (weeks.Zip(weeks.Skip(1)).Any(pair => Grows(pair.First, pair.Second)))
            return Standstill.Grows;
        WeekTarget target = weeks[^1].Ask.Target;
        if (
            kind is BlockKind.Return or BlockKind.Peak or BlockKind.Deload or BlockKind.Test
            || target.MostFraction < 1
            || target.MostRpe.Value <= BlockRules.Shipped.File.CappedRpe
        )
            return Standstill.Capped;
        if (weeks[^1].Ask.Pinned != Pins.None)
            return Standstill.NoWord;
        PrescribedSet last = weeks[^1].Sets[^1];
        return last.IsEasy && last.Reps >= weeks[^1].Range.Top && last.Load is not null ? Standstill.NothingHeavier
            : last.IsEasy ? Standstill.NoWord
            : Standstill.WaitsForSets;
    }

    private static bool Grows(PrescribedItem before, PrescribedItem after) =>
        Most(after, set => set.Load?.Kilograms) > Most(before, set => set.Load?.Kilograms)
        || after.Sets.Sum(set => set.Reps) > before.Sets.Sum(set => set.Reps)
        || Most(after, set => set.Seconds) > Most(before, set => set.Seconds)
        || Most(after, set => set.Metres) > Most(before, set => set.Metres)
        // More effort at the same load and repetitions is a wish; where nothing is loaded it is all there is.
        || (
            Most(after, set => set.Load?.Kilograms) <= 0
            && after.Sets.Average(set => set.Rpe.Value) > before.Sets.Average(set => set.Rpe.Value) + 1e-9
        );

    private static double Most(PrescribedItem item, Func<PrescribedSet, double?> of) => item.Sets.Max(of) ?? 0;
}
