using Nerezza.Core.Clients;

namespace Nerezza.Core.Screening.Safety;

/// <summary>How far a referral stops training (docs/handbook/07-pain-and-health.md); the first that holds decides.</summary>
public enum ReferralLevel
{
    /// <summary>No program at all.</summary>
    Stop,

    /// <summary>No load on the spine.</summary>
    BeforeLoading,

    /// <summary>Nothing hard or heavy, no set of few repetitions, no breath-hold cue.</summary>
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
public sealed record Referral(ReferralLevel Level, Urgency Urgency, IReadOnlyList<HealthReason> Reasons);

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
        List<HealthReason> nerve = [.. Entries(pain, entry => entry.NerveSigns).Select(i => new HealthReason.NerveSigns(i))];
        List<HealthReason> lasting =
        [
            .. Entries(pain, entry => entry.Weeks > Rules.WeeksWithoutImprovement && entry.Improving != true)
                .Select(i => new HealthReason.LastingPain(i)),
        ];
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

    /// <summary>The signs that end a session at once (docs/handbook/13-floor.md), each with the referral that follows.</summary>
    public static IReadOnlyList<(HealthFlag Sign, Referral Referral)> OnTheFloor { get; } =
    [.. Emergency.Order().Select(sign => (sign, new Referral(ReferralLevel.Stop, Urgency.Emergency, Named([sign]))))];

    /// <summary>Whether a clearance given on a day lifts a sign that was seen on another: only one from after it does
    /// (docs/handbook/07-pain-and-health.md); of the same day nobody can tell which came first.</summary>
    public static bool Lifts(DateOnly cleared, DateOnly seen) => cleared > seen;

    /// <summary>What an answer asks for on its own, as a page groups its questions.</summary>
    public static AnswerGroup WhenAnswered(HealthFlag flag) =>
        Emergency.Contains(flag) ? AnswerGroup.Emergency
        : DoctorFirst.Contains(flag) ? AnswerGroup.Doctor
        : DoctorFirstWithPain.Contains(flag) ? AnswerGroup.DoctorWithPain
        : AnswerGroup.BeforeHeavy;

    private static IEnumerable<int> Entries(IReadOnlyList<PainEntry> pain, Func<PainEntry, bool> hold) =>
        Enumerable.Range(0, pain.Count).Where(i => hold(pain[i]));

    private static List<HealthReason> Named(IEnumerable<HealthFlag> flags) => [.. flags.Select(flag => new HealthReason.Flag(flag))];
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
