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

/// <summary>Tells what a prescribed set is.</summary>
public static class SetKinds
{
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
