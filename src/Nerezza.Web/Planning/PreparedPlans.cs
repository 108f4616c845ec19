using Microsoft.Extensions.Caching.Memory;
using Nerezza.Core;
using Nerezza.Data.Stores;

namespace Nerezza.Web.Planning;

/// <summary>Keeps what a block under edit rests on for some minutes, so that each key press costs the edit and not a new plan.</summary>
/// <remarks>The key names everything that the basis was made from: the version, the state of the log, the maxes and the coach's own
/// exercises. A plan is one coach's, so its id keeps coaches apart.</remarks>
public sealed class PreparedPlans(IMemoryCache memory)
{
    private static readonly MemoryCacheEntryOptions Kept = new() { SlidingExpiration = TimeSpan.FromMinutes(5), Size = 1 };

    /// <summary>The basis of a plan, kept or made now.</summary>
    public async Task<PreparedPlan> Of(
        Guid plan,
        ClientFile file,
        (int Count, DateTimeOffset? Newest) log,
        OwnCatalogue catalogue,
        Func<Task<PreparedPlan>> make
    )
    {
        string key =
            $"{plan} {log.Count} {log.Newest?.UtcTicks} {string.Join(',', file.Maxes.Select(max => max.Id).Order())} "
            + $"{string.Join(',', catalogue.Versions)}";
        if (memory.TryGetValue(key, out PreparedPlan? kept))
            return kept!;
        return memory.Set(key, await make(), Kept);
    }
}
