using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>A place on a day for one exercise (docs/handbook/09-composition.md): what it is for, and what competes for it.</summary>
/// <param name="Day">Index of the day in the week.</param>
/// <param name="Kind">What it asks for, in the words of Data/slots.yaml; slots of one kind count together over the week.</param>
/// <param name="Worth">Of filling it, in thousandths of score, before what the week wants.</param>
internal sealed record Slot(int Day, Purpose Purpose, string Kind, int Worth, IReadOnlyList<SlotOption> Options);

/// <summary>An exercise that competes for a slot.</summary>
internal sealed record SlotOption
{
    /// <summary>The exercise.</summary>
    public required Exercise Exercise { get; init; }

    /// <summary>Its row of docs/handbook/11-prescription.md.</summary>
    public required Role Role { get; init; }

    /// <summary>Another aim than the block's, for the row.</summary>
    public Aim? Aim { get; init; }

    /// <summary>Work sets.</summary>
    public required int Sets { get; init; }

    /// <summary>Its score in this slot, 0 to 1.</summary>
    public required double Score { get; init; }

    /// <summary>What a list of usual choices adds, thousandths of score.</summary>
    public int Usual { get; init; }

    /// <summary>The parts of the score.</summary>
    public required ScoreParts Parts { get; init; }

    /// <summary>Why it would stand here.</summary>
    public required ChosenReason Reason { get; init; }

    /// <summary>Findings that it answers well enough to count, best first.</summary>
    public IReadOnlyList<FindingCode> Answers { get; init; } = [];
}

/// <summary>A day before its slots: what stands on it whatever else does.</summary>
/// <param name="Fixed">Drills, event work and main lifts.</param>
internal sealed record DayFrame(SplitDay Day, IReadOnlyList<Chosen> Fixed)
{
    /// <summary>The pattern of the lift that leads it.</summary>
    public Pattern? Lead => Fixed.FirstOrDefault(one => one.Purpose is Purpose.Main)?.Exercise.Pattern;

    /// <summary>The lift that leads it.</summary>
    public Chosen? Main => Fixed.FirstOrDefault(one => one.Purpose is Purpose.Main);

    /// <summary>Whether a hinge or an event leads it, the day before or after another.</summary>
    public bool PullsBeside(DayFrame other) =>
        (Lead is Pattern.Hinge || Fixed.Any(one => one.Purpose is Purpose.Event)) && Weekdays.AreNeighbours(Day.Weekday, other.Day.Weekday);
}
