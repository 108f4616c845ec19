using System.Text.Json.Serialization;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>The numbers of docs/handbook/09-composition.md and of the weekly sets of 12, from Data, each a source or an
/// assumption.</summary>
internal sealed record SelectionRules
{
    /// <summary>Weights of the parts of a score.</summary>
    public required IReadOnlyDictionary<string, IReadOnlyList<double>> Weights { get; init; }

    /// <summary>Severity from which a position counts.</summary>
    public required int PositionsFromSeverity { get; init; }

    /// <summary>Carry-over by pattern.</summary>
    public required CarryOverRule CarryOver { get; init; }

    /// <summary>Fit of the body.</summary>
    public required FitRule Fit { get; init; }

    /// <summary>Skill by level.</summary>
    public required LevelRule Level { get; init; }

    /// <summary>Freshness by blocks.</summary>
    public required FreshnessRule Freshness { get; init; }

    /// <summary>Stimulus of work that cannot grow.</summary>
    public required UnloadedRule Unloaded { get; init; }

    /// <summary>Seconds of set-up that cost all of the part.</summary>
    public required double SetUpSeconds { get; init; }

    /// <summary>Liking by answer.</summary>
    public required LikingRule Liking { get; init; }

    /// <summary>When a finding changes a main lift.</summary>
    public required MainChangeRule MainChanges { get; init; }

    /// <summary>Usual main lifts.</summary>
    public required IReadOnlyDictionary<string, IReadOnlyList<string>> Mains { get; init; }

    /// <summary>Repetitions of a second lift at most: what its load must make hard.</summary>
    public required int SecondMostReps { get; init; }

    /// <summary>Second lifts by pattern.</summary>
    public required IReadOnlyDictionary<string, IReadOnlyList<string>> Seconds { get; init; }

    /// <summary>Numbers of the choice as a set.</summary>
    public required SetRule Set { get; init; }

    /// <summary>Drills by finding.</summary>
    public required DrillRule Drills { get; init; }

    /// <summary>What stands in.</summary>
    public required int Substitutes { get; init; }

    /// <summary>What is single joint.</summary>
    public required SingleJointRule SingleJoint { get; init; }

    /// <summary>How minutes are filled.</summary>
    public required double Fill { get; init; }

    /// <summary>Minutes from which a second lift stands.</summary>
    public required int SecondFromMinutes { get; init; }

    /// <summary>How much more than now a block starts with.</summary>
    public required StartMoreRule StartMore { get; init; }

    /// <summary>Weeks of the log that say what is done now.</summary>
    public required int LogWeeks { get; init; }

    /// <summary>Axial load that is low.</summary>
    public required int LowAxial { get; init; }

    /// <summary>When pins or a spotter are needed.</summary>
    public required SafetiesRule Safeties { get; init; }

    /// <summary>Event work.</summary>
    public required EventsRule Events { get; init; }

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
    double Supported,
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

internal sealed record SetRule
{
    /// <summary>Most candidates.</summary>
    public required int Candidates { get; init; }

    /// <summary>Kept for each finding and muscle.</summary>
    public required int KeepForEach { get; init; }

    /// <summary>Most of a family.</summary>
    public required int FamilyMost { get; init; }

    /// <summary>Most sessions of one exercise.</summary>
    public required int SessionsMost { get; init; }

    /// <summary>The same where its muscle is emphasised.</summary>
    public required int SessionsMostEmphasised { get; init; }

    /// <summary>Sessions over which work is spread.</summary>
    public required IReadOnlyList<int> SpreadSessions { get; init; }

    /// <summary>Most exercises of a session.</summary>
    public required int ItemsASession { get; init; }

    /// <summary>Answers a finding wants for each point of severity.</summary>
    public required IReadOnlyList<int> AnswersASeverity { get; init; }

    /// <summary>Cost of a hard set that is short.</summary>
    public required int ShortSet { get; init; }

    /// <summary>Cost of a missing pattern.</summary>
    public required int MissingPattern { get; init; }

    /// <summary>Cost of a session of an exercise.</summary>
    public required int Session { get; init; }

    /// <summary>Cost of a second session of it.</summary>
    public required int Repeat { get; init; }

    /// <summary>Gain of what the coach picked.</summary>
    public required int Picked { get; init; }

    /// <summary>Sessions of trunk work wanted.</summary>
    public required int TrunkSessions { get; init; }

    /// <summary>Cost of each that is short.</summary>
    public required int TrunkCost { get; init; }

    /// <summary>Sets wanted of what is emphasised.</summary>
    public required int WantedSets { get; init; }

    /// <summary>Most of presses over pulls.</summary>
    public required int PushOverPull { get; init; }
}

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

internal sealed record VolumeFile
{
    /// <summary>Effort from which a set is hard.</summary>
    public required int HardFromRpe { get; init; }

    /// <summary>Hard sets a week that keep a muscle, by level.</summary>
    public required IReadOnlyList<int> Keep { get; init; }

    /// <summary>Hard sets a week that make it grow, by level.</summary>
    public required IReadOnlyDictionary<string, IReadOnlyList<int>> Grow { get; init; }

    /// <summary>Most of an emphasised muscle.</summary>
    public required int EmphasisMost { get; init; }

    /// <summary>The same without a log.</summary>
    public required int EmphasisWithoutLog { get; init; }

    /// <summary>What a deficit takes off.</summary>
    public required double Deficit { get; init; }

    /// <summary>Most hard sets of a muscle in a session.</summary>
    public required int SessionMost { get; init; }

    /// <summary>Muscles with a low limit always.</summary>
    public required IReadOnlyList<string> AlwaysLow { get; init; }

    /// <summary>Muscles with a low limit where the upper body is trained.</summary>
    public required IReadOnlyList<string> UpperLow { get; init; }

    /// <summary>Load on the spine a week and a session.</summary>
    public required AxialRule Axial { get; init; }
}

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
