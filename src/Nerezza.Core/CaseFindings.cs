using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core;

/// <summary>The findings of a case: what the rules say now, how each goes since it was measured before, and the coach's word over
/// it.</summary>
internal sealed class CaseFindings(ExerciseCatalogue catalogue)
{
    /// <summary>Every finding, the coach's own last.</summary>
    public IReadOnlyList<ReviewedFinding> Review(ClientCase @case, MaxEstimates maxes)
    {
        IReadOnlyList<Finding> found = Find(@case, HealthReferral.From(@case.Client.Health, @case.Pain), maxes);
        return FindingReview.Of(FindingCourse.Mark(found, Before(@case, found)), @case.Decisions);
    }

    /// <summary>What the rules said on the day of an earlier screen. Pain stays as it is now: it says what a fault means, and the same
    /// meaning is compared.</summary>
    public IReadOnlyList<Finding> Then(ClientCase @case, EarlierScreen screen)
    {
        ClientCase then = Upto(@case, screen, screen.Date);
        return Find(then, null, MaxEstimates.Of(then.Client, catalogue, then.Strength, then.Log, screen.Date));
    }

    private static ClientCase Upto(ClientCase @case, EarlierScreen? screen, DateOnly day) =>
        @case with
        {
            Screen = screen?.Screen ?? Screen.Untested,
            Faults = screen?.Faults ?? [],
            Strength = [.. @case.Strength.Where(entry => entry.Date <= day)],
            Log = [.. @case.Log.Where(entry => entry.Date <= day)],
        };

    private IReadOnlyList<Finding> Find(ClientCase @case, Referral? referral, MaxEstimates maxes)
    {
        IReadOnlyList<KnownMax> known =
        [
            .. maxes.Measured.Select(max => new KnownMax(max.Exercise, max.Side, max.Kilograms, maxes.NewestSetOn(max.Exercise, max.Side))),
        ];
        return new FindingEngine(catalogue).Find(
            new FindingInput
            {
                Client = @case.Client,
                Screen = @case.Screen,
                Faults = @case.Faults,
                Pain = @case.Pain,
                Referral = referral,
                Maxes = known,
                Today = maxes.Today,
                BlockWeeks = @case.Block.Weeks,
            }
        );
    }

    /// <summary>What the screen and the maxes said a fortnight and more before; nothing where neither was measured then.</summary>
    private IReadOnlyList<Finding> Before(ClientCase @case, IReadOnlyList<Finding> found)
    {
        EarlierScreen? screen = FindingCourse.Before(@case.ScreenedOn ?? @case.Block.Start, @case.EarlierScreens);
        DateOnly day = FindingCourse.FortnightBefore(@case.Block.Start);
        bool fromMaxes = found.Any(finding => finding.Cause is Cause.Strength) && @case.Strength.Any(entry => entry.Date <= day);
        if (screen is null && !fromMaxes)
            return [];
        ClientCase then = Upto(@case, screen, day);
        return Find(then, null, MaxEstimates.Of(then.Client, catalogue, then.Strength, then.Log, day));
    }
}
