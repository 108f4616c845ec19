using System.Net;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>A sign-in ends when it is ended, wherever its cookie is; nobody learns from outside who has an account; guessing shuts nobody
/// out.</summary>
public sealed class SignInTests(Site site) : IClassFixture<Site>
{
    private const string Clients = "/api/clients?today=2026-11-30";

    [Fact]
    public async Task A_cookie_kept_from_before_the_sign_out_opens_nothing()
    {
        Caller caller = await site.AsHarbourAnew();
        Guid id = await Samples.ClientWithBlock(caller);
        HttpClient thief = site.WithCookiesOf(caller);
        Assert.Equal(HttpStatusCode.OK, (await thief.GetAsync(Clients)).StatusCode);
        await caller.Do(HttpMethod.Delete, "/api/session");
        Assert.Equal(HttpStatusCode.Unauthorized, (await thief.GetAsync(Clients)).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await thief.PostAsync($"/api/clients/{id}/sets", null)).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await (await site.AsHarbour()).Send(HttpMethod.Get, Clients)).StatusCode);
    }

    [Fact]
    public async Task A_sign_in_ends_after_a_season_however_much_it_is_used()
    {
        Caller caller = await site.AsHarbourAnew();
        await Sql(
            "UPDATE signed_in SET ends_at = now() - interval '1 minute', expires_at = now() + interval '20 days' WHERE started_at "
                + "= (SELECT max(started_at) FROM signed_in)"
        );
        Assert.Equal(HttpStatusCode.Unauthorized, (await caller.Send(HttpMethod.Get, Clients)).StatusCode);
        Assert.True(await Number("SELECT count(*) FROM signed_in WHERE ends_at > started_at + interval '90 days'") == 0);
    }

    [Fact]
    public async Task Who_is_taken_out_of_a_practice_is_out_at_once()
    {
        Caller caller = await site.AsHarbourAnew();
        await Sql($"UPDATE memberships SET practice_id = '{Site.Hill}' WHERE practice_id = '{Site.Harbour}'");
        try
        {
            Assert.Empty(await caller.Get<List<ClientLine>>(Clients));
            await Sql(
                $"DELETE FROM memberships WHERE user_id = (SELECT id FROM \"AspNetUsers\" WHERE email = '{Site.HarbourSignIn.Email}')"
            );
            Assert.Equal(HttpStatusCode.Unauthorized, (await caller.Send(HttpMethod.Get, Clients)).StatusCode);
        }
        finally
        {
            await Sql(
                $"INSERT INTO memberships (practice_id, user_id, role, name, since) SELECT '{Site.Harbour}', id, 'Owner', 'Ana', now() "
                    + $"FROM \"AspNetUsers\" WHERE email = '{Site.HarbourSignIn.Email}' ON CONFLICT DO NOTHING"
            );
            await Sql(
                $"DELETE FROM memberships WHERE practice_id = '{Site.Hill}' AND user_id = (SELECT id FROM \"AspNetUsers\" WHERE email "
                    + $"= '{Site.HarbourSignIn.Email}')"
            );
        }
    }

    [Fact]
    public async Task Nobody_signs_in_over_somebody_else()
    {
        Caller caller = await site.AsHarbourAnew();
        Assert.Equal(HttpStatusCode.NoContent, (await caller.Send(HttpMethod.Post, "/api/session", Site.HarbourSignIn)).StatusCode);
        Assert.Equal(
            HttpStatusCode.Conflict,
            (await caller.Send(HttpMethod.Post, "/api/session", Site.HarbourSignIn with { Email = "hill@example.test" })).StatusCode
        );
    }

    [Fact]
    public async Task A_set_sent_after_the_sign_in_ended_is_told_to_sign_in_and_goes_in_afterwards()
    {
        Caller caller = await site.AsHarbourAnew();
        Guid id = await Samples.ClientWithBlock(caller);
        await caller.Do(HttpMethod.Delete, "/api/session");
        LogSet set = Samples.Set(rpe: 8);
        Assert.Equal(HttpStatusCode.Unauthorized, (await caller.Send(HttpMethod.Post, $"/api/clients/{id}/sets", set)).StatusCode);
        await caller.RefreshToken();
        await caller.Do(HttpMethod.Post, "/api/session", Site.HarbourSignIn);
        await caller.RefreshToken();
        Assert.Equal(HttpStatusCode.Created, (await caller.Send(HttpMethod.Post, $"/api/clients/{id}/sets", set)).StatusCode);
    }

    [Fact]
    public async Task An_unknown_address_costs_a_password_check_and_is_told_the_same()
    {
        using var own = new Site();
        Caller nobody = own.AsNobody();
        await nobody.RefreshToken();
        async Task<(HttpStatusCode, string, int)> Try(string email)
        {
            int before = own.Hasher.Checks;
            HttpResponseMessage answer = await nobody.Send(
                HttpMethod.Post,
                "/api/session",
                new SignIn { Email = email, Password = "wrong" }
            );
            string words = System
                .Text.Json.JsonDocument.Parse(await answer.Content.ReadAsStringAsync())
                .RootElement.GetProperty("title")
                .GetString()!;
            return (answer.StatusCode, words, own.Hasher.Checks - before);
        }
        for (int tries = 0; tries < 7; tries++)
            Assert.Equal(await Try(Site.HarbourSignIn.Email), await Try("nobody@example.test"));
        Assert.Equal(HttpStatusCode.TooManyRequests, (await Try("nobody@example.test")).Item1);
    }

    [Fact]
    public async Task A_stranger_who_guesses_does_not_shut_out_the_device_that_has_signed_in_before()
    {
        using var own = new Site();
        Caller coach = await own.AsHarbour();
        Caller stranger = own.AsNobody();
        await stranger.RefreshToken();
        HttpResponseMessage last = null!;
        for (int tries = 0; tries < 8; tries++)
            last = await stranger.Send(HttpMethod.Post, "/api/session", Site.HarbourSignIn with { Password = "wrong" });
        Assert.Equal(HttpStatusCode.TooManyRequests, last.StatusCode);
        Assert.Equal(HttpStatusCode.TooManyRequests, (await stranger.Send(HttpMethod.Post, "/api/session", Site.HarbourSignIn)).StatusCode);
        await coach.Do(HttpMethod.Delete, "/api/session");
        await coach.RefreshToken();
        await coach.Do(HttpMethod.Post, "/api/session", Site.HarbourSignIn);
    }

    [Fact]
    public async Task The_log_has_a_line_for_what_matters_and_nobody_in_it()
    {
        using var own = new Site();
        Caller coach = await own.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        await coach.Get<object>($"/api/clients/{id}/case");
        await coach.Do(HttpMethod.Delete, $"/api/clients/{id}");
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/restore");
        await coach.Send(HttpMethod.Get, "/api/catalogue/export/own.yaml");
        Caller stranger = own.AsNobody();
        await stranger.RefreshToken();
        for (int tries = 0; tries < 6; tries++)
            await stranger.Send(HttpMethod.Post, "/api/session", Site.HarbourSignIn with { Password = "wrong" });
        await coach.Do(HttpMethod.Delete, "/api/session");
        foreach (
            string begin in new[]
            {
                "sign-in user=",
                "sign-in-refused",
                "sign-in-locked",
                $"export client={id}",
                $"archive client={id}",
                $"restore client={id}",
                "export catalogue=",
                "sign-out user=",
            }
        )
            Assert.Contains(own.Log.All, line => line.StartsWith(begin, StringComparison.Ordinal));
        Assert.DoesNotContain(
            own.Log.All,
            line => line.Contains('@', StringComparison.Ordinal) || line.Contains(Samples.Deckhand.Client.Name, StringComparison.Ordinal)
        );
    }

    private Task Sql(string sql) => With(context => context.Database.ExecuteSqlRawAsync(sql));

    private Task<int> Number(string sql) =>
        With(context =>
            context.Database.SqlQueryRaw<int>(sql.Replace("count(*)", "count(*)::int AS \"Value\"", StringComparison.Ordinal)).SingleAsync()
        );

    private async Task<T> With<T>(Func<NerezzaContext, Task<T>> work)
    {
        using IServiceScope scope = site.Services.CreateScope();
        return await work(scope.ServiceProvider.GetRequiredService<NerezzaContext>());
    }
}
