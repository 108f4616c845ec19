using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Data;
using Nerezza.Data.Access;
using Nerezza.Data.Accounts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Access;

/// <summary>Holds each request against what its endpoint allows (docs/access.md).</summary>
internal static class AccessGuard
{
    /// <summary>Middleware after authorization.</summary>
    public static async Task Hold(HttpContext http, RequestDelegate next)
    {
        if (http.GetEndpoint() is { } endpoint && endpoint.Metadata.GetMetadata<IAuthorizeData>() is not null)
        {
            Who who = endpoint.Metadata.GetMetadata<Allowed>()?.Who ?? Who.Coaches;
            bool changes =
                !HttpMethods.IsGet(http.Request.Method)
                && !HttpMethods.IsHead(http.Request.Method)
                && endpoint.Metadata.GetMetadata<OnlyReads>() is null;
            Guid? client = ClientRoute.Named(http);
            bool isForPeople = who is Who.Anybody || endpoint.Metadata.GetMetadata<NotForScripts>() is not null;
            ProblemHttpResult? refused =
                RefusalOfToken(ScriptTokens.ScopeOf(http.User), isForPeople, changes)
                ?? Refusal(http.RequestServices.GetRequiredService<AccessScope>(), who, changes, client);
            if (refused is { } refusal)
            {
                await refusal.ExecuteAsync(http);
                return;
            }
        }
        await next(http);
    }

    /// <summary>Why a script is not let through: no token makes another, or reaches accounts.</summary>
    private static ProblemHttpResult? RefusalOfToken(TokenScope? token, bool isForPeople, bool changes) =>
        token switch
        {
            null => null,
            _ when isForPeople => Problems.NotAllowed("This is for somebody who signed in, not for a token."),
            TokenScope.Read when changes => Problems.NotAllowed("This token reads alone. Make one that may change things under Account."),
            _ => null,
        };

    /// <summary>Why a request is not let through; null when it is.</summary>
    private static ProblemHttpResult? Refusal(AccessScope scope, Who who, bool changes, Guid? client)
    {
        if (who is Who.Anybody)
            return null;
        if (scope.Standing is not { } standing)
            return Problems.ChoosePractice();
        // Who does not see a client does not learn that there is one.
        ClientAccess access = client is { } id ? standing.AccessTo(id) : ClientAccess.Home;
        if (access is ClientAccess.None)
            return Problems.NoClient();
        bool isLifter = standing.Role is PracticeRole.Lifter;
        return who switch
        {
            Who.Owners when standing.Role is not PracticeRole.Owner => Problems.NotAllowed("This is for the owners of the practice."),
            Who.TheLifter when !isLifter => Problems.NotAllowed("This is for the lifter alone."),
            Who.AlsoTheLifter or Who.TheLifter when isLifter => null,
            _ when isLifter => Problems.NotAllowed("This is for coaches."),
            Who.HomeCoach when access < ClientAccess.Home => Problems.NotAllowed("This is for the coach whom the client is with."),
            _ when changes && access < ClientAccess.Work => Problems.NotAllowed(
                "This client is shared with you to read. Ask the coach whom they are with to let you work on them."
            ),
            _ => null,
        };
    }
}
