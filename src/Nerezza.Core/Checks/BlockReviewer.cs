using Nerezza.Core.Blocks;

namespace Nerezza.Core.Checks;

/// <summary>The ledger of a block and every remark on it.</summary>
public sealed record BlockReview(IReadOnlyList<MuscleLedger> Ledger, IReadOnlyList<WeekTotals> Totals, IReadOnlyList<Check> Checks);

/// <summary>Counts and checks a block while it is edited: what was found of a session is kept with the session, so that an edit costs the
/// sessions that it touched.</summary>
/// <remarks>Sessions are immutable, and an edit leaves those that it does not touch the same objects. One reviewer serves one client's
/// block at a time.</remarks>
public sealed class BlockReviewer(CheckContext context)
{
    private readonly KeptFor<SessionTally> _tallies = new(session => SessionTally.Of(session, context));
    private readonly KeptFor<IReadOnlyList<Check>> _remarks = new(session =>
        [.. ItemChecks.Run(session, context), .. OrderChecks.Run(session, context)]
    );

    /// <summary>The ledger and the remarks, in the order of the weeks.</summary>
    public BlockReview Review(Block block)
    {
        _tallies.Turn();
        _remarks.Turn();
        var ledger = new Ledger(context, _tallies.Of);
        IReadOnlyList<MuscleLedger> rows = ledger.Of(block);
        IReadOnlyList<WeekTotals> totals = ledger.Totals(block);
        return new BlockReview(
            rows,
            totals,
            [
                .. BlockChecks.Run(block, context),
                .. WeekChecks.Run(block, context),
                .. SpreadChecks.Run(block, context, _tallies.Of),
                .. block
                    .Weeks.SelectMany(week =>
                        week.Sessions.SelectMany(session =>
                            _remarks
                                .Of(session)
                                .Select(check =>
                                    check with
                                    {
                                        Week = week.Number,
                                        Day = session.Day,
                                        Fix = [.. check.Fix.Select(edit => edit.In(week.Number))],
                                    }
                                )
                        )
                    )
                    .DistinctBy(Said),
                .. JumpChecks.Run(block, context),
                .. LoadChecks.Run(block, rows, totals, context, _tallies.Of),
            ]
        );
    }

    /// <summary>What holds of an exercise in every week is said once.</summary>
    private static object Said(Check check) =>
        check.Code is CheckCode.EquipmentMissing or CheckCode.RungLocked or CheckCode.PainConflict or CheckCode.LoadNotLoadable
            ? (check.Code, check.Exercise)
            : check;

    /// <summary>What was found of a session, kept while it stands in the block.</summary>
    private sealed class KeptFor<T>(Func<Session, T> find)
    {
        private Dictionary<Session, T> _before = [],
            _now = [];

        /// <summary>Begins a new review: what it does not ask for again is forgotten after the next.</summary>
        public void Turn() => (_before, _now) = (_now, new Dictionary<Session, T>(ReferenceEqualityComparer.Instance));

        public T Of(Session session)
        {
            if (_now.TryGetValue(session, out T? found))
                return found;
            if (!_before.TryGetValue(session, out found))
                found = find(session);
            return _now[session] = found;
        }
    }
}
