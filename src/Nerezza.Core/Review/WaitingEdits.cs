using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Review;

/// <summary>What an answer does to the running block: from today on, in every session that holds the exercise.</summary>
public static class WaitingEdits
{
    /// <summary>The edits; empty where the answer changes no session.</summary>
    public static IReadOnlyList<BlockEdit> Of(Waiting waiting, StoodBlock block, DateOnly today) =>
        waiting switch
        {
            Waiting.Missed missed =>
            [
                .. Cells(block, session => session.Date == missed.On)
                    .Select(at => new BlockEdit.Missed(at.Week, Weekdays.Of(at.Session.Date))),
            ],
            Waiting.Unused { Work.Exercise: var id } => [.. Holding(id, block, today).Select(at => new BlockEdit.Remove(at))],
            Waiting.Rung { Move: var move } => [.. Holding(move.Exercise, block, today).Select(at => new BlockEdit.Replace(at, move.To))],
            Waiting.Stalled { Change: { } change, Stall.Exercise: var id } => [.. StallChanges.Edits(change, id, block, today)],
            _ => [],
        };

    private static IEnumerable<CellPlace> Holding(string exercise, StoodBlock block, DateOnly today) =>
        Cells(block, session => session.Date >= today && session.Items.Any(item => item.Exercise == exercise))
            .Select(at => new CellPlace(at.Week, Weekdays.Of(at.Session.Date), exercise));

    private static IEnumerable<(int Week, StoodSession Session)> Cells(StoodBlock block, Func<StoodSession, bool> isMeant) =>
        block.Weeks.SelectMany(week => week.Sessions.Where(isMeant).Select(session => (week.Number, session)));
}
