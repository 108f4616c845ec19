using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Screening.Safety;

/// <summary>Kinds of pain; the same codes as their findings.</summary>
public enum PainSort
{
    /// <summary>Low back, worse on bending.</summary>
    PainFlexion,

    /// <summary>Low back, worse on arching.</summary>
    PainExtension,

    /// <summary>Knee.</summary>
    PainKnee,

    /// <summary>The rest.</summary>
    PainOther,
}

/// <summary>Which pain finding an entry is (docs/handbook/07-pain-and-health.md).</summary>
public static class PainKind
{
    /// <summary>The finding codes of an entry: bending, hinging and squatting against arching and overhead at the low back.</summary>
    public static IReadOnlyList<PainSort> Of(PainEntry entry)
    {
        if (entry.Region is PainRegion.Knee)
            return [PainSort.PainKnee];
        if (entry.Region is not PainRegion.LowBack)
            return [PainSort.PainOther];
        bool bends = entry.WorseOn.Any(trigger => trigger is PainTrigger.Bending or PainTrigger.Hinging or PainTrigger.Squatting);
        bool arches = entry.WorseOn.Any(trigger => trigger is PainTrigger.Arching or PainTrigger.Overhead);
        List<PainSort> kinds = [];
        if (bends)
            kinds.Add(PainSort.PainFlexion);
        if (arches)
            kinds.Add(PainSort.PainExtension);
        return kinds.Count > 0 ? kinds : [PainSort.PainOther];
    }

    /// <summary>What an exercise must not conflict with while the entry is open: its kind at back and knee, its region elsewhere.</summary>
    public static IReadOnlyList<Conflict> ConflictsOf(PainEntry entry) =>
        entry.Region switch
        {
            PainRegion.Hip => [Conflict.PainHip],
            PainRegion.Shoulder => [Conflict.PainShoulder],
            PainRegion.Ankle => [Conflict.PainAnkle],
            PainRegion.LowBack or PainRegion.Knee or PainRegion.Other => [.. Of(entry).Select(ConflictOf).OfType<Conflict>()],
        };

    private static Conflict? ConflictOf(PainSort sort) =>
        sort switch
        {
            PainSort.PainFlexion => Conflict.PainFlexion,
            PainSort.PainExtension => Conflict.PainExtension,
            PainSort.PainKnee => Conflict.PainKnee,
            PainSort.PainOther => null,
        };

    /// <summary>An entry that names an exercise covers that one; else the patterns that its region concerns.</summary>
    public static bool Covers(PainEntry entry, Exercise exercise) =>
        entry.Exercise is { } named
            ? named == exercise.Id
            : Covers(entry, exercise.Pattern) || (entry.Region is PainRegion.LowBack && exercise.FromFloor);

    /// <summary>Whether an entry covers a whole pattern; one that names an exercise covers none.</summary>
    public static bool Covers(PainEntry entry, Pattern pattern) =>
        entry.Exercise is null
        && entry.Region switch
        {
            PainRegion.LowBack => pattern is Pattern.Squat or Pattern.Hinge or Pattern.Carry,
            PainRegion.Knee => pattern is Pattern.Squat or Pattern.Lunge or Pattern.KneeExtension,
            PainRegion.Hip => pattern is Pattern.Squat or Pattern.Hinge or Pattern.Thrust,
            PainRegion.Shoulder or PainRegion.Ankle or PainRegion.Other => false,
        };
}

/// <summary>What pain at the stop level leaves: one of these forms, on one day, the first that can be done
/// (docs/handbook/07-pain-and-health.md#settled).</summary>
/// <param name="Forms">None where the pain is of one named exercise.</param>
public sealed record PainTrial(PainRegion Region, IReadOnlyList<string> Forms)
{
    internal static PainTrial Of(PainEntry entry) =>
        new(entry.Region, entry.Exercise is null ? SafetyRules.Shipped.Trials.GetValueOrDefault(Codes.Of(entry.Region), []) : []);
}
