using System.Diagnostics;
using Nerezza.Core.Catalogue;
using Nerezza.Formats.Exercises;
using Nerezza.Formats.Shapes;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>A coach's own exercises: held to the same rubric as those that ship, brought in and taken out.</summary>
public sealed class OwnExercises(OwnCatalogue catalogue)
{
    /// <summary>Why an exercise cannot be kept; empty when it can.</summary>
    public IReadOnlyList<Fault> Faults(ExerciseDocument document) =>
        ExerciseRules.Check([("exercise", document)], ExerciseCatalogue.Shipped, catalogue.Own);

    /// <summary>How many own exercises there are once these are kept.</summary>
    public int With(IEnumerable<ExerciseDocument> documents) => catalogue.OwnIds.Concat(documents.Select(one => one.Id)).Distinct().Count();

    public ListReading Read(string text) => ExerciseList.Read(text, ExerciseCatalogue.Shipped, catalogue.Own);

    /// <summary>What a list would add and change, or why none of it is taken.</summary>
    public ImportView Preview(string text) =>
        Read(text) switch
        {
            ListReading.Valid valid => new ImportView(
                [.. valid.Exercises.Where(one => !catalogue.OwnIds.Contains(one.Id)).Select(one => one.Name)],
                [.. valid.Exercises.Where(one => catalogue.OwnIds.Contains(one.Id)).Select(one => one.Name)],
                []
            ),
            ListReading.Faulty faulty => new ImportView([], [], [.. faulty.Faults.Select(fault => fault.ToString())]),
            _ => throw new UnreachableException(),
        };

    public string Export(ExportScope scope, ExportFormat format)
    {
        IEnumerable<Exercise> exercises = scope is ExportScope.Own ? catalogue.Own : catalogue.All.All;
        return format is ExportFormat.Yaml ? ExerciseList.ToYaml(exercises) : ExerciseList.ToJson(exercises);
    }
}
