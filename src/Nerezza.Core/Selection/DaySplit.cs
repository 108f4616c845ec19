using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>What a training day is for.</summary>
public enum DayFocus
{
    /// <summary>Whole body.</summary>
    Full,
    /// <summary>Lower body.</summary>
    Lower,
    /// <summary>Upper body.</summary>
    Upper,
}

/// <summary>A training day of the week with what it is for; its date in week 1.</summary>
public sealed record SplitDay(TrainingDay Day, DateOnly FirstDate, DayFocus Focus);

/// <summary>Splits the days of the week (handbook 12; assumption).</summary>
public static class DaySplit
{
    /// <summary>1 to 3 days full body; 4 lower, upper twice; 5 with three lower; 6 three of each; lower alone where asked for.
    /// In the order of dates from the block's start.</summary>
    public static IReadOnlyList<SplitDay> Of(IReadOnlyList<TrainingDay> days, BlockRequest request)
    {
        List<(TrainingDay Day, DateOnly Date)> dated = [.. days.Select(day => (day, FirstOn(request.Start, day.Day))).OrderBy(row => row.Item2)];
        return [.. dated.Select((row, i) => new SplitDay(row.Day, row.Date,
            request.Focus is BlockFocus.Lower ? DayFocus.Lower : dated.Count <= 3 ? DayFocus.Full : i % 2 == 0 ? DayFocus.Lower : DayFocus.Upper))];
    }

    private static DateOnly FirstOn(DateOnly start, Weekday day)
    {
        int from = ((int)start.DayOfWeek + 6) % 7;
        return start.AddDays(((int)day - from + 7) % 7);
    }
}
