using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Review;

/// <summary>Follows the maxes (docs/handbook/14-review.md).</summary>
internal sealed class LiftStories(ReviewInput input, ExerciseCatalogue catalogue, MaxEstimates maxes)
{
    private static readonly ReviewRules Rules = ReviewRules.Shipped;
    private readonly ClientCase _case = input.Case;

    /// <summary>Lifts of the last weeks: targets and leads first, each followed by its variations.</summary>
    public IReadOnlyList<LiftStory> All()
    {
        DateOnly from = input.Today.AddDays(-7 * Rules.LookBackWeeks);
        HashSet<string> mains = [.. Mains];
        return
        [
            .. maxes
                .Measured.Where(max => maxes.NewestSetOn(max.Exercise, max.Side) >= from || mains.Contains(max.Exercise))
                .Select(max => Story(max, mains))
                .OrderByDescending(story => story.IsMain)
                .ThenByDescending(story => story.Days[^1] > input.Today.AddDays(-Rules.TrendDays))
                .ThenBy(story => Place(story.Of?.Lift ?? story.Exercise))
                .ThenBy(story => story.Of is not null)
                .ThenByDescending(story => story.Exposures)
                .ThenBy(story => story.Exercise, StringComparer.Ordinal)
                .ThenBy(story => story.Side),
        ];
    }

    /// <summary>What the maxes may answer to, first to last.</summary>
    public IReadOnlyList<Mark> Marks()
    {
        List<Mark> marks =
        [
            .. input.Blocks.Where(block => block.Ends < input.Today).Select(block => new Mark.BlockEnd(block.Ends, block.Number)),
            .. input
                .Blocks.SelectMany(block => block.Weeks)
                .Where(week => week.Kind is WeekKind.Deload && week.Sessions.Count > 0)
                .Select(week => week.Sessions.Min(session => session.Date))
                .Where(day => day <= input.Today)
                .Select(day => new Mark.Deload(day)),
            .. _case
                .EarlierScreens.Select(screen => screen.Date)
                .Append(_case.ScreenedOn ?? input.Today)
                .Select(day => new Mark.Retest(day)),
            .. _case.Log.SelectMany(Hurt),
            .. Gaps(),
        ];
        return [.. marks.Where(mark => mark.Date <= input.Today).OrderBy(mark => mark.Date)];
    }

    private IEnumerable<string> Mains =>
        _case.Client.TargetLifts.Concat(
            input
                .Blocks.TakeLast(1)
                .SelectMany(block => block.Sessions)
                .SelectMany(session => session.Items)
                .Where(item => item.Role is Role.Main)
                .Select(item => item.Exercise)
        );

    private int Place(string exercise) => _case.Client.TargetLifts.TakeWhile(target => target != exercise).Count();

    private LiftStory Story(OneRepMax max, HashSet<string> mains)
    {
        IReadOnlyList<DateOnly> days = maxes.SeenOn(max.Exercise, max.Side);
        OneRepMax? then = maxes.On(max.Exercise, max.Side, input.Today.AddDays(-Rules.TrendDays));
        return new LiftStory
        {
            Exercise = max.Exercise,
            Side = max.Side,
            IsMain = mains.Contains(max.Exercise),
            Days = days,
            Maxes = [.. days.Select(day => maxes.On(max.Exercise, max.Side, day)!)],
            Now = max,
            Change = then is null ? null : max.Kilograms / then.Kilograms - 1,
            Of = max.Side is null ? MainOf(max.Exercise, mains) : null,
        };
    }

    /// <summary>The target or lead of the same family. A ratio that is a guess (a leg press, a thrust) puts no lift on another's axis: what
    /// a machine says would flatten the main lift's own course.</summary>
    private (string, double)? MainOf(string exercise, HashSet<string> mains)
    {
        if (mains.Contains(exercise) || catalogue[exercise].Ratio?.SpreadPercent > Rules.VariationSpread)
            return null;
        (string root, double value) = RootOf(exercise);
        return mains
            .Order(StringComparer.Ordinal)
            .Select(main => (Main: main, Root: RootOf(main)))
            .Where(row => row.Root.Root == root)
            .Select(row => ((string, double)?)(row.Main, value / row.Root.Value))
            .FirstOrDefault();
    }

    private (string Root, double Value) RootOf(string exercise) =>
        catalogue[exercise].Ratio is { } ratio ? (ratio.Of, ratio.Value) : (exercise, 1);

    private static IEnumerable<Mark> Hurt(LogDay day) =>
        day
            .Sets.Where(set => set.Pain >= Rules.PainFrom)
            .GroupBy(set => set.PainAt)
            .Select(sets => new Mark.Pain(day.Date, sets.Key, sets.Max(set => set.Pain!.Value)));

    private IEnumerable<Mark> Gaps() =>
        _case
            .Log.Zip(_case.Log.Skip(1))
            .Select(pair => (pair.Second.Date, Days: pair.Second.Date.DayNumber - pair.First.Date.DayNumber))
            .Where(row => row.Days >= Rules.LayOffDays)
            .Select(row => new Mark.LayOff(row.Date, row.Days));
}
