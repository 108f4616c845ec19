using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Floor;

/// <summary>A set that was done, against what was prescribed for it.</summary>
public sealed record SetDone
{
    /// <summary>What it was.</summary>
    public SetKind Kind { get; init; } = SetKind.Lift;

    /// <summary>Lifted, external; null where there was no load.</summary>
    public required Load? Load { get; init; }

    /// <summary>Done; null where it is not counted in repetitions.</summary>
    public required int? Reps { get; init; }

    /// <summary>As rated; null when it was not.</summary>
    public required Rpe? Rpe { get; init; }

    /// <summary>The last repetition in good form; null when all were.</summary>
    public required int? TechniqueHeldTo { get; init; }

    /// <summary>Score of 10; null when none was said.</summary>
    public required double? Pain { get; init; }

    /// <summary>Seconds held, or that the way took.</summary>
    public double? Seconds { get; init; }

    /// <summary>Metres of the way.</summary>
    public double? Metres { get; init; }

    /// <summary>What was said of it in a word.</summary>
    public SetWord? Word { get; init; }

    /// <summary>As planned.</summary>
    public required SetAhead Planned { get; init; }

    /// <summary>Whether less was done than planned, in what such a set is counted in. Repetitions after form went are no miss: they were
    /// taken off; nor are fewer with a load that is far above the planned one.</summary>
    public bool Missed =>
        Kind switch
        {
            SetKind.Lift or SetKind.BodyWeight => Reps < Planned.Reps && TechniqueHeldTo is null && !IsFarHeavier,
            SetKind.Hold => Seconds < Planned.Seconds,
            SetKind.Carry or SetKind.Medley => Metres < Planned.Metres,
            SetKind.Throw or SetKind.Jump or SetKind.Priming or SetKind.Drill => false,
        };

    private bool IsFarHeavier =>
        Load is { } load && Planned.Load is { } planned && load.Kilograms > planned.Kilograms * (1 + FloorRules.Shipped.MostMove);
}

/// <summary>The next set as it stands in the plan.</summary>
/// <param name="Load">Null where there is none.</param>
public sealed record SetAhead(Load? Load, int Reps, Rpe Rpe)
{
    /// <summary>Of a hold.</summary>
    public double? Seconds { get; init; }

    /// <summary>Of a way, with all implements together.</summary>
    public double? Metres { get; init; }
}

/// <summary>What the floor proposes for the next set; coach or client accepts (docs/handbook/13-floor.md).</summary>
public abstract record NextSet
{
    private NextSet() { }

    /// <summary>As planned.</summary>
    public sealed record AsPlanned(SetAhead Ahead) : NextSet;

    /// <summary>Another load or fewer repetitions.</summary>
    public sealed record Adjusted(SetAhead Ahead, AdjustReason Reason) : NextSet;

    /// <summary>The exercise is done for today.</summary>
    public sealed record EndExercise(EndReason Reason) : NextSet;

    /// <summary>Another exercise should take its place; pain 3 to 5.</summary>
    public sealed record OfferSubstitute : NextSet;

    /// <summary>The first set of an exercise that is not done, and what it should be; null before the first set and after the
    /// last.</summary>
    /// <param name="planned">Every set, by place.</param>
    /// <param name="done">By place, in any order.</param>
    public static (int Place, NextSet Next)? Of(IReadOnlyList<SetAhead> planned, IReadOnlyDictionary<int, SetDone> done, Lifting lifting)
    {
        List<int> left = [.. Enumerable.Range(0, planned.Count).Where(place => !done.ContainsKey(place))];
        List<SetDone> sets = [.. done.Where(set => set.Key < planned.Count).OrderBy(set => set.Key).Select(set => set.Value)];
        return sets.Count == 0 || left.Count == 0 ? null : (left[0], After(sets, planned[left[0]], left.Count, lifting));
    }

    /// <summary>Decides from all sets of the exercise done today, in order.</summary>
    /// <param name="done">At least one.</param>
    /// <param name="ahead">The next set as planned.</param>
    /// <param name="setsLeft">Sets still planned, this one included.</param>
    public static NextSet After(IReadOnlyList<SetDone> done, SetAhead ahead, int setsLeft, Lifting lifting)
    {
        SetDone last = done[^1];
        return ByPain(last) ?? ByWord(last) ?? ByMisses(done, setsLeft) ?? ByForm(last, ahead) ?? ByStrength(last, ahead, lifting);
    }

    private static NextSet? ByPain(SetDone last) =>
        last.Pain > FloorRules.Shipped.EndPainAbove ? new EndExercise(EndReason.Pain)
        : last.Pain >= FloorRules.Shipped.SubstitutePainFrom ? new OfferSubstitute()
        : null;

    private static EndExercise? ByWord(SetDone last) =>
        last.Word switch
        {
            SetWord.Felt => new EndExercise(EndReason.Felt),
            SetWord.Slowing => new EndExercise(EndReason.Slowing),
            SetWord.NotYet or SetWord.Fast or null => null,
        };

    private static EndExercise? ByMisses(IReadOnlyList<SetDone> done, int setsLeft)
    {
        if (done.Count(set => set.Missed) >= 2)
            return new EndExercise(EndReason.MissedTwice);
        bool tooHard = done[^1].Rpe == Rpe.Ten && done[^1].Planned.Rpe.Value <= FloorRules.Shipped.HardPrescribedRpe;
        return tooHard && setsLeft <= 1 ? new EndExercise(EndReason.OneSetFewer) : null;
    }

    /// <summary>Where form went, what was lifted after it says nothing of today's strength: fewer repetitions, the same load.</summary>
    private static NextSet? ByForm(SetDone last, SetAhead ahead) =>
        last is not { TechniqueHeldTo: { } held, Reps: { } reps } || held >= reps ? null
        : held < ahead.Reps ? new Adjusted(ahead with { Reps = Math.Max(1, held) }, AdjustReason.TechniqueChanged)
        : new AsPlanned(ahead);

    private static NextSet ByStrength(SetDone last, SetAhead ahead, Lifting lifting)
    {
        if (last.Missed)
            return Less(last, ahead, lifting.Means);
        if (ahead.Load is { } planned && Today(last, ahead.Reps, ahead.Rpe, planned, lifting) is { } load && load != planned)
        {
            AdjustReason reason = load < planned ? AdjustReason.HarderThanPlanned : AdjustReason.EasierThanPlanned;
            return new Adjusted(ahead with { Load = load }, reason);
        }
        return Further(last, ahead, lifting) ?? (NextSet)new AsPlanned(ahead);
    }

    /// <summary>A set that was too easy to rate, where no load can be made that is surely right: as many repetitions as bring even the
    /// least that was left to a hard set, then the next load for as few as can surely be made on it
    /// (docs/decisions/0014-what-the-log-says-of-a-max.md). Null where that is nothing new, or caution keeps the set easy.</summary>
    private static Adjusted? Further(SetDone last, SetAhead ahead, Lifting lifting)
    {
        FloorRules rules = FloorRules.Shipped;
        bool counts = last is { Kind: SetKind.Lift or SetKind.BodyWeight, Pain: null or 0 } && ahead is { Seconds: null, Metres: null };
        if (!counts || last is not { Rpe: { } rpe, Reps: { } done } || rpe.Value >= rules.TooEasyBelow || lifting.MostReps == 0)
            return null;
        double? before = ahead.Load is { } planned ? AsLifted(last, planned) : null;
        Load? up = before is { } stands ? lifting.Means.NextAbove(Load.FromKilograms(stands)) : null;
        // Where the next load is a small step, the next session takes it.
        if (up?.Kilograms <= before * (1 + rules.MostMove))
            return null;
        double atLeast = done + rpe.InReserve + Math.Min(0, lifting.Bias);
        double wanted = Math.Min(ahead.Rpe.InReserve, Rpe.Of(rules.ProbeRpe).InReserve);
        int reps = Math.Min(lifting.MostReps, (int)Math.Floor(atLeast - wanted + 1e-9));
        if (done < lifting.MostReps)
            return reps > ahead.Reps ? new Adjusted(ahead with { Reps = reps }, AdjustReason.EasierWithoutStep) : null;
        return up is { } next && next.Kilograms <= before * (1 + rules.MostProbeStep) && Sure(last, next, atLeast, lifting) is { } few
            ? new Adjusted(ahead with { Load = next, Reps = Math.Min(ahead.Reps, few) }, AdjustReason.EasyAtTheMost)
            : null;
    }

    /// <summary>Repetitions that the least of a set's strength makes on a load, one of them kept; null where that is no try.</summary>
    private static int? Sure(SetDone last, Load load, double atLeast, Lifting lifting)
    {
        if (last.Load is not { } lifted)
            return null;
        double max = lifting.MaxOf(lifted, Math.Min(atLeast, LoadRules.Shipped.OneRepMax.NoneAbove));
        int sure = (int)Math.Floor(lifting.RepsOn(load, max) - 1 + 1e-9);
        return sure >= FloorRules.Shipped.FewestOfProbe ? sure : null;
    }

    /// <summary>After a miss: less load; where there is none, what was done is what the next set asks.</summary>
    private static Adjusted Less(SetDone last, SetAhead ahead, LoadSteps means)
    {
        if (ahead.Load is not { } planned)
            return new Adjusted(
                ahead with
                {
                    Reps = Math.Max(1, Math.Min(ahead.Reps, last.Reps ?? ahead.Reps)),
                    Seconds = Shorter(ahead.Seconds, last.Seconds),
                    Metres = Shorter(ahead.Metres, last.Metres),
                },
                AdjustReason.MissedWithoutLoad
            );
        double before = AsLifted(last, planned);
        double target = before * (1 - FloorRules.Shipped.MissedTakesOff);
        Load? lighter =
            means.Nearest(target) is { } near && near.Kilograms < before - 1e-9 ? near : means.NextBelow(Load.FromKilograms(before));
        return new Adjusted(ahead with { Load = lighter ?? planned }, AdjustReason.MissedReps);
    }

    /// <summary>A set that was too easy to rate says only that there was more: where steps are coarse, as on a stack, the next step is
    /// taken if even the least that was left makes all repetitions on it. Null else.</summary>
    private static Load? EasyStep(SetDone last, int reps, Rpe effort, double before, double todayAtLeast, Lifting lifting)
    {
        FloorRules rules = FloorRules.Shipped;
        if (!(last.Rpe?.Value < rules.TooEasyBelow) || effort.Value <= rules.TooEasyBelow)
            return null;
        if (lifting.Means.NextAbove(Load.FromKilograms(before)) is not { } up || up.Kilograms > before * (1 + rules.MostEasyStep))
            return null;
        return lifting.RepsOn(up, todayAtLeast) >= reps ? up : null;
    }

    private static double? Shorter(double? planned, double? done) => planned is { } most ? Math.Max(1, Math.Min(most, done ?? most)) : null;

    /// <summary>The next set's load if it kept to what was lifted as the plan keeps to what was planned: what was moved once stays
    /// moved.</summary>
    private static double AsLifted(SetDone last, Load planned) =>
        last is { Load.Kilograms: > 0, Planned.Load.Kilograms: > 0 }
            ? planned.Kilograms * last.Load.Value.Kilograms / last.Planned.Load.Value.Kilograms
            : planned.Kilograms;

    /// <summary>The load that today's strength asks for, at most a tenth from where the sets stand by now; null when the set was not
    /// rated.</summary>
    private static Load? Today(SetDone last, int reps, Rpe effort, Load planned, Lifting lifting)
    {
        if (last is not { Rpe: { } rpe, Load: { } lifted, Reps: { } done and >= 1 })
            return null;
        double toFailure = Math.Max(1, done + rpe.InReserve + lifting.Bias);
        if (RepCurve.Trust(toFailure) is EstimateTrust.None)
            return null;
        double today = lifting.MaxOf(lifted, toFailure);
        double target = lifting.Curve.Fraction(reps, effort) * today - lifting.BodyKg;
        double before = AsLifted(last, planned);
        Load? asked = Moved(target, before, lifting.Means);
        // What was too easy to rate goes at least one step up, where that is sure.
        return EasyStep(last, reps, effort, before, today, lifting) is { } easy && (asked is null || easy > asked) ? easy : asked;
    }

    /// <summary>The load nearest to the target, a tenth from where the sets stand at most; where they stand if it is under half a step
    /// away.</summary>
    private static Load? Moved(double target, double before, LoadSteps means)
    {
        double most = FloorRules.Shipped.MostMove * before;
        double held = Math.Clamp(target, before - most, before + most);
        Load? step = target > before ? means.NextAbove(Load.FromKilograms(before)) : means.NextBelow(Load.FromKilograms(before));
        if (step is not { } next || Math.Abs(held - before) <= Math.Abs(next.Kilograms - before) / 2 + 1e-9)
            return means.Nearest(before);
        Load? nearest = means.Nearest(held);
        // Rounding to a plate must not carry the move past the tenth that one set may change.
        bool past = nearest is { } load && Math.Abs(load.Kilograms - before) > most + 1e-9;
        return !past ? nearest
            : target > before ? means.NextBelow(nearest!.Value)
            : means.NextAbove(nearest!.Value);
    }
}

/// <summary>Why the next set changes.</summary>
public enum AdjustReason
{
    /// <summary>The last set was rated easier than prescribed.</summary>
    EasierThanPlanned,

    /// <summary>The last set was rated harder than prescribed.</summary>
    HarderThanPlanned,

    /// <summary>The last set was too easy to rate, and the next load is too big a step: more repetitions.</summary>
    EasierWithoutStep,

    /// <summary>The last set was too easy to rate with as many repetitions as there are: the next load for fewer.</summary>
    EasyAtTheMost,

    /// <summary>Fewer repetitions than prescribed, or a shorter way.</summary>
    MissedReps,

    /// <summary>The same of work without a load.</summary>
    MissedWithoutLoad,

    /// <summary>Form changed before the last repetition.</summary>
    TechniqueChanged,
}

/// <summary>Why an exercise ends early.</summary>
public enum EndReason
{
    /// <summary>Pain above 5.</summary>
    Pain,

    /// <summary>Two sets that fell short of what was prescribed.</summary>
    MissedTwice,

    /// <summary>What was primed is felt.</summary>
    Felt,

    /// <summary>Throws or jumps that are no longer fast.</summary>
    Slowing,

    /// <summary>RPE 10 on a prescribed 8: the last set is left out.</summary>
    OneSetFewer,
}
