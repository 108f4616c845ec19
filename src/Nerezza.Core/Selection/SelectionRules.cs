using System.Text.Json.Serialization;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>The numbers of docs/handbook/09-composition.md and of the weekly sets of 12, from Data, each a source or an
/// assumption.</summary>
internal sealed record SelectionRules(
    IReadOnlyDictionary<string, IReadOnlyList<double>> Weights,
    int PositionsFromSeverity,
    CarryOverRule CarryOver,
    FitRule Fit,
    LevelRule Level,
    FreshnessRule Freshness,
    UnloadedRule Unloaded,
    double SetUpSeconds,
    LikingRule Liking,
    MainChangeRule MainChanges,
    IReadOnlyDictionary<string, IReadOnlyList<string>> Mains,
    SetRule Set,
    DrillRule Drills,
    int Substitutes,
    SingleJointRule SingleJoint,
    int AccessorySets,
    double Fill,
    int SecondFromMinutes,
    StartMoreRule StartMore,
    int LogWeeks,
    int LowAxial,
    SafetiesRule Safeties,
    EventsRule Events
)
{
    public static SelectionRules Shipped { get; } = EmbeddedData.Read("selection", SelectionJson.Default.SelectionRules);
}

/// <summary>Which exercises prepare for an event, best first.</summary>
internal sealed record EventsRule(IReadOnlyDictionary<string, IReadOnlyList<string>> Exercises, int MedleyImplements);

internal sealed record SafetiesRule(IReadOnlyList<string> Patterns, IReadOnlyList<string> Loads, double FromRpe, double AloneRpe);

internal sealed record CarryOverRule(
    double Same,
    double PatternAndPosition,
    double Pattern,
    double PrimeMover,
    double HardestThere,
    double HardestElsewhere
);

internal sealed record FitRule(double Full, double None, double UprightAtMost);

internal sealed record LevelRule(int Novice, int Intermediate, int Advanced, double Each)
{
    public int SkillOf(Level level) =>
        level switch
        {
            Clients.Level.Novice => Novice,
            Clients.Level.Intermediate => Intermediate,
            Clients.Level.Advanced => Advanced,
        };
}

internal sealed record FreshnessRule(int BlockDays, double One, double Both);

/// <summary>Stimulus left of work whose load cannot grow, by level.</summary>
internal sealed record UnloadedRule(double Novice, double Intermediate, double Advanced, int HardFromSkill)
{
    public double Of(Level level) =>
        level switch
        {
            Clients.Level.Novice => Novice,
            Clients.Level.Intermediate => Intermediate,
            Clients.Level.Advanced => Advanced,
        };
}

internal sealed record LikingRule(double Liked, double Neutral, double Disliked);

internal sealed record MainChangeRule(int Severity, double AwayFrom, double Light, double TooLight);

internal sealed record SetRule(
    int Candidates,
    int KeepForEach,
    int FamilyMost,
    int SessionsMost,
    int SessionsMostEmphasised,
    IReadOnlyList<int> SpreadSessions,
    int ItemsASession,
    IReadOnlyList<int> AnswersASeverity,
    int ShortSet,
    int MissingPattern,
    int Session,
    int Repeat,
    int Picked,
    int TrunkSessions,
    int TrunkCost,
    int WantedSets,
    int PushOverPull
);

internal sealed record StartMoreRule(double Part, double Sets)
{
    /// <summary>The most weekly hard sets that a client who does so many now starts from.</summary>
    public double MostFrom(double now) => Math.Max(now * (1 + Part), now + Sets);
}

internal sealed record SingleJointRule(IReadOnlyList<string> Patterns, IReadOnlyList<string> Exercises);

internal sealed record DrillRule(int Capacity, int Skill, int Priming);

internal sealed record AnswersFile(IReadOnlyList<string> Drills, IReadOnlyDictionary<string, AnswerRow> Answers);

internal sealed record AnswerRow(
    IReadOnlyList<string>? Main,
    IReadOnlyList<string>? Accessory,
    IReadOnlyList<string>? Skill,
    IReadOnlyList<string>? Capacity,
    IReadOnlyList<string>? Priming
);

internal sealed record VolumeFile(
    int HardFromRpe,
    IReadOnlyList<int> Keep,
    IReadOnlyDictionary<string, IReadOnlyList<int>> Grow,
    int EmphasisMost,
    int EmphasisWithoutLog,
    double Deficit,
    int SessionMost,
    IReadOnlyList<string> AlwaysLow,
    IReadOnlyList<string> UpperLow,
    AxialRule Axial
);

internal sealed record AxialRule(int Session, int Novice, int Intermediate, int Advanced, double Over50, int OverAge);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(SelectionRules))]
[JsonSerializable(typeof(AnswersFile))]
[JsonSerializable(typeof(VolumeFile))]
[JsonSerializable(typeof(WeekFile))]
internal sealed partial class SelectionJson : JsonSerializerContext;
