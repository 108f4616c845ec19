using System.Net;
using System.Net.Http.Headers;
using System.Net.Http.Json;
using Microsoft.AspNetCore.Hosting;
using Nerezza.Data.Accounts;
using Nerezza.Formats;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests.Keeping;

/// <summary>A token is its person in one practice, reads or writes as it was made, and opens no other door.</summary>
public sealed class TokenTests(TokenTests.Practice practices) : IClassFixture<TokenTests.Practice>
{
    private readonly Site _site = practices.Site;

    /// <summary>Where more than twenty sign-ins and tokens a minute are no guessing.</summary>
    public sealed class Practice : IDisposable
    {
        internal Site Site { get; } = new(settings: builder => builder.UseSetting("NEREZZA_TRIES_A_MINUTE", "100000"));

        public void Dispose() => Site.Dispose();
    }

    [Fact]
    public async Task A_token_sees_what_its_person_sees_and_changes_only_where_it_may()
    {
        SmallPractice practice = await SmallPractice.Make(_site);
        NewToken reads = await Make(practice.Home, TokenScope.Read),
            writes = await Make(practice.Home, TokenScope.Write);
        string client = $"/api/clients/{practice.Client}";
        using HttpClient reader = With(reads.Token),
            writer = With(writes.Token);
        Assert.Equal(HttpStatusCode.OK, await Of(reader.GetAsync($"{client}/block")));
        Assert.Equal(HttpStatusCode.OK, await Of(reader.GetAsync($"{client}/plan?on={Samples.Start:yyyy-MM-dd}")));
        Assert.Equal(HttpStatusCode.NotFound, await Of(reader.GetAsync($"/api/clients/{practice.OtherClient}/block")));
        Assert.Equal(HttpStatusCode.Forbidden, await Of(reader.PostAsJsonAsync($"{client}/sets", Samples.Set(), Json.Options)));
        Assert.Equal(HttpStatusCode.Created, await Of(writer.PostAsJsonAsync($"{client}/sets", Samples.Set(), Json.Options)));
        // What lets people in is for people.
        foreach (string path in new[] { "/api/account", "/api/account/tokens" })
            Assert.Equal(HttpStatusCode.Forbidden, await Of(writer.GetAsync(path)));
        Assert.Equal(
            HttpStatusCode.Forbidden,
            await Of(writer.PostAsJsonAsync("/api/account/tokens", Asked(TokenScope.Write), Json.Options))
        );
        Assert.Equal(HttpStatusCode.Forbidden, await Of(writer.PostAsync($"{client}/invitation", null)));
        using HttpClient owner = With((await Make(practice.Owner, TokenScope.Write)).Token);
        Assert.Equal(
            HttpStatusCode.Forbidden,
            await Of(owner.PostAsJsonAsync("/api/practice/invitations", new { name = "Pau", role = "coach" }, Json.Options))
        );
        Assert.Equal(HttpStatusCode.OK, await Of(owner.GetAsync("/api/practice/file.zip")));
        Assert.Equal(HttpStatusCode.Forbidden, await Of(reader.GetAsync("/api/practice/file.zip")));
        // The list tells what it is and never what it says.
        List<TokenLine> list = await practice.Home.Get<List<TokenLine>>("/api/account/tokens");
        Assert.Equal(2, list.Count);
        Assert.All(list, token => Assert.NotNull(token.UsedAt));
        string stored = (await TestDatabase.Rows(_site.Connection, "SELECT string_agg(t::text, ' ') FROM access_tokens t"))[0];
        Assert.DoesNotContain(reads.Token[AccessTokenStore.Prefix.Length..], stored, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_token_that_ended_whose_person_is_out_or_whose_password_changed_opens_nothing()
    {
        Caller owner = await _site.AsHarbour();
        Caller vera = await SmallPractice.Colleague(_site, owner, "Vera");
        NewToken ended = await Make(vera, TokenScope.Read),
            late = await Make(vera, TokenScope.Read),
            stays = await Make(vera, TokenScope.Read);
        Assert.All(new[] { ended, late, stays }, token => Assert.Equal(HttpStatusCode.OK, Clients(token.Token).Result));
        List<TokenLine> list = await vera.Get<List<TokenLine>>("/api/account/tokens");
        // Nobody ends another's.
        Assert.Equal(HttpStatusCode.NotFound, (await owner.Send(HttpMethod.Delete, $"/api/account/tokens/{list[2].Id}")).StatusCode);
        await vera.Do(HttpMethod.Delete, $"/api/account/tokens/{list[2].Id}");
        await _site.Sql($"UPDATE access_tokens SET expires_at = now() - interval '1 second' WHERE id = '{list[1].Id}'");
        Assert.Equal(HttpStatusCode.Unauthorized, await Clients(ended.Token));
        Assert.Equal(HttpStatusCode.Unauthorized, await Clients(late.Token));
        Assert.Equal(HttpStatusCode.OK, await Clients(stays.Token));
        Assert.Equal(HttpStatusCode.Unauthorized, await Clients("nerezza_" + new string('0', 64)));
        Assert.Equal(HttpStatusCode.Unauthorized, await Clients(""));

        // A password that was changed ends them all.
        await vera.Do(
            HttpMethod.Put,
            "/api/account/password",
            new ChangePassword { Password = Site.Password, NewPassword = "another-long-one" }
        );
        Assert.Equal(HttpStatusCode.Unauthorized, await Clients(stays.Token));

        // Out of the practice, also where they are in another: a token is of the one that it was made in.
        NewToken last = await Make(vera, TokenScope.Read);
        Guid user = (await owner.Get<PracticeView>("/api/practice")).People.Single(person => person.Name == "Vera").UserId;
        await _site.Sql(
            $"INSERT INTO memberships (practice_id, user_id, role, name, since) VALUES ('{Site.Hill}', '{user}', 'Coach', 'Vera', now())"
        );
        Assert.Equal(HttpStatusCode.OK, await Clients(last.Token));
        await owner.Do(HttpMethod.Delete, $"/api/practice/people/{user}");
        Assert.Equal(HttpStatusCode.Forbidden, await Clients(last.Token));
    }

    [Theory]
    [InlineData("", 90, "name")]
    [InlineData("log", 0, "days")]
    [InlineData("log", 366, "days")]
    public async Task A_token_needs_a_name_and_an_end(string name, int days, string field)
    {
        Caller owner = await _site.AsHarbour();
        HttpResponseMessage answer = await owner.Send(
            HttpMethod.Post,
            "/api/account/tokens",
            new MakeToken
            {
                Name = name,
                Scope = TokenScope.Read,
                Days = days,
            }
        );
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains($"\"{field}\"", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_description_and_its_page_come_from_here_alone()
    {
        using HttpClient http = _site.CreateDefaultClient();
        Assert.Contains("/api/clients/{id}/plan", await http.GetStringAsync("/api/openapi.json"), StringComparison.Ordinal);
        string page = await http.GetStringAsync("/api/docs/index.html");
        string[] parts =
        [
            .. System.Text.RegularExpressions.Regex.Matches(page, "(?:src|href)=\"([^\"]+)\"").Select(match => match.Groups[1].Value),
        ];
        Assert.NotEmpty(parts);
        foreach (string part in parts)
        {
            Assert.DoesNotContain("//", part, StringComparison.Ordinal);
            Assert.Equal(HttpStatusCode.OK, await Of(http.GetAsync(new Uri(new Uri("http://localhost/api/docs/"), part))));
        }
    }

    private static MakeToken Asked(TokenScope scope) =>
        new()
        {
            Name = "nightly log",
            Scope = scope,
            Days = 30,
        };

    internal static Task<NewToken> Make(Caller caller, TokenScope scope) =>
        caller.Ask<NewToken>(HttpMethod.Post, "/api/account/tokens", Asked(scope));

    private HttpClient With(string token)
    {
        HttpClient http = _site.CreateDefaultClient();
        http.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", token);
        return http;
    }

    private async Task<HttpStatusCode> Clients(string token)
    {
        using HttpClient http = With(token);
        return await Of(http.GetAsync("/api/clients?today=2026-11-30"));
    }

    private static async Task<HttpStatusCode> Of(Task<HttpResponseMessage> asked)
    {
        using HttpResponseMessage answer = await asked;
        return answer.StatusCode;
    }
}
