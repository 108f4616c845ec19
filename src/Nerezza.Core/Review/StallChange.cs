using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Review;

/// <summary>What a step against a stall changes in the running block (docs/handbook/14-review.md).</summary>
public abstract record StallChange
{
    private StallChange() { }

    /// <summary>The sets and the effort of a deload, up to a day.</summary>
    public sealed record Lighter(DateOnly Until, Rpe Most) : StallChange;

    /// <summary>The lift at other repetitions, at the effort that is planned.</summary>
    public sealed record Repetitions(int From, int To) : StallChange;

    /// <summary>Another exercise in the place of one.</summary>
    public sealed record Instead(string Exercise, string With) : StallChange;
}

/// <summary>Finds what a step changes, and writes it as edits of what is still to come.</summary>
internal static class StallChanges
{
    private static readonly StallRule Rule = ReviewRules.Shipped.Stall;
    private static readonly DeloadRule Deload = BlockRules.Shipped.File.Deload;

    /// <summary>What the next step changes; null where it is looking, or where the block leaves nothing to change.</summary>
    public static StallChange? Of(Stall stall, StoodBlock? block, DateOnly today, ExerciseCatalogue catalogue)
    {
        if (block is null || stall.Next is not { } step)
            return null;
        StallChange? change = step switch
        {
            StallStep.CheckRecovery => null,
            StallStep.Deload => new StallChange.Lighter(today.AddDays(Rule.LighterDays - 1), Rpe.Of(Deload.MostRpe)),
            StallStep.RepRange => Repetitions(catalogue[stall.Exercise], block, today),
            StallStep.Variation => Instead(stall.Exercise, block),
            StallStep.Accessory => block
                .Sessions.SelectMany(session => session.Items)
                .Where(item => item is { Role: Role.Accessory, Answers.Count: > 0 })
                .Select(item => Instead(item.Exercise, block))
                .FirstOrDefault(found => found is not null),
        };
        return change is not null && Edits(change, stall.Exercise, block, today).Any() ? change : null;
    }

    /// <summary>The edits from today on.</summary>
    public static IEnumerable<BlockEdit> Edits(StallChange change, string stalled, StoodBlock block, DateOnly today) =>
        change switch
        {
            StallChange.Lighter lighter => Ahead(block, today)
                .Where(at => at.Session.Date <= lighter.Until)
                .SelectMany(at =>
                    at.Session.Items.Where(IsWork).Select(item => Lighten(Place(at.Week, at.Session, item), item, lighter.Most))
                ),
            StallChange.Repetitions reps => Ahead(block, today)
                .SelectMany(at =>
                    at.Session.Items.Where(item => item.Exercise == stalled)
                        .Select(item => new BlockEdit.Write(
                            Place(at.Week, at.Session, item),
                            CellValues.Nothing with
                            {
                                Reps = reps.To,
                                Rpe = MostOf(item),
                            }
                        ))
                ),
            StallChange.Instead other => Ahead(block, today)
                .SelectMany(at =>
                    at.Session.Items.Where(item => item.Exercise == other.Exercise)
                        .Select(item => new BlockEdit.Replace(Place(at.Week, at.Session, item), other.With))
                ),
            _ => [],
        };

    /// <summary>Fewer where there were many, more where there were few; a pull from the floor never gets more.</summary>
    private static StallChange? Repetitions(Exercise lift, StoodBlock block, DateOnly today)
    {
        List<int> planned =
        [
            .. Ahead(block, today)
                .SelectMany(at => at.Session.Items)
                .Where(item => item.Exercise == lift.Id)
                .SelectMany(item => item.Sets)
                .Select(set => set.Reps)
                .OfType<int>(),
        ];
        if (planned.Count == 0)
            return null;
        int now = planned.Max();
        int to = now > Rule.FewReps || lift.FromFloor ? Math.Max(Rule.FewestReps, now - Rule.RepsApart) : now + Rule.RepsApart;
        return to == now ? null : new StallChange.Repetitions(now, to);
    }

    private static StallChange.Instead? Instead(string exercise, StoodBlock block) =>
        block.Substitutes.GetValueOrDefault(exercise) is { } with ? new StallChange.Instead(exercise, with) : null;

    private static BlockEdit.Write Lighten(CellPlace at, StoodItem item, Rpe limit)
    {
        // Both sides of one are counted once.
        int sets = item.Sets.Count(set => set.Side == item.Sets[0].Side);
        return new BlockEdit.Write(
            at,
            CellValues.Nothing with
            {
                Sets = (int)Math.Ceiling(sets * Deload.SetsFactor),
                Rpe = MostOf(item) > limit ? limit : null,
            }
        );
    }

    private static bool IsWork(StoodItem item) =>
        item.Sets.Count > 0 && item.Role is Role.Main or Role.Second or Role.Accessory or Role.SingleJoint or Role.Trunk or Role.Carry;

    private static Rpe? MostOf(StoodItem item) => item.Sets.Max(set => set.Rpe);

    private static IEnumerable<(int Week, StoodSession Session)> Ahead(StoodBlock block, DateOnly today) =>
        block
            .Weeks.Where(week => week.Kind is WeekKind.Load)
            .SelectMany(week => week.Sessions.Where(session => session.Date >= today).Select(session => (week.Number, session)));

    private static CellPlace Place(int week, StoodSession session, StoodItem item) => new(week, Weekdays.Of(session.Date), item.Exercise);
}
