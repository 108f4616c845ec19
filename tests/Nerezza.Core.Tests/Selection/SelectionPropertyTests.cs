using CsCheck;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Tests.Shared;

namespace Nerezza.Core.Tests.Selection;

/// <summary>What must hold of every choice, over made-up cases: kit, pain, level, findings, schools.</summary>
public sealed class SelectionPropertyTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    [Fact]
    public void Everything_chosen_can_be_done_and_conflicts_with_nothing() =>
        Each(
            (@case, plan, chosen) =>
            {
                Assert.True(chosen.Exercise.CanBeDoneWith(@case.Equipment), chosen.Exercise.Id);
                Assert.IsType<Caution.Allowed>(new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start).For(chosen.Exercise));
                foreach (PainEntry entry in @case.Pain.Where(entry => PainScore.LevelOf(entry) is not PainLevel.Watch))
                    Assert.Empty(chosen.Exercise.Conflicts.Intersect(PainKind.ConflictsOf(entry)));
                if (plan.Findings.Any(finding => finding.Code is FindingCode.ShoulderRange && finding.Severity >= 2))
                    Assert.DoesNotContain(Conflict.ShoulderRange, chosen.Exercise.Conflicts);
                Assert.True(
                    new LadderProgress(
                        @case.Client,
                        @case.Schools.Sides,
                        ExerciseCatalogue.Shipped,
                        @case.Ladders,
                        @case.Strength,
                        @case.Log
                    ).LockOn(chosen.Exercise.Id)
                        is null
                        || SelectionRules.Shipped.AlwaysOpen.Contains(chosen.Exercise.Id),
                    chosen.Exercise.Id
                );
            }
        );

    [Fact]
    public void Scores_and_parts_stay_between_0_and_1() =>
        Each(
            (@case, plan, chosen) =>
            {
                Assert.All(chosen.Parts.All, part => Assert.InRange(part.Value, 0, 1));
                Assert.InRange(chosen.Score, -1, 1);
                if (chosen.Role is not (Role.Main or Role.Second))
                    Assert.InRange(chosen.Score, 0, 1);
            }
        );

    [Fact]
    public void A_finding_is_answered_or_a_check_says_that_it_is_not() =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            if (plan.Block is null)
                return;
            HashSet<FindingCode> answered = [.. plan.Selection.All.SelectMany(chosen => chosen.Answers)];
            HashSet<string> told = [.. plan.Checks.OfType<Core.Checks.Check.FindingUnanswered>().Select(check => Codes.Of(check.Finding))];
            foreach (Finding finding in plan.Findings.Where(finding => finding.Code is not FindingCode.Refer))
                Assert.NotEqual(answered.Contains(finding.Code), told.Contains(Codes.Of(finding.Code)));
        });

    /// <summary>What was passed over for it answers no finding that it does not.</summary>
    [Fact]
    public void A_second_squat_takes_away_the_demand_that_changes_the_main_one() =>
        Each(
            (@case, plan, chosen) =>
            {
                if (chosen is not { Purpose: Purpose.Second, Exercise.Pattern: Pattern.Squat } || @case.Client.Likes.Count > 0)
                    return;
                if (
                    plan.Findings.Where(Scoring.ChangesMain).OrderByDescending(finding => finding.Weight).FirstOrDefault() is { } gravest
                    && !Answers.Answer(chosen.Exercise, gravest.Code, AnswerRole.Main)
                )
                    Assert.DoesNotContain(
                        chosen.InsteadOf,
                        other => Answers.Answer(ExerciseCatalogue.Shipped[other.Exercise], gravest.Code, AnswerRole.Main)
                    );
            }
        );

    [Fact]
    public void Every_day_holds_the_first_drill_of_each_finding_and_no_more_than_four_unless_they_are_all_first() =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            List<Chosen> daily = [.. plan.Selection.Daily.Where(chosen => chosen.Role is Role.Capacity)];
            int findings = plan.Findings.Count(finding => finding.Cause is Cause.Range or Cause.Pain);
            Assert.InRange(daily.Count, 0, Math.Max(4, findings));
            foreach (Finding finding in plan.Findings.Where(finding => finding.Cause is Cause.Range or Cause.Pain))
                Assert.True(
                    plan.Selection.Days.Count == 0
                        || daily.Exists(chosen => chosen.Answers.Contains(finding.Code))
                        || Answers.Of(finding.Code, AnswerRole.Capacity).Count == 0
                        || plan.Selection.PassedOver.Any(passed => Answers.Of(finding.Code, AnswerRole.Capacity).Contains(passed.Exercise)),
                    Codes.Of(finding.Code)
                );
        });

    [Fact]
    public void What_the_coach_picks_comes_in_and_what_is_taken_out_stays_out_unless_it_cannot_be_done() =>
        Gen.Select(Made.Case, Gen.Int[0, 1000])
            .Drawn(
                (@case, number) =>
                {
                    Plan before = Planner.Make(@case);
                    if (before.Selection.Ranked.Count == 0 || !Accessories(before).Any())
                        return;
                    Exercise wanted = before.Selection.Ranked[number % before.Selection.Ranked.Count].Exercise;
                    Exercise unwanted = Accessories(before).First().Exercise;
                    if (
                        wanted.Id == unwanted.Id
                        || !new DaySplit(@case.Client, @case.Block, ExerciseCatalogue.Shipped, null)
                            .LayOut(new GreedyWeekLayout())
                            .Any(day => Region.Suits(wanted, day.Focus, QuadSchool.Standard))
                    )
                        return;
                    Plan after = Planner.Make(
                        @case with
                        {
                            Picks = [new Pick(wanted.Id, PickKind.Accessory), new Pick(unwanted.Id, PickKind.Banned)],
                        }
                    );
                    Assert.Contains(after.Selection.All, chosen => chosen.Exercise.Id == wanted.Id);
                    Assert.DoesNotContain(after.Selection.All, chosen => chosen.Exercise.Id == unwanted.Id);
                    Assert.Contains(after.Selection.PassedOver, passed => passed is PassedOver.Banned && passed.Exercise == unwanted.Id);
                }
            );

    [Fact]
    public void Kit_that_is_taken_away_brings_in_nothing_that_needs_it() =>
        Gen.Select(Made.Case, Gen.Enum<Implement>())
            .Drawn(
                (@case, gone) =>
                {
                    ClientCase less = @case with
                    {
                        Equipment = @case.Equipment with { Items = @case.Equipment.Items.Where(item => item != gone).ToHashSet() },
                    };
                    Assert.All(
                        Planner.Make(less).Selection.All,
                        chosen => Assert.Contains(chosen.Exercise.Kit, set => !set.Contains(gone))
                    );
                }
            );

    [Fact]
    public void Sessions_stay_within_the_minutes_or_a_check_says_so() =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            foreach (var week in plan.Block?.Weeks ?? [])
            foreach (var session in week.Sessions.Where(session => session.Minutes > session.MinutesGiven * 1.05))
                Assert.Contains(
                    plan.Checks,
                    check => check is Core.Checks.Check.SessionTooLong && check.At == new CheckPlace.OfSession(week.Number, session.Day)
                );
        });

    [Fact]
    public void The_weaker_side_goes_first_in_every_one_sided_set_of_what_was_tested() =>
        Each(
            (@case, plan, chosen) =>
            {
                SidePlan sides = PreparedCase.Of(@case, ExerciseCatalogue.Shipped).Sides.For(chosen.Exercise);
                foreach (
                    var item in plan.Block!.Weeks[0]
                        .Sessions.SelectMany(session => session.Items)
                        .Where(item => item.Exercise == chosen.Exercise.Id && chosen.Exercise.Sides is Sides.One)
                )
                {
                    Assert.Equal(sides.First, item.Sets[0].Side);
                    Assert.Equal(
                        sides.ExtraForFirst,
                        item.Sets.Count(set => set.Side == sides.First) - item.Sets.Count(set => set.Side != sides.First)
                    );
                    Assert.Equal(item.Sets[0].Reps, item.Sets[1].Reps);
                }
            }
        );

    private static IEnumerable<Chosen> Accessories(Plan plan) =>
        plan.Selection.Days.SelectMany(day => day.Lifts).Where(chosen => chosen.Role is Role.Accessory or Role.SingleJoint or Role.Trunk);

    private static void Each(Action<ClientCase, Plan, Chosen> check) =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            foreach (Chosen chosen in plan.Selection.All)
                check(@case, plan, chosen);
        });
}
