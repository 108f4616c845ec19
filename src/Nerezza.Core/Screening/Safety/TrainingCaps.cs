using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Screening.Safety;

/// <summary>What caution leaves of one exercise.</summary>
public abstract record Caution
{
    private Caution() { }

    /// <summary>It may be done, up to this effort and this part of the max.</summary>
    public sealed record Allowed(Rpe MostRpe, double MostFraction) : Caution
    {
        /// <summary>No set has fewer repetitions; 1 where caution asks for none.</summary>
        public int FewestReps { get; init; } = 1;

        /// <summary>The repetitions that it is done for; null where caution asks for none.</summary>
        public RepRange? Reps { get; init; }

        /// <summary>What is said before any other cue: of the breath, of a form that is tried.</summary>
        public IReadOnlyList<string> Cues { get; init; } = [];

        /// <summary>Whether it may go to failure and to the whole max.</summary>
        public bool CapsNothing => MostRpe >= Rpe.Ten && MostFraction >= 1;
    }

    /// <summary>It is not to be done.</summary>
    /// <param name="Reason">Which answer rules it out.</param>
    public sealed record RuledOut(CautionReason Reason) : Caution;
}

/// <summary>Caps on effort and load from age, health answers and pain (docs/handbook/07-pain-and-health.md).</summary>
public sealed class TrainingCaps(Client client, IReadOnlyList<PainEntry> pain, DateOnly start)
{
    private static readonly CapRule Rules = SafetyRules.Shipped.Caps;
    private readonly IReadOnlyList<Referral> _referrals = [.. HealthReferral.Held(client.Health, pain)];

    /// <summary>The training days, of which the last one of a form that is tried says whether it is tried again.</summary>
    public IReadOnlyList<LogDay> Log { get; init; } = [];

    /// <summary>Whether it is the first block of a novice over 50.</summary>
    public bool StartsLate { get; init; }

    /// <summary>What caution leaves of an exercise.</summary>
    public Caution For(Exercise exercise)
    {
        foreach (PainEntry entry in Asking())
        {
            if (exercise.Conflicts.Intersect(PainKind.ConflictsOf(entry)).Any())
                return new Caution.RuledOut(new CautionReason.OfPain(entry.Region));
        }
        IReadOnlyList<PainTrial> trials = TrialsOf(exercise);
        if (trials.FirstOrDefault(trial => !trial.Forms.Contains(exercise.Id)) is { } stop)
            return new Caution.RuledOut(new CautionReason.OfPain(stop.Region));
        if (client.Health.Flags.Contains(HealthFlag.Pregnant) && exercise.Conflicts.Contains(Conflict.Pregnant))
            return new Caution.RuledOut(new CautionReason.OfAnswer(new HealthReason.Flag(HealthFlag.Pregnant)));
        bool loadsSpine = exercise.Axial > 0 || exercise.Pattern is Pattern.Hinge;
        if (loadsSpine && Open(ReferralLevel.BeforeLoading) is { } nerve)
            return new Caution.RuledOut(new CautionReason.OfAnswer(nerve.Reasons[0]));
        bool hurts = Hurts(exercise);
        var allowed = new Caution.Allowed(MostRpe(hurts, exercise), hurts ? Rules.Pain.Fraction : 1)
        {
            Reps = hurts ? new RepRange(Rules.Pain.Reps[0], Rules.Pain.Reps[1]) : null,
            Cues = trials.Count > 0 ? [Rules.Pain.TrialCue] : [],
        };
        return IsHeavy(exercise) && Open(ReferralLevel.BeforeHeavy) is not null ? UntilCleared(allowed, exercise) : allowed;
    }

    /// <summary>Whether pain at the change or stop level covers an exercise.</summary>
    public bool Hurts(Exercise exercise) => Asking().Any(entry => PainKind.Covers(entry, exercise));

    /// <summary>Whether it covers a whole pattern.</summary>
    public bool Hurts(Pattern pattern) => Asking().Any(entry => PainKind.Covers(entry, pattern));

    /// <summary>What pain at the stop level leaves of an exercise's patterns; empty where none covers it.</summary>
    public IReadOnlyList<PainTrial> TrialsOf(Exercise exercise) =>
        [
            .. pain.Where(entry => PainScore.LevelOf(entry) is PainLevel.Stop && PainKind.Covers(entry, exercise))
                .Select(PainTrial.Of)
                .Select(trial => trial.Forms.Any(HurtLastTime) ? trial with { Forms = [] } : trial),
        ];

    /// <summary>Whether the last time a form was done it hurt more than may be carried on with: then it is not tried again until the
    /// answers on pain change (docs/handbook/07-pain-and-health.md#settled).</summary>
    private bool HurtLastTime(string form) =>
        Log.Where(day => day.Sets.Any(set => set.Exercise == form)).MaxBy(day => day.Date) is { } last
        && last.Sets.Any(set => set.Exercise == form && set.Pain > SafetyRules.Shipped.Pain.ChangeAbove);

    private IEnumerable<PainEntry> Asking() => pain.Where(entry => PainScore.LevelOf(entry) is not PainLevel.Watch);

    /// <summary>Whether a set of it can be so heavy that breath is held.</summary>
    private static bool IsHeavy(Exercise exercise) => exercise.Load is not LoadSource.None || exercise.BodyFraction > 0;

    private static Caution.Allowed UntilCleared(Caution.Allowed allowed, Exercise exercise) =>
        allowed with
        {
            MostFraction = Math.Min(allowed.MostFraction, Rules.BeforeHeavy.Fraction),
            FewestReps = Math.Min(Rules.BeforeHeavy.FewestReps, exercise.Reps.Top),
            Cues = [.. allowed.Cues, Rules.BeforeHeavy.Cue],
        };

    private Rpe MostRpe(bool hurts, Exercise exercise)
    {
        double most = 10;
        if (hurts)
            most = Rules.Pain.Rpe;
        if (Open(ReferralLevel.BeforeHeavy) is not null)
            most = Math.Min(most, exercise.FromFloor ? Rules.BeforeHeavy.FloorPullRpe : Rules.BeforeHeavy.Rpe);
        if (Youth.Is(client, start))
            most = Math.Min(most, Rules.Youth.Rpe);
        if (client.Health.Flags.Contains(HealthFlag.Pregnant))
            most = Math.Min(most, Rules.Pregnant.Rpe);
        if (StartsLate)
            most = Math.Min(most, Rules.LateStart.Rpe);
        return Rpe.Of(most);
    }

    private Referral? Open(ReferralLevel level) => _referrals.FirstOrDefault(referral => referral.Level == level);
}

/// <summary>The first block of a novice over 50: easy, few sets, no jumps, led by bells, the trap bar or machines
/// (docs/handbook/11-prescription.md#who-is-held-lower).</summary>
public static class LateStart
{
    private static readonly LateStartRule Rule = SafetyRules.Shipped.Caps.LateStart;

    /// <summary>Whether a block is such a one: nothing is logged before it.</summary>
    public static bool Is(Client client, IReadOnlyList<LogDay> log, DateOnly start) =>
        client.Level is Level.Novice && client.AgeIn(start) > Rule.Above && log.All(day => day.Date >= start);

    /// <summary>Weeks in which each exercise has few sets.</summary>
    public static int Weeks => Rule.Weeks;

    /// <summary>How few.</summary>
    public static int Sets => Rule.Sets;

    /// <summary>Work sets of an exercise at most in a week of it; null once it has begun.</summary>
    public static int? MostSets(int week) => week <= Weeks ? Sets : null;
}

/// <summary>Who needs a guardian's consent, supervision and light work (lloyd-2014).</summary>
public static class Youth
{
    /// <summary>Whether the client is under 16 in the year of a date; not known is not young.</summary>
    public static bool Is(Client client, DateOnly date) => client.AgeIn(date) < SafetyRules.Shipped.Caps.Youth.Below;
}
