using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Floor;

/// <summary>What a session did to one exercise: sets against the plan, the estimate, and the load of the next time.</summary>
/// <param name="Planned">Work sets; 0 of what was done in another's place.</param>
/// <param name="Done">Sets logged.</param>
/// <param name="Max">The estimate before and after; null where none is made of such sets.</param>
/// <param name="Next">Its next time in the block; null where there is none.</param>
public sealed record ExerciseSummary(string Exercise, int Planned, int Done, MaxMove? Max, NextTime? Next)
{
    /// <summary>The gate of a ladder that these sets were to pass; null where they were none.</summary>
    public GateMet? Gate { get; init; }
}

/// <summary>An estimate before and after a session.</summary>
/// <param name="IsClear">Whether it left its own interval: by so much that a coach should look.</param>
public sealed record MaxMove(double BeforeKg, double AfterKg, bool IsClear);

/// <summary>The heaviest set of the next time, as it was planned before the session and as it stands now, with what made the
/// difference.</summary>
/// <param name="Told">The set that spoke most plainly; null where no rating differed from the plan.</param>
public sealed record NextTime(DateOnly Date, Load Before, Load Now, SetTold? Told);

/// <summary>A set whose rating, or whose missing repetitions, told something.</summary>
/// <param name="Rated">Null where repetitions were missing.</param>
/// <param name="Load">What was lifted; null where nothing was.</param>
/// <param name="PlannedLoad">What was planned.</param>
public sealed record SetTold(int Reps, int PlannedReps, Rpe? Rated, Rpe Planned, Load? Load, Load? PlannedLoad);

/// <summary>What was asked of a set.</summary>
/// <param name="Rpe">Null where it was easy or an AMRAP, and no rating can be held against it.</param>
/// <param name="Load">Null where none was planned.</param>
public sealed record AskedSet(int Reps, Rpe? Rpe, Load? Load);

/// <summary>What is said at the end of a session: what was done against planned, what the estimates did, what changes next time and why
/// (docs/handbook/13-floor.md).</summary>
public static class SessionSummary
{
    /// <summary>The exercises of a session in their order, then what was done in another's place.</summary>
    /// <param name="before">The plan as it stood when the session began.</param>
    /// <param name="after">The same with the session in the log.</param>
    /// <param name="done">What was logged on the day.</param>
    /// <param name="gates">With the day in the log.</param>
    public static IReadOnlyList<ExerciseSummary> Of(Plan before, Plan after, DateOnly date, IReadOnlyList<LogSet> done, DayGates gates)
    {
        if (SessionOn(before, date) is not { } session)
            return [];
        ILookup<string, LogSet> sets = done.ToLookup(set => set.Exercise);
        IEnumerable<string> instead = done.Select(set => set.Exercise).Distinct().Except(session.Items.Select(item => item.Exercise));
        return
        [
            .. session.Items.Select(item =>
                Of(item, before, after, date, [.. sets[item.Exercise]]) with
                {
                    Gate = item.SetUp.Opens is { } opens ? gates.Of(item.Exercise, opens, date) : null,
                }
            ),
            .. instead.Select(id => new ExerciseSummary(id, 0, sets[id].Count(), MoveOf(before, after, id), null)),
        ];
    }

    private static ExerciseSummary Of(PrescribedItem item, Plan before, Plan after, DateOnly date, List<LogSet> sets) =>
        sets.Count == 0
            ? new ExerciseSummary(item.Exercise, item.Sets.Count, 0, null, null)
            : new ExerciseSummary(
                item.Exercise,
                item.Sets.Count,
                sets.Count,
                MoveOf(before, after, item.Exercise),
                NextOf(before, after, date, item, sets)
            );

    /// <summary>What moved the load of an exercise since its block was made, by the last time that it was trained; null where nothing
    /// did.</summary>
    /// <param name="made">The heaviest load when the block was made; null where none was planned then.</param>
    /// <param name="asked">What the block asked of an exercise on a day, set by set, when it was made.</param>
    public static NextTime? ChangeOf(
        DateOnly date,
        PrescribedItem item,
        Load? made,
        IReadOnlyList<LogDay> log,
        Func<DateOnly, IReadOnlyList<AskedSet>> asked
    )
    {
        if (made is not { } before || item.Sets.Max(set => set.Load) is not { Grams: > 0 } load || load == before)
            return null;
        LogDay? last = log.LastOrDefault(day => day.Date < date && day.Sets.Any(set => set.Exercise == item.Exercise));
        SetTold? told = last is null
            ? null
            : TellingOf(asked(last.Date), [.. last.Sets.Where(set => set.Exercise == item.Exercise)], load > before ? Way.Up : Way.Down);
        return new NextTime(date, before, load, told);
    }

    private static MaxMove? MoveOf(Plan before, Plan after, string exercise)
    {
        OneRepMax? was = before.Maxes.FirstOrDefault(max => max.Exercise == exercise);
        OneRepMax? now = after.Maxes.FirstOrDefault(max => max.Exercise == exercise && max.Side == was?.Side);
        return was is null || now is null
            ? null
            : new MaxMove(was.Kilograms, now.Kilograms, now.Kilograms < was.Low || now.Kilograms > was.High);
    }

    private static NextTime? NextOf(Plan before, Plan after, DateOnly date, PrescribedItem item, List<LogSet> sets)
    {
        if (LoadAfter(after, date, item.Exercise) is not { } next || LoadOn(before, next.Date, item.Exercise) is not { } planned)
            return null;
        return new NextTime(next.Date, planned, next.Load, TellingOf(AskedOf(item), sets, next.Load > planned ? Way.Up : Way.Down));
    }

    private static (DateOnly Date, Load Load)? LoadAfter(Plan plan, DateOnly date, string exercise) =>
        (plan.Block?.Weeks ?? [])
            .SelectMany(week => week.Sessions)
            .Where(session => session.Date > date)
            .OrderBy(session => session.Date)
            .Select(session => (session.Date, Load: LoadOn(plan, session.Date, exercise)))
            .Where(row => row.Load is not null)
            .Select(row => ((DateOnly, Load)?)(row.Date, row.Load!.Value))
            .FirstOrDefault();

    /// <summary>The heaviest load of an exercise on a day; null where it has none.</summary>
    private static Load? LoadOn(Plan plan, DateOnly date, string exercise) =>
        SessionOn(plan, date)?.Items.FirstOrDefault(item => item.Exercise == exercise)?.Sets.Max(set => set.Load) is { Grams: > 0 } load
            ? load
            : null;

    /// <summary>Which way a load went.</summary>
    private enum Way
    {
        Up,
        Down,
    }

    /// <summary>The set that speaks most plainly for the way that the load went: of missing repetitions those that missed most, else
    /// the one that showed most or least strength against what was asked; null where none speaks for it.</summary>
    private static SetTold? TellingOf(IReadOnlyList<AskedSet> asked, List<LogSet> sets, Way way)
    {
        List<(LogSet Done, AskedSet Asked, Rpe Effort)> pairs =
        [
            .. sets.Zip(asked).Where(pair => pair.Second.Rpe is not null).Select(pair => (pair.First, pair.Second, pair.Second.Rpe!.Value)),
        ];
        var missed = pairs.Where(pair => pair.Done.Reps < pair.Asked.Reps).OrderBy(pair => pair.Done.Reps - pair.Asked.Reps).ToList();
        if (way is Way.Down && missed is [var worst, ..])
            return Told(worst.Done, worst.Asked, null, worst.Effort);
        var rated = pairs
            .Where(pair => pair.Done is { Rpe: not null, Reps: not null })
            .Select(pair => (pair.Done, pair.Asked, pair.Effort, Strength: Shown(pair.Done, pair.Asked, pair.Effort)))
            .Where(pair => way is Way.Up ? pair.Strength > 1 + 1e-9 : pair.Strength < 1 - 1e-9)
            .OrderByDescending(pair => Math.Abs(Math.Log(pair.Strength)))
            .ToList();
        return rated is [var far, ..] ? Told(far.Done, far.Asked, far.Done.Rpe, far.Effort) : null;
    }

    private static SetTold Told(LogSet done, AskedSet asked, Rpe? rated, Rpe planned) =>
        new(done.Reps!.Value, asked.Reps, rated, planned, done.Load, asked.Load);

    /// <summary>The strength that a set showed, as a part of what was asked. Loads count where both are known.</summary>
    private static double Shown(LogSet done, AskedSet asked, Rpe effort)
    {
        (double lifted, double planned) =
            done.Load is { } load && asked.Load is { Grams: > 0 } wanted ? (load.Kilograms, wanted.Kilograms) : (1, 1);
        double shown = RepCurve.Standard.OneRepMax(lifted, Math.Max(1, done.Reps!.Value + done.Rpe!.Value.InReserve));
        return shown / RepCurve.Standard.OneRepMax(planned, Math.Max(1, asked.Reps + effort.InReserve));
    }

    private static IReadOnlyList<AskedSet> AskedOf(PrescribedItem item) =>
        [.. item.Sets.Select(set => new AskedSet(set.Reps, set.IsEasy || set.Amrap ? null : set.Rpe, set.Load))];

    private static Session? SessionOn(Plan plan, DateOnly date) => plan.Block?.On(date)?.Session;
}
