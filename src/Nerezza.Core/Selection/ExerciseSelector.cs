using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>Chooses the exercises of a block: main lifts, drills, then the set of accessories that answers what is open
/// (docs/handbook/09-composition.md).</summary>
public sealed class ExerciseSelector
{
    private static readonly SelectionRules Rules = SelectionRules.Shipped;
    private readonly SelectionInput _input;
    private readonly IChooser _chooser;
    private readonly ScoreContext _context;
    private readonly Scoring _scoring;
    private readonly Eligibility _eligibility;
    private readonly Dictionary<string, PassedOver> _out = [];
    private readonly List<Exercise> _able = [];

    private ExerciseSelector(SelectionInput input, IChooser chooser)
    {
        (_input, _chooser) = (input, chooser);
        _context = new ScoreContext
        {
            Client = input.Prepared.Client,
            Catalogue = input.Prepared.Catalogue,
            Findings = input.Prepared.Findings,
            Lifter = input.Prepared.Lifter,
            LoadKg = input.Prepared.LoadKg,
            Log = input.Prepared.Case.Log,
            Start = input.Prepared.Case.Block.Start,
        };
        _scoring = new Scoring(_context);
        _eligibility = new Eligibility(input.Prepared);
        foreach (Exercise exercise in input.Prepared.Catalogue.All.Where(exercise => exercise.VariantOf is null))
        {
            if (_eligibility.Judge(exercise) is { } reason)
                _out[exercise.Id] = reason;
            else
                _able.Add(exercise);
        }
    }

    /// <summary>The whole choice.</summary>
    public static ExerciseChoice Choose(SelectionInput input, IChooser chooser) => new ExerciseSelector(input, chooser).Choose();

    private ExerciseChoice Choose()
    {
        IReadOnlyList<MainSlot> slots = new MainLiftChoice(
            _context,
            _scoring,
            _eligibility,
            _input.Prepared.Findings,
            _input.Prepared.Case.Picks,
            _input.Week,
            _input.Cost,
            new LoadReach(_input.Prepared.Loader, _input.Prepared.LoadKg, _input.Prepared.Client.MassKg)
        ).Choose();
        IReadOnlyList<Chosen> inWeek = [.. WeekLifts.LegDays(_input.Week).SelectMany(day => WeekLifts.On(day, slots))];
        List<Chosen> drills = [.. new DrillChoice(_able, _context.Findings, _scoring, _eligibility).Choose()];
        List<Chosen> events = [.. EventWork.Of(_input.Prepared.Client, _input.Kind, _able).Select(ToEvent)];
        List<string> taken =
        [
            .. events.Select(one => one.Exercise.Id),
            .. slots.SelectMany(slot => new[] { slot.Main.Exercise.Id, slot.Second.Exercise.Id }),
        ];
        ScoreWeights weights = ScoreWeights.Of(School);
        IReadOnlyList<ScoredExercise> scored = Score(weights, taken, slots);
        List<FindingCode> answered = [.. inWeek.Concat(drills).SelectMany(chosen => chosen.Answers)];
        List<Finding> open =
        [
            .. _input.Prepared.Findings.Where(finding =>
                Scoring.IsOpen(finding)
                && finding.Cause is not Cause.Range
                && !(finding.Cause is not Cause.Strength && answered.Contains(finding.Code))
            ),
        ];
        IReadOnlyList<ScoredExercise> candidates = new CandidateCut(_input, open).Cut(scored);
        IEnumerable<Chosen> drillsInWeek = WeekLifts
            .LegDays(_input.Week)
            .SelectMany(_ => drills.Where(drill => drill.Role is Role.Priming or Role.Skill));
        ChoiceProblem problem = new AccessoryProblem(_input, candidates, [.. inWeek, .. drillsInWeek], open).Build();
        Choice choice = _chooser.Choose(problem);
        List<Chosen> set =
        [
            .. candidates
                .Select((candidate, i) => (candidate, Sessions: choice.Sessions[i]))
                .Where(row => row.Sessions > 0)
                .OrderBy(row => row.candidate.Role)
                .ThenByDescending(row => row.candidate.Score)
                .ThenBy(row => row.candidate.Exercise.Id, StringComparer.Ordinal)
                .Select(row => ToChosen(row.candidate, row.Sessions, scored, candidates, choice, weights)),
        ];
        ExerciseChoice selection = new()
        {
            Mains = slots,
            Others = [.. drills, .. events, .. set],
            PassedOver = [],
            Unanswered = [],
            Ranked =
            [
                .. scored.Select(row => new Ranked(
                    row.Exercise,
                    row.Role,
                    row.Score,
                    row.Parts,
                    [.. row.Answers.Select(finding => finding.Code).Distinct()]
                )),
            ],
            Shortfalls = [],
            Proven = choice.Proof,
            School = weights.Name,
        };
        ExerciseChoice whole = WithRest(selection, scored);
        return whole with
        {
            Shortfalls = new ShortfallBook(problem, choice, _out).Of([.. whole.Unanswered.Select(finding => finding.Code).Distinct()]),
        };
    }

    /// <summary>The coach's school; else stimulus, and positions where a weak link is grave.</summary>
    private AccessorySchool School =>
        _input.Prepared.Case.Schools.Accessories
        ?? (
            _input.Prepared.Findings.Any(finding => finding.Cause is Cause.Strength && finding.Severity >= Rules.PositionsFromSeverity)
                ? AccessorySchool.Positions
                : AccessorySchool.Stimulus
        );

    private List<ScoredExercise> Score(ScoreWeights weights, List<string> taken, IReadOnlyList<MainSlot> slots)
    {
        IReadOnlyList<string> targets =
            _input.Prepared.Client.TargetLifts.Count > 0
                ? _input.Prepared.Client.TargetLifts
                : [.. slots.Select(slot => slot.Main.Exercise.Id)];
        Scoring scoring = _scoring.Toward(targets);
        return
        [
            .. _able
                .Where(exercise =>
                    exercise.Muscles.Count > 0
                    && exercise.Pattern is not (Pattern.Mobility or Pattern.Priming or Pattern.Drill)
                    && !taken.Contains(exercise.Id)
                    && !Answers.Drills.Contains(exercise.Id)
                )
                .Select(exercise => (Exercise: exercise, Parts: scoring.Of(exercise, AnswerRole.Accessory)))
                .Select(row => new ScoredExercise(
                    row.Exercise,
                    AccessoryRole.Of(row.Exercise),
                    weights.Score(row.Parts),
                    row.Parts,
                    scoring.AnsweredBy(row.Exercise, AnswerRole.Accessory)
                ))
                .OrderByDescending(row => row.Score)
                .ThenBy(row => row.Exercise.Id, StringComparer.Ordinal),
        ];
    }

    private Chosen ToChosen(
        ScoredExercise candidate,
        int sessions,
        IReadOnlyList<ScoredExercise> scored,
        IReadOnlyList<ScoredExercise> candidates,
        Choice choice,
        ScoreWeights weights
    )
    {
        HashSet<string> chosen = [.. candidates.Where((_, i) => choice.Sessions[i] > 0).Select(other => other.Exercise.Id)];
        Chosen one = new()
        {
            Exercise = candidate.Exercise,
            Role = candidate.Role,
            Reason =
                IsPicked(candidate.Exercise) ? ChosenReason.Picked
                : candidate.Answers.Count > 0 ? ChosenReason.AnswersFinding
                : Region.IsPush(candidate.Exercise) || Region.IsPull(candidate.Exercise) ? ChosenReason.FillsPattern
                : IsLowMuscle(candidate.Exercise) ? ChosenReason.FillsSets
                : ChosenReason.AddsStimulus,
            Answers = [.. candidate.Answers.Select(finding => finding.Code).Distinct()],
            Score = candidate.Score,
            Parts = candidate.Parts,
            Limits = _eligibility.LimitsOf(candidate.Exercise),
            Sessions = sessions,
        };
        return one with
        {
            InsteadOf =
            [
                .. scored
                    .Where(other => !chosen.Contains(other.Exercise.Id) && Serves(other, one))
                    .Take(1)
                    .Select(other => new Alternative(
                        other.Exercise.Id,
                        other.Score,
                        ScoreComparison.WorstPart(candidate.Parts, other.Parts, weights)
                    )),
            ],
        };
    }

    private Chosen ToEvent(Exercise exercise)
    {
        ScoreParts parts = _scoring.Of(exercise, AnswerRole.Accessory);
        return new Chosen
        {
            Exercise = exercise,
            Role = EventWork.RoleOf(exercise),
            Reason = ChosenReason.EventWork,
            Answers = [.. _scoring.AnsweredBy(exercise, AnswerRole.Accessory).Select(finding => finding.Code).Distinct()],
            Score = ScoreWeights.Of(School).Score(parts),
            Parts = parts,
            Limits = _eligibility.LimitsOf(exercise),
        };
    }

    private bool IsPicked(Exercise exercise) => _input.Prepared.Case.Picks.Contains(new Pick(exercise.Id, PickKind.Accessory));

    private bool IsLowMuscle(Exercise exercise) =>
        exercise.PrimeMovers.Any(muscle => _input.Prepared.Client.Emphasis.Contains(muscle) || WeeklySets.HasLow(muscle));

    /// <summary>Whether another could have stood in the same place: it answers the same, or trains the same pattern with the same prime
    /// mover.</summary>
    private static bool Serves(ScoredExercise other, Chosen chosen) =>
        other.Exercise.Id != chosen.Exercise.Id
        && (other.Answers.Any(finding => chosen.Answers.Contains(finding.Code)) || CanStandIn(other.Exercise, chosen.Exercise));

    private static bool CanStandIn(Exercise other, Exercise exercise) =>
        other.Pattern == exercise.Pattern && other.PrimeMovers.Intersect(exercise.PrimeMovers).Any();

    private ExerciseChoice WithRest(ExerciseChoice selection, IReadOnlyList<ScoredExercise> scored)
    {
        HashSet<string> chosen = [.. selection.All.Select(one => one.Exercise.Id)];
        Dictionary<string, double> scores = scored.ToDictionary(row => row.Exercise.Id, row => row.Score);
        Chosen Full(Chosen one) =>
            one with
            {
                Rivals = [.. scored.Where(other => Serves(other, one)).Select(other => other.Exercise.Id)],
                Substitutes = SubstitutesOf(one.Exercise, chosen, scores),
            };
        HashSet<FindingCode> answered = [.. selection.All.SelectMany(one => one.Answers)];
        return selection with
        {
            Mains = [.. selection.Mains.Select(slot => slot with { Main = Full(slot.Main), Second = Full(slot.Second) })],
            Others = Growth.Mark([.. selection.Others.Select(Full)], _input.Prepared.Findings),
            PassedOver = PassedOverFor(),
            Unanswered = [.. _input.Prepared.Findings.Where(finding => Scoring.IsOpen(finding) && !answered.Contains(finding.Code))],
        };
    }

    /// <summary>What can be done at one touch instead, best first: those not in the block before those that are.</summary>
    private List<string> SubstitutesOf(Exercise exercise, HashSet<string> chosen, Dictionary<string, double> scores) =>
        [
            .. _able
                .Where(other => other.Id != exercise.Id && CanStandIn(other, exercise))
                .OrderBy(other => chosen.Contains(other.Id))
                .ThenByDescending(other => scores.GetValueOrDefault(other.Id))
                .ThenBy(other => other.Id, StringComparer.Ordinal)
                .Take(Rules.Substitutes)
                .Select(other => other.Id),
        ];

    /// <summary>Those that a coach would ask about: targets, the usual main lifts, and what would answer an open finding.</summary>
    private List<PassedOver> PassedOverFor()
    {
        IEnumerable<string> asked = _input
            .Prepared.Client.TargetLifts.Concat(Rules.Mains["squat"])
            .Concat(Rules.Mains["hinge"])
            .Concat(
                _input.Prepared.Findings.SelectMany(finding =>
                    Enum.GetValues<AnswerRole>().SelectMany(role => Answers.Of(finding.Code, role))
                )
            )
            .Concat(_input.Prepared.Client.Dislikes.Where(dislike => dislike.Never).Select(dislike => dislike.Exercise))
            .Concat(_out.Values.Where(reason => reason is PassedOver.Unsafe or PassedOver.Banned).Select(reason => reason.Exercise));
        return [.. asked.Distinct().Where(_out.ContainsKey).Order(StringComparer.Ordinal).Select(id => _out[id])];
    }
}
