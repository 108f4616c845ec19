using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Tests.Shared;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>A block with an event inside it (docs/handbook/12-weeks-and-blocks.md#one-block-may-hold-phases, #the-last-days).</summary>
public sealed class PhasesTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    private static ClientCase Meet(int weeks, int day, Level level, double? years) =>
        PlainCase.With(90, [Weekday.Mon, Weekday.Wed, Weekday.Fri, Weekday.Sat], []) is var plain
            ? plain with
            {
                Client = plain.Client with
                {
                    Level = level,
                    TrainingYears = years,
                    TargetLifts = ["back-squat-high-bar", "bench-press", "conventional-deadlift"],
                    Competition = plain.Block.Start.AddDays(day),
                },
                Block = plain.Block with { Kind = BlockKind.Strength, Weeks = weeks },
            }
            : throw new InvalidOperationException();

    /// <summary>L load, D deload, P peak, E the week of the event.</summary>
    [Theory]
    [InlineData(8, 54, Level.Intermediate, 5.0, "LLLLLDPE")] // Saturday of week 8
    [InlineData(6, 40, Level.Intermediate, 5.0, "LLLLPE")]
    [InlineData(6, 40, Level.Intermediate, 2.0, "LLLLDE")] // one week of peak: five went before, and the fifth is a deload
    [InlineData(6, 35, Level.Advanced, 9.0, "LLLPPE")] // Monday of week 6: the two weeks before it peak
    [InlineData(7, 19, Level.Advanced, 9.0, "LPEDLLD")] // four weeks after it
    [InlineData(3, 20, Level.Advanced, 9.0, "LPE")]
    [InlineData(4, 30, Level.Advanced, 9.0, "LLLD")] // the day after the block: a wave as ever
    public void Weeks_divide_round_an_event_inside_them(int weeks, int day, Level level, double years, string kinds) =>
        Assert.Equal(
            kinds,
            string.Concat(Planner.Make(Meet(weeks, day, level, years)).Block!.Weeks.Select(week => week.Kind.ToString()[0]))
        );

    [Fact]
    public void The_last_ten_days_of_a_meet_on_saturday()
    {
        Plan plan = Planner.Make(Meet(6, 40, Level.Advanced, 9)); // Saturday of week 6; trains Mon, Wed, Fri, Sat
        DateOnly on = plan.Block!.Start.AddDays(40);
        string Day(int left) =>
            string.Join(
                ", ",
                plan.Block.Weeks.SelectMany(week => week.Sessions)
                    .Where(session => on.DayNumber - session.Date.DayNumber == left)
                    .SelectMany(session => session.Items)
                    .Where(item => item.Role is Role.Main)
                    .Select(item =>
                        $"{item.Exercise} {item.Sets.Count}x{item.Sets[0].Reps} "
                        + (item.Sets[0].Reps == 1 ? "easy" : $"{item.Sets.Max(set => set.Rpe.Value)}")
                    )
            );
        Assert.Equal("conventional-deadlift 3x2 9", Day(10)); // Wednesday
        Assert.Equal("", Day(8)); // Friday: no second heavy lift
        Assert.Equal("back-squat-high-bar 3x2 9", Day(7)); // Saturday
        Assert.Equal("bench-press 3x5 9", Day(5)); // Monday; its max is a guess, and nobody does doubles on a guess
        // Wednesday
        Assert.Equal("back-squat-high-bar 2x1 easy, bench-press 2x1 easy, conventional-deadlift 2x1 easy", Day(3));
        Assert.Equal("", Day(1));
        // The bench has no max of its own.
        Assert.Equal(["back-squat-high-bar", "conventional-deadlift"], plan.Attempts.Select(one => one.Exercise));
    }

    [Fact]
    public void Near_the_day_work_only_falls_away() =>
        Gen.Select(Made.Case, Gen.Int[3, 40])
            .Drawn(
                (@case, day) =>
                {
                    ClientCase meet = @case with
                    {
                        Client = @case.Client with { Competition = @case.Block.Start.AddDays(day) },
                        Block = @case.Block with { Kind = BlockKind.Strength, Weeks = 6 },
                    };
                    if (Planner.Make(meet).Block is not { } block || meet.Client.Events.Any(one => one.Date is not null))
                        return;
                    foreach (
                        IGrouping<string, PrescribedItem> course in block
                            .Weeks.SelectMany(week => week.Sessions)
                            .SelectMany(session => session.Items)
                            .GroupBy(item => item.Exercise)
                    )
                        Assert.All(
                            course.Zip(course.Skip(1)),
                            pair => Assert.False(pair.Second.SetUp.HeelCm > pair.First.SetUp.HeelCm, $"{course.Key}: the wedge grows again")
                        );
                    foreach (Session session in block.Weeks.SelectMany(week => week.Sessions))
                    {
                        int left = block.Start.DayNumber + day - session.Date.DayNumber;
                        Assert.NotEqual(0, left);
                        Assert.False(left is 1 or 2, "the last two days are free");
                        if (left is 3 or 4)
                            Assert.All(session.Items, item => Assert.True(item.Role is Role.Main, $"{item.Exercise} {left} days before"));
                    }
                },
                iter: 60
            );
}
