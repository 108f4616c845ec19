using Microsoft.AspNetCore.Authorization;
using Nerezza.Data.Stores;

namespace Nerezza.Web.Requests;

/// <summary>Marks what may still be done to a client who is put away.</summary>
internal sealed class AlsoWhenPutAway;

/// <summary>A client who is put away can be read and taken back, and is otherwise left as they are.</summary>
internal static class PutAway
{
    private const string Client = "id";

    /// <summary>Middleware after authorization: refuses changes of a client who is put away, and of one who is not there before the body is
    /// read.</summary>
    public static async Task Guard(HttpContext http, RequestDelegate next)
    {
        bool changes = !HttpMethods.IsGet(http.Request.Method) && !HttpMethods.IsHead(http.Request.Method);
        if (
            changes
            && http.GetEndpoint() is { } endpoint
            && endpoint.Metadata.GetMetadata<IAuthorizeData>() is not null
            && Guid.TryParse(http.GetRouteValue(Client) as string, out Guid id)
        )
        {
            bool? isArchived = await http.RequestServices.GetRequiredService<ClientStore>().IsArchived(id, http.RequestAborted);
            if (isArchived is null || (isArchived is true && endpoint.Metadata.GetMetadata<AlsoWhenPutAway>() is null))
            {
                await (isArchived is null ? Problems.NoClient() : Problems.PutAway()).ExecuteAsync(http);
                return;
            }
        }
        await next(http);
    }
}
