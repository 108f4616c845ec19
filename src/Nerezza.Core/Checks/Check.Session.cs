using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Checks;

// What is wrong with a session or an exercise in it.
public abstract partial record Check
{
    /// <summary>A session takes longer than the minutes that there are.</summary>
    public sealed record SessionTooLong(int Minutes, int MinutesGiven) : Check(CheckCode.SessionTooLong, CheckSeverity.Warn);

    /// <summary>Kit for an exercise is not there.</summary>
    public sealed record EquipmentMissing(string Exercise, IReadOnlyList<Implement> Missing)
        : StandingCheck(CheckCode.EquipmentMissing, CheckSeverity.Stop, Exercise);

    /// <summary>The rung of an exercise is not open.</summary>
    public sealed record RungLocked(string Exercise) : StandingCheck(CheckCode.RungLocked, CheckSeverity.Warn, Exercise);

    /// <summary>Pain or a referral rules an exercise out.</summary>
    public sealed record RuledOutByPain(string Exercise, CautionReason Reason)
        : StandingCheck(CheckCode.PainConflict, CheckSeverity.Stop, Exercise);

    /// <summary>An exercise is asked for harder than pain or a referral allows.</summary>
    public sealed record EffortOverPain(string Exercise, Rpe Asked, Rpe Most)
        : StandingCheck(CheckCode.PainConflict, CheckSeverity.Stop, Exercise);

    /// <summary>An exercise is asked for heavier than pain or a referral allows; percent of e1RM.</summary>
    public sealed record PercentOverPain(string Exercise, double AskedPercent, double MostPercent)
        : StandingCheck(CheckCode.PainConflict, CheckSeverity.Stop, Exercise);

    /// <summary>A load cannot be made, or none is known.</summary>
    public sealed record LoadNotLoadable(string Exercise) : StandingCheck(CheckCode.LoadNotLoadable, CheckSeverity.Info, Exercise);

    /// <summary>Strength work with too little rest.</summary>
    public sealed record StrengthRest(string Exercise, int RestSeconds, int LeastSeconds)
        : ExerciseCheck(CheckCode.StrengthRest, CheckSeverity.Warn, Exercise);

    /// <summary>Near failure alone, under a bar, without pins or a spotter.</summary>
    public sealed record NoSafeties(string Exercise) : ExerciseCheck(CheckCode.NoSafeties, CheckSeverity.Stop, Exercise);

    /// <summary>A lift comes after lighter work.</summary>
    /// <param name="Before">The lighter work that stands before it.</param>
    public sealed record HeavyAfterLighter(string Exercise, string Before) : ExerciseCheck(CheckCode.Order, CheckSeverity.Warn, Exercise);

    /// <summary>Mobility that loosens the back stands before heavy work on the spine.</summary>
    public sealed record LoosensBack(string Exercise) : ExerciseCheck(CheckCode.Order, CheckSeverity.Warn, Exercise);

    /// <summary>Grip-heavy work before a pull.</summary>
    public sealed record GripBeforePull(string Exercise, string Pull)
        : ExerciseCheck(CheckCode.GripBeforePull, CheckSeverity.Warn, Exercise);

    /// <summary>Strength work stands in a superset.</summary>
    public sealed record StrengthCircuit(string Exercise) : ExerciseCheck(CheckCode.StrengthCircuit, CheckSeverity.Stop, Exercise);

    /// <summary>Exercises of a superset work one muscle hard.</summary>
    public sealed record SupersetClash(string Exercise, string With) : ExerciseCheck(CheckCode.SupersetClash, CheckSeverity.Warn, Exercise);

    /// <summary>Two forms of one movement in a session.</summary>
    /// <param name="With">The form that stands first.</param>
    public sealed record SameLiftTwice(string Exercise, string With) : ExerciseCheck(CheckCode.SameLiftTwice, CheckSeverity.Warn, Exercise);

    /// <summary>More repetitions than a pull from the floor is good for.</summary>
    public sealed record FloorPullReps(string Exercise, int Reps, int Most)
        : ExerciseCheck(CheckCode.FloorPullReps, CheckSeverity.Warn, Exercise);

    /// <summary>Nothing is light enough to throw.</summary>
    /// <param name="Most">What a piece may weigh at most.</param>
    public sealed record NothingToThrow(string Exercise, Load Most)
        : ExerciseCheck(CheckCode.EquipmentMissing, CheckSeverity.Info, Exercise);

    /// <summary>A main lift easier than anybody can rate.</summary>
    /// <param name="Heaviest">The heaviest set that is planned.</param>
    public sealed record TooLight(string Exercise, Load Heaviest) : StandingCheck(CheckCode.TooLight, CheckSeverity.Warn, Exercise);

    /// <summary>An exercise does not grow over the load weeks, and nothing says why.</summary>
    public sealed record NoProgress(string Exercise) : ExerciseCheck(CheckCode.NoProgress, CheckSeverity.Warn, Exercise);

    /// <summary>A session leaves minutes while a muscle is short of sets.</summary>
    public sealed record MinutesUnused(int Minutes, int MinutesGiven, Muscle Muscle)
        : MuscleCheck(CheckCode.MinutesUnused, CheckSeverity.Info, Muscle);
}
