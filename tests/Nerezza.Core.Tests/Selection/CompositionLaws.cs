using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Tests.Shared;

namespace Nerezza.Core.Tests.Selection;

/// <summary>The laws of composition (docs/handbook/09-composition.md, docs/handbook/11-prescription.md,
/// docs/handbook/12-weeks-and-blocks.md), over two thousand made-up cases: each law names what breaks it.</summary>
public sealed class CompositionLaws
{
    private const int Cases = 2000;
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    private static readonly (string Name, Func<ClientCase, Plan, IEnumerable<string>> Broken)[] Laws =
    [
        ("the second lift leads no day", SecondIsNoMain),
        ("a floor pull has at most six repetitions, the trap bar eight, and four sets", FloorPulls),
        ("floor pulls at most twice a week but for those that lead", PullsAWeek),
        ("no two forms of one movement in a session but a weak point's and an emphasis's", OneForm),
        ("a deload adds nothing", DeloadAddsNothing),
        ("a test holds the lifts and two light accessories", TestIsShort),
        ("a plan keeps its own rules", KeepsItsRules),
        ("effort rises by at most 1 from one load week to the next", EffortRises),
        ("novices, those over 50 and in a deficit stay at RPE 8", StaysAtEight),
        ("drills, main lifts, then the rest", InOrder),
        ("every slot has a purpose that its reason fits", Purposeful),
        ("two days a week and the kit for it: one-leg work", OneLegWork),
        ("a muscle has at most ten hard sets a session from what is chosen", TenSets),
        ("what the lightest piece allows has a load", Loaded),
        ("warm-ups rise and stay under the work", RampsRise),
        ("at the stop level one form of what pain covers is tried on one day", OneTrial),
        ("a return comes of the goal or of pain that covers squat and hinge", ReturnIsDue),
    ];

    [Fact]
    public void Hold_over_two_thousand_cases()
    {
        int whole = 0;
        Draw.Each(
            Made.Case,
            Cases,
            @case =>
            {
                Plan plan = Planner.Make(@case);
                if (plan.Block is null)
                    return;
                Interlocked.Increment(ref whole);
                List<string> broken = [.. Laws.SelectMany(law => law.Broken(@case, plan).Take(1).Select(what => $"{law.Name}: {what}"))];
                Assert.True(broken.Count == 0, string.Join('\n', broken));
            }
        );
        Assert.True(whole > Cases / 4, $"only {whole} of {Cases} cases have a block");
    }

    private static IEnumerable<PrescribedItem> Items(Week week) => week.Sessions.SelectMany(session => session.Items);

    private static IEnumerable<Week> Of(Plan plan, WeekKind kind) => plan.Block!.Weeks.Where(week => week.Kind == kind);

    private static IEnumerable<string> SecondIsNoMain(ClientCase @case, Plan plan)
    {
        HashSet<string> leads = [.. plan.Selection.Mains.Select(lead => lead.Exercise.Id)];
        return plan
            .Selection.Days.SelectMany(day => day.Lifts)
            .Where(lift => lift.Purpose is Purpose.Second && leads.Contains(lift.Exercise.Id))
            .Select(lift => lift.Exercise.Id);
    }

    private static IEnumerable<string> OneTrial(ClientCase @case, Plan plan)
    {
        var caps = new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start);
        foreach (PainEntry entry in @case.Pain.Where(one => one.Exercise is null && PainScore.LevelOf(one) is PainLevel.Stop))
        foreach (Week week in plan.Block!.Weeks)
        {
            List<string> tried =
            [
                .. Items(week)
                    .Where(item => PainKind.Covers(entry, ExerciseCatalogue.Shipped[item.Exercise]))
                    .Select(item => item.Exercise),
            ];
            if (tried.Count > 1 || tried.Exists(id => caps.TrialsOf(ExerciseCatalogue.Shipped[id]).Any(trial => !trial.Forms.Contains(id))))
                yield return $"{entry.Region} week {week.Number}: {string.Join(", ", tried)}";
        }
    }

    private static IEnumerable<string> ReturnIsDue(ClientCase @case, Plan plan)
    {
        var caps = new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start);
        bool due = @case.Client.Goal is Goal.Return || (caps.Hurts(Pattern.Squat) && caps.Hurts(Pattern.Hinge));
        if (@case.Block.Kind is BlockKind.Auto && due != (plan.Kind!.Kind is BlockKind.Return))
            yield return $"{plan.Kind}";
    }

    private static IEnumerable<string> FloorPulls(ClientCase @case, Plan plan) =>
        plan.Block!.Weeks.SelectMany(Items)
            .Where(item => ExerciseCatalogue.Shipped[item.Exercise].FromFloor && item.Exercise is not "stiff-leg-deadlift")
            .Where(item => item.Sets.Any(set => set.Reps > (item.Exercise is "trap-bar-deadlift" ? 8 : 6)) || item.SetsASide > 4)
            .Select(item => $"{item.Exercise} {item.SetsASide} x {item.Sets[0].Reps}");

    private static IEnumerable<string> PullsAWeek(ClientCase @case, Plan plan)
    {
        List<Chosen> pulls =
        [
            .. plan
                .Selection.Days.SelectMany(day => day.Lifts)
                .Where(lift =>
                    SlotKinds.MovementOf(lift.Exercise.Id) == "floor-pulls"
                    && lift.Purpose is not (Purpose.Learn or Purpose.Prime)
                    && lift.Turn?.Weeks is not TurnWeeks.Even
                ),
        ];
        int leading = pulls.Count(pull => pull.Purpose is Purpose.Main);
        if (pulls.Count > Math.Max(2, leading))
            yield return string.Join(", ", pulls.Select(pull => pull.Exercise.Id));
    }

    private static IEnumerable<string> OneForm(ClientCase @case, Plan plan) =>
        plan.Selection.Days.SelectMany(day =>
            day.Lifts.Where(lift =>
                    lift.Purpose is not (Purpose.WeakPoint or Purpose.Emphasis or Purpose.Learn or Purpose.Prime or Purpose.Event)
                    && lift.Reason is not ChosenReason.Picked
                    && lift.Turn?.Weeks is not TurnWeeks.Even
                )
                .GroupBy(lift => SlotKinds.MovementOf(lift.Exercise.Id))
                .Where(form => form.Count() > 1)
                .Select(form => $"{day.Weekday} {string.Join(", ", form.Select(lift => lift.Exercise.Id))}")
        );

    private static IEnumerable<string> DeloadAddsNothing(ClientCase @case, Plan plan)
    {
        foreach ((Week before, Week deload) in plan.Block!.Weeks.Zip(plan.Block.Weeks.Skip(1)))
        {
            if (before.Kind is not WeekKind.Load || deload.Kind is not WeekKind.Deload)
                continue;
            foreach (Session session in deload.Sessions)
            {
                Session was = before.Sessions.Single(other => other.Day == session.Day);
                if (session.Items.Any(item => !was.Items.Any(other => other.Exercise == item.Exercise)))
                    yield return $"week {deload.Number} {session.Day} has what was not there";
                if (session.Items.Sum(item => item.SetsASide) > was.Items.Sum(item => item.SetsASide))
                    yield return $"week {deload.Number} {session.Day} has more sets";
            }
        }
    }

    private static IEnumerable<string> TestIsShort(ClientCase @case, Plan plan) =>
        Of(plan, WeekKind.Test)
            .SelectMany(week => week.Sessions)
            .Where(session => session.Items.Count(item => item.Purpose is not Purpose.Main) > 2)
            .Select(session => $"{session.Day}: {string.Join(", ", session.Items.Select(item => item.Exercise))}");

    /// <summary>What may stand in a plan as made, named and not warned of: kit, minutes or caution leave no mend.</summary>
    private static readonly CheckCode[] MayBeLeft =
    [
        CheckCode.PushPullImbalance,
        CheckCode.PatternMissing,
        CheckCode.RectusFemorisMissing,
        CheckCode.SessionTooLong,
        CheckCode.SessionCap,
        CheckCode.AxialBudget,
        CheckCode.WeeklyHigh,
        CheckCode.TooLight,
        CheckCode.JumpTooBig,
        CheckCode.SportClash,
        CheckCode.LungeSpacing,
    ];

    private static IEnumerable<string> KeepsItsRules(ClientCase @case, Plan plan) =>
        plan
            .Checks.Where(check =>
                check.Code is not (CheckCode.ReferralOpen or CheckCode.GuardianConsent)
                && (check.Severity is not CheckSeverity.Info || (check.HasNoMend && !MayBeLeft.Contains(check.Code)))
            )
            .Select(check => $"{check}");

    private static IEnumerable<string> EffortRises(ClientCase @case, Plan plan)
    {
        List<Week> weeks = [.. plan.Block!.Weeks];
        for (int i = 1; i < weeks.Count; i++)
        {
            if (weeks[i].Kind is not WeekKind.Load || weeks[i - 1].Kind is not WeekKind.Load)
                continue;
            foreach (Session session in weeks[i].Sessions)
            foreach (PrescribedItem item in session.Items.Where(item => item.Role is Role.Main))
            foreach (
                PrescribedItem was in weeks[i - 1]
                    .Sessions.Where(before => before.Day == session.Day)
                    .SelectMany(before => before.Items)
                    .Where(other => other.Exercise == item.Exercise && other.Role is Role.Main)
            )
                if (item.Ask.Target.Rpe.Value - was.Ask.Target.Rpe.Value > 1.01)
                    yield return $"{item.Exercise} {was.Ask.Target.Rpe.Value} to {item.Ask.Target.Rpe.Value} in week {weeks[i].Number}";
        }
    }

    private static IEnumerable<string> StaysAtEight(ClientCase @case, Plan plan)
    {
        bool care = @case.Client.Level is Level.Novice || @case.Client.AgeIn(@case.Block.Start) > 50 || @case.Client.Diet is Diet.Deficit;
        return care && plan.Block!.Kind is BlockKind.Strength or BlockKind.Muscle && @case.Schools.Progression is Progression.Wave
            ? Of(plan, WeekKind.Load)
                .SelectMany(Items)
                .Where(item => item.Role is Role.Main && item.Sets.Any(set => set.Rpe.Value > 8))
                .Select(item => $"{item.Exercise} {item.Sets.Max(set => set.Rpe.Value)}")
            : [];
    }

    private static IEnumerable<string> InOrder(ClientCase @case, Plan plan) =>
        plan
            .Selection.Days.Where(day =>
                @case.Schools.Isolation is Isolation.After
                && day.Lifts.SkipWhile(lift => lift.Purpose is not Purpose.Main)
                    .SkipWhile(lift => lift.Purpose is Purpose.Main)
                    .Any(lift => lift.Purpose is Purpose.Main or Purpose.Prime or Purpose.Learn)
            )
            .Select(day => $"{day.Weekday}: {string.Join(", ", day.Lifts.Select(lift => $"{lift.Purpose} {lift.Exercise.Id}"))}");

    private static IEnumerable<string> Purposeful(ClientCase @case, Plan plan) =>
        plan
            .Selection.Days.SelectMany(day => day.Lifts)
            .Where(lift =>
                (lift.Purpose is Purpose.WeakPoint && (lift.Answers.Count == 0 || lift.Grade is null))
                || (lift.Purpose is Purpose.PushPull && !Region.IsPush(lift.Exercise) && !Region.IsPull(lift.Exercise))
                || (lift.Purpose is Purpose.Trunk && lift.Exercise.Pattern is not (Pattern.Trunk or Pattern.Carry))
                || (lift.Purpose is Purpose.Emphasis && @case.Client.Emphasis.Count == 0 && @case.Schools.Quads is QuadSchool.Standard)
            )
            .Select(lift => $"{lift.Purpose} {lift.Exercise.Id}");

    private static IEnumerable<string> OneLegWork(ClientCase @case, Plan plan)
    {
        bool asked =
            @case.Client.Days.Count >= 2
            && plan.Block!.Kind is BlockKind.Strength or BlockKind.Muscle
            && @case.Client.Days.All(day => day.Minutes >= 60)
            && @case.Pain.Count == 0
            && @case.Client.Goal is not Goal.Events
            && plan.Referral is null
            && SpineHasRoom(@case, plan)
            // A weak point goes before it.
            && plan.Selection.Days.Any(day => day.Lifts.All(lift => lift.Purpose is not Purpose.WeakPoint));
        Func<Exercise, PassedOver?> judge = Planner.JudgeFor(@case);
        bool able = ExerciseCatalogue.Shipped["split-squat"] is { } plain && judge(plain) is null;
        if (asked && able && !plan.Selection.Days.SelectMany(day => day.Lifts).Any(lift => SlotKinds.IsOneLeg(lift.Exercise)))
            yield return string.Join(
                "; ",
                plan.Selection.Days.Select(day => string.Join(", ", day.Lifts.Select(lift => lift.Exercise.Id)))
            );
    }

    /// <summary>Whether the week's load on the spine leaves two sets of a bar on the back, for who has no lighter form of it.</summary>
    private static bool SpineHasRoom(ClientCase @case, Plan plan) =>
        plan.Selection.Days.SelectMany(day => day.Lifts).Sum(lift => lift.Exercise.Axial * lift.Sets)
            + (2 * ExerciseCatalogue.Shipped["split-squat"].Axial)
        <= WeeklySets.AxialBudget(@case.Client, @case.Block.Start).Week;

    /// <summary>Where the block's kind leaves the sets whole.</summary>
    private static IEnumerable<string> TenSets(ClientCase @case, Plan plan) =>
        plan.Block!.Kind is not (BlockKind.Strength or BlockKind.Muscle)
            ? []
            : plan.Selection.Days.SelectMany(day =>
                Enum.GetValues<Muscle>()
                    .Select(muscle =>
                        (
                            muscle,
                            Sets: day.Lifts.Where(lift =>
                                    lift.Sets is not null
                                    && lift.Role is not Role.Carry
                                    && lift.Purpose is not Purpose.Main
                                    && lift.Reason is not ChosenReason.Picked
                                    && lift.Turn?.Weeks is not TurnWeeks.Even
                                )
                                .Sum(lift => lift.Sets!.Value * lift.Exercise.ShareOf(muscle))
                        )
                    )
                    .Where(row => row.Sets > WeeklySets.SessionMost + 1e-9)
                    .Select(row => $"{day.Weekday} {row.muscle} {row.Sets}")
            );

    private static IEnumerable<string> Loaded(ClientCase @case, Plan plan)
    {
        PreparedCase prepared = PreparedCase.Of(@case, ExerciseCatalogue.Shipped);
        return Of(plan, WeekKind.Load)
            .Take(1)
            .SelectMany(Items)
            .Where(item =>
                item.Sets.All(set => set.Load is null)
                && item.Role is Role.Main or Role.Second or Role.Accessory or Role.SingleJoint
                && item.Sets[0].Seconds is null
                && item.Ask.Target.MostFraction >= 1
                && CanBeHeld(prepared, item)
            )
            .Select(item => item.Exercise);
    }

    private static bool CanBeHeld(PreparedCase prepared, PrescribedItem item)
    {
        Exercise exercise = ExerciseCatalogue.Shipped[item.Exercise];
        if (prepared.Maxes.FindOrGuess(exercise.Id) is not { } max)
            return false;
        double body = exercise.BodyFraction * prepared.Client.MassKg;
        double most = max.WorkingKg * max.Curve.Fraction(item.Ask.Range.Top, item.Sets.MaxBy(set => set.Rpe.Value)!.Rpe) - body;
        return prepared.Loader.MeansFor(exercise).Any(means => means.Steps.Any(step => step.Grams > 0 && step.Kilograms <= most));
    }

    private static IEnumerable<string> RampsRise(ClientCase @case, Plan plan) =>
        plan.Block!.Weeks.SelectMany(Items)
            .Where(item =>
                item.WarmUp.Zip(item.WarmUp.Skip(1)).Any(pair => pair.Second.Load <= pair.First.Load)
                || (item.WarmUp.Count > 0 && item.WarmUp[^1].Load >= item.Sets.Max(set => set.Load))
            )
            .Select(item => $"{item.Exercise} {string.Join(", ", item.WarmUp.Select(set => set.Load.Kilograms))}");
}
