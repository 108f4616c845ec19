using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;

namespace Nerezza.Data.Unscoped;

/// <summary>A practice that a person is in.</summary>
/// <param name="Name">How the person is called there.</param>
/// <param name="ClientId">The client that a lifter is; null for coaches.</param>
public sealed record Place(Guid PracticeId, string Practice, bool IsDemo, PracticeRole Role, string Name, Guid? ClientId);

/// <summary>Reads memberships before any practice is known. The only reads without the filter live in this folder.</summary>
public sealed class Memberships(NerezzaContext context, Door door, TimeProvider clock)
{
    /// <summary>The practices that a person is in and that are open, by id: as found at the door by whoever came in there, else asked
    /// for.</summary>
    public async Task<IReadOnlyList<Place>> Of(Guid userId, CancellationToken cancel) =>
        door.PlacesOf(userId)
        ?? await (
            from row in context.Memberships.IgnoreQueryFilters()
            join practice in context.Practices.IgnoreQueryFilters() on row.PracticeId equals practice.PracticeId
            where row.UserId == userId && practice.PutAsideAt == null
            orderby row.PracticeId
            select new Place(row.PracticeId, practice.Name, practice.IsDemo, row.Role, row.Name, row.ClientId)
        ).ToListAsync(cancel);

    /// <summary>Where a person stands in one of their practices, as it is now.</summary>
    public async Task<Standing> StandingAt(Place place, Guid userId, CancellationToken cancel) =>
        new(
            place.PracticeId,
            userId,
            place.Role,
            place.Role switch
            {
                PracticeRole.Owner => null,
                PracticeRole.Lifter => new Dictionary<Guid, ClientAccess> { [place.ClientId!.Value] = ClientAccess.Own },
                PracticeRole.Coach => await OfCoach(place.PracticeId, userId, cancel),
            }
        )
        {
            By = place.Name,
        };

    private async Task<Dictionary<Guid, ClientAccess>> OfCoach(Guid practiceId, Guid userId, CancellationToken cancel)
    {
        DateOnly today = DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime);
        Dictionary<Guid, ClientAccess> clients = await context
            .Shares.IgnoreQueryFilters()
            .Where(row => row.PracticeId == practiceId && row.UserId == userId && (row.Until == null || row.Until >= today))
            .ToDictionaryAsync(row => row.ClientId, row => row.Access, cancel);
        foreach (
            Guid client in await context
                .Clients.IgnoreQueryFilters()
                .Where(row => row.PracticeId == practiceId && row.HomeCoach == userId)
                .Select(row => row.Id)
                .ToListAsync(cancel)
        )
            clients[client] = ClientAccess.Home;
        return clients;
    }
}
