using Nerezza.Core.Catalogue;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Floor;

/// <summary>What a set is, and with it what is asked after it: no RPE where none can be given, no load where there is none
/// (docs/handbook/13-floor.md).</summary>
public enum SetKind
{
    /// <summary>Load and repetitions, with an RPE.</summary>
    Lift,

    /// <summary>Body weight or a band: repetitions with an RPE, what is hung on or which band where there is one.</summary>
    BodyWeight,

    /// <summary>Seconds held.</summary>
    Hold,

    /// <summary>Load, metres and the time it took.</summary>
    Carry,

    /// <summary>Several implements in a row: metres and the time of the whole run.</summary>
    Medley,

    /// <summary>A thing thrown: how far or how high, and whether it is still fast.</summary>
    Throw,

    /// <summary>The body thrown: the same without a load.</summary>
    Jump,

    /// <summary>Felt, or not yet.</summary>
    Priming,

    /// <summary>How many were clean.</summary>
    Drill,
}

/// <summary>What can be asked after a set.</summary>
public enum Asked
{
    /// <summary>What was lifted, carried or thrown.</summary>
    Load,

    /// <summary>Repetitions.</summary>
    Reps,

    /// <summary>A rating.</summary>
    Rpe,

    /// <summary>At the prescribed repetition of an AMRAP: how many are left.</summary>
    Reserve,

    /// <summary>Seconds held, or that a way took.</summary>
    Seconds,

    /// <summary>Metres gone, or thrown or jumped.</summary>
    Metres,

    /// <summary>Height thrown or jumped.</summary>
    Height,

    /// <summary>How many were clean.</summary>
    Clean,

    /// <summary>A word: felt or not yet, fast or slowing.</summary>
    Word,
}

/// <summary>Tells what a prescribed set is, and what is asked after it.</summary>
public static class SetKinds
{
    /// <summary>What is asked after a set of a kind; nothing else of it is kept (docs/handbook/13-floor.md).</summary>
    public static IReadOnlyList<Asked> Asks(SetKind kind, PrescribedSet set) => Asks(kind, set.Amrap ? Asked.Reserve : Asked.Rpe);

    /// <summary>What is asked after a set that how the client came in has changed.</summary>
    public static IReadOnlyList<Asked> Asks(ReadySet set) => Asks(set.Kind, set.Amrap ? Asked.Reserve : Asked.Rpe);

    private static IReadOnlyList<Asked> Asks(SetKind kind, Asked effort) =>
        kind switch
        {
            SetKind.Lift or SetKind.BodyWeight => [Asked.Load, Asked.Reps, effort],
            SetKind.Hold => [Asked.Load, Asked.Seconds],
            SetKind.Carry => [Asked.Load, Asked.Metres, Asked.Seconds],
            SetKind.Medley => [Asked.Metres, Asked.Seconds],
            SetKind.Throw => [Asked.Load, Asked.Reps, Asked.Height, Asked.Metres, Asked.Word],
            SetKind.Jump => [Asked.Reps, Asked.Height, Asked.Metres, Asked.Word],
            SetKind.Priming => [Asked.Word],
            SetKind.Drill => [Asked.Load, Asked.Clean],
        };

    /// <summary>Whether a set of a kind can be rated, and so has an effort that can be lower.</summary>
    public static bool IsRated(SetKind kind) => Asks(kind, Asked.Rpe).Contains(Asked.Rpe);

    /// <summary>By its role first, since priming with a band is still priming; then by what it is counted in.</summary>
    public static SetKind Of(PrescribedSet set, Role role, Exercise exercise) =>
        (role, exercise.Pattern) switch
        {
            _ when set.Medley.Count > 0 => SetKind.Medley,
            (Role.Priming, _) => SetKind.Priming,
            (Role.Skill, _) or (_, Pattern.Mobility or Pattern.Drill) => SetKind.Drill,
            (_, Pattern.Throw) => exercise.Load is LoadSource.BodyWeight or LoadSource.None ? SetKind.Jump : SetKind.Throw,
            _ when set.Metres is not null => SetKind.Carry,
            _ when set.Seconds is not null => SetKind.Hold,
            _ when set.Load is null or { Grams: 0 } && exercise.Load is LoadSource.BodyWeight or LoadSource.Band or LoadSource.None =>
                SetKind.BodyWeight,
            _ => SetKind.Lift,
        };
}
