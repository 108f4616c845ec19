using Nerezza.Core.Blocks;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core;

/// <summary>The chain from case to plan: caution, maxes, findings, body, lifts, block, checks. The same case gives the same plan.</summary>
public sealed class Planner(ExerciseCatalogue catalogue)
{
    /// <summary>Makes the plan of a case. With a referral that stops training there is no block, whatever else is asked for.</summary>
    public Plan Make(ClientCase @case)
    {
        Referral? referral = HealthReferral.From(@case.Client.Health, @case.Pain);
        MaxBook maxes = MaxBook.Of(@case.Client, catalogue, @case.Strength, @case.Log, @case.Block.Start);
        var plan = new Plan { Case = @case.Client.Name, Referral = referral, Findings = FindingReview.Open(Review(@case, referral, maxes)), Squats = SquatsOf(@case, maxes), Maxes = maxes.Measured };
        IReadOnlyList<Check> referred = referral is null
            ? []
            : [new Check(CheckCode.ReferralOpen, referral.Level is ReferralLevel.Stop ? CheckSeverity.Stop : CheckSeverity.Warn)];
        if (referral?.Level is ReferralLevel.Stop) return plan with { Checks = referred };

        var caps = new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start);
        MainLiftChoice choice = MainLiftChoice.For(@case.Client, @case.Equipment, catalogue, caps);
        OpenPain openPain = @case.Pain.Any(entry => PainScore.LevelOf(entry) is not PainLevel.Watch) ? OpenPain.Yes : OpenPain.No;
        BlockKind kind = BlockKindChoice.Decide(@case.Block, @case.Client, @case.Log, openPain);
        var builder = new BlockBuilder(@case.Client, @case.Schools, @case.Block, catalogue, new Loader(@case.Equipment), maxes);
        Block block = builder.Build(kind, choice.Lifts);
        return plan with
        {
            Maxes = WithThoseUsed(maxes, choice.Lifts),
            PassedOver = choice.PassedOver,
            Block = block,
            Checks = [.. referred, .. BlockChecks.Run(block, @case.Client, catalogue)],
        };
    }

    /// <summary>The findings of a case alone, each with the coach's word on it.</summary>
    public IReadOnlyList<ReviewedFinding> Review(ClientCase @case) =>
        Review(@case, HealthReferral.From(@case.Client.Health, @case.Pain), MaxBook.Of(@case.Client, catalogue, @case.Strength, @case.Log, @case.Block.Start));

    private IReadOnlyList<ReviewedFinding> Review(ClientCase @case, Referral? referral, MaxBook maxes)
    {
        IReadOnlyList<KnownMax> known = [.. maxes.Measured.Select(max => new KnownMax(max.Exercise, max.Side, max.Kilograms, maxes.NewestSetOn(max.Exercise, max.Side)))];
        IReadOnlyList<Finding> found = new FindingBook(catalogue).Find(new FindingInput(
            @case.Client, @case.Screen, @case.Faults, @case.Pain, referral, known, maxes.Today, @case.Block.Weeks));
        return FindingReview.Of(found, @case.Decisions);
    }

    private static IReadOnlyList<SquatStanding> SquatsOf(ClientCase @case, MaxBook maxes) => SquatSurvey.Of(
        Lifter.Of(@case.Client, @case.Screen.KneeToWallCm?.Smaller, @case.Screen.HipFlexionDeg),
        exercise => maxes.Find(exercise)?.Kilograms ?? 0);

    /// <summary>The measured maxes, and those by ratio that the block stands on.</summary>
    private static IReadOnlyList<OneRepMax> WithThoseUsed(MaxBook maxes, IReadOnlyList<MainLift> lifts) =>
    [
        .. maxes.Measured
            .Concat(lifts.Select(lift => maxes.Find(lift.Exercise.Id)).OfType<OneRepMax>())
            .DistinctBy(max => (max.Exercise, max.Side))
            .OrderBy(max => max.Exercise, StringComparer.Ordinal).ThenBy(max => max.Side),
    ];
}
