using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>The parts of a score, each 0 to 1 (docs/handbook/09-composition.md).</summary>
public sealed record ScoreParts(
    double AnswersFinding,
    double CarryOver,
    double StimulusForFatigue,
    double FitsBody,
    double Level,
    double Freshness,
    double SetUp,
    double Liking
)
{
    /// <summary>Nothing was scored.</summary>
    public static ScoreParts None { get; } = new(0, 0, 0, 0, 0, 0, 0, 0);

    /// <summary>The parts by name, in the order of the weights.</summary>
    public IReadOnlyList<(string Name, double Value)> Named =>
        [
            ("answers findings", AnswersFinding),
            ("carry-over", CarryOver),
            ("stimulus for fatigue", StimulusForFatigue),
            ("fit to this body", FitsBody),
            ("level", Level),
            ("freshness", Freshness),
            ("set-up", SetUp),
            ("liking", Liking),
        ];
}

/// <summary>How the parts are weighed: a school is a set of weights.</summary>
public sealed record ScoreWeights(string Name, IReadOnlyList<double> Values)
{
    /// <summary>Weights for accessories by school.</summary>
    public static ScoreWeights Of(AccessorySchool school) => Named(Codes.Of(school));

    /// <summary>Weights for main lifts.</summary>
    public static ScoreWeights Main => Named("main");

    /// <summary>The weighted sum, 0 to 1, rounded to a millionth so that it decides the same everywhere.</summary>
    public double Score(ScoreParts parts) => Math.Round(parts.Named.Select((part, i) => part.Value * Values[i]).Sum() / Values.Sum(), 6);

    private static ScoreWeights Named(string name) => new(name, SelectionRules.Shipped.Weights[name]);
}
