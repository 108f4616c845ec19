using System.Net;
using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data;
using Nerezza.Data.Stores;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>What a practice may hold, what a date may be, what a version protects, and how every answer is sent.</summary>
public sealed class BoundsTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task A_client_who_is_put_away_is_on_no_list_cannot_be_changed_and_comes_back()
    {
        Caller caller = await site.AsHill();
        Guid id = await Samples.ClientWithBlock(caller),
            other = await Samples.ClientWithBlock(caller);
        await caller.Do(HttpMethod.Delete, $"/api/clients/{id}");
        Assert.DoesNotContain(await caller.Get<List<ClientLine>>("/api/clients?today=2026-11-30"), line => line.Id == id);
        Assert.DoesNotContain((await site.Caught<DayView>(caller, "/api/day?date=2026-11-30")).Sessions, session => session.ClientId == id);
        ArchivedClient away = Assert.Single(await caller.Get<List<ArchivedClient>>("/api/clients/archived"));
        Assert.Equal((id, Samples.Deckhand.Client.Name), (away.Id, away.Name));

        IntakeView intake = await caller.Get<IntakeView>($"/api/clients/{id}/intake");
        var save = new SaveFacts
        {
            Facts = intake.Facts with { MassKg = 99 },
            Schools = intake.Schools,
            Version = intake.FactsVersion,
        };
        Assert.Contains("put away", await Refused(caller, HttpMethod.Put, $"/api/clients/{id}/facts", save), StringComparison.Ordinal);
        Assert.Contains(
            "put away",
            await Refused(caller, HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set()),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "put away",
            await Refused(
                caller,
                HttpMethod.Post,
                $"/api/clients/{other}/block/copies",
                new CopyBlock
                {
                    ToClient = id.ToString(),
                    Number = 1,
                    Start = Samples.Start,
                }
            ),
            StringComparison.Ordinal
        );

        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/restore");
        Assert.Contains(await caller.Get<List<ClientLine>>("/api/clients?today=2026-11-30"), line => line.Id == id);
        await caller.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/facts",
            save with
            {
                Version = (await caller.Get<IntakeView>($"/api/clients/{id}/intake")).FactsVersion,
            }
        );
    }

    [Fact]
    public async Task Picks_and_school_of_a_second_tab_do_not_replace_the_firsts_unseen()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        uint seen = (await caller.Get<ExercisesView>($"/api/clients/{id}/exercises")).Version;
        FileVersion first = await caller.Ask<FileVersion>(
            HttpMethod.Put,
            $"/api/clients/{id}/picks",
            new SavePicks { Picks = [Pinned("plank")], Version = seen }
        );
        await Refused(caller, HttpMethod.Put, $"/api/clients/{id}/picks", new SavePicks { Picks = [Pinned("dead-bug")], Version = seen });
        await Refused(
            caller,
            HttpMethod.Put,
            $"/api/clients/{id}/exercises/school",
            new TakeSchool { School = Core.Clients.AccessorySchool.Muscles, Version = seen }
        );
        await caller.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/exercises/school",
            new TakeSchool { School = Core.Clients.AccessorySchool.Muscles, Version = first.Version }
        );
    }

    [Fact]
    public async Task A_set_is_corrected_once_and_what_was_taken_back_stays_taken_back()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        string sets = $"/api/clients/{id}/sets";
        LogSet set = Samples.Set(rpe: 8),
            correction = Samples.Set(rpe: 9) with { Supersedes = set.Id };
        await caller.Do(HttpMethod.Post, sets, set);
        await caller.Do(HttpMethod.Post, sets, correction);
        Assert.Equal(HttpStatusCode.OK, (await caller.Send(HttpMethod.Post, sets, correction)).StatusCode);
        Assert.Contains(
            "corrected or taken back",
            await Refused(caller, HttpMethod.Post, sets, Samples.Set(rpe: 7) with { Supersedes = set.Id }),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "corrected or taken back",
            await Refused(caller, HttpMethod.Post, $"{sets}/{set.Id}/withdrawal", Withdrawal()),
            StringComparison.Ordinal
        );
        WithdrawSet back = Withdrawal();
        await caller.Do(HttpMethod.Post, $"{sets}/{correction.Id}/withdrawal", back);
        await caller.Do(HttpMethod.Post, $"{sets}/{correction.Id}/withdrawal", back);
        await Refused(caller, HttpMethod.Post, $"{sets}/{back.Id}/withdrawal", Withdrawal());
        await Refused(caller, HttpMethod.Post, sets, Samples.Set() with { Supersedes = back.Id });
        Assert.Empty((await caller.Get<BlockView>($"/api/clients/{id}/block")).Done);
    }

    [Theory]
    [InlineData("PUT", "/screens/9999-12-31", "date", "2028")]
    [InlineData("PUT", "/screens/1850-01-01", "date", "not between")]
    [InlineData("GET", "/floor?date=9999-12-31", "date", "not between")]
    [InlineData("GET", "/block?on=9999-12-31", "on", "not between")]
    [InlineData("GET", "/floor", "date", "is missing; a date")]
    [InlineData("GET", "/floor?date=yesterday", "date", "cannot be read; a date")]
    [InlineData("GET", "/block/versions/2/difference?against=one", "against", "a whole number")]
    public async Task What_is_wrong_with_an_address_is_said_of_its_parameter(string method, string path, string field, string said)
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        HttpResponseMessage answer = await caller.Send(
            new HttpMethod(method),
            $"/api/clients/{id}{path}",
            method == "GET" ? null : Samples.Screen
        );
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(
            said,
            JsonDocument
                .Parse(await answer.Content.ReadAsStringAsync())
                .RootElement.GetProperty("errors")
                .GetProperty(field)[0]
                .GetString(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task An_address_in_capitals_is_the_same_address_with_the_same_exercises()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        ExerciseFileView row = await caller.Get<ExerciseFileView>("/api/catalogue/exercises/cable-row");
        await caller.Do(
            HttpMethod.Put,
            "/api/catalogue/own",
            new { exercise = row.Exercise with { Id = "capital-row", Name = "Capital row", AnswersLike = "cable-row", Ratio = null } }
        );
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set("capital-row"));
        foreach (string page in new[] { "intake", "findings", "exercises", "levers", "block", "floor?date=2026-11-30" })
            Assert.Equal(HttpStatusCode.OK, (await caller.Send(HttpMethod.Get, $"/API/CLIENTS/{id}/{page}")).StatusCode);
        Assert.Contains(await caller.Get<List<ExerciseLine>>("/API/catalogue"), line => line.Id == "capital-row");
    }

    [Fact]
    public async Task A_practice_is_full_at_its_quota_and_says_what_to_do()
    {
        using var own = new Site();
        Caller caller = await own.AsHarbour();
        Guid kept = await Samples.ClientWithBlock(caller);
        using (IServiceScope scope = own.Services.CreateScope())
        {
            NerezzaContext context = scope.ServiceProvider.GetRequiredService<NerezzaContext>();
            await context.Database.ExecuteSqlAsync(
                $"""
                INSERT INTO clients (practice_id, id, name, facts, schools, observed)
                SELECT practice_id, gen_random_uuid(), name, facts, schools, observed
                FROM clients, generate_series(2, {ClientStore.Most}) WHERE id = {kept}
                """
            );
            await context.Database.ExecuteSqlAsync(
                $"INSERT INTO equipment (practice_id, client_id, document) SELECT practice_id, id, '{{}}' FROM clients WHERE id <> {kept}"
            );
        }
        Assert.Contains(
            $"holds {ClientStore.Most} clients",
            await Refused(caller, HttpMethod.Post, "/api/clients/import", Samples.Deckhand),
            StringComparison.Ordinal
        );
        await caller.Do(HttpMethod.Delete, $"/api/clients/{kept}");
        await Samples.ClientWithBlock(caller);
        Assert.Contains(
            $"holds {ClientStore.Most} clients",
            await Refused(caller, HttpMethod.Post, $"/api/clients/{kept}/restore", null),
            StringComparison.Ordinal
        );
        ExerciseFileView row = await caller.Get<ExerciseFileView>("/api/catalogue/exercises/cable-row");
        await caller.Do(
            HttpMethod.Put,
            "/api/catalogue/own",
            new { exercise = row.Exercise with { Id = "first-row", Name = "First row", AnswersLike = "cable-row", Ratio = null } }
        );
        string list = JsonSerializer.Serialize(
            new
            {
                format = "nerezza.exercises",
                version = 1,
                exercises = Enumerable
                    .Range(0, OwnExerciseStore.Most)
                    .Select(i => row.Exercise with { Id = $"row-{i}", Name = $"Row {i}", AnswersLike = "cable-row", Ratio = null }),
            },
            Formats.Json.Options
        );
        Assert.Contains(
            $"keeps {OwnExerciseStore.Most} exercises",
            await Refused(caller, HttpMethod.Post, "/api/catalogue/own/import", new { text = list }),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("/api/session")]
    [InlineData("/api/clients?today=2026-11-30")]
    [InlineData("/api/nothing-here")]
    [InlineData("/health")]
    [InlineData("/api/clients?today=never")]
    public async Task Nothing_of_the_api_is_kept_by_a_browser_or_a_proxy(string path)
    {
        HttpResponseMessage answer = await (await site.AsHarbour()).Send(HttpMethod.Get, path);
        Assert.Equal("no-store", answer.Headers.CacheControl?.ToString());
        Assert.Contains("default-src 'self'", answer.Headers.GetValues("Content-Security-Policy").Single(), StringComparison.Ordinal);
        Assert.Equal("nosniff", answer.Headers.GetValues("X-Content-Type-Options").Single());
    }

    private static PickLine Pinned(string exercise) => new() { Exercise = exercise, Kind = Core.Selection.PickKind.Accessory };

    private static WithdrawSet Withdrawal() => new() { Id = Guid.CreateVersion7().ToString() };

    private static async Task<string> Refused(Caller caller, HttpMethod method, string path, object? body)
    {
        HttpResponseMessage answer = await caller.Send(method, path, body);
        string text = await answer.Content.ReadAsStringAsync();
        Assert.True(answer.StatusCode is HttpStatusCode.Conflict, $"{method} {path}: {(int)answer.StatusCode} {text}");
        return text;
    }
}
