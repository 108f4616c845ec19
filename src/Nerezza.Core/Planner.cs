using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core;

/// <summary>The chain from case to plan: caution, maxes, findings, body, lifts, block, checks. The same case gives the same plan.</summary>
public sealed class Planner(ExerciseCatalogue catalogue, IChooser chooser, IWeekLayout layout)
{
    /// <summary>Makes the plan of a case. With a referral that stops training there is no block, whatever else is asked for.</summary>
    public Plan Make(ClientCase @case) => Finish(Prepare(@case), @case.Edits);

    /// <summary>Everything but the coach's edits.</summary>
    public PreparedPlan Prepare(ClientCase @case)
    {
        Referral? referral = HealthReferral.From(@case.Client.Health, @case.Pain);
        PreparedCase prepared = PreparedCase.Of(@case, catalogue);
        var plan = new Plan
        {
            Case = @case.Client.Name,
            Referral = referral,
            Findings = prepared.Findings,
            Squats = SquatSurvey.Of(prepared.Lifter, exercise => prepared.Maxes.Find(exercise)?.Kilograms ?? 0),
            Maxes = prepared.Maxes.Measured,
            Bias = prepared.Maxes.Bias,
            Checks = referral is null ? [] : [new Check.ReferralOpen(referral.Level)],
        };
        if (referral?.Level is ReferralLevel.Stop)
            return new PreparedPlan.Stopped(plan);

        KindDecision kind = BlockKindChoice.Decide(ToDecide(prepared));
        IReadOnlyList<SplitDay> week = new DaySplit(@case.Client, @case.Block, catalogue, MainOrder.WorstOf(prepared)).LayOut(layout);
        var limits = new WeeklySets(@case.Client, kind.Kind, week, prepared.WeeklyNow ?? new Dictionary<Muscle, double>());
        RoleCost cost = CostOf(prepared.AtStart(), kind.Kind);
        ExerciseChoice selection = ExerciseSelector.Choose(ToSelect(prepared.AtStart(), kind.Kind, cost, week), chooser);
        BlockInput input = ToBuild(prepared, cost, week);
        CheckContext context = ToReview(prepared, limits);
        Block block = BlockBuilder.Empty(kind.Kind, input);
        if (@case.Base is BlockBase.Made)
        {
            (selection, block, IReadOnlyList<Check> left) = new OwnRules(
                new BlockBuilder(input),
                new BlockReviewer(context),
                kind.Kind,
                cost
            ).Kept(selection);
            context = context with { Left = left, Answered = AnsweredBy(block, prepared.Findings) };
        }
        return new PreparedPlan.Made(
            plan with
            {
                Kind = kind,
                Selection = selection,
                Block = block,
                Attempts = Attempts.Of(block, prepared.Client, selection, prepared.Maxes),
                Checks = [.. plan.Checks, .. SelectionChecks.Run(selection)],
            },
            block,
            new BlockEditor(input, kind.Kind, prepared.Caps),
            new BlockReviewer(context),
            prepared.Maxes
        );
    }

    /// <summary>The plan with these edits.</summary>
    public static Plan Finish(PreparedPlan basis, IReadOnlyList<BlockEdit> edits)
    {
        if (basis is not PreparedPlan.Made made)
            return basis.Plan;
        EditedBlock edited = edits.Count == 0 ? EditedBlock.AsMade(made.Block) : made.Editor.Apply(made.Block, edits);
        BlockReview review = made.Reviewer.Review(edited.Block);
        return made.Plan with
        {
            Maxes = WithThoseUsed(made.Maxes, edited.Block, made.Plan.Selection),
            Block = edited.Block,
            Refused = edited.Refused,
            Instead = edited.Instead,
            Ledger = review.Ledger,
            Totals = review.Totals,
            Checks = [.. made.Plan.Checks, .. review.Checks],
        };
    }

    /// <summary>What can stand in for a plan's exercises on the floor, with loads.</summary>
    /// <returns>By day of the week, whose kit counts.</returns>
    public Func<Weekday, Substitution> Substitutes(ClientCase @case)
    {
        PreparedCase prepared = PreparedCase.Of(@case, catalogue);
        return day => new Substitution(
            catalogue,
            prepared.On(day).Loader,
            prepared.Maxes,
            prepared.Caps,
            @case.Client.MassKg,
            prepared.Sides
        );
    }

    /// <summary>Why an exercise cannot be done by a client now; null when it can.</summary>
    public Func<Exercise, PassedOver?> JudgeFor(ClientCase @case) => new Eligibility(PreparedCase.Of(@case, catalogue)).Judge;

    /// <summary>The findings of a case alone, each with the coach's word on it.</summary>
    public IReadOnlyList<ReviewedFinding> Review(ClientCase @case) => PreparedCase.Of(@case, catalogue).Reviewed;

    private static KindInput ToDecide(PreparedCase prepared) =>
        new(
            prepared.Case.Block,
            prepared.Client,
            prepared.Case.Log,
            BlockKindChoice.LacksSkill(prepared.Findings, prepared.Case.Faults, prepared.Catalogue),
            prepared.Case.LastKind,
            prepared.OpenPain
        );

    private static RoleCost CostOf(PreparedCase prepared, BlockKind kind)
    {
        BlockKindRule rule = BlockKindRule.Of(kind);
        int leastMain = kind is BlockKind.Return ? ReturnToTraining.MostSets(prepared.Case.Block.Weeks) : rule.LeastMainSets;
        LayOff away = LayOff.Of(prepared.Case.Log, prepared.Case.TrainsUntil, prepared.Case.Block.Start);
        return new RoleCost(
            rule.Aim,
            rule.SetsFactor,
            leastMain,
            prepared.Sides,
            exercise => ReturnToTraining.Spares(kind, away, exercise),
            exercise => prepared.Maxes.Find(exercise.Id) is not null
        );
    }

    private static SelectionInput ToSelect(PreparedCase prepared, BlockKind kind, ISetCost cost, IReadOnlyList<SplitDay> week) =>
        new()
        {
            Prepared = prepared,
            Kind = kind,
            Cost = cost,
            Week = week,
        };

    private static BlockInput ToBuild(PreparedCase prepared, ISetCost cost, IReadOnlyList<SplitDay> week) =>
        new()
        {
            Client = prepared.Client,
            Schools = prepared.Case.Schools,
            Request = prepared.Case.Block,
            Week = week,
            Catalogue = prepared.Catalogue,
            Loader = prepared.Loader,
            LoaderOn = day => prepared.On(day).Loader,
            Maxes = prepared.Maxes,
            Cost = cost,
            Sides = prepared.Sides,
            StartsLate = prepared.StartsLate,
            SkillCap = prepared.SkillCapOf,
            SetUpOf = prepared.SetUpOf,
            Ladders = prepared.Ladders,
            EventLoads = new EventLoads(prepared.Client, prepared.Case.Log, prepared.Loader),
            CueOf = prepared.CueOf,
            FirstAmrapWeek = CalibratingSets.FirstWeek(prepared.Case.Log, prepared.Case.Block.Start),
            Away = LayOff.Of(prepared.Case.Log, prepared.Case.TrainsUntil, prepared.Case.Block.Start),
            Back = ReturnToTraining.Of(prepared.Case.Pain, prepared.Case.Log, prepared.Case.Block.Start),
        };

    private static CheckContext ToReview(PreparedCase prepared, WeeklySets limits) =>
        new()
        {
            Focus = prepared.Case.Block.Focus,
            Client = prepared.Client,
            EquipmentOn = prepared.Case.EquipmentOn,
            Catalogue = prepared.Catalogue,
            Caps = prepared.Caps,
            Ladders = prepared.Ladders,
            Limits = limits,
            Counting = prepared.Case.Schools.SetCounting,
            Now = prepared.WeeklyNow,
            Last = LastLoads.Of(prepared.Case.Log, prepared.Case.Block.Start),
            NextAbove = (exercise, load) => prepared.Loader.MeansFor(exercise, load.Kilograms).NextAbove(load),
        };

    private static IReadOnlyList<Finding> AnsweredBy(Block block, IReadOnlyList<Finding> findings)
    {
        HashSet<FindingCode> there =
        [
            .. block.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items).SelectMany(item => item.Answers),
        ];
        return [.. findings.Where(finding => there.Contains(finding.Code))];
    }

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
                        .Select(id => maxes.FindOrGuess(id))
                        .OfType<OneRepMax>()
                )
                .DistinctBy(max => (max.Exercise, max.Side))
                .OrderBy(max => max.Exercise, StringComparer.Ordinal)
                .ThenBy(max => max.Side),
        ];
}
