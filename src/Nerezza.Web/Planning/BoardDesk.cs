using Nerezza.Core.Catalogue;
using Nerezza.Core.Review;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Data.Unscoped;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>Makes what is kept of a client at a glance.</summary>
public sealed class BoardDesk(
    ClientStore clients,
    ReviewDesk reviews,
    ReviewViews views,
    PlanService desk,
    BoardWork work,
    ExerciseCatalogue catalogue
)
{
    /// <summary>Changes with the rules and with what a board says.</summary>
    public const string Version = PlanService.EngineVersion + ".1";

    // Sessions of yesterday stay for a look back, those of a week for a look ahead.
    private const int DaysBack = 2,
        DaysAhead = 8;

    private readonly SessionNoteWords _notes = new(catalogue);

    /// <summary>Makes and keeps a board that was taken.</summary>
    public async Task Make(BoardDue due, CancellationToken cancel)
    {
        DateOnly day = due.Wanted ?? desk.Today;
        ClientFile? file = await clients.Find(due.ClientId, cancel);
        BoardDocument? board = file is { Client.ArchivedAt: null } ? Of(await reviews.Of(file, day, cancel), ClientToday.Stop(file)) : null;
        await work.Keep(due, board, day, Version, cancel);
    }

    /// <summary>Makes the board of a client at once, for whoever waits for it.</summary>
    public async Task MakeNow(Guid clientId, CancellationToken cancel)
    {
        if (await work.Take(clients.PracticeId, clientId, cancel) is { } due)
            await Make(due, cancel);
    }

    private BoardDocument Of(Reviewed reviewed, string? stop)
    {
        DateOnly today = reviewed.Input.Today;
        ClientReview review = reviewed.Review;
        AnswerRow? answer = reviewed.Answers.MaxBy(one => one.At);
        return new BoardDocument
        {
            Blocks =
            [
                .. reviewed
                    .Input.Blocks.Where(block => block.Ends >= today.AddDays(-DaysBack))
                    .Select(block => new BoardBlock(
                        block.Start,
                        block.Ends,
                        block.Kind,
                        block.Weeks.Count,
                        [.. block.Sessions.Select(session => session.Date)]
                    )),
            ],
            Sessions = stop is null ? [.. Sessions(reviewed, today.AddDays(-DaysBack), today.AddDays(DaysAhead))] : [],
            WeakPoint = review.Findings.FirstOrDefault(story => story.IsOpen) is { } story
                ? new BoardFinding(FindingWords.Title(story.Finding), story.Course)
                : null,
            LastSeen = reviewed.Input.Case.Log.Where(one => one.Sets.Count > 0).Select(one => (DateOnly?)one.Date).Max(),
            Waiting = [.. reviewed.Open.Select(one => Kept(one.Rank, views.Line(one, reviewed)))],
            Answered = answer is null ? null : new BoardAnswer(answer.Key, answer.At, answer.On, answer.Until),
        };
    }

    private static BoardWaiting Kept(int rank, WaitingLine line) =>
        new(rank, line.Key, line.Question, line.Evidence, line.Act, line.Does, line.Opens);

    private IEnumerable<BoardSession> Sessions(Reviewed reviewed, DateOnly from, DateOnly until)
    {
        var notes = new SessionNotes(reviewed.Input, reviewed.Review);
        ILookup<DateOnly, SessionPart> parts = reviewed
            .Plans.SelectMany(plan => plan.Document.Block?.Weeks ?? [], (plan, week) => (plan, week))
            .SelectMany(row => row.week.Sessions, (row, session) => (row.plan, session))
            .OrderBy(row => row.plan.Starts)
            .ToLookup(row => row.session.Date, row => row.session);
        return from block in reviewed.Input.Blocks
            from week in block.Weeks
            from session in week.Sessions
            where session.Date >= @from && session.Date <= until
            orderby session.Date
            let part = parts[session.Date].Last()
            select new BoardSession(
                session.Date,
                part.Minutes,
                [
                    .. part
                        .Items.GroupBy(item => item.Exercise)
                        .Select(items => new BoardItem(items.Key, catalogue[items.Key].Name, items.Sum(item => item.Sets.Count))),
                ],
                [.. notes.Of(block, week, session).Select(_notes.Of)]
            );
    }
}
