using System.Net;
using System.Text.Json;
using Nerezza.Core.Blocks.Templates;
using Nerezza.Core.Clients;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Tests;

/// <summary>Blocks without the person: kept, taken out, brought in elsewhere, and made blocks of for other clients.</summary>
public sealed class TemplateTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task A_block_goes_as_a_file_to_another_practice_and_is_fitted_to_a_client_there()
    {
        Caller owner = await site.AsHarbour(),
            stranger = await site.AsHill();
        Guid id = await Samples.ClientWithBlock(owner);
        NewId kept = await owner.Ask<NewId>(
            HttpMethod.Post,
            $"/api/clients/{id}/block/template",
            new KeepTemplate { Name = "Three days for strength", Number = 1 }
        );
        HttpResponseMessage file = await owner.Send(HttpMethod.Get, $"/api/templates/{kept.Id}/file");
        string text = await file.Content.ReadAsStringAsync();
        // Nothing of the person: no name, no load, no day.
        Assert.DoesNotContain("\"kg\"", text, StringComparison.Ordinal);
        Assert.DoesNotContain("2026-", text, StringComparison.Ordinal);
        Assert.DoesNotContain("mon", text, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, (await stranger.Send(HttpMethod.Get, $"/api/templates/{kept.Id}/file")).StatusCode);

        NewId brought = JsonSerializer.Deserialize<NewId>(await Sent(stranger, text), Json.Options)!;
        Assert.Contains(await stranger.Get<List<TemplateLine>>("/api/templates"), line => line.Id == brought.Id.ToString());
        // Two days instead of three, and no barbell.
        Guid other = await Samples.Client(
            stranger,
            Samples.Deckhand with
            {
                Client = Samples.Deckhand.Client with { Days = [.. Samples.Deckhand.Client.Days.Take(2)] },
                Equipment = new EquipmentSection
                {
                    Items = [Implement.Dumbbells, Implement.Bench, Implement.Bands],
                    DumbbellsKg = [10, 20, 30],
                },
            }
        );
        var asked = new TakeTemplate { Template = brought.Id.ToString(), Start = Samples.Start };
        FittedView shown = await stranger.Ask<FittedView>(HttpMethod.Post, $"/api/clients/{other}/block/from-template/preview", asked);
        Assert.Contains(shown.Changes, line => line.Contains("no day for it", StringComparison.Ordinal));
        Assert.Contains(
            shown.Changes,
            line => line.Contains(" for ", StringComparison.Ordinal) && line.Contains("barbell", StringComparison.Ordinal)
        );
        CopyResult made = await stranger.Ask<CopyResult>(HttpMethod.Post, $"/api/clients/{other}/block/from-template", asked);
        Assert.Equal(shown.Changes, made.Left);
        BlockView block = await Samples.BlockOn(stranger, other);
        Assert.All(block.Plan.Block!.Weeks, week => Assert.InRange(week.Sessions.Count, 1, 2));
        Assert.DoesNotContain(Exercises(block.Plan), exercise => exercise.Contains("barbell", StringComparison.Ordinal));
        Assert.Equal(Exercises(shown.Plan), Exercises(block.Plan));
        await stranger.Do(HttpMethod.Delete, $"/api/templates/{brought.Id}");
        Assert.DoesNotContain(await stranger.Get<List<TemplateLine>>("/api/templates"), line => line.Id == brought.Id.ToString());
    }

    [Theory]
    [InlineData("\"sets\": 3", "\"sets\": 40", "weeks[0].sessions[0].items[0].sets")]
    [InlineData("back-squat", "flying-squat", "weeks[0].sessions[0].items[0].exercise")]
    [InlineData("\"exercise\": \"leg-press\"", "\"exercise\": \"back-squat-high-bar\"", "weeks[0].sessions[0].items[1].exercise")]
    [InlineData("2-0-1-0", "slowly", "weeks[0].sessions[0].items[0].tempo")]
    [InlineData("nerezza.template", "nerezza.plan", "format")]
    [InlineData("\"reps\": 5", "\"kg\": 100", "weeks[0].sessions[0].items[0].kg")]
    public async Task A_file_that_is_no_template_is_refused_with_the_place(string what, string with, string path)
    {
        const string Good = """
            {
              "format": "nerezza.template", "version": 1, "name": "One day", "kind": "strength",
              "weeks": [{ "sessions": [{ "items": [
                { "exercise": "back-squat-high-bar", "role": "main", "sets": 3, "reps": 5, "rpe": 7, "tempo": "2-0-1-0" },
                { "exercise": "leg-press", "role": "accessory", "sets": 2, "reps": 10, "rpe": 8 }
              ] }] }]
            }
            """;
        Caller owner = await site.AsHarbour();
        Assert.Contains(what, Good, StringComparison.Ordinal);
        HttpResponseMessage answer = await owner.SendText(
            HttpMethod.Post,
            "/api/templates",
            Good.Replace(what, with, StringComparison.Ordinal)
        );
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains($"\"{path}\"", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_templates_that_ship_make_blocks_with_every_session_in_them()
    {
        Caller owner = await site.AsHarbour();
        Assert.Equal([2, 3, 5], ShippedTemplates.All.Values.Select(template => template.Weeks.Max(week => week.Sessions.Count)).Order());
        foreach ((string name, TemplateDocument document) in ShippedTemplates.All)
        {
            Assert.Empty(TemplateMapping.Faults(document));
            int sessions = document.Weeks.Max(week => week.Sessions.Count);
            Guid id = await Samples.Client(
                owner,
                Samples.Deckhand with
                {
                    Client = Samples.Deckhand.Client with
                    {
                        Days = [.. Enum.GetValues<Weekday>().Take(sessions).Select(day => new DaySection { Day = day, Minutes = 90 })],
                    },
                }
            );
            CopyResult made = await owner.Ask<CopyResult>(
                HttpMethod.Post,
                $"/api/clients/{id}/block/from-template",
                new TakeTemplate { Template = name, Start = Samples.Start }
            );
            BlockView block = await Samples.BlockOn(owner, id);
            Assert.Empty(block.Refused);
            Assert.Equal(made.Number, block.Number);
            Assert.Equal(document.Weeks.Select(week => week.Sessions.Count), block.Plan.Block!.Weeks.Select(week => week.Sessions.Count));
        }
    }

    [Fact]
    public async Task A_pasted_week_becomes_a_template_and_a_block_as_it_was_pasted()
    {
        Caller owner = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(owner);
        KeepWeek week = new()
        {
            Name = "Winter",
            Text = "Monday\nBack squat, high bar 5x3 @80%\nWinterpresse 3x10 @8\nLeg press 3x12-8\nThursday\nRomanian deadlift 4x6 RPE 7",
            Weeks = 3,
        };
        WeekView read = await owner.Ask<WeekView>(HttpMethod.Post, "/api/templates/week/preview", new ReadWeek { Text = week.Text });
        Assert.Equal("Winterpresse", Assert.Single(read.Unknown).Name);
        Assert.Equal(2, read.Refused.Count);
        week = week with { Names = [new NameMeans { Name = "Winterpresse", Exercise = "leg-press" }] };
        read = await owner.Ask<WeekView>(
            HttpMethod.Post,
            "/api/templates/week/preview",
            new ReadWeek { Text = week.Text, Names = week.Names }
        );
        Assert.Equal(["Back squat, high bar: 5 x 3, 80 %", "Leg press: 3 x 10, RPE 8"], read.Sessions[0].Items);
        Assert.Equal(HttpStatusCode.BadRequest, (await owner.Send(HttpMethod.Post, "/api/templates/week", week)).StatusCode);
        NewId kept = await owner.Ask<NewId>(HttpMethod.Post, "/api/templates/week", week with { LeaveOut = true });
        await owner.Ask<CopyResult>(
            HttpMethod.Post,
            $"/api/clients/{id}/block/from-template",
            new TakeTemplate
            {
                Template = kept.Id.ToString(),
                Start = Samples.Start,
                Mains = TemplateMains.AsWritten,
            }
        );
        var block = (await Samples.BlockOn(owner, id)).Plan.Block!;
        Assert.Equal(3, block.Weeks.Count);
        Assert.Equal(["back-squat-high-bar", "leg-press"], block.Weeks[0].Sessions[0].Items.Select(item => item.Exercise));
        Assert.Equal([3, 10], block.Weeks[2].Sessions[0].Items.Select(item => item.Sets[0].Reps!.Value));
        Assert.Equal([5, 3], block.Weeks[2].Sessions[0].Items.Select(item => item.Sets.Count));
        // Unless told so the main lift is the one that answers what was found.
        FittedView fitted = await owner.Ask<FittedView>(
            HttpMethod.Post,
            $"/api/clients/{id}/block/from-template/preview",
            new TakeTemplate { Template = kept.Id.ToString(), Start = Samples.Start }
        );
        Assert.DoesNotContain("back-squat-high-bar", Exercises(fitted.Plan));
        // The name is known from now on.
        Assert.Empty(
            (await owner.Ask<WeekView>(HttpMethod.Post, "/api/templates/week/preview", new ReadWeek { Text = week.Text })).Unknown
        );
    }

    private static IEnumerable<string> Exercises(PlanDocument plan) =>
        plan.Block!.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items).Select(item => item.Exercise);

    private static async Task<string> Sent(Caller caller, string text)
    {
        HttpResponseMessage answer = await caller.SendText(HttpMethod.Post, "/api/templates", text);
        string said = await answer.Content.ReadAsStringAsync();
        Assert.True(answer.IsSuccessStatusCode, said);
        return said;
    }
}
