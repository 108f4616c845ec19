using Nerezza.Core.Clients;

namespace Nerezza.Core.Loads;

/// <summary>The state of the filter that follows a 1RM over time.</summary>
/// <param name="LogMean">Mean of ln(1RM in kg).</param>
/// <param name="Variance">Variance of the same.</param>
/// <param name="Date">The day that it speaks of.</param>
public readonly record struct MaxState(double LogMean, double Variance, DateOnly Date);

/// <summary>One Kalman filter on ln(1RM): a random walk seen through noisy sets (Kalman 1960; docs/handbook/10-loads.md).</summary>
/// <param name="DriftSdPerDay">Standard deviation of the walk in one day.</param>
public readonly record struct MaxFilter(double DriftSdPerDay)
{
    /// <summary>The filter for a client's level: novices change faster.</summary>
    public static MaxFilter For(Level level) =>
        new(level is Level.Novice ? LoadRules.Shipped.OneRepMax.DriftSdPerDayNovice : LoadRules.Shipped.OneRepMax.DriftSdPerDay);

    /// <summary>The state on a later day: the mean stays, the doubt grows. An earlier day leaves it as it is.</summary>
    public MaxState Advance(MaxState state, DateOnly to)
    {
        int days = Math.Max(0, to.DayNumber - state.Date.DayNumber);
        return state with { Variance = state.Variance + days * DriftSdPerDay * DriftSdPerDay, Date = days > 0 ? to : state.Date };
    }

    /// <summary>The state after a day's observation. A lower bound moves it only when it lies above the estimate, and makes nobody surer of
    /// it: how far above it the max is, it does not say.</summary>
    public MaxState Observe(MaxState state, MaxObservation seen)
    {
        MaxState now = Advance(state, seen.Date);
        double surprise = Math.Log(seen.Kilograms) - now.LogMean;
        if (seen.IsLowerBound && surprise <= 0)
            return now;
        double gain = now.Variance / (now.Variance + seen.LogSd * seen.LogSd);
        double mean = now.LogMean + gain * surprise;
        return seen.IsLowerBound ? now with { LogMean = mean } : now with { LogMean = mean, Variance = (1 - gain) * now.Variance };
    }
}

/// <summary>What one day's sets say of a 1RM.</summary>
/// <param name="Date">The day.</param>
/// <param name="Kilograms">e1RM, above 0.</param>
/// <param name="ToFailure">Repetitions to failure that it was made from.</param>
/// <param name="LogSd">Measurement standard deviation of its logarithm.</param>
/// <param name="IsLowerBound">Whether the set only shows that the max is at least this.</param>
/// <param name="Source">Entered or logged.</param>
public sealed record MaxObservation(DateOnly Date, double Kilograms, double ToFailure, double LogSd, bool IsLowerBound, MaxSource Source);
