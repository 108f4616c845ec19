using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Catalogue;
using Nerezza.Formats;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Endpoints;

/// <summary>What belongs to no client: the catalogue and the schemas of the open formats.</summary>
public static class ReferenceEndpoints
{
    public static void MapReference(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/catalogue", () => TypedResults.Ok(ExerciseCatalogue.Shipped.All
            .Select(exercise => new ExerciseLine(exercise.Id, exercise.Name, exercise.Pattern, exercise.Kit)).ToList())).RequireAuthorization().WithTags("reference");
        routes.MapGet("/schemas/{name}.json", Results<Ok<JsonObject>, NotFound> (string name) =>
            Schemas.Find(name) is { } schema ? TypedResults.Ok(schema) : TypedResults.NotFound()).ExcludeFromDescription();
    }
}
