using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>All that the choice of exercises rests on.</summary>
public sealed record SelectionInput
{
    /// <summary>What follows from the case, as it was known at the block's start.</summary>
    public required PreparedCase Prepared { get; init; }

    /// <summary>The block's kind, decided.</summary>
    public required BlockKind Kind { get; init; }

    /// <summary>Sets and minutes by role.</summary>
    public required ISetCost Cost { get; init; }

    /// <summary>The week's days.</summary>
    public required IReadOnlyList<SplitDay> Week { get; init; }

    /// <summary>The coach's school of accessories; else stimulus.</summary>
    public AccessorySchool School => Prepared.Case.Schools.Accessories ?? AccessorySchool.Stimulus;

    /// <summary>The same with what there is on a day of the week.</summary>
    public SelectionInput On(Weekday day) => this with { Prepared = Prepared.On(day) };
}
