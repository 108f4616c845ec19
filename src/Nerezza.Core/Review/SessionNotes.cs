using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Review;

/// <summary>Tells what makes sessions special, from what was planned and done before them.</summary>
public sealed class SessionNotes(ReviewInput input, ClientReview review)
{
    private static readonly ReviewRules Rules = ReviewRules.Shipped;

    /// <summary>Of a session, what asks for care first.</summary>
    public IReadOnlyList<SessionNote> Of(StoodBlock block, StoodWeek week, StoodSession session) =>
        [.. Before(session), .. Due(session), .. InBlock(block, week, session)];

    private IEnumerable<SessionNote> Before(StoodSession session)
    {
        IEnumerable<PainLogged> pains = review.Pain.Where(pain =>
            pain.Score >= Rules.PainFrom && pain.Date < session.Date && pain.Date >= session.Date.AddDays(-Rules.AfterPainDays)
        );
        foreach (
            PainLogged worst in pains
                .GroupBy(pain => pain.Region)
                .Select(all => all.OrderBy(pain => pain.Score).ThenBy(pain => pain.Date).Last())
        )
            yield return new SessionNote.AfterPain(worst.Region, worst.Score, worst.Date);
        List<DateOnly> trained = [.. input.Case.Log.Where(day => day.Date < session.Date && day.Sets.Count > 0).Select(day => day.Date)];
        if (trained.Count > 0 && session.Date.DayNumber - trained.Max().DayNumber is var gap && gap >= Rules.LayOffDays)
            yield return new SessionNote.AfterLayOff(gap);
        else if (
            review.Weeks.SelectMany(one => one.Sessions).LastOrDefault(one => one.Date < session.Date) is
            { Fate: SessionFate.Missed } missed
        )
            yield return new SessionNote.AfterMiss(missed.Date);
    }

    /// <summary>A test that is due is said of the next session alone.</summary>
    private IEnumerable<SessionNote> Due(StoodSession session) =>
        input.Blocks.SelectMany(block => block.Sessions).FirstOrDefault(one => one.Date >= input.Today)?.Date == session.Date
        && review.Findings.Where(story => story.Retest?.IsDue(session.Date) is true).ToList() is { Count: > 0 } due
            ? [new SessionNote.Retest(due)]
            : [];

    private static IEnumerable<SessionNote> InBlock(StoodBlock block, StoodWeek week, StoodSession session)
    {
        if (block.Sessions.First().Date == session.Date)
            yield return new SessionNote.FirstOfBlock(block.Kind);
        else if (block.Sessions.Last().Date == session.Date)
            yield return new SessionNote.LastOfBlock();
        if (week.Kind is not WeekKind.Load)
            yield return new SessionNote.InWeek(week.Kind);
        if (
            block.Sessions.FirstOrDefault(one => Heaviest(one).Percent >= Rules.HeavyPercent)?.Date == session.Date
            && Heaviest(session) is { Percent: { } percent } top
        )
            yield return new SessionNote.FirstHeavy(top.Exercise, percent);
        foreach (StoodItem item in session.Items.Where(item => item.Sets.Any(set => set.Amrap)))
            yield return new SessionNote.ToTheLastRep(item.Exercise);
    }

    private static (string Exercise, double? Percent) Heaviest(StoodSession session) =>
        session
            .Items.SelectMany(item => item.Sets, (item, set) => (item.Exercise, set.Percent))
            .OrderBy(row => row.Percent ?? 0)
            .LastOrDefault();
}
