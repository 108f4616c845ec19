using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>What a training day is for.</summary>
public enum DayFocus
{
    /// <summary>Whole body.</summary>
    Full,

    /// <summary>Lower body.</summary>
    Lower,

    /// <summary>Upper body.</summary>
    Upper,
}

/// <summary>A training day of the week with what it is for; its date in week 1.</summary>
/// <param name="Lead">The heavy lift that leads a leg day; none where a thrust does, and on upper days.</param>
public sealed record SplitDay(TrainingDay Training, DateOnly FirstDate, DayFocus Focus, HeavyLift Lead)
{
    /// <summary>The day of the week.</summary>
    public Weekday Weekday => Training.Day;

    /// <summary>Minutes that there are.</summary>
    public int Minutes => Training.Minutes;
}

/// <summary>Splits the days of the week and lays the sessions on them (docs/handbook/12-weeks-and-blocks.md).</summary>
/// <remarks>1 to 3 days full body; 4 two of each half; 5 three lower; 6 three of each; lower alone where asked for. The split gives the
/// numbers, the
/// layout the order: the emphasised half on the freshest days and far apart, heavy hinges two days apart, hard sport kept away
/// from.</remarks>
/// <param name="worst">The pattern of the gravest finding other than pain: it leads first, and so twice where days are odd.</param>
public sealed class DaySplit(Client client, BlockRequest request, ExerciseCatalogue catalogue, Pattern? worst)
{
    private static readonly WeekFile Rules = EmbeddedData.Read("week", SelectionJson.Default.WeekFile);
    private readonly Weekday? _match = Season.MatchOf(client);
    private readonly IReadOnlyList<(TrainingDay Training, DateOnly Date)> _days =
    [
        .. client.Days.Select(day => (day, FirstOn(request.Start, day.Day))).OrderBy(row => row.Item2),
    ];

    /// <summary>The days in the order of dates from the block's start.</summary>
    public IReadOnlyList<SplitDay> LayOut(IWeekLayout layout)
    {
        WeekLayoutProblem problem = Problem();
        IReadOnlyList<int> dayOf = layout.LayOut(problem);
        return
        [
            .. _days.Select(
                (row, day) =>
                    problem.Sessions[dayOf.ToList().IndexOf(day)] is var session
                        ? new SplitDay(row.Training, row.Date, session.Focus, session.Heavy)
                        : null!
            ),
        ];
    }

    /// <summary>The week as a problem in whole numbers.</summary>
    public WeekLayoutProblem Problem()
    {
        List<SessionKind> sessions = [.. Sessions()];
        int freshest = Enumerable.Range(0, _days.Count).Max(Freshness);
        return new WeekLayoutProblem(
            sessions,
            [.. sessions.Select(session => (IReadOnlyList<int>)[.. _days.Select((_, day) => AloneOn(session, day, freshest))])],
            (s, d, t, e) => Together(s, sessions[s], d, t, sessions[t], e)
        );
    }

    private IEnumerable<SessionKind> Sessions()
    {
        int days = _days.Count;
        bool whole = request.Focus is not BlockFocus.Lower;
        int upper = !whole || days <= 3 ? 0 : days / 2;
        DayFocus legs = whole && days <= 3 ? DayFocus.Full : DayFocus.Lower;
        IReadOnlyList<HeavyLift> turns = Turns();
        for (int i = 0; i < days - upper; i++)
            yield return new SessionKind(legs, i % turns.Count, turns[i % turns.Count], IsEmphasised(legs));
        for (int i = 0; i < upper; i++)
            yield return new SessionKind(DayFocus.Upper, 0, HeavyLift.None, IsEmphasised(DayFocus.Upper));
    }

    /// <summary>Squat and hinge take turns, that of the gravest finding first, else of the first target; a thrust comes between them
    /// where it
    /// is due; with the quads emphasised squats lead every lower day.</summary>
    private List<HeavyLift> Turns()
    {
        bool split = _days.Count > 3;
        if (split && client.IsForQuads)
            return [HeavyLift.Squat];
        bool hingeFirst = (worst ?? MainOrder.Of(client, catalogue)[0]) is Pattern.Hinge;
        List<HeavyLift> turns = hingeFirst ? [HeavyLift.Hinge, HeavyLift.Squat] : [HeavyLift.Squat, HeavyLift.Hinge];
        if (WeekLifts.HasThrust(client, catalogue))
            turns.Insert(1, HeavyLift.None);
        return turns;
    }

    private Emphasised IsEmphasised(DayFocus focus) =>
        focus is not DayFocus.Full && client.Emphasis.Any(muscle => Region.IsOfLegs(muscle) == (focus is DayFocus.Lower))
            ? Emphasised.Yes
            : Emphasised.No;

    private int AloneOn(SessionKind session, int day, int freshest)
    {
        int cost = 0;
        if (session.Heavy is not HeavyLift.None)
            cost += SportClashOn(_days[day].Training.Day);
        if (session.Emphasis is Emphasised.Yes)
            cost += Rules.NotFresh * (freshest - Freshness(day));
        return cost;
    }

    /// <summary>What a heavy squat or hinge costs on a weekday beside hard training: the gravest that is near
    /// (docs/handbook/12-weeks-and-blocks.md#week).</summary>
    private int SportClashOn(Weekday day) =>
        client
            .OtherTraining.Where(other => other.Hard)
            .Select(other =>
                (Weekdays.Nearest(day, other.Day), other.Day == _match) switch
                {
                    (0 or 1, true) => Rules.SportClash.BeforeMatch,
                    (-1, true) => Rules.SportClash.AfterMatch,
                    (1, false) => Rules.SportClash.BeforeHard,
                    (0 or -1, false) => Rules.SportClash.OnOrAfterHard,
                    _ => 0,
                }
            )
            .DefaultIfEmpty(0)
            .Max();

    /// <summary>Days since the last hard work before a training day; none where hard sport stands on the day itself.</summary>
    private int Freshness(int day)
    {
        Weekday on = _days[day].Training.Day;
        if (client.OtherTraining.Any(other => other.Hard && other.Day == on))
            return 0;
        IEnumerable<Weekday> hard = client
            .OtherTraining.Where(other => other.Hard)
            .Select(other => other.Day)
            .Concat(_days.Select(row => row.Training.Day).Where(other => other != on));
        return Math.Min(Rules.FreshestDays, hard.Select(other => Weekdays.From(other, on)).DefaultIfEmpty(Rules.FreshestDays).Min());
    }

    private int Together(int s, SessionKind first, int d, int t, SessionKind second, int e)
    {
        int after = Weekdays.From(_days[d].Training.Day, _days[e].Training.Day),
            gap = Math.Min(after, 7 - after),
            cost = 0;
        if (first.Heavy is HeavyLift.Hinge && second.Heavy is HeavyLift.Hinge && gap < Rules.HingeDaysApart)
            cost += Rules.HingesTooClose;
        if (first.Emphasis is Emphasised.Yes && second.Emphasis is Emphasised.Yes)
            cost += Rules.EmphasisedApart[gap];
        if (gap == 1)
        {
            (SessionKind before, SessionKind then) = after == 1 ? (first, second) : (second, first);
            if (before.Focus == then.Focus)
                cost += Rules.SameHalf;
            else if (then.Emphasis != before.Emphasis ? then.Emphasis is Emphasised.Yes : before.Focus is DayFocus.Lower)
                cost += Rules.WrongOrder;
        }
        // Turns in the order of dates, so that the first target leads the week where nothing else speaks.
        return first.Focus == second.Focus && (s < t) != (d < e) ? cost + Rules.OutOfTurn : cost;
    }

    /// <summary>The first date from a start on that is this weekday.</summary>
    public static DateOnly FirstOn(DateOnly start, Weekday day)
    {
        int from = ((int)start.DayOfWeek + 6) % 7;
        return start.AddDays(((int)day - from + 7) % 7);
    }
}

internal sealed record WeekFile
{
    /// <summary>Cost of heavy hinges too close.</summary>
    public required int HingesTooClose { get; init; }

    /// <summary>Days that they want between them.</summary>
    public required int HingeDaysApart { get; init; }

    /// <summary>Cost of a heavy day at hard sport.</summary>
    public required SportClashRule SportClash { get; init; }

    /// <summary>Cost of emphasised days side by side.</summary>
    public required IReadOnlyList<int> EmphasisedApart { get; init; }

    /// <summary>Cost of emphasis late in the week.</summary>
    public required int NotFresh { get; init; }

    /// <summary>Days of rest that make a day fresh.</summary>
    public required int FreshestDays { get; init; }

    /// <summary>Cost of the lesser half first.</summary>
    public required int WrongOrder { get; init; }

    /// <summary>Cost of one half two days running.</summary>
    public required int SameHalf { get; init; }

    /// <summary>Cost of halves out of turn.</summary>
    public required int OutOfTurn { get; init; }
}

/// <summary>Costs of a heavy day by what hard training is near.</summary>
/// <param name="BeforeMatch">On its eve, or on its own day.</param>
internal sealed record SportClashRule(int BeforeMatch, int AfterMatch, int BeforeHard, int OnOrAfterHard);
