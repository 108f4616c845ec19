using System.Globalization;
using System.Text.RegularExpressions;

namespace Nerezza.Tables.Logs;

/// <summary>A number as people write it, with the unit that stands behind it.</summary>
/// <param name="Unit">In small letters; empty where none stands there.</param>
internal readonly record struct Written(double Value, string Unit);

/// <summary>Reads numbers with points or commas, thousands, and a unit behind them.</summary>
internal static partial class NumberText
{
    public static Written? Read(string text)
    {
        if (Shape().Match(text.Trim()) is not { Success: true } match)
            return null;
        string digits = Spaces().Replace(match.Groups["number"].Value, "");
        (int point, int comma) = (digits.LastIndexOf('.'), digits.LastIndexOf(','));
        // Of two kinds of marks the last one is the decimal's; of one kind, one that stands more than once divides thousands.
        char? decimals =
            point >= 0 && comma >= 0 ? (point > comma ? '.' : ',')
            : point >= 0 && digits.IndexOf('.') == point ? '.'
            : comma >= 0 && digits.IndexOf(',') == comma ? ','
            : null;
        string plain = string.Concat(
            digits.Select(sign =>
                sign == decimals ? "."
                : char.IsAsciiDigit(sign) || sign is '-' or '+' ? sign.ToString()
                : ""
            )
        );
        // Digits without end are no number that anybody meant.
        return double.TryParse(plain, NumberStyles.Float, CultureInfo.InvariantCulture, out double value) && double.IsFinite(value)
            ? new Written(value, match.Groups["unit"].Value.ToLowerInvariant())
            : null;
    }

    [GeneratedRegex(@"^(?<number>[-+]?\d(?:[\d.,'  ]*\d)?)\s*(?<unit>[\p{L}%""]*)\.?$")]
    private static partial Regex Shape();

    [GeneratedRegex(@"[\s ']")]
    private static partial Regex Spaces();
}
