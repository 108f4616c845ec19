using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Wording;

namespace Nerezza.Formats.Plans;

/// <summary>Turns a finding of Core into its part of the plan, with its sentence.</summary>
public sealed class FindingMapping(ExerciseCatalogue catalogue)
{
    private readonly FindingWords _words = new(catalogue);

    public FindingPart ToPart(Finding finding) =>
        new()
        {
            Code = finding.Code,
            Cause = finding.Cause,
            Side = finding.Side,
            Severity = finding.Severity,
            Confidence = finding.Confidence,
            Evidence =
            [
                .. finding.Evidence.Select(piece => new EvidencePart
                {
                    Measure = piece.Measure,
                    Value = piece.Value,
                    Norm = piece.Norm,
                }),
            ],
            RetestWeeks = finding.Retest is { } window ? [window.FirstWeek, window.LastWeek] : null,
            Text = _words.Text(finding),
        };
}
