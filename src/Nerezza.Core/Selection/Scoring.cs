using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>What the score of an exercise is taken against.</summary>
public sealed record ScoreContext
{
    /// <summary>The client.</summary>
    public required Client Client { get; init; }

    /// <summary>The exercises.</summary>
    public required ExerciseCatalogue Catalogue { get; init; }

    /// <summary>The open findings.</summary>
    public required IReadOnlyList<Finding> Findings { get; init; }

    /// <summary>The body.</summary>
    public required Lifter Lifter { get; init; }

    /// <summary>The load of an exercise's own 1RM, external kilograms; 0 where no max is known.</summary>
    public required Func<Exercise, double> LoadKg { get; init; }

    /// <summary>What was lifted.</summary>
    public required IReadOnlyList<LogDay> Log { get; init; }

    /// <summary>First day of the block.</summary>
    public required DateOnly Start { get; init; }

    /// <summary>Whether it is the first block of a novice over 50.</summary>
    public bool StartsLate { get; init; }

    /// <summary>What did its work in the blocks before, and is worn by none of them.</summary>
    public required IReadOnlyList<string> Worked { get; init; }
}

/// <summary>The parts of an exercise's score (docs/handbook/09-composition.md).</summary>
public sealed class Scoring
{
    private static readonly SelectionRules Rules = SelectionRules.Shipped;
    private readonly ScoreContext _context;
    private readonly List<Exercise> _targets;
    private readonly double _openWeight;
    private readonly HashSet<Position> _askedPositions;
    private readonly bool _upright;
    private readonly Dictionary<string, double> _fits;
    private readonly Dictionary<string, double> _answers;
    private readonly List<LogDay> _lastBlocks;

    /// <summary>Prepares what does not change from exercise to exercise.</summary>
    public Scoring(ScoreContext context)
    {
        _context = context;
        (_fits, _answers) = ([], []);
        _lastBlocks =
        [
            .. context.Log.Where(day => day.Date < context.Start && day.Date >= context.Start.AddDays(-2 * Rules.Freshness.BlockDays)),
        ];
        _targets = [.. context.Client.TargetLifts.Select(id => context.Catalogue[id])];
        _openWeight = context.Findings.Where(IsOpen).Sum(finding => finding.Weight);
        _askedPositions = [.. context.Findings.SelectMany(finding => finding.Asks.Positions)];
        _upright = _askedPositions.Contains(Position.UprightTrunk);
    }

    private Scoring(Scoring other, IReadOnlyList<string> targets)
    {
        (_context, _openWeight, _askedPositions, _upright, _fits, _answers, _lastBlocks) = (
            other._context,
            other._openWeight,
            other._askedPositions,
            other._upright,
            other._fits,
            other._answers,
            other._lastBlocks
        );
        _targets = [.. targets.Select(id => _context.Catalogue[id])];
    }

    /// <summary>The same scores with carry-over to other lifts than the client's targets.</summary>
    public Scoring Toward(IReadOnlyList<string> targets) => new(this, targets);

    /// <summary>The parts for an exercise in a role.</summary>
    public ScoreParts Of(Exercise exercise, AnswerRole role) =>
        new()
        {
            AnswersFinding = AnswersFinding(exercise, role),
            CarryOver = CarryOver(exercise),
            StimulusForFatigue = StimulusOf(exercise) * 2 * GrowthOf(exercise),
            FitsBody = Fit(exercise),
            Level = Level(exercise),
            Freshness = Freshness(exercise),
            SetUp = 1 - Math.Min(1, exercise.SetUpSeconds / Rules.SetUpSeconds),
            Liking = Liking(exercise),
        };

    /// <summary>The findings that an exercise answers in a role: as a main lift those that change it.</summary>
    public IReadOnlyList<Finding> AnsweredBy(Exercise exercise, AnswerRole role) =>
        [.. _context.Findings.Where(finding => IsOpen(finding) && Answered(exercise, finding, role))];

    /// <summary>Findings that exercises can answer: all but a referral.</summary>
    public static bool IsOpen(Finding finding) => finding.Code is not FindingCode.Refer;

    private static bool Answered(Exercise exercise, Finding finding, AnswerRole role) =>
        role is AnswerRole.Main
            ? ChangesMain(finding)
                && (Answers.Answer(exercise, finding.Code, AnswerRole.Main) || Answers.Answer(exercise, finding.Code, AnswerRole.Accessory))
            : Answers.Answer(exercise, finding.Code, role);

    /// <summary>Missing range, the body's own proportions and pain change a main lift from severity 2 on where they are sure enough; skill
    /// and strength are trained beside it (docs/handbook/09-composition.md#9-2-main-lifts).</summary>
    public static bool ChangesMain(Finding finding) =>
        finding.Cause switch
        {
            // Caution first: pain need not be sure.
            Cause.Pain => finding.Severity >= Rules.MainChanges.Severity && IsOfLegs(finding),
            Cause.Range or Cause.Proportion => finding.Severity >= Rules.MainChanges.Severity
                && finding.Confidence >= Rules.MainChanges.Confidence,
            Cause.Skill or Cause.Strength or null => false,
        };

    /// <summary>What a shoulder rules out is out by its conflicts; no squat or hinge answers it.</summary>
    private static bool IsOfLegs(Finding finding) =>
        finding.Code is not FindingCode.PainOther
        || finding.Evidence.Any(one =>
            one is { Measure: Measure.Pain { Part: PainPart.Region }, Value: Reading.Word word }
            && Codes.Find<PainRegion>(word.Value) is PainRegion.LowBack or PainRegion.Hip or PainRegion.Ankle
        );

    private double AnswersFinding(Exercise exercise, AnswerRole role) =>
        _openWeight <= 0 ? 0
        : role is AnswerRole.Accessory ? GradeOf(exercise)
        : Math.Min(1, AnsweredBy(exercise, role).Sum(finding => finding.Weight) / _openWeight);

    private double GradeOf(Exercise exercise)
    {
        // Each slot asks anew, and neither findings nor grades change with the targets.
        if (!_answers.TryGetValue(exercise.Id, out double grade))
            _answers[exercise.Id] = grade = Math.Clamp(
                _context.Findings.Where(IsOpen).Sum(finding => finding.Weight * Grading.InOrder(exercise, finding)) / _openWeight,
                0,
                1
            );
        return grade;
    }

    private double CarryOver(Exercise exercise)
    {
        CarryOverRule rule = Rules.CarryOver;
        double best = _targets
            .Select(target =>
                target.Id == exercise.Id ? rule.Same
                : target.Pattern == exercise.Pattern
                    ? exercise.Axial == 0 && target.Axial > 0 ? rule.Supported
                        : target.Positions.Intersect(exercise.Positions).Any() ? rule.PatternAndPosition
                        : rule.Pattern
                : target.Pattern is Pattern.Squat && exercise.Pattern is Pattern.Lunge ? rule.Supported
                : target.PrimeMovers.Intersect(exercise.PrimeMovers).Any() ? rule.PrimeMover
                : 0
            )
            .DefaultIfEmpty(0)
            .Max();
        return Math.Clamp(best + PositionShift(exercise), 0, 1);
    }

    /// <summary>An exercise that is meant to train a position must be hardest there.</summary>
    private double PositionShift(Exercise exercise)
    {
        List<HardestAt> wanted =
        [
            .. exercise.Positions.Where(_askedPositions.Contains).Select(position => HardestIn(position, exercise)).OfType<HardestAt>(),
        ];
        if (wanted.Count == 0)
            return 0;
        return wanted.Contains(exercise.Hardest) ? Rules.CarryOver.HardestThere : Rules.CarryOver.HardestElsewhere;
    }

    /// <summary>The upper back holds the start of a pull at its full length up: there the top is the place, which bands make the
    /// hardest.</summary>
    private static HardestAt? HardestIn(Position position, Exercise exercise) =>
        position switch
        {
            Position.StartOfThePull => exercise.ShareOf(Muscle.UpperBack) >= 1 ? HardestAt.Top : HardestAt.Bottom,
            Position.BottomOfTheSquat => HardestAt.Bottom,
            Position.Lockout => HardestAt.Top,
            Position.UprightTrunk or Position.BracedTrunk or Position.OneLegBalance => null,
        };

    /// <summary>Share of the prime mover for what it costs: share / (2 + axial + systemic), 0 to 0.5.</summary>
    public static double StimulusOf(Exercise exercise) =>
        exercise.Muscles.Values.DefaultIfEmpty(0).Max()
        / (2.0 + exercise.Axial + exercise.Systemic)
        / (exercise.Sides is Sides.One ? 2 : 1);

    /// <summary>What is left of the stimulus of work whose load cannot grow: tension that stays the same is soon too little, unless skill
    /// makes it hard; holds and drills of the trunk are not meant to grow.</summary>
    public double GrowthOf(Exercise exercise)
    {
        bool fixedLoad =
            exercise.Load is LoadSource.BodyWeight or LoadSource.None or LoadSource.Band
            && exercise.Skill < Rules.Unloaded.HardFromSkill
            && exercise.Pattern is not Pattern.Trunk;
        return fixedLoad ? Rules.Unloaded.Of(_context.Client.Level) : 1;
    }

    private double Fit(Exercise exercise)
    {
        // Postures cost more than all other parts together, and do not change with the targets.
        if (!_fits.TryGetValue(exercise.Id, out double fit))
            _fits[exercise.Id] = fit = FitOf(exercise);
        return fit;
    }

    private double FitOf(Exercise exercise)
    {
        if (Lever.FamilyOf(exercise.Id) is not (LeverFamily.Squat or LeverFamily.Hinge))
            return 1;
        if (Lever.HeldBy(_context.Lifter, exercise.Id, _context.LoadKg(exercise)) is not { } posture)
            return 0;
        bool judged = _upright && Lever.FamilyOf(exercise.Id) is LeverFamily.Squat;
        double over = judged ? Math.Max(0, posture.LeanDeg - Rules.Fit.UprightAtMost) : 0;
        return over <= Rules.Fit.Full ? 1 : Math.Clamp((Rules.Fit.None - over) / (Rules.Fit.None - Rules.Fit.Full), 0, 1);
    }

    private double Level(Exercise exercise) =>
        Math.Clamp(1 - Rules.Level.Each * Math.Max(0, exercise.Skill - Rules.Level.SkillOf(_context.Client.Level)), 0, 1);

    private double Freshness(Exercise exercise)
    {
        if (_context.Client.TargetLifts.Contains(exercise.Id) || _context.Worked.Contains(exercise.Id))
            return 1;
        bool In(int from, int to) =>
            _lastBlocks.Exists(day =>
                day.Date < _context.Start.AddDays(-from)
                && day.Date >= _context.Start.AddDays(-to)
                && day.Lifts.Any(lift => lift.Exercise == exercise.Id)
            );
        int blocks = (In(0, Rules.Freshness.BlockDays) ? 1 : 0) + (In(Rules.Freshness.BlockDays, 2 * Rules.Freshness.BlockDays) ? 1 : 0);
        return blocks switch
        {
            0 => 1,
            1 => Rules.Freshness.One,
            _ => Rules.Freshness.Both,
        };
    }

    private double Liking(Exercise exercise) =>
        _context.Client.Likes.Contains(exercise.Id) ? Rules.Liking.Liked
        : _context.Client.Dislikes.Any(dislike => dislike.Exercise == exercise.Id) ? Rules.Liking.Disliked
        : Rules.Liking.Neutral;
}
