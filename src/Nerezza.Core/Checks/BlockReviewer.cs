using System.Runtime.CompilerServices;
using Nerezza.Core.Blocks;

namespace Nerezza.Core.Checks;

/// <summary>The ledger of a block and every remark on it.</summary>
public sealed record BlockReview(IReadOnlyList<MuscleLedger> Ledger, IReadOnlyList<WeekTotals> Totals, IReadOnlyList<Check> Checks);

/// <summary>Counts and checks a block while it is edited: what was found of a session is kept with the session, so that an edit costs the sessions that it touched.</summary>
/// <remarks>Sessions are immutable, and an edit leaves those that it does not touch the same objects. One reviewer serves one client's block at a time.</remarks>
public sealed class BlockReviewer(CheckContext context)
{
    private readonly ConditionalWeakTable<Session, SessionTally> _tallies = [];
    private readonly ConditionalWeakTable<Session, IReadOnlyList<Check>> _remarks = [];

    /// <summary>The ledger and the remarks, in the order of the weeks.</summary>
    public BlockReview Review(Block block)
    {
        var ledger = new Ledger(context, TallyOf);
        IReadOnlyList<MuscleLedger> rows = ledger.Of(block);
        IReadOnlyList<WeekTotals> totals = ledger.Totals(block);
        return new BlockReview(rows, totals,
        [
            .. BlockChecks.Run(block, context),
            .. WeekChecks.Run(block, context),
            .. SpreadChecks.Run(block, context, TallyOf),
            .. block.Weeks.SelectMany(week => week.Sessions.SelectMany(session => RemarksOn(session).Select(check => check with { Week = week.Number, Day = session.Day, Fix = [.. check.Fix.Select(edit => edit.In(week.Number))] }))).DistinctBy(Said),
            .. JumpChecks.Run(block, context),
            .. LoadChecks.Run(block, rows, totals, context, TallyOf),
        ]);
    }

    /// <summary>What holds of an exercise in every week is said once.</summary>
    private static object Said(Check check) => check.Code is CheckCode.EquipmentMissing or CheckCode.RungLocked or CheckCode.PainConflict or CheckCode.LoadNotLoadable ? (check.Code, check.Exercise) : check;

    private SessionTally TallyOf(Session session) => _tallies.GetValue(session, one => SessionTally.Of(one, context));

    private IReadOnlyList<Check> RemarksOn(Session session) => _remarks.GetValue(session, one => [.. ItemChecks.Run(one, context), .. OrderChecks.Run(one, context)]);
}
