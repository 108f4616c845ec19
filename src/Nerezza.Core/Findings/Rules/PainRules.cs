using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Findings.Rules;

/// <summary>Pain and referrals as findings: what was answered, never what it might be (docs/handbook/07-pain-and-health.md).</summary>
internal static class PainRules
{
    public static IEnumerable<Observation> Pain(IReadOnlyList<PainEntry> pain)
    {
        for (int i = 0; i < pain.Count; i++)
        {
            int severity = PainScore.LevelOf(pain[i]) switch
            {
                PainLevel.Stop => 3,
                PainLevel.Change => 2,
                PainLevel.Watch => 1,
            };
            foreach (PainSort kind in PainKind.Of(pain[i]))
                yield return new Observation(Code(kind), Cause.Pain, severity, Basis.Measured, [.. Scores(pain[i], i)]);
        }
    }

    public static IEnumerable<Observation> Refer(Referral? referral)
    {
        if (referral is null)
            yield break;
        int severity = referral.Level switch
        {
            ReferralLevel.Stop => 3,
            ReferralLevel.Soon => 1,
            ReferralLevel.BeforeLoading or ReferralLevel.BeforeHeavy => 2,
        };
        yield return new Observation(
            FindingCode.Refer,
            null,
            severity,
            Basis.Measured,
            [.. referral.Reasons.Select(reason => new Evidence(new Measure.Answered(reason), new Reading.Answer(true), "not answered"))]
        )
        {
            Confidence = FindingRules.Shipped.Confidence.Most,
        };
    }

    /// <summary>Kinds of pain and their findings share their codes.</summary>
    public static FindingCode Code(PainSort kind) => Codes.Find<FindingCode>(Codes.Of(kind))!.Value;

    private static IEnumerable<Evidence> Scores(PainEntry entry, int place)
    {
        yield return new Evidence(new Measure.Pain(place, PainPart.Region), new Reading.Word(Codes.Of(entry.Region)), "no pain");
        if (entry.ScoreDuring is { } during)
            yield return new Evidence(new Measure.Pain(place, PainPart.ScoreDuring), new Reading.Number(during), "0 to 2");
        if (entry.ScoreNextMorning is { } morning)
            yield return new Evidence(new Measure.Pain(place, PainPart.ScoreNextMorning), new Reading.Number(morning), "the usual score");
    }
}
