using Microsoft.AspNetCore.Antiforgery;

namespace Nerezza.Web.Hosting;

/// <summary>Every request under /api that can change something must carry the antiforgery token in its header.</summary>
internal static class TokenCheck
{
    public const string Header = "X-Nerezza-Token";

    public static async Task Require(HttpContext http, RequestDelegate next)
    {
        bool changes = !HttpMethods.IsGet(http.Request.Method) && !HttpMethods.IsHead(http.Request.Method);
        if (
            changes
            && http.Request.Path.StartsWithSegments("/api")
            // A token that is sent by hand is sent by no page of another site.
            && ScriptTokens.Of(http) != ScriptTokens.Token
            && !await http.RequestServices.GetRequiredService<IAntiforgery>().IsRequestValidAsync(http)
        )
        {
            await TypedResults
                .Problem(
                    statusCode: StatusCodes.Status400BadRequest,
                    title: "The page is out of step with the server.",
                    detail: "Load the page again and repeat; what was typed on the floor is kept.",
                    type: "nerezza:token"
                )
                .ExecuteAsync(http);
            return;
        }
        await next(http);
    }
}
