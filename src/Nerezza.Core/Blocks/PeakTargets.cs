using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>What main lifts are asked for before an event inside the block: sets down, intensity kept, then a last heavy time and openers
/// (docs/handbook/12-weeks-and-blocks.md#one-block-may-hold-phases, #the-last-days).</summary>
/// <param name="effort">Of the block's load weeks.</param>
/// <param name="isKnown">Whether the max of a lift is more than a guess: singles and doubles ask for one.</param>
internal sealed class PeakTargets(EffortSpan effort, Func<Exercise, bool> isKnown)
{
    private static readonly BlockKindRule Peak = BlockKindRule.Of(BlockKind.Peak);

    /// <summary>A week of peak.</summary>
    /// <param name="sets">Of a load week.</param>
    /// <param name="most">The part of the max that caution leaves.</param>
    public ItemTarget Of(ExerciseSlot track, WeekShape shape, int sets, double most)
    {
        Exercise exercise = track.Chosen.Exercise;
        RoleRule role = isKnown(exercise) ? RoleRule.Of(track.Role.Role, Aim.Peak, exercise.Pattern) : track.Role;
        RepRange range = isKnown(exercise) ? role.Reps.Overlap(exercise.Reps) ?? exercise.Reps : track.Range;
        Rpe hardest = Hardest(track);
        return new ItemTarget(
            track.Chosen,
            role,
            range,
            new WeekTarget
            {
                Sets = Fewer(sets, Peak.LeastMainSets),
                Reps = range.Middle,
                Rpe = EffortSpan.Rising(shape, Rpe.Min(Peak.FirstRpe, hardest), hardest),
                MostFraction = most,
                MostRpe = track.MostRpe,
                Kind = TargetKind.Straight,
            }
        );
    }

    /// <summary>One of the last days: heavy once more, or openers.</summary>
    public ItemTarget Last(ExerciseSlot track, WeekShape shape, int sets, double most, LastTime time)
    {
        ItemTarget week = Of(track, shape, sets, most);
        LastDaysRule rule = BlockRules.Shipped.File.LastDays;
        Rpe easy = Rpe.Min(Rpe.Of(rule.OpenerRpe), track.MostRpe);
        return time switch
        {
            LastTime.Heavy => week with { Target = week.Target with { Rpe = Hardest(track) } },
            LastTime.Openers => week with
            {
                Range = new RepRange(1, 1),
                Target = week.Target with
                {
                    Sets = rule.OpenerSets,
                    Reps = 1,
                    Rpe = easy,
                    MostRpe = easy,
                    AimFraction = rule.OpenersOfFirst * BlockRules.Shipped.File.Attempts.Usual[0],
                },
            },
        };
    }

    /// <summary>What a peak leaves of sets.</summary>
    public static int Fewer(int sets, int least) =>
        Math.Max(Math.Min(sets, least), (int)Math.Round(sets * Peak.SetsFactor, MidpointRounding.AwayFromZero));

    /// <summary>Of the middle set, so that the last one meets the cap.</summary>
    private Rpe Hardest(ExerciseSlot track) =>
        Rpe.Min(Rpe.Of(Peak.LastRpe.Value - BlockRules.Shipped.File.Effort.UnderCap), Rpe.Min(effort.Last, track.MostRpe));
}
