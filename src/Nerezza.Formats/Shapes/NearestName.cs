namespace Nerezza.Formats.Shapes;

/// <summary>Finds the known name nearest to a mistyped one.</summary>
public static class NearestName
{
    /// <summary>One that begins alike, else the nearest by edit distance (Levenshtein 1966), ties in the given order; null when none is
    /// near.</summary>
    public static string? Of(string name, IEnumerable<string> known)
    {
        if (name.Length > 100)
            return null;
        string? begun = known.FirstOrDefault(candidate =>
            name.StartsWith(candidate, StringComparison.OrdinalIgnoreCase)
            || (name.Length > 2 && candidate.StartsWith(name, StringComparison.OrdinalIgnoreCase))
        );
        if (begun is not null)
            return begun;
        string? best = known.MinBy(candidate => Distance(name.ToLowerInvariant(), candidate.ToLowerInvariant()));
        return best is not null && Distance(name.ToLowerInvariant(), best.ToLowerInvariant()) <= Math.Max(2, best.Length / 2) ? best : null;
    }

    private static int Distance(string a, string b)
    {
        int[] row = [.. Enumerable.Range(0, b.Length + 1)];
        for (int i = 1; i <= a.Length; i++)
        {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.Length; j++)
            {
                int change = diagonal + (a[i - 1] == b[j - 1] ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.Min(change, Math.Min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.Length];
    }
}
