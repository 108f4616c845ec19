using System.Net;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Hosting;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>The first practice, passwords, links to new ones, the second factor, and the devices that one is signed in on.</summary>
public sealed class AccountTests : IDisposable
{
    private readonly Site _site = new(settings: Unhurried);

    private static void Unhurried(IWebHostBuilder builder) => builder.UseSetting("NEREZZA_TRIES_A_MINUTE", "100000");

    public void Dispose() => _site.Dispose();

    [Fact]
    public async Task The_first_practice_is_made_with_the_code_once()
    {
        using var empty = Empty();
        Caller first = empty.AsNobody();
        await first.RefreshToken();
        Assert.True((await first.Get<Me>("/api/session")).CanBegin);
        BeginPractice asked = new()
        {
            Code = "0000-0000",
            Practice = "Quay",
            Name = "Ana",
            Email = "ana@example.test",
            Password = Site.Password,
            PutDemoAside = false,
        };
        await Refused(first, HttpMethod.Post, "/api/practices", asked, "code");
        asked = asked with { Code = "7qk4 m2xp 90td" };
        await Refused(first, HttpMethod.Post, "/api/practices", asked with { Password = "short" }, "password");
        await Refused(first, HttpMethod.Post, "/api/practices", asked with { Password = "1q2w3e4r5t" }, "password");
        await Refused(first, HttpMethod.Post, "/api/practices", asked with { Email = "nobody" }, "email");
        await first.Do(HttpMethod.Post, "/api/practices", asked);
        Me me = await first.Get<Me>("/api/session");
        Assert.Equal(("Quay", false), (me.Practice!.Practice, me.CanBegin));
        Caller second = empty.AsNobody();
        await second.RefreshToken();
        HttpResponseMessage late = await second.Send(HttpMethod.Post, "/api/practices", asked with { Email = "late@example.test" });
        Assert.Equal(HttpStatusCode.Conflict, late.StatusCode);
    }

    [Fact]
    public async Task A_new_password_signs_every_other_device_out_and_the_old_one_opens_nothing()
    {
        Caller here = await _site.AsHarbourAnew(),
            there = await _site.AsHarbourAnew();
        Assert.Equal(2, (await here.Get<AccountView>("/api/account")).Devices.Count);
        ChangePassword change = new() { Password = "not-the-right-one", NewPassword = "quite-another-one" };
        await Refused(here, HttpMethod.Put, "/api/account/password", change, "password");
        await here.Do(HttpMethod.Put, "/api/account/password", change with { Password = Site.Password });
        Assert.Equal(HttpStatusCode.OK, (await here.Send(HttpMethod.Get, "/api/account")).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await there.Send(HttpMethod.Get, "/api/account")).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await SignIn(Site.HarbourSignIn)).StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await SignIn(Site.HarbourSignIn with { Password = "quite-another-one" })).StatusCode);
    }

    [Fact]
    public async Task One_device_can_be_signed_out_from_another_and_nobody_elses()
    {
        Caller here = await _site.AsHarbourAnew(),
            there = await _site.AsHarbourAnew(),
            stranger = await _site.AsHill();
        DeviceLine other = (await here.Get<AccountView>("/api/account")).Devices.Single(device => !device.IsThis);
        HttpResponseMessage answer = await stranger.Send(HttpMethod.Delete, $"/api/account/devices/{other.Id}");
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        await here.Do(HttpMethod.Delete, $"/api/account/devices/{other.Id}");
        Assert.Equal(HttpStatusCode.Unauthorized, (await there.Send(HttpMethod.Get, "/api/account")).StatusCode);
        Assert.Single((await here.Get<AccountView>("/api/account")).Devices);
    }

    [Fact]
    public async Task An_address_changes_with_the_password_alone_and_never_to_one_that_is_taken()
    {
        Caller caller = await _site.AsHarbourAnew();
        ChangeEmail change = new() { Password = "not-the-right-one", Email = "new@example.test" };
        await Refused(caller, HttpMethod.Put, "/api/account/email", change, "password");
        await Refused(
            caller,
            HttpMethod.Put,
            "/api/account/email",
            change with
            {
                Password = Site.Password,
                Email = "hill@example.test",
            },
            "email"
        );
        await caller.Do(HttpMethod.Put, "/api/account/email", change with { Password = Site.Password });
        Assert.Equal("new@example.test", (await caller.Get<Me>("/api/session")).Email);
        Assert.Equal(HttpStatusCode.NoContent, (await SignIn(Site.HarbourSignIn with { Email = "new@example.test" })).StatusCode);
    }

    [Fact]
    public async Task A_forgotten_password_is_helped_by_a_letter_once_and_no_answer_tells_who_is_known()
    {
        Caller signedIn = await _site.AsHarbourAnew(),
            nobody = _site.AsNobody();
        await nobody.RefreshToken();
        async Task<(HttpStatusCode, string)> Ask(string email)
        {
            HttpResponseMessage answer = await nobody.Send(
                HttpMethod.Post,
                "/api/password/forgotten",
                new ForgottenPassword { Email = email }
            );
            return (answer.StatusCode, await answer.Content.ReadAsStringAsync());
        }
        Assert.Equal(await Ask("nobody@example.test"), await Ask("harbour@example.test"));
        LetterView letter = await Letter(nobody);
        Assert.Equal("harbour@example.test", letter.To);
        Match link = Regex.Match(letter.Text, @"user=([^&\s]+)&token=(\S+)");
        ResetPassword reset = new()
        {
            User = link.Groups[1].Value,
            Token = Uri.UnescapeDataString(link.Groups[2].Value),
            Password = "quite-another-one",
        };
        await Refused(nobody, HttpMethod.Post, "/api/password/reset", reset with { Password = "password123" }, "password");
        HttpResponseMessage guessed = await nobody.Send(
            HttpMethod.Post,
            "/api/password/reset",
            reset with
            {
                Token = reset.Token[..^4] + "AAAA",
            }
        );
        Assert.Equal(HttpStatusCode.Gone, guessed.StatusCode);
        HttpResponseMessage nobodys = await nobody.Send(HttpMethod.Post, "/api/password/reset", reset with { User = "nobody" });
        Assert.Equal(HttpStatusCode.Gone, nobodys.StatusCode);
        await nobody.Do(HttpMethod.Post, "/api/password/reset", reset);
        Assert.Equal(HttpStatusCode.Gone, (await nobody.Send(HttpMethod.Post, "/api/password/reset", reset)).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await signedIn.Send(HttpMethod.Get, "/api/account")).StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await SignIn(Site.HarbourSignIn with { Password = "quite-another-one" })).StatusCode);
    }

    [Fact]
    public async Task A_second_factor_forgives_a_clock_that_is_off_and_takes_each_code_once()
    {
        Caller caller = await _site.AsHarbourAnew();
        WithPassword password = new() { Password = Site.Password };
        AuthenticatorKey key = await caller.Ask<AuthenticatorKey>(HttpMethod.Post, "/api/account/two-factor", password);
        Assert.Contains($"secret={key.Key}", key.Address, StringComparison.Ordinal);
        await Refused(caller, HttpMethod.Put, "/api/account/two-factor", new AuthenticatorCode { Code = "000000" }, "code");
        DateTimeOffset now = DateTimeOffset.UtcNow;
        RecoveryCodes codes = await caller.Ask<RecoveryCodes>(
            HttpMethod.Put,
            "/api/account/two-factor",
            new AuthenticatorCode { Code = Totp.Code(key.Key, now) }
        );
        Assert.Equal(10, codes.Codes.Distinct().Count());
        SignIn asked = Site.HarbourSignIn;
        Assert.Contains("nerezza:code", await Words(await SignIn(asked)), StringComparison.Ordinal);
        // The code that turned it on is used; one of a phone that is half a minute behind is not.
        Assert.Equal(HttpStatusCode.Unauthorized, (await SignIn(asked with { Code = Totp.Code(key.Key, now) })).StatusCode);
        string behind = Totp.Code(key.Key, now.AddSeconds(-30));
        Assert.Equal(HttpStatusCode.NoContent, (await SignIn(asked with { Code = behind })).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await SignIn(asked with { Code = behind })).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await SignIn(asked with { Code = Totp.Code(key.Key, now.AddMinutes(-10)) })).StatusCode);
        // A wrong password with a right code tells nothing of the code.
        HttpResponseMessage wrong = await SignIn(asked with { Password = "not-the-right-one", Code = codes.Codes[0] });
        Assert.DoesNotContain("nerezza:code", await Words(wrong), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NoContent, (await SignIn(asked with { Code = codes.Codes[0] })).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await SignIn(asked with { Code = codes.Codes[0] })).StatusCode);
        Assert.Equal(9, (await caller.Get<AccountView>("/api/account")).RecoveryCodesLeft);
        await caller.Do(HttpMethod.Post, "/api/account/two-factor/removal", password);
        Assert.Equal(HttpStatusCode.NoContent, (await SignIn(asked)).StatusCode);
    }

    [Fact]
    public async Task Codes_cannot_be_guessed_and_a_lock_opens_by_itself()
    {
        Caller caller = await _site.AsHarbourAnew();
        AuthenticatorKey key = await caller.Ask<AuthenticatorKey>(
            HttpMethod.Post,
            "/api/account/two-factor",
            new WithPassword { Password = Site.Password }
        );
        DateTimeOffset now = DateTimeOffset.UtcNow;
        await caller.Do(HttpMethod.Put, "/api/account/two-factor", new AuthenticatorCode { Code = Totp.Code(key.Key, now) });
        SignIn asked = Site.HarbourSignIn;
        for (int i = 0; i < 5; i++)
            Assert.Equal(HttpStatusCode.Unauthorized, (await SignIn(asked with { Code = $"00000{i}" })).StatusCode);
        string right = Totp.Code(key.Key, now.AddSeconds(-30));
        Assert.Equal(HttpStatusCode.TooManyRequests, (await SignIn(asked with { Code = right })).StatusCode);
        using (IServiceScope scope = _site.Services.CreateScope())
            await scope
                .ServiceProvider.GetRequiredService<NerezzaContext>()
                .Database.ExecuteSqlRawAsync("UPDATE \"AspNetUsers\" SET lockout_end = now() - interval '1 second'");
        Assert.Equal(HttpStatusCode.NoContent, (await SignIn(asked with { Code = right })).StatusCode);
    }

    private static Site Empty()
    {
        var site = new Site(null, Migrated.NoPractice, Unhurried);
        return site;
    }

    private async Task<HttpResponseMessage> SignIn(SignIn asked)
    {
        Caller caller = _site.AsNobody();
        await caller.RefreshToken();
        return await caller.Send(HttpMethod.Post, "/api/session", asked);
    }

    private static async Task<LetterView> Letter(Caller caller)
    {
        for (int tries = 0; tries < 100; tries++)
        {
            if (await caller.Get<List<LetterView>>("/api/mail-box") is [var newest, ..])
                return newest;
            await Task.Delay(50);
        }
        throw new TimeoutException("No letter came.");
    }

    private static Task<string> Words(HttpResponseMessage answer) => answer.Content.ReadAsStringAsync();

    private static async Task Refused(Caller caller, HttpMethod method, string path, object body, string field)
    {
        HttpResponseMessage answer = await caller.Send(method, path, body);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains($"\"{field}\":[", await Words(answer), StringComparison.Ordinal);
    }
}
