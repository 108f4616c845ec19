using System.Text;
using CsCheck;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Clients;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;
using Nerezza.Tests.Shared;

namespace Nerezza.Web.Tests.Tables;

/// <summary>Lists of clients as coaches keep them: what is understood, and what is refused with its cell.</summary>
public sealed class ClientListTableTests
{
    private static readonly DateOnly Today = new(2026, 11, 30);
    private static readonly UsualFacts Usual = new(Level.Novice, [Weekday.Mon, Weekday.Thu], 60);
    private const string Needed = "Name,Height,Weight\nAnna,170,64\n";

    [Fact]
    public void A_list_becomes_cases_with_facts_tests_and_maxes()
    {
        ClientListReading read = Read(
            """
            Clients of the studio;;;;;;;;;;
            Nachname;Vorname;geboren;Geschlecht;Größe;Gewicht;Niveau;Tage;Datum;Knie-Wand links;Ankle R;High bar squat 1RM;Leg press 5RM
            Berg;Anna;3.4.1990;w;1,70;64;Fortgeschritten;Mo Mi Fr;16.11.2026;9;11,5;100;160
            Holm;Jo;1985;m;182 cm;90 kg;beginner;di 45, do 60;;;;5x140@8;
            """
        );
        Assert.All(read.Clients, client => Assert.Null(client.Why));
        CaseDocument anna = read.Clients[0].Case!,
            jo = read.Clients[1].Case!;
        Assert.Equal(
            ("Anna Berg", 1990, Sex.Female, 170d, 64d, Level.Intermediate),
            (anna.Client.Name, anna.Client.BirthYear, anna.Client.Sex, anna.Client.HeightCm, anna.Client.MassKg, anna.Client.Level)
        );
        Assert.Equal([(Weekday.Mon, 60), (Weekday.Wed, 60), (Weekday.Fri, 60)], anna.Client.Days.Select(day => (day.Day, day.Minutes)));
        Assert.Equal((9, 11.5), (anna.Screen!.KneeToWallCm!.Left, anna.Screen.KneeToWallCm.Right));
        Assert.Equal(new DateOnly(2026, 11, 16), anna.ScreenedOn);
        Assert.Equal(
            [("back-squat-high-bar", 100, 1, new DateOnly(2026, 11, 16)), ("leg-press", 160d, 5, new DateOnly(2026, 11, 16))],
            anna.Strength!.Select(set => (set.Exercise, set.Kg, set.Reps, set.Date!.Value))
        );
        Assert.Equal([(Weekday.Tue, 45), (Weekday.Thu, 60)], jo.Client.Days.Select(day => (day.Day, day.Minutes)));
        StrengthSection max = Assert.Single(jo.Strength!);
        Assert.Equal((140d, 5, 8d, Today), (max.Kg, max.Reps, max.Rpe, max.Date));
        Assert.Null(jo.Screen);
    }

    [Fact]
    public void Rows_of_one_client_are_one_client_with_a_screen_a_day_and_a_max_a_row()
    {
        ClientReading anna = Assert.Single(
            Read(
                """
                Athlete,Height,Weight,Date,Ankle left,Exercise,kg,Reps,RPE
                Anna,170,64,2026-10-05,8,Leg press,160,5,8
                ,,,2026-11-02,9.5,Leg press,175,5,9
                anna,,,2026-11-02,,Bench press,60,3,
                """
            ).Clients
        );
        Assert.Null(anna.Why);
        Assert.Equal([2, 3, 4], anna.Rows);
        Assert.Equal((9.5, new DateOnly(2026, 11, 2)), (anna.Case!.Screen!.KneeToWallCm!.Left, anna.Case.ScreenedOn));
        EarlierScreenSection before = Assert.Single(anna.Case.EarlierScreens!);
        Assert.Equal((8, new DateOnly(2026, 10, 5)), (before.Screen!.KneeToWallCm!.Left, before.Date));
        Assert.Equal([(160d, 5, (double?)8), (175, 5, 9), (60, 3, null)], anna.Case.Strength!.Select(set => (set.Kg, set.Reps, set.Rpe)));
    }

    [Fact]
    public void Who_is_on_file_keeps_their_facts_or_follows_the_list()
    {
        const string list = "Name,Weight,Days,Ankle left\nanna berg,66,tue fri,9\n";
        var anna = new ClientSection
        {
            Name = "Anna Berg",
            HeightCm = 170,
            MassKg = 64,
            Level = Level.Advanced,
            Days = [new DaySection { Day = Weekday.Mon, Minutes = 90 }, new DaySection { Day = Weekday.Fri, Minutes = 75 }],
        };
        ClientReading stay = Assert.Single(Read(list, onFile: anna).Clients),
            follow = Assert.Single(Read(list, facts: FactsOnFile.Follow, onFile: anna).Clients);
        Assert.Equal(["body mass", "training days"], stay.Differs);
        Assert.Equal((64, 9), (stay.Case!.Client.MassKg, stay.Case.Screen!.KneeToWallCm!.Left));
        Assert.Equal((66, Level.Advanced), (follow.Case!.Client.MassKg, follow.Case.Client.Level));
        Assert.Equal([(Weekday.Tue, 90), (Weekday.Fri, 75)], follow.Case.Client.Days.Select(day => (day.Day, day.Minutes)));
    }

    [Theory]
    [InlineData("1.75", 175)]
    [InlineData("1,75 m", 175)]
    [InlineData("175", 175)]
    [InlineData("5'9\"", 175.3)]
    [InlineData("5 ft 9", 175.3)]
    [InlineData("69 in", 175.3)]
    [InlineData("1750 mm", 175)]
    public void Heights_are_read_as_they_are_written(string cell, double cm) =>
        Assert.Equal(cm, Assert.Single(Read($"Name\tHeight\tWeight\nAnna\t{cell}\t64\n").Clients).Case!.Client.HeightCm);

    [Theory]
    [InlineData("100", 100, 1, null)]
    [InlineData("102,5 kg", 102.5, 1, null)]
    [InlineData("225 lb", 102.058, 1, null)]
    [InlineData("100x5", 100, 5, null)]
    [InlineData("5 x 100", 100, 5, null)]
    [InlineData("12kg x 10 @ 9", 12, 10, 9.0)]
    [InlineData("100@9.5", 100, 1, 9.5)]
    public void A_max_is_read_as_it_is_written(string cell, double kg, int reps, double? rpe)
    {
        StrengthSection max = Assert.Single(Max(cell).Case!.Strength!);
        Assert.Equal((kg, reps, rpe), (max.Kg, max.Reps, max.Rpe));
    }

    [Theory]
    [InlineData("Name,Height,Weight\nAnna,1750,64\n", "B2: 1750 is not between 100 and 250; centimetres expected")]
    [InlineData("Name,Height,Weight\nAnna,tall,64\n", "B2: tall is no number; centimetres expected")]
    [InlineData(
        "Name,Height\nAnna,170\n",
        "row 2: no column says body mass; it is missing; a number between 25 and 300 (kilograms) expected"
    )]
    [InlineData("Name,Height,Weight\nAnna,170,\n", "row 2: body mass is missing; a number between 25 and 300 (kilograms) expected")]
    [InlineData("Name,Height,Weight,Days\nAnna,170,64,3\n", "D2: 3 says no days; for example mon wed fri, or mon 75 wed 60 expected")]
    [InlineData(
        "Name,Height,Weight,Level\nAnna,170,64,advancd\n",
        "D2: advancd is none of novice, intermediate, advanced; did you mean advanced?"
    )]
    [InlineData("Name,Height,Weight,Calf raise left\nAnna,170,64,400\n", "D2: 400 is not between 0 and 200; the unit of the test expected")]
    [InlineData("Name,Height,Weight\nAnna,170,64\nAnna,171,64\n", "B3: says otherwise than B2")]
    [InlineData("Name,Height,Weight,Squat max\nAnna,170,64,100\n", "D2: squat is not known; say which exercise it is")]
    [InlineData(
        "Name,Height,Weight,Leg press max\nAnna,170,64,10x8\n",
        "D2: 10x8 cannot be read for certain; for example 100, 100x5 or 100x5@9 expected"
    )]
    [InlineData("Name,Height,Weight,Leg press max\nAnna,170,64,100x5@12\n", "D2: 12 is not between 1 and 10; an RPE expected")]
    [InlineData("Name,Height,Weight,Tested,Ankle left\nAnna,170,64,soon,9\n", "D2: soon is no day; for example 2026-11-30 expected")]
    public void What_cannot_be_read_names_its_cell(string list, string why)
    {
        ClientReading anna = Assert.Single(Read(list).Clients);
        Assert.Null(anna.Case);
        Assert.Equal(why, anna.Why);
    }

    [Fact]
    public void What_nobody_says_is_asked_for_and_a_row_of_nobody_is_told()
    {
        ClientReading anna = Assert.Single(Read(Needed, usual: new UsualFacts(Level.Novice, [], null)).Clients);
        Assert.Equal("row 2: says no training days or minutes; say them for all below, or in columns", anna.Why);
        Assert.Equal(["row 2: names nobody"], Read("Name,Height\n,170\nAnna,170\n").Nameless);
        Assert.Equal("squat", Assert.Single(Read("Name,Height,Weight,Squat max\nAnna,170,64,100\n").Unknown).Name);
    }

    [Fact]
    public void The_example_in_the_documents_is_read_and_every_column_is_named_there()
    {
        string page = File.ReadAllText(Path.Combine(ServerProcess.Root, "docs/formats/clients.md"));
        ClientListReading read = Read(page.Split("```csv\n")[1].Split("```")[0]);
        Assert.Equal(["Anna Berg", "Jo Holm"], read.Clients.Where(client => client.Case is not null).Select(client => client.Name));
        Assert.Equal((9, 11.5), (read.Clients[0].Case!.Screen!.KneeToWallCm!.Left, read.Clients[0].Case!.Screen!.KneeToWallCm!.Right));
        Assert.Equal([(160d, 5), (140, 5)], read.Clients.Select(client => (client.Case!.Strength![0].Kg, client.Case.Strength[0].Reps)));
        IEnumerable<string> named = Enum.GetValues<ClientColumn>()
            .Where(column => column < ClientColumn.ShankCm)
            .Select(column => $"`{Codes.Of(column)}`");
        Assert.All(named, column => Assert.Contains(column, page, StringComparison.Ordinal));
    }

    /// <summary>Whatever stands in its cells, a list is read or refused, and what is read keeps the rules of a case.</summary>
    [Fact]
    public void No_cell_ends_the_reading() =>
        Gen.Select(Gen.OneOf(Odd, Gen.String[0, 12]).Array[13], Gen.OneOf(Odd, Gen.String[0, 12]).Array[13])
            .Sample(
                rows =>
                {
                    const string headings =
                        "Name\tBorn\tSex\tHeight\tWeight\tLevel\tDays\tMinutes\tTested\tAnkle left\tLeg press max\tExercise\tkg";
                    string list = $"{headings}\n{Row(rows.Item1)}\n{Row(rows.Item2)}\n";
                    foreach (ClientReading client in Read(list, usual: Usual).Clients)
                        Assert.Equal(client.Case is null, client.Why is not null);
                },
                iter: 2_000
            );

    private static readonly string[] OddCells =
    [
        "",
        "Anna",
        "1.75",
        "64",
        "5'9\"",
        "mon 60",
        "mon 999 wed",
        "100x5@9",
        "9e99",
        new string('9', 400),
        "NaN",
        "\u221E",
        "-1",
        "1990-02-30",
        "=1+1",
        "0",
        "leg press",
    ];

    private static readonly Gen<string> Odd = Gen.Int[0, OddCells.Length - 1].Select(at => OddCells[at]);

    private static string Row(string[] cells) =>
        string.Join('\t', cells.Select(cell => cell.Replace('\t', ' ').Replace('\n', ' ').Replace('\r', ' ').Replace('"', '\'')));

    private static ClientReading Max(string cell) =>
        Assert.Single(Read($"Name\tHeight\tWeight\tBack squat high bar 1RM\nAnna\t170\t64\t{cell}\n").Clients);

    private static ClientListReading Read(
        string list,
        UsualFacts? usual = null,
        FactsOnFile facts = FactsOnFile.Stay,
        ClientSection? onFile = null
    )
    {
        Sheet sheet = Assert.IsType<ReadFile.Sheets>(SheetReader.Read(Encoding.UTF8.GetBytes(list))).All[0];
        var names = new ExerciseNames(ExerciseCatalogue.Shipped, new Dictionary<string, string>());
        return new ClientListReader(
            ClientColumnGuess.Of(sheet, names),
            names,
            ExerciseCatalogue.Shipped,
            usual ?? Usual,
            facts,
            Today,
            DaySpan.Around(Today),
            name => onFile is { } there && ExerciseNames.Plain(there.Name) == ExerciseNames.Plain(name) ? there : null
        ).Read(sheet);
    }
}
