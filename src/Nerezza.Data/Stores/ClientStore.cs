using Microsoft.EntityFrameworkCore;
using Nerezza.Core.Clients;
using Nerezza.Data.Rows;
using Nerezza.Formats.Cases;

namespace Nerezza.Data.Stores;

/// <summary>A client with all that a plan is made from, but the log.</summary>
/// <param name="Screen">The newest; null before the first.</param>
/// <param name="Earlier">The screens before it, newest first.</param>
public sealed record ClientFile(
    ClientRow Client,
    EquipmentRow Equipment,
    IReadOnlyList<MaxRow> Maxes,
    ScreenRow? Screen,
    IReadOnlyList<ScreenRow> Earlier
)
{
    /// <summary>The room whose kit the client trains with; null where they have kit of their own.</summary>
    public RoomRow? Room { get; init; }

    /// <summary>The rooms of days that are trained elsewhere, by day; none of them the usual one.</summary>
    public IReadOnlyList<(Weekday Day, RoomRow Room)> Elsewhere { get; init; } = [];

    /// <summary>What the client trains with: the room's, else their own.</summary>
    public EquipmentSection Kit => Room?.Document ?? Equipment.Document;
}

/// <summary>A client put away.</summary>
/// <param name="EraseAt">When everything of theirs goes; null where nobody asked for it.</param>
public sealed record ArchivedClient(Guid Id, string Name, DateTimeOffset At, DateTimeOffset? EraseAt);

/// <summary>Clients, their equipment and entered maxes, of the scope's coach.</summary>
public sealed class ClientStore(NerezzaContext context, AccessScope scope)
{
    /// <summary>So many clients a practice holds, and so many with those put away (assumptions).</summary>
    public const int Most = 500,
        MostWithArchived = 5000;

    /// <summary>How long a client who is to be erased can still be taken back.</summary>
    public static TimeSpan Grace { get; } = TimeSpan.FromDays(1);

    public async Task<IReadOnlyList<ClientRow>> All(CancellationToken cancel) =>
        await context
            .Clients.AsNoTracking()
            .Where(row => row.ArchivedAt == null)
            .OrderBy(row => row.Name)
            .ThenBy(row => row.Id)
            .ToListAsync(cancel);

    /// <summary>The clients put away, the last first: without facts, for a list.</summary>
    public async Task<IReadOnlyList<ArchivedClient>> Archived(CancellationToken cancel) =>
        await context
            .Clients.Where(row => row.ArchivedAt != null)
            .OrderByDescending(row => row.ArchivedAt)
            .ThenBy(row => row.Id)
            .Select(row => new ArchivedClient(row.Id, row.Name, row.ArchivedAt!.Value, row.EraseAt))
            .ToListAsync(cancel);

    /// <summary>How many clients there are that are not put away, and in all.</summary>
    public async Task<(int Here, int All)> Count(CancellationToken cancel) =>
        (await context.Clients.CountAsync(row => row.ArchivedAt == null, cancel), await context.Clients.CountAsync(cancel));

    /// <summary>Whether a client is put away; null where there is none.</summary>
    public async Task<bool?> IsArchived(Guid id, CancellationToken cancel) =>
        await context.Clients.Where(row => row.Id == id).Select(row => (bool?)(row.ArchivedAt != null)).SingleOrDefaultAsync(cancel);

    /// <summary>Screens before the newest that a file holds.</summary>
    private const int EarlierHeld = 60;

    private static ClientFile In(ClientFile file, Dictionary<Guid, RoomRow> rooms) =>
        file with
        {
            Room = file.Equipment.RoomId is { } room ? rooms[room] : null,
            Elsewhere =
            [
                .. file
                    .Equipment.Elsewhere.Where(one => one.RoomId != file.Equipment.RoomId && rooms.ContainsKey(one.RoomId))
                    .OrderBy(one => one.Day)
                    .Select(one => (one.Day, rooms[one.RoomId])),
            ],
        };

    /// <summary>The file, tracked so that it can be changed and saved; null when it is not this coach's.</summary>
    public async Task<ClientFile?> Find(Guid id, CancellationToken cancel)
    {
        ClientRow? client = await context.Clients.FirstOrDefaultAsync(row => row.Id == id, cancel);
        if (client is null)
            return null;
        EquipmentRow equipment = await context.Equipment.FirstAsync(row => row.ClientId == id, cancel);
        List<MaxRow> maxes = await context
            .Maxes.AsNoTracking()
            .Where(row => row.ClientId == id)
            .OrderByDescending(row => row.Date)
            .ThenBy(row => row.Exercise)
            .ThenBy(row => row.Id)
            .ToListAsync(cancel);
        List<ScreenRow> screens = await context
            .Screens.AsNoTracking()
            .Where(row => row.ClientId == id)
            .OrderByDescending(row => row.Date)
            .Take(1 + EarlierHeld)
            .ToListAsync(cancel);
        Guid[] asked = [.. equipment.Elsewhere.Select(one => one.RoomId).Concat(equipment.RoomId is { } usual ? [usual] : [])];
        Dictionary<Guid, RoomRow> rooms =
            asked.Length == 0
                ? []
                : await context.Rooms.AsNoTracking().Where(row => asked.Contains(row.Id)).ToDictionaryAsync(row => row.Id, cancel);
        return In(new ClientFile(client, equipment, maxes, screens.FirstOrDefault(), [.. screens.Skip(1)]), rooms);
    }

    /// <summary>Whether another client, put away or not, has the same name, small letters or large.</summary>
    public async Task<bool> HasNamesake(Guid id, string name, CancellationToken cancel) =>
        await context.Clients.AnyAsync(row => row.Id != id && EF.Functions.ILike(row.Name, Escaped(name), "\\"), cancel);

    private static string Escaped(string name) => name.Trim().Replace("\\", "\\\\").Replace("%", "\\%").Replace("_", "\\_");

    public async Task<bool> Exists(Guid id, CancellationToken cancel) => await context.Clients.AnyAsync(row => row.Id == id, cancel);

    public async Task Add(
        ClientRow client,
        EquipmentRow equipment,
        IEnumerable<MaxRow> maxes,
        IEnumerable<ScreenRow> screens,
        CancellationToken cancel
    )
    {
        scope.Made(client.Id);
        context.AddRange(client, equipment);
        context.AddRange(maxes);
        context.AddRange(screens);
        await context.SaveChangesAsync(cancel);
    }

    public async Task AddMax(MaxRow max, CancellationToken cancel)
    {
        context.Add(max);
        await context.SaveChangesAsync(cancel);
    }

    /// <summary>Removes an entered max; false when there is none.</summary>
    public async Task<bool> RemoveMax(Guid clientId, Guid id, CancellationToken cancel)
    {
        if (await context.Maxes.SingleOrDefaultAsync(row => row.ClientId == clientId && row.Id == id, cancel) is not { } max)
            return false;
        context.Remove(max);
        // Somebody else may take it away in the same moment.
        return await context.TrySave(cancel) is Saved.Done;
    }

    /// <summary>Saves changes of a row that must still be at this version.</summary>
    /// <returns>False when someone else changed it in between; nothing is saved then.</returns>
    public async Task<bool> Save(object row, uint version, CancellationToken cancel)
    {
        context.Entry(row).Property("Version").OriginalValue = version;
        return await context.TrySave(cancel) is Saved.Done;
    }

    public Guid PracticeId => scope.PracticeId;

    /// <summary>Who works; null where nobody signed in does.</summary>
    public Guid? UserId => scope.Standing?.UserId;

    /// <summary>The practice's room where it has one alone: a new client trains there.</summary>
    public async Task<Guid?> OnlyRoom(CancellationToken cancel)
    {
        List<Guid> rooms = await context.Rooms.OrderBy(row => row.Id).Select(row => row.Id).Take(2).ToListAsync(cancel);
        return rooms.Count == 1 ? rooms[0] : null;
    }
}
