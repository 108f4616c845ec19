using System.Threading.Channels;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.WebUtilities;
using Nerezza.Data;
using Nerezza.Web.Hosting;
using Nerezza.Web.Mail;

namespace Nerezza.Web.Accounts;

/// <summary>Writes letters with links to a new password, apart from the request that asked: nobody learns from its time whether an address
/// is known.</summary>
internal sealed class ResetLetters(IServiceScopeFactory scopes, PublicAddress address, Outgoing outgoing, ILogger<EventLog> log)
    : BackgroundService
{
    private const int Most = 200;
    private readonly Channel<(string Email, string Root)> _asked = Channel.CreateBounded<(string, string)>(
        new BoundedChannelOptions(Most) { FullMode = BoundedChannelFullMode.DropWrite }
    );

    public void Ask(string email) => _asked.Writer.TryWrite((email, address.Root));

    /// <summary>The address under which a new password can be set, once.</summary>
    public static async Task<string> Link(UserManager<IdentityUser<Guid>> users, IdentityUser<Guid> user, string root) =>
        QueryHelpers.AddQueryString(
            $"{root}/new-password",
            new Dictionary<string, string?> { ["user"] = user.Id.ToString(), ["token"] = await users.GeneratePasswordResetTokenAsync(user) }
        );

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await foreach ((string email, string root) in _asked.Reader.ReadAllAsync(stoppingToken))
        {
            if (!outgoing.IsOn)
                continue;
            await Write(email, root);
        }
    }

    private async Task Write(string email, string root)
    {
        try
        {
            await using AsyncServiceScope scope = scopes.CreateAsyncScope();
            var users = scope.ServiceProvider.GetRequiredService<UserManager<IdentityUser<Guid>>>();
            if (await users.FindByEmailAsync(email) is { } user)
                outgoing.Send(Letters.Reset(user.Email!, await Link(users, user, root)));
        }
        catch (Exception fault) when (Outage.Of(fault) is { } why)
        {
            // Who asked asks again.
            log.DatabaseAway(why);
        }
    }
}
