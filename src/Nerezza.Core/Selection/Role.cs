using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>What an exercise is for in a session (docs/handbook/11-prescription.md), in the order of a session.</summary>
public enum Role
{
    /// <summary>Light work until the muscle is felt.</summary>
    Priming,

    /// <summary>Learning the movement.</summary>
    Skill,

    /// <summary>The lift that the session is about.</summary>
    Main,

    /// <summary>The second lift of the day.</summary>
    Second,

    /// <summary>An accessory of several joints.</summary>
    Accessory,

    /// <summary>An accessory of one joint.</summary>
    SingleJoint,

    /// <summary>Calf and trunk.</summary>
    Trunk,

    /// <summary>A carry, by distance.</summary>
    Carry,

    /// <summary>Daily work for range.</summary>
    Capacity,
}

/// <summary>Roles of accessories.</summary>
public static class AccessoryRole
{
    private static readonly SingleJointRule Rule = SelectionRules.Shipped.SingleJoint;

    /// <summary>What an exercise is for when it is no main lift.</summary>
    public static Role Of(Exercise exercise) =>
        exercise.Pattern is Pattern.Carry ? Role.Carry
        : exercise.Pattern is Pattern.Trunk or Pattern.Calf ? Role.Trunk
        : Rule.Patterns.Contains(Codes.Of(exercise.Pattern)) || Rule.Exercises.Contains(exercise.Id) ? Role.SingleJoint
        : Role.Accessory;
}

/// <summary>What the first exercise of a session is for.</summary>
public static class FirstRole
{
    private static readonly HashSet<string> Mains = [.. SelectionRules.Shipped.Mains.Values.SelectMany(lifts => lifts)];

    /// <summary>A main lift where it can be one.</summary>
    public static Role Of(Exercise exercise) => Mains.Contains(exercise.Id) ? Role.Main : AccessoryRole.Of(exercise);
}
