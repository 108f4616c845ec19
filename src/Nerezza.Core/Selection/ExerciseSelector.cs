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
    private readonly Scoring _scoring;
    private readonly ScoreContext _context;
    private readonly Season _season;
    private readonly Dictionary<Equipment, KitChoice> _kits = new(ReferenceEqualityComparer.Instance);

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
            StartsLate = input.Prepared.StartsLate,
            Worked = input.Prepared.Case.Block.Worked,
        };
        _scoring = new Scoring(_context);
        _season = new Season(input.Prepared.Client);
        Usual = KitOf(input);
    }

    /// <summary>The whole choice.</summary>
    public static ExerciseChoice Choose(SelectionInput input, IChooser chooser) => new ExerciseSelector(input, chooser).Choose();

    /// <summary>What there is on most days.</summary>
    private KitChoice Usual { get; }

    /// <summary>What there is on a day.</summary>
    private KitChoice On(SplitDay day) => KitOf(_input.On(day.Weekday));

    private KitChoice KitOf(SelectionInput input)
    {
        Equipment kit = input.Prepared.Case.Equipment;
        if (!_kits.TryGetValue(kit, out KitChoice? choice))
            _kits[kit] = choice = new KitChoice(input, _context, _scoring);
        return choice;
    }

    /// <summary>Every exercise that can be done on a day of the week.</summary>
    private IReadOnlyList<Exercise> Able =>
        field ??=
            _kits.Count == 1
                ? Usual.Able
                : [.. _input.Prepared.Catalogue.All.Where(exercise => _kits.Values.Any(kit => kit.Able.Contains(exercise)))];

    private ExerciseChoice Choose()
    {
        IReadOnlyList<Chosen> drills = [.. new DrillChoice(Usual.Able, _context.Findings, _scoring, Usual.Eligibility).Choose()];
        IReadOnlyList<DayFrame> frames = InSeason(
            new PickedWork(_input, (exercise, i) => On(_input.Week[i]).Picked(exercise)).On(
                Frames([.. drills.Where(drill => drill.Role is Role.Priming or Role.Skill)])
            )
        );
        var leads = new WeekLeads([.. frames.SelectMany(frame => frame.Fixed).Where(one => one.Purpose is Purpose.Main)], Usual.Displaced);
        Scoring toward = _scoring.Toward(TargetsOf(leads));
        IReadOnlyList<Slot> slots = SlotsOf(frames, leads, toward);
        var written = new SlotProblem(_input, frames, slots, Usual.Candidates(toward, []).Trainable);
        ChoiceProblem problem = written.Build();
        Choice choice = _chooser.Choose(problem);
        IReadOnlyList<(Slot Slot, SlotOption Option)> taken = [.. written.Rows.Where((_, i) => choice.Taken[i])];
        var words = new ChosenMaker(_input, slot => On(_input.Week[slot.Day]).Eligibility, slots, taken);
        IReadOnlyList<(SplitDay Day, IReadOnlyList<Chosen> Lifts)> week = new SetsLeftOver(_input, written.Limits).Given([
            .. frames.Select(
                (frame, day) =>
                    (
                        frame.Day,
                        (IReadOnlyList<Chosen>)
                            [
                                .. frame.Fixed,
                                .. taken
                                    .Where(row => row.Slot.Day == day)
                                    .Select(row => _season.Capped(words.Of(row.Slot, row.Option), frame.Day.Weekday)),
                            ]
                    )
            ),
        ]);
        IReadOnlyList<DayPlan> days = [.. week.Where(day => day.Lifts.Count > 0).Select(day => InOrder(day.Day, day.Lifts, week))];
        return Whole(days, [.. drills.Where(drill => drill.Role is Role.Capacity)], toward, choice.Proof, problem, written, choice);
    }

    /// <summary>What stands on the days whatever else does, each by the kit that is there.</summary>
    private IReadOnlyList<DayFrame> Frames(IReadOnlyList<Chosen> drills)
    {
        IReadOnlyList<Chosen> events = Usual.Events;
        Dictionary<KitChoice, IReadOnlyList<DayFrame>> byKit = [];
        foreach (KitChoice kit in _input.Week.Select(On).Append(Usual).Distinct())
            byKit[kit] = kit.Frames(drills, kit == Usual ? events : [], day => On(day) == kit);
        return [.. _input.Week.Select((day, i) => byKit[On(day)][i])];
    }

    private List<Slot> SlotsOf(IReadOnlyList<DayFrame> frames, WeekLeads leads, Scoring toward)
    {
        string[] ids = [.. leads.All.Select(lead => lead.Exercise.Id)];
        string[] mains = [.. ids, .. _input.Week.Select(On).Distinct().SelectMany(kit => kit.Turns.Kept(ids))];
        Dictionary<KitChoice, SlotMaker> makers = _input
            .Week.Select(day => (Kit: On(day), Input: _input.On(day.Weekday)))
            .DistinctBy(row => row.Kit)
            .ToDictionary(row => row.Kit, row => new SlotMaker(row.Input, row.Kit.Candidates(toward, mains), _input.School, leads));
        return
        [
            .. frames
                .SelectMany((frame, day) => makers[On(frame.Day)].Of(day, frames))
                .Select(slot => _season.Capped(slot, _input.Week[slot.Day])),
        ];
    }

    private List<DayFrame> InSeason(IReadOnlyList<DayFrame> frames) =>
        [.. frames.Select(frame => frame with { Fixed = [.. frame.Fixed.Select(one => _season.Capped(one, frame.Day.Weekday))] })];

    /// <summary>What can be done on no day, with the reason of the usual kit.</summary>
    private IReadOnlyDictionary<string, PassedOver> Out =>
        field ??=
            _kits.Count == 1
                ? Usual.Out
                : Usual
                    .Out.Where(row => _kits.Values.All(kit => kit.Out.ContainsKey(row.Key)))
                    .ToDictionary(row => row.Key, row => row.Value);

    private DayPlan InOrder(SplitDay day, IReadOnlyList<Chosen> lifts, IReadOnlyList<(SplitDay Day, IReadOnlyList<Chosen> Lifts)> week)
    {
        // What takes turns comes in only now, and is capped with the rest.
        List<string> standing = [.. week.SelectMany(other => other.Lifts).Select(lift => lift.Exercise.Id)];
        return DayPlan.InOrder(
            day,
            lifts.SelectMany(lift => On(day).Turns.Of(lift, standing)).Select(lift => _season.Capped(lift, day.Weekday)),
            _input.Prepared.Case.Schools
        );
    }

    /// <summary>What carries over is measured against the targets, else against the lifts that lead.</summary>
    private IReadOnlyList<string> TargetsOf(WeekLeads leads) =>
        _input.Prepared.Client.TargetLifts.Count > 0
            ? _input.Prepared.Client.TargetLifts
            : [.. leads.All.Select(lead => lead.Exercise.Id).Distinct()];

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
                Substitutes = SubstitutesOf(one.Exercise, days, standing, scores),
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
            Shortfalls = new ShortfallBook(problem, choice, written, Out).Of([.. unanswered.Select(finding => finding.Code).Distinct()]),
            Proven = proof,
            School = Codes.Of(_input.School),
        };
    }

    /// <summary>Every exercise that can be done, best first, by the weights of the school.</summary>
    private IReadOnlyList<Ranked> RankedFor(Scoring toward, HashSet<string> standing)
    {
        ScoreWeights weights = ScoreWeights.Of(_input.School);
        return
        [
            .. Able.Where(exercise =>
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
    private List<string> SubstitutesOf(
        Exercise exercise,
        IReadOnlyList<DayPlan> days,
        HashSet<string> standing,
        Dictionary<string, double> scores
    )
    {
        List<KitChoice> there =
        [
            .. days.Where(day => day.Lifts.Any(lift => lift.Exercise.Id == exercise.Id)).Select(day => On(day.Split)).Distinct(),
        ];
        return
        [
            .. Able.Where(other =>
                    other.Id != exercise.Id && other.CanStandInFor(exercise) && there.TrueForAll(kit => kit.Able.Contains(other))
                )
                .OrderBy(other => standing.Contains(other.Id))
                .ThenByDescending(other => scores.GetValueOrDefault(other.Id))
                .ThenBy(other => other.Id, StringComparer.Ordinal)
                .Take(Rules.Substitutes)
                .Select(other => other.Id),
        ];
    }

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
            .Concat(Out.Values.Where(reason => reason is PassedOver.Unsafe or PassedOver.Banned).Select(reason => reason.Exercise));
        return [.. asked.Distinct().Where(Out.ContainsKey).Order(StringComparer.Ordinal).Select(id => Out[id])];
    }
}
