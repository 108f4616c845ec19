using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Review;

/// <summary>What became of a planned session.</summary>
public enum SessionFate
{
    /// <summary>Trained on its day.</summary>
    Kept,

    /// <summary>Trained on another day of its week.</summary>
    Moved,

    /// <summary>Not trained, and its day is past.</summary>
    Missed,

    /// <summary>Still to come.</summary>
    Ahead,
}

/// <summary>A planned session with what became of it.</summary>
/// <param name="On">The day that it was trained; null where it was not.</param>
public sealed record SessionDone(DateOnly Date, SessionFate Fate, DateOnly? On, int SetsPlanned, int SetsDone);

/// <summary>A week from Monday, done against planned.</summary>
public sealed record WeekDone
{
    /// <summary>Its Monday.</summary>
    public required DateOnly Monday { get; init; }

    /// <summary>The week of its block; null outside of any.</summary>
    public WeekKind? Kind { get; init; }

    /// <summary>Planned sessions.</summary>
    public required IReadOnlyList<SessionDone> Sessions { get; init; }

    /// <summary>Work sets planned, up to today.</summary>
    public required int SetsPlanned { get; init; }

    /// <summary>Work sets done.</summary>
    public required int SetsDone { get; init; }

    /// <summary>Hard sets by muscle, planned up to today and done; muscles that have either.</summary>
    public required IReadOnlyDictionary<Muscle, (double Planned, double Done)> Muscles { get; init; }

    /// <summary>Mean of rated less prescribed RPE; null where nothing was rated against a prescription.</summary>
    public double? EffortOver { get; init; }

    /// <summary>Rests between sets that were timed.</summary>
    public required IReadOnlyList<RestTaken> Rests { get; init; }

    /// <summary>Kilograms times repetitions of external load.</summary>
    public required double Tonnage { get; init; }

    /// <summary>Mean percent of the max of the day, by repetitions; null without one.</summary>
    public double? MeanPercent { get; init; }

    /// <summary>Seconds under tension, by the tempo prescribed.</summary>
    public required double TensionSeconds { get; init; }
}

/// <summary>A rated set beside what was asked.</summary>
public sealed record EffortPoint(DateOnly Date, string Exercise, double Prescribed, double Rated);

/// <summary>Pain that was logged, with the exercise.</summary>
public sealed record PainLogged(DateOnly Date, string Exercise, PainRegion? Region, double Score);

/// <summary>Holds the log against the blocks as they stood (docs/handbook/14-review.md).</summary>
internal sealed class TrainingDone(ReviewInput input, ExerciseCatalogue catalogue, MaxEstimates maxes)
{
    private static readonly ReviewRules Rules = ReviewRules.Shipped;
    private readonly IReadOnlyList<RestTaken> _rests = RestsTaken.Of(input);
    private readonly ILookup<DateOnly, LogDay> _log = input.Case.Log.ToLookup(day => day.Date);
    private readonly IReadOnlyList<(StoodBlock Block, StoodWeek Week, StoodSession Session)> _sessions =
    [
        .. input.SessionsUpTo(DateOnly.MaxValue),
    ];

    /// <summary>Every planned session with what became of it, first to last.</summary>
    public IReadOnlyList<SessionDone> Sessions => field ??= [.. _sessions.Select(row => Fate(row.Session))];

    /// <summary>The last weeks up to today's, first to last; from the first that has a plan or a set.</summary>
    public IReadOnlyList<WeekDone> Weeks()
    {
        DateOnly last = MondayOf(input.Today),
            first = last.AddDays(-7 * (Rules.LookBackWeeks - 1));
        IEnumerable<DateOnly> begun = _sessions.Select(row => row.Session.Date).Concat(input.Case.Log.Select(day => day.Date));
        DateOnly earliest = begun.Any() ? MondayOf(begun.Min()) : last;
        return
        [
            .. Enumerable.Range(0, Rules.LookBackWeeks).Select(i => first.AddDays(7 * i)).Where(monday => monday >= earliest).Select(Week),
        ];
    }

    /// <summary>Rated sets against what was asked, in the order done.</summary>
    public IReadOnlyList<EffortPoint> Effort =>
        field ??= [
            .. _sessions
                .Select(row => row.Session)
                .Where(session => session.Date <= input.Today)
                .SelectMany(session => session.Items.SelectMany(item => PointsOf(session.Date, item))),
        ];

    /// <summary>Pain of the last weeks.</summary>
    public IReadOnlyList<PainLogged> Pain() =>
        [
            .. input
                .Case.Log.Where(day => day.Date >= input.Today.AddDays(-7 * Rules.LookBackWeeks))
                .SelectMany(day => day.Sets, (day, set) => (day.Date, set))
                .Where(row => row.set.Pain > 0)
                .GroupBy(row => (row.Date, row.set.Exercise, row.set.PainAt))
                .Select(sets => new PainLogged(sets.Key.Date, sets.Key.Exercise, sets.Key.PainAt, sets.Max(row => row.set.Pain!.Value))),
        ];

    /// <summary>The Monday of a day's week.</summary>
    public static DateOnly MondayOf(DateOnly day) => day.AddDays(-(int)Weekdays.Of(day));

    private SessionDone Fate(StoodSession session)
    {
        int planned = session.Items.Sum(item => item.Sets.Count);
        int done = DoneOf(session, session.Date);
        if (done >= Math.Max(1, planned * Rules.KeptPart))
            return new SessionDone(session.Date, SessionFate.Kept, session.Date, planned, done);
        // What was trained on a day of the week that has no session of its own was moved there.
        DateOnly monday = MondayOf(session.Date);
        DateOnly? on = Enumerable
            .Range(0, 7)
            .Select(i => monday.AddDays(i))
            .Where(day => day <= input.Today && _sessions.All(row => row.Session.Date != day))
            .Where(day => DoneOf(session, day) >= Math.Max(1, planned * Rules.KeptPart))
            .Select(day => (DateOnly?)day)
            .FirstOrDefault();
        if (on is { } moved)
            return new SessionDone(session.Date, SessionFate.Moved, moved, planned, DoneOf(session, moved));
        if (done > 0)
            return new SessionDone(session.Date, SessionFate.Kept, session.Date, planned, done);
        return new SessionDone(session.Date, session.Date >= input.Today ? SessionFate.Ahead : SessionFate.Missed, null, planned, 0);
    }

    /// <summary>Sets of a session's exercises on a day; what stood in for one counts.</summary>
    private int DoneOf(StoodSession session, DateOnly day) =>
        day == session.Date
            ? _log[day].Sum(done => done.Sets.Count)
            : _log[day].SelectMany(done => done.Sets).Count(set => session.Items.Any(item => item.Exercise == set.Exercise));

    private WeekDone Week(DateOnly monday)
    {
        bool IsIn(DateOnly day) => day >= monday && day < monday.AddDays(7);
        List<(StoodBlock Block, StoodWeek Week, StoodSession Session)> planned = [.. _sessions.Where(row => IsIn(row.Session.Date))];
        // What is to come today is not missing yet.
        HashSet<DateOnly> over = [.. Sessions.Where(session => session.Fate is not SessionFate.Ahead).Select(session => session.Date)];
        List<StoodItem> due = [.. planned.Where(row => over.Contains(row.Session.Date)).SelectMany(row => row.Session.Items)];
        List<(DateOnly Date, LogSet Set)> done =
        [
            .. input.Case.Log.Where(day => IsIn(day.Date)).SelectMany(day => day.Sets, (day, set) => (day.Date, set)),
        ];
        List<EffortPoint> efforts = [.. Effort.Where(point => IsIn(point.Date))];
        return new WeekDone
        {
            Monday = monday,
            Kind = planned.Select(row => (WeekKind?)row.Week.Kind).FirstOrDefault(),
            Sessions = [.. Sessions.Where(session => IsIn(session.Date))],
            SetsPlanned = due.Sum(item => item.Sets.Count),
            SetsDone = done.Count,
            Muscles = Muscles(due, [.. done.Select(row => row.Set)]),
            EffortOver = efforts.Count == 0 ? null : efforts.Average(point => point.Rated - point.Prescribed),
            Rests = [.. _rests.Where(rest => IsIn(rest.Date))],
            Tonnage = done.Sum(row => (row.Set.Load?.Kilograms ?? 0) * (row.Set.Reps ?? 0)),
            MeanPercent = MeanPercent(done),
            TensionSeconds = done.Sum(row => row.Set.Seconds ?? (row.Set.Reps ?? 0) * TempoOf(row.Set.Exercise, row.Date)),
        };
    }

    private Dictionary<Muscle, (double Planned, double Done)> Muscles(List<StoodItem> due, List<LogSet> done)
    {
        SetCounting counting = input.Case.Schools.SetCounting;
        double Share(Side? side) => side is null ? 1 : 0.5;
        bool IsHard(Measures.Rpe? rpe) => rpe is not { } said || said.Value >= WeeklySets.HardFromRpe;
        return Enum.GetValues<Muscle>()
            .Select(muscle =>
                (
                    Muscle: muscle,
                    Planned: due.Sum(item =>
                        WeeklySets.Count(catalogue[item.Exercise], muscle, counting)
                        * item.Sets.Where(set => IsHard(set.Rpe)).Sum(set => Share(set.Side))
                    ),
                    Done: done.Where(set => IsHard(set.Rpe))
                        .Sum(set => Share(set.Side) * WeeklySets.Count(catalogue[set.Exercise], muscle, counting))
                )
            )
            .Where(row => row.Planned > 0 || row.Done > 0)
            .ToDictionary(row => row.Muscle, row => (row.Planned, row.Done));
    }

    /// <summary>Of what was lifted, body weight that goes along with it counted.</summary>
    private double? MeanPercent(List<(DateOnly Date, LogSet Set)> done)
    {
        (double sum, double reps) = (0, 0);
        foreach ((DateOnly date, LogSet set) in done)
        {
            if (set is not { Load: { } load, Reps: > 0 and var count } || maxes.On(set.Exercise, set.Side, date) is not { } max)
                continue;
            double body = catalogue[set.Exercise].BodyFraction * input.Case.Client.MassKg;
            (sum, reps) = (sum + count * (load.Kilograms + body) / max.Kilograms * 100, reps + count);
        }
        return reps > 0 ? sum / reps : null;
    }

    private double TempoOf(string exercise, DateOnly day) =>
        _sessions
            .LastOrDefault(row => row.Session.Date <= day && row.Session.Items.Any(item => item.Exercise == exercise))
            .Session?.Items.First(item => item.Exercise == exercise)
            .TempoSeconds
        ?? Rules.UsualTempoSeconds;

    /// <summary>The rated sets of an item beside what was asked of them, in their order, side by side.</summary>
    private IEnumerable<EffortPoint> PointsOf(DateOnly day, StoodItem item) =>
        item
            .Sets.GroupBy(set => set.Side)
            .SelectMany(asked =>
                asked.Zip(
                    _log[day]
                        .SelectMany(done => done.Sets)
                        .Where(set => set.Exercise == item.Exercise && (asked.Key is null || set.Side == asked.Key))
                )
            )
            .Where(pair => pair is { First.Rpe: not null, Second.Rpe: not null })
            .Select(pair => new EffortPoint(day, item.Exercise, pair.First.Rpe!.Value.Value, pair.Second.Rpe!.Value.Value));
}
