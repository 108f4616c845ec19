using Microsoft.AspNetCore.Authorization;
using Nerezza.Data;
using Nerezza.Data.Stores;
using Nerezza.Data.Unscoped;

namespace Nerezza.Web.Requests;

/// <summary>Marks what may still be done to a client who is put away.</summary>
internal sealed class AlsoWhenPutAway;

/// <summary>A client who is put away can be read and taken back, and is otherwise left as they are.</summary>
internal static class PutAway
{
    /// <summary>Middleware after authorization: refuses changes of a client who is put away, and of one who is not there before the body is
    /// read.</summary>
    public static async Task Guard(HttpContext http, RequestDelegate next)
    {
        bool changes = !HttpMethods.IsGet(http.Request.Method) && !HttpMethods.IsHead(http.Request.Method);
        if (
            changes
            && http.GetEndpoint() is { } endpoint
            && endpoint.Metadata.GetMetadata<IAuthorizeData>() is not null
            && ClientRoute.Named(http) is { } id
        )
        {
            bool? isArchived = await IsArchived(http.RequestServices, id, http.RequestAborted);
            if (isArchived is null || (isArchived is true && endpoint.Metadata.GetMetadata<AlsoWhenPutAway>() is null))
            {
                await (isArchived is null ? Problems.NoClient() : Problems.PutAway()).ExecuteAsync(http);
                return;
            }
        }
        await next(http);
    }

    /// <summary>As it was found at the door, else asked for: a script comes in another way. Null where there is no such client.</summary>
    private static async Task<bool?> IsArchived(IServiceProvider services, Guid client, CancellationToken cancel) =>
        services.GetRequiredService<Door>().With(services.GetRequiredService<AccessScope>().PracticeId, client) is { } found
            ? found.IsPutAway
            : await services.GetRequiredService<ClientStore>().IsArchived(client, cancel);
}
