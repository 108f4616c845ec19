namespace Nerezza.Core.Selection;

/// <summary>Makes of a slot's option a chosen exercise with all that speaks for it, and the next best of its slot.</summary>
internal sealed class ChosenMaker(
    SelectionInput input,
    Func<Slot, Eligibility> eligibilityOf,
    IReadOnlyList<Slot> slots,
    IReadOnlyList<(Slot Slot, SlotOption Option)> taken
)
{
    private readonly HashSet<string> _taken = [.. taken.Select(row => row.Option.Exercise.Id)];

    /// <summary>The chosen exercise.</summary>
    public Chosen Of(Slot slot, SlotOption option)
    {
        return new Chosen
        {
            Exercise = option.Exercise,
            Purpose = slot.Purpose,
            Role = option.Role,
            Aim = option.Aim,
            Sets = option.Sets,
            Reason = option.Reason,
            Answers = option.Answers,
            Grade = Grading.BestOf(option.Exercise, input.Prepared.Findings, option.Answers),
            Score = option.Score,
            Parts = option.Parts,
            Limits = eligibilityOf(slot).LimitsOf(option.Exercise),
            InsteadOf =
            [
                .. slots
                    .Where(other => ReferenceEquals(other, slot))
                    .SelectMany(other => other.Options)
                    .Where(other => other.Exercise.Id != option.Exercise.Id && !_taken.Contains(other.Exercise.Id))
                    .OrderByDescending(other => other.Score)
                    .ThenBy(other => other.Exercise.Id, StringComparer.Ordinal)
                    .Take(1)
                    .Select(other => ScoreComparison.Of(other.Exercise.Id, other.Score, option.Parts, other.Parts)),
            ],
        };
    }
}
