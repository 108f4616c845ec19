using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks how much a block asks: sets per muscle, load on the spine, sessions that are too full (handbook 12).</summary>
internal static class LoadChecks
{
    private static readonly BlockKind[] SilentKinds = [BlockKind.Foundation, BlockKind.Deload, BlockKind.Test, BlockKind.Peak, BlockKind.Return];

    /// <summary>Every remark; one of a muscle is said once, for the first week that it holds in.</summary>
    public static IReadOnlyList<Check> Run(Block block, IReadOnlyList<MuscleLedger> ledger, IReadOnlyList<WeekTotals> totals, CheckContext context, Func<Session, SessionTally> tallyOf) =>
        [.. Muscles(block, ledger).DistinctBy(check => (check.Code, check.Exercise)), .. Sessions(ledger).DistinctBy(check => check.Exercise), .. Axial(block, totals, context.Client, tallyOf), .. Quads(block, context.Client, context.Catalogue), .. PushPull(block, tallyOf)];

    private static IEnumerable<Check> Muscles(Block block, IReadOnlyList<MuscleLedger> ledger)
    {
        bool silent = SilentKinds.Contains(block.Kind);
        foreach (MuscleLedger row in ledger)
            foreach (MuscleWeek week in row.Weeks.Where(week => block.Weeks[week.Week - 1].Kind is WeekKind.Load))
            {
                if (week.Sets > week.High + 1e-9) yield return new Check(CheckCode.WeeklyHigh, CheckSeverity.Warn, week.Week, null, Codes.Of(row.Muscle), week.Sets, week.High);
                if (!silent && week.Sets < week.Low - 1e-9) yield return new Check(CheckCode.WeeklyLow, CheckSeverity.Info, week.Week, null, Codes.Of(row.Muscle), week.Sets, week.Low);
            }
    }

    private static IEnumerable<Check> Sessions(IReadOnlyList<MuscleLedger> ledger) => ledger
        .SelectMany(row => row.Weeks.Where(week => week.MostInSession > WeeklySets.SessionMost + 1e-9)
            .Select(week => new Check(CheckCode.SessionCap, CheckSeverity.Warn, week.Week, null, Codes.Of(row.Muscle), week.MostInSession, WeeklySets.SessionMost)));

    private static IEnumerable<Check> Axial(Block block, IReadOnlyList<WeekTotals> totals, Client client, Func<Session, SessionTally> tallyOf)
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
        bool there = block.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items).Any(item => catalogue[item.Exercise].ShareOf(Muscle.RectusFemoris) >= 1);
        if (wanted && !there) yield return new Check(CheckCode.RectusFemorisMissing, CheckSeverity.Warn);
    }

    private static IEnumerable<Check> PushPull(Block block, Func<Session, SessionTally> tallyOf)
    {
        foreach (Week week in block.Weeks)
        {
            (double push, double pull) = (week.Sessions.Sum(session => tallyOf(session).Push), week.Sessions.Sum(session => tallyOf(session).Pull));
            if (push > 0 && (pull < push - 1e-9 || pull > CheckRules.Shipped.PullAtMost * push + 1e-9))
                yield return new Check(CheckCode.PushPullImbalance, CheckSeverity.Warn, week.Number, null, null, pull, push);
        }
    }
}
