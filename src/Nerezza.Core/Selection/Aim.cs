namespace Nerezza.Core.Selection;

/// <summary>What a main lift trains.</summary>
public enum Aim
{
    /// <summary>Heavy singles to triples.</summary>
    Peak,

    /// <summary>Strength.</summary>
    Strength,

    /// <summary>Muscle.</summary>
    Muscle,

    /// <summary>The client's event.</summary>
    Event,

    /// <summary>All-round fitness.</summary>
    General,

    /// <summary>A weak point trained by a form of the main lift.</summary>
    WeakPoint,

    /// <summary>A fast lift, never tired.</summary>
    Power,

    /// <summary>A single to find out where the max stands.</summary>
    Test,

    /// <summary>A lift practised again, light and crisp.</summary>
    Practice,

    /// <summary>Whatever the aim is.</summary>
    Any,
}
