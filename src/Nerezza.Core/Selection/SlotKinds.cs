using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>Kinds of work that the week is asked for.</summary>
public static class SlotKinds
{
    /// <summary>Split squats, lunges, presses, hinges and thrusts of one leg
    /// (docs/handbook/09-composition.md#9-4-purposes-in-order).</summary>
    public static bool IsOneLeg(Exercise exercise) =>
        exercise.Pattern is Pattern.Lunge
        || (exercise.Sides is Sides.One && exercise.Pattern is (Pattern.Squat or Pattern.Hinge or Pattern.Thrust))
        || SlotRules.Shipped.OneLegOthers.Contains(exercise.Id);

    /// <summary>A bar held or pulled: a hold at the top, a deadlift, a Romanian.</summary>
    public static bool IsBarPull(Exercise exercise) => exercise is { Pattern: Pattern.Hinge, Load: LoadSource.Barbell };

    /// <summary>The kind that holds a level's one-leg squats.</summary>
    public static string OneLegSquatOf(Level level) => level is Level.Novice ? "oneLegSquatNovice" : "oneLegSquat";

    /// <summary>The movement of pulls from the floor.</summary>
    public const string FloorPulls = "floor-pulls";

    /// <summary>The movement that an exercise is a form of; itself where it stands alone.</summary>
    public static string MovementOf(string exercise) => SlotRules.Shipped.GroupOf(exercise);
}
