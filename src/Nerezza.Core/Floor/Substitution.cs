using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Floor;

/// <summary>Another exercise in a prescribed one's place: the same repetitions and effort, the load from its own max or by the ratio
/// (docs/handbook/09-composition.md, docs/handbook/13-floor.md).</summary>
public sealed class Substitution(
    ExerciseCatalogue catalogue,
    Loader loader,
    MaxEstimates maxes,
    TrainingCaps caps,
    double bodyMassKg,
    SidePlan sides
)
{
    private readonly Prescriber _prescriber = new(loader, bodyMassKg);

    /// <summary>The substitute with its sets; null where caution rules it out.</summary>
    /// <param name="setsLeft">Sets of the item that are still to do, both sides of one counted once.</param>
    public PrescribedItem? For(PrescribedItem item, string substitute, int setsLeft)
    {
        Exercise other = catalogue[substitute];
        if (caps.For(other) is not Caution.Allowed limits)
            return null;
        PrescribedSet middle = item.Sets[item.Sets.Count / 2];
        // A hold or a way counts no repetitions: what stands in for it begins where work of several joints begins.
        RepRange range = (item.IsCounted ? item.Range.Overlap(other.Reps) : null) ?? other.Reps;
        RoleRule rule = RoleRule.Of(item.Role, Aim.Any, other.Pattern) with { Rest = item.Sets[^1].Rest };
        var target = new WeekTarget
        {
            Sets = Math.Max(1, setsLeft),
            Reps = range.Hold(item.IsCounted ? middle.Reps : PrescriptionRules.Shipped.File.StartReps.SeveralJoints),
            Rpe = middle.Rpe,
            MostFraction = limits.MostFraction,
            MostRpe = limits.MostRpe,
            Kind = TargetKind.Straight,
            Metres = other.Pattern is Pattern.Carry ? middle.Metres : null,
            Seconds = other.HoldSeconds is { } hold ? hold.Hold(middle.Seconds ?? hold.Bottom) : null,
        };
        var chosen = new Chosen
        {
            Exercise = other,
            Purpose = item.Ask.Chosen.Purpose,
            Role = item.Role,
            Reason = ChosenReason.StandsIn,
            Answers = item.Answers,
            Score = 0,
            Parts = ScoreParts.None,
            Limits = limits,
        };
        OneRepMax? max =
            other.Sides is Sides.One
                ? maxes.Find(substitute, sides.For(other).First) ?? maxes.FindOrGuess(substitute)
                : maxes.FindOrGuess(substitute);
        return _prescriber.WithPlates(
            _prescriber.Prescribe(
                new ItemTarget(chosen, rule with { Role = item.Role }, range, target),
                max,
                WarmUpNeed.WarmPattern,
                sides
            ),
            other
        );
    }
}
