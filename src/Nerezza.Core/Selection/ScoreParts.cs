using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>The parts of a score, each 0 to 1 (docs/handbook/09-composition.md).</summary>
public sealed record ScoreParts
{
    /// <summary>How well it answers the findings.</summary>
    public required double AnswersFinding { get; init; }

    /// <summary>How much it carries over to the target lifts.</summary>
    public required double CarryOver { get; init; }

    /// <summary>Stimulus for the fatigue that it costs.</summary>
    public required double StimulusForFatigue { get; init; }

    /// <summary>How well it fits the body.</summary>
    public required double FitsBody { get; init; }

    /// <summary>How well its skill fits the level.</summary>
    public required double Level { get; init; }

    /// <summary>How long it was not done.</summary>
    public required double Freshness { get; init; }

    /// <summary>How quickly it is set up.</summary>
    public required double SetUp { get; init; }

    /// <summary>How much the client likes it.</summary>
    public required double Liking { get; init; }

    /// <summary>Nothing was scored.</summary>
    public static ScoreParts None { get; } =
        new()
        {
            AnswersFinding = 0,
            CarryOver = 0,
            StimulusForFatigue = 0,
            FitsBody = 0,
            Level = 0,
            Freshness = 0,
            SetUp = 0,
            Liking = 0,
        };

    /// <summary>The parts in the order of the weights.</summary>
    public IReadOnlyList<(ScorePart Part, double Value)> All =>
        [
            (ScorePart.AnswersFinding, AnswersFinding),
            (ScorePart.CarryOver, CarryOver),
            (ScorePart.StimulusForFatigue, StimulusForFatigue),
            (ScorePart.FitsBody, FitsBody),
            (ScorePart.Level, Level),
            (ScorePart.Freshness, Freshness),
            (ScorePart.SetUp, SetUp),
            (ScorePart.Liking, Liking),
        ];
}

/// <summary>A part of a score.</summary>
public enum ScorePart
{
    /// <summary>How well it answers the findings.</summary>
    AnswersFinding,

    /// <summary>How much it carries over to the target lifts.</summary>
    CarryOver,

    /// <summary>Stimulus for the fatigue that it costs.</summary>
    StimulusForFatigue,

    /// <summary>How well it fits the body.</summary>
    FitsBody,

    /// <summary>How well its skill fits the level.</summary>
    Level,

    /// <summary>How long it was not done.</summary>
    Freshness,

    /// <summary>How quickly it is set up.</summary>
    SetUp,

    /// <summary>How much the client likes it.</summary>
    Liking,
}

/// <summary>How the parts are weighed: a school is a set of weights.</summary>
public sealed record ScoreWeights(string Name, IReadOnlyList<double> Values)
{
    /// <summary>Weights for accessories by school.</summary>
    public static ScoreWeights Of(AccessorySchool school) => Named(Codes.Of(school));

    /// <summary>Weights for main lifts.</summary>
    public static ScoreWeights Main => Named("main");

    /// <summary>The weighted sum, 0 to 1, rounded to a millionth so that it decides the same everywhere.</summary>
    public double Score(ScoreParts parts) => Math.Round(parts.All.Select((part, i) => part.Value * Values[i]).Sum() / Values.Sum(), 6);

    private static ScoreWeights Named(string name) => new(name, SelectionRules.Shipped.Weights[name]);
}
