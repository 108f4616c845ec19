using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Selection;

/// <summary>All that the choice of exercises rests on.</summary>
public sealed record SelectionInput
{
    /// <summary>The client.</summary>
    public required Client Client { get; init; }

    /// <summary>Kit.</summary>
    public required Equipment Equipment { get; init; }

    /// <summary>Schools.</summary>
    public required Schools Schools { get; init; }

    /// <summary>The catalogue, with the coach's own exercises.</summary>
    public required ExerciseCatalogue Catalogue { get; init; }

    /// <summary>Open findings, gravest first.</summary>
    public required IReadOnlyList<Finding> Findings { get; init; }

    /// <summary>Pain and health.</summary>
    public required TrainingCaps Caps { get; init; }

    /// <summary>What can be loaded.</summary>
    public required Loader Loader { get; init; }

    /// <summary>Open rungs.</summary>
    public required LadderProgress Ladders { get; init; }

    /// <summary>The body of the model.</summary>
    public required Lifter Lifter { get; init; }

    /// <summary>External kilograms of an exercise's 1RM, 0 where none is known.</summary>
    public required Func<Exercise, double> LoadKg { get; init; }

    /// <summary>The coach's word on exercises.</summary>
    public required IReadOnlyList<Pick> Picks { get; init; }

    /// <summary>What was done.</summary>
    public required IReadOnlyList<LogDay> Log { get; init; }

    /// <summary>The block's kind, decided.</summary>
    public required BlockKind Kind { get; init; }

    /// <summary>The block asked for.</summary>
    public required BlockRequest Block { get; init; }

    /// <summary>Sets and minutes by role.</summary>
    public required ISetCost Cost { get; init; }

    /// <summary>The week's days.</summary>
    public required IReadOnlyList<SplitDay> Week { get; init; }
}
