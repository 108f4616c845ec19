using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;

namespace Nerezza.Data.Unscoped;

/// <summary>A sign-in that has not ended, and what its request has to know of the person.</summary>
/// <param name="Id">Which of the person's sign-ins it is.</param>
/// <param name="Ticket">As the framework wrote it.</param>
/// <param name="UsedAt">To the hour.</param>
public sealed record AtTheDoor(Guid Id, Guid UserId, byte[] Ticket, DateTimeOffset UsedAt, IReadOnlyList<PlaceAtTheDoor> Places);

/// <summary>A practice that the person is in, with the client whom the request names.</summary>
/// <param name="IsPutAway">Whether that client of the practice is put away; null where there is none.</param>
public sealed record PlaceAtTheDoor(Place Place, bool? IsPutAway);

/// <summary>Who comes in by a cookie, where they are a member and what state the client is in whom they ask for: one question for each
/// request, asked anew each time, and remembered for that request alone.</summary>
public sealed class Door(NerezzaContext context, TimeProvider clock)
{
    private static readonly TimeSpan Noted = TimeSpan.FromHours(1);

    /// <summary>Compiled once: it stands before everything else that anybody does (docs/measured.md, one set recorded).</summary>
    private static readonly Func<NerezzaContext, string, DateTimeOffset, Guid, CancellationToken, Task<AtTheDoor?>> Question =
        EF.CompileAsyncQuery(
            (NerezzaContext context, string hash, DateTimeOffset now, Guid client, CancellationToken cancel) =>
                context
                    .SignedIn.IgnoreQueryFilters()
                    .Where(row => row.KeyHash == hash && row.ExpiresAt > now && row.EndsAt > now)
                    .Select(row => new AtTheDoor(
                        row.Id,
                        row.UserId,
                        row.Ticket,
                        row.UsedAt,
                        (
                            from member in context.Memberships
                            join practice in context.Practices on member.PracticeId equals practice.PracticeId
                            where member.UserId == row.UserId && practice.PutAsideAt == null
                            orderby member.PracticeId
                            select new PlaceAtTheDoor(
                                new Place(member.PracticeId, practice.Name, practice.IsDemo, member.Role, member.Name, member.ClientId),
                                context
                                    .Clients.Where(one => one.PracticeId == member.PracticeId && one.Id == client)
                                    .Select(one => (bool?)(one.ArchivedAt != null))
                                    .FirstOrDefault()
                            )
                        ).ToList()
                    ))
                    .FirstOrDefault()
        );

    private AtTheDoor? _opened;
    private Guid? _client;

    /// <summary>Opens with the key of a cookie; null where it opens nothing.</summary>
    /// <param name="client">The client whom the request names; null where it names none.</param>
    public async Task<AtTheDoor?> Open(string key, Guid? client, CancellationToken cancel)
    {
        string hash = Secret.HashOf(key);
        DateTimeOffset now = clock.GetUtcNow();
        (_opened, _client) = (await Question(context, hash, now, client ?? Guid.Empty, cancel), client);
        // To the hour: a session on the floor writes it once.
        if (_opened is not null && now - _opened.UsedAt > Noted)
            await context
                .SignedIn.Where(row => row.KeyHash == hash)
                .ExecuteUpdateAsync(row => row.SetProperty(one => one.UsedAt, now), cancel);
        return _opened;
    }

    /// <summary>Where a person is a member, as it was found at the door; null for anybody who did not come in by it.</summary>
    public IReadOnlyList<Place>? PlacesOf(Guid userId) => _opened?.UserId == userId ? [.. _opened.Places.Select(one => one.Place)] : null;

    /// <summary>The client of a practice as found at the door; null where another was asked for, or nobody came in by it.</summary>
    public PlaceAtTheDoor? With(Guid practiceId, Guid client) =>
        client == _client ? _opened?.Places.FirstOrDefault(one => one.Place.PracticeId == practiceId) : null;
}
