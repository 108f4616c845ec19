using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

namespace Nerezza.Core;

/// <summary>One thing that would be otherwise in a new plan.</summary>
public abstract record PlanChange
{
    private PlanChange() { }

    /// <summary>No program can be made while a referral stops training, or it can be made again.</summary>
    public sealed record Program(ProgramChange Change) : PlanChange;

    /// <summary>A finding that is new.</summary>
    public sealed record FindingOpened(Finding Finding) : PlanChange;

    /// <summary>A finding that is gone.</summary>
    public sealed record FindingClosed(Finding Finding) : PlanChange;

    /// <summary>The block would be of another kind.</summary>
    public sealed record Kind(BlockKind Before, BlockKind After) : PlanChange;

    /// <summary>An exercise that would come in.</summary>
    public sealed record ExerciseIn(string Exercise) : PlanChange;

    /// <summary>An exercise that would go out.</summary>
    public sealed record ExerciseOut(string Exercise) : PlanChange;

    /// <summary>The heaviest set of an exercise would be another.</summary>
    public sealed record Heaviest(string Exercise, Load? Before, Load? After) : PlanChange;

    /// <summary>An exercise of one session would be otherwise; null where it is not there.</summary>
    public sealed record Cell(CellPlace At, PrescribedItem? Before, PrescribedItem? After) : PlanChange;

    /// <summary>The hardest set of an exercise would be another.</summary>
    public sealed record Hardest(string Exercise, Rpe Before, Rpe After) : PlanChange;
}

/// <summary>Whether a program stops or starts.</summary>
public enum ProgramChange
{
    /// <summary>A referral stops it.</summary>
    Stopped,

    /// <summary>It can be made again.</summary>
    MadeAgain,
}

/// <summary>Says what a new plan would change, before anything changes.</summary>
public static class PlanDifference
{
    /// <summary>Every change, program first, then findings, then the block; empty when the plans agree.</summary>
    public static IReadOnlyList<PlanChange> Between(Plan before, Plan after) =>
        [.. Programs(before, after), .. Findings(before, after), .. Blocks(before.Block, after.Block)];

    /// <summary>Every exercise of every session that two blocks have otherwise, in the order of the weeks.</summary>
    public static IReadOnlyList<PlanChange> Cells(Block? before, Block? after)
    {
        Dictionary<CellPlace, PrescribedItem> was = ByPlace(before),
            will = ByPlace(after);
        return
        [
            .. was
                .Keys.Union(will.Keys)
                .Where(at => !Same(was.GetValueOrDefault(at), will.GetValueOrDefault(at)))
                .OrderBy(at => at.Week)
                .ThenBy(at => at.Day)
                .ThenBy(at => at.Exercise, StringComparer.Ordinal)
                .Select(at => new PlanChange.Cell(at, was.GetValueOrDefault(at), will.GetValueOrDefault(at))),
        ];
    }

    private static Dictionary<CellPlace, PrescribedItem> ByPlace(Block? block) =>
        (block?.Weeks ?? [])
            .SelectMany(week =>
                week.Sessions.SelectMany(session =>
                    session.Items.Select(item => (At: new CellPlace(week.Number, session.Day, item.Exercise), item))
                )
            )
            .ToDictionary(row => row.At, row => row.item);

    private static bool Same(PrescribedItem? one, PrescribedItem? other) =>
        one is not null && other is not null && one.Superset == other.Superset && one.Sets.SequenceEqual(other.Sets, SameSet);

    private static readonly IEqualityComparer<PrescribedSet> SameSet = EqualityComparer<PrescribedSet>.Create(
        (one, other) =>
            one! with { PerSide = null, Medley = [] } == other! with { PerSide = null, Medley = [] }
            && one.Medley.SequenceEqual(other.Medley)
    );

    private static IEnumerable<PlanChange> Programs(Plan before, Plan after)
    {
        if (before.Block is not null && after.Block is null)
            yield return new PlanChange.Program(ProgramChange.Stopped);
        if (before.Block is null && after.Block is not null)
            yield return new PlanChange.Program(ProgramChange.MadeAgain);
    }

    private static IEnumerable<PlanChange> Findings(Plan before, Plan after)
    {
        static bool Among(IReadOnlyList<Finding> findings, Finding one) =>
            findings.Any(other => other.Code == one.Code && other.Cause == one.Cause);
        foreach (Finding opened in after.Findings.Where(finding => !Among(before.Findings, finding)))
            yield return new PlanChange.FindingOpened(opened);
        foreach (Finding closed in before.Findings.Where(finding => !Among(after.Findings, finding)))
            yield return new PlanChange.FindingClosed(closed);
    }

    private static IEnumerable<PlanChange> Blocks(Block? before, Block? after)
    {
        if (before is null || after is null)
            yield break;
        if (before.Kind != after.Kind)
            yield return new PlanChange.Kind(before.Kind, after.Kind);
        Dictionary<string, List<PrescribedSet>> was = Sets(before),
            will = Sets(after);
        foreach (string exercise in will.Keys.Except(was.Keys).Order(StringComparer.Ordinal))
            yield return new PlanChange.ExerciseIn(exercise);
        foreach (string exercise in was.Keys.Except(will.Keys).Order(StringComparer.Ordinal))
            yield return new PlanChange.ExerciseOut(exercise);
        foreach (string exercise in was.Keys.Intersect(will.Keys).Order(StringComparer.Ordinal))
        {
            Load? heaviestBefore = was[exercise].Max(set => set.Load),
                heaviestAfter = will[exercise].Max(set => set.Load);
            if (heaviestBefore != heaviestAfter)
                yield return new PlanChange.Heaviest(exercise, heaviestBefore, heaviestAfter);
            Rpe hardestBefore = was[exercise].MaxBy(set => set.Rpe.Value)!.Rpe,
                hardestAfter = will[exercise].MaxBy(set => set.Rpe.Value)!.Rpe;
            if (hardestBefore != hardestAfter)
                yield return new PlanChange.Hardest(exercise, hardestBefore, hardestAfter);
        }
    }

    private static Dictionary<string, List<PrescribedSet>> Sets(Block block) =>
        block
            .Weeks.SelectMany(week => week.Sessions)
            .SelectMany(session => session.Items)
            .GroupBy(item => item.Exercise)
            .ToDictionary(items => items.Key, items => items.SelectMany(item => item.Sets).ToList());
}
