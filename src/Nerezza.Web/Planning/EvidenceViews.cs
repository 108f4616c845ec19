using System.Diagnostics;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Levers;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>Lays a finding out for the page: its words, and each piece of evidence beside its norm, the other side and last time.</summary>
public sealed class EvidenceViews(ExerciseCatalogue catalogue)
{
    private readonly MeasureWords _measures = new(catalogue);

    /// <param name="kept">The client's screens, newest first.</param>
    /// <param name="lean">The lean of the newest screen against what the body asks for; null when none was measured.</param>
    public FindingLine Line(ReviewedFinding reviewed, IReadOnlyList<ScreenRow> kept, LeanComparison? lean)
    {
        Finding finding = reviewed.Finding;
        RetestWindow? window = finding.Retest;
        DateOnly? from = kept.Count > 0 ? kept[0].Date : null;
        return new FindingLine
        {
            Code = finding.Code,
            Cause = finding.Cause,
            Side = finding.Side,
            Severity = finding.Severity,
            Confidence = finding.Confidence,
            Title = FindingWords.Title(finding),
            Going = FindingWords.Going(finding),
            ToDo = FindingWords.ToDo(finding),
            Asks = FindingWords.Asked(finding.Asks),
            RetestFirstWeek = window?.FirstWeek,
            RetestLastWeek = window?.LastWeek,
            RetestFrom = window is null ? null : from?.AddDays(7 * window.FirstWeek),
            Verdict = reviewed.Verdict,
            Reason = reviewed.Reason,
            Evidence = [.. finding.Evidence.Select(piece => Line(piece, kept))],
            Lean = lean is not null && finding.Evidence.Any(piece => piece.Measure == LeanComparison.Measure) ? ToPicture(lean) : null,
        };
    }

    private static LeanPicture ToPicture(LeanComparison lean) =>
        new(lean.Predicted is { } predicted ? LeverCall.ToFigure(predicted) : null, LeverCall.ToFigure(lean.Observed), lean.Pose);

    private EvidenceLine Line(Evidence piece, IReadOnlyList<ScreenRow> kept)
    {
        (string name, string unit) = _measures.Named(piece.Measure);
        var tested = piece.Measure as Measure.Tested;
        (DateOnly Date, double Number)? last = tested is null
            ? null
            : kept.Skip(1)
                .Select(row => (row.Date, Number: CaseMapping.ToScreen(row.Screen).Number(tested.Test, tested.Side)))
                .Where(row => row.Number is not null)
                .Select(row => ((DateOnly, double)?)(row.Date, row.Number!.Value))
                .FirstOrDefault();
        return new EvidenceLine
        {
            Measure = CasePath.Of(piece.Measure),
            Test = tested?.Test,
            Side = tested?.Side,
            Name = name,
            Unit = unit,
            Number = (piece.Value as Reading.Number)?.Value,
            Sentence = _measures.Sentence(piece),
            Norm = piece.Norm,
            Band = tested is null ? null : Norms.Of(tested.Test),
            Before = last?.Number,
            BeforeOn = last?.Date,
            Source = SourceOf(piece.Measure),
        };
    }

    /// <summary>Where it was entered.</summary>
    public static EvidenceSource SourceOf(Measure measure) =>
        measure switch
        {
            Measure.Tested or Measure.Fault => EvidenceSource.Screen,
            Measure.MaxRatio or Measure.LimbSymmetry => EvidenceSource.Intake,
            Measure.CoachWord => EvidenceSource.Coach,
            Measure.Pain or Measure.Answered => EvidenceSource.Health,
            _ => throw new UnreachableException(measure.GetType().Name),
        };
}
