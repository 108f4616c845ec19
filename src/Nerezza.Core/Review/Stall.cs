using Nerezza.Core.Blocks;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Review;

/// <summary>What is tried against a stall, in this order (docs/handbook/14-review.md).</summary>
public enum StallStep
{
    /// <summary>Look at sleep, diet and missed sessions.</summary>
    CheckRecovery,

    /// <summary>A deload.</summary>
    Deload,

    /// <summary>Another range of repetitions.</summary>
    RepRange,

    /// <summary>Another form of the lift.</summary>
    Variation,

    /// <summary>Another accessory for the finding.</summary>
    Accessory,
}

/// <summary>A step that the coach took.</summary>
public sealed record StepTaken(string Exercise, StallStep Step, DateOnly On)
{
    /// <summary>The step that an answer to a <see cref="Waiting.Stalled"/> took, by its key; null of every other answer.</summary>
    public static StepTaken? Of(string key, DateOnly on) =>
        key.Split('/') is ["stall", var exercise, var step, _] && Enum.TryParse(step, out StallStep taken)
            ? new StepTaken(exercise, taken, on)
            : null;
}

/// <summary>A lift that does not go on.</summary>
/// <param name="Exposures">Sessions that say so.</param>
/// <param name="Days">That they span.</param>
/// <param name="SlopeAWeek">Part of the max a week; not over 0, or the max is under its best.</param>
/// <param name="EffortOver">Mean of rated less prescribed RPE; null where nothing was rated against a prescription.</param>
/// <param name="UnderBest">Part under the best of these weeks.</param>
/// <param name="Next">The step to try now; null where the last one is under way.</param>
/// <param name="Before">The step before, with what came of it; null where none was taken.</param>
public sealed record Stall(
    string Exercise,
    int Exposures,
    int Days,
    double SlopeAWeek,
    double? EffortOver,
    double UnderBest,
    StallStep? Next,
    StepOutcome? Before
);

/// <summary>A step with what came of it.</summary>
/// <param name="Change">Part by which the max changed since; null where it was not trained since.</param>
public sealed record StepOutcome(StallStep Step, DateOnly On, double? Change);

/// <summary>Finds lifts that stall.</summary>
internal sealed class Stalls(ReviewInput input, MaxEstimates maxes, IReadOnlyList<EffortPoint> effort)
{
    private static readonly StallRule Rule = ReviewRules.Shipped.Stall;

    /// <summary>Of the lifts that lead.</summary>
    public IReadOnlyList<Stall> Of(IEnumerable<LiftStory> lifts) =>
        [.. lifts.Where(lift => lift is { IsMain: true, Side: null }).Select(Of).OfType<Stall>()];

    private Stall? Of(LiftStory lift)
    {
        List<DateOnly> days = [.. SinceLayOff(lift.Days).Where(day => IsWork(lift.Exercise, day))];
        // A first guess that is put right is no stall: a max counts from the day on that it is known about as well as it is now.
        OneRepMax known = maxes.On(lift.Exercise, null, input.Today) ?? lift.Now;
        days.RemoveAll(day => Spread(maxes.On(lift.Exercise, null, day)!) > Rule.KnownWithin * Spread(known));
        if (days.Count < Rule.Exposures || days[^1].DayNumber - days[0].DayNumber < Rule.Days)
            return null;
        List<OneRepMax> course = [.. days.Select(day => maxes.On(lift.Exercise, null, day)!)];
        double slope = SlopeAWeek(days, course);
        List<EffortPoint> rated = [.. effort.Where(point => point.Exercise == lift.Exercise && days.Contains(point.Date))];
        double? over = rated.Count == 0 ? null : rated.Average(point => Felt(point.Rated) - point.Prescribed);
        (OneRepMax best, OneRepMax now) = (course.MaxBy(max => max.Kilograms)!, course[^1]);
        bool isFlat = slope <= 0 && over >= Rule.RpeOver;
        // A best that was a first guess is corrected, not lost: the wider of the two intervals counts.
        bool isUnder = best.Kilograms - now.Kilograms > Rule.PartOfInterval * Math.Max(now.High - now.Low, best.High - best.Low);
        if (!isFlat && !isUnder)
            return null;
        StepTaken? last = input
            .Steps.Where(step => step.Exercise == lift.Exercise && step.On > input.Today.AddDays(-Rule.ForgetDays))
            .MaxBy(step => step.On);
        return new Stall(
            lift.Exercise,
            days.Count,
            days[^1].DayNumber - days[0].DayNumber,
            slope,
            over,
            1 - now.Kilograms / best.Kilograms,
            Next(last, lift),
            last is null ? null : new StepOutcome(last.Step, last.On, Since(last, lift))
        );
    }

    /// <summary>The days of the last weeks from the last lay-off on, after which a max below its best is no stall; a deload is no
    /// lay-off.</summary>
    private List<DateOnly> SinceLayOff(IEnumerable<DateOnly> trained)
    {
        List<DateOnly> days = [.. trained.Where(day => day > input.Today.AddDays(-Rule.LookBackDays))];
        int back = Enumerable
            .Range(1, Math.Max(0, days.Count - 1))
            .LastOrDefault(i => days[i].DayNumber - days[i - 1].DayNumber >= ReviewRules.Shipped.LayOffDays);
        return days[back..];
    }

    /// <summary>Rated as it would be by somebody who misjudges nothing; a set to the end is one, whoever says so.</summary>
    private double Felt(double rated) => rated >= Rpe.Ten.Value ? rated : rated - maxes.Bias.Repetitions;

    /// <summary>Width of the interval, as a part of the max.</summary>
    private static double Spread(OneRepMax max) => (max.High - max.Low) / max.Kilograms;

    /// <summary>One step at a time: it has two weeks and as many exposures as a stall needs. After the last one begins again.</summary>
    private StallStep? Next(StepTaken? last, LiftStory lift)
    {
        if (last is null)
            return StallStep.CheckRecovery;
        bool isUnderWay = input.Today < last.On.AddDays(Rule.WaitDays) || lift.Days.Count(day => day > last.On) < Rule.Exposures;
        // Looking costs no training: what it leaves open goes on at once.
        if (isUnderWay && last.Step is not StallStep.CheckRecovery)
            return null;
        return last.Step is StallStep.Accessory ? StallStep.CheckRecovery : last.Step + 1;
    }

    private double? Since(StepTaken step, LiftStory lift) =>
        lift.Days[^1] > step.On && maxes.On(lift.Exercise, null, step.On) is { } then ? lift.Now.Kilograms / then.Kilograms - 1 : null;

    /// <summary>Deloads and tests are no training that a max grows by.</summary>
    private bool IsWork(string exercise, DateOnly day) =>
        input
            .Blocks.SelectMany(block => block.Weeks)
            .All(week =>
                week.Kind is WeekKind.Load
                || !week.Sessions.Any(session => session.Date == day && session.Items.Any(item => item.Exercise == exercise))
            );

    /// <summary>Least squares of ln(max) over days.</summary>
    private static double SlopeAWeek(List<DateOnly> days, List<OneRepMax> course)
    {
        (double meanDay, double meanMax) = (days.Average(day => day.DayNumber), course.Average(max => Math.Log(max.Kilograms)));
        double across = days.Sum(day => (day.DayNumber - meanDay) * (day.DayNumber - meanDay));
        double along = days.Zip(course).Sum(pair => (pair.First.DayNumber - meanDay) * (Math.Log(pair.Second.Kilograms) - meanMax));
        return Math.Round(along / across * 7, 9);
    }
}
