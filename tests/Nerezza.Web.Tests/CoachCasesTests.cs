using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;
using Nerezza.Formats.Plans;
using Nerezza.Tests.Shared;

namespace Nerezza.Web.Tests;

/// <summary>Clients with what a careful coach would write: what a program must hold and must not hold, each sentence a line here.</summary>
public sealed class CoachCasesTests
{
    private static readonly string[] Squats = ["goblet-squat", "back-squat-high-bar", "back-squat-low-bar", "heels-raised-goblet-squat"];

    [Fact]
    public void A_novice_who_wants_glutes()
    {
        PlanDocument plan = Of("01-novice-glutes-3d");
        Assert.Equal([Pattern.Squat, Pattern.Hinge, Pattern.Thrust], Leads(plan).Select(PatternOf).Distinct().Order());
        Assert.Contains(Leads(plan), Squats.Contains);
        Assert.DoesNotContain(Leads(plan), id => PatternOf(id) is Pattern.Hinge or Pattern.Thrust && Face(id).Sides is Sides.One);
        Assert.InRange(Times(plan, one => SlotKinds.IsOneLeg(Face(one.Exercise))), 1, 3);
        Assert.InRange(Times(plan, one => Face(one.Exercise).PrimeMovers.Contains(Muscle.GluteusMedius)), 2, 4);
        Assert.All(First(plan).Sessions, day => Assert.Contains(day.Items, IsPush));
        Assert.All(First(plan).Sessions, day => Assert.Contains(day.Items, IsPull));
        Assert.Equal(2, Times(plan, one => PatternOf(one.Exercise) is Pattern.Trunk));
        Assert.DoesNotContain(plan.Selection, one => one.Exercise is "pin-squat");
        Assert.All(MainSets(First(plan)), set => Assert.True(set.Effort is EffortWord.Easy || set.Rpe <= 7));
        AssertLoaded(plan);
    }

    [Fact]
    public void A_powerlifter_whose_lockout_is_weak()
    {
        PlanDocument plan = Of("02-powerlifter-lockout-4d");
        Assert.Equal(
            ["back-squat-low-bar", "bench-press", "conventional-deadlift", "paused-bench-press"],
            Leads(plan).Distinct().Order(StringComparer.Ordinal)
        );
        SessionPart pulls = Day(plan, "conventional-deadlift");
        Assert.Contains(pulls.Items, one => Answers(plan, one.Exercise, FindingCode.LockoutWeak));
        Assert.True(Times(plan, one => Answers(plan, one.Exercise, FindingCode.LockoutWeak)) >= 2);
        Assert.Contains(plan.Selection, one => PatternOf(one.Exercise) is Pattern.Thrust);
        Assert.All(
            plan.Selection.Where(one => one.Purpose is Purpose.Second),
            one => Assert.True(PatternOf(one.Exercise) is Pattern.Squat or Pattern.Hinge or Pattern.Thrust, one.Exercise)
        );
        Assert.Contains(plan.Selection, one => PatternOf(one.Exercise) is Pattern.KneeFlexion);
        Assert.Contains(plan.Selection, one => one.Purpose is Purpose.Trunk && Face(one.Exercise).Pattern is Pattern.Trunk);
        Assert.DoesNotContain(
            plan.Selection,
            one => PatternOf(one.Exercise) is Pattern.PressVertical && Face(one.Exercise).Sides is Sides.One
        );
        Assert.DoesNotContain(
            plan.Block!.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items),
            one => one.Exercise is "back-squat-low-bar" && one.Sets.Any(set => set.Reps > 6)
        );
    }

    [Fact]
    public void An_athlete_of_strength_events()
    {
        PlanDocument plan = Of("04-strength-events");
        Assert.Contains(
            plan.Block!.Weeks.SelectMany(week => week.Sessions)
                .SelectMany(session => session.Items)
                .SelectMany(one => one.Sets, (one, set) => (one, set)),
            row => PatternOf(row.one.Exercise) is Pattern.Hinge && row.set.Percent >= 80
        );
        Assert.Equal(2, Times(plan, one => one.Role is Role.Main && PatternOf(one.Exercise) is Pattern.PressVertical));
        Assert.Contains(plan.Selection, one => PatternOf(one.Exercise) is Pattern.Squat);
        SessionPart events = Assert.Single(First(plan).Sessions, day => day.Items.Any(one => one.Purpose is Purpose.Event));
        Assert.Equal("loaded-throw", events.Items.First(one => one.Purpose is Purpose.Event).Exercise);
        Assert.Contains(plan.Selection, one => Face(one.Exercise).ShareOf(Muscle.Hamstrings) >= 1);
        AssertEverythingIsPlaced(plan);
    }

    [Fact]
    public void A_novice_at_home_with_two_bells()
    {
        PlanDocument plan = Of("08-home-kettlebells");
        Assert.Contains("wall-reach-hinge", plan.Selection.Where(one => one.Purpose is Purpose.Learn).Select(one => one.Exercise));
        Assert.Contains(Leads(plan), id => id is "kettlebell-deadlift" or "kettlebell-romanian-deadlift");
        Assert.Contains(Leads(plan), id => id is "goblet-squat");
        Assert.Contains(plan.Selection, one => one.Exercise is "band-row");
        Assert.Contains(plan.Selection, one => one.Exercise is "push-up");
        Assert.All(
            plan.Block!.Weeks.SelectMany(week => week.Sessions)
                .SelectMany(session => session.Items)
                .Where(one => Face(one.Exercise).Load is LoadSource.Goblet or LoadSource.Kettlebell)
                .SelectMany(one => one.Sets),
            set => Assert.True(set.Kg is 12 or 16 or null, $"{set.Kg}")
        );
        Assert.Contains(plan.Block.Weeks[0].Sessions.SelectMany(session => session.Items), one => one.Sets[0].Kg is 12 or 16);
    }

    [Fact]
    public void A_return_after_a_knee_operation()
    {
        PlanDocument plan = Of("11-acl-return");
        Assert.True(Times(plan, one => SlotKinds.IsOneLeg(Face(one.Exercise))) >= 2);
        Assert.All(
            First(plan).Sessions.SelectMany(session => session.Items).Where(one => Face(one.Exercise).Sides is Sides.One && IsOfLegs(one)),
            one => Assert.True(one.Sets[0].Side is Side.Left, one.Exercise)
        );
        Assert.Contains(plan.Selection, one => PatternOf(one.Exercise) is Pattern.Squat && Face(one.Exercise).Sides is Sides.Both);
        Assert.Contains(plan.Selection, one => PatternOf(one.Exercise) is Pattern.KneeFlexion);
        Assert.Contains(plan.Selection, one => PatternOf(one.Exercise) is Pattern.Calf);
        AssertNoArmHasMoreSets(plan);
    }

    [Fact]
    public void Glutes_on_five_days()
    {
        PlanDocument plan = Of("15-glute-5d");
        List<SessionPart> lower = [.. First(plan).Sessions.Where(day => day.Items.Any(one => PatternOf(one.Exercise) is Pattern.Thrust))];
        Assert.Equal(3, lower.Count);
        Assert.Equal(3, lower.Select(day => PatternOf(day.Items.First(one => one.Role is Role.Main).Exercise)).Distinct().Count());
        Assert.All(lower, day => Assert.Contains(day.Items, one => Face(one.Exercise).PrimeMovers.Contains(Muscle.GluteusMedius)));
        Assert.All(lower, day => Assert.Contains(day.Items, one => PatternOf(one.Exercise) is Pattern.Squat or Pattern.Lunge));
        Assert.All(lower, day => Assert.Contains(day.Items, one => PatternOf(one.Exercise) is Pattern.Hinge));
        Assert.Contains(plan.Selection, one => PatternOf(one.Exercise) is Pattern.Lunge);
        Assert.Contains(plan.Selection, one => one.Exercise.Contains("kickback", StringComparison.Ordinal));
        Assert.Contains(plan.Selection, one => one.Exercise.Contains("hip-extension", StringComparison.Ordinal));
        Assert.All(
            First(plan)
                .Sessions.SelectMany(day => day.Items)
                .Where(one => Face(one.Exercise).FromFloor && one.Exercise != "stiff-leg-deadlift"),
            one => Assert.All(one.Sets, set => Assert.True(set.Reps <= 6))
        );
        Assert.All(First(plan).Sessions.Except(lower), day => Assert.True(day.Items.Any(IsPush) && day.Items.Any(IsPull)));
    }

    [Fact]
    public void Quads_on_four_days()
    {
        PlanDocument plan = Of("16-quads-4d");
        List<SessionPart> lower =
        [
            .. First(plan).Sessions.Where(day => day.Items.Any(one => one.Role is Role.Main && PatternOf(one.Exercise) is Pattern.Squat)),
        ];
        Assert.Equal(2, lower.Count);
        Assert.All(lower, day => Assert.Contains(day.Items, one => one.Exercise is "leg-press" or "hack-squat"));
        string[] extensions = [.. lower.Select(day => day.Items.First(one => PatternOf(one.Exercise) is Pattern.KneeExtension).Exercise)];
        Assert.Equal(2, extensions.Distinct().Count());
        Assert.Contains(plan.Selection, one => PatternOf(one.Exercise) is Pattern.KneeFlexion);
        Assert.Contains(plan.Selection, one => PatternOf(one.Exercise) is Pattern.Calf);
        Assert.DoesNotContain(plan.Selection, one => one.Exercise is "conventional-deadlift");
        LedgerWeekPart vasti = plan.Ledger.Single(row => row.Muscle is Muscle.Vasti).Weeks[1];
        Assert.InRange(vasti.Sets, vasti.Low, vasti.High + 2);
        AssertMinutesUsed(plan);
    }

    [Fact]
    public void A_very_strong_client_with_little_iron_who_trains_alone()
    {
        PlanDocument plan = Of("18-strong-few-plates");
        Assert.All(
            plan.Block!.Weeks.Where(week => week.Kind is Core.Blocks.WeekKind.Load)
                .SelectMany(week => week.Sessions)
                .SelectMany(day => day.Items)
                .Where(one => one.Role is Role.Main),
            one => Assert.Contains(one.Sets, set => set.Rpe >= 5)
        );
        Assert.Contains(plan.Selection, one => one.Exercise is "pull-up" or "chin-up");
        Assert.Contains(plan.Selection, one => Face(one.Exercise).Load is LoadSource.Band);
    }

    [Fact]
    public void Half_an_hour_on_three_days()
    {
        PlanDocument plan = Of("21-30min-sessions");
        Assert.All(First(plan).Sessions, day => Assert.Equal(2, day.Items.Count));
        Assert.All(First(plan).Sessions, day => Assert.Single(day.Items, one => one.Role is Role.Main));
        Assert.True(Times(plan, IsPush) >= 1 && Times(plan, IsPull) >= 1);
        Assert.True(Times(plan, one => SlotKinds.IsOneLeg(Face(one.Exercise))) >= 1);
        Assert.DoesNotContain(plan.Checks, check => check.Code is "pattern-missing");
    }

    [Fact]
    public void A_left_leg_that_is_weaker()
    {
        PlanDocument plan = Of("24-side-asymmetry");
        string[] tested = ["dumbbell-rear-foot-elevated-split-squat", "single-leg-leg-extension", "single-leg-leg-press"];
        List<ItemPart> one = [.. First(plan).Sessions.SelectMany(day => day.Items).Where(item => tested.Contains(item.Exercise))];
        Assert.True(First(plan).Sessions.Count(day => day.Items.Any(item => tested.Contains(item.Exercise))) >= 2);
        Assert.All(one, item => Assert.Equal(Side.Left, item.Sets[0].Side));
        Assert.Contains(Leads(plan), id => PatternOf(id) is Pattern.Squat);
        Assert.Contains(Leads(plan), id => PatternOf(id) is Pattern.Hinge);
        AssertNoArmHasMoreSets(plan);
    }

    [Fact]
    public void A_deload_is_a_strength_week_halved()
    {
        PlanDocument deload = Of("26-kind-deload");
        Assert.All(
            First(deload).Sessions.SelectMany(day => day.Items),
            one => Assert.True(one.Sets.Count <= 3 && one.Sets.All(set => set.Effort is EffortWord.Easy || set.Rpe <= 6), one.Exercise)
        );
        Assert.All(
            First(deload).Sessions,
            day =>
                Assert.True(
                    day.Items.All(one => one.Purpose is not (Purpose.Support or Purpose.Trunk or Purpose.Palette or Purpose.Emphasis))
                )
        );
        Assert.All(First(deload).Sessions, day => Assert.True(day.Minutes <= 60, $"{day.Day} {day.Minutes}"));
    }

    [Fact]
    public void A_test_finds_a_single_for_each_target()
    {
        PlanDocument test = Of("26-kind-test");
        List<ItemPart> mains = [.. First(test).Sessions.SelectMany(day => day.Items).Where(one => one.Role is Role.Main)];
        Assert.Equal(
            [Pattern.Squat, Pattern.Hinge, Pattern.PressHorizontal],
            mains.Select(one => PatternOf(one.Exercise)).Distinct().Order()
        );
        Assert.All(
            mains,
            one =>
                Assert.True(one.Sets[^1] is { Reps: 1, Rpe: >= 9 and <= 9.5 }, $"{one.Exercise} {one.Sets[^1].Reps} at {one.Sets[^1].Rpe}")
        );
        Assert.All(First(test).Sessions, day => Assert.True(day.Items.Count(one => one.Role is not Role.Main) <= 2));
    }

    [Fact]
    public void Different_weak_points_get_different_programs()
    {
        List<HashSet<string>> programs =
        [
            .. Directory
                .EnumerateFiles(Folder, "*.json")
                .Order(StringComparer.Ordinal)
                .Where(file => !file.Contains("26-kind", StringComparison.Ordinal))
                .Select(file => Of(Path.GetFileNameWithoutExtension(file)))
                .Select(plan => plan.Selection.Where(one => one.Purpose > Purpose.Main).Select(one => one.Exercise).ToHashSet()),
        ];
        double[] overlaps =
        [
            .. programs.SelectMany(
                (one, i) => programs.Skip(i + 1).Select(other => (double)one.Intersect(other).Count() / one.Union(other).Count())
            ),
        ];
        Assert.True(overlaps.Average() <= 0.25, $"mean overlap {overlaps.Average():0.000}");
    }

    private static string Folder => Path.Combine(ServerProcess.Root, "tests/Nerezza.Web.Tests/Cases/coach");

    private static PlanDocument Of(string name) =>
        WrittenCase.PlanOf(System.Text.Json.Nodes.JsonNode.Parse(File.ReadAllText(Path.Combine(Folder, $"{name}.json")))!.AsObject());

    private static Exercise Face(string id) => ExerciseCatalogue.Shipped[id];

    private static Pattern PatternOf(string id) => Face(id).Pattern;

    private static WeekPart First(PlanDocument plan) => plan.Block!.Weeks[0];

    private static IEnumerable<string> Leads(PlanDocument plan) =>
        First(plan)
            .Sessions.SelectMany(day => day.Items)
            .Where(one => one.Role is Role.Main && one.Purpose is Purpose.Main)
            .Select(one => one.Exercise);

    private static int Times(PlanDocument plan, Func<ItemPart, bool> counts) => First(plan).Sessions.Count(day => day.Items.Any(counts));

    private static SessionPart Day(PlanDocument plan, string lead) =>
        First(plan).Sessions.Single(day => day.Items.Any(one => one.Role is Role.Main && one.Exercise == lead));

    private static bool IsPush(ItemPart one) => Region.IsPush(Face(one.Exercise));

    private static bool IsPull(ItemPart one) => Region.IsPull(Face(one.Exercise));

    private static bool IsOfLegs(ItemPart one) => Face(one.Exercise).PrimeMovers.Any(Region.IsOfLegs);

    private static bool Answers(PlanDocument plan, string exercise, FindingCode finding) =>
        plan.Selection.Single(one => one.Exercise == exercise).Answers.Contains(finding);

    private static IEnumerable<SetPart> MainSets(WeekPart week) =>
        week.Sessions.SelectMany(day => day.Items).Where(one => one.Role is Role.Main).SelectMany(one => one.Sets);

    private static void AssertLoaded(PlanDocument plan) =>
        Assert.All(
            First(plan)
                .Sessions.SelectMany(day => day.Items)
                .Where(one => Face(one.Exercise).Load is LoadSource.Barbell or LoadSource.Stack or LoadSource.Smith or LoadSource.Goblet),
            one => Assert.True(one.Sets[0].Kg > 0, one.Exercise)
        );

    private static void AssertEverythingIsPlaced(PlanDocument plan)
    {
        HashSet<string> placed =
        [
            .. plan.Block!.Weeks.SelectMany(week => week.Sessions).SelectMany(day => day.Items).Select(one => one.Exercise),
        ];
        Assert.All(plan.Selection.Where(one => one.Role is not Role.Capacity), one => Assert.Contains(one.Exercise, placed));
    }

    private static void AssertNoArmHasMoreSets(PlanDocument plan) =>
        Assert.All(
            First(plan).Sessions.SelectMany(day => day.Items).Where(one => !IsOfLegs(one) && one.Sets.Any(set => set.Side is not null)),
            one => Assert.Equal(one.Sets.Count(set => set.Side is Side.Left), one.Sets.Count(set => set.Side is Side.Right))
        );

    private static void AssertMinutesUsed(PlanDocument plan) =>
        Assert.All(
            plan.Block!.Weeks.Where(week => week.Kind is Core.Blocks.WeekKind.Load).SelectMany(week => week.Sessions),
            day => Assert.InRange(day.Minutes, 0.8 * 60, 1.08 * 75)
        );
}
