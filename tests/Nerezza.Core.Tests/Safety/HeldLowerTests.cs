using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Core.Tests.Blocks;

namespace Nerezza.Core.Tests.Safety;

/// <summary>Who is held lower (docs/handbook/11-prescription.md#who-is-held-lower).</summary>
public sealed class HeldLowerTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    // Crunch, leg raise, roll-out, jump; flat on the back under a press or in a bridge; a bar across the abdomen.
    private static readonly string[] NotPregnant =
    [
        "cable-crunch",
        "weighted-crunch",
        "hanging-leg-raise",
        "roll-out",
        "box-jump",
        "vertical-jump",
        "broad-jump",
        "bench-press",
        "dumbbell-bench-press",
        "paused-bench-press",
        "close-grip-bench-press",
        "glute-bridge",
        "weighted-glute-bridge",
        "single-leg-glute-bridge",
        "bridge-march",
        "barbell-hip-thrust",
        "lying-leg-curl",
    ];

    [Theory]
    [InlineData(null)]
    [InlineData("a doctor")]
    public void Who_is_pregnant_is_held_lower_cleared_or_not(string? clearedBy)
    {
        ClientCase plain = PlainCase.With(60, [Weekday.Mon, Weekday.Wed, Weekday.Fri], [Implement.Dumbbells]);
        Clearance? clearance = clearedBy is null ? null : new Clearance("Dr", clearedBy, new DateOnly(2026, 11, 1), [HealthFlag.Pregnant]);
        Plan plan = Planner.Make(
            plain with
            {
                Client = plain.Client with { TargetLifts = ["bench-press"], Health = new Health([HealthFlag.Pregnant], clearance) },
            }
        );
        List<PrescribedItem> items = [.. plan.Block!.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items)];
        Assert.NotEmpty(items);
        Assert.DoesNotContain(items, item => NotPregnant.Contains(item.Exercise));
        Assert.All(items.SelectMany(item => item.Sets), set => Assert.True(!set.Amrap && (set.IsEasy || set.Rpe <= Rpe.Of(7))));
        Assert.Contains(plan.Selection.PassedOver, passed => passed is PassedOver.Unsafe { Exercise: "bench-press" });
    }

    // 1975 is 51 in 2026, 1976 is 50.
    [Theory]
    [InlineData(1975, Level.Novice, true)]
    [InlineData(1976, Level.Novice, false)]
    [InlineData(1965, Level.Intermediate, false)]
    public void The_first_block_of_a_novice_over_50_is_small_and_led_by_no_bar(int born, Level level, bool isHeld)
    {
        ClientCase plain = PlainCase.With(60, [Weekday.Mon, Weekday.Thu], [Implement.LegPress]);
        Block block = Planner.Make(plain with { Client = plain.Client with { BirthYear = born, Level = level } }).Block!;
        bool small = block.Weeks.Take(2).SelectMany(week => week.Sessions).SelectMany(one => one.Items).All(item => item.SetsASide <= 2);
        bool gentle = block.Weeks.SelectMany(week => week.Sessions).All(session => LoadOfLead(session) is not LoadSource.Barbell);
        bool easy = Sets(block).All(set => set.IsEasy || set.Rpe <= Rpe.Of(7));
        Assert.Equal((isHeld, isHeld), (small, gentle));
        Assert.True(!isHeld || easy);
        Assert.True(
            !isHeld || block.Weeks.Skip(2).SelectMany(week => week.Sessions).SelectMany(one => one.Items).Any(item => item.SetsASide > 2)
        );
    }

    // Four days, so that presses lead too; with bells, and with a bar alone.
    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void A_bar_is_not_said_to_be_bells_or_a_machine(bool hasBells)
    {
        ClientCase plain = PlainCase.With(60, [Weekday.Mon, Weekday.Tue, Weekday.Thu, Weekday.Fri], []);
        Equipment kit = plain.Equipment;
        if (!hasBells)
            kit = kit with { Items = new HashSet<Implement>([Implement.Barbell, Implement.Rack, Implement.Bench, Implement.Plates]) };
        Plan plan = Planner.Make(plain with { Equipment = kit, Client = plain.Client with { BirthYear = 1965, Level = Level.Novice } });
        List<Chosen> leads = [.. plan.Selection.Days.SelectMany(day => day.Lifts).Where(lift => lift.Purpose is Purpose.Main)];
        Assert.NotEmpty(leads);
        Assert.All(
            leads.Where(lift => lift.Reason is ChosenReason.StartsLate),
            lift => Assert.True(lift.Exercise.Load is not LoadSource.Barbell && !lift.Exercise.IsUpper, lift.Exercise.Id)
        );
        Assert.Equal(hasBells, leads.Exists(lift => lift.Reason is ChosenReason.StartsLate));
    }

    [Fact]
    public void Once_something_is_logged_it_is_no_first_block()
    {
        ClientCase plain = PlainCase.With(60, [Weekday.Mon, Weekday.Thu], [Implement.LegPress]);
        Client client = plain.Client with { BirthYear = 1965, Level = Level.Novice };
        var before = new LogDay(
            plain.Block.Start.AddDays(-3),
            null,
            [
                new LogSet
                {
                    Exercise = "goblet-squat",
                    Reps = 8,
                    Load = Load.FromKilograms(12),
                },
            ]
        );
        Block block = Planner.Make(plain with { Client = client, Log = [before] }).Block!;
        Assert.Contains(block.Weeks[0].Sessions.SelectMany(one => one.Items), item => item.SetsASide > 2);
    }

    private static LoadSource LoadOfLead(Session session) =>
        session.Items.First(item => item.Role is Role.Main && !item.Ask.Chosen.Exercise.IsUpper).Ask.Chosen.Exercise.Load;

    private static IEnumerable<PrescribedSet> Sets(Block block) =>
        block.Weeks.SelectMany(week => week.Sessions).SelectMany(one => one.Items).SelectMany(item => item.Sets);
}
