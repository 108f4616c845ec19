using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core;

/// <summary>The chain from case to plan: caution, maxes, findings, body, lifts, block, checks. The same case gives the same plan.</summary>
public sealed class Planner(ExerciseCatalogue catalogue, IChooser chooser, IWeekLayout layout)
{
    private readonly CaseFindings _findings = new(catalogue);

    /// <summary>Makes the plan of a case. With a referral that stops training there is no block, whatever else is asked for.</summary>
    public Plan Make(ClientCase @case) => Finish(Prepare(@case), @case.Edits);

    /// <summary>Everything but the coach's edits: they can then be tried again and again.</summary>
    public PreparedPlan Prepare(ClientCase @case)
    {
        Referral? referral = HealthReferral.From(@case.Client.Health, @case.Pain);
        MaxEstimates maxes = MaxEstimates.Of(@case.Client, catalogue, @case.Strength, @case.Log, @case.Block.Start);
        var plan = new Plan
        {
            Case = @case.Client.Name,
            Referral = referral,
            Findings = FindingReview.Open(_findings.Review(@case, maxes)),
            Squats = SquatsOf(@case, maxes),
            Maxes = maxes.Measured,
        };
        IReadOnlyList<Check> referred = referral is null ? [] : [new Check.ReferralOpen(referral.Level)];
        if (referral?.Level is ReferralLevel.Stop)
            return new PreparedPlan(plan with { Checks = referred }, null);

        OpenPain openPain = @case.Pain.Any(entry => PainScore.LevelOf(entry) is not PainLevel.Watch) ? OpenPain.Yes : OpenPain.No;
        KindDecision kind = BlockKindChoice.Decide(
            new KindInput(
                @case.Block,
                @case.Client,
                @case.Log,
                BlockKindChoice.LacksSkill(plan.Findings, @case.Faults, catalogue),
                @case.LastKind,
                openPain
            )
        );
        IReadOnlyList<SplitDay> week = new DaySplit(@case.Client, @case.Block, catalogue).LayOut(layout);
        WeeklySets limits = LimitsOf(@case, kind.Kind, week);
        RoleCost cost = CostOf(@case, kind.Kind, week, limits, SidesOf(plan.Findings), maxes);
        var loader = new Loader(@case.Equipment);
        ExerciseChoice selection = ChooseAtStart(@case, maxes, plan.Findings, loader, kind.Kind, cost, week);
        var input = new BlockInput
        {
            Client = @case.Client,
            Schools = @case.Schools,
            Request = @case.Block,
            Week = week,
            Catalogue = catalogue,
            Loader = loader,
            Maxes = maxes,
            Cost = cost,
            Sides = SidesOf(plan.Findings),
            SkillCap = exercise => SkillCapOf(exercise, @case.Faults),
            SetUpOf = exercise => SetUp.Of(exercise, @case.Screen, @case.Faults, BoxRungOf(@case)),
            Away = LayOff.Of(@case.Log, @case.Block.Start),
            Back = ReturnToTraining.Of(@case.Pain, @case.Log, @case.Block.Start),
        };
        Block block =
            @case.Base is BlockBase.Made ? new BlockBuilder(input).Build(kind.Kind, selection) : BlockBuilder.Empty(kind.Kind, input);
        var editor = new BlockEditor(input, kind.Kind, new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start));
        return new PreparedPlan(
            plan with
            {
                Kind = kind,
                Selection = selection,
                Block = block,
                Attempts = Attempts.Of(kind.Kind, selection, maxes, loader, @case.Client.MassKg),
                Checks = [.. referred, .. SelectionChecks.Run(selection)],
            },
            new BlockEditing(editor, new BlockReviewer(ContextOf(@case, limits)), maxes)
        );
    }

    /// <summary>The plan with these edits. One basis serves one caller at a time.</summary>
    public static Plan Finish(PreparedPlan basis, IReadOnlyList<BlockEdit> edits)
    {
        if (basis.Plan.Block is not { } made || basis.Desk is not { } desk)
            return basis.Plan;
        EditedBlock edited = edits.Count == 0 ? new EditedBlock(made, []) : desk.Editor.Apply(made, edits);
        BlockReview review = desk.Reviewer.Review(edited.Block);
        return basis.Plan with
        {
            Maxes = WithThoseUsed(desk.Maxes, edited.Block, basis.Plan.Selection),
            Block = edited.Block,
            Refused = edited.Refused,
            Ledger = review.Ledger,
            Totals = review.Totals,
            Checks = [.. basis.Plan.Checks, .. review.Checks],
        };
    }

    /// <summary>What the checks know besides the block.</summary>
    private CheckContext ContextOf(ClientCase @case, WeeklySets limits) =>
        new()
        {
            Client = @case.Client,
            Equipment = @case.Equipment,
            Catalogue = catalogue,
            Caps = new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start),
            Ladders = new LadderProgress(@case.Client, @case.Schools.Sides, catalogue, @case.Ladders, @case.Strength, @case.Log),
            Limits = limits,
            Counting = @case.Schools.SetCounting,
            Now = WeeklyNow.Of(@case.Log, catalogue, @case.Block.Start, @case.Schools.SetCounting),
            Last = LastLoads.Of(@case.Log, @case.Block.Start),
        };

    private WeeklySets LimitsOf(ClientCase @case, BlockKind kind, IReadOnlyList<SplitDay> week) =>
        new(
            @case.Client,
            kind,
            WeeklySets.Upper(week),
            WeeklyNow.Of(@case.Log, catalogue, @case.Block.Start, @case.Schools.SetCounting) ?? new Dictionary<Muscle, double>()
        );

    private RoleCost CostOf(
        ClientCase @case,
        BlockKind kind,
        IReadOnlyList<SplitDay> week,
        WeeklySets limits,
        SidePlan sides,
        MaxEstimates maxes
    )
    {
        BlockKindRule rule = BlockKindRule.Of(kind);
        int leastMain = kind is BlockKind.Return ? ReturnToTraining.MostSets(@case.Block.Weeks) : rule.LeastMainSets;
        LiftsADay lifts = WeekLifts.HasThrust(@case.Client, catalogue) ? LiftsADay.Three : LiftsADay.Two;
        return RoleCost.For(
            rule.Aim,
            rule.SetsFactor,
            leastMain,
            WeekLifts.LegDays(week).Count,
            lifts,
            limits.Of(Muscle.GluteusMaximus).StartMost,
            WeeklySets.AxialBudget(@case.Client, @case.Block.Start).Session,
            sides,
            exercise => maxes.Find(exercise.Id) is not null
        );
    }

    /// <summary>The exercises of a block are chosen from what was known at its start: what is logged in it moves loads, never the
    /// choice.</summary>
    private ExerciseChoice ChooseAtStart(
        ClientCase @case,
        MaxEstimates now,
        IReadOnlyList<Finding> open,
        Loader loader,
        BlockKind kind,
        ISetCost cost,
        IReadOnlyList<SplitDay> week
    )
    {
        ClientCase start = AtStart(@case);
        bool same = ReferenceEquals(start, @case);
        MaxEstimates maxes = same ? now : MaxEstimates.Of(start.Client, catalogue, start.Strength, start.Log, start.Block.Start);
        IReadOnlyList<Finding> findings = same ? open : FindingReview.Open(_findings.Review(start, maxes));
        return ExerciseSelector.Choose(ToSelect(start, findings, maxes, loader, kind, cost, week), chooser);
    }

    /// <summary>The case without what came after the block's start; the case itself where nothing did.</summary>
    private static ClientCase AtStart(ClientCase @case)
    {
        LogDay[] log = [.. @case.Log.Where(day => day.Date < @case.Block.Start)];
        StrengthEntry[] strength = [.. @case.Strength.Where(entry => entry.Date is not { } date || date < @case.Block.Start)];
        return log.Length == @case.Log.Count && strength.Length == @case.Strength.Count
            ? @case
            : @case with
            {
                Log = log,
                Strength = strength,
            };
    }

    private SelectionInput ToSelect(
        ClientCase @case,
        IReadOnlyList<Finding> findings,
        MaxEstimates maxes,
        Loader loader,
        BlockKind kind,
        ISetCost cost,
        IReadOnlyList<SplitDay> week
    ) =>
        new()
        {
            Client = @case.Client,
            Equipment = @case.Equipment,
            Schools = @case.Schools,
            Catalogue = catalogue,
            Findings = findings,
            Caps = new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start),
            Loader = loader,
            Ladders = new LadderProgress(@case.Client, @case.Schools.Sides, catalogue, @case.Ladders, @case.Strength, @case.Log),
            Lifter = LifterOf(@case),
            LoadKg = exercise =>
                maxes.Find(exercise.Id) is { } max ? Math.Max(0, max.Kilograms - exercise.BodyFraction * @case.Client.MassKg) : 0,
            Picks = @case.Picks,
            Log = @case.Log,
            Kind = kind,
            Block = @case.Block,
            Cost = cost,
            Week = week,
        };

    private static Lifter LifterOf(ClientCase @case) =>
        Lifter.Of(@case.Client, @case.Screen.KneeToWallCm?.Smaller, @case.Screen.HipFlexionDeg);

    /// <summary>The weaker side goes first; its evidence says how far behind it is.</summary>
    private static SidePlan SidesOf(IReadOnlyList<Finding> findings) =>
        findings.FirstOrDefault(finding => finding.Code is FindingCode.SideAsymmetry && finding.Side is not null) is { } gap
            ? SidePlan.Weaker(gap.Side!.Value, gap.Evidence.Select(piece => piece.Value).OfType<Reading.Number>().FirstOrDefault()?.Value)
            : SidePlan.Even;

    private static int BoxRungOf(ClientCase @case) =>
        Math.Max(1, @case.Ladders.FirstOrDefault(rung => rung.Ladder == Codes.Of(LadderId.BoxSquat))?.Rung ?? 1);

    /// <summary>Skill work stays ten points of 1RM under the load at which the fault starts (docs/handbook/11-prescription.md).</summary>
    private double SkillCapOf(Exercise exercise, IReadOnlyList<LiftFault> faults) =>
        faults
            .Where(fault => catalogue[fault.Lift].Pattern == exercise.Pattern && fault.FromPercent is not null)
            .Select(fault => Math.Max(0, fault.FromPercent!.Value - PrescriptionRules.SkillBelowFault) / 100)
            .DefaultIfEmpty(1)
            .Min();

    /// <summary>What can stand in for a plan's exercises on the floor, with loads.</summary>
    public Substitution Substitutes(ClientCase @case, Plan plan) =>
        new(
            catalogue,
            new Loader(@case.Equipment),
            MaxEstimates.Of(@case.Client, catalogue, @case.Strength, @case.Log, @case.Block.Start),
            new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start),
            @case.Client.MassKg,
            SidesOf(plan.Findings)
        );

    /// <summary>Why an exercise cannot be done by a client now; null when it can.</summary>
    public Func<Exercise, PassedOver?> JudgeFor(ClientCase @case)
    {
        MaxEstimates maxes = MaxEstimates.Of(@case.Client, catalogue, @case.Strength, @case.Log, @case.Block.Start);
        IReadOnlyList<Finding> findings = FindingReview.Open(_findings.Review(@case, maxes));
        var ladders = new LadderProgress(@case.Client, @case.Schools.Sides, catalogue, @case.Ladders, @case.Strength, @case.Log);
        return new Eligibility(
            @case.Client,
            @case.Picks,
            @case.Equipment,
            new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start),
            ladders,
            findings,
            new Loader(@case.Equipment)
        ).Judge;
    }

    /// <summary>The findings of a case alone, each with the coach's word on it.</summary>
    public IReadOnlyList<ReviewedFinding> Review(ClientCase @case) =>
        _findings.Review(@case, MaxEstimates.Of(@case.Client, catalogue, @case.Strength, @case.Log, @case.Block.Start));

    private static IReadOnlyList<SquatStanding> SquatsOf(ClientCase @case, MaxEstimates maxes) =>
        SquatSurvey.Of(LifterOf(@case), exercise => maxes.Find(exercise)?.Kilograms ?? 0);

    /// <summary>The measured maxes, and those by ratio that the block stands on.</summary>
    private static IReadOnlyList<OneRepMax> WithThoseUsed(MaxEstimates maxes, Block block, ExerciseChoice selection) =>
        [
            .. maxes
                .Measured.Concat(
                    selection
                        .All.Select(chosen => chosen.Exercise.Id)
                        .Concat(
                            block.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items).Select(item => item.Exercise)
                        )
                        .Distinct()
                        .Select(id => maxes.Find(id))
                        .OfType<OneRepMax>()
                )
                .DistinctBy(max => (max.Exercise, max.Side))
                .OrderBy(max => max.Exercise, StringComparer.Ordinal)
                .ThenBy(max => max.Side),
        ];
}

/// <summary>A plan before the coach's edits.</summary>
/// <param name="Plan">The plan with its block as made; ledger and remarks of the block are counted with the edits.</param>
/// <param name="Desk">What lays edits over it; null where there is no block.</param>
public sealed record PreparedPlan(Plan Plan, BlockEditing? Desk);

/// <summary>What lays edits over a block and counts it again.</summary>
public sealed record BlockEditing(BlockEditor Editor, BlockReviewer Reviewer, MaxEstimates Maxes);
