using Microsoft.AspNetCore.Authorization;
using Nerezza.Core.Catalogue;
using Nerezza.Data;
using Nerezza.Data.Stores;
using Nerezza.Formats.Exercises;

namespace Nerezza.Web.Planning;

/// <summary>Marks what names an exercise and wants no more of it: the practice's own are read only where one that does not ship is
/// named.</summary>
internal sealed class NamesExercisesAlone;

/// <summary>The catalogue as the signed-in coach has it: what ships, and their own. Read once for each request.</summary>
public sealed class OwnCatalogue
{
    private bool _isRead;

    /// <summary>The coach's own, put away or not.</summary>
    public IReadOnlyList<Exercise> Own { get; private set; } = [];

    public IReadOnlyCollection<string> OwnIds { get; private set; } = [];

    /// <summary>Changes whenever one of them does.</summary>
    public IReadOnlyList<uint> Versions { get; private set; } = [];

    public ExerciseCatalogue All { get; private set; } = ExerciseCatalogue.Shipped;

    /// <summary>Middleware after the scope was opened.</summary>
    public static async Task Open(HttpContext http, RequestDelegate next)
    {
        // What asks for a signed-in coach shows their exercises; pages and scripts ask for nobody.
        if (
            http.GetEndpoint()?.Metadata is { } asked
            && asked.GetMetadata<IAuthorizeData>() is not null
            && asked.GetMetadata<NamesExercisesAlone>() is null
        )
            await ReadFor(http);
        await next(http);
    }

    /// <summary>Reads the practice's own unless that was done for this request.</summary>
    /// <returns>Whether they were read now.</returns>
    public static async Task<bool> ReadFor(HttpContext http)
    {
        IServiceProvider services = http.RequestServices;
        OwnCatalogue own = services.GetRequiredService<OwnCatalogue>();
        if (own._isRead || services.GetRequiredService<AccessScope>().PracticeId == Guid.Empty)
            return false;
        await own.Load(services.GetRequiredService<OwnExerciseStore>(), http.RequestAborted);
        return true;
    }

    /// <summary>Reads the practice's own.</summary>
    public async Task Load(OwnExerciseStore store, CancellationToken cancel)
    {
        IReadOnlyList<Data.Rows.OwnExerciseRow> rows = await store.All(cancel);
        _isRead = true;
        Own = [.. rows.Select(row => ExerciseMapping.ToOwn(row.Document))];
        Versions = [.. rows.Select(row => row.Version)];
        OwnIds = [.. Own.Select(exercise => exercise.Id)];
        All = ExerciseCatalogue.Shipped.With(Own);
    }
}
