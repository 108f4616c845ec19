using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Loads;

/// <summary>By how many repetitions a client misjudges what is left (docs/handbook/10-loads.md#effort-correction).</summary>
/// <param name="Repetitions">Mean bias, pulled toward 0; positive: more was left than said.</param>
/// <param name="From">Exercises of the calibrating sets that it rests on, each once, in the order of their ids.</param>
public sealed record EffortBias(double Repetitions, IReadOnlyList<string> From)
{
    /// <summary>Nothing known: no correction.</summary>
    public static EffortBias None { get; } = new(0, []);

    /// <summary>The bias that the log shows: reps done - (reps at which it was said + RIR said), for each AMRAP with a claim.</summary>
    /// <remarks>Nobody can tell how many are left where there are many: such a claim says nothing. Fatigue of hard sets before it on the
    /// day is credited at 0.3 repetition a set. Lifters usually keep more in reserve than they say (Halperin et al. 2022).</remarks>
    public static EffortBias Of(IEnumerable<LogDay> log)
    {
        EffortRules rules = LoadRules.Shipped.Effort;
        List<(string Exercise, double Repetitions)> seen = [];
        foreach (LogDay day in log)
        {
            if (!day.Sets.Any(set => set.ReserveSaid is not null))
                continue;
            Dictionary<(string, Side?), int> hardSets = [];
            foreach (LogSet set in day.Sets)
            {
                int before = hardSets.GetValueOrDefault((set.Exercise, set.Side));
                if (set is { Amrap: true, Reps: { } done, ReserveSaid: { } said } && said.InReserve <= rules.MostSaid)
                    seen.Add((set.Exercise, done + rules.FatiguePerSet * before - (said.Rep + said.InReserve)));
                if (set.Amrap || set.Rpe?.Value >= rules.HardSetRpe)
                    hardSets[(set.Exercise, set.Side)] = before + 1;
            }
        }
        return seen.Count == 0
            ? None
            : new EffortBias(
                seen.Sum(row => row.Repetitions) / (seen.Count + rules.PriorWeight),
                [.. seen.Select(row => row.Exercise).Distinct().Order(StringComparer.Ordinal)]
            );
    }

    /// <summary>What of it corrects the ratings of an exercise: learned on machines, dumbbells and single joints alone it moves a heavy
    /// barbell lift by at most one repetition (docs/handbook/11-prescription.md).</summary>
    public EffortBias For(Exercise exercise, ExerciseCatalogue catalogue)
    {
        double most = LoadRules.Shipped.Effort.MostOnBarbell;
        return IsHeavyBarbell(exercise) && !From.Any(id => IsHeavyBarbell(catalogue[id]))
            ? this with
            {
                Repetitions = Math.Clamp(Repetitions, -most, most),
            }
            : this;
    }

    private static bool IsHeavyBarbell(Exercise exercise) =>
        exercise.Load is LoadSource.Barbell or LoadSource.SafetyBar or LoadSource.TrapBar
        && exercise.Pattern
            is Pattern.Squat
                or Pattern.Hinge
                or Pattern.Thrust
                or Pattern.PressHorizontal
                or Pattern.PressVertical
                or Pattern.PullHorizontal;
}
