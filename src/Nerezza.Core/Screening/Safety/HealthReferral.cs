using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Screening.Safety;

/// <summary>How far a referral stops training (handbook 7); the first that holds decides.</summary>
public enum ReferralLevel
{
    /// <summary>No program at all.</summary>
    Stop,
    /// <summary>No load on the spine.</summary>
    BeforeLoading,
    /// <summary>Nothing above RPE 7, no breath-hold cue.</summary>
    BeforeHeavy,
    /// <summary>See someone soon; the program runs.</summary>
    Soon,
}

/// <summary>How soon, and who.</summary>
public enum Urgency
{
    /// <summary>Emergency care today.</summary>
    Emergency,
    /// <summary>A doctor before training.</summary>
    Doctor,
    /// <summary>A clinician's clearance.</summary>
    Clearance,
}

/// <summary>A referral: level, urgency and the answers that it rests on. Nerezza names no disease.</summary>
/// <param name="Reasons">Each as its place in the case, for example health.flags: night-pain.</param>
public sealed record Referral(ReferralLevel Level, Urgency Urgency, IReadOnlyList<string> Reasons);

/// <summary>Reads the health answers and pain entries for anything that must be seen by someone else first.</summary>
/// <remarks>Red flags after Finucane et al. 2020; the rest is caution (assumption) and defers to local rules.</remarks>
public static class HealthReferral
{
    private static readonly HashSet<HealthFlag> Emergency =
    [
        HealthFlag.SaddleNumbness, HealthFlag.BladderBowel, HealthFlag.ProgressiveWeakness, HealthFlag.BothLegs,
        HealthFlag.ChestPain, HealthFlag.Fainting, HealthFlag.Breathlessness,
    ];

    private static readonly HashSet<HealthFlag> DoctorFirst = [HealthFlag.Fever, HealthFlag.BloodPressure180, HealthFlag.PregnancyWarning];

    private static readonly HashSet<HealthFlag> DoctorFirstWithPain =
    [
        HealthFlag.RecentTrauma, HealthFlag.WeightLoss, HealthFlag.CancerHistory, HealthFlag.NightPain, HealthFlag.Osteoporosis,
    ];

    private const double WeeksWithoutImprovement = 6;

    /// <summary>The referral that holds, or null. Only the answers that a clearance names are cleared.</summary>
    public static Referral? From(Health health, IReadOnlyList<PainEntry> pain)
    {
        List<HealthFlag> open = [.. health.Flags.Where(flag => health.ClearedBy?.Flags.Contains(flag) != true).Distinct().Order()];
        List<HealthFlag> doctor = [.. open.Where(flag => DoctorFirst.Contains(flag) || (pain.Count > 0 && DoctorFirstWithPain.Contains(flag)))];
        List<HealthFlag> emergency = [.. open.Where(Emergency.Contains)];
        if (emergency.Count > 0) return new Referral(ReferralLevel.Stop, Urgency.Emergency, Named([.. emergency, .. doctor]));
        if (doctor.Count > 0) return new Referral(ReferralLevel.Stop, Urgency.Doctor, Named(doctor));
        List<string> nerve = [.. pain.Select((entry, i) => (entry, i)).Where(row => row.entry.NerveSigns).Select(row => $"pain[{row.i}].nerveSigns")];
        if (nerve.Count > 0) return new Referral(ReferralLevel.BeforeLoading, Urgency.Clearance, nerve);
        if (open.Count > 0) return new Referral(ReferralLevel.BeforeHeavy, Urgency.Clearance, Named(open));
        List<string> lasting = [.. pain.Select((entry, i) => (entry, i))
            .Where(row => row.entry.Weeks > WeeksWithoutImprovement && row.entry.Improving != true).Select(row => $"pain[{row.i}].weeks")];
        return lasting.Count > 0 ? new Referral(ReferralLevel.Soon, Urgency.Clearance, lasting) : null;
    }

    private static List<string> Named(IEnumerable<HealthFlag> flags) => [.. flags.Select(flag => $"health.flags: {Codes.Of(flag)}")];
}
