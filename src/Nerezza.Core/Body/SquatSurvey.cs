namespace Nerezza.Core.Body;

/// <summary>How one squat of the catalogue stands for one body, with the thigh level.</summary>
/// <param name="Posture">Null when this depth cannot be held in balance.</param>
/// <param name="DeepestThighDeg">The deepest thigh angle in balance, not below level; null when not even the start of the way can be
/// held.</param>
/// <param name="TuckAtHipHeightCm">Hip height at which the pelvis is likely to tuck on the way; null when it does not come to that.</param>
public sealed record SquatStanding(
    string Exercise,
    double LoadKg,
    double HeelCm,
    double ThighDeg,
    Posture? Posture,
    double? DeepestThighDeg,
    double? TuckAtHipHeightCm
);

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
        return new SquatStanding(
            exercise,
            setting.LoadKg,
            setting.HeelLift * 100,
            Level,
            posture,
            deepest,
            Squat.TuckHeightCm(lifter, setting, deepest ?? Level)
        );
    }
}
