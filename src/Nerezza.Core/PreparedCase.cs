using Nerezza.Core.Blocks;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core;

/// <summary>What follows from a case alone, worked out once and read by every step of its plan.</summary>
public sealed record PreparedCase
{
    private readonly Lazy<LadderProgress> _ladders;
    private readonly Lazy<IReadOnlyList<LiftFault>> _open;

    private PreparedCase(ClientCase @case, ExerciseCatalogue catalogue)
    {
        (Case, Catalogue) = (@case, catalogue);
        Maxes = MaxEstimates.Of(@case.Client, catalogue, @case.Strength, @case.Log, @case.Block.Start);
        Reviewed = new CaseFindings(catalogue).Review(@case, Maxes);
        Findings = FindingReview.Open(Reviewed);
        Sides = WeakerSide.PlanOf(Findings, @case.Faults, catalogue);
        StartsLate = LateStart.Is(@case.Client, @case.Log, @case.Block.Start);
        Caps = new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start) { Log = @case.Log, StartsLate = StartsLate };
        Loader = new Loader(@case.Equipment);
        Lifter = Lifter.Of(@case.Client, @case.Screen.KneeToWallCm?.Smaller, @case.Screen.HipFlexionDeg);
        _open = new Lazy<IReadOnlyList<LiftFault>>(OpenFaults);
        _ladders = new Lazy<LadderProgress>(() =>
            new LadderProgress(@case.Client, @case.Schools.Sides, catalogue, @case.Ladders, @case.Strength, @case.Log)
        );
    }

    /// <summary>Works it out.</summary>
    public static PreparedCase Of(ClientCase @case, ExerciseCatalogue catalogue) => new(@case.Filled(catalogue), catalogue);

    /// <summary>The case, each screen filled up from those before it.</summary>
    public ClientCase Case { get; private init; }

    /// <summary>The client.</summary>
    public Client Client => Case.Client;

    /// <summary>The exercises, the coach's own among them.</summary>
    public ExerciseCatalogue Catalogue { get; }

    /// <summary>The maxes at the block's start.</summary>
    public MaxEstimates Maxes { get; }

    /// <summary>Every finding with the coach's word on it.</summary>
    public IReadOnlyList<ReviewedFinding> Reviewed { get; }

    /// <summary>The findings that ask for something.</summary>
    public IReadOnlyList<Finding> Findings { get; }

    /// <summary>How one-sided work is done.</summary>
    public SidePlan Sides { get; }

    /// <summary>Whether it is the first block of a novice over 50.</summary>
    public bool StartsLate { get; }

    /// <summary>What pain and health allow.</summary>
    public TrainingCaps Caps { get; }

    /// <summary>What loads can be made.</summary>
    public Loader Loader { get; private init; }

    /// <summary>The same with what there is on a day of the week; itself where that is the usual kit.</summary>
    public PreparedCase On(Weekday day)
    {
        Equipment there = Case.EquipmentOn(day);
        return ReferenceEquals(there, Case.Equipment)
            ? this
            : this with
            {
                Case = Case with { Equipment = there },
                Loader = new Loader(there),
            };
    }

    /// <summary>The body of the model.</summary>
    public Lifter Lifter { get; }

    /// <summary>Which rungs are open.</summary>
    public LadderProgress Ladders => _ladders.Value;

    /// <summary>What the client does now, hard sets a week by muscle; null without a log.</summary>
    public IReadOnlyDictionary<Muscle, double>? WeeklyNow =>
        Selection.WeeklyNow.Of(Case.Log, Catalogue, Case.Block.Start, Case.Schools.SetCounting);

    /// <summary>Whether pain that asks for a change covers squat and hinge both; what covers one leaves the other as planned
    /// (docs/handbook/07-pain-and-health.md).</summary>
    public OpenPain OpenPain => Caps.Hurts(Pattern.Squat) && Caps.Hurts(Pattern.Hinge) ? OpenPain.Yes : OpenPain.No;

    /// <summary>External kilograms of an exercise's 1RM, 0 where none is known.</summary>
    public double LoadKg(Exercise exercise) =>
        Maxes.Find(exercise.Id) is { } max ? Math.Max(0, max.Kilograms - exercise.BodyFraction * Client.MassKg) : 0;

    /// <summary>Part of 1RM that skill work stays under: ten points under the load at which the fault starts
    /// (docs/handbook/11-prescription.md).</summary>
    public double SkillCapOf(Exercise exercise) =>
        Case
            .Faults.Where(fault => Catalogue[fault.Lift].Pattern == exercise.Pattern && fault.FromPercent is not null)
            .Select(fault => Math.Max(0, fault.FromPercent!.Value - PrescriptionRules.SkillBelowFault) / 100)
            .DefaultIfEmpty(1)
            .Min();

    /// <summary>Whether an exercise works muscles whose sides were tested and differ.</summary>
    public bool WorksWhatWasTested(Exercise exercise) => exercise.PrimeMovers.Any(Sides.Tested.Contains);

    /// <summary>The cue for the fault that this client shows in an exercise: of faults behind an open finding, the gravest first.</summary>
    public FaultCue? CueOf(Exercise exercise) => FaultCue.For(exercise, _open.Value, Catalogue);

    private IReadOnlyList<LiftFault> OpenFaults() =>
        [
            .. Findings
                .OrderByDescending(finding => finding.Weight)
                .SelectMany(finding => finding.Evidence.Select(one => one.Measure).OfType<Measure.Fault>())
                .Where(fault => fault.Entry < Case.Faults.Count)
                .Select(fault => Case.Faults[fault.Entry])
                .Distinct(),
        ];

    /// <summary>Heights to set for an exercise.</summary>
    public SetUp SetUpOf(Exercise exercise, HeightCourse course)
    {
        int boxRung = Math.Max(1, Case.Ladders.FirstOrDefault(rung => rung.Ladder == Codes.Of(LadderId.BoxSquat))?.Rung ?? 1);
        return SetUp.Of(exercise, Case.Screen, Case.Faults, boxRung, course);
    }

    /// <summary>The same as it was known at the block's start: what is logged in it moves loads, never the choice. Itself where nothing
    /// came after.</summary>
    public PreparedCase AtStart()
    {
        LogDay[] log = [.. Case.Log.Where(day => day.Date < Case.Block.Start)];
        StrengthEntry[] strength = [.. Case.Strength.Where(entry => entry.Date is not { } date || date < Case.Block.Start)];
        return log.Length == Case.Log.Count && strength.Length == Case.Strength.Count
            ? this
            : Of(Case with { Log = log, Strength = strength }, Catalogue);
    }
}
