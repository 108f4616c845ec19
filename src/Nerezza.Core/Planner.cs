using Nerezza.Core.Blocks;
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
public sealed class Planner(ExerciseCatalogue catalogue, IChooser chooser)
{
    /// <summary>Makes the plan of a case. With a referral that stops training there is no block, whatever else is asked for.</summary>
    public Plan Make(ClientCase @case)
    {
        Referral? referral = HealthReferral.From(@case.Client.Health, @case.Pain);
        MaxBook maxes = MaxBook.Of(@case.Client, catalogue, @case.Strength, @case.Log, @case.Block.Start);
        var plan = new Plan { Case = @case.Client.Name, Referral = referral, Findings = FindingReview.Open(Review(@case, referral, maxes)), Squats = SquatsOf(@case, maxes), Maxes = maxes.Measured };
        IReadOnlyList<Check> referred = referral is null
            ? []
            : [new Check(CheckCode.ReferralOpen, referral.Level is ReferralLevel.Stop ? CheckSeverity.Stop : CheckSeverity.Warn)];
        if (referral?.Level is ReferralLevel.Stop) return plan with { Checks = referred };

        OpenPain openPain = @case.Pain.Any(entry => PainScore.LevelOf(entry) is not PainLevel.Watch) ? OpenPain.Yes : OpenPain.No;
        BlockKind kind = BlockKindChoice.Decide(@case.Block, @case.Client, @case.Log, openPain);
        BlockKindRule rule = BlockKindRule.Of(kind);
        RoleCost cost = CostOf(@case, kind, rule);
        var loader = new Loader(@case.Equipment);
        ExerciseChoice selection = ChooseAtStart(@case, loader, kind, cost);
        var builder = new BlockBuilder(new BlockInput(@case.Client, @case.Schools, @case.Block, catalogue, loader, maxes, cost, SidesOf(plan.Findings), exercise => SkillCapOf(exercise, @case.Faults), exercise => SetUp.Of(exercise, @case.Screen, @case.Faults, BoxRungOf(@case))));
        Block block = builder.Build(kind, selection);
        var ledger = new Ledger(catalogue, @case.Schools.SetCounting, LimitsOf(@case, kind));
        IReadOnlyList<MuscleLedger> rows = ledger.Of(block);
        IReadOnlyList<WeekTotals> totals = ledger.Totals(block);
        return plan with
        {
            Maxes = WithThoseUsed(maxes, selection),
            Selection = selection,
            Block = block,
            Ledger = rows,
            Totals = totals,
            Checks = [.. referred, .. SelectionChecks.Run(selection), .. BlockChecks.Run(block, @case.Client, catalogue), .. WeekChecks.Run(block, @case.Client, catalogue), .. LoadChecks.Run(block, rows, totals, @case.Client, catalogue)],
        };
    }

    private WeeklySets LimitsOf(ClientCase @case, BlockKind kind) => new(
        @case.Client, kind, WeeklySets.Upper(DaySplit.Of(@case.Client.Days, @case.Block)),
        WeeklyNow.Of(@case.Log, catalogue, @case.Block.Start, @case.Schools.SetCounting) ?? new Dictionary<Muscle, double>());

    private RoleCost CostOf(ClientCase @case, BlockKind kind, BlockKindRule rule)
    {
        IReadOnlyList<SplitDay> week = DaySplit.Of(@case.Client.Days, @case.Block);
        double glutes = LimitsOf(@case, kind).Of(Muscle.GluteusMaximus).StartMost;
        LiftsADay lifts = WeekLifts.HasThrust(@case.Client, catalogue) ? LiftsADay.Three : LiftsADay.Two;
        return RoleCost.For(rule.Aim, rule.SetsFactor, WeekLifts.LegDays(week).Count, lifts, glutes, WeeklySets.AxialBudget(@case.Client, @case.Block.Start).Session);
    }

    /// <summary>The exercises of a block are chosen from what was known at its start: what is logged in it moves loads, never the choice.</summary>
    private ExerciseChoice ChooseAtStart(ClientCase @case, Loader loader, BlockKind kind, ISetCost cost)
    {
        ClientCase start = @case with
        {
            Log = [.. @case.Log.Where(day => day.Date < @case.Block.Start)],
            Strength = [.. @case.Strength.Where(entry => entry.Date is not { } date || date < @case.Block.Start)],
        };
        MaxBook maxes = MaxBook.Of(start.Client, catalogue, start.Strength, start.Log, start.Block.Start);
        IReadOnlyList<Finding> findings = FindingReview.Open(Review(start, HealthReferral.From(start.Client.Health, start.Pain), maxes));
        return SelectionBook.Choose(ToSelect(start, findings, maxes, loader, kind, cost), chooser);
    }

    private SelectionInput ToSelect(ClientCase @case, IReadOnlyList<Finding> findings, MaxBook maxes, Loader loader, BlockKind kind, ISetCost cost) => new()
    {
        Client = @case.Client,
        Equipment = @case.Equipment,
        Schools = @case.Schools,
        Catalogue = catalogue,
        Findings = findings,
        Caps = new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start),
        Loader = loader,
        Ladders = new LadderBook(@case.Client, @case.Schools.Sides, catalogue, @case.Ladders, @case.Strength, @case.Log),
        Lifter = LifterOf(@case),
        LoadKg = exercise => maxes.Find(exercise.Id) is { } max ? Math.Max(0, max.Kilograms - exercise.BodyFraction * @case.Client.MassKg) : 0,
        Picks = @case.Picks,
        Log = @case.Log,
        Kind = kind,
        Block = @case.Block,
        Cost = cost,
    };

    private static Lifter LifterOf(ClientCase @case) => Lifter.Of(@case.Client, @case.Screen.KneeToWallCm?.Smaller, @case.Screen.HipFlexionDeg);

    /// <summary>The weaker side goes first; its evidence says how far behind it is.</summary>
    private static SidePlan SidesOf(IReadOnlyList<Finding> findings) => findings.FirstOrDefault(finding => finding.Code is FindingCode.SideAsymmetry && finding.Side is not null) is { } gap
        ? SidePlan.Weaker(gap.Side!.Value, gap.Evidence.Select(piece => piece.Value).OfType<double>().Cast<double?>().FirstOrDefault())
        : SidePlan.Even;

    private static int BoxRungOf(ClientCase @case) => Math.Max(1, @case.Ladders.FirstOrDefault(rung => rung.Ladder == Codes.Of(LadderId.BoxSquat))?.Rung ?? 1);

    /// <summary>Skill work stays ten points of 1RM under the load at which the fault starts (handbook 11).</summary>
    private double SkillCapOf(Exercise exercise, IReadOnlyList<LiftFault> faults) => faults
        .Where(fault => catalogue[fault.Lift].Pattern == exercise.Pattern && fault.FromPercent is not null)
        .Select(fault => Math.Max(0, fault.FromPercent!.Value - PrescriptionRules.SkillBelowFault) / 100).DefaultIfEmpty(1).Min();

    /// <summary>What can stand in for a plan's exercises on the floor, with loads.</summary>
    public Substitution Substitutes(ClientCase @case, Plan plan) => new(
        catalogue, new Loader(@case.Equipment), MaxBook.Of(@case.Client, catalogue, @case.Strength, @case.Log, @case.Block.Start),
        new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start), @case.Client.MassKg, SidesOf(plan.Findings));

    /// <summary>The findings of a case alone, each with the coach's word on it.</summary>
    public IReadOnlyList<ReviewedFinding> Review(ClientCase @case) =>
        Review(@case, HealthReferral.From(@case.Client.Health, @case.Pain), MaxBook.Of(@case.Client, catalogue, @case.Strength, @case.Log, @case.Block.Start));

    private IReadOnlyList<ReviewedFinding> Review(ClientCase @case, Referral? referral, MaxBook maxes)
    {
        IReadOnlyList<KnownMax> known = [.. maxes.Measured.Select(max => new KnownMax(max.Exercise, max.Side, max.Kilograms, maxes.NewestSetOn(max.Exercise, max.Side)))];
        IReadOnlyList<Finding> found = new FindingBook(catalogue).Find(new FindingInput(
            @case.Client, @case.Screen, @case.Faults, @case.Pain, referral, known, maxes.Today, @case.Block.Weeks));
        return FindingReview.Of(found, @case.Decisions);
    }

    private static IReadOnlyList<SquatStanding> SquatsOf(ClientCase @case, MaxBook maxes) => SquatSurvey.Of(
        LifterOf(@case),
        exercise => maxes.Find(exercise)?.Kilograms ?? 0);

    /// <summary>The measured maxes, and those by ratio that the block stands on.</summary>
    private static IReadOnlyList<OneRepMax> WithThoseUsed(MaxBook maxes, ExerciseChoice selection) =>
    [
        .. maxes.Measured
            .Concat(selection.All.Select(chosen => maxes.Find(chosen.Exercise.Id)).OfType<OneRepMax>())
            .DistinctBy(max => (max.Exercise, max.Side))
            .OrderBy(max => max.Exercise, StringComparer.Ordinal).ThenBy(max => max.Side),
    ];
}
