using System.Text;
using System.Text.Json;
using Nerezza.Cli;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Formats;
using Nerezza.Formats.Plans;
using NJsonSchema;

namespace Nerezza.Web.Tests;

/// <summary>The open formats and the command line.</summary>
public sealed class FormatTests
{
    public static TheoryData<string> Examples => [.. Directory.GetFiles(Samples.Folder, "*.json").Order(StringComparer.Ordinal)];

    [Theory, MemberData(nameof(Examples))]
    public void A_plan_has_a_block_whose_loads_its_equipment_can_make(string file)
    {
        (int code, string output, string errors) = Run(file);
        Assert.Equal((0, ""), (code, errors));
        JsonElement @case = JsonDocument.Parse(File.ReadAllText(file)).RootElement;
        PlanDocument plan = JsonSerializer.Deserialize<PlanDocument>(output, Json.Options)!;
        Dictionary<string, double> bars = @case
            .GetProperty("equipment")
            .GetProperty("bars")
            .EnumerateArray()
            .ToDictionary(bar => bar.GetProperty("name").GetString()!, bar => bar.GetProperty("kg").GetDouble());
        Dictionary<double, int> pairs = @case
            .GetProperty("equipment")
            .GetProperty("plates")
            .EnumerateArray()
            .ToDictionary(plate => plate.GetProperty("kg").GetDouble(), plate => plate.GetProperty("pairs").GetInt32());
        List<SetPart> sets =
        [
            .. plan.Block!.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items).SelectMany(item => item.Sets),
        ];
        Assert.NotEmpty(sets);
        Assert.All(
            sets.Where(set => set.Bar is not null),
            set =>
            {
                Assert.Equal(set.Kg!.Value, bars[set.Bar!] + 2 * set.PerSide!.Sum(), 6);
                Assert.All(set.PerSide!.GroupBy(plate => plate), same => Assert.True(same.Count() <= pairs[same.Key]));
            }
        );
        foreach (ItemPart item in plan.Block.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items))
        {
            if (
                plan.Maxes.FirstOrDefault(row => row.Exercise == item.Exercise)?.Kg is not { } max
                || ExerciseCatalogue.Shipped[item.Exercise].BodyFraction > 0
            )
                continue;
            // The smallest step of each gym here is 2.5 kg or less: the nearest load is within half of it, and under a cap, which is
            // never rounded up, within one.
            Assert.All(
                item.Sets.Where(set => set.PerSide is { Count: > 0 } && set.Percent is not null), // a first guess is no max to be a part of
                set => Assert.InRange(set.Kg!.Value - set.Percent!.Value / 100 * max, -2.5001, Math.Max(1.2501, 0.01 * max))
            );
        }
    }

    [Theory, MemberData(nameof(Examples))]
    public async Task Cases_and_plans_fit_their_schemas(string file)
    {
        Assert.Empty((await Schema("case")).Validate(await File.ReadAllTextAsync(file)));
        Assert.Empty((await Schema("plan")).Validate(Run(file).Output));
    }

    [Fact]
    public async Task The_schema_refuses_what_the_reader_refuses()
    {
        JsonSchema schema = await Schema("case");
        string text = await File.ReadAllTextAsync(Path.Combine(Samples.Folder, "deckhand.json"));
        foreach (
            (string from, string to) in new[]
            {
                ("175", "1.75"),
                ("intermediate", "middling"),
                ("\"name\"", "\"nane\""),
                ("2026-11-30", "soon"),
                ("\"version\": 1", "\"version\": 2"),
            }
        )
            Assert.NotEmpty(schema.Validate(text.Replace(from, to, StringComparison.Ordinal)));
    }

    [Fact]
    public void Several_cases_are_one_plan_a_line_the_same_each_time_and_one_bad_case_fails_them_all()
    {
        string[] files = [.. Directory.GetFiles(Samples.Folder, "*.json").Order(StringComparer.Ordinal)];
        (int code, string output, _) = Run(files);
        Assert.Equal(0, code);
        Assert.Equal(files.Length, output.Split('\n', StringSplitOptions.RemoveEmptyEntries).Length);
        Assert.Equal(output, Run(files).Output);
        (code, output, string errors) = Run([.. files, "no-such-file.json"]);
        Assert.Equal((2, ""), (code, output));
        Assert.StartsWith("no-such-file.json: ", errors, StringComparison.Ordinal);
    }

    [Fact]
    public void Standard_input_is_read_and_faults_are_one_line_each()
    {
        var output = new StringWriter();
        var errors = new StringWriter();
        using var input = new MemoryStream(
            Encoding.UTF8.GetBytes(
                "{\"format\":\"nerezza.case\",\"version\":1,\"client\":{\"name\":\"x\",\"heightCm\":1.75,"
                    + "\"massKg\":80,\"level\":\"novice\",\"days\":[]}}"
            )
        );
        Assert.Equal(2, PlanVerb.Run(["-"], PlanVerb.AsJson, input, output, errors));
        Assert.Equal("", output.ToString());
        Assert.Equal(
            ["client.heightCm: 1.75 is not between 100 and 250; centimetres expected", "client.days: 0 entries are not between 1 and 7"],
            errors.ToString().Split('\n', StringSplitOptions.RemoveEmptyEntries).Select(line => line.TrimEnd('\r'))
        );
    }

    [Fact]
    public void A_red_flag_prints_a_referral_and_no_block()
    {
        string text = File.ReadAllText(Path.Combine(Samples.Folder, "crane-driver.json"))
            .Replace("\"diet\"", "\"health\": { \"flags\": [\"night-pain\"] }, \"diet\"", StringComparison.Ordinal);
        string file = Path.GetTempFileName();
        File.WriteAllText(file, text);
        PlanDocument plan = JsonSerializer.Deserialize<PlanDocument>(Run(file).Output, Json.Options)!;
        File.Delete(file);
        Assert.Equal("Stop Doctor", $"{plan.Referral!.Level} {plan.Referral.Urgency}");
        Assert.Equal(["health.flags: night-pain"], plan.Referral.Reasons);
        Assert.Null(plan.Block);
    }

    [Fact]
    public void The_numbers_that_the_handbook_gives()
    {
        Assert.Equal(83.3, RepCurve.Standard.Fraction(5, Rpe.Of(8)) * 100, 1);
        Assert.Equal(116.1, RepCurve.Standard.OneRepMax(100, 6), 1);
        PlanDocument plan = JsonSerializer.Deserialize<PlanDocument>(
            Run(Path.Combine(Samples.Folder, "deckhand.json")).Output,
            Json.Options
        )!;
        Assert.Equal(116.1, plan.Maxes.First(max => max.Exercise == "back-squat-high-bar").Kg, 1);
    }

    [Fact]
    public void A_table_has_a_line_for_each_exercise_of_each_session_of_every_week()
    {
        string at = Directory.GetFiles(Samples.Folder, "*.json").Order().First();
        (int code, string table, _) = Run(PlanVerb.AsTable, at);
        Assert.Equal(0, code);
        PlanDocument plan = JsonSerializer.Deserialize<PlanDocument>(Run(at).Output, Json.Options)!;
        Assert.All(plan.Block!.Weeks, week => Assert.Contains($"Week {week.Number}, ", table, StringComparison.Ordinal));
        int items = plan.Block.Weeks.Sum(week => week.Sessions.Sum(session => session.Items.Count));
        Assert.Equal(
            items,
            table
                .Split('\n')
                .Count(line => line.StartsWith("   ", StringComparison.Ordinal) && line.Contains(" x ", StringComparison.Ordinal))
        );
    }

    private static (int Code, string Output, string Errors) Run(params string[] files) => Run(PlanVerb.AsJson, files);

    private static (int Code, string Output, string Errors) Run(Action<IReadOnlyList<Core.Plan>, TextWriter> write, params string[] files)
    {
        var output = new StringWriter();
        var errors = new StringWriter();
        int code = PlanVerb.Run(files, write, Stream.Null, output, errors);
        return (code, output.ToString(), errors.ToString());
    }

    private static async Task<JsonSchema> Schema(string name) => await JsonSchema.FromJsonAsync(Schemas.Find(name)!.ToJsonString());
}
