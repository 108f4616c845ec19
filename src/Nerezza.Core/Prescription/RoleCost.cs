using Nerezza.Core.Catalogue;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Prescription;

/// <summary>What an exercise costs before its loads are known: the sets of its role and the minutes they take
/// (docs/handbook/11-prescription.md).</summary>
/// <param name="setsFactor">What the block's kind leaves of the sets.</param>
/// <param name="leastMain">Sets that a main lift keeps whatever the factor.</param>
/// <param name="sidePlan">Sets more that the weaker side has in one-sided work.</param>
/// <param name="isSpared">What the kind of block leaves as it is: the arms and the trunk in a return from pain.</param>
/// <param name="hasMax">Whether a max is known: without one a lift goes by effort, and no ramp leads up to it.</param>
public sealed class RoleCost(
    Aim aim,
    double setsFactor,
    int leastMain,
    SidePlan sidePlan,
    Func<Exercise, bool> isSpared,
    Func<Exercise, bool> hasMax
) : ISetCost
{
    private static readonly TimeRule Time = PrescriptionRules.Shipped.File.Time;
    private readonly Dictionary<Role, int> _sets = [];

    /// <inheritdoc/>
    public int GeneralMinutes => Time.GeneralMinutes - Time.BetweenExercisesMinutes;

    /// <inheritdoc/>
    public int Sets(Role role)
    {
        if (!_sets.TryGetValue(role, out int sets))
            _sets[role] = sets = RoleRule.Of(role, aim, Pattern.Squat).WorkSets;
        return sets;
    }

    /// <inheritdoc/>
    public int Left(int sets, Role role, Exercise exercise) =>
        isSpared(exercise)
            ? sets
            : Math.Max(
                role is Role.Main ? Math.Min(sets, leastMain) : 1,
                (int)Math.Round(sets * setsFactor - 1e-9, MidpointRounding.AwayFromZero)
            );

    /// <inheritdoc/>
    public double Minutes(Exercise exercise, Role role, int sets)
    {
        if (role is Role.Capacity)
            return 0; // daily, away from the session
        RoleRule rule = RoleRule.Of(role, aim, exercise.Pattern);
        int sides = exercise.Sides is Sides.One ? 2 : 1;
        double set =
            exercise.HoldSeconds is { } hold ? hold.Top
            : rule.Metres is { } metres ? metres[^1] * Time.SecondsAMetre
            : (rule.Reps.Overlap(exercise.Reps) ?? exercise.Reps).Middle * (exercise.Tempo ?? rule.Tempo).SecondsPerRep;
        int more = sides > 1 ? sidePlan.For(exercise).ExtraForFirst : 0;
        double work =
            sets * (set * sides + (sides - 1) * Time.BetweenSidesSeconds)
            + more * set
            + (sets + more - 1) * PrescriptionRules.Shipped.RestOf(rule, exercise.Id).Seconds;
        int warmUps = hasMax(exercise) ? Time.WarmUpSets[(int)WarmUpIn(role)] : 0;
        return (exercise.SetUpSeconds + warmUps * Time.WarmUpSetSeconds + work) / 60 + Time.BetweenExercisesMinutes;
    }

    /// <summary>Full ramp, short ramp, one set, none.</summary>
    private static Ramp WarmUpIn(Role role) =>
        role switch
        {
            Role.Main => Ramp.Full,
            Role.Second => Ramp.Half,
            Role.Accessory => Ramp.One,
            Role.Priming or Role.Skill or Role.SingleJoint or Role.Trunk or Role.Carry or Role.Capacity => Ramp.None,
        };

    private enum Ramp
    {
        Full,
        Half,
        One,
        None,
    }
}
