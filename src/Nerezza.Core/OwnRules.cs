using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core;

/// <summary>A plan keeps its own rules (docs/handbook/12-weeks-and-blocks.md#a-plan-keeps-its-own-rules): where the sets, once they have
/// loads and warm-ups, pass the minutes, ten hard sets of a muscle, the spine or a muscle's week, or put presses before pulls, single
/// sets give way in the order of displacement until nothing is passed or nothing may give way.</summary>
internal sealed class OwnRules(BlockBuilder builder, BlockReviewer reviewer, BlockKind kind, ISetCost cost)
{
    /// <summary>Cuts at most; each is one set of one exercise.</summary>
    private const int Rounds = 24;

    /// <summary>The choice and its block, and the remarks that no rule could mend.</summary>
    public (ExerciseChoice Choice, Block Block, IReadOnlyList<Check> Left) Kept(ExerciseChoice choice)
    {
        Made made = Built(choice);
        HashSet<Check> stuck = [];
        for (int round = 0; round < Rounds; round++)
        {
            Check? first = made.Remarks.FirstOrDefault(check => !stuck.Contains(check) && ConcernOf(check) is not null);
            if (first is null)
                break;
            if (first is Check.PushPullImbalance uneven && Evened(made, uneven) is { } even)
                made = even;
            else if (Displacement.OneLess(made.Choice, ConcernOf(first)!, cost.SetsOf) is { } less)
                made = Built(less);
            else
                stuck.Add(first);
        }
        return (made.Choice, made.Block, made.Remarks);
    }

    /// <summary>A set more of what is short, on the first day on which that passes nothing else.</summary>
    private Made? Evened(Made made, Check.PushPullImbalance uneven)
    {
        Func<Exercise, bool> isShort = uneven.Pulls < uneven.Presses ? Region.IsPull : Region.IsPush;
        HashSet<(CheckCode, CheckPlace)> before = [.. made.Remarks.Select(check => (check.Code, check.At))];
        return Displacement
            .OneMore(made.Choice, lift => isShort(lift.Exercise), cost.SetsOf)
            .Select(Built)
            .FirstOrDefault(longer => longer.Remarks.All(check => before.Contains((check.Code, check.At))));
    }

    private Made Built(ExerciseChoice choice)
    {
        Block block = builder.Build(kind, choice);
        return new Made(
            choice,
            block,
            [.. reviewer.Review(block).Checks.Where(check => check.Severity is CheckSeverity.Warn).Select(check => check with { Fix = [] })]
        );
    }

    private sealed record Made(ExerciseChoice Choice, Block Block, IReadOnlyList<Check> Remarks);

    /// <summary>The exercises of which a set less would help; null where sets do not mend it.</summary>
    private static Func<DayPlan, Chosen, bool>? ConcernOf(Check check) =>
        check switch
        {
            Check.SessionTooLong => (day, _) => day.Weekday == check.At.OnDay,
            Check.SessionCap full => (day, lift) => day.Weekday == check.At.OnDay && lift.Exercise.ShareOf(full.Muscle) > 0,
            Check.WeeklyHigh high => (_, lift) => lift.Exercise.ShareOf(high.Muscle) > 0,
            Check.AxialBudget => (day, lift) => (check.At.OnDay is not { } on || day.Weekday == on) && lift.Exercise.Axial > 0,
            Check.PushPullImbalance uneven when uneven.Pulls < uneven.Presses => (_, lift) =>
                lift.Purpose is not Purpose.Main && Region.IsPush(lift.Exercise),
            Check.PushPullImbalance => (_, lift) => lift.Purpose is not Purpose.Main && Region.IsPull(lift.Exercise),
            _ => null,
        };
}
