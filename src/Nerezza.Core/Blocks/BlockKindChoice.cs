using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Blocks;

/// <summary>Why a block is of its kind; Wording says it.</summary>
public enum KindReason
{
    /// <summary>The coach asked for it.</summary>
    AskedFor,

    /// <summary>The goal is to return to training.</summary>
    ReturnGoal,

    /// <summary>Pain that asks for a change covers squat and hinge.</summary>
    OpenPain,

    /// <summary>A novice without a log.</summary>
    NoviceWithoutLog,

    /// <summary>Squat and hinge both lack skill.</summary>
    SkillOnBoth,

    /// <summary>The event is near.</summary>
    EventNear,

    /// <summary>The goal is muscle.</summary>
    MuscleGoal,

    /// <summary>The last block was one of strength.</summary>
    AfterStrength,

    /// <summary>Nothing else speaks.</summary>
    Otherwise,
}

/// <summary>A kind with its reason.</summary>
public sealed record KindDecision(BlockKind Kind, KindReason Reason);

/// <summary>What the kind is decided from.</summary>
/// <param name="Last">The kind of the block before; null when there is none or it is not known.</param>
/// <param name="Pain">Whether pain that asks for a change covers squat and hinge.</param>
/// <param name="LackSkill">The patterns whose lifts lack skill clearly enough.</param>
public sealed record KindInput(
    BlockRequest Request,
    Client Client,
    IReadOnlyList<LogDay> Log,
    IReadOnlySet<Pattern> LackSkill,
    BlockKind? Last,
    OpenPain Pain
);

/// <summary>Decides the kind of a block that is asked for as auto (docs/handbook/12-weeks-and-blocks.md).</summary>
public static class BlockKindChoice
{
    /// <summary>The kind asked for, or the one that goal, level, findings and event date call for; the first that holds.</summary>
    public static KindDecision Decide(KindInput input)
    {
        if (input.Request.Kind is not BlockKind.Auto)
            return new KindDecision(input.Request.Kind, KindReason.AskedFor);
        if (input.Client.Goal is Goal.Return)
            return new KindDecision(BlockKind.Return, KindReason.ReturnGoal);
        if (input.Pain is OpenPain.Yes)
            return new KindDecision(BlockKind.Return, KindReason.OpenPain);
        if (input.Client.Level is Level.Novice && input.Log.Count == 0)
            return new KindDecision(BlockKind.Foundation, KindReason.NoviceWithoutLog);
        if (input.LackSkill.Contains(Pattern.Squat) && input.LackSkill.Contains(Pattern.Hinge))
            return new KindDecision(BlockKind.Foundation, KindReason.SkillOnBoth);
        if (IsEventNear(input))
            return new KindDecision(BlockKind.Peak, KindReason.EventNear);
        if (input.Client.Goal is Goal.Muscle)
            return new KindDecision(BlockKind.Muscle, KindReason.MuscleGoal);
        return input.Last is BlockKind.Strength
            ? new KindDecision(BlockKind.Muscle, KindReason.AfterStrength)
            : new KindDecision(BlockKind.Strength, KindReason.Otherwise);
    }

    /// <summary>The patterns in which a skill finding of severity 2 and more was seen: by the fault's lift, else by what the finding asks
    /// for.</summary>
    public static IReadOnlySet<Pattern> LacksSkill(
        IReadOnlyList<Finding> findings,
        IReadOnlyList<LiftFault> faults,
        ExerciseCatalogue catalogue
    ) =>
        findings
            .Where(finding => finding.Cause is Cause.Skill && finding.Severity >= BlockRules.Shipped.File.FoundationSkillSeverity)
            .SelectMany(finding =>
                finding.Asks.Patterns.Concat(
                    Enumerable
                        .Range(0, faults.Count)
                        .Where(i => finding.Evidence.Any(piece => piece.Measure is Measure.Fault fault && fault.Entry == i))
                        .Select(i => catalogue[faults[i].Lift].Pattern)
                )
            )
            .ToHashSet();

    private static bool IsEventNear(KindInput input)
    {
        int within = BlockRules.Shipped.File.PeakWithinWeeks * 7;
        return input
            .Client.Events.Select(one => one.Date)
            .Append(input.Client.Competition)
            .Any(date => date is { } day && day.DayNumber - input.Request.Start.DayNumber is >= 0 and var days && days <= within);
    }
}

/// <summary>Whether pain that asks for a change covers squat and hinge.</summary>
public enum OpenPain
{
    /// <summary>None.</summary>
    No,

    /// <summary>At least one entry above the watch level.</summary>
    Yes,
}
