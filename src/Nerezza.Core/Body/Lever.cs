using Nerezza.Core.Catalogue;

namespace Nerezza.Core.Body;

/// <summary>Families of lifts that the levers compare.</summary>
public enum LeverFamily
{
    /// <summary>Squats, thigh level or as asked.</summary>
    Squat,

    /// <summary>Pulls at their start, and hinges at their lowest.</summary>
    Hinge,

    /// <summary>Split squats at the bottom.</summary>
    SplitSquat,

    /// <summary>Hip thrusts at the top.</summary>
    Thrust,
}

/// <summary>How the load is held, for the figure.</summary>
public enum Hold
{
    /// <summary>A bar on the back.</summary>
    Back,

    /// <summary>A bar on the front of the shoulders.</summary>
    Front,

    /// <summary>One weight at the chest.</summary>
    Chest,

    /// <summary>A bar in hanging hands.</summary>
    Hands,

    /// <summary>A bar across the hips.</summary>
    Hips,

    /// <summary>A weight in each hand at the sides.</summary>
    Sides,

    /// <summary>Nothing held, arms at the sides.</summary>
    Free,

    /// <summary>Nothing held, arms straight out in front.</summary>
    Reach,
}

/// <summary>How an exercise is drawn around the points of its posture.</summary>
public sealed record Pose(LeverFamily Family, Hold Hold, RearFoot Rear, HandSupport Support);

/// <summary>What a coach can move on a figure; null keeps the exercise's own.</summary>
/// <param name="ThighDeg">Depth of a squat or split squat: thigh from the horizontal.</param>
/// <param name="LeanDeg">Trunk lean of a hinge from standing.</param>
/// <param name="HeelLift">Metres.</param>
/// <param name="Raise">How far the bar of a pull is raised, metres.</param>
public sealed record LeverMoves(double? ThighDeg, double? LeanDeg, double? HeelLift, double? StanceDeg, double? KneeTravel, double? Raise)
{
    /// <summary>Everything the exercise's own.</summary>
    public static LeverMoves None { get; } = new(null, null, null, null, null, null);
}

/// <summary>One exercise on one body: the posture, and what would make it reachable where it is not.</summary>
public sealed record LeverAnswer
{
    /// <summary>Null when it cannot be held.</summary>
    public required Posture? Posture { get; init; }

    /// <summary>Deepest thigh angle that can be held, degrees above level.</summary>
    public required double? DeepestThighDeg { get; init; }

    /// <summary>Smallest heel lift that opens the depth, metres; null when none does or the family has none.</summary>
    public required double? HeelLiftNeeded { get; init; }

    /// <summary>Narrowest stance that opens the depth, degrees; likewise.</summary>
    public required double? StanceNeeded { get; init; }

    /// <summary>How far a bar must be raised, metres; likewise.</summary>
    public required double? RaiseNeeded { get; init; }

    /// <summary>Where the pelvis is likely to tuck on the way down, metres; null when it does not come to that.</summary>
    public required double? TuckAtHipHeight { get; init; }

    /// <summary>Where on the way down hip and knee hold most; null for lifts that are summed at one point.</summary>
    public required double? HardestThighDeg { get; init; }
}

/// <summary>A point of the way down: moments against thigh or trunk angle.</summary>
/// <param name="At">Thigh from the horizontal, or trunk lean, in degrees.</param>
public readonly record struct LeverPoint(double At, double HipMoment, double KneeMoment, double LowBackMoment);

/// <summary>The levers of every exercise that has a posture, asked in one way.</summary>
public static class Lever
{
    private const double Level = 0;

    /// <summary>The family of an exercise; null when it has no posture.</summary>
    public static LeverFamily? FamilyOf(string exercise) =>
        exercise switch
        {
            _ when SquatSetting.Of(exercise, 0) is not null => LeverFamily.Squat,
            _ when PullSetting.Of(exercise, 0) is not null || HingeSetting.Of(exercise, 0) is not null => LeverFamily.Hinge,
            _ when SplitSetting.Of(exercise, 0) is not null => LeverFamily.SplitSquat,
            _ when HipThrust.Exercises.Contains(exercise) => LeverFamily.Thrust,
            _ => null,
        };

    /// <summary>How an exercise is drawn; null when it has no posture.</summary>
    public static Pose? PoseOf(Exercise exercise) =>
        FamilyOf(exercise.Id) is not { } family ? null
        : SplitSetting.Of(exercise.Id, 0) is { } split ? new Pose(family, HoldOf(exercise), split.Rear, split.Support)
        : new Pose(family, HoldOf(exercise), RearFoot.Floor, HandSupport.None);

    private static Hold HoldOf(Exercise exercise)
    {
        if (SquatSetting.Of(exercise.Id, 0) is { } squat)
            return squat.D < BodyRules.Shipped.Hold.ChestAhead ? Hold.Back
                : squat.Rho < BodyRules.Shipped.Hold.FrontAbove ? Hold.Chest
                : Hold.Front;
        if (HingeSetting.Of(exercise.Id, 0) is { } hinge)
            return hinge.OnBack is null ? Hold.Hands : Hold.Back;
        if (PullSetting.Of(exercise.Id, 0) is not null)
            return Hold.Hands;
        if (HipThrust.Exercises.Contains(exercise.Id))
            return Hold.Hips;
        return exercise.Load switch
        {
            LoadSource.Barbell or LoadSource.SafetyBar or LoadSource.Smith => Hold.Back,
            LoadSource.Goblet => Hold.Chest,
            LoadSource.Dumbbells or LoadSource.Dumbbell => Hold.Sides,
            LoadSource.TrapBar
            or LoadSource.Stack
            or LoadSource.Kettlebell
            or LoadSource.TwoKettlebells
            or LoadSource.Sandbag
            or LoadSource.Keg
            or LoadSource.Stone
            or LoadSource.Log
            or LoadSource.Sled
            or LoadSource.Band
            or LoadSource.Plate
            or LoadSource.BodyWeight
            or LoadSource.None => Hold.Free,
        };
    }

    /// <summary>The exercises of a family, by id.</summary>
    public static IReadOnlyList<string> ExercisesOf(LeverFamily family) =>
        family switch
        {
            LeverFamily.Squat => SquatSetting.Exercises,
            LeverFamily.Hinge => [.. PullSetting.Exercises.Concat(HingeSetting.Exercises).Order(StringComparer.Ordinal)],
            LeverFamily.SplitSquat => SplitSetting.Exercises,
            LeverFamily.Thrust => HipThrust.Exercises,
        };

    /// <summary>One exercise with a load, as its own or as the coach moved it; null when it has no posture.</summary>
    public static LeverAnswer? Of(Lifter lifter, string exercise, double loadKg, LeverMoves moves)
    {
        if (SquatSetting.Of(exercise, loadKg) is { } squat)
            return OfSquat(lifter, Moved(squat, moves), moves.ThighDeg ?? Level);
        if (PullSetting.Of(exercise, loadKg) is { } pull)
            return OfPull(lifter, Moved(pull, moves));
        if (HingeSetting.Of(exercise, loadKg) is { } hinge)
            return Held(moves.LeanDeg is { } lean ? Hinge.At(lifter, hinge, lean) : Hinge.Deepest(lifter, hinge));
        if (SplitSetting.Of(exercise, loadKg) is { } split)
            return Held(SplitSquat.At(lifter, split with { HeelLift = moves.HeelLift ?? split.HeelLift }, moves.ThighDeg ?? Level));
        return HipThrust.Exercises.Contains(exercise) ? Held(HipThrust.Top(lifter, loadKg)) : null;
    }

    /// <summary>A posture that shows that a squat, a pull or a hinge can be held, where <see cref="Of"/> also says how far and what would
    /// help: a squat's with the thigh level, a hinge's first on the way down. Null when none can.</summary>
    public static Posture? HeldBy(Lifter lifter, string exercise, double loadKg)
    {
        if (SquatSetting.Of(exercise, loadKg) is { } squat)
            return Squat.Reached(lifter, squat, Level).Posture;
        if (PullSetting.Of(exercise, loadKg) is { } pull)
            return Pull.StartAt(lifter, pull);
        return HingeSetting.Of(exercise, loadKg) is { } hinge ? Hinge.First(lifter, hinge) : null;
    }

    /// <summary>The way down, from nearly straight to the depth asked for; points that cannot be held are left out. Empty for lifts summed
    /// at one point.</summary>
    public static IReadOnlyList<LeverPoint> Sweep(Lifter lifter, string exercise, double loadKg, LeverMoves moves, double step)
    {
        List<LeverPoint> points = [];
        void Add(double at, Posture? posture)
        {
            if (posture is { } held)
                points.Add(new LeverPoint(at, held.HipMoment, held.KneeMoment, held.LowBackMoment));
        }
        if (SquatSetting.Of(exercise, loadKg) is { } squat)
            for (double b = BodyRules.Shipped.Sweep.SquatFrom; b >= (moves.ThighDeg ?? Level); b -= step)
                Add(b, Squat.At(lifter, Moved(squat, moves), b));
        else if (HingeSetting.Of(exercise, loadKg) is { } hinge && Hinge.Deepest(lifter, hinge) is { } deepest)
            for (double lean = 0; lean <= (moves.LeanDeg ?? deepest.LeanDeg); lean += step)
                Add(lean, Hinge.At(lifter, hinge, lean));
        else if (SplitSetting.Of(exercise, loadKg) is { } split)
            for (double b = BodyRules.Shipped.Sweep.SplitFrom; b >= (moves.ThighDeg ?? Level); b -= step)
                Add(b, SplitSquat.At(lifter, split, b));
        return points;
    }

    private static SquatSetting Moved(SquatSetting own, LeverMoves moves) =>
        own with
        {
            HeelLift = moves.HeelLift ?? own.HeelLift,
            StanceDeg = moves.StanceDeg ?? own.StanceDeg,
            KneeTravel = moves.KneeTravel ?? own.KneeTravel,
        };

    private static PullSetting Moved(PullSetting own, LeverMoves moves) =>
        own with
        {
            BarHeight = own.BarHeight + (moves.Raise ?? 0),
            StanceDeg = moves.StanceDeg ?? own.StanceDeg,
        };

    private static LeverAnswer OfSquat(Lifter lifter, SquatSetting setting, double asked)
    {
        (Posture? posture, double? deepest) = Squat.Reached(lifter, setting, asked);
        return new LeverAnswer
        {
            Posture = posture,
            DeepestThighDeg = deepest,
            HeelLiftNeeded = posture is null ? Squat.HeelLiftFor(lifter, setting, asked) : null,
            StanceNeeded = posture is null ? Squat.StanceFor(lifter, setting, asked) : null,
            RaiseNeeded = null,
            TuckAtHipHeight = Squat.TuckHeightCm(lifter, setting, deepest ?? asked) / 100,
            HardestThighDeg = Squat.HardestThighDeg(lifter, setting, asked),
        };
    }

    private static LeverAnswer OfPull(Lifter lifter, PullSetting setting)
    {
        Posture? start = Pull.StartAt(lifter, setting);
        return new LeverAnswer
        {
            Posture = start,
            DeepestThighDeg = null,
            HeelLiftNeeded = null,
            StanceNeeded = null,
            RaiseNeeded = start is null ? Pull.RaiseNeeded(lifter, setting) : null,
            TuckAtHipHeight = null,
            HardestThighDeg = null,
        };
    }

    private static LeverAnswer Held(Posture? posture) =>
        new()
        {
            Posture = posture,
            DeepestThighDeg = null,
            HeelLiftNeeded = null,
            StanceNeeded = null,
            RaiseNeeded = null,
            TuckAtHipHeight = null,
            HardestThighDeg = null,
        };
}
