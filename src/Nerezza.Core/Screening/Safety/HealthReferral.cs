using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Screening.Safety;

/// <summary>How far a referral stops training (docs/handbook/07-pain-and-health.md); the first that holds decides.</summary>
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
    private static readonly SafetyRules Rules = SafetyRules.Shipped;
    private static readonly HashSet<HealthFlag> Emergency = SafetyRules.Flags(Rules.Emergency);
    private static readonly HashSet<HealthFlag> DoctorFirst = SafetyRules.Flags(Rules.DoctorFirst);
    private static readonly HashSet<HealthFlag> DoctorFirstWithPain = SafetyRules.Flags(Rules.DoctorFirstWithPain);

    /// <summary>The gravest referral that holds, or null. Only the answers that a clearance names are cleared.</summary>
    public static Referral? From(Health health, IReadOnlyList<PainEntry> pain) => Held(health, pain).FirstOrDefault();

    /// <summary>Every referral that holds, gravest first: a graver one does not lift the caution of those below it.</summary>
    public static IEnumerable<Referral> Held(Health health, IReadOnlyList<PainEntry> pain)
    {
        List<HealthFlag> open = [.. health.Flags.Where(flag => health.ClearedBy?.Flags.Contains(flag) != true).Distinct().Order()];
        List<HealthFlag> emergency = [.. open.Where(Emergency.Contains)];
        List<HealthFlag> doctor =
        [
            .. open.Where(flag => DoctorFirst.Contains(flag) || (pain.Count > 0 && DoctorFirstWithPain.Contains(flag))),
        ];
        List<HealthFlag> heavy = [.. open.Except(emergency).Except(doctor)];
        List<string> nerve = [.. Where(pain, entry => entry.NerveSigns, "nerveSigns")];
        List<string> lasting = [.. Where(pain, entry => entry.Weeks > Rules.WeeksWithoutImprovement && entry.Improving != true, "weeks")];
        if (emergency.Count > 0)
            yield return new Referral(ReferralLevel.Stop, Urgency.Emergency, Named([.. emergency, .. doctor]));
        if (emergency.Count == 0 && doctor.Count > 0)
            yield return new Referral(ReferralLevel.Stop, Urgency.Doctor, Named(doctor));
        if (nerve.Count > 0)
            yield return new Referral(ReferralLevel.BeforeLoading, Urgency.Clearance, nerve);
        if (heavy.Count > 0)
            yield return new Referral(ReferralLevel.BeforeHeavy, Urgency.Clearance, Named(heavy));
        if (lasting.Count > 0)
            yield return new Referral(ReferralLevel.Soon, Urgency.Clearance, lasting);
    }

    /// <summary>What an answer asks for on its own, as a page groups its questions.</summary>
    public static AnswerGroup WhenAnswered(HealthFlag flag) =>
        Emergency.Contains(flag) ? AnswerGroup.Emergency
        : DoctorFirst.Contains(flag) ? AnswerGroup.Doctor
        : DoctorFirstWithPain.Contains(flag) ? AnswerGroup.DoctorWithPain
        : AnswerGroup.BeforeHeavy;

    private static IEnumerable<string> Where(IReadOnlyList<PainEntry> pain, Func<PainEntry, bool> holds, string field) =>
        pain.Select((entry, i) => (entry, i)).Where(row => holds(row.entry)).Select(row => $"pain[{row.i}].{field}");

    private static List<string> Named(IEnumerable<HealthFlag> flags) => [.. flags.Select(flag => $"health.flags: {Codes.Of(flag)}")];
}

/// <summary>What a health answer asks for on its own.</summary>
public enum AnswerGroup
{
    /// <summary>Emergency care today.</summary>
    Emergency,

    /// <summary>A doctor before training.</summary>
    Doctor,

    /// <summary>A doctor before training when there is pain now; else before heavy work.</summary>
    DoctorWithPain,

    /// <summary>Clearance before heavy work.</summary>
    BeforeHeavy,
}
