using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Wording;

/// <summary>Words what a new plan would change.</summary>
public sealed class ChangeWords(ExerciseCatalogue catalogue)
{
    /// <summary>One change as one line.</summary>
    public string Text(PlanChange change) =>
        change switch
        {
            PlanChange.Program { Change: ProgramChange.Stopped } => "No program until the referral is cleared.",
            PlanChange.Program => "A program can be made again.",
            PlanChange.FindingOpened opened => $"New finding: {FindingWords.Title(opened.Finding)}.",
            PlanChange.FindingClosed closed => $"No longer found: {FindingWords.Title(closed.Finding)}.",
            PlanChange.Kind kind => $"The block becomes {Codes.Of(kind.After)} instead of {Codes.Of(kind.Before)}.",
            PlanChange.ExerciseIn comes => $"{catalogue[comes.Exercise].Name} comes in.",
            PlanChange.ExerciseOut goes => $"{catalogue[goes.Exercise].Name} goes out.",
            PlanChange.Heaviest heaviest =>
                $"{catalogue[heaviest.Exercise].Name}: heaviest set {Kilograms(heaviest.After)} instead of {Kilograms(heaviest.Before)}.",
            PlanChange.Hardest hardest => $"{catalogue[hardest.Exercise].Name}: hardest set RPE {Number(hardest.After.Value)} instead of "
                + $"{Number(hardest.Before.Value)}.",
            PlanChange.Cell cell =>
                $"Week {cell.At.Week} {Codes.Of(cell.At.Day)}, {catalogue[cell.At.Exercise].Name}: {Work(cell.After)} instead of "
                    + $"{Work(cell.Before)}.",
            _ => throw new UnreachableException(change.GetType().Name),
        };

    private static string Work(PrescribedItem? item)
    {
        if (item is null)
            return "nothing";
        PrescribedSet set = item.Sets.MaxBy(one => one.Load?.Grams ?? 0) ?? item.Sets[0];
        string done =
            set.Metres is { } metres ? $"{metres} m"
            : set.Seconds is { } seconds ? $"{seconds} s"
            : $"{set.Reps}";
        return $"{item.SetsASide} x {done} {(set.Load is { } load ? $"at {Kilograms(load)}" : "by effort")}, RPE "
            + $"{Number(item.Sets.Max(one => one.Rpe.Value))}, rest {item.Sets[^1].Rest.Seconds} s";
    }

    private static string Kilograms(Load? load) => load is { } known ? $"{Number(known.Kilograms)} kg" : "by effort";

    private static string Number(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);
}
