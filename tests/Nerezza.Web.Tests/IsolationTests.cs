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

/// <summary>No practice ever sees another's rows; who may call which endpoint is in <see cref="AccessTests"/>.</summary>
public sealed class IsolationTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task No_list_shows_anything_of_another_practice()
    {
        Caller owner = await site.AsHarbour(),
            stranger = await site.AsHill();
        Guid id = await Samples.ClientWithBlock(owner);
        await owner.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set());
        Assert.Empty(await stranger.Get<List<ClientLine>>("/api/clients?today=2026-11-30"));
        DayView day = await site.Caught<DayView>(stranger, "/api/day?date=2026-11-30");
        Assert.Empty(day.Sessions);
        Assert.Empty(day.Decisions);
        Assert.Single((await owner.Get<BlockView>($"/api/clients/{id}/block")).Done);
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
        Assert.Equal(23, own.Count);
        Assert.All(
            own,
            type =>
            {
                Assert.True(typeof(IPracticeRow).IsAssignableFrom(type.ClrType), type.Name);
                Assert.Equal("PracticeId", type.FindPrimaryKey()!.Properties[0].Name);
                Assert.NotEmpty(type.GetDeclaredQueryFilters());
                Assert.All(
                    type.GetForeignKeys().Where(key => typeof(IPracticeRow).IsAssignableFrom(key.PrincipalEntityType.ClrType)),
                    key => Assert.Equal("PracticeId", key.Properties[0].Name)
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
        scope.ServiceProvider.GetRequiredService<AccessScope>().Enter(Site.Harbour);
        context.Add(new PracticeRow { PracticeId = Site.Hill, Name = "taken over" });
        await Assert.ThrowsAsync<InvalidOperationException>(() => context.SaveChangesAsync());
        context.ChangeTracker.Clear();
        context.Remove(await context.Plans.FirstAsync(plan => plan.ClientId == id));
        await Assert.ThrowsAsync<InvalidOperationException>(() => context.SaveChangesAsync());
        Assert.Throws<InvalidOperationException>(() => scope.ServiceProvider.GetRequiredService<AccessScope>().Enter(Site.Hill));
    }
}
