using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>Finds what may stand in a kind of slot, and scores it by that slot's own measure
/// (docs/handbook/09-composition.md#9-5-the-measure-within-a-slot).</summary>
internal sealed class SlotCandidates
{
    private const string SecondSquat = "secondOfHinge";
    private static readonly SlotRules Rules = SlotRules.Shipped;
    private readonly SelectionInput _input;
    private readonly Dictionary<string, Exercise> _able;
    private readonly Scoring _scoring;
    private readonly LoadReach _reach;
    private readonly HashSet<string> _mains;
    private readonly Dictionary<Finding, double> _best = new(ReferenceEqualityComparer.Instance);

    // Days ask for the same kinds by the same measure again and again.
    private readonly Dictionary<(string Kind, SlotFrame Frame), IReadOnlyList<SlotOption>> _kinds = [];
    private readonly Dictionary<string, bool> _held = [];

    /// <param name="able">What kit, caution and the coach allow.</param>
    /// <param name="scoring">Toward the target lifts.</param>
    /// <param name="mains">Lifts that lead a day of the week.</param>
    public SlotCandidates(SelectionInput input, IReadOnlyList<Exercise> able, Scoring scoring, LoadReach reach, IEnumerable<string> mains)
    {
        (_input, _scoring, _reach) = (input, scoring, reach);
        _able = able.Where(exercise => exercise.Muscles.Count > 0 && !Answers.Drills.Contains(exercise.Id))
            .ToDictionary(exercise => exercise.Id);
        _mains = [.. mains];
    }

    /// <summary>The findings that ask for something to be trained, gravest first.</summary>
    public IReadOnlyList<Finding> Trainable =>
        field ??= [
            .. _input
                .Prepared.Findings.Where(finding =>
                    finding.Cause is Cause.Strength or Cause.Skill or Cause.Proportion && Scoring.IsOpen(finding)
                )
                .OrderByDescending(finding => finding.Weight)
                .ThenBy(finding => finding.Code),
        ];

    /// <summary>The options of a kind: its usual choices in their order, or what stands in for them; besides what the client likes of the
    /// same sort. Main lifts of the week stand in no other slot.</summary>
    public IReadOnlyList<SlotOption> OfKind(string kind, SlotFrame frame)
    {
        if (!_kinds.TryGetValue((kind, frame), out IReadOnlyList<SlotOption>? options))
            _kinds[(kind, frame)] = options = Found(kind, frame);
        return options;
    }

    private bool Holds(Exercise exercise)
    {
        if (!_held.TryGetValue(exercise.Id, out bool holds))
            _held[exercise.Id] = holds = _reach.Holds(exercise);
        return holds;
    }

    private List<SlotOption> Found(string kind, SlotFrame frame)
    {
        List<Exercise> usual = Able(kind);
        if (!usual.Exists(Holds))
            usual = [.. usual, .. Able(kind + "Else")];
        // What cannot be loaded to the slot's effort goes only where nothing else is there.
        List<Exercise> hard = [.. usual.Where(Holds)];
        if (hard.Count > 0)
            usual = hard;
        if (kind is SecondSquat)
            usual = WithoutTheDemand(usual);
        // Among equals what can be made heavier goes first; the trunk's work grows by lever.
        if (!kind.StartsWith("trunk", StringComparison.Ordinal))
            usual = [.. usual.OrderBy(exercise => !_reach.IsLoadable(exercise))];
        IEnumerable<Exercise> liked = Liked(kind).Where(exercise => !usual.Contains(exercise) && Holds(exercise));
        return Scored([.. usual, .. liked], usual.Count, frame);
    }

    /// <summary>The options of the first of these kinds that the kit brings to a hard set and no further.</summary>
    public IReadOnlyList<SlotOption> HeldOfKinds(IEnumerable<string> kinds, SlotFrame frame) =>
        kinds
            .Select(IReadOnlyList<SlotOption> (kind) => [.. OfKind(kind, frame).Where(option => Holds(option.Exercise))])
            .FirstOrDefault(held => held.Count > 0)
        ?? [];

    /// <summary>While a range, the proportions or pain change the main squat, a second one takes that demand away too, where one of the
    /// usual does (docs/handbook/05-faults.md).</summary>
    private List<Exercise> WithoutTheDemand(List<Exercise> usual)
    {
        foreach (
            Finding finding in _input
                .Prepared.Findings.Where(Scoring.ChangesMain)
                .OrderByDescending(finding => finding.Weight)
                .ThenBy(finding => finding.Code)
        )
        {
            List<Exercise> without = [.. usual.Where(exercise => Answers.Answer(exercise, finding.Code, AnswerRole.Main))];
            if (without.Count > 0)
                usual = without;
        }
        return usual;
    }

    /// <summary>One exercise alone.</summary>
    public IReadOnlyList<SlotOption> Only(Exercise exercise, SlotFrame frame) => Scored([exercise], 0, frame);

    /// <summary>Everything that answers a finding as well as the kit allows.</summary>
    public IReadOnlyList<SlotOption> Answering(Finding finding, SlotFrame frame, Func<Exercise, bool> fits) =>
        Scored(
            [
                .. _able.Values.Where(exercise =>
                    !_mains.Contains(exercise.Id) && fits(exercise) && Holds(exercise) && IsAnswer(exercise, finding)
                ),
            ],
            0,
            frame
        );

    /// <summary>The best grade that the kit allows of a finding, from what counts up.</summary>
    private double BestGradeOf(Finding finding)
    {
        if (!_best.TryGetValue(finding, out double best))
            _best[finding] = best = _able.Values.Any(exercise => GradeOf(exercise, finding) >= Grading.First)
                ? Grading.First
                : Grading.CountsFrom;
        return best;
    }

    private bool IsAnswer(Exercise exercise, Finding finding) => GradeOf(exercise, finding) >= BestGradeOf(finding);

    /// <summary>A difference of sides is answered only by what works the muscles that were tested: a leg test says nothing about
    /// arms.</summary>
    private double GradeOf(Exercise exercise, Finding finding) =>
        finding.Code is FindingCode.SideAsymmetry && !_input.Prepared.WorksWhatWasTested(exercise) ? 0 : Grading.Of(exercise, finding);

    private List<Exercise> Able(string kind) =>
        [
            .. Rules
                .Kinds.GetValueOrDefault(kind, [])
                .Select(id => _able.GetValueOrDefault(id))
                .OfType<Exercise>()
                .Where(exercise => !_mains.Contains(exercise.Id) || MayComeAgain(kind)),
        ];

    /// <summary>A thrust that leads one day may come again on another: its repetitions move.</summary>
    private static bool MayComeAgain(string kind) => kind is "thrust";

    private IEnumerable<Exercise> Liked(string kind)
    {
        HashSet<Pattern> patterns =
        [
            .. Rules.Kinds.GetValueOrDefault(kind, []).Select(id => _input.Prepared.Catalogue.Find(id)?.Pattern).OfType<Pattern>(),
        ];
        return _input
            .Prepared.Client.Likes.Concat(
                _input.Prepared.Case.Picks.Where(pick => pick.Kind is PickKind.Accessory).Select(pick => pick.Exercise)
            )
            .Distinct()
            .Select(id => _able.GetValueOrDefault(id))
            .OfType<Exercise>()
            .Where(exercise => patterns.Contains(exercise.Pattern) && !_mains.Contains(exercise.Id));
    }

    private List<SlotOption> Scored(IReadOnlyList<Exercise> exercises, int usual, SlotFrame frame)
    {
        Scoring scoring = frame.Toward is { } toward ? _scoring.Toward([toward]) : _scoring;
        List<(Exercise Exercise, ScoreParts Parts)> rows =
        [
            .. exercises.Select(exercise => (exercise, scoring.Of(exercise, AnswerRole.Accessory))),
        ];
        double most = rows.Select(row => Scoring.StimulusOf(row.Exercise)).DefaultIfEmpty(0).Max();
        return
        [
            .. rows.Select(
                    (row, i) => Option(row.Exercise, row.Parts with { StimulusForFatigue = Share(row.Exercise, most) }, i, usual, frame)
                )
                .OrderByDescending(option => option.Score + option.Usual / 1000.0)
                .ThenBy(option => option.Exercise.Id, StringComparer.Ordinal)
                .Take(Rules.Options),
        ];
    }

    private double Share(Exercise exercise, double most) =>
        most <= 0 ? 0 : Scoring.StimulusOf(exercise) / most * _scoring.GrowthOf(exercise);

    private SlotOption Option(Exercise exercise, ScoreParts parts, int place, int usual, SlotFrame frame)
    {
        IReadOnlyList<FindingCode> answers = [.. Trainable.Where(finding => IsAnswer(exercise, finding)).Select(finding => finding.Code)];
        Role role = frame.Role ?? AccessoryRole.Of(exercise);
        bool single = role is Role.SingleJoint or Role.Trunk;
        // What is a first answer to the fault of a lift rehearses the place where that lift fails.
        if (frame.Weights is "weakPoint" && Trainable.Any(finding => Grading.Of(exercise, finding) >= Grading.First))
            parts = parts with { CarryOver = Math.Max(parts.CarryOver, SelectionRules.Shipped.CarryOver.PatternAndPosition) };
        return new SlotOption
        {
            Exercise = exercise,
            Role = role,
            Aim = frame.AimOf?.Invoke(exercise),
            Sets = frame.Sets ?? (single ? Rules.Sets.Single : Rules.Sets.Several),
            Score = new ScoreWeights(frame.Weights, WeightsOf(frame)).Score(parts),
            Usual = usual > 1 && place < usual ? Rules.DefaultsWorth * (usual - 1 - place) / (usual - 1) : 0,
            Parts = parts,
            Reason = answers.Count > 0 && frame.Reason is ChosenReason.AnswersFinding ? ChosenReason.AnswersFinding : frame.Reason,
            Answers = answers,
        };
    }

    /// <summary>The slot's weights, moved by the school: positions take stimulus to carry-over, muscles carry-over to answers
    /// (docs/handbook/09-composition.md#weights-by-slot).</summary>
    private IReadOnlyList<double> WeightsOf(SlotFrame frame)
    {
        double[] weights = [.. Rules.Weights[frame.Weights]];
        if (frame.Weights is "weakPoint" or "second" or "secondForStrength")
            Shift(weights, frame.School);
        // Goal muscle without a target: what carries over counts for nothing, its weight goes to stimulus.
        if (_input.Prepared.Client.Goal is Goal.Muscle && _input.Prepared.Client.TargetLifts.Count == 0)
            (weights[1], weights[2]) = (0, weights[2] + weights[1]);
        return weights;
    }

    private static void Shift(double[] weights, AccessorySchool school)
    {
        (int From, int To)? move = school switch
        {
            AccessorySchool.Stimulus => null,
            AccessorySchool.Positions => (2, 1),
            AccessorySchool.Muscles => (1, 0),
        };
        if (move is not var (from, to))
            return;
        double shift = Math.Min(Rules.SchoolShift, weights[from]);
        (weights[from], weights[to]) = (weights[from] - shift, weights[to] + shift);
    }
}

/// <summary>How a slot looks at its candidates.</summary>
internal sealed record SlotFrame
{
    /// <summary>Which weights.</summary>
    public required string Weights { get; init; }

    /// <summary>Why a candidate would stand here.</summary>
    public required ChosenReason Reason { get; init; }

    /// <summary>The school of accessories.</summary>
    public required AccessorySchool School { get; init; }

    /// <summary>Its row; null for the exercise's own.</summary>
    public Role? Role { get; init; }

    /// <summary>Its aim by exercise; null for the block's.</summary>
    public Func<Exercise, Aim?>? AimOf { get; init; }

    /// <summary>Work sets; null for the usual number.</summary>
    public int? Sets { get; init; }

    /// <summary>The lift that it should carry over to; null for the client's targets.</summary>
    public string? Toward { get; init; }
}
