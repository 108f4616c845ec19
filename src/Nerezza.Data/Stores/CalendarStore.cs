using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Stores;

/// <summary>When clients train, and the addresses of their calendars.</summary>
public sealed class CalendarStore(NerezzaContext context, TimeProvider clock)
{
    /// <summary>A client's; null where nothing was said yet.</summary>
    public Task<CalendarRow?> Find(Guid clientId, CancellationToken cancel) =>
        context.Calendars.SingleOrDefaultAsync(row => row.ClientId == clientId, cancel);

    /// <summary>Keeps zone and times.</summary>
    public async Task Keep(Guid clientId, string? zone, IReadOnlyList<DayTime> times, CancellationToken cancel)
    {
        CalendarRow row = await FindOrAdd(clientId, cancel);
        (row.Zone, row.Times) = (zone, times);
        await context.SaveChangesAsync(cancel);
    }

    /// <summary>Makes an address; the one before ends.</summary>
    /// <returns>Its secret, to be shown now and never again.</returns>
    public async Task<string> MakeFeed(Guid clientId, CancellationToken cancel)
    {
        CalendarRow row = await FindOrAdd(clientId, cancel);
        string secret = Secret.New();
        (row.FeedHash, row.FeedMadeAt) = (Secret.HashOf(secret), clock.GetUtcNow());
        await context.SaveChangesAsync(cancel);
        return secret;
    }

    /// <summary>Ends the address; nothing where there is none.</summary>
    public async Task EndFeed(Guid clientId, CancellationToken cancel)
    {
        if (await Find(clientId, cancel) is not { } row)
            return;
        (row.FeedHash, row.FeedMadeAt) = (null, null);
        await context.SaveChangesAsync(cancel);
    }

    private async Task<CalendarRow> FindOrAdd(Guid clientId, CancellationToken cancel)
    {
        if (await Find(clientId, cancel) is { } there)
            return there;
        var row = new CalendarRow { PracticeId = context.PracticeId, ClientId = clientId };
        context.Add(row);
        return row;
    }
}
