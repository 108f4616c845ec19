using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

public sealed class WeekShapeTests
{
    private static readonly DateOnly Monday = new(2026, 11, 30);

    // L load, d deload; docs/handbook/12-weeks-and-blocks.md.
    // The block starts on Monday 30 November 2026.
    [Theory]
    [InlineData(null, 3)] // nobody trained yet
    [InlineData(0, 3)] // one session is logged, and the first two weeks go on
    [InlineData(-3, 3)] // two weeks end in the second of the block
    [InlineData(-7, 2)]
    [InlineData(-14, 1)]
    [InlineData(-200, 1)]
    public void No_set_goes_to_the_last_repetition_in_a_clients_first_two_weeks(int? firstLogged, int week)
    {
        DateOnly start = new(2026, 11, 30);
        LogDay[] log = firstLogged is { } days ? [new LogDay(start.AddDays(days), null, []), new LogDay(start.AddDays(2), null, [])] : [];
        Assert.Equal(week, CalibratingSets.FirstWeek(log, start));
    }

    [Theory]
    [InlineData(1, Progression.Wave, Level.Intermediate, 30, "L")]
    [InlineData(4, Progression.Wave, Level.Intermediate, 30, "LLLd")]
    [InlineData(6, Progression.Wave, Level.Novice, 30, "LLLLLd")]
    [InlineData(7, Progression.Wave, Level.Intermediate, 30, "LLLdLLd")]
    [InlineData(12, Progression.Wave, Level.Advanced, 30, "LLLLLdLLLLLd")]
    [InlineData(12, Progression.Wave, Level.Advanced, 51, "LLLdLLLdLLLd")]
    [InlineData(4, Progression.Linear, Level.Intermediate, 50, "LLLL")]
    [InlineData(4, Progression.Linear, Level.Intermediate, 51, "LLLd")]
    [InlineData(5, Progression.Linear, Level.Intermediate, 30, "LLLLd")]
    [InlineData(5, Progression.Linear, Level.Novice, 30, "LLLLL")]
    [InlineData(5, Progression.Undulating, Level.Advanced, 30, "LLLLd")]
    public void Deloads_stand_where_they_are_due(int weeks, Progression school, Level level, int age, string expected) =>
        Assert.Equal(expected, string.Concat(Shapes(weeks, school, level, age).Select(week => week.Kind is WeekKind.Deload ? 'd' : 'L')));

    [Theory]
    [InlineData(Progression.Wave, 4, "5@7 5@8 5@9")]
    [InlineData(Progression.Wave, 5, "5@7 5@7.5 5@8.5 5@9")]
    [InlineData(Progression.Linear, 4, "6@8 5@8 4@8 3@8")]
    [InlineData(Progression.Undulating, 3, "3@8 3@8.5 3@9")]
    public void A_strength_main_lift_goes_from_week_to_week(Progression school, int weeks, string expected)
    {
        RoleRule main = RoleRule.Of(Role.Main, Aim.Strength, Nerezza.Core.Catalogue.Pattern.Squat);
        WeekProgression progression = new(school, new EffortSpan(Rpe.Of(7), Rpe.Of(9)));
        IEnumerable<string> found = Shapes(weeks, school, Level.Intermediate, 30)
            .Where(week => week.Kind is WeekKind.Load)
            .Select(week => progression.Of(week, main, main.Reps, 0))
            .Select(row => FormattableString.Invariant($"{row.Reps}@{row.Rpe.Value}"));
        Assert.Equal(expected, string.Join(' ', found));
    }

    [Theory]
    [InlineData("mon wed fri", BlockFocus.Whole, "Full Full Full")]
    [InlineData("mon tue thu fri", BlockFocus.Whole, "Upper Lower Upper Lower")]
    [InlineData("mon tue wed thu fri", BlockFocus.Whole, "Lower Upper Lower Upper Lower")]
    [InlineData("mon tue thu sat", BlockFocus.Lower, "Lower Lower Lower Lower")]
    public void Days_are_split_by_their_number(string days, BlockFocus focus, string expected)
    {
        TrainingDay[] given = [.. days.Split(' ').Select(day => new TrainingDay(Codes.Find<Weekday>(day)!.Value, 60))];
        Assert.Equal(expected, string.Join(' ', Split(given, Monday, focus).Select(day => day.Focus)));
    }

    [Fact]
    public void A_block_that_starts_midweek_takes_the_days_as_they_come()
    {
        IReadOnlyList<SplitDay> split = Split([new(Weekday.Mon, 60), new(Weekday.Thu, 60)], Monday.AddDays(2), BlockFocus.Whole);
        Assert.Equal([Monday.AddDays(3), Monday.AddDays(7)], split.Select(day => day.FirstDate));
    }

    private static IReadOnlyList<SplitDay> Split(TrainingDay[] days, DateOnly start, BlockFocus focus) =>
        new DaySplit(
            new Client
            {
                Name = "x",
                HeightCm = 175,
                MassKg = 80,
                Level = Level.Intermediate,
                Days = days,
            },
            new BlockRequest(start, BlockKind.Strength, 4, focus),
            ExerciseCatalogue.Shipped,
            null
        ).LayOut(new EveryWeek());

    [Theory]
    [InlineData(Goal.Strength, Level.Intermediate, null, OpenPain.No, BlockKind.Strength)]
    [InlineData(Goal.Muscle, Level.Intermediate, null, OpenPain.No, BlockKind.Muscle)]
    [InlineData(Goal.Strength, Level.Novice, null, OpenPain.No, BlockKind.Foundation)]
    [InlineData(Goal.Strength, Level.Intermediate, 21, OpenPain.No, BlockKind.Peak)]
    [InlineData(Goal.Strength, Level.Intermediate, 22, OpenPain.No, BlockKind.Strength)]
    [InlineData(Goal.Strength, Level.Intermediate, 10, OpenPain.Yes, BlockKind.Return)]
    [InlineData(Goal.Return, Level.Advanced, null, OpenPain.No, BlockKind.Return)]
    public void Auto_decides_by_pain_level_date_and_goal(Goal goal, Level level, int? daysToEvent, OpenPain pain, BlockKind expected)
    {
        Client client = Client(level, 30) with { Goal = goal, Competition = daysToEvent is { } days ? Monday.AddDays(days) : null };
        Assert.Equal(expected, Decide(BlockKind.Auto, client, pain));
        Assert.Equal(BlockKind.Peak, Decide(BlockKind.Peak, client, pain));
    }

    private static IReadOnlyList<WeekShape> Shapes(int weeks, Progression school, Level level, int age) =>
        WeekShape.LayOut(
            new BlockRequest(Monday, BlockKind.Strength, weeks, BlockFocus.Whole),
            BlockKind.Strength,
            Client(level, age),
            school
        );

    private static Client Client(Level level, int age) =>
        new()
        {
            Name = "x",
            BirthYear = 2026 - age,
            HeightCm = 175,
            MassKg = 80,
            Level = level,
            Days = [],
        };

    private static BlockKind Decide(BlockKind asked, Client client, OpenPain pain) =>
        BlockKindChoice
            .Decide(new KindInput(new BlockRequest(Monday, asked, 4, BlockFocus.Whole), client, [], new HashSet<Pattern>(), null, pain))
            .Kind;
}
