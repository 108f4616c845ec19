using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>What one kit of the week allows: which exercises can be done with it, how heavy they get, and what leads the days that are
/// trained there.</summary>
internal sealed class KitChoice
{
    private readonly SelectionInput _input;
    private readonly ScoreContext _context;
    private readonly Scoring _scoring;
    private readonly Dictionary<string, PassedOver> _out = [];
    private readonly List<Exercise> _able = [];

    /// <param name="input">With this kit as the case's.</param>
    public KitChoice(SelectionInput input, ScoreContext context, Scoring scoring)
    {
        (_input, _context, _scoring) = (input, context, scoring);
        PreparedCase prepared = input.Prepared;
        Eligibility = new Eligibility(prepared);
        Reach = new LoadReach(
            prepared.Loader,
            prepared.Maxes,
            prepared.Caps,
            prepared.LoadKg,
            prepared.Client.MassKg,
            prepared.Case.Equipment.Items
        );
        Turns = new Turns(input, FirstAble, Beside);
        foreach (Exercise exercise in prepared.Catalogue.All.Where(exercise => exercise.VariantOf is null))
        {
            if (Eligibility.Judge(exercise) is { } reason)
                _out[exercise.Id] = reason;
            else
                _able.Add(exercise);
        }
    }

    /// <summary>The exercises that can be taken.</summary>
    public IReadOnlyList<Exercise> Able => _able;

    /// <summary>Why each of the others cannot.</summary>
    public IReadOnlyDictionary<string, PassedOver> Out => _out;

    /// <summary>Kit, caution and the coach's word.</summary>
    public Eligibility Eligibility { get; }

    /// <summary>How heavy an exercise gets.</summary>
    public LoadReach Reach { get; }

    /// <summary>Forms that take turns.</summary>
    public Turns Turns { get; }

    /// <summary>The lift whose only day the event took; null where none was.</summary>
    public Chosen? Displaced { get; private set; }

    /// <summary>The days that are trained with this kit, each with what stands on it whatever else does; the others empty.</summary>
    public IReadOnlyList<DayFrame> Frames(IReadOnlyList<Chosen> drills, IReadOnlyList<Chosen> events, Func<SplitDay, bool> isHere)
    {
        var mains = new MainLiftChoice(
            _context,
            _scoring,
            Eligibility,
            _input.Prepared.Findings,
            _input.Prepared.Case.Picks,
            Reach,
            _input.Kind
        );
        var frame = new WeekFrame(_input, mains, new UpperLeads(_input, FirstAble, ToMain));
        IReadOnlyList<DayFrame> frames = frame.Of([.. drills.Where(drill => _able.Contains(drill.Exercise))], events, isHere);
        Displaced = frame.Displaced;
        return frames;
    }

    /// <summary>Event work, in its order.</summary>
    public IReadOnlyList<Chosen> Events =>
        [.. EventWork.Of(_input.Prepared.Client, _input.Kind, _able, one => Reach.IsTooHeavyToThrow(one)).Select(ToEvent)];

    /// <summary>What the coach picked, as it stands; null where this kit or caution keeps it out.</summary>
    public Chosen? Picked(Exercise exercise) =>
        Eligibility.Judge(exercise) is not null
            ? null
            : With(exercise, PickedWork.PurposeOf(exercise), AccessoryRole.Of(exercise), ChosenReason.Picked);

    /// <summary>Candidates for the slots of its days.</summary>
    /// <param name="mains">Lifts that lead a day of the week.</param>
    public SlotCandidates Candidates(Scoring toward, IEnumerable<string> mains) => new(_input, _able, toward, Reach, mains);

    private Chosen Beside(Exercise exercise, Chosen lift) => With(exercise, lift.Purpose, lift.Role, ChosenReason.TakesTurns);

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
            Score = ScoreWeights.Of(_input.School).Score(parts),
            Parts = parts,
            Limits = Eligibility.LimitsOf(exercise),
        };
    }
}
