using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>What stands on one weekday through a block, in the order of the session.</summary>
public sealed record DayPlan(SplitDay Split, IReadOnlyList<Chosen> Lifts)
{
    /// <summary>The day of the week.</summary>
    public Weekday Weekday => Split.Weekday;

    /// <summary>The lifts in the order of docs/handbook/12-weeks-and-blocks.md#order-in-a-session: drills, jumps and throws, main lift,
    /// weak point, second lift, other work of several joints, single joints, calf and trunk; the school of pre-exhaustion puts single
    /// joints before the main lift, and what tires the hands comes after every pull.</summary>
    public static DayPlan InOrder(SplitDay split, IEnumerable<Chosen> lifts, Schools schools) =>
        new(
            split,
            [
                .. lifts
                    .OrderBy(lift => PlaceOf(lift, schools))
                    .ThenBy(lift => lift.Purpose is Purpose.Main && lift.Exercise.IsUpper)
                    .ThenBy(lift => lift.Purpose)
                    .ThenBy(lift => lift.Purpose is Purpose.Event && lift.Exercise.Pattern is Pattern.Hinge) // picks after the medley
                    .ThenByDescending(lift => lift.Exercise.Axial + lift.Exercise.Systemic)
                    .ThenBy(lift => lift.Exercise.Id, StringComparer.Ordinal),
            ]
        );

    private static int PlaceOf(Chosen chosen, Schools schools) =>
        chosen.Exercise.Pattern is Pattern.Throw ? (int)Place.Fast
        : IsOfHands(chosen) && chosen.Role is Role.Accessory or Role.Second ? (int)Place.Hands
        : schools.Isolation is Isolation.PreExhaust && chosen.Role is Role.SingleJoint ? (int)Place.Fast
        : chosen.Role switch
        {
            Role.Priming => (int)Place.Prime,
            Role.Skill => (int)Place.Learn,
            Role.Main => (int)Place.Main,
            Role.Second when chosen.Purpose is Purpose.WeakPoint => (int)Place.WeakPoint,
            Role.Accessory when chosen.Purpose is Purpose.WeakPoint => (int)Place.WeakPoint,
            Role.Second => (int)Place.Second,
            Role.Accessory => (int)Place.Several,
            Role.SingleJoint => (int)Place.Single,
            Role.Trunk => (int)Place.Trunk,
            Role.Carry => chosen.Purpose is Purpose.Event ? (int)Place.Main : (int)Place.Trunk,
            Role.Capacity => (int)Place.Trunk,
        };

    private static bool IsOfHands(Chosen lift) => lift.Exercise.PrimeMovers.Contains(Muscle.Grip);

    private enum Place
    {
        Prime,
        Learn,
        Fast,
        Main,
        WeakPoint,
        Second,
        Several,
        Hands,
        Single,
        Trunk,
    }
}
