using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;

namespace Nerezza.Web.Demo;

/// <summary>A lifter who stands in for a real one: a true 1RM of each lift, which nobody told, a curve of their own, ratings that are off.
/// The same seed is the same lifter.</summary>
/// <param name="driftADay">By what part the true maxes grow each day.</param>
internal sealed class SimulatedLifter(int seed, double driftADay = SimulatedLifter.DriftADay)
{
    /// <summary>Standard deviations and means of the closed loop (assumptions): a start error of 5 %, 0.05 % a day more, k by 0.08, a
    /// day by 1.5 %, ratings by a repetition too few with one of spread, half a repetition of noise, 0.3 repetition lost a set.</summary>
    public const double StartErrorSd = 0.05,
        DriftADay = 0.0005;

    private const double KSd = 0.08,
        DaySd = 0.015,
        BiasMean = -1,
        BiasSd = 1,
        RatingSd = 0.5,
        FatigueASet = 0.3,
        UnknownSd = 0.15,
        RatioPart = 0.5;

    private readonly Random _chance = new(seed);
    private readonly Dictionary<string, double> _start = [];
    private readonly Dictionary<string, RepCurve> _curves = [];
    private readonly Dictionary<(string, DateOnly), double> _days = [];
    private double? _bias;

    /// <summary>By how many repetitions what they say is left differs from what is.</summary>
    private double Bias => _bias ??= Normal(BiasMean, BiasSd);

    /// <summary>A number of the normal distribution (Box and Muller 1958).</summary>
    public double Normal(double mean, double sd) =>
        mean + sd * Math.Sqrt(-2 * Math.Log(1 - _chance.NextDouble())) * Math.Cos(2 * Math.PI * _chance.NextDouble());

    /// <summary>Sets the true 1RM of a lift at the start.</summary>
    public void Begin(string exercise, double kilograms) => _start[exercise] = kilograms;

    /// <summary>The true 1RM on a day after the start, without the day's own noise.</summary>
    /// <param name="guess">What Nerezza believes at the first meeting; the truth of a lift that nothing measured is a ratio to lies
    /// about it.</param>
    public double True(Exercise exercise, int day, double guess)
    {
        if (!_start.TryGetValue(exercise.Id, out double start))
            _start[exercise.Id] = start =
                exercise.Ratio is { } ratio && _start.TryGetValue(ratio.Of, out double root)
                    ? root * ratio.Value * Math.Exp(Normal(0, ratio.SpreadPercent / 100 * RatioPart))
                    : guess * Math.Exp(Normal(0, UnknownSd));
        return start * (1 + driftADay * day);
    }

    /// <summary>Their own curve of a lift.</summary>
    public RepCurve CurveOf(Exercise exercise)
    {
        if (!_curves.TryGetValue(exercise.Id, out RepCurve curve))
            _curves[exercise.Id] = curve = new RepCurve(Math.Clamp(exercise.Curve * (1 + Normal(0, KSd)), 0.5, 1.6));
        return curve;
    }

    /// <summary>How many repetitions there are in a set, to failure; not whole.</summary>
    /// <param name="kilograms">Body weight that is lifted along included.</param>
    /// <param name="trueMax">Without the day's noise.</param>
    /// <param name="setsBefore">Of the same exercise on the same day.</param>
    public double ToFailure(Exercise exercise, DateOnly date, double kilograms, double trueMax, int setsBefore)
    {
        if (!_days.TryGetValue((exercise.Id, date), out double noise))
            _days[(exercise.Id, date)] = noise = Math.Exp(Normal(0, DaySd));
        double fraction = kilograms / (trueMax * noise);
        return fraction >= 1 ? (fraction > 1.03 ? 0 : 1) : CurveOf(exercise).RepsToFailure(fraction) - FatigueASet * setsBefore;
    }

    /// <summary>How many they say are left where so many are.</summary>
    public double Says(double left) => Math.Max(0, left + Bias + Normal(0, RatingSd));
}
