using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks how the week lies: lunges, other training, rest of strength work, deloads (docs/handbook/11-prescription.md,
/// docs/handbook/12-weeks-and-blocks.md).</summary>
internal static class WeekChecks
{
    /// <summary>A block of five weeks and more holds a deload for intermediate and above; in a deficit or over fifty one by week
    /// four.</summary>
    public static IEnumerable<Check> Deload(BlockInReview review)
    {
        (Block block, Client client) = (review.Block, review.Context.Client);
        DeloadRule rule = BlockRules.Shipped.File.Deload;
        if (
            block.Kind is BlockKind.Deload or BlockKind.Test or BlockKind.Peak or BlockKind.Return
            || block.Weeks.Any(week => week.Kind is WeekKind.Deload or WeekKind.Peak or WeekKind.Event)
        )
            yield break;
        bool care =
            (client.AgeIn(block.Start) >= rule.CareFromAge || client.Diet is Diet.Deficit) && block.Weeks.Count >= rule.EveryWeeksWithCare;
        if (care || (client.Level is not Level.Novice && block.Weeks.Count >= rule.NeededFromWeeks))
            yield return new Check.DeloadMissing(block.Weeks.Count);
    }

    /// <summary>Lunges that leave the legs sore do not stand on consecutive lower days.</summary>
    public static IEnumerable<Check> Lunges(BlockInReview review)
    {
        ExerciseCatalogue catalogue = review.Context.Catalogue;
        List<(Week Week, Session Session, string Exercise)> sore =
        [
            .. review.Block.Weeks.SelectMany(week =>
                week.Sessions.SelectMany(session =>
                    session
                        .Items.Where(item =>
                            catalogue[item.Exercise] is { Pattern: Pattern.Lunge } exercise
                            && exercise.Soreness >= CheckRules.Shipped.HighSoreness
                        )
                        .Select(item => (week, session, item.Exercise))
                )
            ),
        ];
        foreach (((_, Session first, _), (Week week, Session second, string exercise)) in sore.Zip(sore.Skip(1)))
            if (second.Date.DayNumber - first.Date.DayNumber == 1)
                yield return new Check.LungeSpacing(exercise) { At = new CheckPlace.OfSession(week.Number, second.Day) };
    }

    /// <summary>No heavy squat or hinge on the day before hard sport, on the day of it or the day after it. A lift at RPE 6, or of two
    /// sets at
    /// RPE 7, is no heavy one (docs/handbook/09-composition.md#in-season).</summary>
    public static IEnumerable<Check> Sport(BlockInReview review) =>
        review.Block.Weeks.SelectMany(week =>
            week.Sessions.SelectMany(session => Sport(new SessionInWeek(week.Number, session), review.Context))
        );

    private static IEnumerable<Check> Sport(SessionInWeek at, CheckContext context)
    {
        double heavy = BlockRules.Shipped.File.HeavyHinge.Percent;
        AboutSportRule rule = CheckRules.Shipped.AboutSport;
        bool isHeavy = at.Session.Items.Any(item =>
            item.Role is Role.Main
            && context.Catalogue[item.Exercise].Pattern is Pattern.Squat or Pattern.Hinge
            && item.Sets.Any(set => set.Percent?.Value >= heavy && set.Rpe.Value > rule.LightRpe)
            && !(item.SetsASide <= rule.LightSets && item.Sets.All(set => set.Rpe.Value <= rule.LightSetsRpe))
        );
        if (!isHeavy)
            yield break;
        // The day before outranks the day itself and the day after (docs/handbook/12-weeks-and-blocks.md#week).
        foreach (
            (OtherTraining other, int from) in context
                .Client.OtherTraining.Where(other => other.Hard)
                .Select(other => (other, From: Weekdays.Nearest(at.Session.Day, other.Day)))
                .Where(row => row.From is -1 or 0 or 1)
                .OrderByDescending(row => row.From)
                .Take(1)
        )
            yield return new Check.SportClash(other, from) { At = at.Place };
    }
}
