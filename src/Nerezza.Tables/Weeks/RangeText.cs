using System.Globalization;
using System.Text.RegularExpressions;

namespace Nerezza.Tables.Weeks;

/// <summary>Ranges in what is asked, such as 3x8-12 @7-8: each is read as its middle, since one number is asked of a set.</summary>
internal static partial class RangeText
{
    /// <summary>Whether a range stands in it.</summary>
    public static bool IsIn(string told) => Range().Matches(told).Any(IsUpwards);

    /// <summary>The text with each range as its middle: half a repetition goes up, half a set falls away, efforts and percentages keep
    /// their half.</summary>
    public static string Middle(string told, WeekColumn? column) =>
        Range().Replace(told, range => IsUpwards(range) ? Say(MiddleOf(range, told, column)) : range.Value);

    private static double MiddleOf(Match range, string told, WeekColumn? column)
    {
        double middle = (End(range, "from") + End(range, "to")) / 2;
        string before = told[..range.Index],
            behind = told[(range.Index + range.Length)..];
        if (column is WeekColumn.Sets || Times().IsMatch(behind))
            return Math.Floor(middle);
        bool keepsHalf =
            column is WeekColumn.Percent or WeekColumn.Rpe or WeekColumn.Rir || Effort().IsMatch(before) || Share().IsMatch(behind);
        return keepsHalf ? middle : Math.Ceiling(middle);
    }

    private static bool IsUpwards(Match range) => End(range, "from") < End(range, "to");

    private static double End(Match range, string end) => double.Parse(range.Groups[end].Value, CultureInfo.InvariantCulture);

    private static string Say(double number) => number.ToString("0.##", CultureInfo.InvariantCulture);

    // Not within a tempo such as 3-1-1-0.
    [GeneratedRegex(@"(?:(?<![\d.\-–a-z])|(?<=x))(?<from>\d{1,3}(?:\.\d)?)\s*[-–]\s*(?<to>\d{1,3}(?:\.\d)?)(?![\d.]|\s*[-–])")]
    private static partial Regex Range();

    [GeneratedRegex(@"^\s*(?:x|sets?\b)")]
    private static partial Regex Times();

    [GeneratedRegex(@"(?:@|rpe|rir)\s*$")]
    private static partial Regex Effort();

    [GeneratedRegex(@"^\s*(?:%|rir)")]
    private static partial Regex Share();
}
