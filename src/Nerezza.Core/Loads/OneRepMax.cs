using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads;

/// <summary>An estimated one-repetition maximum with its 80 % interval.</summary>
/// <param name="Exercise">Exercise id.</param>
/// <param name="Side">The side, for one-sided lifts.</param>
/// <param name="Kilograms">The estimate; where body weight is lifted too it is the total load.</param>
/// <param name="LogSd">Standard deviation of its natural logarithm; 0.05 is about 5 %.</param>
/// <param name="Source">Where it comes from.</param>
/// <param name="Curve">The lifter's rep curve for the exercise: the exercise's own until their sets say otherwise.</param>
public sealed record OneRepMax(string Exercise, Side? Side, double Kilograms, double LogSd, MaxSource Source, RepCurve Curve)
{
    /// <summary>The k that the lifter's own sets bend the curve to; null where the exercise's own stands.</summary>
    public double? OwnK { get; init; }

    /// <summary>By how much ratings behind it are corrected; null where none is, or nothing is known of the client's ratings.</summary>
    public EffortBias? Bias { get; init; }

    /// <summary>Whether the first load is the lightest there is, whatever the guess: under 16
    /// (docs/handbook/10-loads.md#settled-on-starting-loads).</summary>
    public bool StartsLightest { get; init; }

    /// <summary>Lower end of the 80 % interval, in kilograms.</summary>
    public double Low => Kilograms * Math.Exp(-LoadRules.Shipped.OneRepMax.IntervalZ * LogSd);

    /// <summary>Upper end of the 80 % interval, in kilograms.</summary>
    public double High => Kilograms * Math.Exp(LoadRules.Shipped.OneRepMax.IntervalZ * LogSd);

    /// <summary>What loads are taken from: the estimate; of a first guess the lower end of its interval.</summary>
    public double WorkingKg => Source is MaxSource.Guess ? Low : Kilograms;

    /// <summary>The training max: 90 % of the estimate.</summary>
    public double TrainingMax => Kilograms * LoadRules.Shipped.OneRepMax.TrainingMax;

    /// <summary>A percentage of the estimate as one of the training max.</summary>
    public Percent OfTrainingMax(Percent percent) => Percent.FromFraction(percent.Fraction * Kilograms / TrainingMax);
}

/// <summary>Where a max comes from: entered by the coach, moved by the log, a ratio to another lift, or guessed.</summary>
public enum MaxSource
{
    /// <summary>Entered sets only.</summary>
    Measured,

    /// <summary>Another lift's max times the ratio; not a set of its own yet.</summary>
    Ratio,

    /// <summary>The newest evidence is a logged set.</summary>
    Log,

    /// <summary>A first guess from body mass, level, sex and age: nothing is measured.</summary>
    Guess,
}
