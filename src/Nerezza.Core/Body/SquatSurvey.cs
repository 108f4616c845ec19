namespace Nerezza.Core.Body;

/// <summary>How one squat of the catalogue stands for one body, with the thigh level.</summary>
public sealed record SquatStanding
{
    /// <summary>Its id.</summary>
    public required string Exercise { get; init; }

    /// <summary>Load on the bar, kg.</summary>
    public required double LoadKg { get; init; }

    /// <summary>Heel lift, cm.</summary>
    public required double HeelCm { get; init; }

    /// <summary>Depth, degrees of the thigh above level.</summary>
    public required double ThighDeg { get; init; }

    /// <summary>Null when this depth cannot be held in balance.</summary>
    public required Posture? Posture { get; init; }

    /// <summary>The deepest thigh angle in balance, not below level; null when not even the start of the way can be held.</summary>
    public required double? DeepestThighDeg { get; init; }

    /// <summary>Hip height at which the pelvis is likely to tuck on the way; null when it does not come to that.</summary>
    public required double? TuckAtHipHeightCm { get; init; }
}

/// <summary>Every squat that has a posture, side by side for one body.</summary>
public static class SquatSurvey
{
    private const double Level = 0;

    /// <summary>One row an exercise, by id.</summary>
    /// <param name="loadKg">The load of an exercise, kilograms; 0 when no max is known.</param>
    public static IReadOnlyList<SquatStanding> Of(Lifter lifter, Func<string, double> loadKg) =>
        [.. SquatSetting.Exercises.Select(exercise => Row(lifter, exercise, loadKg(exercise)))];

    private static SquatStanding Row(Lifter lifter, string exercise, double loadKg)
    {
        SquatSetting setting = SquatSetting.Of(exercise, loadKg)!;
        (Posture? posture, double? deepest) = Squat.Reached(lifter, setting, Level);
        return new SquatStanding
        {
            Exercise = exercise,
            LoadKg = setting.LoadKg,
            HeelCm = setting.HeelLift * 100,
            ThighDeg = Level,
            Posture = posture,
            DeepestThighDeg = deepest,
            TuckAtHipHeightCm = Squat.TuckHeightCm(lifter, setting, deepest ?? Level),
        };
    }
}
