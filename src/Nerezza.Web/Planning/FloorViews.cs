using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Floor;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>Lays out one session for the floor: what is planned, what is done, what the next set should be.</summary>
public sealed class FloorViews(ExerciseCatalogue catalogue)
{
    private readonly PlanWords _words = new(catalogue);

    /// <summary>The signs that end a session at once, with what is said then.</summary>
    public static IReadOnlyList<WarningSign> Warnings { get; } =
    [
        .. HealthReferral.OnTheFloor.Select(one => new WarningSign(
            one.Sign,
            ReferralWords.Question(one.Sign),
            ReferralWords.Text(one.Referral)
        )),
    ];

    /// <summary>What is done every day, away from the sessions: work for range, and relief.</summary>
    public IReadOnlyList<DailyWork> Daily(Plan plan) => Daily(plan, ToldFindings.All);

    /// <summary>The same for whoever looks at a day.</summary>
    public IReadOnlyList<DailyWork> Daily(FloorDay day) => Daily(day.Plan, day.Told);

    private List<DailyWork> Daily(Plan plan, ToldFindings told) =>
        [
            .. plan.Selection.Daily.Select(one => new DailyWork(
                one.Exercise.Id,
                told.Tells(one.Answers) ? _words.Because(one) : one.Exercise.Name
            )),
        ];

    /// <summary>What the session of a day came to.</summary>
    /// <param name="case">With the session in the log.</param>
    public SummaryView Summary(Plan before, Plan after, DateOnly date, ClientCase @case) =>
        new([
            .. SessionSummary
                .Of(
                    before,
                    after,
                    date,
                    [.. @case.Log.Where(day => day.Date == date).SelectMany(day => day.Sets)],
                    new DayGates(@case.Client, catalogue, @case.Log)
                )
                .Select(one => new SummaryLine(
                    one.Exercise,
                    catalogue[one.Exercise].Name,
                    one.Planned,
                    one.Done,
                    one.Max,
                    one.Next is { } next
                        ? new SummaryNext(next.Date, next.Before.Kilograms, next.Now.Kilograms, FloorWords.Text(next))
                        : null,
                    one.Gate is { } gate ? FloorWords.Text(gate, catalogue) : ""
                )),
        ]);

    /// <summary>An exercise of the day's session, with what can stand in for it.</summary>
    public FloorItem Item(PrescribedItem item, Session session, FloorDay day)
    {
        // Where some sets were done with the exercise itself, only the rest goes over.
        int left = Math.Max(
            1,
            item.SetsASide
                - day.Done.Where(set => set.Exercise == item.Exercise)
                    .GroupBy(set => set.Side)
                    .Select(side => side.Count())
                    .DefaultIfEmpty(0)
                    .Max()
        );
        IEnumerable<string> ids = day.Plan.Selection.All.FirstOrDefault(chosen => chosen.Exercise.Id == item.Exercise)?.Substitutes ?? [];
        return Line(item, day) with
        {
            Changed = day.Changes.Of(day.Date, item),
            Substitutes =
            [
                // What stands in the session already is done there; twice on one day nobody could tell whose a set is.
                .. ids.Except(session.Items.Select(other => other.Exercise))
                    .Select(id => day.Substitution.For(item, id, left))
                    .OfType<PrescribedItem>()
                    .Select(other => Line(other, day)),
            ],
        };
    }

    private FloorItem Line(PrescribedItem item, FloorDay day)
    {
        Exercise exercise = catalogue[item.Exercise];
        List<LoggedSetRow> done =
        [
            .. day.Done.Where(set => set.Exercise == item.Exercise).OrderBy(set => set.Place).ThenBy(set => set.LoggedAt),
        ];
        LoadMeans means = day.Loader.MeansOn(item.Sets[0].Bar, exercise);
        AdviceBasis advice = AdviceCall.Basis(
            item,
            [.. item.Sets.Select(set => SetKinds.Of(set, item.Role, exercise))],
            Lifting.Of(day.Plan, item, exercise, day.Case.Client.MassKg, means, catalogue)
        );
        return new FloorItem
        {
            Exercise = item.Exercise,
            Name = exercise.Name,
            Role = item.Role,
            Because = day.Told.Tells(item.Answers) ? _words.Because(item) : "",
            Answers = item.Answers.Count > 0 && day.Told.Tells(item.Answers),
            Changed = "",
            Cues = item.Cues,
            SetUp = FloorWords.Text(item, catalogue),
            Seconds = SessionTime.Seconds(item, catalogue),
            Bands = exercise.Load is LoadSource.Band ? [.. day.Case.Equipment.Bands.Select(band => band.Name)] : [],
            WarmUp = [.. item.WarmUp.Select(set => new FloorWarmUp(set.Load.Kilograms, set.Reps, Kilograms(set.PerSide)))],
            Sets = [.. item.Sets.Select((set, place) => Set(set, place, item.Role, exercise, done))],
            Ready = new ReadyBasis(exercise.PrimeMovers, DayReadiness.RuledOutBy(exercise), DayReadiness.CoveredBy(exercise)),
            Advice = advice,
            Bar = HourCall.BarOf(means),
            Proposal = AdviceCall.Of(advice, [.. done.Select(Done)]),
            Loads = Choices(item, means),
            Substitutes = [],
            Superset = item.Superset,
        };
    }

    public static SetView View(LoggedSetRow row) =>
        new()
        {
            Id = row.Id,
            Date = row.Date,
            Exercise = row.Exercise,
            Place = row.Place,
            Side = row.Side,
            Kg = (double?)row.LoadKg,
            Reps = row.Reps,
            Rpe = (double?)row.Rpe,
            Amrap = row.Amrap,
            RirSaidAt = ClientLog.Said(row),
            Seconds = (double?)row.Seconds,
            Metres = (double?)row.Metres,
            HeightCm = (double?)row.HeightCm,
            CleanReps = row.CleanReps,
            Word = row.Word,
            Band = row.Band,
            Implements = row.Implements,
            TechniqueHeldTo = row.TechniqueHeldTo,
            Pain = row.Pain,
            PainAt = row.PainAt,
            Note = row.Note,
            LoggedAt = row.LoggedAt,
        };

    private FloorSet Set(PrescribedSet set, int place, Role role, Exercise exercise, List<LoggedSetRow> done)
    {
        SetKind kind = SetKinds.Of(set, role, exercise);
        return new()
        {
            Place = place,
            Kind = kind,
            Asks = SetKinds.Asks(kind, set),
            Reps = set.Reps,
            Percent = set.Percent?.Value,
            Kg = set.Load?.Kilograms,
            Each = set.Each?.Kilograms,
            Count = set.Count,
            Bar = set.Bar,
            PerSide = Kilograms(set.PerSide),
            Rpe = set.IsEasy ? null : set.Rpe.Value,
            Tempo = set.Tempo.ToString(),
            RestSeconds = set.Rest.Seconds,
            LeastRestSeconds = set.Rest.LeastSeconds,
            Side = set.Side,
            Metres = set.Metres,
            Way = set.Way,
            Seconds = set.Seconds,
            Implements =
            [
                .. set.Medley.Select(piece => new FloorImplement(piece.Exercise, catalogue[piece.Exercise].Name, piece.Load?.Kilograms)),
            ],
            Amrap = set.Amrap,
            Done = done.FindLast(row => row.Place == place) is { } row ? View(row) : null,
        };
    }

    private static AdviceDone Done(LoggedSetRow row) =>
        new()
        {
            Place = row.Place,
            Kg = (double?)row.LoadKg,
            Reps = row.Reps,
            Rpe = (double?)row.Rpe,
            TechniqueHeldTo = row.TechniqueHeldTo,
            Pain = row.Pain,
            Seconds = (double?)row.Seconds,
            Metres = (double?)row.Metres,
            Word = row.Word,
        };

    /// <summary>Loads near the planned one, each with the plates that are fewest to change from the work load.</summary>
    private static List<LoadChoice> Choices(PrescribedItem item, LoadMeans means)
    {
        if (item.Sets[0].Load is not { } work)
            return [];
        IEnumerable<Load> near = FloorChoices.Near(work, means);
        return
        [
            .. near.Select(load => new LoadChoice(
                load.Kilograms,
                means is LoadMeans.OnBar bar ? Kilograms(PlateSequence.Plan(bar.Rack, [work, load])[1].Plates) : null
            )),
        ];
    }

    private static double[]? Kilograms(IReadOnlyList<Load>? plates) => plates?.Select(plate => plate.Kilograms).ToArray();
}
