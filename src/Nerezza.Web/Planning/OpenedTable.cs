using Nerezza.Core.Catalogue;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>A file of rows as it came, or why it cannot be read.</summary>
internal abstract record OpenedTable
{
    private const int Looked = 50,
        Samples = 3;

    private OpenedTable() { }

    /// <param name="At">The sheet that is read.</param>
    public sealed record Open(IReadOnlyList<Sheet> Sheets, int At) : OpenedTable
    {
        public Sheet Sheet => Sheets[At];
    }

    /// <param name="Field">Of the request.</param>
    public sealed record Refused(string Field, string Why) : OpenedTable;

    public static OpenedTable Of(ReadTable asked)
    {
        byte[] content = new byte[asked.Content.Length * 3 / 4 + 3];
        if (!Convert.TryFromBase64String(asked.Content, content, out int length))
            return new Refused("content", "is not Base64; the file in Base64 expected");
        return SheetReader.Read(content[..length]) switch
        {
            ReadFile.Refused refused => new Refused("content", refused.Why),
            ReadFile.Sheets { All: [] } => new Refused("content", "There is nothing in the file."),
            ReadFile.Sheets { All: var sheets } when asked.Sheet >= sheets.Count => new Refused(
                "sheet",
                $"is not between 0 and {sheets.Count - 1}; a sheet of the file expected"
            ),
            ReadFile.Sheets { All: var sheets } => new Open(sheets, asked.Sheet ?? 0),
            _ => throw new InvalidOperationException("A file is read or refused."),
        };
    }

    /// <summary>What the names of exercises in it mean: as answered before, and as answered now.</summary>
    public static ExerciseNames Names(
        IReadOnlyList<NameMeans>? names,
        IReadOnlyDictionary<string, string> before,
        ExerciseCatalogue catalogue
    )
    {
        Dictionary<string, string> answered = new(before, StringComparer.Ordinal);
        foreach (NameMeans name in names ?? [])
            answered[name.Name] = name.Exercise;
        return new ExerciseNames(catalogue, answered);
    }

    /// <summary>The answers as they are kept for the next file.</summary>
    public static IReadOnlyDictionary<string, string> Answers(IReadOnlyList<NameMeans>? names) =>
        (names ?? [])
            .DistinctBy(name => ExerciseNames.Plain(name.Name))
            .ToDictionary(name => ExerciseNames.Plain(name.Name), name => name.Exercise);

    public static IReadOnlyList<NameAsked> Asked(IReadOnlyList<UnknownName> unknown) =>
        [.. unknown.OrderByDescending(name => name.Times).Select(name => new NameAsked(name.Name, name.Times, name.Nearest))];

    /// <summary>The columns with what stands in them first, for the page.</summary>
    /// <param name="says">What each says; null where nothing is read from it.</param>
    public static IEnumerable<ColumnView<T>> Columns<T>(Sheet sheet, int heading, Func<int, T?> says)
        where T : struct, Enum
    {
        List<SheetRow> body = [.. sheet.Rows.Where(row => row.Number > heading && !row.IsEmpty).Take(Looked)];
        SheetRow? titles = heading > 0 ? sheet.Rows.FirstOrDefault(row => row.Number == heading) : null;
        int width = Math.Max(titles?.Cells.Count ?? 0, body.Count > 0 ? body.Max(row => row.Cells.Count) : 0);
        for (int at = 0; at < width; at++)
        {
            List<string> samples = [.. body.Select(row => row.At(at).Text).Where(text => text.Length > 0).Take(Samples)];
            string title = titles?.At(at).Text ?? "";
            // A column without heading and content is none.
            if (title.Length > 0 || samples.Count > 0)
                yield return new ColumnView<T>(at, Sheet.NameOf(at, 0)[..^1], title, samples, says(at));
        }
    }
}
