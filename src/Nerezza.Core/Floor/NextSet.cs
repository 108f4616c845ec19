using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Floor;

/// <summary>A set that was done, against what was prescribed for it.</summary>
public sealed record SetDone
{
    /// <summary>Lifted, external.</summary>
    public required Load Load { get; init; }

    /// <summary>Done.</summary>
    public required int Reps { get; init; }

    /// <summary>As rated; null when it was not.</summary>
    public required Rpe? Rpe { get; init; }

    /// <summary>The last repetition in good form; null when all were.</summary>
    public required int? TechniqueHeldTo { get; init; }

    /// <summary>Score of 10; null when none was said.</summary>
    public required double? Pain { get; init; }

    /// <summary>As planned.</summary>
    public required int PrescribedReps { get; init; }

    /// <summary>As planned.</summary>
    public required Rpe PrescribedRpe { get; init; }
}

/// <summary>The next set as it stands in the plan.</summary>
public sealed record SetAhead(Load Load, int Reps, Rpe Rpe);

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

    /// <summary>Decides from all sets of the exercise done today, in order.</summary>
    /// <param name="done">At least one.</param>
    /// <param name="ahead">The next set as planned.</param>
    /// <param name="setsLeft">Sets still planned, this one included.</param>
    public static NextSet After(IReadOnlyList<SetDone> done, SetAhead ahead, int setsLeft, RepCurve curve, double bodyKg, LoadMeans means)
    {
        FloorRules rules = FloorRules.Shipped;
        SetDone last = done[^1];
        if (last.Pain > rules.EndPainAbove)
            return new EndExercise(EndReason.Pain);
        if (last.Pain >= rules.SubstitutePainFrom)
            return new OfferSubstitute();
        if (done.Count(Missed) >= 2)
            return new EndExercise(EndReason.MissedTwice);
        bool tooHard = last.Rpe == Rpe.Ten && last.PrescribedRpe.Value <= rules.HardPrescribedRpe;
        if (tooHard && setsLeft <= 1)
            return new EndExercise(EndReason.OneSetFewer);
        // Where form went, what was lifted after it says nothing of today's strength: fewer repetitions, the same load.
        if (last.TechniqueHeldTo is { } held && held < last.Reps)
            return held < ahead.Reps
                ? new Adjusted(ahead with { Reps = Math.Max(1, held) }, AdjustReason.TechniqueChanged)
                : new AsPlanned(ahead);
        if (Missed(last))
            return Lighter(ahead, means);
        return Today(last, ahead, curve, bodyKg, means) is { } load && load != ahead.Load
            ? new Adjusted(ahead with { Load = load }, load < ahead.Load ? AdjustReason.HarderThanPlanned : AdjustReason.EasierThanPlanned)
            : new AsPlanned(ahead);
    }

    private static bool Missed(SetDone set) => set.Reps < set.PrescribedReps && set.TechniqueHeldTo is null;

    private static Adjusted Lighter(SetAhead ahead, LoadMeans means)
    {
        double target = ahead.Load.Kilograms * (1 - FloorRules.Shipped.MissedTakesOff);
        Load lighter = means.Nearest(target) is { } near && near < ahead.Load ? near : means.NextBelow(ahead.Load) ?? ahead.Load;
        return new Adjusted(ahead with { Load = lighter }, AdjustReason.MissedReps);
    }

    /// <summary>The load that today's strength asks for; null when the set was not rated or the difference is not worth it.</summary>
    private static Load? Today(SetDone last, SetAhead ahead, RepCurve curve, double bodyKg, LoadMeans means)
    {
        if (last.Rpe is not { } rpe || last.Reps < 1 || RepCurve.Trust(last.Reps + rpe.InReserve) is EstimateTrust.None)
            return null;
        FloorRules rules = FloorRules.Shipped;
        double today = curve.OneRepMax(last.Load.Kilograms + bodyKg, last.Reps + rpe.InReserve);
        double target = curve.Fraction(ahead.Reps, ahead.Rpe) * today - bodyKg;
        double held = Math.Clamp(target, ahead.Load.Kilograms * (1 - rules.MostMove), ahead.Load.Kilograms * (1 + rules.MostMove));
        Load? step = target > ahead.Load.Kilograms ? means.NextAbove(ahead.Load) : means.NextBelow(ahead.Load);
        if (step is not { } next || Math.Abs(held - ahead.Load.Kilograms) <= Math.Abs(next - ahead.Load) / 2 + 1e-9)
            return null;
        Load? nearest = means.Nearest(held);
        // Rounding to a plate must not carry the move past the tenth that one set may change.
        bool past = nearest is { } load && Math.Abs(load - ahead.Load) > ahead.Load.Kilograms * rules.MostMove + 1e-9;
        return past
            ? target > ahead.Load.Kilograms
                ? means.NextBelow(nearest!.Value)
                : means.NextAbove(nearest!.Value)
            : nearest;
    }
}

/// <summary>Why the next set changes.</summary>
public enum AdjustReason
{
    /// <summary>The last set was rated easier than prescribed.</summary>
    EasierThanPlanned,

    /// <summary>The last set was rated harder than prescribed.</summary>
    HarderThanPlanned,

    /// <summary>Fewer repetitions than prescribed.</summary>
    MissedReps,

    /// <summary>Form changed before the last repetition.</summary>
    TechniqueChanged,
}

/// <summary>Why an exercise ends early.</summary>
public enum EndReason
{
    /// <summary>Pain above 5.</summary>
    Pain,

    /// <summary>Two sets with fewer repetitions than prescribed.</summary>
    MissedTwice,

    /// <summary>RPE 10 on a prescribed 8: the last set is left out.</summary>
    OneSetFewer,
}
