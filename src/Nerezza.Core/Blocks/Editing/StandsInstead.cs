using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Blocks.Editing;

/// <summary>What a hand wrote into a cell and what stands there instead. What is written holds; only caution, the max and the kit say
/// otherwise, and then the page says so at the cell.</summary>
/// <param name="Part">Which of the cell's numbers.</param>
/// <param name="Asked">As written: kilograms, percent, RPE or a count.</param>
/// <param name="Stands">What stands; null where nothing of it does, and the effort leads.</param>
/// <param name="Why">What does not let it stand.</param>
/// <param name="Limit">The cap: RPE, or percent of the max; null where the kit says no.</param>
public sealed record StandsInstead(CellPart Part, double Asked, double? Stands, InsteadReason Why, double? Limit);

/// <summary>A number of a cell.</summary>
public enum CellPart
{
    /// <summary>Repetitions.</summary>
    Reps,

    /// <summary>Percent of e1RM.</summary>
    Percent,

    /// <summary>Effort.</summary>
    Rpe,

    /// <summary>Kilograms.</summary>
    Load,
}

/// <summary>Why what was written cannot stand.</summary>
public enum InsteadReason
{
    /// <summary>A cap on effort.</summary>
    CappedEffort,

    /// <summary>A cap on the part of the max, from pain or health.</summary>
    CappedLoad,

    /// <summary>More than the max allows for these repetitions.</summary>
    OverTheMax,

    /// <summary>The kit makes the nearest.</summary>
    Kit,

    /// <summary>No load is known or can be made: the effort leads.</summary>
    ByEffort,
}

/// <summary>Compares what hands wrote with what was made of it.</summary>
internal static class Written
{
    /// <summary>Percent by which a written percentage may miss what plates allow before it is worth a word; assumption.</summary>
    private const double PercentStep = 1.5;

    /// <summary>Whatever of an exercise does not stand as written.</summary>
    public static IEnumerable<StandsInstead> Missed(PrescribedItem item, Loader loader, Exercise exercise)
    {
        WeekTarget asked = item.Ask.Target;
        if (
            item.Ask.Pinned.HasFlag(Pins.Reps)
            && asked.EachReps.Count == 0
            && item.Sets.Max(set => set.Reps) is var reps
            && Counts(item)
            && reps != asked.Reps
        )
            yield return new StandsInstead(CellPart.Reps, asked.Reps, reps, WhyOf(item, InsteadReason.OverTheMax), LimitOf(item));
        if (!item.Ask.Pinned.HasFlag(Pins.Load))
            yield break;
        if (asked.Load is { } load && item.Sets.Max(set => set.Load) is var heaviest && heaviest != load)
        {
            Load? nearest = loader.MeansFor(exercise, load.Kilograms).Nearest(load.Kilograms);
            InsteadReason why =
                heaviest is null ? InsteadReason.ByEffort
                : heaviest == nearest ? InsteadReason.Kit
                : WhyOf(item, InsteadReason.OverTheMax);
            yield return new StandsInstead(CellPart.Load, load.Kilograms, heaviest?.Kilograms, why, LimitOf(item, why));
        }
        else if (asked.AimFraction is { } fraction && Middle(item).Percent?.Value is var percent && IsOff(percent, fraction * 100))
        {
            InsteadReason why =
                percent is null ? InsteadReason.ByEffort
                : percent < fraction * 100 ? WhyOf(item, InsteadReason.Kit)
                : InsteadReason.Kit;
            yield return new StandsInstead(CellPart.Percent, Math.Round(fraction * 100, 1), percent, why, LimitOf(item, why));
        }
        else if (asked is { Load: null, AimFraction: null } && asked.Rpe > asked.MostRpe)
            yield return new StandsInstead(
                CellPart.Rpe,
                asked.Rpe.Value,
                asked.MostRpe.Value,
                InsteadReason.CappedEffort,
                asked.MostRpe.Value
            );
    }

    private static bool Counts(PrescribedItem item) => item.Sets.All(set => set.Seconds is null && set.Metres is null);

    private static PrescribedSet Middle(PrescribedItem item) => item.Sets[item.Sets.Count / 2];

    private static bool IsOff(double? percent, double asked) => percent is not { } stands || Math.Abs(stands - asked) > PercentStep;

    /// <summary>The cap that the hardest set meets; what is else the reason where it meets none.</summary>
    private static InsteadReason WhyOf(PrescribedItem item, InsteadReason otherwise)
    {
        WeekTarget asked = item.Ask.Target;
        double most = item.Sets.Max(set => set.Percent?.Value ?? 0);
        return asked.MostFraction < 1 && most >= asked.MostFraction * 100 - PercentStep - 2 ? InsteadReason.CappedLoad
            : asked.MostRpe < Rpe.Ten ? InsteadReason.CappedEffort
            : otherwise;
    }

    private static double? LimitOf(PrescribedItem item) => LimitOf(item, WhyOf(item, InsteadReason.OverTheMax));

    private static double? LimitOf(PrescribedItem item, InsteadReason why) =>
        why switch
        {
            InsteadReason.CappedEffort => item.Ask.Target.MostRpe.Value,
            InsteadReason.CappedLoad => Math.Round(item.Ask.Target.MostFraction * 100),
            InsteadReason.OverTheMax or InsteadReason.Kit or InsteadReason.ByEffort => null,
        };
}
