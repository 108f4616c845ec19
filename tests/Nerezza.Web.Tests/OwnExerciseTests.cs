using System.Net;
using Nerezza.Core.Catalogue;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>A coach's own exercises: held to the catalogue's checks, chosen like any other, brought in and taken out whole, seen by nobody
/// else.</summary>
public sealed class OwnExerciseTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task A_copy_under_a_name_of_ones_own_is_kept_chosen_changed_and_put_away()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        ExerciseFileView row = await caller.Get<ExerciseFileView>("/api/catalogue/exercises/cable-row");
        Assert.Null(row.Version);
        var own = row.Exercise with
        {
            Id = "harbour-row",
            Name = "Harbour row",
            Ratio = null,
            AnswersLike = "cable-row",
            Stance = "On the quay bench.",
        };
        await caller.Do(HttpMethod.Put, "/api/catalogue/own", new { exercise = own });
        ExerciseFace face = (await caller.Get<List<ExerciseFace>>("/api/catalogue/faces")).Single(one => one.Exercise == "harbour-row");
        Assert.Equal((Origin.Own, "On the quay bench."), (face.Origin, face.Stance));

        uint version = (await caller.Get<ExercisesView>($"/api/clients/{id}/exercises")).Version;
        await caller.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/picks",
            new { version, picks = new[] { new { exercise = "harbour-row", kind = "accessory" } } }
        );
        ExercisesView view = await caller.Get<ExercisesView>($"/api/clients/{id}/exercises");
        Assert.True(
            view.Chosen.Any(line => line.Face.Exercise == "harbour-row") || view.Passed.Any(line => line.Exercise == "harbour-row")
        );

        ExerciseFileView kept = await caller.Get<ExerciseFileView>("/api/catalogue/exercises/harbour-row");
        await caller.Do(
            HttpMethod.Put,
            "/api/catalogue/own",
            new { version = kept.Version, exercise = kept.Exercise with { PutAway = true } }
        );
        Assert.Equal(
            HttpStatusCode.Conflict,
            (await caller.Send(HttpMethod.Put, "/api/catalogue/own", new { version = kept.Version, exercise = kept.Exercise })).StatusCode
        );
        Assert.DoesNotContain(
            (await caller.Get<ExercisesView>($"/api/clients/{id}/exercises")).Chosen,
            line => line.Face.Exercise == "harbour-row"
        );
    }

    /// <summary>A set asks for the practice's own exercises only where it names one that does not ship.</summary>
    [Fact]
    public async Task A_set_of_ones_own_exercise_is_logged_and_of_anothers_refused()
    {
        Caller owner = await site.AsHarbour(),
            stranger = await site.AsHill();
        ExerciseFileView row = await owner.Get<ExerciseFileView>("/api/catalogue/exercises/cable-row");
        var own = row.Exercise with { Id = "quay-row", Name = "Quay row", Ratio = null, AnswersLike = "cable-row" };
        await owner.Do(HttpMethod.Put, "/api/catalogue/own", new { exercise = own });
        foreach ((Caller caller, HttpStatusCode answer) in new[] { (owner, HttpStatusCode.Created), (stranger, HttpStatusCode.BadRequest) })
        {
            Guid id = await Samples.ClientWithBlock(caller);
            HttpResponseMessage said = await caller.Send(
                HttpMethod.Post,
                $"/api/clients/{id}/sets",
                Samples.Set() with
                {
                    Exercise = "quay-row",
                }
            );
            Assert.Equal(answer, said.StatusCode);
            if (answer is HttpStatusCode.BadRequest)
                Assert.Contains("quay-row", await said.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        }
    }

    [Theory]
    [InlineData("cues", """["one"]""", "cues")]
    [InlineData("axial", "9", "not between 0 and 3")]
    [InlineData("id", "\"front-squat\"", "another id expected")]
    [InlineData("muscles", """{"vasti":"whole"}""", "gluteus maximus")] // the rubric: a squat counts whole for both
    [InlineData("tempo", "\"fast\"", "four numbers")]
    public async Task An_entry_is_held_to_the_rubric_of_those_that_ship(string field, string value, string said)
    {
        Caller caller = await site.AsHarbour();
        ExerciseFileView squat = await caller.Get<ExerciseFileView>("/api/catalogue/exercises/goblet-squat");
        var own = System
            .Text.Json.JsonSerializer.SerializeToNode(
                squat.Exercise with
                {
                    Id = "pier-squat",
                    Name = "Pier squat",
                    Ratio = null,
                },
                Formats.Json.Options
            )!
            .AsObject();
        own[field] = System.Text.Json.Nodes.JsonNode.Parse(value);
        HttpResponseMessage refused = await caller.Send(
            HttpMethod.Put,
            "/api/catalogue/own",
            new System.Text.Json.Nodes.JsonObject { ["exercise"] = own }
        );
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains(said, await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("yaml")]
    [InlineData("json")]
    public async Task What_is_taken_out_can_be_brought_in_again_and_stays_with_its_coach(string format)
    {
        (Caller harbour, Caller hill) = (await site.AsHarbour(), await site.AsHill());
        ExerciseFileView row = await harbour.Get<ExerciseFileView>("/api/catalogue/exercises/plank");
        await harbour.Do(
            HttpMethod.Put,
            "/api/catalogue/own",
            new { exercise = row.Exercise with { Id = $"jetty-plank-{format}", Name = $"Jetty plank {format}" } }
        );
        string text = await (await harbour.Send(HttpMethod.Get, $"/api/catalogue/export/own.{format}", null)).Content.ReadAsStringAsync();
        Assert.Contains($"jetty-plank-{format}", text, StringComparison.Ordinal);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await hill.Send(HttpMethod.Get, $"/api/catalogue/exercises/jetty-plank-{format}", null)).StatusCode
        );

        ImportView preview = await hill.Ask<ImportView>(HttpMethod.Post, "/api/catalogue/own/preview", new { text });
        Assert.Contains($"Jetty plank {format}", preview.New);
        Assert.Empty(preview.Faults);
        await hill.Do(HttpMethod.Post, "/api/catalogue/own/import", new { text });
        Assert.Equal(row.Exercise.Cues, (await hill.Get<ExerciseFileView>($"/api/catalogue/exercises/jetty-plank-{format}")).Exercise.Cues);
        Assert.Contains(
            $"Jetty plank {format}",
            (await hill.Ask<ImportView>(HttpMethod.Post, "/api/catalogue/own/preview", new { text })).Changed
        );
    }

    [Fact]
    public async Task One_wrong_entry_keeps_the_whole_list_out_and_is_named()
    {
        Caller caller = await site.AsHarbour();
        const string text = "format: nerezza.exercises\nversion: 1\nexercises:\n  - { id: dock-hold, name: Dock hold, pattern: trunks }";
        ImportView preview = await caller.Ask<ImportView>(HttpMethod.Post, "/api/catalogue/own/preview", new { text });
        Assert.Contains(
            preview.Faults,
            fault => fault.Contains("exercises[0].pattern", StringComparison.Ordinal) && fault.Contains("trunk", StringComparison.Ordinal)
        );
        Assert.Equal(HttpStatusCode.BadRequest, (await caller.Send(HttpMethod.Post, "/api/catalogue/own/import", new { text })).StatusCode);
    }
}
