using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Review;
using Nerezza.Core.Screening.Safety;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Planning;

/// <summary>A client reviewed, with what a view or an answer needs of it.</summary>
/// <param name="All">Everything that waits, answered or not.</param>
public sealed record Reviewed(ReviewInput Input, ClientReview Review, ClientLog Log, Referral? Referral, IReadOnlyList<Waiting> All)
{
    /// <summary>The answers given, the first first.</summary>
    public required IReadOnlyList<AnswerRow> Answers { get; init; }

    /// <summary>The plans that stand, first to last.</summary>
    public required IReadOnlyList<PlanRow> Plans { get; init; }

    /// <summary>The last plan that stands; null before the first.</summary>
    public PlanRow? Last => Plans.Count > 0 ? Plans[^1] : null;

    /// <summary>Exercises that the next block credits, because their finding has closed.</summary>
    public IReadOnlyList<string> Worked => BlockEnd.Worked(Input, Review);

    /// <summary>What nobody answered, or what was put off until today.</summary>
    public IEnumerable<Waiting> Open =>
        All.Where(waiting => !Answers.Any(answer => answer.Key == waiting.Key && (answer.Until is not { } day || day > Input.Today)));
}

/// <summary>Puts a client's review together from rows.</summary>
public sealed class ReviewDesk(OwnCatalogue own, PlanStore plans, LogStore log, AnswerStore answers, SharingStore sharing, PlanService desk)
{
    /// <summary>The review on a day.</summary>
    public async Task<Reviewed> Of(ClientFile file, DateOnly today, CancellationToken cancel)
    {
        IReadOnlyList<PlanRow> stood = await plans.StandingSince(file.Client.Id, Reviewer.LookBack(today), cancel);
        ClientLog done = await log.Of(file.Client.Id, cancel);
        IReadOnlyList<AnswerRow> given = await answers.Of(file.Client.Id, cancel);
        var input = new ReviewInput
        {
            Case = CaseAssembly.ToCase(file, done, new BlockSection { Start = today }) with { Decisions = CaseAssembly.Decisions(file) },
            Blocks =
            [
                .. stood
                    .Select((row, i) => StoodMapping.ToStood(row.Document, SpanOf(row), i + 1 < stood.Count ? stood[i + 1].Starts : null))
                    .OfType<StoodBlock>(),
            ],
            Today = today,
            Times = [.. done.Times],
            Steps =
            [
                .. given.Where(answer => answer.Until is null).Select(answer => StepTaken.Of(answer.Key, answer.On)).OfType<StepTaken>(),
            ],
        };
        ClientReview review = new Reviewer(own.All).Of(input);
        Referral? referral = ClientToday.Referral(file);
        PlanRow? running = stood.LastOrDefault(row => row.Starts <= today) ?? (stood.Count > 0 ? stood[0] : null);
        var facts = new DeskFacts
        {
            Referral = referral,
            OutOfDate =
                running is not null && PlanService.IsOutOfDate(running, file)
                    ? (running.Number, CaseAssembly.InputsHash(CaseAssembly.Facts(file, null), file)[..8])
                    : null,
            Notes = await sharing.Unread(file.Client.Id, cancel) is { } unread
                ? new Waiting.Notes(unread.Count, unread.Newest.Text, unread.Newest.At)
                : null,
            Reviewed = desk.Review(file, done),
        };
        return new Reviewed(input, review, done, referral, new WaitingList(own.All).Of(input, review, facts))
        {
            Answers = given,
            Plans = stood,
        };
    }

    private static PlanSpan SpanOf(PlanRow row) => new(row.Number, row.Starts, row.Ends);
}
