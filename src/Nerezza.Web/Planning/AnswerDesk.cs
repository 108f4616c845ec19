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
                or Waiting.Missed
                or Waiting.BlockEnds;

    /// <summary>Does it, without saving yet.</summary>
    public async Task<AnswerDone?> Do(Waiting waiting, ClientFile file, Reviewed reviewed, CancellationToken cancel)
    {
        if (waiting is Waiting.Unjudged { Findings: var found })
        {
            Accept(file.Client, found);
            return new AnswerDone(null, [.. found.Select(one => new AcceptedFinding(one.Code, one.Cause))]);
        }
        if (waiting is Waiting.BlockEnds)
            return await MakeNext(file, reviewed, cancel);
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
                await plans.NextNumber(file.Client.Id, cancel),
                plan.Inputs.Block.Worked ?? []
            ),
            _ when reviewed.Input.Running is { } block && WaitingEdits.Of(waiting, block, reviewed.Input.Today) is { Count: > 0 } edits =>
                desk.Edited(
                    plan,
                    file,
                    reviewed.Log,
                    [.. plan.Edits, .. edits.Select(EditMapping.ToSection)],
                    await plans.NextNumber(file.Client.Id, cancel)
                ),
            _ => null,
        };
        if (next is null)
            return null;
        answers.With(next);
        return new AnswerDone(plan.Number, []);
    }

    /// <summary>The block that follows the last one, as it was shown beside it.</summary>
    private async Task<AnswerDone?> MakeNext(ClientFile file, Reviewed reviewed, CancellationToken cancel)
    {
        if (reviewed.Last is not { } last)
            return null;
        var request = new PlanRequest { Start = PlanService.StartAfter(last, reviewed.Input.Today) };
        PlanRow next = desk.Make(file, reviewed.Log, request, null, last, await plans.NextNumber(file.Client.Id, cancel), reviewed.Worked);
        answers.With(next);
        return new AnswerDone(null, [], next.Number);
    }

    /// <summary>Takes back what an answer did, without saving yet; false where something was built on it since.</summary>
    public async Task<bool> Undo(AnswerDone done, ClientFile file, ClientLog log, CancellationToken cancel)
    {
        if (done.NextBlock is { } made && !await TakeBack(made, file, log, cancel))
            return false;
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
        return true;
    }

    /// <summary>A block that was trained or changed stays.</summary>
    private async Task<bool> TakeBack(int number, ClientFile file, ClientLog log, CancellationToken cancel) =>
        await plans.Version(file.Client.Id, number, cancel) is not { } made
        || (
            !log.Days.Any(day => day.Date >= made.Starts && day.Sets.Count > 0)
            && await plans.TakeBack(file.Client.Id, number, desk.Now, cancel)
        );

    private static void Accept(ClientRow client, IReadOnlyList<Finding> found) =>
        client.Observed = client.Observed with
        {
            Decisions =
            [
                .. (client.Observed.Decisions ?? []).Where(one => !found.Any(other => other.Code == one.Code && other.Cause == one.Cause)),
                .. found.Select(one => new FindingDecision(one.Code, one.Cause, Verdict.Accepted, "", null, null)),
            ],
        };
}
