using Nerezza.Core.Catalogue;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>Lays boards out as the list of clients and as the day.</summary>
public static class GlanceViews
{
    // Who logged nothing for so long has left, or does something else (assumption).
    private static readonly TimeSpan OnTheFloor = TimeSpan.FromMinutes(30);

    /// <summary>A client in the list.</summary>
    public static ClientLine Line(ListedClient client, DateOnly today)
    {
        BoardDocument? board = client.Board;
        return new ClientLine(
            client.Id,
            client.Name,
            board?.Blocks.SelectMany(block => block.Dates).Where(date => date >= today).Select(date => (DateOnly?)date).Min(),
            board?.Waiting.Count ?? 0,
            board?.Blocks.FirstOrDefault(block => today >= block.Starts && today <= block.Ends) is { } running
                ? new WeekOfBlock((today.DayNumber - running.Starts.DayNumber) / 7 + 1, running.Weeks, running.Kind)
                : null,
            board?.WeakPoint is { } weak ? new WeakPointLine(weak.Title, weak.Course, ReviewWords.Name(weak.Course)) : null,
            board?.LastSeen,
            client.IsBehind
        );
    }

    /// <summary>A day of the practice.</summary>
    /// <param name="date">Whose sessions are shown.</param>
    /// <param name="today">Whose decisions.</param>
    /// <param name="done">What was done on <paramref name="date"/>, by client.</param>
    public static DayView Day(
        IReadOnlyList<ListedClient> clients,
        DateOnly date,
        DateOnly today,
        ILookup<Guid, SetOfDay> done,
        ExerciseCatalogue catalogue,
        DateTimeOffset now
    )
    {
        var boards = clients.Where(client => client.Board is not null).Select(client => (Client: client, Board: client.Board!)).ToList();
        return new DayView(
            date,
            [
                .. from row in boards
                from session in row.Board.Sessions
                where session.Date == date
                let sets = done[row.Client.Id].ToList()
                select new DaySession(
                    row.Client.Id,
                    row.Client.Name,
                    [.. session.Items.Select(item => item.Name)],
                    session.Minutes,
                    sets.Count,
                    session.Items.Sum(item => item.Sets),
                    session.Notes,
                    AtHand(session, sets, catalogue, now)
                ),
            ],
            [
                .. from row in boards
                from one in row.Board.Waiting
                orderby one.Rank
                select new Decision(
                    row.Client.Id,
                    row.Client.Name,
                    new WaitingLine(one.Key, one.Question, one.Evidence, one.Act, one.Does, one.Opens)
                ),
            ],
            boards
                .Where(row => row.Board.Answered?.On == today)
                .OrderBy(row => row.Board.Answered!.At)
                .Select(row => new DayAnswered(
                    row.Client.Id,
                    row.Client.Name,
                    new AnsweredLine(row.Board.Answered!.Key, row.Board.Answered.On, row.Board.Answered.Until)
                ))
                .LastOrDefault(),
            clients.Count(client => client.IsBehind)
        );
    }

    private static SetAtHand? AtHand(BoardSession session, List<SetOfDay> sets, ExerciseCatalogue catalogue, DateTimeOffset now)
    {
        if (sets is not [.., var last] || now - last.LoggedAt > OnTheFloor)
            return null;
        Dictionary<string, int> done = sets.GroupBy(set => set.Exercise).ToDictionary(rows => rows.Key, rows => rows.Count());
        // What was begun goes on; else the next in the order of the session.
        BoardItem? next =
            session.Items.FirstOrDefault(item => item.Exercise == last.Exercise && Left(item) > 0)
            ?? session.Items.FirstOrDefault(item => Left(item) > 0);
        return next is null
            ? null
            : new SetAtHand(
                next.Name,
                next.Sets - Left(next) + 1,
                next.Sets,
                new LoggedBefore(catalogue[last.Exercise].Name, last.LoadKg, last.Reps, last.Rpe, last.LoggedAt)
            );
        int Left(BoardItem item) => item.Sets - done.GetValueOrDefault(item.Exercise);
    }
}
