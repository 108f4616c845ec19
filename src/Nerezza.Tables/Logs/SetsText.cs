using System.Text.RegularExpressions;

namespace Nerezza.Tables.Logs;

/// <summary>One set as a cell of several says it.</summary>
internal readonly record struct WrittenSet(int Reps, double? Load, string Unit, double? Rpe);

/// <summary>Reads several sets from one cell: 3x5x100, 3x5@100, 5,5,5@100, 100x5 105x3, 3x5, each with RPE 8 or @8 behind it.</summary>
internal static partial class SetsText
{
    public const int MostSets = 50;
    private const int UsualSets = 10; // assumption

    // An @ before a number up to this is an effort, above it a load; assumption: nobody logs a load under 11 by it.
    private const double MostRpe = 10;

    /// <summary>The sets; null where the cell says none that can be read for certain.</summary>
    /// <param name="hasLoad">Whether the load stands in a column of its own.</param>
    public static IReadOnlyList<WrittenSet>? Read(string text, bool hasLoad)
    {
        string told = text.Trim().ToLowerInvariant().Replace('×', 'x').Replace('*', 'x');
        (told, double? rpe) = TakeRpe(told);
        (told, Written? load) = TakeLoad(told);
        if (Parse(told, load, hasLoad) is not { Count: > 0 and <= MostSets } sets)
            return null;
        return [.. sets.Select(set => set with { Rpe = rpe })];
    }

    private static List<WrittenSet>? Parse(string told, Written? load, bool hasLoad)
    {
        (double? kg, string unit) = load is { } behind ? (behind.Value, behind.Unit) : ((double?)null, "");
        if (OneGroup().Match(told) is { Success: true } group)
        {
            Written[] parts = [.. group.Groups["part"].Captures.Select(part => NumberText.Read(part.Value)!.Value)];
            return parts switch
            {
                [var sets, var reps, var weight] when load is null && !hasLoad => Three(sets, reps, weight),
                [var either, _] when load is null && IsUnclear(either, hasLoad) => null,
                // Two: sets and repetitions, unless the first can only be a load.
                [var sets, var reps] when IsLoad(sets) && load is null => IsWhole(reps)
                    ? [new((int)reps.Value, sets.Value, sets.Unit, null)]
                    : null,
                [var sets, var reps] when IsWhole(sets) && IsWhole(reps) => Same(sets, reps, kg, unit),
                _ => null,
            };
        }
        string[] pieces = told.Split([' ', ';', '/', ','], StringSplitOptions.RemoveEmptyEntries);
        if (pieces.Length > 1 && pieces.All(piece => Pair().IsMatch(piece)) && load is null)
            return [.. pieces.Select(piece => OfPair(Pair().Match(piece)))];
        Written?[] counts = [.. told.Split([',', ' ', '/', ';', '+'], StringSplitOptions.RemoveEmptyEntries).Select(NumberText.Read)];
        return counts.Length > 0 && Array.TrueForAll(counts, count => count is { } reps && IsWhole(reps))
            ? [.. counts.Select(count => new WrittenSet((int)count!.Value.Value, kg, unit, null))]
            : null;
    }

    /// <summary>Sets, repetitions and load, or load, repetitions and sets: the load is the largest, or says its unit.</summary>
    private static List<WrittenSet>? Three(Written first, Written reps, Written last)
    {
        bool loadIsFirst = first.Unit.Length > 0 || (last.Unit.Length == 0 && first.Value > last.Value && first.Value > reps.Value);
        (Written load, Written sets) = loadIsFirst ? (first, last) : (last, first);
        return IsWhole(sets) && IsWhole(reps) ? Same(sets, reps, load.Value, load.Unit) : null;
    }

    private static List<WrittenSet>? Same(Written sets, Written reps, double? load, string unit) =>
        sets.Value is >= 1 and <= MostSets
            ? [.. Enumerable.Repeat(new WrittenSet((int)reps.Value, load, unit, null), (int)sets.Value)]
            : null;

    private static WrittenSet OfPair(Match pair)
    {
        Written load = NumberText.Read(pair.Groups["load"].Value)!.Value;
        return new WrittenSet((int)NumberText.Read(pair.Groups["reps"].Value)!.Value.Value, load.Value, load.Unit, null);
    }

    private static bool IsWhole(Written number) =>
        number is { Unit: "", Value: >= 1 and <= 500 } && Math.Abs(number.Value - Math.Round(number.Value)) < 1e-9;

    private static bool IsLoad(Written number) => number.Unit.Length > 0 || !IsWhole(number) || number.Value > MostSets;

    /// <summary>So many sets or so much load: nobody can tell from the cell.</summary>
    private static bool IsUnclear(Written number, bool hasLoad) => !hasLoad && number is { Unit: "", Value: > UsualSets and <= MostSets };

    private static (string Left, double? Rpe) TakeRpe(string told)
    {
        Match match = RpeBehind().Match(told);
        return match.Success && NumberText.Read(match.Groups["rpe"].Value) is { Value: >= 1 and <= MostRpe } rpe
            ? (told[..match.Index].Trim(), rpe.Value)
            : (told, null);
    }

    private static (string Left, Written? Load) TakeLoad(string told)
    {
        int at = told.IndexOf('@', StringComparison.Ordinal);
        return at >= 0 && NumberText.Read(told[(at + 1)..]) is { } load ? (told[..at].Trim(), load) : (told, null);
    }

    [GeneratedRegex(@"^(?<part>\d+(?:[.,]\d+)?\s*(?:kg|lbs?)?)(?:\s*x\s*(?<part>\d+(?:[.,]\d+)?\s*(?:kg|lbs?)?)){1,2}$")]
    private static partial Regex OneGroup();

    [GeneratedRegex(@"^(?<load>\d+(?:\.\d+)?(?:kg|lbs?)?)x(?<reps>\d+)$")]
    private static partial Regex Pair();

    [GeneratedRegex(@"(?:@|\brpe\s*)(?<rpe>\d+(?:[.,]\d)?)$")]
    private static partial Regex RpeBehind();
}
