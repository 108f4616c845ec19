using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks what a block as a whole holds: consent, length, patterns, the spacing of heavy hinges.</summary>
internal static class BlockChecks
{
    public static IEnumerable<Check> Guardian(BlockInReview review) =>
        Youth.Is(review.Context.Client, review.Block.Start) && !review.Context.Client.GuardianConsent ? [new Check.GuardianConsent()] : [];

    public static IEnumerable<Check> Length(BlockInReview review)
    {
        (BlockKindRule rule, int weeks) = (BlockKindRule.Of(review.Block.Kind), review.Block.Weeks.Count);
        if (weeks < rule.FewestWeeks)
            yield return new Check.BlockLength(weeks, rule.FewestWeeks);
        if (weeks > rule.MostWeeks)
            yield return new Check.BlockLength(weeks, rule.MostWeeks);
    }

    /// <summary>Kinds of work that no week holds and that no pain takes away. A split squat stands in for a squat, a thrust for a hinge
    /// (docs/handbook/12-weeks-and-blocks.md#split-by-days); presses and pulls are asked of a block for the whole body.</summary>
    public static IEnumerable<Check> Patterns(BlockInReview review)
    {
        List<Exercise> there =
        [
            .. review
                .Block.Weeks.SelectMany(week => week.Sessions)
                .SelectMany(session => session.Items)
                .Select(item => review.Context.Catalogue[item.Exercise]),
        ];
        return (HoldsUpperBody(review) ? Legs.Concat(Upper) : Legs)
            .Where(kind => !there.Exists(kind.IsOfIt) && !review.Context.Caps.Hurts(kind.Pattern))
            .Select(kind => new Check.PatternMissing(kind.Pattern));
    }

    private sealed record KindOfWork(Pattern Pattern, Predicate<Exercise> IsOfIt);

    private static readonly KindOfWork[] Legs =
    [
        new(Pattern.Squat, exercise => exercise.Pattern is Pattern.Squat or Pattern.Lunge),
        new(Pattern.Hinge, exercise => exercise.Pattern is Pattern.Hinge or Pattern.Thrust),
    ];

    private static readonly KindOfWork[] Upper = [new(Pattern.PressHorizontal, Region.IsPush), new(Pattern.PullHorizontal, Region.IsPull)];

    /// <summary>A block for the whole body in which a week has the minutes for a press and a pull beside the main lift; a test and a peak
    /// hold little besides.</summary>
    private static bool HoldsUpperBody(BlockInReview review) =>
        review.Context.Focus is BlockFocus.Whole
        && review.Block.Kind is not (BlockKind.Test or BlockKind.Peak)
        && review.Block.Weeks.Any(week => week.Sessions.Sum(session => session.MinutesGiven) >= SlotRules.Shipped.Minutes.Middle);

    /// <summary>What stands in the place of a throw is said once.</summary>
    public static IEnumerable<Check> Throws(BlockInReview review) =>
        review
            .Block.Weeks.SelectMany(week => week.Sessions, (week, session) => new SessionInWeek(week.Number, session))
            .SelectMany(at => at.Session.Items, (at, item) => (at, item))
            .Where(row => row.item.Ask.Chosen.Reason is ChosenReason.InPlaceOfThrow)
            .Take(1)
            .Select(row => new Check.NothingToThrow(row.item.Exercise, EventLoads.MostToThrow(review.Context.Client.MassKg))
            {
                At = row.at.Place,
            });

    public static IEnumerable<Check> Hinges(BlockInReview review)
    {
        ExerciseCatalogue catalogue = review.Context.Catalogue;
        HeavyHingeRule rule = BlockRules.Shipped.File.HeavyHinge;
        List<HeavyHinge> heavy =
        [
            .. review.Block.Weeks.SelectMany(week =>
                week.Sessions.SelectMany(session =>
                    session
                        .Items.Where(item =>
                            IsEvent(week, item)
                            || (
                                catalogue[item.Exercise].Pattern is Pattern.Hinge
                                && item.Sets.Any(set => set.Percent?.Value >= rule.Percent || set.Rpe.Value >= rule.Rpe)
                            )
                        )
                        .Select(item => new HeavyHinge(week, session, item))
                )
            ),
        ];
        foreach ((HeavyHinge first, HeavyHinge second) in heavy.Zip(heavy.Skip(1)))
        {
            int apart = second.Session.Date.DayNumber - first.Session.Date.DayNumber;
            if (apart <= 0 || apart >= rule.DaysApart)
                continue;
            // An event stays as it is; the hinge beside it goes lighter.
            HeavyHinge lighter = IsEvent(second.Week, second.Item) ? first : second;
            CellPlace at = new(lighter.Week.Number, lighter.Session.Day, lighter.Item.Exercise);
            yield return new Check.HingeSpacing(second.Item.Exercise, apart, rule.DaysApart)
            {
                At = new CheckPlace.OfSession(second.Week.Number, second.Session.Day),
                Fix = IsEvent(lighter.Week, lighter.Item)
                    ? []
                    : [new BlockEdit.Write(at, new CellValues { Percent = BlockRules.Shipped.File.LighterHinge.Percent })],
            };
        }
    }

    /// <summary>What answered a finding, and stands nowhere any more.</summary>
    public static IEnumerable<Check> Answers(BlockInReview review)
    {
        HashSet<FindingCode> there =
        [
            .. review.Block.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items).SelectMany(item => item.Answers),
        ];
        return review
            .Context.Answered.Where(finding => !there.Contains(finding.Code))
            .OrderByDescending(finding => finding.Severity)
            .DistinctBy(finding => finding.Code)
            .Select(finding => new Check.AnswerTakenOut(finding.Code, finding.Severity));
    }

    /// <summary>An event session counts as a heavy hinge (docs/handbook/12-weeks-and-blocks.md).</summary>
    private static bool IsEvent(Week week, PrescribedItem item) =>
        item.Reason is ChosenReason.EventWork && week.Kind is not WeekKind.Deload;

    private sealed record HeavyHinge(Week Week, Session Session, PrescribedItem Item);
}
