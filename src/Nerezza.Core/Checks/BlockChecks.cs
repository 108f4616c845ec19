using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Runs the checks over a block.</summary>
internal static class BlockChecks
{
    /// <summary>Every remark, in the order of the weeks.</summary>
    public static IReadOnlyList<Check> Run(Block block, CheckContext context) =>
        [.. Guardian(block, context.Client), .. Length(block), .. Patterns(block, context.Catalogue), .. Hinges(block, context.Catalogue)];

    private static IEnumerable<Check> Guardian(Block block, Client client) =>
        Youth.Is(client, block.Start) && !client.GuardianConsent ? [new Check(CheckCode.GuardianConsent, CheckSeverity.Stop)] : [];

    private static IEnumerable<Check> Length(Block block)
    {
        BlockKindRule rule = BlockKindRule.Of(block.Kind);
        if (block.Weeks.Count < rule.FewestWeeks)
            yield return new Check(CheckCode.BlockLength, CheckSeverity.Info, Value: block.Weeks.Count, Limit: rule.FewestWeeks);
        if (block.Weeks.Count > rule.MostWeeks)
            yield return new Check(CheckCode.BlockLength, CheckSeverity.Info, Value: block.Weeks.Count, Limit: rule.MostWeeks);
    }

    private static IEnumerable<Check> Patterns(Block block, ExerciseCatalogue catalogue)
    {
        // A split squat stands in for a squat, a thrust for a hinge (docs/handbook/12-weeks-and-blocks.md).
        HashSet<Pattern> there =
        [
            .. block
                .Weeks.SelectMany(week => week.Sessions)
                .SelectMany(session => session.Items)
                .Select(item => catalogue[item.Exercise].Pattern),
        ];
        if (!there.Overlaps([Pattern.Squat, Pattern.Lunge]))
            yield return new Check(CheckCode.PatternMissing, CheckSeverity.Warn, Exercise: Measures.Codes.Of(Pattern.Squat));
        if (!there.Overlaps([Pattern.Hinge, Pattern.Thrust]))
            yield return new Check(CheckCode.PatternMissing, CheckSeverity.Warn, Exercise: Measures.Codes.Of(Pattern.Hinge));
    }

    private static IEnumerable<Check> Hinges(Block block, ExerciseCatalogue catalogue)
    {
        HeavyHingeRule rule = BlockRules.Shipped.File.HeavyHinge;
        List<HeavyHinge> heavy =
        [
            .. block.Weeks.SelectMany(week =>
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
            yield return new Check(
                CheckCode.HingeSpacing,
                CheckSeverity.Warn,
                second.Week.Number,
                second.Session.Day,
                second.Item.Exercise,
                apart,
                rule.DaysApart
            )
            {
                Fix = IsEvent(lighter.Week, lighter.Item)
                    ? []
                    : [new BlockEdit.Write(at, new CellValues { Percent = BlockRules.Shipped.File.LighterHinge.Percent })],
            };
        }
    }

    /// <summary>An event session counts as a heavy hinge (docs/handbook/12-weeks-and-blocks.md).</summary>
    private static bool IsEvent(Week week, PrescribedItem item) =>
        item.Reason is ChosenReason.EventWork && week.Kind is not WeekKind.Deload;

    private sealed record HeavyHinge(Week Week, Session Session, PrescribedItem Item);
}
