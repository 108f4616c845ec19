using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
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

    /// <summary>Fewer repetitions than caution asks for.</summary>
    FewestReps,

    /// <summary>More than the max allows for these repetitions.</summary>
    OverTheMax,

    /// <summary>The kit makes the nearest.</summary>
    Kit,

    /// <summary>No load is known or can be made: the effort leads.</summary>
    ByEffort,
}

/// <summary>Compares what hands wrote with what was made of it.</summary>
/// <param name="curveOf">The rep curve by which an exercise's loads were found.</param>
internal sealed class Written(Func<Exercise, RepCurve> curveOf)
{
    /// <summary>Whatever of an exercise does not stand as written.</summary>
    /// <param name="loader">Of the kit that is there.</param>
    public IEnumerable<StandsInstead> Missed(PrescribedItem item, Exercise exercise, Loader loader)
    {
        WeekTarget asked = item.Ask.Target;
        InsteadReason cap = CapOf(asked, curveOf(exercise));
        int fewest = asked.EachReps.Count > 0 ? asked.EachReps.Min() : asked.Reps;
        if (item.Ask.Pinned.HasFlag(Pins.Reps) && item.Ask.IsLifted && item.Ask.Chosen.Limits.FewestReps is var least && fewest < least)
            yield return new StandsInstead(CellPart.Reps, fewest, least, InsteadReason.FewestReps, least);
        else if (item.Ask.Pinned.HasFlag(Pins.Reps) && item.IsCounted && item.Sets.Max(set => set.Reps) is var reps && reps != asked.Reps)
            yield return Instead(CellPart.Reps, asked.Reps, reps, cap, asked);
        if (!item.Ask.Pinned.HasFlag(Pins.Load))
            yield break;
        Load? heaviest = item.Sets.Max(set => set.Load);
        if (asked.Load is { } load && heaviest != load)
        {
            bool isNearest = heaviest == loader.MeansFor(exercise, load.Kilograms).Nearest(load.Kilograms);
            InsteadReason why =
                heaviest is null ? InsteadReason.ByEffort
                : isNearest ? InsteadReason.Kit
                : cap;
            yield return Instead(CellPart.Load, load.Kilograms, heaviest?.Kilograms, why, asked);
        }
        else if (asked.AimFraction is { } fraction && Middle(item).Percent is var percent && IsOff(percent, fraction))
        {
            InsteadReason why =
                percent is null ? InsteadReason.ByEffort
                : fraction > MostOf(asked, curveOf(exercise)) ? cap
                : InsteadReason.Kit;
            yield return Instead(CellPart.Percent, Math.Round(fraction * 100, 1), percent?.Value, why, asked);
        }
        else if (asked is { Load: null, AimFraction: null } && asked.Rpe > asked.MostRpe)
            yield return Instead(CellPart.Rpe, asked.Rpe.Value, asked.MostRpe.Value, InsteadReason.CappedEffort, asked);
    }

    private static PrescribedSet Middle(PrescribedItem item) => item.Sets[item.Sets.Count / 2];

    /// <summary>What plates are off anyway is worth no word.</summary>
    private static bool IsOff(Percent? percent, double asked) =>
        percent is not { } stands || Math.Abs(stands.Fraction / asked - 1) > LoadRules.Shipped.Loading.OverTarget;

    private static double MostOf(WeekTarget asked, RepCurve curve) =>
        Math.Min(asked.MostFraction, curve.Fraction(asked.Reps, asked.MostRpe));

    /// <summary>Which limit is met first: the part of the max, the effort, or the max itself.</summary>
    private static InsteadReason CapOf(WeekTarget asked, RepCurve curve) =>
        asked.MostFraction < 1 && asked.MostFraction <= curve.Fraction(asked.Reps, asked.MostRpe) ? InsteadReason.CappedLoad
        : asked.MostRpe < Rpe.Ten ? InsteadReason.CappedEffort
        : InsteadReason.OverTheMax;

    private static StandsInstead Instead(CellPart part, double asked, double? stands, InsteadReason why, WeekTarget target) =>
        new(
            part,
            asked,
            stands,
            why,
            why switch
            {
                InsteadReason.CappedEffort => target.MostRpe.Value,
                InsteadReason.CappedLoad => Math.Round(target.MostFraction * 100),
                InsteadReason.FewestReps or InsteadReason.OverTheMax or InsteadReason.Kit or InsteadReason.ByEffort => null,
            }
        );
}
