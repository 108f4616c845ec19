using Nerezza.Core.Blocks;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Review;

namespace Nerezza.Formats.Plans;

/// <summary>A kept plan as a block that stood, for a review.</summary>
public static class StoodMapping
{
    private static readonly Tempo Usual = Tempo.Parse("3-0-1-0");

    /// <summary>The block; null where none could be made.</summary>
    /// <param name="next">The first day of the block that follows: from there on nothing of this one stood.</param>
    public static StoodBlock? ToStood(PlanDocument plan, PlanSpan span, DateOnly? next) =>
        plan.Block is not { } block
            ? null
            : new StoodBlock(
                span.Number,
                span.Starts,
                next is { } day && day <= span.Ends ? day.AddDays(-1) : span.Ends,
                block.Kind,
                [
                    .. block.Weeks.Select(week => new StoodWeek(
                        week.Number,
                        week.Kind,
                        [
                            .. week
                                .Sessions.Where(session => next is null || session.Date < next)
                                .Select(session => new StoodSession(session.Date, [.. session.Items.Select(item => ToItem(item, plan))])),
                        ]
                    )),
                ]
            )
            {
                Substitutes = plan
                    .Selection.Where(one => one.Substitutes.Count > 0)
                    .DistinctBy(one => one.Exercise)
                    .ToDictionary(one => one.Exercise, one => one.Substitutes[0]),
            };

    private static StoodItem ToItem(ItemPart item, PlanDocument plan)
    {
        IReadOnlyList<FindingCode> answers = plan.Selection.FirstOrDefault(one => one.Exercise == item.Exercise)?.Answers ?? [];
        string? tempo = item.Sets.Select(set => set.Tempo).FirstOrDefault(one => one is not null);
        return new StoodItem(
            item.Exercise,
            item.Role,
            item.Purpose,
            answers,
            (tempo is null ? Usual : Tempo.Parse(tempo)).SecondsPerRep,
            [
                .. item.Sets.Select(set => new StoodSet(
                    set.Reps,
                    set.Amrap || set.Rpe is not { } rpe ? null : Rpe.Of(rpe),
                    set.Kg is { } kg ? Load.FromKilograms(kg) : null,
                    set.Side,
                    set.Percent,
                    set.Amrap
                )),
            ]
        )
        {
            RestSeconds = item.Sets.Select(set => (int?)set.RestSeconds).FirstOrDefault(),
        };
    }
}
