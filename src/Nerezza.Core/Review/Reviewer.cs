using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Review;

/// <summary>Reviews a client: a function of case, plans and log. The same log in another order of writing gives the same review.</summary>
public sealed class Reviewer(ExerciseCatalogue catalogue)
{
    /// <summary>A block that ended before this day says nothing in a review.</summary>
    public static DateOnly LookBack(DateOnly today) =>
        today.AddDays(-7 * ReviewRules.Shipped.LookBackWeeks - ReviewRules.Shipped.TrendDays);

    /// <summary>The review on a day.</summary>
    public ClientReview Of(ReviewInput input)
    {
        ClientCase @case = input.Case with { Log = [.. input.Case.Log.Where(day => day.Date <= input.Today).OrderBy(day => day.Date)] };
        input = input with { Case = @case };
        var maxes = MaxEstimates.Of(@case.Client, catalogue, @case.Strength, @case.Log, input.Today);
        IReadOnlyList<FindingStory> findings = new FindingStories(@case, catalogue, maxes, input.Today).All();
        var stories = new LiftStories(input, catalogue, maxes);
        IReadOnlyList<LiftStory> lifts = stories.All();
        var done = new TrainingDone(input, catalogue, maxes);
        return new ClientReview
        {
            Today = input.Today,
            Findings = findings,
            Lifts = lifts,
            Marks = stories.Marks(),
            Bias = maxes.Bias,
            Weeks = done.Weeks(),
            Effort = done.Effort,
            Pain = done.Pain(),
            Stalls = new Stalls(input, maxes, done.Effort).Of(lifts),
            Ladders = new LadderMoves(input, catalogue).All(),
            Return = new ReturnTable(input).Rows(findings, lifts),
            Unused = [.. UnusedIn(input)],
            Moved = [.. MovedIn(input, maxes, lifts)],
        };
    }

    private static IEnumerable<UnusedWork> UnusedIn(ReviewInput input)
    {
        if (input.Running is not { } block)
            return [];
        ILookup<DateOnly, LogDay> log = input.Case.Log.ToLookup(day => day.Date);
        UnusedRule rule = ReviewRules.Shipped.Unused;
        return block
            .Sessions.Where(session => session.Date < input.Today && log[session.Date].Any(day => day.Sets.Count > 0))
            .SelectMany(session =>
                session
                    .Items.Where(item => item.Role is Role.Accessory or Role.SingleJoint or Role.Trunk or Role.Carry)
                    .Select(item => (item.Exercise, Done: log[session.Date].Any(day => day.Sets.Any(set => set.Exercise == item.Exercise))))
            )
            .GroupBy(row => row.Exercise)
            .Select(rows => new UnusedWork(rows.Key, rows.Count(row => row.Done), rows.Count()))
            .Where(row => row.Of >= rule.Sessions && row.Done <= row.Of * rule.Part);
    }

    private static IEnumerable<MaxMoved> MovedIn(ReviewInput input, MaxEstimates maxes, IReadOnlyList<LiftStory> lifts)
    {
        if (input.Running is not { } block)
            return [];
        return lifts
            .Where(lift => lift.IsMain)
            .Select(lift => (Before: maxes.On(lift.Exercise, lift.Side, block.Start.AddDays(-1)), lift.Now))
            .Where(row => row.Before is { } was && (row.Now.Kilograms < was.Low || row.Now.Kilograms > was.High))
            .Select(row => new MaxMoved(row.Before!, row.Now));
    }
}
