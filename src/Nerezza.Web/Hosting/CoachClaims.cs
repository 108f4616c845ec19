using System.Security.Claims;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;
using Nerezza.Data;
using Nerezza.Data.Unscoped;

namespace Nerezza.Web.Hosting;

/// <summary>Writes the coach of a user's membership into the sign-in, and opens the scope from it for each request.</summary>
internal sealed class CoachClaims(UserManager<IdentityUser<Guid>> users, IOptions<IdentityOptions> options, Memberships memberships)
    : UserClaimsPrincipalFactory<IdentityUser<Guid>>(users, options)
{
    private const string Coach = "nerezza:coach";

    protected override async Task<ClaimsIdentity> GenerateClaimsAsync(IdentityUser<Guid> user)
    {
        ClaimsIdentity identity = await base.GenerateClaimsAsync(user);
        if (await memberships.CoachOf(user.Id, CancellationToken.None) is { } coach) identity.AddClaim(new Claim(Coach, coach.ToString()));
        return identity;
    }

    /// <summary>Middleware after sign-in was read: the request sees the rows of this coach and of nobody else.</summary>
    public static Task OpenScope(HttpContext http, RequestDelegate next)
    {
        if (Guid.TryParse(http.User.FindFirstValue(Coach), out Guid coach)) http.RequestServices.GetRequiredService<CoachScope>().Enter(coach);
        return next(http);
    }
}
