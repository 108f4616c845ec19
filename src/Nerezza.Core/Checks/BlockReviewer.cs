using Nerezza.Core.Blocks;

namespace Nerezza.Core.Checks;

/// <summary>The ledger of a block and every remark on it.</summary>
public sealed record BlockReview(IReadOnlyList<MuscleLedger> Ledger, IReadOnlyList<WeekTotals> Totals, IReadOnlyList<Check> Checks);

/// <summary>A block with what the checks of it count on.</summary>
internal sealed record BlockInReview(
    Block Block,
    CheckContext Context,
    IReadOnlyList<MuscleLedger> Ledger,
    IReadOnlyList<WeekTotals> Totals,
    Func<Session, SessionTally> TallyOf
);

/// <summary>Counts and checks a block while it is edited: what was found of a session is kept with the session, so that an edit costs the
/// sessions that it touched.</summary>
/// <remarks>Sessions are immutable, and an edit leaves those that it does not touch the same objects. One reviewer serves one client's
/// block at a time.</remarks>
public sealed class BlockReviewer(CheckContext context)
{
    /// <summary>The checks of one session; a new one is added here. What they find is kept with the session.</summary>
    private static readonly Func<SessionInWeek, CheckContext, IEnumerable<Check>>[] OfSession =
    [
        ItemChecks.Items,
        ItemChecks.Minutes,
        OrderChecks.Order,
        OrderChecks.Loosened,
        OrderChecks.Grip,
        OrderChecks.Together,
        GrowthChecks.Twice,
        GrowthChecks.FloorPulls,
    ];

    private readonly KeptFor<SessionTally> _tallies = new();
    private readonly KeptFor<IReadOnlyList<Check>> _remarks = new();

    /// <summary>The checks of a block, in the order in which their remarks are read; a new one is added here.</summary>
    private IReadOnlyList<Func<BlockInReview, IEnumerable<Check>>> OfBlock =>
        [
            BlockChecks.Guardian,
            BlockChecks.Length,
            BlockChecks.Patterns,
            BlockChecks.Throws,
            BlockChecks.Hinges,
            WeekChecks.Deload,
            WeekChecks.Lunges,
            WeekChecks.Sport,
            SpreadChecks.Spread,
            EachSession,
            JumpChecks.Loads,
            JumpChecks.Ramp,
            LoadChecks.Muscles,
            LoadChecks.Sessions,
            LoadChecks.Axial,
            LoadChecks.Quads,
            LoadChecks.PushPull,
            BlockChecks.Answers,
            GrowthChecks.Light,
            GrowthChecks.Standing,
            GrowthChecks.Minutes,
        ];

    /// <summary>The ledger and the remarks, in the order of the weeks.</summary>
    public BlockReview Review(Block block)
    {
        _tallies.Turn();
        _remarks.Turn();
        var ledger = new Ledger(context, Tally);
        var review = new BlockInReview(block, context, ledger.Of(block), ledger.Totals(block), Tally);
        return new BlockReview(review.Ledger, review.Totals, [.. OfBlock.SelectMany(check => check(review)).Select(AsLeft)]);
    }

    /// <summary>What the plan as made could not mend is named, while it stands just so.</summary>
    private Check AsLeft(Check check) =>
        check.Severity is CheckSeverity.Warn && context.Left.Count > 0 && context.Left.Contains(check with { Fix = [] })
            ? check with
            {
                HasNoMend = true,
            }
            : check;

    private SessionTally Tally(Session session) => _tallies.Of(session, () => SessionTally.Of(session, context));

    private IEnumerable<Check> EachSession(BlockInReview review) =>
        review
            .Block.Weeks.SelectMany(week => week.Sessions.SelectMany(session => Remarks(new SessionInWeek(week.Number, session))))
            .DistinctBy(check => check.SaidOnceBy);

    // A session has a date: the same one never stands in two weeks, so that what was found of it names its week rightly.
    private IReadOnlyList<Check> Remarks(SessionInWeek at) =>
        _remarks.Of(at.Session, () => [.. OfSession.SelectMany(check => check(at, context))]);

    /// <summary>What was found of a session, kept while it stands in the block.</summary>
    private sealed class KeptFor<T>
    {
        private Dictionary<Session, T> _before = [],
            _now = [];

        /// <summary>Begins a new review: what it does not ask for again is forgotten after the next.</summary>
        public void Turn() => (_before, _now) = (_now, new Dictionary<Session, T>(ReferenceEqualityComparer.Instance));

        public T Of(Session session, Func<T> find)
        {
            if (_now.TryGetValue(session, out T? found))
                return found;
            if (!_before.TryGetValue(session, out found))
                found = find();
            return _now[session] = found;
        }
    }
}
