using System.Diagnostics;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Wording;
using Nerezza.Formats.Cases;

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
                    Measure = CasePath.Of(piece.Measure),
                    Value = Plain(piece.Value),
                    Norm = piece.Norm,
                }),
            ],
            RetestWeeks = finding.Retest is { } window ? [window.FirstWeek, window.LastWeek] : null,
            Text = _words.Text(finding),
        };

    private static object Plain(Reading value) =>
        value switch
        {
            Reading.Number number => number.Value,
            Reading.Answer answer => answer.Value,
            Reading.Word word => word.Value,
            _ => throw new UnreachableException(value.GetType().Name),
        };
}
