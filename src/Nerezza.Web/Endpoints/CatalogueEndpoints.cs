using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;
using Nerezza.Data;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Exercises;
using Nerezza.Formats.Shapes;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The catalogue: all exercises, and the coach's own to write, put away, bring in and take out.</summary>
public static class CatalogueEndpoints
{
    public static void MapCatalogue(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/catalogue").RequireAuthorization().WithTags("catalogue");
        group.MapGet(
            "",
            (ExerciseCatalogue catalogue) =>
                TypedResults.Ok(
                    catalogue.All.Select(exercise => new ExerciseLine(exercise.Id, exercise.Name, exercise.Pattern, exercise.Kit)).ToList()
                )
        );
        group.MapGet(
            "/faces",
            (ExerciseCatalogue catalogue) =>
                TypedResults.Ok<IReadOnlyList<ExerciseFace>>([
                    .. catalogue.All.Where(one => one.VariantOf is null).Select(ExerciseViews.Face),
                ])
        );
        group.MapGet("/exercises/{exercise}", Get);
        group.MapPut("/own", Save);
        group.MapPost(
            "/own/preview",
            Results<Ok<ImportView>, ValidationProblem> (Checked<ImportText> body, OwnExercises desk) =>
                body.Value is { } import ? TypedResults.Ok(desk.Preview(import.Text)) : Problems.Invalid(body.Faults)
        );
        group.MapPost("/own/import", Import);
        group.MapGet("/export/{scope}.{format}", Export);
    }

    private static async Task<Results<Ok<ExerciseFileView>, NotFound>> Get(
        string exercise,
        ExerciseCatalogue catalogue,
        OwnExerciseStore store,
        CancellationToken cancel
    )
    {
        if (catalogue.Find(exercise) is not { } found)
            return TypedResults.NotFound();
        OwnExerciseRow? own = (await store.All(cancel)).FirstOrDefault(row => row.Exercise == exercise);
        return TypedResults.Ok(new ExerciseFileView(ExerciseMapping.ToDocument(found), own?.Version));
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> Save(
        Checked<SaveExercise> body,
        OwnExercises desk,
        OwnExerciseStore store,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } save)
            return Problems.Invalid(body.Faults);
        if (desk.Faults(save.Exercise) is { Count: > 0 } faults)
            return Problems.Invalid(faults);
        if (desk.With([save.Exercise]) > OwnExerciseStore.Most)
            return TooMany();
        return await store.Keep(save.Exercise, (uint?)save.Version, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> Import(
        Checked<ImportText> body,
        OwnExercises desk,
        OwnExerciseStore store,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } import)
            return Problems.Invalid(body.Faults);
        if (desk.Read(import.Text) is not ListReading.Valid valid)
            return Problems.Invalid([.. desk.Preview(import.Text).Faults.Select(fault => new Fault("text", fault))]);
        if (desk.With(valid.Exercises) > OwnExerciseStore.Most)
            return TooMany();
        return await store.Import(valid.Exercises, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    private static ProblemHttpResult TooMany() =>
        Problems.Full(
            $"A practice keeps {OwnExerciseStore.Most} exercises of its own.",
            "Nothing was saved. Change one that you no longer use instead of adding another."
        );

    private static Results<FileContentHttpResult, NotFound> Export(
        string scope,
        string format,
        OwnExercises desk,
        AccessScope practice,
        ILogger<EventLog> events
    )
    {
        if (Codes.Find<ExportScope>(scope) is not { } which || Codes.Find<ExportFormat>(format) is not { } how)
            return TypedResults.NotFound();
        events.CatalogueExported(Codes.Of(which), practice.PracticeId);
        return TypedResults.File(
            Encoding.UTF8.GetBytes(desk.Export(which, how)),
            how is ExportFormat.Yaml ? "application/yaml" : "application/json",
            $"exercises-{scope}.{format}"
        );
    }
}
