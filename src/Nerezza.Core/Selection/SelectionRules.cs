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

    /// <summary>Rungs that no gate shuts.</summary>
    public required IReadOnlyList<string> AlwaysOpen { get; init; }

    /// <summary>What a novice learns a pattern with in a block of foundation.</summary>
    public required IReadOnlyDictionary<string, IReadOnlyList<string>> LearnedWith { get; init; }

    /// <summary>Drills by finding.</summary>
    public required DrillRule Drills { get; init; }

    /// <summary>What stands in.</summary>
    public required int Substitutes { get; init; }

    /// <summary>What is single joint.</summary>
    public required SingleJointRule SingleJoint { get; init; }

    /// <summary>How much more than now a block starts with.</summary>
    public required StartMoreRule StartMore { get; init; }

    /// <summary>Weeks of the log that say what is done now.</summary>
    public required int LogWeeks { get; init; }

    /// <summary>When pins or a spotter are needed.</summary>
    public required SafetiesRule Safeties { get; init; }

    /// <summary>Event work.</summary>
    public required EventsRule Events { get; init; }

    public static SelectionRules Shipped { get; } = EmbeddedData.Read("selection", SelectionJson.Default.SelectionRules);
}

/// <summary>Which exercises prepare for an event, best first.</summary>
internal sealed record EventsRule(
    IReadOnlyDictionary<string, IReadOnlyList<string>> Exercises,
    string InPlaceOfThrow,
    double ThrowMostPart,
    int MedleyImplements,
    int MedleyImplementsAdvanced
);

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

internal sealed record MainChangeRule(int Severity, double Confidence, double AwayFrom, double Light, double TooLight);

internal sealed record StartMoreRule(double Part, double Sets)
{
    /// <summary>The most weekly hard sets that a client who does so many now starts from.</summary>
    public double MostFrom(double now) => Math.Max(now * (1 + Part), now + Sets);
}

internal sealed record SingleJointRule(IReadOnlyList<string> Patterns, IReadOnlyList<string> Exercises);

internal sealed record DrillRule(int Capacity, int Daily, int Skill, int Priming);

internal sealed record AnswersFile(
    IReadOnlyList<string> Drills,
    IReadOnlyDictionary<string, IReadOnlyList<string>> Faults,
    IReadOnlyDictionary<string, IReadOnlyList<string>> First,
    IReadOnlyDictionary<string, AnswerRow> Answers
);

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

    /// <summary>Hard sets of an emphasised large muscle, by level.</summary>
    public required IReadOnlyDictionary<string, IReadOnlyList<int>> Emphasis { get; init; }

    /// <summary>The same of the glutes.</summary>
    public required IReadOnlyDictionary<string, IReadOnlyList<int>> EmphasisOfGlutes { get; init; }

    /// <summary>The same of small muscles.</summary>
    public required IReadOnlyList<int> EmphasisOfOthers { get; init; }

    /// <summary>The large muscles.</summary>
    public required IReadOnlyList<string> Large { get; init; }

    /// <summary>What few days leave of the low limits.</summary>
    public required LowByDaysRule LowByDays { get; init; }

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

internal sealed record LowByDaysRule(double One, double Two, double UpperOnFull);

internal sealed record AxialRule(int Session, int Novice, int Intermediate, int Advanced, double Over50, int OverAge);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(SelectionRules))]
[JsonSerializable(typeof(SlotRules))]
[JsonSerializable(typeof(AnswersFile))]
[JsonSerializable(typeof(VolumeFile))]
[JsonSerializable(typeof(WeekFile))]
internal sealed partial class SelectionJson : JsonSerializerContext;
