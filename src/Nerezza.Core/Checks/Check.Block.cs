using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

// What is wrong with a block as a whole or with how its weeks lie.
public abstract partial record Check
{
    /// <summary>Under 16 without recorded consent and supervision.</summary>
    public sealed record GuardianConsent() : Check(CheckCode.GuardianConsent, CheckSeverity.Stop);

    /// <summary>The block is shorter or longer than its kind usually is.</summary>
    /// <param name="Usual">The nearest usual number of weeks.</param>
    public sealed record BlockLength(int Weeks, int Usual) : Check(CheckCode.BlockLength, CheckSeverity.Info);

    /// <summary>No lift of a kind stands in the block.</summary>
    /// <param name="Pattern">The first pattern of the kind: squat, hinge, press or pull.</param>
    public sealed record PatternMissing(Pattern Pattern) : Check(CheckCode.PatternMissing, CheckSeverity.Warn);

    /// <summary>A heavy hinge too soon after another.</summary>
    public sealed record HingeSpacing(string Exercise, int DaysApart, int DaysWanted)
        : ExerciseCheck(CheckCode.HingeSpacing, CheckSeverity.Warn, Exercise);

    /// <summary>No deload where one is due.</summary>
    public sealed record DeloadMissing(int Weeks) : Check(CheckCode.DeloadMissing, CheckSeverity.Warn);

    /// <summary>A lunge that leaves the legs sore, the day after another.</summary>
    public sealed record LungeSpacing(string Exercise) : ExerciseCheck(CheckCode.LungeSpacing, CheckSeverity.Warn, Exercise);

    /// <summary>A heavy lower session on the day before hard training of another kind, on the day of it or the day after it.</summary>
    /// <param name="Other">That training.</param>
    /// <param name="DaysFrom">Days from the session to it: 1 before it, 0 on its day, -1 after it.</param>
    public sealed record SportClash(OtherTraining Other, int DaysFrom) : Check(CheckCode.SportClash, CheckSeverity.Warn);

    /// <summary>An exercise comes again in the week at the same repetitions.</summary>
    public sealed record RepRangeRepeat(string Exercise, int Reps) : ExerciseCheck(CheckCode.RepRangeRepeat, CheckSeverity.Info, Exercise);

    /// <summary>The emphasised half comes second of two sessions back to back.</summary>
    public sealed record EmphasisLate() : Check(CheckCode.EmphasisLate, CheckSeverity.Info);

    /// <summary>A load rises more than a step that can be trusted.</summary>
    public sealed record JumpTooBig(string Exercise, Load From, Load To)
        : ExerciseCheck(CheckCode.JumpTooBig, CheckSeverity.Warn, Exercise);

    /// <summary>No chosen exercise answers a finding.</summary>
    /// <param name="Way">What would have to be given up for an answer; null where nothing in the catalogue does.</param>
    /// <remarks>Named, not warned of: kit, caution, minutes or the spine leave the plan no better way.</remarks>
    public sealed record FindingUnanswered(FindingCode Finding, GiveUp? Way) : Check(CheckCode.FindingUnanswered, CheckSeverity.Info);

    /// <summary>What answered a finding was taken out by hand.</summary>
    /// <param name="Grade">The finding's severity: a slight one is only named.</param>
    public sealed record AnswerTakenOut(FindingCode Finding, int Grade)
        : Check(CheckCode.FindingUnanswered, Grade >= 2 ? CheckSeverity.Warn : CheckSeverity.Info);

    /// <summary>A referral is open.</summary>
    public sealed record ReferralOpen(ReferralLevel Level)
        : Check(CheckCode.ReferralOpen, Level is ReferralLevel.Stop ? CheckSeverity.Stop : CheckSeverity.Warn);
}
