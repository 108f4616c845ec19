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

/// <summary>Makes up what a demo client did, by one fixed rule: the plan was followed, strength grew a little each week,
/// and the rating is what that strength makes of the load, with fatigue over the sets. Nothing is random.</summary>
internal sealed class DemoHistory(ClientFile file, PlanService desk)
{
    private const double GrowthAWeek = 0.004;
    private const double FatiguePerSet = 0.3;
    private const double MiddlingLoad = 0.35;

    // The lowest rating that the floor asks for.
    private const double LeastKey = 5;
    private readonly Loader _loader = new(CaseMapping.ToCase(CaseAssembly.Facts(file, null)).Equipment);
    private readonly List<LoggedSetRow> _log = [];
    private readonly List<PlanRow> _plans = [];

    public IReadOnlyList<LoggedSetRow> Log => _log;

    public IReadOnlyList<PlanRow> Plans => _plans;

    /// <summary>Trains one block from its start up to, and not on, a day.</summary>
    public void Train(BlockSection block, DateOnly until)
    {
        PlanRow plan = desk.New(file, new ClientLog([], [.. _log]), block, [], Nerezza.Core.BlockBase.Made, _plans.Count + 1);
        _plans.Add(plan);
        Plan made = desk.Current(plan, file, new ClientLog([], [.. _log]));
        foreach (Session session in made.Block!.Weeks.SelectMany(week => week.Sessions).Where(session => session.Date < until))
        foreach (PrescribedItem item in session.Items)
            for (int place = 0; place < item.Sets.Count; place++)
                _log.Add(item.Sets[place].Load is { } load ? ByLoad(made, session, item, place, load) : ByEffort(session, item, place));
    }

    /// <summary>Work by effort: rated as it was asked for; what can be loaded after all takes about a third of body mass.</summary>
    private LoggedSetRow ByEffort(Session session, PrescribedItem item, int place)
    {
        IEnumerable<Load> steps = _loader
            .MeansFor(ExerciseCatalogue.Shipped[item.Exercise])[0]
            .Steps.Where(step => step.Kilograms <= MiddlingLoad * file.Client.Facts.MassKg);
        return Row(session, item, place, steps.Any() ? steps.Max() : null, item.Sets[place].Rpe.InReserve);
    }

    private LoggedSetRow ByLoad(Plan plan, Session session, PrescribedItem item, int place, Load load)
    {
        double weeks = (session.Date.DayNumber - plan.Block!.Start.DayNumber) / 7.0;
        // A carry has no max: it is rated as it was asked for.
        if (plan.Maxes.FirstOrDefault(max => max.Exercise == item.Exercise) is not { } max)
            return Row(session, item, place, load, item.Sets[place].Rpe.InReserve);
        double strength = max.Kilograms * (1 + GrowthAWeek * (weeks + 1));
        RepCurve curve = new(ExerciseCatalogue.Shipped[item.Exercise].Curve);
        double body = ExerciseCatalogue.Shipped[item.Exercise].BodyFraction * file.Client.Facts.MassKg;
        double left = curve.RepsToFailure((load.Kilograms + body) / strength) - item.Sets[place].Reps - FatiguePerSet * place;
        return Row(session, item, place, load, left);
    }

    /// <param name="left">Repetitions that were left; an AMRAP does them, and says so before.</param>
    private LoggedSetRow Row(Session session, PrescribedItem item, int place, Load? load, double left)
    {
        PrescribedSet set = item.Sets[place];
        SetKind kind = SetKinds.Of(set, item.Role, ExerciseCatalogue.Shipped[item.Exercise]);
        IReadOnlyList<Asked> asks = SetKinds.Asks(kind, set);
        int more = Math.Max(0, (int)Math.Floor(left));
        return new()
        {
            PracticeId = file.Client.PracticeId,
            Id = Guid.CreateVersion7(),
            ClientId = file.Client.Id,
            Date = session.Date,
            Exercise = item.Exercise,
            Place = place,
            LoadKg = asks.Contains(Asked.Load) && load is { Kilograms: > 0 } lifted ? (decimal)lifted.Kilograms : null,
            Reps = asks.Contains(Asked.Reps) ? set.Reps + (set.Amrap ? more : 0) : null,
            Side = set.Side,
            Rpe = asks.Contains(Asked.Rpe) ? (decimal)Math.Max(LeastKey, Rpe.NearestHalf(10 - left).Value) : null,
            Amrap = set.Amrap,
            SaidAtRep = set.Amrap ? set.Reps : null,
            RirSaid = set.Amrap ? more : null,
            Seconds = asks.Contains(Asked.Seconds) ? (decimal)SessionTime.UnderTension(set) : null,
            Metres = set.Way,
            CleanReps = asks.Contains(Asked.Clean) ? set.Reps : null,
            Word = kind switch
            {
                SetKind.Priming => SetWord.Felt,
                SetKind.Throw or SetKind.Jump => SetWord.Fast,
                SetKind.Lift or SetKind.BodyWeight or SetKind.Hold or SetKind.Carry or SetKind.Medley or SetKind.Drill => null,
            },
            LoggedAt = new DateTimeOffset(session.Date.ToDateTime(new TimeOnly(17, 30)), TimeSpan.Zero).AddMinutes(
                _log.Count(set => set.Date == session.Date) * 4
            ),
        };
    }
}
