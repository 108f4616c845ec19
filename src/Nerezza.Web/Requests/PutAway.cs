using Nerezza.Data.Stores;

namespace Nerezza.Web.Requests;

/// <summary>Marks what may still be done to a client who is put away.</summary>
internal sealed class AlsoWhenPutAway;

/// <summary>A client who is put away can be read and taken back, and is otherwise left as they are.</summary>
internal static class PutAway
{
    private const string Client = "id";

    /// <summary>Middleware after authorization: refuses changes of a client who is put away.</summary>
    public static async Task Guard(HttpContext http, RequestDelegate next)
    {
        bool changes = !HttpMethods.IsGet(http.Request.Method) && !HttpMethods.IsHead(http.Request.Method);
        if (
            changes
            && http.GetEndpoint() is { } endpoint
            && endpoint.Metadata.GetMetadata<AlsoWhenPutAway>() is null
            && Guid.TryParse(http.GetRouteValue(Client) as string, out Guid id)
            && await http.RequestServices.GetRequiredService<ClientStore>().IsArchived(id, http.RequestAborted)
        )
        {
            await Problems.PutAway().ExecuteAsync(http);
            return;
        }
        await next(http);
    }
}
