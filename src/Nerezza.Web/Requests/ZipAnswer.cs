using Microsoft.AspNetCore.Http.HttpResults;

namespace Nerezza.Web.Requests;

/// <summary>An answer that is a zip: written to a file of its own first, so that a fault on the way is an error and no half of
/// one.</summary>
internal static class ZipAnswer
{
    private const int Buffer = 64 * 1024;

    /// <param name="name">What it is kept as.</param>
    public static async Task<FileStreamHttpResult> Of(Func<Stream, Task> write, string name)
    {
        var file = new FileStream(
            Path.Combine(Path.GetTempPath(), $"nerezza-{Guid.NewGuid():n}.zip"),
            FileMode.CreateNew,
            FileAccess.ReadWrite,
            FileShare.None,
            Buffer,
            FileOptions.DeleteOnClose | FileOptions.Asynchronous
        );
        try
        {
            await write(file);
            file.Position = 0;
            return TypedResults.File(file, "application/zip", name);
        }
        catch
        {
            await file.DisposeAsync();
            throw;
        }
    }
}
