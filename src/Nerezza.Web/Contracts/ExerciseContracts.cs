using Nerezza.Core;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;
using Nerezza.Formats.Levers;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>The exercises chosen for a client, and everything else that could be.</summary>
public sealed record ExercisesView
{
    public required Guid ClientId { get; init; }

    public required string Client { get; init; }

    /// <summary>Of the client's file; it goes back with picks and school, so that a lost race is told.</summary>
    public required uint Version { get; init; }

    public required string? Stop { get; init; }

    public required AccessorySchool School { get; init; }

    /// <summary>What the school favours and gives up.</summary>
    public required string Favours { get; init; }

    public required bool Proven { get; init; }

    public required IReadOnlyList<ChosenLine> Chosen { get; init; }

    public required IReadOnlyList<RankedLine> Others { get; init; }

    public required IReadOnlyList<PassedLine> Passed { get; init; }

    /// <summary>The week as the slots that it is, day by day.</summary>
    public required IReadOnlyList<DaySlots> Week { get; init; }

    /// <summary>What could not be had, and what would have to be given up for it.</summary>
    public required IReadOnlyList<string> Shortfalls { get; init; }

    /// <summary>Hard sets of the first week against their limits.</summary>
    public required IReadOnlyList<MuscleBand> Muscles { get; init; }

    public required IReadOnlyList<Pick> Picks { get; init; }

    public required IReadOnlyList<SchoolName> Schools { get; init; }
}

/// <summary>One chosen exercise in session order, with all that speaks for it.</summary>
public sealed record ChosenLine
{
    public required ExerciseFace Face { get; init; }

    public required Role Role { get; init; }

    /// <summary>What it is for, in the highest of its places.</summary>
    public required Purpose Purpose { get; init; }

    public required double Score { get; init; }

    public required IReadOnlyList<ScoreShare> Parts { get; init; }

    public required IReadOnlyList<string> Answers { get; init; }

    public required string Because { get; init; }

    /// <summary>The weekdays it stands on; empty for daily drills.</summary>
    public required IReadOnlyList<Weekday> Days { get; init; }

    public required bool IsPicked { get; init; }

    public required IReadOnlyList<AgainstLine> InsteadOf { get; init; }

    /// <summary>What could stand in its place, best first, with what it would be picked as.</summary>
    public required IReadOnlyList<Pick> Rivals { get; init; }

    public required IReadOnlyList<SubstituteLine> Substitutes { get; init; }

    /// <summary>What it is picked as when the coach pins it.</summary>
    public required PickKind PinKind { get; init; }
}

/// <summary>A day of the week with its slots, in the order of the session.</summary>
public sealed record DaySlots(Weekday Day, int Minutes, IReadOnlyList<SlotLine> Slots);

/// <summary>A slot: what stands there, what for, and what else could.</summary>
public sealed record SlotLine
{
    public required string Exercise { get; init; }

    public required string Name { get; init; }

    public required Purpose Purpose { get; init; }

    public required IReadOnlyList<string> Answers { get; init; }

    /// <summary>The next best; null where nothing else was in question.</summary>
    public required AgainstLine? Instead { get; init; }
}

/// <summary>An exercise as it is shown anywhere: name, pattern, muscles, kit, cues, figure.</summary>
public sealed record ExerciseFace
{
    public required string Exercise { get; init; }

    public required string Name { get; init; }

    public required Pattern Pattern { get; init; }

    public required IReadOnlyList<MuscleShare> Muscles { get; init; }

    public required string Kit { get; init; }

    public required IReadOnlyList<string> Cues { get; init; }

    public required string? Watch { get; init; }

    public required string? Caution { get; init; }

    public required string? Stance { get; init; }

    public required string? Escape { get; init; }

    /// <summary>Its ladder with rung and rungs, as in "deadlift, rung 4 of 7"; null when it is on none.</summary>
    public required string? Ladder { get; init; }

    public required IReadOnlyList<Conflict> Conflicts { get; init; }

    public required int Axial { get; init; }

    public required int Systemic { get; init; }

    public required int Soreness { get; init; }

    public required int Skill { get; init; }

    public required Pose? Pose { get; init; }

    public required FigurePart? Figure { get; init; }

    public required Origin Origin { get; init; }
}

/// <summary>Hard sets of one muscle in a week.</summary>
/// <param name="Low">0 where there is no low limit.</param>
public sealed record MuscleBand(Muscle Muscle, double Sets, double Low, double High);

/// <summary>What can stand in, with its load by the ratio.</summary>
/// <param name="Kg">Of its first set; null where effort leads.</param>
public sealed record SubstituteLine(string Exercise, string Name, int Sets, int Reps, double? Kg, double Rpe);

public sealed record MuscleShare(Muscle Muscle, double Share);

/// <param name="Weight">Of the whole score, 0 to 1.</param>
public sealed record ScoreShare(string Name, double Value, double Weight);

public sealed record AgainstLine(string Exercise, string Name, string Because);

/// <summary>An exercise that could be chosen.</summary>
public sealed record RankedLine(ExerciseFace Face, Role Role, double Score, IReadOnlyList<ScoreShare> Parts, IReadOnlyList<string> Answers);

/// <summary>An exercise that cannot be chosen, and why.</summary>
public sealed record PassedLine(string Exercise, string Name, string Because);

public sealed record SchoolName(AccessorySchool School, string Name);

/// <summary>The coach's word on exercises, all of it: what is not in it is taken back.</summary>
public sealed record SavePicks
{
    [Items(200)]
    public required IReadOnlyList<PickLine> Picks { get; init; }

    [Between(0, uint.MaxValue)]
    public required double Version { get; init; }
}

/// <summary>Picks that are only looked at.</summary>
public sealed record TryPicks
{
    [Items(200)]
    public required IReadOnlyList<PickLine> Picks { get; init; }
}

/// <summary>The version of a client's file after a change.</summary>
public sealed record FileVersion(uint Version);

public sealed record PickLine
{
    [ExerciseId]
    public required string Exercise { get; init; }
    public required PickKind Kind { get; init; }
}

/// <summary>What a change of exercises would do in the first week, in words and numbers.</summary>
public sealed record EffectView
{
    public required IReadOnlyList<string> In { get; init; }

    public required IReadOnlyList<string> Out { get; init; }

    public required IReadOnlyList<string> NoLonger { get; init; }

    public required IReadOnlyList<string> Newly { get; init; }

    public required IReadOnlyList<MuscleShift> Muscles { get; init; }

    public required Moved Minutes { get; init; }

    public required Moved Axial { get; init; }

    public required Moved Soreness { get; init; }
}

/// <summary>What another school would choose.</summary>
public sealed record SchoolView(AccessorySchool School, string Favours, IReadOnlyList<string> OnlyNow, IReadOnlyList<string> OnlyThere);

/// <summary>The school of accessories that the coach takes for a client.</summary>
public sealed record TakeSchool
{
    public required AccessorySchool School { get; init; }

    [Between(0, uint.MaxValue)]
    public required double Version { get; init; }
}
