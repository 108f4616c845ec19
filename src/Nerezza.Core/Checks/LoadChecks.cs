using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
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

    /// <summary>Every remark; that a muscle has too much or too little in a week is said once, for the first week that it holds
    /// in.</summary>
    public static IReadOnlyList<Check> Run(
        Block block,
        IReadOnlyList<MuscleLedger> ledger,
        IReadOnlyList<WeekTotals> totals,
        CheckContext context,
        Func<Session, SessionTally> tallyOf
    ) =>
        [
            .. Muscles(block, ledger).DistinctBy(check => (check.Code, check.Exercise)),
            .. Sessions(block, context, tallyOf),
            .. Axial(block, totals, context.Client, tallyOf),
            .. Quads(block, context.Client, context.Catalogue),
            .. PushPull(block, tallyOf),
        ];

    private static IEnumerable<Check> Muscles(Block block, IReadOnlyList<MuscleLedger> ledger)
    {
        bool silent = SilentKinds.Contains(block.Kind);
        foreach (MuscleLedger row in ledger)
        foreach (MuscleWeek week in row.Weeks.Where(week => block.Weeks[week.Week - 1].Kind is WeekKind.Load))
        {
            if (week.Sets > week.High + 1e-9)
                yield return new Check(
                    CheckCode.WeeklyHigh,
                    CheckSeverity.Warn,
                    week.Week,
                    null,
                    Codes.Of(row.Muscle),
                    week.Sets,
                    week.High
                );
            if (!silent && week.Sets < week.Low - 1e-9)
                yield return new Check(CheckCode.WeeklyLow, CheckSeverity.Info, week.Week, null, Codes.Of(row.Muscle), week.Sets, week.Low);
        }
    }

    private static IEnumerable<Check> Sessions(Block block, CheckContext context, Func<Session, SessionTally> tallyOf)
    {
        foreach (Week week in block.Weeks)
        foreach (Session session in week.Sessions)
        foreach (Muscle muscle in Enum.GetValues<Muscle>())
            if (tallyOf(session).Sets[(int)muscle] is var sets && sets > WeeklySets.SessionMost + 1e-9)
                yield return new Check(
                    CheckCode.SessionCap,
                    CheckSeverity.Warn,
                    week.Number,
                    session.Day,
                    Codes.Of(muscle),
                    Math.Round(sets, 6),
                    WeeklySets.SessionMost
                )
                {
                    Fix = [.. SetsOff(week.Number, session, muscle, sets - WeeklySets.SessionMost, context)],
                };
    }

    /// <summary>Takes sets off from the end of the session on until no more than the excess is left; the main lift keeps its own.</summary>
    private static IEnumerable<BlockEdit> SetsOff(int week, Session session, Muscle muscle, double excess, CheckContext context)
    {
        foreach (PrescribedItem item in session.Items.Reverse().Where(item => item.Role is not Role.Main))
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
            var place = new CellPlace(week, session.Day, item.Exercise);
            yield return off < item.SetsASide
                ? new BlockEdit.Write(place, new CellValues { Sets = item.SetsASide - off })
                : new BlockEdit.Remove(place);
            excess -= off < item.SetsASide ? (off - extra) * one : all;
        }
    }

    private static IEnumerable<Check> Axial(
        Block block,
        IReadOnlyList<WeekTotals> totals,
        Client client,
        Func<Session, SessionTally> tallyOf
    )
    {
        (int week, int session) = WeeklySets.AxialBudget(client, block.Start);
        foreach (WeekTotals total in totals.Where(total => total.Axial > week + 1e-9))
            yield return new Check(CheckCode.AxialBudget, CheckSeverity.Warn, total.Week, null, null, total.Axial, week);
        foreach (Week one in block.Weeks)
        foreach (Session day in one.Sessions)
            if (tallyOf(day).Axial is var load && load > session + 1e-9)
                yield return new Check(CheckCode.AxialBudget, CheckSeverity.Warn, one.Number, day.Day, null, load, session);
    }

    /// <summary>Squats and presses hardly load the rectus femoris: an emphasis on it wants a knee extension.</summary>
    private static IEnumerable<Check> Quads(Block block, Client client, ExerciseCatalogue catalogue)
    {
        bool wanted = client.Emphasis.Any(muscle => muscle is Muscle.RectusFemoris or Muscle.Vasti);
        bool there = block
            .Weeks.SelectMany(week => week.Sessions)
            .SelectMany(session => session.Items)
            .Any(item => catalogue[item.Exercise].ShareOf(Muscle.RectusFemoris) >= 1);
        if (wanted && !there)
            yield return new Check(CheckCode.RectusFemorisMissing, CheckSeverity.Warn);
    }

    private static IEnumerable<Check> PushPull(Block block, Func<Session, SessionTally> tallyOf)
    {
        foreach (Week week in block.Weeks)
        {
            (double push, double pull) = (
                week.Sessions.Sum(session => tallyOf(session).Push),
                week.Sessions.Sum(session => tallyOf(session).Pull)
            );
            if (push > 0 && (pull < push - 1e-9 || pull > CheckRules.Shipped.PullAtMost * push + 1e-9))
                yield return new Check(CheckCode.PushPullImbalance, CheckSeverity.Warn, week.Number, null, null, pull, push);
        }
    }
}
