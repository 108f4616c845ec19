using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;

namespace Nerezza.Core.Review;

/// <summary>What a return asks before it ends.</summary>
public enum ReturnCriterion
{
    /// <summary>Weaker side of the stronger, percent.</summary>
    Symmetry,

    /// <summary>The max of the lift, as a part of what it was before.</summary>
    Load,

    /// <summary>Pain while training, 0 to 10.</summary>
    Pain,

    /// <summary>The morning after, above its usual score.</summary>
    MorningAfter,
}

/// <summary>One criterion with where it stands.</summary>
/// <param name="Exercise">The lift; null of pain.</param>
/// <param name="Value">Null where it is not known.</param>
/// <param name="Wanted">At least; of pain and mornings at most.</param>
/// <param name="TestsMet">Tests in a row that meet it, up to the number wanted.</param>
public sealed record ReturnRow(
    ReturnCriterion Criterion,
    string? Exercise,
    PainRegion? Region,
    double? Value,
    double Wanted,
    int TestsMet,
    int TestsWanted
)
{
    /// <summary>Whether it is met.</summary>
    public bool IsMet => TestsMet >= TestsWanted;
}

/// <summary>The criteria of a return after pain or a lay-off (docs/handbook/07-pain-and-health.md).</summary>
internal sealed class ReturnTable(ReviewInput input)
{
    private static readonly ReturnRule Rule = ReviewRules.Shipped.Return;

    /// <summary>Empty where nobody returns.</summary>
    public IReadOnlyList<ReturnRow> Rows(IReadOnlyList<FindingStory> findings, IReadOnlyList<LiftStory> lifts) =>
        input.Case.Client.Goal is Goal.Return || input.Running?.Kind is BlockKind.Return || input.Case.Pain.Count > 0
            ? [.. Sides(findings), .. Loads(lifts), .. Hurts()]
            : [];

    private static IEnumerable<ReturnRow> Sides(IReadOnlyList<FindingStory> findings) =>
        findings
            .SelectMany(finding => finding.Measures)
            .Where(measure => measure.Measure is Measure.LimbSymmetry)
            .Select(measure => new ReturnRow(
                ReturnCriterion.Symmetry,
                ((Measure.LimbSymmetry)measure.Measure).Exercise,
                null,
                measure.Points[^1].Value,
                Rule.Symmetry,
                InARow(measure.Points.Select(point => point.Value >= Rule.Symmetry)),
                Rule.Tests
            ));

    /// <summary>Against the best from before the return began.</summary>
    private IEnumerable<ReturnRow> Loads(IReadOnlyList<LiftStory> lifts)
    {
        DateOnly began = input
            .Blocks.Where(block => block.Kind is BlockKind.Return)
            .Select(block => block.Start)
            .FirstOrDefault(input.Today);
        foreach (LiftStory lift in lifts.Where(lift => lift.IsMain))
        {
            List<OneRepMax> before = [.. lift.Days.Zip(lift.Maxes).Where(row => row.First < began).Select(row => row.Second)];
            if (before.Count == 0)
                continue;
            double old = before.Max(max => max.Kilograms);
            yield return new ReturnRow(
                ReturnCriterion.Load,
                lift.Exercise,
                null,
                lift.Now.Kilograms / old,
                Rule.LoadPart,
                InARow(
                    lift.Days.Zip(lift.Maxes).Where(row => row.First >= began).Select(row => row.Second.Kilograms / old >= Rule.LoadPart)
                ),
                Rule.Tests
            );
        }
    }

    private IEnumerable<ReturnRow> Hurts()
    {
        foreach (PainEntry entry in input.Case.Pain)
        {
            List<double> logged =
            [
                .. input
                    .Case.Log.Where(day => day.Sets.Count > 0)
                    .TakeLast(Rule.Tests)
                    .Select(day =>
                        day.Sets.Where(set => set.PainAt == entry.Region && set.Pain is not null)
                            .Select(set => set.Pain!.Value)
                            .DefaultIfEmpty(0)
                            .Max()
                    ),
            ];
            double? now =
                entry.ScoreDuring is { } said ? Math.Max(said, logged.DefaultIfEmpty(0).Last())
                : logged.Count > 0 ? logged[^1]
                : null;
            yield return new ReturnRow(
                ReturnCriterion.Pain,
                entry.Exercise,
                entry.Region,
                now,
                Rule.PainMost,
                now <= Rule.PainMost ? InARow(logged.Select(score => score <= Rule.PainMost)) : 0,
                Rule.Tests
            );
            double usual = entry.UsualScore ?? 0;
            yield return new ReturnRow(
                ReturnCriterion.MorningAfter,
                entry.Exercise,
                entry.Region,
                entry.ScoreNextMorning - usual,
                0,
                entry.ScoreNextMorning is { } morning && morning <= usual ? 1 : 0,
                1
            );
        }
    }

    private static int InARow(IEnumerable<bool> met) => Math.Min(Rule.Tests, met.Reverse().TakeWhile(one => one).Count());
}
