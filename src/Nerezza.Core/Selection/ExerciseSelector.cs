using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>Composes the week of a block: the lifts that lead, then every slot by its purpose, all settled together
/// (docs/handbook/09-composition.md).</summary>
public sealed class ExerciseSelector
{
    private static readonly SelectionRules Rules = SelectionRules.Shipped;
    private readonly SelectionInput _input;
    private readonly IChooser _chooser;
    private readonly ScoreContext _context;
    private readonly Scoring _scoring;
    private readonly Eligibility _eligibility;
    private readonly LoadReach _reach;
    private readonly Dictionary<string, PassedOver> _out = [];
    private readonly List<Exercise> _able = [];
    private readonly Turns _turns;

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
        _reach = new LoadReach(
            input.Prepared.Loader,
            input.Prepared.Maxes,
            input.Prepared.LoadKg,
            input.Prepared.Client.MassKg,
            input.Prepared.Case.Equipment.Items
        );
        _turns = new Turns(input, FirstAble, Beside);
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
        IReadOnlyList<Chosen> drills = [.. new DrillChoice(_able, _context.Findings, _scoring, _eligibility).Choose()];
        IReadOnlyList<Chosen> events =
        [
            .. EventWork.Of(_input.Prepared.Client, _input.Kind, _able, one => _reach.IsTooHeavyToThrow(one)).Select(ToEvent),
        ];
        var mains = new MainLiftChoice(
            _context,
            _scoring,
            _eligibility,
            _input.Prepared.Findings,
            _input.Prepared.Case.Picks,
            _reach,
            _input.Kind
        );
        var upper = new UpperLeads(_input, FirstAble, ToMain);
        var weekFrame = new WeekFrame(_input, mains, upper);
        IReadOnlyList<DayFrame> frames = weekFrame.Of([.. drills.Where(drill => drill.Role is Role.Priming or Role.Skill)], events);
        frames = new PickedWork(_input, ToPicked).On(frames);
        Scoring toward = _scoring.Toward(TargetsOf(frames));
        var candidates = new SlotCandidates(_input, _able, toward, _reach, Leads(frames).Concat(_turns.Kept(Leads(frames))));
        IReadOnlyList<Slot> slots = new SlotMaker(_input, candidates, School, weekFrame.Leads).Of(frames);
        var written = new SlotProblem(_input, frames, slots, candidates.Trainable);
        ChoiceProblem problem = written.Build();
        Choice choice = _chooser.Choose(problem);
        IReadOnlyList<(Slot Slot, SlotOption Option)> taken = [.. written.Rows.Where((_, i) => choice.Taken[i])];
        var words = new ChosenMaker(_input, _eligibility, slots, taken);
        IReadOnlyList<(SplitDay Day, IReadOnlyList<Chosen> Lifts)> week = new SetsLeftOver(_input, written.Limits).Given([
            .. frames.Select(
                (frame, day) =>
                    (
                        frame.Day,
                        (IReadOnlyList<Chosen>)
                            [.. frame.Fixed, .. taken.Where(row => row.Slot.Day == day).Select(row => words.Of(row.Slot, row.Option))]
                    )
            ),
        ]);
        IReadOnlyList<DayPlan> days = [.. week.Where(day => day.Lifts.Count > 0).Select(day => InOrder(day.Day, day.Lifts, week))];
        return Whole(days, [.. drills.Where(drill => drill.Role is Role.Capacity)], toward, choice.Proof, problem, written, choice);
    }

    private DayPlan InOrder(SplitDay day, IReadOnlyList<Chosen> lifts, IReadOnlyList<(SplitDay Day, IReadOnlyList<Chosen> Lifts)> week)
    {
        List<string> standing = [.. week.SelectMany(other => other.Lifts).Select(lift => lift.Exercise.Id)];
        return DayPlan.InOrder(
            day,
            lifts.SelectMany(lift => _turns.Of(lift, standing)).Select(lift => InSeason(lift, day)),
            _input.Prepared.Case.Schools
        );
    }

    private Chosen Beside(Exercise exercise, Chosen lift) => With(exercise, lift.Purpose, lift.Role, ChosenReason.TakesTurns);

    /// <summary>Leg work about hard sport is capped.</summary>
    private Chosen InSeason(Chosen lift, SplitDay day) =>
        Region.IsUpper(lift.Exercise.Pattern)
            ? lift
            : lift with
            {
                Limits = lift.Limits with
                {
                    MostRpe = Rpe.Min(lift.Limits.MostRpe, new Season(_input.Prepared.Client).MostRpe(day.Weekday)),
                },
            };

    /// <summary>The coach's school; else stimulus.</summary>
    private AccessorySchool School => _input.Prepared.Case.Schools.Accessories ?? AccessorySchool.Stimulus;

    private static IEnumerable<string> Leads(IReadOnlyList<DayFrame> frames) =>
        frames.SelectMany(frame => frame.Fixed).Where(one => one.Purpose is Purpose.Main).Select(one => one.Exercise.Id);

    /// <summary>What carries over is measured against the targets, else against the lifts that lead.</summary>
    private IReadOnlyList<string> TargetsOf(IReadOnlyList<DayFrame> frames) =>
        _input.Prepared.Client.TargetLifts.Count > 0 ? _input.Prepared.Client.TargetLifts : [.. Leads(frames).Distinct()];

    private Exercise? FirstAble(IEnumerable<string> ids) =>
        ids.Select(id => _able.Find(exercise => exercise.Id == id)).OfType<Exercise>().FirstOrDefault();

    private Chosen ToMain(Exercise exercise) =>
        With(
            exercise,
            Purpose.Main,
            Role.Main,
            _input.Prepared.Client.TargetLifts.Contains(exercise.Id) ? ChosenReason.TargetLift : ChosenReason.UsualLift
        );

    private Chosen ToEvent(EventPart part) =>
        With(part.Exercise, Purpose.Event, EventWork.RoleOf(part.Exercise), part.Reason) with
        {
            Medley = part.Medley,
            Aim = part.Reason is ChosenReason.InPlaceOfThrow ? Aim.Power : null,
        };

    private Chosen ToPicked(Exercise exercise) =>
        With(exercise, PickedWork.PurposeOf(exercise), AccessoryRole.Of(exercise), ChosenReason.Picked);

    private Chosen With(Exercise exercise, Purpose purpose, Role role, ChosenReason reason)
    {
        ScoreParts parts = _scoring.Of(exercise, AnswerRole.Accessory);
        IReadOnlyList<FindingCode> answers =
        [
            .. _input
                .Prepared.Findings.Where(finding => Scoring.IsOpen(finding) && Grading.Of(exercise, finding) >= Grading.First)
                .Select(finding => finding.Code)
                .Distinct(),
        ];
        return new Chosen
        {
            Exercise = exercise,
            Purpose = purpose,
            Role = role,
            Reason = reason,
            Answers = answers,
            Grade = Grading.BestOf(exercise, _input.Prepared.Findings, answers),
            Score = ScoreWeights.Of(School).Score(parts),
            Parts = parts,
            Limits = _eligibility.LimitsOf(exercise),
        };
    }

    private ExerciseChoice Whole(
        IReadOnlyList<DayPlan> days,
        IReadOnlyList<Chosen> daily,
        Scoring toward,
        Proof proof,
        ChoiceProblem problem,
        SlotProblem written,
        Choice choice
    )
    {
        HashSet<string> standing = [.. days.SelectMany(day => day.Lifts).Concat(daily).Select(one => one.Exercise.Id)];
        IReadOnlyList<Ranked> ranked = RankedFor(toward, standing);
        Dictionary<string, double> scores = ranked.ToDictionary(row => row.Exercise.Id, row => row.Score);
        Chosen Full(Chosen one) =>
            one with
            {
                Rivals = [.. ranked.Where(other => Serves(other, one)).Select(other => other.Exercise.Id)],
                Substitutes = SubstitutesOf(one.Exercise, standing, scores),
            };
        Dictionary<string, Chosen> full = [];
        foreach (Chosen one in days.SelectMany(day => day.Lifts).Concat(daily))
            full.TryAdd(one.Exercise.Id, Full(one));
        var facts = new WeekFacts(_input, days);
        Chosen Known(Chosen one) =>
            facts.Of(one) with
            {
                Rivals = full[one.Exercise.Id].Rivals,
                Substitutes = full[one.Exercise.Id].Substitutes,
            };
        IReadOnlyList<DayPlan> whole =
        [
            .. Growth.Mark([.. days.Select(day => day with { Lifts = [.. day.Lifts.Select(Known)] })], _input.Prepared.Findings),
        ];
        HashSet<FindingCode> answered = [.. whole.SelectMany(day => day.Lifts).Concat(daily).SelectMany(one => one.Answers)];
        IReadOnlyList<Finding> unanswered =
        [
            .. _input.Prepared.Findings.Where(finding => Scoring.IsOpen(finding) && !answered.Contains(finding.Code)),
        ];
        return new ExerciseChoice
        {
            Days = whole,
            Daily = [.. daily.Select(Known)],
            PassedOver = PassedOverFor(),
            Unanswered = unanswered,
            Ranked = ranked,
            Shortfalls = new ShortfallBook(problem, choice, written, _out).Of([.. unanswered.Select(finding => finding.Code).Distinct()]),
            Proven = proof,
            School = Codes.Of(School),
        };
    }

    /// <summary>Every exercise that can be done, best first, by the weights of the school.</summary>
    private IReadOnlyList<Ranked> RankedFor(Scoring toward, HashSet<string> standing)
    {
        ScoreWeights weights = ScoreWeights.Of(School);
        return
        [
            .. _able
                .Where(exercise =>
                    exercise.Muscles.Count > 0
                    && exercise.Pattern is not (Pattern.Mobility or Pattern.Priming or Pattern.Drill)
                    && !Answers.Drills.Contains(exercise.Id)
                )
                .Select(exercise => (Exercise: exercise, Parts: toward.Of(exercise, AnswerRole.Accessory)))
                .Select(row => new Ranked(
                    row.Exercise,
                    AccessoryRole.Of(row.Exercise),
                    weights.Score(row.Parts),
                    row.Parts,
                    [
                        .. _input
                            .Prepared.Findings.Where(finding =>
                                Scoring.IsOpen(finding) && Grading.Of(row.Exercise, finding) >= Grading.CountsFrom
                            )
                            .Select(finding => finding.Code)
                            .Distinct(),
                    ]
                ))
                .OrderByDescending(row => row.Score)
                .ThenBy(row => row.Exercise.Id, StringComparer.Ordinal),
        ];
    }

    /// <summary>Whether another could have stood in the same place: it answers the same, or trains the same pattern with the same
    /// muscles.</summary>
    private static bool Serves(Ranked other, Chosen chosen) =>
        other.Exercise.Id != chosen.Exercise.Id
        && (other.Answers.Any(finding => chosen.Answers.Contains(finding)) || other.Exercise.CanStandInFor(chosen.Exercise));

    /// <summary>What can be done at one touch instead, best first: those not in the block before those that are.</summary>
    private List<string> SubstitutesOf(Exercise exercise, HashSet<string> standing, Dictionary<string, double> scores) =>
        [
            .. _able
                .Where(other => other.Id != exercise.Id && other.CanStandInFor(exercise))
                .OrderBy(other => standing.Contains(other.Id))
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
            .Concat(_input.Prepared.Findings.SelectMany(Grading.FirstAnswersTo))
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
