using System.Net;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Nerezza.Formats.Cases;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>Bad input gets an error that names the field, no 500, and nothing is saved.</summary>
public sealed class BadInputTests(Site site) : IClassFixture<Site>
{
    // Path of the field in the deckhand's case, what is put there, and what the error must say.
    public static TheoryData<string, string, string> Faults =>
        new()
        {
            { "format", "\"nerezza.plan\"", "format: \"nerezza.plan\" is not nerezza.case" },
            { "version", "2", "version: 2 is not 1" },
            { "versoin", "1", "versoin: is not a field of this format; did you mean version?" },
            { "client", "null", "client: null is not allowed" },
            { "client", "[]", "client: a list is not right; an object expected" },
            { "client.name", "\"  \"", "client.name: is blank" },
            { "client.name", "7", "client.name: 7 is not right; a text expected" },
            { "client.name", "\"a\\u0000b\"", "client.name: holds control characters" },
            { "client.heightCm", "1.75", "client.heightCm: 1.75 is not between 100 and 250; centimetres expected" },
            { "client.heightCm", "\"175\"", "client.heightCm: the text '175' is not right" },
            { "client.heightCm", "1e999", "client.heightCm: 1e999 is not between 100 and 250" },
            { "client.heightCm", "-175", "client.heightCm: -175 is not between" },
            { "client.massKg", "24.9", "client.massKg: 24.9 is not between 25 and 300; kilograms expected" },
            { "client.massKg", "300.1", "client.massKg: 300.1 is not between" },
            { "client.birthYear", "1990.5", "client.birthYear: 1990.5 is not a whole number" },
            { "client.level", "\"intermediat\"", "client.level: 'intermediat' is not a known level; did you mean intermediate?" },
            { "client.level", "\"Intermediate\"", "client.level: 'Intermediate' is not a known level; did you mean intermediate?" },
            { "client.goal", "\"strenght\"", "client.goal: 'strenght' is not a known goal; did you mean strength?" },
            { "client.sex", "true", "client.sex: true is not right; one of female, male, unspecified expected" },
            { "client.emphasis", "[\"glutes\"]", "client.emphasis[0]: 'glutes' is not a known muscle" },
            {
                "client.targetLifts",
                "[\"front-sqat\"]",
                "client.targetLifts[0]: 'front-sqat' is not a known exercise; did you mean front-squat?"
            },
            { "client.days", "[]", "client.days: 0 entries are not between 1 and 7" },
            { "client.days", "[{\"day\":\"mon\",\"minutes\":5}]", "client.days[0].minutes: 5 is not between 10 and 300; minutes expected" },
            {
                "client.days",
                "[{\"day\":\"monday\",\"minutes\":60}]",
                "client.days[0].day: 'monday' is not a known weekday; did you mean mon?"
            },
            {
                "client.days",
                "[{\"day\":\"mon\",\"minutes\":60},{\"day\":\"mon\",\"minutes\":60}]",
                "client.days[1].day: mon stands twice"
            },
            { "client.days", "[{\"day\":\"mon\"}]", "client.days[0].minutes: is missing" },
            { "client.heightcm", "175", "client.heightcm: is not a field of this format; did you mean heightCm?" },
            { "client.segmentsCm", "{\"thigh\":430}", "client.segmentsCm.thigh: 430 is not between" },
            { "client.competition", "{\"date\":\"01.05.2027\"}", "client.competition.date: '01.05.2027' is not a date" },
            { "client.competition", "{\"date\":\"2027-02-30\"}", "client.competition.date: '2027-02-30' is not a date" },
            {
                "client.health",
                "{\"flags\":[\"nightpain\"]}",
                "client.health.flags[0]: 'nightpain' is not a known health flag; did you mean night-pain?"
            },
            {
                "client.health",
                "{\"clearedBy\":{\"name\":\"\",\"profession\":\"physician\",\"date\":\"2026-11-01\"}}",
                "client.health.clearedBy.name: is blank"
            },
            {
                "client.health",
                "{\"clearedBy\":{\"name\":\"A\",\"date\":\"2026-11-01\"}}",
                "client.health.clearedBy.profession: is missing"
            },
            { "screenedOn", "\"yesterday\"", "screenedOn: 'yesterday' is not a date" },
            { "earlierScreens", "[{\"screen\":{}}]", "earlierScreens[0].date: is missing" },
            {
                "earlierScreens",
                "[{\"date\":\"2026-10-01\"},{\"date\":\"2026-10-01\"}]",
                "earlierScreens[1].date: 2026-10-01 stands twice; one screen a day expected"
            },
            {
                "earlierScreens",
                "[{\"date\":\"2026-10-01\",\"screen\":{\"hipFlexionDeg\":190}}]",
                "earlierScreens[0].screen.hipFlexionDeg: 190 is not between 0 and 180; degrees expected"
            },
            {
                "earlierScreens",
                "[{\"date\":\"2026-10-01\",\"faults\":[{\"lift\":\"front-sqat\",\"fault\":\"sticks-low\"}]}]",
                "earlierScreens[0].faults[0].lift: 'front-sqat' is not a known exercise; did you mean front-squat?"
            },
            { "equipment.items", "[\"barbel\"]", "equipment.items[0]: 'barbel' is not a known implement; did you mean barbell?" },
            { "equipment.plates", "[{\"kg\":-20,\"pairs\":2}]", "equipment.plates[0].kg: -20 is not between" },
            { "equipment.plates", "[{\"kg\":20,\"pairs\":1e9}]", "equipment.plates[0].pairs: 1e9 is not between 0 and 40; pairs expected" },
            { "equipment.plates", "[{\"kg\":20,\"pairs\":-1}]", "equipment.plates[0].pairs: -1 is not between" },
            { "equipment.dumbbellsKg", "[10, \"12\"]", "equipment.dumbbellsKg[1]: the text '12' is not right" },
            {
                "equipment.bands",
                "[{\"name\":\"b\",\"points\":[{\"cm\":100,\"kg\":5},{\"cm\":90,\"kg\":6}]}]",
                "equipment.bands[0].points[1].cm: 90 is not longer"
            },
            {
                "equipment.bars",
                "[{\"name\":\"bar\",\"kg\":20},{\"name\":\"bar\",\"kg\":15}]",
                "equipment.bars[1].name: 'bar' stands twice"
            },
            { "equipment.bars", "[{\"name\":\"bar\",\"kg\":0}]", "equipment.bars[0].kg: 0 is not between 1 and 60" },
            { "strength", "[{\"exercise\":\"front-squat\",\"kg\":80}]", "strength[0].reps: is missing" },
            { "strength", "[{\"exercise\":\"front-squat\",\"kg\":80,\"reps\":0}]", "strength[0].reps: 0 is not between 1 and 100" },
            {
                "strength",
                "[{\"exercise\":\"front-squat\",\"kg\":80,\"reps\":5,\"rpe\":11}]",
                "strength[0].rpe: 11 is not between 1 and 10"
            },
            {
                "strength",
                "[{\"exercise\":\"front-squat\",\"kg\":80,\"reps\":5,\"side\":\"both\"}]",
                "strength[0].side: 'both' is not a known side; one of left, right expected"
            },
            {
                "faults",
                "[{\"lift\":\"front-squat\",\"fault\":\"heel-rise\"}]",
                "faults[0].fault: 'heel-rise' is not a known fault code; did you mean heels-rise?"
            },
            { "pain", "[{\"region\":\"back\"}]", "pain[0].region: 'back' is not a known pain region" },
            {
                "ladders",
                "[{\"ladder\":\"split-squats\",\"rung\":1}]",
                "ladders[0].ladder: 'split-squats' is not a known ladder id; did you mean split-squat?"
            },
            {
                "log",
                "[{\"date\":\"2026-11-01\",\"readiness\":{\"soreness\":{\"quads\":1}},\"sets\":[]}]",
                "log[0].readiness.soreness.quads: is not a known code"
            },
            { "block.start", "\"tomorrow\"", "block.start: 'tomorrow' is not a date" },
            { "block.weeks", "13", "block.weeks: 13 is not between 1 and 12; weeks expected" },
            { "block.kind", "\"hypertrophy\"", "block.kind: 'hypertrophy' is not a known block kind" },
        };

    [Theory, MemberData(nameof(Faults))]
    public async Task A_malformed_case_is_told_field_by_field(string path, string value, string expected)
    {
        string text = With(path, value);
        var faulty = Assert.IsType<CaseReading.Faulty>(CaseReader.Read(Encoding.UTF8.GetBytes(text)));
        Assert.Contains(faulty.Faults, fault => fault.ToString().StartsWith(expected, StringComparison.Ordinal));
        Caller caller = await site.AsHill();
        HttpResponseMessage answer = await caller.SendText(HttpMethod.Post, "/api/clients/import", text);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        JsonElement problem = JsonDocument.Parse(await answer.Content.ReadAsStringAsync()).RootElement;
        Assert.Contains(
            problem.GetProperty("errors").EnumerateObject(),
            field => expected.StartsWith(field.Name, StringComparison.Ordinal)
        );
        Assert.Empty(await caller.Get<List<ClientLine>>("/api/clients?today=2026-11-30"));
    }

    [Theory]
    [InlineData("")]
    [InlineData("{")]
    [InlineData("{\"client\": NaN}")]
    [InlineData("{\"format\":\"nerezza.case\",\"format\":\"nerezza.case\"}")]
    [InlineData("null")]
    [InlineData("[1,2]")]
    [InlineData("\"text\"")]
    public async Task What_is_no_case_at_all_is_told(string text)
    {
        Assert.IsType<CaseReading.Faulty>(CaseReader.Read(Encoding.UTF8.GetBytes(text)));
        HttpResponseMessage answer = await (await site.AsHill()).SendText(HttpMethod.Post, "/api/clients/import", text);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
    }

    [Fact]
    public void Depth_size_and_sheer_number_are_bounded()
    {
        string deep = string.Concat(Enumerable.Repeat("[", 5000)) + string.Concat(Enumerable.Repeat("]", 5000));
        Assert.Contains("not JSON that can be read", Message(With("log", deep)), StringComparison.Ordinal);
        string sets = string.Join(',', Enumerable.Repeat("{\"exercise\":\"front-squat\"}", 100_000));
        Assert.Contains(
            "100000 entries are not between 0 and 20000",
            Message(With("log", $"[{{\"date\":\"2026-11-01\",\"sets\":[{sets}]}}]")),
            StringComparison.Ordinal
        );
        string half = string.Join(',', Enumerable.Repeat("{\"exercise\":\"front-squat\"}", 10_001)),
            day = $"{{\"date\":\"2026-11-01\",\"sets\":[{half}]}}";
        Assert.Contains("log: 20002 sets are more than 20000", Message(With("log", $"[{day},{day}]")), StringComparison.Ordinal);
        Assert.Contains("5 MB", Message(new string(' ', CaseReader.MostBytes + 1)), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(
        "POST",
        "/sets",
        "{\"id\":\"not-a-uuid\",\"date\":\"2026-11-30\",\"exercise\":\"front-squat\",\"place\":0,\"kg\":80,\"reps\":5}",
        "id"
    )]
    [InlineData(
        "POST",
        "/sets",
        "{\"id\":\"0190a000-0000-7000-8000-000000000001\",\"date\":\"2026-11-30\","
            + "\"exercise\":\"front-squat\",\"place\":0,\"kg\":-5,\"reps\":5}",
        "kg"
    )]
    [InlineData(
        "POST",
        "/sets",
        "{\"id\":\"0190a000-0000-7000-8000-000000000001\",\"date\":\"2026-11-30\","
            + "\"exercise\":\"front-squat\",\"place\":0,\"kg\":80,\"reps\":5,\"rpe\":0}",
        "rpe"
    )]
    [InlineData("POST", "/sets", "{}", "exercise")]
    [InlineData("POST", "/plans", "{\"start\":\"2026-11-30\",\"weeks\":0}", "weeks")]
    [InlineData("POST", "/plans", "{\"weeks\":4}", "start")]
    [InlineData("POST", "/maxes", "{\"exercise\":\"front-squat\",\"kg\":0,\"reps\":5}", "kg")]
    [InlineData("POST", "/maxes", "{\"exercise\":\"front-squat\",\"kg\":1e400,\"reps\":5}", "kg")]
    [InlineData("PUT", "/equipment", "{\"equipment\":{\"plates\":[{\"kg\":20,\"pairs\":2.5}]},\"version\":1}", "equipment.plates[0].pairs")]
    [InlineData("PUT", "/facts", "{\"facts\":{\"name\":\"x\"},\"schools\":{},\"version\":1}", "facts.heightCm")]
    public async Task A_malformed_request_names_its_field(string method, string path, string body, string field)
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        string before = JsonSerializer.Serialize(await caller.Get<IntakeView>($"/api/clients/{id}/intake"));
        HttpResponseMessage answer = await caller.SendText(new HttpMethod(method), $"/api/clients/{id}{path}", body);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.True(
            JsonDocument.Parse(await answer.Content.ReadAsStringAsync()).RootElement.GetProperty("errors").TryGetProperty(field, out _)
        );
        Assert.Equal(before, JsonSerializer.Serialize(await caller.Get<IntakeView>($"/api/clients/{id}/intake")));
        Assert.Empty((await caller.Get<BlockView>($"/api/clients/{id}/block")).Done);
    }

    private static string Message(string text) =>
        string.Join('\n', Assert.IsType<CaseReading.Faulty>(CaseReader.Read(Encoding.UTF8.GetBytes(text))).Faults);

    /// <summary>The deckhand's case with one value put in as raw JSON, which need not be valid on its own.</summary>
    private static string With(string path, string value)
    {
        const string place = "\"@@\"";
        JsonNode document = JsonNode.Parse(File.ReadAllText(Path.Combine(Samples.Folder, "deckhand.json")))!;
        string[] parts = path.Split('.');
        JsonNode at = document;
        foreach (string part in parts[..^1])
            at = at[part]!;
        at[parts[^1]] = "@@";
        return document.ToJsonString().Replace(place, value, StringComparison.Ordinal);
    }
}
