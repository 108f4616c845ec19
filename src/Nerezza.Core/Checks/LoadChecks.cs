using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks how much a block asks: sets per muscle, load on the spine, sessions that are too full
/// (docs/handbook/12-weeks-and-blocks.md).</summary>
internal static class LoadChecks
{
    private static readonly BlockKind[] SilentKinds =
    [
        BlockKind.Foundation,
        BlockKind.Deload,
        BlockKind.Test,
        BlockKind.Peak,
        BlockKind.Return,
    ];

    /// <summary>That a muscle has too much or too little in a week is said once, for the first week that it holds in.</summary>
    public static IEnumerable<Check> Muscles(BlockInReview review) => EachWeek(review).DistinctBy(check => (check.Code, check.Muscle));

    private static IEnumerable<MuscleCheck> EachWeek(BlockInReview review)
    {
        bool silent = SilentKinds.Contains(review.Block.Kind);
        foreach (MuscleLedger row in review.Ledger)
        foreach (MuscleWeek week in row.Weeks.Where(week => review.Block.Weeks[week.Week - 1].Kind is WeekKind.Load))
        {
            if (week.Sets > week.High + 1e-9)
                yield return new Check.WeeklyHigh(row.Muscle, week.Sets, week.High) { At = new CheckPlace.OfWeek(week.Week) };
            if (!silent && IsRemarked(row.Muscle, review.Context.Client) && week.Sets < week.Low - 1e-9)
                yield return new Check.WeeklyLow(row.Muscle, week.Sets, week.Low) { At = new CheckPlace.OfWeek(week.Week) };
        }
    }

    /// <summary>Low weeks are remarked for what is emphasised, and for thighs and glutes where muscle or general fitness is the goal
    /// (docs/handbook/12-weeks-and-blocks.md#weekly-hard-sets-per-muscle).</summary>
    private static bool IsRemarked(Muscle muscle, Client client) =>
        client.Emphasis.Contains(muscle)
        || (client.Goal is Goal.Muscle or Goal.General && (muscle is Muscle.Vasti or Muscle.GluteusMaximus or Muscle.Hamstrings));

    public static IEnumerable<Check> Sessions(BlockInReview review)
    {
        foreach (Week week in review.Block.Weeks)
        foreach (Session session in week.Sessions)
        foreach (Muscle muscle in Enum.GetValues<Muscle>())
            if (review.TallyOf(session).Sets[(int)muscle] is var sets && sets > WeeklySets.SessionMost + 1e-9)
                yield return new Check.SessionCap(muscle, Math.Round(sets, 6), WeeklySets.SessionMost)
                {
                    At = new CheckPlace.OfSession(week.Number, session.Day),
                    Fix = [.. SetsOff(new SessionInWeek(week.Number, session), muscle, sets - WeeklySets.SessionMost, review.Context)],
                };
    }

    /// <summary>Takes sets off from the end of the session on until no more than the excess is left; the main lift keeps its own.</summary>
    private static IEnumerable<BlockEdit> SetsOff(SessionInWeek at, Muscle muscle, double excess, CheckContext context)
    {
        foreach (PrescribedItem item in at.Session.Items.Reverse().Where(item => item.Role is not Role.Main))
        {
            if (excess <= 1e-9)
                yield break;
            double all = Ledger.HardSets(item) * WeeklySets.Count(context.Catalogue[item.Exercise], muscle, context.Counting),
                one = all / item.SetsASide;
            if (one <= 0)
                continue;
            // The weaker side's extra set stays while there is any: it is taken as one more.
            double extra = item.Sets.Count > 2 * item.SetsASide ? 1 : 0;
            int off = (int)Math.Ceiling(excess / one + extra - 1e-9);
            CellPlace place = at.Cell(item.Exercise);
            yield return off < item.SetsASide
                ? new BlockEdit.Write(place, new CellValues { Sets = item.SetsASide - off })
                : new BlockEdit.Remove(place);
            excess -= off < item.SetsASide ? (off - extra) * one : all;
        }
    }

    public static IEnumerable<Check> Axial(BlockInReview review)
    {
        (int week, int session) = WeeklySets.AxialBudget(review.Context.Client, review.Block.Start);
        foreach (WeekTotals total in review.Totals.Where(total => total.Axial > week + 1e-9))
            yield return new Check.AxialBudget(total.Axial, week) { At = new CheckPlace.OfWeek(total.Week) };
        foreach (Week one in review.Block.Weeks)
        foreach (Session day in one.Sessions)
            if (review.TallyOf(day).Axial is var load && load > session + 1e-9)
                yield return new Check.AxialBudget(load, session) { At = new CheckPlace.OfSession(one.Number, day.Day) };
    }

    /// <summary>Squats and presses hardly load the rectus femoris: an emphasis on it wants a knee extension.</summary>
    public static IEnumerable<Check> Quads(BlockInReview review)
    {
        bool wanted = review.Context.Client.Emphasis.Any(muscle => muscle is Muscle.RectusFemoris or Muscle.Vasti);
        bool there = review
            .Block.Weeks.SelectMany(week => week.Sessions)
            .SelectMany(session => session.Items)
            .Any(item => review.Context.Catalogue[item.Exercise].ShareOf(Muscle.RectusFemoris) >= 1);
        if (wanted && !there)
            yield return new Check.RectusFemorisMissing();
    }

    public static IEnumerable<Check> PushPull(BlockInReview review)
    {
        // A peak asks for one pull beside the presses that lead (docs/handbook/11-prescription.md#peak-row).
        if (review.Block.Kind is BlockKind.Peak)
            yield break;
        // Weeks of rest keep what the load weeks have, halved: they are judged by those.
        foreach (Week week in review.Block.Weeks.Where(week => week.Kind is WeekKind.Load))
        {
            (double push, double pull) = (
                week.Sessions.Sum(session => review.TallyOf(session).Push),
                week.Sessions.Sum(session => review.TallyOf(session).Pull)
            );
            if (push > 0 && (pull < push - 1e-9 || pull > CheckRules.Shipped.PullAtMost * push + 1e-9))
                yield return new Check.PushPullImbalance(pull, push) { At = new CheckPlace.OfWeek(week.Number) };
        }
    }
}
