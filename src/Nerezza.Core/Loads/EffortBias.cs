using Nerezza.Core.Clients;

namespace Nerezza.Core.Loads;

/// <summary>By how many repetitions a client misjudges what is left (docs/handbook/10-loads.md).</summary>
/// <param name="Repetitions">Mean bias, pulled toward 0; positive: more was left than said.</param>
/// <param name="Observations">How many calibrating sets it rests on.</param>
public sealed record EffortBias(double Repetitions, int Observations)
{
    /// <summary>Nothing known: no correction.</summary>
    public static EffortBias None { get; } = new(0, 0);

    /// <summary>The bias that the log shows: reps done - (reps at which it was said + RIR said), for each AMRAP with a claim.</summary>
    /// <remarks>Fatigue of hard sets before it on the day is credited at 0.3 repetition a set. Lifters usually keep more in
    /// reserve than they say (Halperin et al. 2022).</remarks>
    public static EffortBias From(IEnumerable<LogDay> log)
    {
        EffortRules rules = LoadRules.Shipped.Effort;
        List<double> seen = [];
        foreach (LogDay day in log)
        {
            if (!day.Sets.Any(set => set.ReserveSaid is not null))
                continue;
            Dictionary<(string, Side?), int> hardSets = [];
            foreach (LogSet set in day.Sets)
            {
                int before = hardSets.GetValueOrDefault((set.Exercise, set.Side));
                if (set is { Amrap: true, Reps: { } done, ReserveSaid: { } said })
                    seen.Add(done + rules.FatiguePerSet * before - (said.Rep + said.InReserve));
                if (set.Amrap || set.Rpe?.Value >= rules.HardSetRpe)
                    hardSets[(set.Exercise, set.Side)] = before + 1;
            }
        }
        return seen.Count == 0 ? None : new EffortBias(seen.Sum() / (seen.Count + rules.PriorWeight), seen.Count);
    }
}
