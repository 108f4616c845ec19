using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Review;
using Nerezza.Core.Selection;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Web.Demo;

namespace Nerezza.Benchmarks;

/// <summary>One lifter's twelve weeks.</summary>
internal sealed class Training(ClientCase example, int seed, double driftADay = SimulatedLifter.DriftADay)
{
    private const int BlockWeeks = 4,
        Blocks = 3,
        EntryReps = 5;

    private readonly SimulatedLifter _lifter = new(seed, driftADay);
    private readonly PlanMapping _mapping = new(ExerciseCatalogue.Shipped);
    private readonly Planner _planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());
    private readonly Loader _loader = new(example.Equipment);
    private SimulatedSession Simulated =>
        field ??= new SimulatedSession(_lifter, example.Equipment, example.Client.MassKg, example.Block.Start);
    private readonly List<LogDay> _log = [];
    private readonly List<LoopSet> _sets = [];
    private readonly List<LoopEstimate> _estimates = [];
    private readonly Dictionary<string, int> _exposures = [];
    private readonly DateOnly _start = example.Block.Start;
    private readonly List<StoodBlock> _stood = [];
    private IReadOnlyList<StrengthEntry> _entries = [];

    /// <summary>Everything that a review rests on, on a day of the twelve weeks.</summary>
    public ReviewInput On(DateOnly day) =>
        new()
        {
            Case = example with { Strength = _entries, Log = [.. _log.Where(one => one.Date <= day)] },
            Blocks = [.. _stood.Where(block => block.Start <= day)],
            Today = day,
        };

    public LoopResult Train()
    {
        // What was entered is off by the start error: five repetitions to failure of a max that is not quite the true one.
        _entries = [.. example.Strength.Select(Entered)];
        for (int block = 0; block < Blocks; block++)
        for (int day = 0; day < BlockWeeks * 7; day++)
            Day(block, _start.AddDays(block * BlockWeeks * 7 + day));
        return new LoopResult(_sets, _estimates);
    }

    private static PlanSpan SpanOf(BlockRequest block) => new(1, block.Start, PlanSpan.LastDay(block.Start, BlockWeeks));

    private StrengthEntry Entered(StrengthEntry entry)
    {
        double believed = RepCurve.Standard.OneRepMax(entry.Load.Kilograms, EntryReps);
        _lifter.Begin(entry.Exercise, believed * Math.Exp(_lifter.Normal(0, SimulatedLifter.StartErrorSd)));
        return entry with { Reps = EntryReps, Rpe = Rpe.Ten, Date = _start.AddDays(-7) };
    }

    private void Day(int block, DateOnly date)
    {
        // The split of a block stands on its first day; days without a session cost no plan.
        if (!example.Client.Days.Any(day => (int)day.Day == ((int)date.DayOfWeek + 6) % 7))
            return;
        ClientCase now = example with
        {
            Strength = _entries,
            Log = _log,
            LastKind = block == 0 ? null : BlockKind.Strength,
            Block = new BlockRequest(_start.AddDays(block * BlockWeeks * 7), BlockKind.Strength, BlockWeeks, BlockFocus.Whole),
        };
        Plan plan = _planner.Make(now);
        if (_stood.Count == block && StoodMapping.ToStood(_mapping.ToDocument(plan), SpanOf(now.Block), null) is { } stood)
            _stood.Add(stood);
        if (plan.Block?.On(date)?.Session is not { } session)
            return;
        List<LogSet> done = [];
        foreach (PrescribedItem item in session.Items)
            done.AddRange(Do(item, plan, date));
        _log.Add(new LogDay(date, null, done));
        Believe(now with { Log = _log }, session, date);
    }

    private IEnumerable<LogSet> Do(PrescribedItem item, Plan plan, DateOnly date)
    {
        Exercise exercise = ExerciseCatalogue.Shipped[item.Exercise];
        foreach (SimulatedSet set in Simulated.Do(item, plan, date))
        {
            if (IsMeasured(exercise) && !set.Asked.IsEasy && !set.Asked.Amrap)
                Keep(exercise, set, date);
            yield return new LogSet
            {
                Exercise = exercise.Id,
                Side = set.Asked.Side,
                Load = set.Ahead.Load,
                Reps = set.Reps,
                Rpe = set.Rated,
                Amrap = set.Asked.Amrap,
                ReserveSaid = set.Said is { } said ? new ReserveSaid(set.Asked.Reps, said) : null,
            };
        }
    }

    private void Keep(Exercise exercise, SimulatedSet set, DateOnly date)
    {
        double oracle = OracleGap(exercise, set.Asked, set.Before, date, set.TrueMax);
        double gap = 10 - (set.ToFailure - set.Ahead.Reps) - set.Asked.Rpe.Value;
        _sets.Add(new LoopSet(gap, oracle, set.IsMissed, oracle + set.Asked.Rpe.Value > 10));
    }

    /// <summary>How far off a coach is who knows the max and the curve, and takes the nearest load that there is.</summary>
    private double OracleGap(Exercise exercise, PrescribedSet set, int before, DateOnly date, double truth)
    {
        double wanted = _lifter.CurveOf(exercise).Fraction(set.Reps, set.Rpe) * truth - BodyKg(exercise);
        Load? load = _loader.MeansFor(exercise)[0].Nearest(wanted);
        double there = (load?.Kilograms ?? wanted) + BodyKg(exercise);
        return 10 - (_lifter.ToFailure(exercise, date, there, truth, before) - set.Reps) - set.Rpe.Value;
    }

    private void Believe(ClientCase now, Session session, DateOnly date)
    {
        var maxes = MaxEstimates.Of(now.Client, ExerciseCatalogue.Shipped, now.Strength, now.Log, date);
        foreach (string id in session.Items.Select(item => item.Exercise).Distinct())
        {
            Exercise exercise = ExerciseCatalogue.Shipped[id];
            if (!IsMeasured(exercise) || maxes.Find(id) is not { } max)
                continue;
            int exposure = _exposures[id] = _exposures.GetValueOrDefault(id) + 1;
            double truth = _lifter.True(exercise, date.DayNumber - _start.DayNumber, max.Kilograms);
            LogSet? last = now.Log[^1].Sets.LastOrDefault(set => set.Exercise == id && set is { Rpe: not null, Reps: > 0 });
            double? naive = last is null
                ? null
                : RepCurve.Standard.OneRepMax(last.Load!.Value.Kilograms + BodyKg(exercise), last.Reps!.Value + last.Rpe!.Value.InReserve);
            _estimates.Add(
                new LoopEstimate(exposure, Math.Abs(max.Kilograms / truth - 1), naive is { } found ? Math.Abs(found / truth - 1) : null)
            );
        }
    }

    /// <summary>A main lift or a form of one: its truth is tied to what was entered.</summary>
    private static bool IsMeasured(Exercise exercise) =>
        exercise.Pattern is Pattern.Squat or Pattern.Hinge && exercise.Load is LoadSource.Barbell;

    private double BodyKg(Exercise exercise) => exercise.BodyFraction * example.Client.MassKg;
}
