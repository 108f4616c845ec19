using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Checks;

/// <summary>Holds a block against pain and health answers, also against newer ones than it was made from.</summary>
public static class PainChecks
{
    /// <summary>Every exercise that is ruled out now, or asked for harder than is allowed now, said once.</summary>
    public static IReadOnlyList<Check> Run(Block block, TrainingCaps caps, ExerciseCatalogue catalogue) =>
        [
            .. block
                .Weeks.SelectMany(week =>
                    week.Sessions.SelectMany(session =>
                        session.Items.Select(item =>
                            On(item, catalogue[item.Exercise], caps) is { } check
                                ? check with
                                {
                                    Week = week.Number,
                                    Day = session.Day,
                                }
                                : null
                        )
                    )
                )
                .OfType<Check>()
                .DistinctBy(check => check.Exercise),
        ];

    /// <summary>The remark on one item; null when nothing speaks against it.</summary>
    internal static Check? On(PrescribedItem item, Exercise exercise, TrainingCaps caps) =>
        caps.For(exercise) switch
        {
            Caution.RuledOut ruledOut => new Check(CheckCode.PainConflict, CheckSeverity.Stop, Exercise: exercise.Id)
            {
                Other = ruledOut.Reason,
            },
            Caution.Allowed allowed when item.Sets.Max(set => set.Rpe) > allowed.MostRpe => new Check(
                CheckCode.PainConflict,
                CheckSeverity.Stop,
                Exercise: exercise.Id,
                Value: item.Sets.Max(set => set.Rpe.Value),
                Limit: allowed.MostRpe.Value
            ),
            Caution.Allowed allowed
                when Math.Round(item.Sets.Max(set => set.Percent?.Value) ?? 0) is var percent && percent > 100 * allowed.MostFraction =>
                new Check(
                    CheckCode.PainConflict,
                    CheckSeverity.Stop,
                    Exercise: exercise.Id,
                    Value: percent,
                    Limit: 100 * allowed.MostFraction
                ),
            _ => null,
        };
}
