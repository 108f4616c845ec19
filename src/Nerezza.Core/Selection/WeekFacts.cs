using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>Puts to a chosen exercise the facts of this client that its reason rests on: the finding with its measure, and the week's sets
/// without it (docs/handbook/09-composition.md#9-7-what-is-kept-for-each-choice).</summary>
internal sealed class WeekFacts(SelectionInput input, IReadOnlyList<DayPlan> days)
{
    private readonly WeeklySets _limits = new(
        input.Prepared.Client,
        input.Kind,
        input.Week,
        input.Prepared.WeeklyNow ?? new Dictionary<Muscle, double>()
    );

    /// <summary>The same choice with its facts.</summary>
    public Chosen Of(Chosen chosen) =>
        chosen with
        {
            For = input
                .Prepared.Findings.Where(finding => chosen.Answers.Contains(finding.Code))
                .OrderByDescending(finding => finding.Weight)
                .FirstOrDefault(),
            Brings = Brings(chosen),
        };

    private SetsInWeek? Brings(Chosen chosen)
    {
        if (chosen.Role is Role.Priming or Role.Skill or Role.Capacity or Role.Carry || chosen.Exercise.PrimeMovers.Count == 0)
            return null;
        Muscle muscle = chosen.Exercise.PrimeMovers.FirstOrDefault(input.Prepared.Client.Emphasis.Contains, chosen.Exercise.PrimeMovers[0]);
        double Sets(Func<Chosen, bool> which) =>
            days.SelectMany(day => day.Lifts)
                .Where(one =>
                    one.Role is not (Role.Priming or Role.Skill or Role.Carry) && one.Turn?.Weeks is not TurnWeeks.Even && which(one)
                )
                .Sum(one => input.Cost.SetsOf(one) * WeeklySets.Count(one.Exercise, muscle, input.Prepared.Case.Schools.SetCounting));
        SetLimits limits = _limits.Of(muscle);
        return new SetsInWeek(muscle, Sets(one => one.Exercise.Id != chosen.Exercise.Id), Sets(_ => true), limits.Low, limits.High);
    }
}
