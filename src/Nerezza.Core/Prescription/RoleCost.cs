using Nerezza.Core.Catalogue;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Prescription;

/// <summary>What an exercise costs before its loads are known: the sets of its role and the minutes they take
/// (docs/handbook/11-prescription.md).</summary>
/// <param name="setsFactor">What the block's kind leaves of the sets.</param>
/// <param name="main">Sets of a main lift before that, where the week gives less than its role would.</param>
/// <param name="second">Likewise of a second lift.</param>
/// <param name="singleJoint">Likewise of single-joint work.</param>
/// <param name="leastMain">Sets that a main lift keeps whatever the factor.</param>
/// <param name="sidePlan">Sets more that the weaker side has in one-sided work.</param>
/// <param name="hasMax">Whether a max is known: without one a lift goes by effort, and no ramp leads up to it.</param>
public sealed class RoleCost(
    Aim aim,
    double setsFactor,
    int main,
    int second,
    int singleJoint,
    int leastMain,
    SidePlan sidePlan,
    Func<Exercise, bool> hasMax
) : ISetCost
{
    /// <summary>The cost for a client's week: as many sets of main and second lifts as the glutes' week holds.</summary>
    /// <param name="legDays">Days with squat and hinge.</param>
    /// <param name="axialASession">Axial load times hard sets that a session holds.</param>
    /// <param name="glutesMost">High limit of the glutes' hard sets a week.</param>
    public static RoleCost For(
        Aim aim,
        double setsFactor,
        int leastMain,
        int legDays,
        LiftsADay lifts,
        double glutesMost,
        int axialASession,
        SidePlan sides,
        Func<Exercise, bool> hasMax
    )
    {
        IReadOnlyList<IReadOnlyList<int>> tried =
            lifts is LiftsADay.Three ? PrescriptionRules.Shipped.File.SetsTried.Three : PrescriptionRules.Shipped.File.SetsTried.Two;
        int others = lifts is LiftsADay.Three ? 2 : 1;
        IReadOnlyList<int> fits =
            tried.FirstOrDefault(pair =>
                legDays * (pair[0] + others * pair[1]) <= glutesMost
                && PrescriptionRules.Shipped.File.AxialOfALift * (pair[0] + pair[1]) <= axialASession
            ) ?? tried[^1];
        return new RoleCost(aim, setsFactor, fits[0], fits[1], fits[2], leastMain, sides, hasMax);
    }

    private static readonly TimeRule Time = PrescriptionRules.Shipped.File.Time;
    private readonly Dictionary<Role, int> _sets = [];

    /// <inheritdoc/>
    public int GeneralMinutes => Time.GeneralMinutes;

    /// <inheritdoc/>
    public int Sets(Role role)
    {
        if (!_sets.TryGetValue(role, out int sets))
            _sets[role] = sets = SetsOf(role);
        return sets;
    }

    private int SetsOf(Role role)
    {
        int most = role switch
        {
            Role.Main => main,
            Role.Second => second,
            Role.SingleJoint => singleJoint,
            Role.Priming or Role.Skill or Role.Accessory or Role.Trunk or Role.Carry or Role.Capacity => int.MaxValue,
        };
        return Math.Max(
            role is Role.Main ? leastMain : 1,
            (int)Math.Round(Math.Min(most, RoleRule.Of(role, aim, Pattern.Squat).WorkSets) * setsFactor, MidpointRounding.AwayFromZero)
        );
    }

    /// <inheritdoc/>
    public double Minutes(Exercise exercise, Role role)
    {
        if (role is Role.Capacity)
            return 0; // daily, away from the session
        RoleRule rule = RoleRule.Of(role, aim, exercise.Pattern);
        int sets = Sets(role),
            sides = exercise.Sides is Sides.One ? 2 : 1;
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

/// <summary>How many lifts a leg day has.</summary>
public enum LiftsADay
{
    /// <summary>Squat and hinge.</summary>
    Two,

    /// <summary>A thrust besides.</summary>
    Three,
}
