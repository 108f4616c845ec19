using System.Security.Claims;
using Nerezza.Data;
using Nerezza.Data.Unscoped;

namespace Nerezza.Web.Hosting;

/// <summary>Whose rows a request sees: asked for each time, so that who is taken out of a practice is out at once.</summary>
internal static class Membership
{
    /// <summary>The claim that names the practice that a person in several has chosen.</summary>
    public const string Chosen = "nerezza.practice";

    /// <summary>Middleware after sign-in was read: the request sees what this person sees in their practice and nothing else. Who is in
    /// none is not signed in; who is in several and has not chosen sees nothing yet.</summary>
    public static async Task OpenScope(HttpContext http, RequestDelegate next)
    {
        if (UserOf(http.User) is { } user)
        {
            var memberships = http.RequestServices.GetRequiredService<Memberships>();
            IReadOnlyList<Place> places = await memberships.Of(user, http.RequestAborted);
            if (places.Count == 0)
                http.User = new ClaimsPrincipal(new ClaimsIdentity());
            else if (Choice(places, http.User) is { } place)
                http.RequestServices.GetRequiredService<AccessScope>()
                    .Enter(await memberships.StandingAt(place, user, http.RequestAborted));
        }
        await next(http);
    }

    /// <summary>Who is signed in; null where nobody is.</summary>
    public static Guid? UserOf(ClaimsPrincipal caller) =>
        Guid.TryParse(caller.FindFirstValue(ClaimTypes.NameIdentifier), out Guid user) ? user : null;

    /// <summary>The practice that was chosen, or the only one; of a token only the one that it was made for.</summary>
    public static Place? Choice(IReadOnlyList<Place> places, ClaimsPrincipal caller) =>
        places.Count == 1 && ScriptTokens.ScopeOf(caller) is null
            ? places[0]
            : places.FirstOrDefault(place => caller.FindFirstValue(Chosen) == place.PracticeId.ToString());
}
