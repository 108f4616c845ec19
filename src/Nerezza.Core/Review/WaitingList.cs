using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Review;

/// <summary>What the desk knows besides the review.</summary>
public sealed record DeskFacts
{
    /// <summary>The open referral; null where none is.</summary>
    public Referral? Referral { get; init; }

    /// <summary>Number and fingerprint of the facts where the plan in force rests on older ones; null where it is up to date.</summary>
    public (int Number, string Inputs)? OutOfDate { get; init; }

    /// <summary>What the lifter wrote and nobody has read; null where nothing is.</summary>
    public Waiting.Notes? Notes { get; init; }

    /// <summary>Findings with the coach's word on them.</summary>
    public IReadOnlyList<ReviewedFinding> Reviewed { get; init; } = [];
}

/// <summary>Everything that waits for the coach, what cannot wait first (docs/handbook/14-review.md).</summary>
public sealed class WaitingList(ExerciseCatalogue catalogue)
{
    private static readonly ReviewRules Rules = ReviewRules.Shipped;

    /// <summary>In order.</summary>
    public IReadOnlyList<Waiting> Of(ReviewInput input, ClientReview review, DeskFacts desk)
    {
        if (desk.Referral is { Level: ReferralLevel.Stop })
            return [new Waiting.Clearance(ReferralLevel.Stop), .. Written(desk)];
        IEnumerable<Waiting> all =
        [
            .. Safety(input, review, desk),
            .. Written(desk),
            .. Plans(input, review, desk),
            .. Training(input, review),
            .. Retests(input, review),
            .. Unjudged(input, desk),
        ];
        return [.. all.OrderBy(one => one.Rank)];
    }

    private static IEnumerable<Waiting> Safety(ReviewInput input, ClientReview review, DeskFacts desk)
    {
        if (desk.Referral is { } referral)
            yield return new Waiting.Clearance(referral.Level);
        if (Youth.Is(input.Case.Client, input.Today) && !input.Case.Client.GuardianConsent)
            yield return new Waiting.Consent();
        DateOnly from = input.Today.AddDays(-Rules.MissedWithinDays);
        foreach (
            PainLogged worst in review
                .Pain.Where(pain => pain.Date >= from && pain.Score >= Rules.PainFrom)
                .GroupBy(pain => pain.Region)
                .Select(pains => pains.OrderByDescending(pain => pain.Date).ThenByDescending(pain => pain.Score).First())
        )
            yield return new Waiting.PainRose(worst.Region, worst.Score, worst.Date, worst.Exercise);
    }

    private static IEnumerable<Waiting> Written(DeskFacts desk) => desk.Notes is { } notes ? [notes] : [];

    private static IEnumerable<Waiting> Plans(ReviewInput input, ClientReview review, DeskFacts desk)
    {
        if (input.Blocks.Count == 0)
        {
            yield return new Waiting.FirstBlock();
            yield break;
        }
        if (desk.OutOfDate is { } old)
            yield return new Waiting.OutOfDate(old.Number, old.Inputs);
        StoodBlock last = input.Blocks[^1];
        DateOnly ends = last.Sessions.Select(session => session.Date).DefaultIfEmpty(last.Ends).Max();
        if (ends <= input.Today.AddDays(Rules.EndsWithinDays))
            yield return new Waiting.BlockEnds(last.Number, last.Start, ends, Untested(input, review, last));
    }

    /// <summary>Maxes are due at the end of a block (docs/handbook/14-review.md); not of who is young or hurt.</summary>
    private static IReadOnlyList<string> Untested(ReviewInput input, ClientReview review, StoodBlock block) =>
        Youth.Is(input.Case.Client, input.Today) || input.Case.Pain.Count > 0
            ? []
            :
            [
                .. review
                    .Lifts.Where(lift => lift is { IsMain: true, Side: null })
                    .Select(lift => lift.Exercise)
                    .Where(lift =>
                        !input.Case.Log.Any(day => day.Date >= block.Start && day.Sets.Any(set => set.Exercise == lift && set.Amrap))
                    ),
            ];

    private IEnumerable<Waiting> Training(ReviewInput input, ClientReview review)
    {
        DateOnly? block = input.Running?.Start;
        DateOnly from = input.Today.AddDays(-Rules.MissedWithinDays);
        foreach (WeekDone week in review.Weeks)
        foreach (
            SessionDone missed in week.Sessions.Where(one =>
                one.Fate is SessionFate.Missed && one.Date >= from && input.Running?.IsOn(one.Date) is true
            )
        )
            yield return new Waiting.Missed(missed.Date, week.Sessions.Count(one => one.Fate is SessionFate.Missed));
        foreach (Stall stall in review.Stalls.Where(stall => stall.Next is not null))
            yield return new Waiting.Stalled(stall, block, StallChanges.Of(stall, input.Running, input.Today, catalogue));
        foreach (LadderMove move in review.Ladders)
            yield return new Waiting.Rung(move);
        foreach (MaxMoved moved in review.Moved)
            yield return new Waiting.Moved(moved, block);
        foreach (UnusedWork work in review.Unused)
            yield return new Waiting.Unused(work, block);
    }

    /// <summary>One screen answers them all.</summary>
    private static IEnumerable<Waiting> Retests(ReviewInput input, ClientReview review) =>
        review.Findings.Where(story => story.Retest?.IsDue(input.Today) is true).OrderBy(story => story.Retest!.From).ToList()
            is { Count: > 0 } due
            ? [new Waiting.Retest(due)]
            : [];

    private static IEnumerable<Waiting> Unjudged(ReviewInput input, DeskFacts desk)
    {
        List<Finding> open =
        [
            .. desk.Reviewed.Where(row => row.Verdict is null && row.Finding.Code is not FindingCode.Refer).Select(row => row.Finding),
        ];
        if (open.Count > 0)
            yield return new Waiting.Unjudged(open, input.Case.ScreenedOn);
    }
}
