using Nerezza.Core;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;
using Nerezza.Formats.Levers;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>The exercises chosen for a client, and everything else that could be.</summary>
/// <param name="Shortfalls">What could not be had, and what would have to be given up for it.</param>
/// <param name="Muscles">Hard sets of the first week against their limits.</param>
/// <param name="Favours">What the school favours and gives up.</param>
/// <param name="Version">Of the client's file; it goes back with picks and school, so that a lost race is told.</param>
public sealed record ExercisesView(
    Guid ClientId,
    string Client,
    uint Version,
    string? Stop,
    AccessorySchool School,
    string Favours,
    bool Proven,
    IReadOnlyList<ChosenLine> Chosen,
    IReadOnlyList<RankedLine> Others,
    IReadOnlyList<PassedLine> Passed,
    IReadOnlyList<string> Shortfalls,
    IReadOnlyList<MuscleBand> Muscles,
    IReadOnlyList<Pick> Picks,
    IReadOnlyList<SchoolName> Schools
);

/// <summary>One chosen exercise in session order, with all that speaks for it.</summary>
/// <param name="Rivals">What could stand in its place, best first, with what it would be picked as.</param>
/// <param name="PinKind">What it is picked as when the coach pins it.</param>
/// <param name="Days">The weekdays it stands on; empty for daily drills.</param>
public sealed record ChosenLine(
    ExerciseFace Face,
    Role Role,
    double Score,
    IReadOnlyList<ScorePart> Parts,
    IReadOnlyList<string> Answers,
    string Because,
    IReadOnlyList<Weekday> Days,
    bool IsPicked,
    IReadOnlyList<AgainstLine> InsteadOf,
    IReadOnlyList<Pick> Rivals,
    IReadOnlyList<SubstituteLine> Substitutes,
    PickKind PinKind
);

/// <summary>An exercise as it is shown anywhere: name, pattern, muscles, kit, cues, figure.</summary>
/// <param name="Ladder">Its ladder with rung and rungs, as in "deadlift, rung 4 of 7"; null when it is on none.</param>
public sealed record ExerciseFace(
    string Exercise,
    string Name,
    Pattern Pattern,
    IReadOnlyList<MuscleShare> Muscles,
    string Kit,
    IReadOnlyList<string> Cues,
    string? Watch,
    string? Caution,
    string? Stance,
    string? Escape,
    string? Ladder,
    IReadOnlyList<Conflict> Conflicts,
    int Axial,
    int Systemic,
    int Soreness,
    int Skill,
    Pose? Pose,
    FigurePart? Figure,
    Origin Origin
);

/// <summary>Hard sets of one muscle in a week.</summary>
/// <param name="Low">0 where there is no low limit.</param>
public sealed record MuscleBand(Muscle Muscle, double Sets, double Low, double High);

/// <summary>What can stand in, with its load by the ratio.</summary>
/// <param name="Kg">Of its first set; null where effort leads.</param>
public sealed record SubstituteLine(string Exercise, string Name, int Sets, int Reps, double? Kg, double Rpe);

public sealed record MuscleShare(Muscle Muscle, double Share);

/// <param name="Weight">Of the whole score, 0 to 1.</param>
public sealed record ScorePart(string Name, double Value, double Weight);

public sealed record AgainstLine(string Exercise, string Name, string Because);

/// <summary>An exercise that could be chosen.</summary>
public sealed record RankedLine(ExerciseFace Face, Role Role, double Score, IReadOnlyList<ScorePart> Parts, IReadOnlyList<string> Answers);

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
public sealed record EffectView(
    IReadOnlyList<string> In,
    IReadOnlyList<string> Out,
    IReadOnlyList<string> NoLonger,
    IReadOnlyList<string> Newly,
    IReadOnlyList<MuscleShift> Muscles,
    Moved Minutes,
    Moved Axial,
    Moved Soreness
);

/// <summary>What another school would choose.</summary>
public sealed record SchoolView(AccessorySchool School, string Favours, IReadOnlyList<string> OnlyNow, IReadOnlyList<string> OnlyThere);

/// <summary>The school of accessories that the coach takes for a client.</summary>
public sealed record TakeSchool
{
    public required AccessorySchool School { get; init; }

    [Between(0, uint.MaxValue)]
    public required double Version { get; init; }
}
