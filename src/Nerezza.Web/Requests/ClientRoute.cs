namespace Nerezza.Web.Requests;

/// <summary>The client whom a request names in its address.</summary>
internal static class ClientRoute
{
    private const string Client = "id";

    /// <summary>Null where the address names none.</summary>
    public static Guid? Named(HttpContext http) => Guid.TryParse(http.GetRouteValue(Client) as string, out Guid id) ? id : null;
}
