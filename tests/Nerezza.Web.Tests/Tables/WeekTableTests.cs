using System.Text;
using CsCheck;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Selection;
using Nerezza.Formats.Plans;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;
using Nerezza.Tables.Weeks;
using Nerezza.Tests.Shared;

namespace Nerezza.Web.Tests.Tables;

/// <summary>Weeks of training as they stand in spreadsheets: what is understood, and what is refused with its cell.</summary>
public sealed class WeekTableTests
{
    [Fact]
    public void A_week_with_headings_is_sessions_with_what_is_asked()
    {
        WeekReading week = Read(
            """
            Day	Order	Exercise	Sets	Reps	%	RPE	Tempo	Rest	kg
            Monday		Back squat, high bar	5	3	0.8		3-1-X-0	180	120
            	A1	Leg press	3	10		8		90 s
            	A2	Plank	3	30 s
            Thursday		Conventional deadlift	4	5	75%
            		Leg press	2	12		7.5
            """
        );
        Assert.All(week.Lines, line => Assert.Null(line.Why));
        Assert.Equal(
            [("Monday", 1), ("Monday", 1), ("Monday", 1), ("Thursday", 2), ("Thursday", 2)],
            week.Lines.Select(l => (l.Named, l.Session))
        );
        TemplateItemSection squat = week.Lines[0].Item!;
        Assert.Equal(
            ("back-squat-high-bar", Role.Main, 5, 3, 80d, "3-1-X-0", 180),
            (squat.Exercise, squat.Role, squat.Sets, squat.Reps, squat.Percent, squat.Tempo, squat.RestSeconds)
        );
        Assert.Equal(("A", 8d, 90), (week.Lines[1].Item!.Superset, week.Lines[1].Item!.Rpe, week.Lines[1].Item!.RestSeconds));
        Assert.Equal((Role.Trunk, 30, null), (week.Lines[2].Item!.Role, week.Lines[2].Item!.Seconds, week.Lines[2].Item!.Reps));
        Assert.Equal((Role.Main, 75d), (week.Lines[3].Item!.Role, week.Lines[3].Item!.Percent));
        Assert.True(week.HasLoads);
    }

    [Theory]
    [InlineData(
        "Monday\nBack squat, high bar 5x3 @80%\nLeg press 3x10 RPE 8\n\nLower B\nConventional deadlift: 4x5 @ 75%\nLeg press 2x12 @7.5"
    )]
    [InlineData(
        "Monday\t\nBack squat, high bar\t5x3 80%\nLeg press\t3x10\t@8\nLower B\nConventional deadlift\t4x5\t75%\nLeg press\t2x12\tRPE 7.5"
    )]
    [InlineData("Monday\tThursday\nBack squat, high bar 5x3 80%\tConventional deadlift 4x5 75%\nLeg press 3x10 @8\tLeg press 2x12 @7.5")]
    [InlineData(
        "Week\tDay\tLift\tSets x reps\tRPE\tIntensity\n1\tA\tBack squat, high bar\t5x3\t\t80\n\t\tLeg press\t3x10\t8\n"
            + "\tB\tConventional deadlift\t4x5\t\t75%\n\t\tLeg press\t2x12\t7.5"
    )]
    public void Other_shapes_say_the_same(string text)
    {
        WeekReading week = Read(text);
        Assert.All(week.Lines, line => Assert.Null(line.Why));
        Assert.Equal(
            [
                (1, "back-squat-high-bar", 5, 3, 80d, null),
                (1, "leg-press", 3, 10, null, 8d),
                (2, "conventional-deadlift", 4, 5, 75, null),
                (2, "leg-press", 2, 12, null, 7.5),
            ],
            week.Lines.Select(line =>
                (line.Session, line.Item!.Exercise, line.Item.Sets!.Value, line.Item.Reps!.Value, line.Item.Percent, line.Item.Rpe)
            )
        );
        Assert.False(week.HasLoads);
    }

    [Fact]
    public void The_example_in_the_documents_is_read()
    {
        string page = File.ReadAllText(Path.Combine(ServerProcess.Root, "docs/formats/template.md"));
        WeekReading week = Read(page.Split("```text\n")[1].Split("```")[0].Trim());
        Assert.All(week.Lines, line => Assert.Null(line.Why));
        Assert.Equal([1, 1, 1, 2, 2], week.Lines.Select(line => line.Session));
    }

    [Fact]
    public void Weeks_below_each_other_are_weeks()
    {
        WeekReading week = Read("Week\tDay\tLift\tWork\n1\tA\tLeg press\t3x10\n\tB\tLeg press\t3x8\nWeek 2\tA\tLeg press\t4x10\n");
        Assert.Equal([(1, 1, 10), (1, 2, 8), (2, 1, 10)], week.Lines.Select(line => (line.Week, line.Session, line.Item!.Reps!.Value)));
    }

    [Theory]
    [InlineData("Leg press 3x12-8", "A1: 3x12-8 cannot be read for certain")]
    [InlineData("Leg press\t5\t5", "B1: 5 cannot be read for certain")]
    [InlineData("Leg press\t3x10\tslowly", "C1: slowly cannot be read for certain")]
    [InlineData("Winterpresse 3x10", "A1: Winterpresse is not known")]
    public void What_cannot_be_read_names_its_cell(string text, string why) =>
        Assert.StartsWith(why, Assert.Single(Read(text).Lines).Why, StringComparison.Ordinal);

    [Theory]
    [InlineData("3x8-12 @7-8", 3, 10, 7.5, null)]
    [InlineData("3 x 6 – 9", 3, 8, null, null)]
    [InlineData("3-4x8 70-75%", 3, 8, null, 72.5)]
    [InlineData("3 sets of 10 each side @8", 3, 10, 8d, null)]
    [InlineData("3x10 reps per leg 2 RIR", 3, 10, 8d, null)]
    [InlineData("4x6 RIR 1-2", 4, 6, 8.5, null)]
    [InlineData("3x5 3-1-1-0 @8", 3, 5, 8d, null)]
    public void Ranges_are_their_middle_and_repetitions_left_are_an_effort(string work, int sets, int reps, double? rpe, double? percent)
    {
        foreach (string text in (string[])[$"Leg press {work}", $"Leg press\t{work}"])
        {
            WeekReading week = Read(text);
            PastedLine line = Assert.Single(week.Lines);
            Assert.Null(line.Why);
            Assert.Equal((sets, reps, rpe, percent), (line.Item!.Sets, line.Item.Reps, line.Item.Rpe, line.Item.Percent));
            Assert.Equal(work.Contains("3-1-1-0", StringComparison.Ordinal) ? "3-1-1-0" : null, line.Item.Tempo);
            Assert.Equal(line.Item.Tempo is null && work.IndexOfAny(['-', '–']) > 0, week.HasRanges);
        }
    }

    [Fact]
    public void A_column_of_repetitions_left_and_one_of_ranges()
    {
        WeekReading week = Read("Exercise\tSets\tReps\tRIR\tRest\nLeg press\t3-4\t8-11\t1-2\t90-120\n");
        TemplateItemSection item = Assert.Single(week.Lines).Item!;
        Assert.Equal((3, 10, 8.5, 105, true), (item.Sets, item.Reps, item.Rpe, item.RestSeconds, week.HasRanges));
    }

    [Theory]
    [InlineData("3x5x100", true)]
    [InlineData("3x5 @ 100kg", true)]
    [InlineData("3x5 @9.5", false)]
    public void Loads_are_told_and_left_to_the_maxes(string work, bool has)
    {
        WeekReading week = Read($"Leg press\t{work}");
        Assert.Equal((3, 5, has), (week.Lines[0].Item!.Sets, week.Lines[0].Item!.Reps, week.HasLoads));
    }

    /// <summary>Whatever is pasted, each line is an item or says why not.</summary>
    [Fact]
    public void No_text_ends_the_reading() =>
        Gen.Select(Gen.Int[0, Odd.Length - 1].Array[1, 12], Gen.String[0, 20], Gen.Int[0, 1])
            .Sample(
                pasted =>
                {
                    string text = string.Join(pasted.Item3 == 0 ? "\n" : "\t", pasted.Item1.Select(at => Odd[at])) + "\n" + pasted.Item2;
                    if (text.Trim().Length > 0)
                        Assert.All(Read(text.Replace('"', '\'')).Lines, line => Assert.Equal(line.Item is null, line.Why is not null));
                },
                iter: 2_000
            );

    private static readonly string[] Odd =
    [
        "Monday",
        "Tuesday",
        "Leg press",
        "Leg press 3x10",
        "Leg press 99x999 @99",
        "3x5",
        $"3x{new string('9', 3)}",
        new string('9', 400),
        "@8",
        "80%",
        "A1",
        "Week",
        "Exercise\tSets",
        "99:99",
        "x",
    ];

    private static WeekReading Read(string text)
    {
        Sheet sheet = text.Contains('\t', StringComparison.Ordinal)
            ? Assert.IsType<ReadFile.Sheets>(SheetReader.Read(Encoding.UTF8.GetBytes(text))).All[0]
            : new Sheet("", [.. text.Split('\n').Select((line, i) => new SheetRow(i + 1, [new Cell(line)]))]);
        return new WeekReader(
            new ExerciseNames(ExerciseCatalogue.Shipped, new Dictionary<string, string>()),
            ExerciseCatalogue.Shipped
        ).Read(sheet);
    }
}
