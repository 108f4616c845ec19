using System.Diagnostics;
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
                                    At = new CheckPlace.OfSession(week.Number, session.Day),
                                }
                                : null
                        )
                    )
                )
                .OfType<StandingCheck>()
                .DistinctBy(check => check.Exercise),
        ];

    /// <summary>The remark on one item; null when nothing speaks against it.</summary>
    internal static StandingCheck? On(PrescribedItem item, Exercise exercise, TrainingCaps caps) =>
        caps.For(exercise) switch
        {
            Caution.RuledOut ruledOut => new Check.RuledOutByPain(exercise.Id, ruledOut.Reason),
            Caution.Allowed allowed when item.Sets.Max(set => set.Rpe) > allowed.MostRpe => new Check.EffortOverPain(
                exercise.Id,
                item.Sets.Max(set => set.Rpe),
                allowed.MostRpe
            ),
            Caution.Allowed allowed
                when Math.Round(item.Sets.Max(set => set.Percent?.Value) ?? 0) is var percent && percent > 100 * allowed.MostFraction =>
                new Check.PercentOverPain(exercise.Id, percent, 100 * allowed.MostFraction),
            Caution.Allowed => null,
            _ => throw new UnreachableException(),
        };
}
