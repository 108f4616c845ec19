namespace Nerezza.Core.Selection;

/// <summary>The heavy lift that a session is built around, for the spacing of the week.</summary>
public enum HeavyLift
{
    /// <summary>None.</summary>
    None,

    /// <summary>A squat.</summary>
    Squat,

    /// <summary>A hinge.</summary>
    Hinge,
}

/// <summary>Whether a session trains what the client emphasises.</summary>
public enum Emphasised
{
    /// <summary>It does not, or nothing is emphasised.</summary>
    No,

    /// <summary>It does.</summary>
    Yes,
}

/// <summary>A session of the week before it has a day.</summary>
/// <param name="Turn">Which main lift leads it, from 0; the same for every upper session.</param>
public sealed record SessionKind(DayFocus Focus, int Turn, HeavyLift Heavy, Emphasised Emphasis);

/// <summary>Which session on which day: what each placing costs alone, and with another.</summary>
/// <param name="Sessions">As many as there are days. Equal ones cost the same alone, and more out of turn.</param>
/// <param name="Alone">Cost of session s on day d.</param>
/// <param name="Together">Cost of session s on day d beside session t on day e, for s below t.</param>
public sealed record WeekLayoutProblem(
    IReadOnlyList<SessionKind> Sessions,
    IReadOnlyList<IReadOnlyList<int>> Alone,
    Func<int, int, int, int, int> Together
)
{
    /// <summary>How many days and sessions there are.</summary>
    public int Count => Sessions.Count;

    /// <summary>What a week costs, with a hash that breaks every tie the same way everywhere.</summary>
    /// <param name="dayOf">The day of each session; days not yet given are negative.</param>
    public long CostOf(IReadOnlyList<int> dayOf)
    {
        long cost = 0;
        for (int s = 0; s < dayOf.Count; s++)
        {
            if (dayOf[s] < 0)
                continue;
            cost += Alone[s][dayOf[s]] * ChoiceProblem.Scale + Tie(s, dayOf[s]);
            for (int t = s + 1; t < dayOf.Count; t++)
                if (dayOf[t] >= 0)
                    cost += Together(s, dayOf[s], t, dayOf[t]) * ChoiceProblem.Scale;
        }
        return cost;
    }

    /// <summary>A number below the scale's hundredth, fixed for a session and a day.</summary>
    public static long Tie(int session, int day) => ChoiceProblem.Hash($"{session} on {day}") >> 7;
}

/// <summary>Lays sessions on days. The same problem gives the same week.</summary>
public interface IWeekLayout
{
    /// <summary>The day of each session, each day once.</summary>
    IReadOnlyList<int> LayOut(WeekLayoutProblem problem);
}

/// <summary>Places one session after the other on the day that costs least then.</summary>
public sealed class GreedyWeekLayout : IWeekLayout
{
    /// <inheritdoc/>
    public IReadOnlyList<int> LayOut(WeekLayoutProblem problem)
    {
        int[] dayOf = [.. Enumerable.Repeat(-1, problem.Count)];
        for (int session = 0; session < problem.Count; session++)
        {
            (int best, long least) = (-1, long.MaxValue);
            foreach (int day in Enumerable.Range(0, problem.Count).Where(day => !dayOf.Contains(day)))
            {
                dayOf[session] = day;
                long cost = problem.CostOf(dayOf);
                dayOf[session] = -1;
                if (cost < least)
                    (best, least) = (day, cost);
            }
            dayOf[session] = best;
        }
        return dayOf;
    }
}
