using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;

namespace Nerezza.Data.Unscoped;

/// <summary>Finds whose calendar an address is, before any practice is known.</summary>
public sealed class OpenFeeds(NerezzaContext context)
{
    /// <summary>The practice and the client; null where the address is none, was ended, or its practice is closed: nobody learns
    /// which.</summary>
    public async Task<(Guid Practice, Guid Client)?> Find(string secret, CancellationToken cancel)
    {
        string hash = Secret.HashOf(secret);
        var found = await (
            from row in context.Calendars.IgnoreQueryFilters()
            join practice in context.Practices.IgnoreQueryFilters() on row.PracticeId equals practice.PracticeId
            join client in context.Clients.IgnoreQueryFilters()
                on new { row.PracticeId, Id = row.ClientId } equals new { client.PracticeId, client.Id }
            where row.FeedHash == hash && practice.PutAsideAt == null && client.ArchivedAt == null
            select new { row.PracticeId, row.ClientId }
        ).FirstOrDefaultAsync(cancel);
        return found is null ? null : (found.PracticeId, found.ClientId);
    }
}
