using System.Security.Cryptography;
using System.Text.Json;
using Microsoft.Extensions.Caching.Memory;
using Nerezza.Core.Selection;

namespace Nerezza.Web.Planning;

/// <summary>A plan is made again with every set that is logged, and what stands in its slots is the same problem as before: it is settled
/// once. A problem is known by all that it holds, so that an answer never belongs to another.</summary>
/// <param name="chooser">Settles what has not been asked before, or was long ago.</param>
public sealed class RememberedChoices(IChooser chooser) : IChooser, IDisposable
{
    private const int Most = 512;
    private readonly MemoryCache _known = new(new MemoryCacheOptions { SizeLimit = Most });

    /// <inheritdoc/>
    public Choice Choose(ChoiceProblem problem) =>
        _known.GetOrCreate(
            KeyOf(problem),
            entry =>
            {
                entry.Size = 1;
                return chooser.Choose(problem);
            }
        )!;

    /// <inheritdoc/>
    public void Dispose() => _known.Dispose();

    private static string KeyOf(ChoiceProblem problem) =>
        Convert.ToHexString(SHA256.HashData(JsonSerializer.SerializeToUtf8Bytes(problem)));
}
