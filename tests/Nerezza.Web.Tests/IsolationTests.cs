using System.Net;
using Microsoft.AspNetCore.Routing;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Core.Findings;
using Nerezza.Data;
using Nerezza.Data.Rows;
using Nerezza.Formats.Cases;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>No coach ever sees another's rows.</summary>
public sealed class IsolationTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task Every_endpoint_of_a_client_is_not_found_for_another_coach()
    {
        Caller owner = await site.AsHarbour(),
            stranger = await site.AsHill();
        Guid id = await Samples.ClientWithBlock(owner);
        LogSet set = Samples.Set();
        await owner.Do(HttpMethod.Post, $"/api/clients/{id}/sets", set);
        IntakeView intake = await owner.Get<IntakeView>($"/api/clients/{id}/intake");
        var bodies = new Dictionary<string, object>
        {
            ["PUT /facts"] = new SaveFacts
            {
                Facts = intake.Facts,
                Schools = intake.Schools,
                Version = intake.FactsVersion,
            },
            ["PUT /equipment"] = new SaveEquipment { Equipment = intake.Equipment, Version = intake.EquipmentVersion },
            ["POST /maxes"] = intake.Entered[0].Set,
            ["PUT /screens/{date}"] = Samples.Screen,
            ["PUT /health"] = new SaveHealth
            {
                Health = new HealthSection(),
                Pain = [],
                Version = intake.FactsVersion,
            },
            ["PUT /findings/{code}/{cause}"] = new DecideFinding { Verdict = Verdict.Accepted },
            ["POST /plans"] = Samples.Block,
            ["POST /plans/preview"] = Samples.Block,
            ["POST /block/preview"] = new EditBlock { Number = 1, Edits = [] },
            ["PUT /block/edits"] = new EditBlock { Number = 1, Edits = [] },
            ["POST /block/copies"] = new CopyBlock
            {
                ToClient = Guid.CreateVersion7().ToString(),
                Number = 1,
                Start = Samples.Start,
            },
            ["PUT /exercises/school"] = new TakeSchool { School = Core.Clients.AccessorySchool.Muscles, Version = 1 },
            ["POST /sets"] = Samples.Set(),
            ["POST /warnings"] = new NoteWarning { Sign = Core.Clients.HealthFlag.ChestPain, Date = Samples.Start },
            ["PUT /readiness"] = new NoteReadiness
            {
                Date = Samples.Start,
                Answers = new Formats.Cases.ReadinessSection(),
                Taken = true,
            },
            ["POST /exercises/preview"] = new TryPicks { Picks = [] },
            ["PUT /picks"] = new SavePicks { Picks = [], Version = 1 },
            ["POST /sets/{setId:guid}/withdrawal"] = new WithdrawSet { Id = Guid.CreateVersion7().ToString() },
        };
        List<(string Method, string Pattern)> endpoints = [.. OfClients()];
        Assert.True(endpoints.Count >= 29, "The walk found too few endpoints to be true.");
        foreach ((string method, string pattern) in endpoints)
        {
            string rest = pattern["/api/clients/{id:guid}".Length..];
            string path =
                pattern
                    .Replace("{id:guid}", id.ToString(), StringComparison.Ordinal)
                    .Replace("{maxId:guid}", intake.Entered[0].Id.ToString(), StringComparison.Ordinal)
                    .Replace("{setId:guid}", set.Id, StringComparison.Ordinal)
                    .Replace("{number:int}", "1", StringComparison.Ordinal)
                    .Replace("{date}", "2026-11-30", StringComparison.Ordinal)
                    .Replace("{school}", "positions", StringComparison.Ordinal)
                    .Replace("{code}", "ankle-range", StringComparison.Ordinal)
                    .Replace("{cause}", "capacity", StringComparison.Ordinal)
                + (
                    rest is "/floor" or "/floor/summary" ? "?date=2026-11-30"
                    : rest == "/screens/{date}" && method == "DELETE" ? "?version=1"
                    : ""
                );
            HttpResponseMessage answer = await stranger.Send(new HttpMethod(method), path, bodies.GetValueOrDefault($"{method} {rest}"));
            Assert.True(
                answer.StatusCode is HttpStatusCode.NotFound,
                $"{method} {pattern} answered {(int)answer.StatusCode}: {await answer.Content.ReadAsStringAsync()}"
            );
        }
        Assert.Empty(await stranger.Get<List<ClientLine>>("/api/clients?today=2026-11-30"));
        DayView day = await stranger.Get<DayView>("/api/day?date=2026-11-30");
        Assert.Empty(day.Sessions);
        Assert.Empty(day.Decisions);
        Assert.Single((await owner.Get<BlockView>($"/api/clients/{id}/block")).Done);
    }

    [Fact]
    public async Task Nobody_gets_in_without_signing_in()
    {
        Caller nobody = site.AsNobody();
        await nobody.RefreshToken();
        foreach (
            (string method, string pattern) in Endpoints()
                .Where(row => row.Pattern.StartsWith("/api", StringComparison.Ordinal) && row.Pattern != "/api/session/")
        )
        {
            string path = System
                .Text.RegularExpressions.Regex.Replace(pattern, "{[^}]*guid}", Guid.NewGuid().ToString())
                .Replace("{number:int}", "1", StringComparison.Ordinal)
                .Replace("{date}", "2026-11-30", StringComparison.Ordinal);
            HttpResponseMessage answer = await nobody.Send(
                new HttpMethod(method),
                path + "?date=2026-11-30&today=2026-11-30&version=1",
                method is "POST" or "PUT" ? new { } : null
            );
            Assert.True(answer.StatusCode is HttpStatusCode.Unauthorized, $"{method} {pattern} answered {(int)answer.StatusCode}");
        }
    }

    [Fact]
    public async Task A_change_without_the_token_is_refused()
    {
        Caller caller = await site.AsHarbour();
        caller.ForgetToken();
        HttpResponseMessage answer = await caller.Send(HttpMethod.Post, "/api/clients/import", Samples.Deckhand);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("out of step", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        await caller.RefreshToken();
    }

    [Fact]
    public async Task Guessing_passwords_is_slowed_down()
    {
        Caller guesser = site.AsNobody();
        await guesser.RefreshToken();
        List<HttpStatusCode> answers = [];
        for (int i = 0; i < 21; i++)
            answers.Add(
                (
                    await guesser.Send(HttpMethod.Post, "/api/session", new SignIn { Email = $"{i}@example.test", Password = "wrong" })
                ).StatusCode
            );
        Assert.Equal(HttpStatusCode.Unauthorized, answers[0]);
        Assert.Equal(HttpStatusCode.TooManyRequests, answers[^1]);
    }

    [Fact]
    public void Every_key_and_foreign_key_begins_with_the_coach_and_every_row_is_filtered()
    {
        using IServiceScope scope = site.Services.CreateScope();
        List<IEntityType> own =
        [
            .. scope
                .ServiceProvider.GetRequiredService<NerezzaContext>()
                .Model.GetEntityTypes()
                .Where(type => type.ClrType.Namespace == typeof(ClientRow).Namespace),
        ];
        Assert.Equal(11, own.Count);
        Assert.All(
            own,
            type =>
            {
                Assert.True(typeof(ICoachRow).IsAssignableFrom(type.ClrType), type.Name);
                Assert.Equal("CoachId", type.FindPrimaryKey()!.Properties[0].Name);
                Assert.NotEmpty(type.GetDeclaredQueryFilters());
                Assert.All(
                    type.GetForeignKeys().Where(key => typeof(ICoachRow).IsAssignableFrom(key.PrincipalEntityType.ClrType)),
                    key => Assert.Equal("CoachId", key.Properties[0].Name)
                );
            }
        );
    }

    [Fact]
    public async Task A_row_of_another_coach_cannot_be_saved_and_a_fact_cannot_be_changed()
    {
        Guid id = await Samples.ClientWithBlock(await site.AsHarbour());
        using IServiceScope scope = site.Services.CreateScope();
        var context = scope.ServiceProvider.GetRequiredService<NerezzaContext>();
        scope.ServiceProvider.GetRequiredService<CoachScope>().Enter(Site.Harbour);
        context.Add(new CoachRow { CoachId = Site.Hill, Name = "taken over" });
        await Assert.ThrowsAsync<InvalidOperationException>(() => context.SaveChangesAsync());
        context.ChangeTracker.Clear();
        context.Remove(await context.Plans.FirstAsync(plan => plan.ClientId == id));
        await Assert.ThrowsAsync<InvalidOperationException>(() => context.SaveChangesAsync());
        Assert.Throws<InvalidOperationException>(() => scope.ServiceProvider.GetRequiredService<CoachScope>().Enter(Site.Hill));
    }

    private IEnumerable<(string Method, string Pattern)> OfClients() =>
        Endpoints().Where(row => row.Pattern.StartsWith("/api/clients/{id:guid}", StringComparison.Ordinal));

    private IEnumerable<(string Method, string Pattern)> Endpoints() =>
        site
            .Services.GetRequiredService<EndpointDataSource>()
            .Endpoints.OfType<RouteEndpoint>()
            .SelectMany(endpoint =>
                (endpoint.Metadata.GetMetadata<IHttpMethodMetadata>()?.HttpMethods ?? []).Select(method =>
                    (method, endpoint.RoutePattern.RawText!)
                )
            );
}
