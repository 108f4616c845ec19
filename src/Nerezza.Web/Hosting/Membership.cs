using System.Security.Claims;
using Nerezza.Data;
using Nerezza.Data.Unscoped;

namespace Nerezza.Web.Hosting;

/// <summary>Whose rows a request sees: asked for each time, so that who is taken out of a practice is out at once.</summary>
internal static class Membership
{
    /// <summary>Middleware after sign-in was read: the request sees the rows of this user's coach and of nobody else; without a practice
    /// nobody is signed in.</summary>
    public static async Task OpenScope(HttpContext http, RequestDelegate next)
    {
        if (Guid.TryParse(http.User.FindFirstValue(ClaimTypes.NameIdentifier), out Guid user))
        {
            if (await http.RequestServices.GetRequiredService<Memberships>().CoachOf(user, http.RequestAborted) is { } coach)
                http.RequestServices.GetRequiredService<CoachScope>().Enter(coach);
            else
                http.User = new ClaimsPrincipal(new ClaimsIdentity());
        }
        await next(http);
    }
}
