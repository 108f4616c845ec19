using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Selection;

/// <summary>Why an exercise was chosen; Wording says it in a sentence.</summary>
public enum ChosenReason
{
    /// <summary>The coach picked it.</summary>
    Picked,

    /// <summary>The client named it as a target.</summary>
    TargetLift,

    /// <summary>No target of its pattern was named, or none can be done: the best of the usual order.</summary>
    UsualLift,

    /// <summary>It takes the place of a target, because of a finding.</summary>
    ChangedLift,

    /// <summary>It takes a second place in the week so that the load on the spine stays within the budget.</summary>
    SparesSpine,

    /// <summary>It trains the pattern in the second place of the week in another form than the main lift.</summary>
    OtherForm,

    /// <summary>It answers a finding.</summary>
    AnswersFinding,

    /// <summary>A muscle would have too few sets without it.</summary>
    FillsSets,

    /// <summary>The week needs its pattern.</summary>
    FillsPattern,

    /// <summary>It adds most for its fatigue.</summary>
    AddsStimulus,

    /// <summary>It is the client's event itself.</summary>
    EventWork,

    /// <summary>It stands in for one that cannot be done today.</summary>
    StandsIn,
}

/// <summary>An alternative that was not taken.</summary>
/// <param name="Part">The part of the score that speaks most against it; null where none does.</param>
public sealed record Alternative(string Exercise, double Score, string? Part);

/// <summary>One chosen exercise with all that speaks for it.</summary>
public sealed record Chosen
{
    /// <summary>The exercise.</summary>
    public required Exercise Exercise { get; init; }

    /// <summary>What it is for.</summary>
    public required Role Role { get; init; }

    /// <summary>Why it is here.</summary>
    public required ChosenReason Reason { get; init; }

    /// <summary>The open findings that it answers, gravest first.</summary>
    public IReadOnlyList<FindingCode> Answers { get; init; } = [];

    /// <summary>The finding that is not closing, for which it gets one set more a fortnight; null where it keeps its sets.</summary>
    public FindingCode? GrowsFor { get; init; }

    /// <summary>0 to 1.</summary>
    public required double Score { get; init; }

    /// <summary>The parts of the score.</summary>
    public required ScoreParts Parts { get; init; }

    /// <summary>What caution leaves of it.</summary>
    public required Caution.Allowed Limits { get; init; }

    /// <summary>Sessions a week for an accessory; 0 where the week's layout decides.</summary>
    public int Sessions { get; init; }

    /// <summary>The next best.</summary>
    public IReadOnlyList<Alternative> InsteadOf { get; init; } = [];

    /// <summary>What else could stand in its place, best first: it answers the same, or trains the same pattern with the same prime
    /// mover.</summary>
    public IReadOnlyList<string> Rivals { get; init; } = [];

    /// <summary>What can stand in for it on the floor, best first.</summary>
    public IReadOnlyList<string> Substitutes { get; init; } = [];
}

/// <summary>A main lift with the variation that takes its second place of the week; often itself.</summary>
public sealed record MainSlot(Pattern Pattern, Chosen Main, Chosen Second);

/// <summary>An exercise that could be chosen, with its score as an accessory.</summary>
public sealed record Ranked(Exercise Exercise, Role Role, double Score, ScoreParts Parts, IReadOnlyList<FindingCode> Answers);

/// <summary>The whole choice for a block.</summary>
public sealed record ExerciseChoice
{
    /// <summary>Main and second lifts.</summary>
    public required IReadOnlyList<MainSlot> Mains { get; init; }

    /// <summary>All besides.</summary>
    public required IReadOnlyList<Chosen> Others { get; init; }

    /// <summary>What a hard filter kept out, and why.</summary>
    public required IReadOnlyList<PassedOver> PassedOver { get; init; }

    /// <summary>Findings that nothing chosen answers.</summary>
    public required IReadOnlyList<Finding> Unanswered { get; init; }

    /// <summary>Every exercise that can be done and stands in no main place, best first.</summary>
    public required IReadOnlyList<Ranked> Ranked { get; init; }

    /// <summary>What could not be had, each with what would have to be given up for it.</summary>
    public required IReadOnlyList<Shortfall> Shortfalls { get; init; }

    /// <summary>Whether nothing better can be had.</summary>
    public required Proof Proven { get; init; }

    /// <summary>What the school of exercise choice did.</summary>
    public required string School { get; init; }

    /// <summary>Nothing chosen.</summary>
    public static ExerciseChoice None { get; } =
        new()
        {
            Mains = [],
            Others = [],
            PassedOver = [],
            Unanswered = [],
            Ranked = [],
            Shortfalls = [],
            Proven = Proof.Optimal,
            School = "",
        };

    /// <summary>Every chosen exercise once, mains first.</summary>
    public IEnumerable<Chosen> All =>
        Mains.SelectMany(slot => new[] { slot.Main, slot.Second }).Concat(Others).DistinctBy(chosen => chosen.Exercise.Id);
}
