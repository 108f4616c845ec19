using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Formats;

namespace Nerezza.Web.Endpoints;

/// <summary>What belongs to nobody: the schemas of the open formats.</summary>
public static class ReferenceEndpoints
{
    public static void MapReference(this IEndpointRouteBuilder routes) =>
        routes
            .MapGet(
                "/schemas/{name}.json",
                Results<Ok<JsonObject>, NotFound> (string name) =>
                    Schemas.Find(name) is { } schema ? TypedResults.Ok(schema) : TypedResults.NotFound()
            )
            .ExcludeFromDescription();
}
