using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
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

    /// <summary>It leads the first block of a novice over 50, which no bar does.</summary>
    StartsLate,

    /// <summary>It takes the place of a target, because of a finding.</summary>
    ChangedLift,

    /// <summary>It is the second lift of the day: another lift than the one that leads.</summary>
    OtherLift,

    /// <summary>It answers a finding.</summary>
    AnswersFinding,

    /// <summary>The week would have no work of its kind.</summary>
    FillsPalette,

    /// <summary>It is the press or pull of the day.</summary>
    Balances,

    /// <summary>It brings sets to what the client wants emphasised.</summary>
    Emphasises,

    /// <summary>It is the trunk work of the day.</summary>
    HoldsTrunk,

    /// <summary>Minutes were left for it.</summary>
    Supports,

    /// <summary>It is the client's event itself.</summary>
    EventWork,

    /// <summary>Nothing is light enough to throw, and it stands in its place.</summary>
    InPlaceOfThrow,

    /// <summary>It takes turns with another form of the same lift.</summary>
    TakesTurns,

    /// <summary>It stands in for one that cannot be done today.</summary>
    StandsIn,
}

/// <summary>Two forms of a lift, one a week.</summary>
/// <param name="With">The other form.</param>
/// <param name="Weeks">The weeks of this one.</param>
public sealed record Turn(string With, TurnWeeks Weeks);

/// <summary>Which weeks of a block.</summary>
public enum TurnWeeks
{
    /// <summary>The first, third and so on.</summary>
    Odd,

    /// <summary>The second, fourth and so on.</summary>
    Even,
}

/// <summary>Hard sets of a muscle in a load week without an exercise and with it, and what the week should hold.</summary>
/// <param name="Low">0 where the muscle has no low limit.</param>
public sealed record SetsInWeek(Muscle Muscle, double Without, double With, double Low, double High);

/// <summary>An alternative that was not taken.</summary>
/// <param name="Part">The part of the score that speaks most against it; null where none does.</param>
/// <param name="Better">The part that speaks most for it; null where none does.</param>
public sealed record Alternative(string Exercise, double Score, ScorePart? Part, ScorePart? Better);

/// <summary>One chosen exercise with all that speaks for it.</summary>
public sealed record Chosen
{
    /// <summary>The exercise.</summary>
    public required Exercise Exercise { get; init; }

    /// <summary>What it is for.</summary>
    public required Purpose Purpose { get; init; }

    /// <summary>How it is done.</summary>
    public required Role Role { get; init; }

    /// <summary>The other form with which it takes turns; null where it stands every week.</summary>
    public Turn? Turn { get; init; }

    /// <summary>The implements of a medley in a row, this one first; empty where it is none.</summary>
    public IReadOnlyList<Exercise> Medley { get; init; } = [];

    /// <summary>Another aim than the block's for its row of docs/handbook/11-prescription.md; null for the block's.</summary>
    public Aim? Aim { get; init; }

    /// <summary>Work sets in a load week; null for its row's.</summary>
    public int? Sets { get; init; }

    /// <summary>Work sets that sport on the days about leaves of it; null where it leaves them all.</summary>
    public int? MostSets { get; init; }

    /// <summary>The sport that bounds it; null where none does.</summary>
    public SportBound? Sport { get; init; }

    /// <summary>How well it answers its best answered finding: 1, 0.6 or 0.3; null where it answers none.</summary>
    public double? Grade { get; init; }

    /// <summary>Why it is here.</summary>
    public required ChosenReason Reason { get; init; }

    /// <summary>The open findings that it answers, gravest first.</summary>
    public IReadOnlyList<FindingCode> Answers { get; init; } = [];

    /// <summary>The gravest finding that it answers, with what was measured; null where it answers none.</summary>
    public Finding? For { get; init; }

    /// <summary>How the week stands for the muscle that it works most; null where sets are not counted.</summary>
    public SetsInWeek? Brings { get; init; }

    /// <summary>The finding that is not closing, for which it gets one set more a fortnight; null where it keeps its sets.</summary>
    public FindingCode? GrowsFor { get; init; }

    /// <summary>0 to 1.</summary>
    public required double Score { get; init; }

    /// <summary>The parts of the score.</summary>
    public required ScoreParts Parts { get; init; }

    /// <summary>What caution leaves of it.</summary>
    public required Caution.Allowed Limits { get; init; }

    /// <summary>The next best.</summary>
    public IReadOnlyList<Alternative> InsteadOf { get; init; } = [];

    /// <summary>What else could stand in its place, best first: it answers the same, or trains the same pattern with the same prime
    /// mover.</summary>
    public IReadOnlyList<string> Rivals { get; init; } = [];

    /// <summary>What can stand in for it on the floor, best first.</summary>
    public IReadOnlyList<string> Substitutes { get; init; } = [];
}

/// <summary>An exercise that could be chosen, with its score as an accessory.</summary>
public sealed record Ranked(Exercise Exercise, Role Role, double Score, ScoreParts Parts, IReadOnlyList<FindingCode> Answers);

/// <summary>The whole choice for a block.</summary>
public sealed record ExerciseChoice
{
    /// <summary>The days of the week, each with what stands on it in the order of the session.</summary>
    public required IReadOnlyList<DayPlan> Days { get; init; }

    /// <summary>Daily work for range, away from the sessions.</summary>
    public required IReadOnlyList<Chosen> Daily { get; init; }

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
            Days = [],
            Daily = [],
            PassedOver = [],
            Unanswered = [],
            Ranked = [],
            Shortfalls = [],
            Proven = Proof.Optimal,
            School = "",
        };

    /// <summary>Every chosen exercise once, in the highest of its purposes.</summary>
    public IEnumerable<Chosen> All =>
        Days.SelectMany(day => day.Lifts)
            .Concat(Daily)
            .OrderBy(chosen => chosen.Purpose)
            .GroupBy(chosen => chosen.Exercise.Id)
            .Select(places => places.First() with { Answers = [.. places.SelectMany(place => place.Answers).Distinct()] });

    /// <summary>The lifts that lead, once each.</summary>
    public IEnumerable<Chosen> Mains => All.Where(chosen => chosen.Purpose is Purpose.Main);

    /// <summary>The days on which an exercise stands.</summary>
    public IReadOnlyList<Weekday> DaysOf(string exercise) =>
        [.. Days.Where(day => day.Lifts.Any(lift => lift.Exercise.Id == exercise)).Select(day => day.Weekday)];
}
