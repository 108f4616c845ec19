using System.Security.Claims;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.Extensions.Options;
using Nerezza.Data.Accounts;
using Nerezza.Data.Unscoped;
using Nerezza.Web.Accounts;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Hosting;

/// <summary>Keeps sign-ins on the server; the cookie holds the key alone. Signing out, or taking the row away, ends one at once on whatever
/// device.</summary>
internal sealed class SignIns(IServiceScopeFactory scopes, TimeProvider clock)
    : ITicketStore,
        IConfigureNamedOptions<CookieAuthenticationOptions>
{
    // A sign-in ends after a month without use, and after a season whatever happens (assumptions).
    private static readonly TimeSpan Unused = TimeSpan.FromDays(30),
        Longest = TimeSpan.FromDays(90);

    public void Configure(CookieAuthenticationOptions options) => Configure(Options.DefaultName, options);

    public void Configure(string? name, CookieAuthenticationOptions options)
    {
        if (name != Microsoft.AspNetCore.Identity.IdentityConstants.ApplicationScheme)
            return;
        options.SessionStore = this;
        options.ExpireTimeSpan = Unused;
        options.SlidingExpiration = true;
    }

    public Task<string> StoreAsync(AuthenticationTicket ticket) => Store(ticket, "");

    public Task<string> StoreAsync(AuthenticationTicket ticket, HttpContext httpContext, CancellationToken cancellationToken) =>
        Store(ticket, DeviceName.Of(httpContext.Request.Headers.UserAgent.ToString()));

    private async Task<string> Store(AuthenticationTicket ticket, string device)
    {
        DateTimeOffset now = clock.GetUtcNow();
        var user = Guid.Parse(ticket.Principal.FindFirstValue(ClaimTypes.NameIdentifier)!);
        return await With(store =>
            store.Add(
                user,
                device,
                TicketSerializer.Default.Serialize(ticket),
                now,
                ticket.Properties.ExpiresUtc ?? now + Unused,
                now + Longest,
                CancellationToken.None
            )
        );
    }

    public Task RenewAsync(string key, AuthenticationTicket ticket) =>
        With(async store =>
        {
            await store.Renew(
                key,
                TicketSerializer.Default.Serialize(ticket),
                ticket.Properties.ExpiresUtc ?? clock.GetUtcNow() + Unused,
                CancellationToken.None
            );
            return key;
        });

    /// <summary>Within a request: with the request's own door, which is asked no second time.</summary>
    public Task<AuthenticationTicket?> RetrieveAsync(string key, HttpContext httpContext, CancellationToken cancellationToken) =>
        Opened(httpContext.RequestServices.GetRequiredService<Door>(), key, ClientRoute.Named(httpContext), cancellationToken);

    public async Task<AuthenticationTicket?> RetrieveAsync(string key)
    {
        await using AsyncServiceScope scope = scopes.CreateAsyncScope();
        return await Opened(scope.ServiceProvider.GetRequiredService<Door>(), key, client: null, CancellationToken.None);
    }

    private static async Task<AuthenticationTicket?> Opened(Door door, string key, Guid? client, CancellationToken cancel) =>
        await door.Open(key, client, cancel) is { } found ? Marked(TicketSerializer.Default.Deserialize(found.Ticket), found.Id) : null;

    /// <summary>Under which the ticket says which of a person's sign-ins it is.</summary>
    public const string Id = "nerezza.sign-in";

    private static AuthenticationTicket? Marked(AuthenticationTicket? ticket, Guid id)
    {
        ticket?.Properties.SetString(Id, id.ToString());
        return ticket;
    }

    public Task RemoveAsync(string key) =>
        With(async store =>
        {
            await store.Remove(key, CancellationToken.None);
            return key;
        });

    // The framework holds one store for all requests; each call works in a scope of its own.
    private async Task<T> With<T>(Func<SignedInStore, Task<T>> work)
    {
        await using AsyncServiceScope scope = scopes.CreateAsyncScope();
        return await work(scope.ServiceProvider.GetRequiredService<SignedInStore>());
    }
}
