using Nerezza.Core.Clients;

namespace Nerezza.Core.Catalogue;

/// <summary>What is wrong with one field of an exercise, and what is expected.</summary>
/// <param name="Field">The field's name in the open format.</param>
public sealed record EntryFault(string Exercise, string Field, string Message);

/// <summary>The rubric of docs/rules.md, which shipped and own exercises are held to.</summary>
public static class ExerciseRubric
{
    private static readonly double[] Shares = [1, 0.5, 0.25];

    /// <summary>Every fault of an entry; empty when it holds together.</summary>
    /// <param name="among">The catalogue that its references must stand in.</param>
    public static IReadOnlyList<EntryFault> Faults(Exercise exercise, ExerciseCatalogue among) =>
        [
            .. Words(exercise)
                .Concat(Numbers(exercise))
                .Concat(References(exercise, among))
                .Concat(Meaning(exercise))
                .Select(fault => new EntryFault(exercise.Id, fault.Field, fault.Message)),
        ];

    private static IEnumerable<(string Field, string Message)> Words(Exercise exercise)
    {
        if (exercise.Cues.Count is < 2 or > 3)
            yield return ("cues", $"{exercise.Cues.Count} cues; two or three expected");
        if (string.IsNullOrWhiteSpace(exercise.Watch))
            yield return ("watch", "is missing; the one fault to watch for expected");
    }

    private static IEnumerable<(string Field, string Message)> Numbers(Exercise exercise)
    {
        if (exercise.Muscles.FirstOrDefault(row => !Shares.Contains(row.Value)) is { Value: > 0 } odd)
            yield return ("muscles", $"a share of {odd.Value} is none of 1, 0.5 and 0.25");
        if (exercise.Load is not (LoadSource.None or LoadSource.BodyWeight) && !exercise.PrimeMovers.Any())
            yield return ("muscles", "no muscle has a share of 0.5 or 1; what ends the set expected");
        if (Trains(exercise) && exercise.Muscles.Count == 0)
            yield return ("muscles", "are missing; at least one expected");
        if (new[] { exercise.Axial, exercise.Systemic, exercise.Soreness }.Any(value => value is < 0 or > 3))
            yield return ("axial", "axial, systemic and soreness go from 0 to 3");
        if (exercise.Skill is < 1 or > 4)
            yield return ("skill", $"{exercise.Skill} is not between 1 and 4");
        if (exercise.Reps.Bottom > exercise.Reps.Top)
            yield return ("reps", "the first is higher than the last; lowest first expected");
    }

    private static IEnumerable<(string Field, string Message)> References(Exercise exercise, ExerciseCatalogue among)
    {
        if (exercise.CarriesTo is { } to && among.Find(to) is null)
            yield return ("carriesTo", $"{to} is no exercise");
        if (exercise.VariantOf is { } other && among.Find(other)?.Pattern != exercise.Pattern)
            yield return ("variantOf", $"{other} has another pattern");
        if (exercise.Ratio is { } ratio && among.Find(ratio.Of) is not { Ratio: null })
            yield return ("ratio", $"{ratio.Of} is no parent lift; one that has no ratio itself expected");
    }

    /// <summary>What presses on the spine tires the whole lifter; squats count half for the glutes, abduction a quarter; the
    /// rectus femoris works in knee extensions.</summary>
    private static IEnumerable<(string Field, string Message)> Meaning(Exercise exercise)
    {
        if (exercise.Axial == 3 && exercise.Systemic < 2)
            yield return ("systemic", "what loads the spine most tires the whole lifter; 2 or 3 expected");
        if (exercise.Pattern is Pattern.KneeExtension or Pattern.KneeFlexion or Pattern.Arms or Pattern.Abduction && exercise.Axial > 0)
            yield return ("axial", "one joint alone does not load the spine; 0 expected");
        if (exercise.Pattern is Pattern.Squat && (exercise.ShareOf(Muscle.Vasti) < 1 || exercise.ShareOf(Muscle.GluteusMaximus) != 0.5))
            yield return ("muscles", "a squat counts whole for vasti, half for gluteus maximus");
        if (exercise.Pattern is Pattern.Squat or Pattern.Lunge && exercise.ShareOf(Muscle.RectusFemoris) > 0)
            yield return ("muscles", "squats and lunges hardly load the rectus femoris; leave it out");
        if (exercise.Pattern is Pattern.KneeExtension && exercise.ShareOf(Muscle.RectusFemoris) < 1)
            yield return ("muscles", "a knee extension counts whole for the rectus femoris");
        if (
            exercise.Pattern is Pattern.Abduction
            && exercise.ShareOf(Muscle.GluteusMedius) >= 1
            && exercise.ShareOf(Muscle.GluteusMaximus) != 0.25
        )
            yield return ("muscles", "abduction counts a quarter for gluteus maximus");
        if (exercise.Load is LoadSource.Barbell or LoadSource.SafetyBar && exercise.Pattern is Pattern.Squat && exercise.Axial < 2)
            yield return ("axial", "a bar on the body loads the spine; 2 or 3 expected");
        if (exercise.FromFloor && !exercise.Conflicts.Contains(Conflict.PainFlexion))
            yield return ("conflicts", "a pull from the floor bends the back; pain-flexion expected among the conflicts");
        if (exercise.Sides is Sides.One && exercise.Load is LoadSource.Barbell && exercise.Pattern is Pattern.Squat)
            yield return ("sides", "a squat with a bar works both sides; lunge is the pattern of one-sided work");
    }

    private static bool Trains(Exercise exercise) => exercise.Pattern is not (Pattern.Mobility or Pattern.Priming or Pattern.Drill);
}
