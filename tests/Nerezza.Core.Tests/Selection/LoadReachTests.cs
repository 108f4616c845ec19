using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;
using Nerezza.Core.Tests.Blocks;

namespace Nerezza.Core.Tests.Selection;

/// <summary>Main lifts in gyms where much is missing: what can be loaded goes before what cannot, and nothing stands twice.</summary>
public sealed class LoadReachTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());
    private static readonly Weekday[] Days = [Weekday.Mon, Weekday.Wed, Weekday.Fri];

    [Theory]
    // A hard set of the most repetitions, 10 at RPE 6, is 1 / (1 + 14 / 30) = 68.2 %: 136.4 kg of 200.
    [InlineData(2, 1, "back-squat-high-bar", "20 + 4 x 25 + 2 x 20 = 160 kg are there")]
    [InlineData(1, 1, "zercher-squat", "110 kg are no hard squat, and are one from the elbows, whose max is 140")]
    public void A_main_lift_is_one_that_the_plates_can_load(int heavy, int twenties, string expected, string because)
    {
        ClientCase plain = PlainCase.With(75, Days, [Implement.LegPress]);
        ClientCase @case = plain with
        {
            Client = plain.Client with { TargetLifts = ["conventional-deadlift"] },
            Equipment = plain.Equipment with
            {
                Plates = [new PlatePairs(Load.FromKilograms(25), heavy, true), new PlatePairs(Load.FromKilograms(20), twenties, true)],
            },
            Strength =
            [
                new StrengthEntry
                {
                    Exercise = "back-squat-high-bar",
                    Load = Load.FromKilograms(200),
                    Reps = 1,
                    Rpe = Rpe.Ten,
                    Side = null,
                    Date = new DateOnly(2026, 11, 20),
                    Amrap = false,
                },
            ],
        };
        Chosen main = Planner.Make(@case).Selection.Mains.First(lead => lead.Exercise.Pattern is Pattern.Squat);
        Assert.True(
            expected == main.Exercise.Id,
            $"{because}: {main.Exercise.Id} at {main.Score}, before {string.Join(", ", main.InsteadOf)}"
        );
    }

    [Theory]
    [InlineData(Sex.Male, 1996, Level.Novice, "push-up", "52 kg of him against a bench press of 56")]
    [InlineData(Sex.Female, 1996, Level.Novice, "push-up", "39 kg of her against 23: from a box, as its set-up says")]
    [InlineData(Sex.Female, 1958, Level.Novice, "incline-push-up", "39 kg against 17")]
    [InlineData(Sex.Male, 1956, Level.Novice, "push-up", "52 kg against 39")]
    public void At_home_a_push_up_is_done_with_the_hands_raised_by_who_is_far_from_it(
        Sex sex,
        int born,
        Level level,
        string expected,
        string because
    )
    {
        ClientCase plain = PlainCase.With(60, Days, []);
        ClientCase home = plain with
        {
            Client = plain.Client with
            {
                Sex = sex,
                BirthYear = born,
                Level = level,
                HeightCm = 175,
                MassKg = sex is Sex.Male ? 80 : 60,
                Goal = Goal.Muscle,
                TargetLifts = [],
            },
            Equipment = new Equipment
            {
                Items = new HashSet<Implement> { Implement.Box, Implement.Bands },
            },
            Strength = [],
        };
        HashSet<string> presses =
        [
            .. Planner
                .Make(home)
                .Selection.All.Select(one => one.Exercise.Id)
                .Where(id => id.EndsWith("push-up", StringComparison.Ordinal)),
        ];
        Assert.True(presses.SetEquals([expected]), $"{because}: {string.Join(", ", presses)}");
    }

    [Fact]
    public void Who_squats_for_strength_squats_with_the_bar_on_the_second_day_too()
    {
        ClientCase plain = PlainCase.With(90, [Weekday.Mon, Weekday.Tue, Weekday.Wed, Weekday.Fri, Weekday.Sat], [Implement.LegPress]);
        LiftFault slow = new()
        {
            Lift = "sumo-deadlift",
            Fault = FaultCode.SlowOffFloor,
            FromPercent = 85,
        };
        LiftFault knees = new()
        {
            Lift = "back-squat-low-bar",
            Fault = FaultCode.KneesCave,
            FromPercent = 85,
        };
        Client client = plain.Client with { Level = Level.Advanced, TargetLifts = ["back-squat-low-bar", "bench-press", "sumo-deadlift"] };
        IReadOnlyList<Exercise> squats =
        [
            .. Planner
                .Make(plain with { Client = client, Faults = [slow, knees] })
                .Selection.Mains.Select(lead => lead.Exercise)
                .Where(exercise => exercise.Pattern is Pattern.Squat),
        ];
        Assert.True(
            squats.Count > 0 && squats.All(squat => squat.Load is LoadSource.Barbell),
            string.Join(", ", squats.Select(squat => squat.Id))
        );
    }

    [Theory]
    [InlineData(Sex.Female, 61, false, "a bar of 20 kg is nearly all of a first guess of 22: no repetitions are left")]
    [InlineData(Sex.Male, 85, true, "20 kg of 55")]
    public void A_bar_that_is_as_heavy_as_the_guess_is_pressed_by_nobody(Sex sex, double kg, bool expected, string because)
    {
        ClientCase plain = PlainCase.With(60, [Weekday.Mon, Weekday.Tue, Weekday.Thu, Weekday.Sat], [Implement.Pulldown]);
        Client client = plain.Client with { Sex = sex, MassKg = kg, Goal = Goal.Muscle, TargetLifts = [] };
        Plan plan = Planner.Make(plain with { Client = client, Strength = [] });
        List<string> overhead = [.. plan.Selection.All.Select(one => one.Exercise).Where(IsOverhead).Select(one => one.Id)];
        Assert.True(expected == overhead.Contains("overhead-press"), $"{because}: {string.Join(", ", overhead)}");
        Assert.NotEmpty(overhead);
    }

    private static bool IsOverhead(Exercise exercise) => exercise.Pattern is Pattern.PressVertical;

    [Fact]
    public void A_lift_without_a_max_or_of_unknown_weight_is_not_held_back()
    {
        ClientCase plain = PlainCase.With(75, Days, []) with { Strength = [] };
        Assert.Equal(
            "back-squat-high-bar",
            Planner.Make(plain).Selection.Mains.First(lead => lead.Exercise.Pattern is Pattern.Squat).Exercise.Id
        );
    }

    [Theory]
    [InlineData("leg-press hip-thrust-machine", "barbell-hip-thrust", "the hinge comes down to the thrust that is a target anyway")]
    [InlineData("", "", "body weight alone")]
    [InlineData("bands", "single-leg-hip-thrust", "bands")]
    public void In_the_poorest_gym_an_exercise_stands_once_in_a_session(string kit, string target, string because)
    {
        ClientCase plain = PlainCase.With(60, [.. Days, Weekday.Sat, Weekday.Thu], []);
        ClientCase @case = plain with
        {
            Client = plain.Client with { Level = Level.Novice, TargetLifts = target == "" ? [] : [target] },
            Equipment = new Equipment
            {
                Items = kit.Split(' ', StringSplitOptions.RemoveEmptyEntries)
                    .Select(code => Codes.Find<Implement>(code)!.Value)
                    .ToHashSet(),
            },
            Block = plain.Block with { Focus = BlockFocus.Lower },
        };
        Assert.All(
            Planner.Make(@case).Block!.Weeks.SelectMany(week => week.Sessions),
            session => Assert.True(session.Items.Select(item => item.Exercise).Distinct().Count() == session.Items.Count, because)
        );
    }

    [Theory]
    [InlineData(BlockKind.Deload, 6)]
    [InlineData(BlockKind.Return, 5)]
    public void A_block_that_stays_easy_finds_no_load_by_rising_to_rpe_7(BlockKind kind, double most)
    {
        // The front squat stands by ratio: in a strength block its first session would be a calibration.
        ClientCase plain = PlainCase.With(75, Days, []);
        ClientCase @case = plain with
        {
            Client = plain.Client with { TargetLifts = ["front-squat", "conventional-deadlift"] },
            Block = plain.Block with { Kind = kind, Weeks = kind is BlockKind.Return ? 4 : 1 },
        };
        Assert.Contains(
            Planner.Make(@case with { Block = plain.Block }).Block!.Weeks[0].Sessions.SelectMany(session => session.Items),
            item => item.Ask.Target.Kind is TargetKind.Calibration
        );
        Assert.All(
            Planner
                .Make(@case)
                .Block!.Weeks[0]
                .Sessions.SelectMany(session => session.Items)
                // The arms and the trunk go on in a return.
                .Where(item => !item.Ask.Chosen.Exercise.IsUpper && item.Role is not Role.Trunk)
                .SelectMany(item => item.Sets),
            set => Assert.True(set.Rpe.Value <= most)
        );
    }
}
