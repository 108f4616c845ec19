namespace Nerezza.Core.Selection;

/// <summary>What a place in the week is for (docs/handbook/09-composition.md#9-4-purposes-in-order), in the order in which they
/// rank.</summary>
public enum Purpose
{
    /// <summary>To learn a movement or gain a range, as a finding asks.</summary>
    Learn,

    /// <summary>To feel a muscle before the main lift.</summary>
    Prime,

    /// <summary>The client's event itself.</summary>
    Event,

    /// <summary>The lift that the day is about.</summary>
    Main,

    /// <summary>What a finding asks to be trained.</summary>
    WeakPoint,

    /// <summary>Another lift of the other pattern.</summary>
    Second,

    /// <summary>A kind of leg work that the week would lack.</summary>
    Palette,

    /// <summary>Presses and pulls in balance.</summary>
    PushPull,

    /// <summary>Sets for what the client wants emphasised.</summary>
    Emphasis,

    /// <summary>Trunk work.</summary>
    Trunk,

    /// <summary>Calves, arms, shoulders, a carry to finish.</summary>
    Support,
}
