using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks what was chosen before it is laid out.</summary>
public static class SelectionChecks
{
    /// <summary>A finding that no chosen exercise answers, of whatever severity.</summary>
    public static IReadOnlyList<Check> Run(ExerciseChoice selection) =>
        [
            .. selection.Unanswered.Select(finding => new Check.FindingUnanswered(
                finding.Code,
                selection.Shortfalls.FirstOrDefault(one => one.Finding == finding.Code)?.GiveUp
            )),
        ];
}
