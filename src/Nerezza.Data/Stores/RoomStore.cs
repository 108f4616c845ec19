using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Stores;

/// <summary>A room with how many clients train in it.</summary>
public sealed record RoomUse(RoomRow Room, int Clients);

/// <summary>What came of saving a room.</summary>
public enum RoomSaving
{
    Done,

    /// <summary>Somebody else changed it since it was seen.</summary>
    LostRace,

    /// <summary>Another room has this name.</summary>
    NameTaken,
}

/// <summary>The rooms of the scope's practice.</summary>
public sealed class RoomStore(NerezzaContext context)
{
    /// <summary>So many a practice holds (assumption).</summary>
    public const int Most = 50;

    public async Task<IReadOnlyList<RoomUse>> All(CancellationToken cancel)
    {
        List<RoomRow> rooms = await context.Rooms.OrderBy(row => row.Name).ToListAsync(cancel);
        var used = await context.Equipment.Select(kit => new { kit.RoomId, kit.Elsewhere }).ToListAsync(cancel);
        return rooms.ConvertAll(room => new RoomUse(
            room,
            used.Count(kit => kit.RoomId == room.Id || kit.Elsewhere.Any(one => one.RoomId == room.Id))
        ));
    }

    /// <summary>Their names alone, for a choice.</summary>
    public async Task<IReadOnlyList<(Guid Id, string Name)>> Names(CancellationToken cancel) =>
        (await context.Rooms.OrderBy(row => row.Name).Select(row => new { row.Id, row.Name }).ToListAsync(cancel)).ConvertAll(row =>
            (row.Id, row.Name)
        );

    public Task<RoomRow?> Find(Guid id, CancellationToken cancel) => context.Rooms.SingleOrDefaultAsync(row => row.Id == id, cancel);

    /// <summary>Saves a new room (no version) or one that must still be at this version.</summary>
    public async Task<RoomSaving> Save(RoomRow room, uint? version, CancellationToken cancel)
    {
        if (version is null)
            context.Add(room);
        else
            context.Entry(room).Property(row => row.Version).OriginalValue = version.Value;
        return await context.TrySave(cancel) switch
        {
            Saved.Done => RoomSaving.Done,
            Saved.LostRace => RoomSaving.LostRace,
            Saved.Taken => RoomSaving.NameTaken,
        };
    }

    /// <summary>Takes a room away; its clients keep its kit as their own.</summary>
    public async Task Remove(RoomRow room, CancellationToken cancel)
    {
        foreach (EquipmentRow kit in await context.Equipment.Where(row => row.RoomId == room.Id).ToListAsync(cancel))
            (kit.RoomId, kit.Document) = (null, room.Document);
        context.Remove(room);
        await context.SaveChangesAsync(cancel);
    }
}
