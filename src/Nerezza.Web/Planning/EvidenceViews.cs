using System.Text.Json;
using System.Text.Json.Nodes;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Formats;
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
        return new FindingLine(
            finding.Code,
            finding.Cause,
            finding.Side,
            finding.Severity,
            finding.Confidence,
            FindingWords.Title(finding),
            FindingWords.Going(finding),
            FindingWords.ToDo(finding),
            FindingWords.Asked(finding.Asks),
            window?.FirstWeek,
            window?.LastWeek,
            window is null ? null : from?.AddDays(7 * window.FirstWeek),
            reviewed.Verdict,
            reviewed.Reason,
            [.. finding.Evidence.Select(piece => Line(piece, kept))],
            lean is not null && finding.Evidence.Any(piece => piece.Measure == LeanComparison.Measure) ? ToPicture(lean) : null
        );
    }

    private static LeanPicture ToPicture(LeanComparison lean) =>
        new(lean.Predicted is { } predicted ? LeverCall.ToFigure(predicted) : null, LeverCall.ToFigure(lean.Observed), lean.Pose);

    private EvidenceLine Line(Evidence piece, IReadOnlyList<ScreenRow> kept)
    {
        (string name, string unit) = _measures.Named(piece.Measure);
        string test = piece.Measure.StartsWith("screen.", StringComparison.Ordinal) ? piece.Measure["screen.".Length..] : "";
        string whole =
            test.EndsWith(".left", StringComparison.Ordinal) || test.EndsWith(".right", StringComparison.Ordinal)
                ? test[..test.LastIndexOf('.')]
                : test;
        ScreenRow? last = kept.Skip(1).FirstOrDefault(row => test.Length > 0 && NumberAt(row, test) is not null);
        return new EvidenceLine(
            piece.Measure,
            name,
            unit,
            piece.Value as double?,
            _measures.Sentence(piece),
            piece.Norm,
            Norms.Of(whole),
            last is null ? null : NumberAt(last, test),
            last?.Date,
            SourceOf(piece.Measure)
        );
    }

    private static EvidenceSource SourceOf(string measure) =>
        measure.StartsWith("screen.", StringComparison.Ordinal) || measure.StartsWith("faults", StringComparison.Ordinal)
            ? EvidenceSource.Screen
        : measure.StartsWith("strength", StringComparison.Ordinal) ? EvidenceSource.Intake
        : measure == FindingReview.OwnMeasure ? EvidenceSource.Coach
        : EvidenceSource.Health;

    /// <summary>The number at a place of a kept screen; null when it was not tested or is no number.</summary>
    private static double? NumberAt(ScreenRow row, string path)
    {
        JsonNode? node = JsonSerializer.SerializeToNode(row.Screen, Json.Options);
        foreach (string step in path.Split('.'))
            node = (node as JsonObject)?[step];
        return node is JsonValue value && value.TryGetValue(out double number) ? number : null;
    }
}
