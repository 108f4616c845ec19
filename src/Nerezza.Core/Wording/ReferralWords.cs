using System.Diagnostics;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Wording;

/// <summary>Says a referral calmly: what was answered, who to see, nothing named and nothing guessed.</summary>
public static class ReferralWords
{
    /// <summary>The line that stands wherever pain or health is entered.</summary>
    public const string Caution =
        "Nerezza is no medical device and does not diagnose. When in doubt, ask a doctor or physiotherapist first; local rules on "
        + "who may advise come before anything here.";

    /// <summary>The same beside a pain entry in a session.</summary>
    public const string OnTheFloor =
        "Nerezza is no medical device and does not diagnose. With new or strong pain stop, and ask a doctor or physiotherapist.";

    private static readonly HeavyCapRule Heavy = SafetyRules.Shipped.Caps.BeforeHeavy;

    /// <summary>The referral in two or three sentences.</summary>
    public static string Text(Referral referral)
    {
        string answered = $"Answered: {string.Join(", ", referral.Reasons.Select(Question))}.";
        if (referral.Urgency is Urgency.Emergency)
            return $"Emergency care today. {answered} No training until a doctor has seen the client and it is recorded here.";
        return referral.Level switch
        {
            ReferralLevel.Stop =>
                $"See a doctor before training. {answered} No program is made until it is recorded who cleared the client, their "
                    + "profession, the date and which answers.",
            ReferralLevel.BeforeLoading =>
                $"See a doctor or physiotherapist before loading the spine. {answered} Until cleared, no load on the spine and no "
                    + "loaded hinge; the rest of the program may run.",
            ReferralLevel.BeforeHeavy => $"See a doctor before heavy work. {answered} Until cleared, nothing above RPE {Heavy.Rpe:0} or "
                + $"{Heavy.Fraction * 100:0} % of the max, no set under {Heavy.FewestReps} repetitions and no breath-hold.",
            ReferralLevel.Soon => $"See a doctor or physiotherapist soon. {answered} The program runs as it stands.",
        };
    }

    /// <summary>A health answer in plain words.</summary>
    public static string Question(HealthFlag flag) =>
        flag switch
        {
            HealthFlag.SaddleNumbness => "numbness around the saddle area",
            HealthFlag.BladderBowel => "a change in bladder or bowel control",
            HealthFlag.ProgressiveWeakness => "weakness that gets worse",
            HealthFlag.BothLegs => "symptoms in both legs",
            HealthFlag.ChestPain => "chest pain",
            HealthFlag.Fainting => "fainting",
            HealthFlag.Breathlessness => "breathlessness out of proportion",
            HealthFlag.Fever => "fever, or feeling ill with it",
            HealthFlag.BloodPressure180 => "resting blood pressure of 180/110 or more",
            HealthFlag.PregnancyWarning => "bleeding, fluid, contractions or calf swelling in pregnancy",
            HealthFlag.RecentTrauma => "a recent fall or blow",
            HealthFlag.WeightLoss => "unexplained weight loss",
            HealthFlag.CancerHistory => "cancer in the history",
            HealthFlag.NightPain => "night pain that does not ease",
            HealthFlag.Osteoporosis => "osteoporosis or long steroid use",
            HealthFlag.Pregnant => "pregnant",
            HealthFlag.Postnatal => "within 12 months of birth",
            HealthFlag.Heart => "a heart condition",
            HealthFlag.BloodPressure160 => "resting blood pressure of 160/100 or more",
            HealthFlag.EyeSurgery => "eye surgery or glaucoma",
            HealthFlag.Aneurysm => "an aneurysm",
            HealthFlag.Hernia => "a hernia",
            HealthFlag.RecentSurgery => "recent surgery",
        };

    /// <summary>An answer that asks for someone else first, in plain words.</summary>
    public static string Question(HealthReason reason) =>
        reason switch
        {
            HealthReason.Flag flag => Question(flag.Of),
            HealthReason.NerveSigns => "tingling, shooting pain or a leg that gives way",
            HealthReason.LastingPain => "pain for more than six weeks that does not get better",
            _ => throw new UnreachableException(reason.GetType().Name),
        };

    /// <summary>What rules an exercise out.</summary>
    public static string Text(CautionReason reason) =>
        reason switch
        {
            CautionReason.OfPain pain => $"pain ({Codes.Of(pain.Region).Replace('-', ' ')})",
            CautionReason.OfAnswer answer => $"an answer about health ({Question(answer.Reason)})",
            _ => throw new UnreachableException(reason.GetType().Name),
        };
}
