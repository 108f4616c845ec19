using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks how work is spread over a week: repetitions of what comes again, and the emphasised half back to back
/// (docs/handbook/09-composition.md, docs/handbook/12-weeks-and-blocks.md).</summary>
internal static class SpreadChecks
{
    /// <summary>Every remark, week by week; what holds on a day of every week is said for the first.</summary>
    public static IEnumerable<Check> Spread(BlockInReview review) =>
        review
            .Block.Weeks.SelectMany(week => Repeats(week, review.Context).Concat(Late(week, review)))
            .DistinctBy(row => (row.Day, (row.Check as ExerciseCheck)?.Exercise))
            .Select(row => row.Check);

    private static IEnumerable<(Weekday Day, Check Check)> Repeats(Week week, CheckContext context)
    {
        if (week.Kind is not WeekKind.Load)
            yield break;
        var rows = week.Sessions.SelectMany(session =>
            session
                .Items.Where(item =>
                    item.Role is not (Role.Priming or Role.Skill or Role.Carry or Role.Trunk) && item.Sets[0].Seconds is null
                )
                .Select(item => (session, item))
        );
        foreach (var again in rows.GroupBy(row => row.item.Exercise))
        {
            HashSet<int> seen = [],
                all = [.. again.Select(row => row.item.Sets[^1].Reps)];
            foreach ((Session session, PrescribedItem item) in again)
            {
                if (seen.Add(item.Sets[^1].Reps))
                    continue;
                int? other = context
                    .Catalogue[item.Exercise]
                    .Reps.NearestFree(item.Sets[^1].Reps, all.Contains, PrescriptionRules.Shipped.File.MoveWithinReps);
                IReadOnlyList<BlockEdit> fix = other is { } reps
                    ? [new BlockEdit.Write(new CellPlace(week.Number, session.Day, item.Exercise), new CellValues { Reps = reps })]
                    : [];
                var place = new CheckPlace.OfSession(week.Number, session.Day);
                yield return (session.Day, new Check.RepRangeRepeat(item.Exercise, item.Sets[^1].Reps) { At = place, Fix = fix });
            }
        }
    }

    /// <summary>Back to back, the session with most of the emphasised sets should come first.</summary>
    private static IEnumerable<(Weekday Day, Check Check)> Late(Week week, BlockInReview review)
    {
        IReadOnlyList<Muscle> emphasis = review.Context.Client.Emphasis;
        if (emphasis.Count == 0)
            yield break;
        double Wanted(Session session) => emphasis.Sum(muscle => review.TallyOf(session).Sets[(int)muscle]);
        for (int i = 1; i < week.Sessions.Count; i++)
        {
            (Session first, Session second) = (week.Sessions[i - 1], week.Sessions[i]);
            // Between two emphasised days the other half has no better place.
            bool between = i > 1 && first.Date.DayNumber - week.Sessions[i - 2].Date.DayNumber == 1 && Wanted(week.Sessions[i - 2]) > 0;
            if (
                !between
                && second.Date.DayNumber - first.Date.DayNumber == 1
                && Wanted(second) >= CheckRules.Shipped.EmphasisSets
                && Wanted(first) == 0
            )
                yield return (
                    second.Day,
                    new Check.EmphasisLate
                    {
                        At = new CheckPlace.OfSession(week.Number, second.Day),
                        Fix = [new BlockEdit.MoveSession(week.Number, second.Day, first.Day)],
                    }
                );
        }
    }
}

/// <summary>Checks that loads and sets do not rise faster than can be trusted (docs/handbook/10-loads.md,
/// docs/handbook/12-weeks-and-blocks.md).</summary>
internal static class JumpChecks
{
    /// <summary>Said once a week of each exercise.</summary>
    public static IEnumerable<Check> Loads(BlockInReview review) =>
        Steps(review).DistinctBy(row => (row.Week, row.Check.Exercise)).Select(row => row.Check);

    private static IEnumerable<(int Week, Check.JumpTooBig Check)> Steps(BlockInReview review)
    {
        Dictionary<(Weekday, string), (Load Load, int Reps)> before = [];
        foreach (Week week in review.Block.Weeks)
        foreach (Session session in week.Sessions)
        foreach (PrescribedItem item in session.Items)
        {
            if (item.Sets.Max(set => set.Load) is not { Grams: > 0 } load)
                continue;
            (Load? last, int reps) = before.TryGetValue((session.Day, item.Exercise), out (Load Load, int Reps) there)
                ? (there.Load, there.Reps)
                : (review.Context.Last.On(item.Exercise), 0);
            // A heavier load at fewer repetitions is the step that double progression takes; the next step that there is, at repetitions
            // in the range, is no jump, and neither is one between loads that are easy.
            bool asMany = item.Sets.Max(set => set.Reps) >= reps,
                isWork = item.Sets.Max(set => set.Rpe.Value) >= WeeklySets.HardFromRpe;
            bool isNext = last is { } lower && review.Context.NextAbove(review.Context.Catalogue[item.Exercise], lower) == load;
            if (
                asMany
                && isWork
                && !isNext
                && last is { Grams: > 0 } from
                && load.Kilograms > from.Kilograms * (1 + CheckRules.Shipped.JumpMost) + 1e-9
            )
            {
                var at = new SessionInWeek(week.Number, session);
                BlockEdit stay = new BlockEdit.Write(at.Cell(item.Exercise), new CellValues { Load = from });
                yield return (week.Number, new Check.JumpTooBig(item.Exercise, from, load) { At = at.Place, Fix = [stay] });
            }
            if (week.Kind is not WeekKind.Deload)
                before[(session.Day, item.Exercise)] = (load, item.Sets.Max(set => set.Reps));
        }
    }

    /// <summary>The first load week against what the client does now: a fifth more, or two sets, whichever is more.</summary>
    public static IEnumerable<Check> Ramp(BlockInReview review)
    {
        CheckContext context = review.Context;
        if (context.Now is not { } now || review.Block.Weeks.FirstOrDefault(week => week.Kind is WeekKind.Load) is not { } first)
            yield break;
        foreach (Muscle muscle in Enum.GetValues<Muscle>().Where(muscle => context.Limits.Of(muscle).Low > 0))
        {
            double sets = first.Sessions.Sum(session =>
                session.Items.Sum(item =>
                    Ledger.HardSets(item) * WeeklySets.Count(context.Catalogue[item.Exercise], muscle, context.Counting)
                )
            );
            double most = SelectionRules.Shipped.StartMore.MostFrom(now[muscle]);
            if (sets > Math.Max(most, context.Limits.Of(muscle).Low) + 1e-9)
                yield return new Check.RampTooFast(muscle, Math.Round(sets, 6), Math.Round(most, 6))
                {
                    At = new CheckPlace.OfWeek(first.Number),
                };
        }
    }
}
