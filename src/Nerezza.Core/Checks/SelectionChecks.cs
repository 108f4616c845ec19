using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks what was chosen before it is laid out.</summary>
public static class SelectionChecks
{
    /// <summary>A clear or marked finding that no chosen exercise answers.</summary>
    public static IReadOnlyList<Check> Run(ExerciseChoice selection) =>
        [
            .. selection
                .Unanswered.Where(finding => finding.Severity >= CheckRules.Shipped.UnansweredFrom)
                .Select(finding => new Check.FindingUnanswered(
                    finding.Code,
                    selection.Shortfalls.FirstOrDefault(one => one.Finding == finding.Code)?.GiveUp
                )),
        ];
}
