using Nerezza.Core.Catalogue;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Tests.Contract;

/// <summary>What caution leaves.</summary>
internal sealed partial class RuleJudge
{
    /// <summary>Until someone was seen: before heavy work nothing above RPE 7 or three quarters of the max, no set under six repetitions,
    /// and the breath goes out; before any loading nothing along the spine either.</summary>
    private IEnumerable<string> Referred(BlockPart block)
    {
        if (plan.Referral?.Level is not (ReferralLevel.BeforeHeavy or ReferralLevel.BeforeLoading))
            yield break;
        foreach ((WeekPart week, SessionPart session, ItemPart item) in All(block))
        {
            if (item.Sets.Any(set => set.Rpe > 7))
                yield return $"{At(week, session, item)}: RPE {item.Sets.Max(set => set.Rpe)} under a referral";
            Exercise exercise = Catalogue[item.Exercise];
            if (plan.Referral.Level is ReferralLevel.BeforeHeavy && IsLifted(item, exercise))
            {
                if (item.Sets.Any(set => set.Reps < Math.Min(6, exercise.Reps.Top) || set.Percent > 75.05))
                    yield return $"{At(week, session, item)}: heavy under a referral";
                if (exercise.FromFloor && item.Sets.Any(set => set.Rpe > 6))
                    yield return $"{At(week, session, item)}: a hard pull from the floor under a referral";
                if (item.Cues[0] != "Breathe out on the way up")
                    yield return $"{At(week, session, item)}: nothing is said of the breath under a referral";
            }
            if (plan.Referral.Level is ReferralLevel.BeforeLoading && Catalogue[item.Exercise].Axial > 0)
                yield return $"{At(week, session, item)}: loads the spine under a referral";
        }
    }

    /// <summary>Whether it goes by repetitions against a load or the body.</summary>
    private static bool IsLifted(ItemPart item, Exercise exercise) =>
        item.Sets.All(set => set is { Metres: null, Seconds: null })
        && item.Role is not Role.Priming
        && (exercise.Load is not LoadSource.None || exercise.BodyFraction > 0);
}
