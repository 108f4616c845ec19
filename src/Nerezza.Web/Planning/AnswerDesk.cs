using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Review;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>Does what an answer says: accepts findings, makes a version of the block. What it changed is kept with it, so that it can be
/// taken back.</summary>
public sealed class AnswerDesk(PlanStore plans, AnswerStore answers, PlanService desk)
{
    /// <summary>Whether one key does it; else the coach's hand is needed where it opens.</summary>
    public static bool Does(Waiting waiting) =>
        waiting
            is Waiting.Unjudged
                or Waiting.OutOfDate
                or Waiting.Unused
                or Waiting.Rung
                or Waiting.Moved
                or Waiting.Stalled
                or Waiting.Missed;

    /// <summary>Does it, without saving yet.</summary>
    public async Task<AnswerDone?> Do(Waiting waiting, ClientFile file, Reviewed reviewed, CancellationToken cancel)
    {
        if (waiting is Waiting.Unjudged { Findings: var found })
        {
            Accept(file.Client, found);
            return new AnswerDone(null, [.. found.Select(one => new AcceptedFinding(one.Code, one.Cause))]);
        }
        if (await plans.On(file.Client.Id, reviewed.Input.Today, cancel) is not { } plan)
            return null;
        PlanRow? next = waiting switch
        {
            Waiting.OutOfDate => desk.Make(
                file,
                reviewed.Log,
                new PlanRequest
                {
                    Start = plan.Starts,
                    Kind = plan.Inputs.Block!.Kind,
                    Weeks = plan.Inputs.Block.Weeks,
                    Focus = plan.Inputs.Block.Focus,
                },
                plan,
                await plans.On(file.Client.Id, plan.Starts.AddDays(-1), cancel),
                await plans.NextNumber(file.Client.Id, cancel)
            ),
            Waiting.Unused or Waiting.Rung or Waiting.Missed when EditsOf(waiting, plan, reviewed.Input.Today) is { Count: > 0 } edits =>
                desk.Edited(plan, file, reviewed.Log, [.. plan.Edits, .. edits], await plans.NextNumber(file.Client.Id, cancel)),
            _ => null,
        };
        if (next is null)
            return null;
        answers.With(next);
        return new AnswerDone(plan.Number, []);
    }

    /// <summary>Takes back what an answer did, without saving yet.</summary>
    public async Task Undo(AnswerDone done, ClientFile file, ClientLog log, CancellationToken cancel)
    {
        if (done.Accepted.Count > 0)
            file.Client.Observed = file.Client.Observed with
            {
                Decisions =
                [
                    .. (file.Client.Observed.Decisions ?? []).Where(one =>
                        one.Verdict is not Verdict.Accepted || !done.Accepted.Contains(new AcceptedFinding(one.Code, one.Cause))
                    ),
                ],
            };
        if (done.PlanBefore is { } number && await plans.Version(file.Client.Id, number, cancel) is { } before)
            answers.With(desk.Edited(before, file, log, before.Edits, await plans.NextNumber(file.Client.Id, cancel)));
    }

    private static void Accept(ClientRow client, IReadOnlyList<Finding> found) =>
        client.Observed = client.Observed with
        {
            Decisions =
            [
                .. (client.Observed.Decisions ?? []).Where(one => !found.Any(other => other.Code == one.Code && other.Cause == one.Cause)),
                .. found.Select(one => new FindingDecision(one.Code, one.Cause, Verdict.Accepted, "", null, null)),
            ],
        };

    /// <summary>The edits of every session from today on that holds the exercise; of a missed session, that it was missed.</summary>
    private static IReadOnlyList<EditSection> EditsOf(Waiting waiting, PlanRow plan, DateOnly today)
    {
        IEnumerable<(WeekPart Week, SessionPart Session)> sessions = plan.Document.Block!.Weeks.SelectMany(week =>
            week.Sessions.Select(session => (week, session))
        );
        IEnumerable<(WeekPart Week, SessionPart Session)> Holding(string exercise) =>
            sessions.Where(row => row.Session.Date >= today && row.Session.Items.Any(item => item.Exercise == exercise));
        return waiting switch
        {
            Waiting.Missed missed =>
            [
                .. sessions
                    .Where(row => row.Session.Date == missed.On)
                    .Select(row => new EditSection
                    {
                        Kind = EditKind.Missed,
                        Week = row.Week.Number,
                        Day = row.Session.Day,
                    }),
            ],
            Waiting.Unused { Work.Exercise: var id } =>
            [
                .. Holding(id)
                    .Select(row => new EditSection
                    {
                        Kind = EditKind.Remove,
                        Week = row.Week.Number,
                        Day = row.Session.Day,
                        Exercise = id,
                    }),
            ],
            Waiting.Rung { Move: var move } =>
            [
                .. Holding(move.Exercise)
                    .Select(row => new EditSection
                    {
                        Kind = EditKind.Replace,
                        Week = row.Week.Number,
                        Day = row.Session.Day,
                        Exercise = move.Exercise,
                        With = move.To,
                    }),
            ],
            _ => [],
        };
    }
}
