using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Demo;

/// <summary>What a demo client did: a simulated lifter trains what was planned, week by week on the newest maxes, taking what the floor
/// proposes. The same story is the same history.</summary>
internal sealed class DemoHistory
{
    private const double MiddlingLoad = 0.35;
    private const int PainDays = 3;
    private readonly ClientFile _file;
    private readonly PlanService _desk;
    private readonly DemoStory _story;
    private readonly DateOnly _first;
    private readonly Equipment _equipment;
    private readonly SimulatedSession _lifter;
    private readonly List<LoggedSetRow> _log = [];
    private readonly List<PlanRow> _plans = [];
    private readonly Random _hurry;
    private DateTimeOffset _now;
    private int _session;
    private DateOnly _until;

    /// <param name="maxes">What is known of the lifts before it.</param>
    /// <param name="first">The first day of the history.</param>
    public DemoHistory(ClientFile file, PlanService desk, IReadOnlyList<OneRepMax> maxes, DemoStory story, DateOnly first)
    {
        (_file, _desk, _story, _first, _hurry) = (file, desk, story, first, new Random(story.Seed));
        ClientCase known = CaseMapping.ToCase(CaseAssembly.Facts(file, null));
        _equipment = known.Equipment;
        var lifter = new SimulatedLifter(story.Seed, story.GrowthADay);
        foreach (OneRepMax max in maxes.Where(max => max.Side is null))
            lifter.Begin(max.Exercise, max.Kilograms * Math.Exp(lifter.Normal(0, SimulatedLifter.StartErrorSd)));
        _lifter = new SimulatedSession(lifter, _equipment, known.Client.MassKg, first);
    }

    public IReadOnlyList<LoggedSetRow> Log => _log;

    public IReadOnlyList<PlanRow> Plans => _plans;

    /// <summary>Trains one block from its start up to, and not on, a day.</summary>
    public void Train(BlockSection block, DateOnly until)
    {
        PlanRow plan = _desk.New(_file, Done, block, [], Nerezza.Core.BlockBase.Made, _plans.Count + 1);
        _plans.Add(plan);
        _until = until;
        for (int week = 0; week < (plan.Document.Block?.Weeks.Count ?? 0); week++)
        {
            Plan now = _desk.Current(plan, _file, Done);
            foreach (Session session in now.Block!.Weeks[week].Sessions.Where(session => session.Date < until))
                if (_story.Trains(session.Date.DayNumber - _first.DayNumber, _session++))
                    Train(now, session);
        }
    }

    private ClientLog Done => new([], [.. _log]);

    private void Train(Plan plan, Session session)
    {
        _now = new DateTimeOffset(session.Date.ToDateTime(new TimeOnly(17, 30)), TimeSpan.Zero);
        IEnumerable<PrescribedItem> items = _story.LeavesTheLast ? session.Items.SkipLast(1) : session.Items;
        foreach (PrescribedItem item in items)
        {
            Dictionary<int, SimulatedSet> lifted = _lifter.Do(item, plan, session.Date).ToDictionary(set => set.Place);
            for (int place = 0; place < item.Sets.Count; place++)
            {
                _now += Passed(item, place);
                if (lifted.TryGetValue(place, out SimulatedSet? set))
                    _log.Add(Lifted(session, item, set));
                else if (!IsLifted(item, place))
                    _log.Add(ByEffort(session, item, place));
            }
        }
    }

    private static bool IsLifted(PrescribedItem item, int place) =>
        SetKinds.Of(item.Sets[place], item.Role, ExerciseCatalogue.Shipped[item.Exercise]) is SetKind.Lift
        && item.Sets[place].Load is not null;

    private LoggedSetRow Lifted(Session session, PrescribedItem item, SimulatedSet set) =>
        new()
        {
            PracticeId = _file.Client.PracticeId,
            Id = Guid.CreateVersion7(_now),
            ClientId = _file.Client.Id,
            Date = session.Date,
            Exercise = item.Exercise,
            Place = set.Place,
            LoadKg = set.Ahead.Load is { Kilograms: > 0 } load ? (decimal)load.Kilograms : null,
            Reps = set.Reps,
            Side = set.Asked.Side,
            Rpe = (decimal?)set.Rated?.Value,
            Amrap = set.Asked.Amrap,
            SaidAtRep = set.Said is null ? null : set.Asked.Reps,
            RirSaid = (decimal?)set.Said,
            TechniqueHeldTo = HeldTo(session, item, set.Reps),
            Pain = Hurts(session, item, set.Place) ? _story.Pain!.Value.Score : null,
            PainAt = Hurts(session, item, set.Place) ? _story.Pain!.Value.Region : null,
            LoggedAt = _now,
        };

    /// <summary>Pain comes with the first set of the newest session.</summary>
    private bool Hurts(Session session, PrescribedItem item, int place) =>
        _story.Pain is not null && place == 0 && session.Date >= _until.AddDays(-PainDays) && item == session.Items[0];

    private int? HeldTo(Session session, PrescribedItem item, int reps)
    {
        if (_story.FormBreaks is not var (exercise, lost, days) || exercise != item.Exercise)
            return null;
        int left = lost - (session.Date.DayNumber - _first.DayNumber) / days;
        return left > 0 && reps > left ? reps - left : null;
    }

    /// <summary>Work by effort: done as it was asked for; what can be loaded after all takes about a third of body mass.</summary>
    private LoggedSetRow ByEffort(Session session, PrescribedItem item, int place)
    {
        PrescribedSet set = item.Sets[place];
        Exercise exercise = ExerciseCatalogue.Shipped[item.Exercise];
        SetKind kind = SetKinds.Of(set, item.Role, exercise);
        IReadOnlyList<Asked> asks = SetKinds.Asks(kind, set);
        return new()
        {
            PracticeId = _file.Client.PracticeId,
            Id = Guid.CreateVersion7(_now),
            ClientId = _file.Client.Id,
            Date = session.Date,
            Exercise = item.Exercise,
            Place = place,
            LoadKg = asks.Contains(Asked.Load) ? (decimal?)(set.Load ?? Middling(exercise))?.Kilograms : null,
            Reps = asks.Contains(Asked.Reps) ? set.Reps : null,
            Side = set.Side,
            Rpe = asks.Contains(Asked.Rpe) ? (decimal)Math.Max(LeastKey, set.Rpe.Value) : null,
            Amrap = set.Amrap,
            SaidAtRep = set.Amrap ? set.Reps : null,
            RirSaid = set.Amrap ? 0 : null,
            Seconds = asks.Contains(Asked.Seconds) ? (decimal)SessionTime.UnderTension(set) : null,
            Metres = set.Way,
            CleanReps = asks.Contains(Asked.Clean) ? set.Reps : null,
            Word = kind switch
            {
                SetKind.Priming => SetWord.Felt,
                SetKind.Throw or SetKind.Jump => SetWord.Fast,
                SetKind.Lift or SetKind.BodyWeight or SetKind.Hold or SetKind.Carry or SetKind.Medley or SetKind.Drill => null,
            },
            LoggedAt = _now,
        };
    }

    // The lowest rating that the floor asks for.
    private const double LeastKey = 5;

    private Load? Middling(Exercise exercise)
    {
        IEnumerable<Load> steps = new Loader(_equipment)
            .MeansFor(exercise)[0]
            .Steps.Where(step => step.Kilograms > 0 && step.Kilograms <= MiddlingLoad * _file.Client.Facts.MassKg);
        return steps.Any() ? steps.Max() : null;
    }

    /// <summary>Since the last set: its rest, longer or shorter by a fifth, or the change to the next exercise; then the set.</summary>
    private TimeSpan Passed(PrescribedItem item, int place)
    {
        double rest = place == 0 ? ChangeSeconds : item.Sets[place - 1].Rest.Seconds * _story.RestPart * (0.8 + 0.4 * _hurry.NextDouble());
        return TimeSpan.FromSeconds(rest + SessionTime.UnderTension(item.Sets[place]));
    }

    private const int ChangeSeconds = 240;
}
