using System.Text.RegularExpressions;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Exercises;

/// <summary>What the shape of a document cannot say: ids that are free, a tempo that can be read, and the rubric of the
/// catalogue.</summary>
public static partial class ExerciseRules
{
    /// <summary>The faults of a coach's exercises, each at its path; empty when they can be kept.</summary>
    /// <param name="shipped">The catalogue without this coach's own.</param>
    /// <param name="kept">Own exercises that stay as they are.</param>
    public static IReadOnlyList<Fault> Check(
        IReadOnlyList<(string Path, ExerciseDocument Document)> entries,
        ExerciseCatalogue shipped,
        IReadOnlyList<Exercise> kept
    )
    {
        List<Fault> faults = [.. entries.SelectMany(entry => Names(entry.Path, entry.Document, shipped))];
        foreach ((string path, _) in entries.GroupBy(entry => entry.Document.Id).SelectMany(same => same.Skip(1)))
            faults.Add(new Fault(Join(path, "id"), "stands twice; each id once expected"));
        if (faults.Count > 0)
            return faults;
        IReadOnlyList<Exercise> read = [.. entries.Select(entry => ExerciseMapping.ToOwn(entry.Document))];
        ExerciseCatalogue among = shipped.With([.. kept.Where(one => read.All(other => other.Id != one.Id)), .. read]);
        return
        [
            .. entries
                .Zip(read)
                .SelectMany(row =>
                    ExerciseRubric.Faults(row.Second, among).Select(fault => new Fault(Join(row.First.Path, fault.Field), fault.Message))
                ),
        ];
    }

    private static IEnumerable<Fault> Names(string path, ExerciseDocument document, ExerciseCatalogue shipped)
    {
        if (!IdPattern().IsMatch(document.Id))
            yield return new Fault(Join(path, "id"), $"'{document.Id}' is not lower-case words joined by hyphens, as in my-step-up");
        if (shipped.Find(document.Id) is { } taken)
            yield return new Fault(Join(path, "id"), $"{document.Id} is the shipped {taken.Name.ToLowerInvariant()}; another id expected");
        if (document.Tempo is { Length: > 0 } tempo && Tempo.TryParse(tempo) is null)
            yield return new Fault(Join(path, "tempo"), $"'{tempo}' is not four numbers such as 3-0-1-0, X for as fast as possible");
        if (document.Reps.Bottom > document.Reps.Top)
            yield return new Fault(Join(path, "reps"), $"{document.Reps.Bottom} is more than {document.Reps.Top}; lowest first expected");
    }

    private static string Join(string path, string field) => path.Length == 0 ? field : $"{path}.{field}";

    [GeneratedRegex("^[a-z0-9]+(-[a-z0-9]+)*$")]
    private static partial Regex IdPattern();
}
