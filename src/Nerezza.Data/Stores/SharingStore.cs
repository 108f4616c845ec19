using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Stores;

/// <summary>Who a client is with and who else sees them, notes of theirs, and what changed.</summary>
public sealed class SharingStore(NerezzaContext context, TimeProvider clock)
{
    public async Task<IReadOnlyList<ShareRow>> Shares(Guid clientId, CancellationToken cancel) =>
        await context.Shares.AsNoTracking().Where(row => row.ClientId == clientId).OrderBy(row => row.UserId).ToListAsync(cancel);

    /// <summary>Shares a client with a colleague, or changes how.</summary>
    public async Task Share(Guid clientId, Guid userId, ClientAccess access, DateOnly? until, CancellationToken cancel)
    {
        ShareRow? row = await context.Shares.SingleOrDefaultAsync(one => one.ClientId == clientId && one.UserId == userId, cancel);
        if (row is null)
            context.Add(
                row = new ShareRow
                {
                    PracticeId = context.PracticeId,
                    ClientId = clientId,
                    UserId = userId,
                }
            );
        (row.Access, row.Until) = (access, until);
        await context.SaveChangesAsync(cancel);
    }

    /// <summary>Takes a share back; false where there is none.</summary>
    public async Task<bool> Unshare(Guid clientId, Guid userId, CancellationToken cancel)
    {
        if (await context.Shares.SingleOrDefaultAsync(one => one.ClientId == clientId && one.UserId == userId, cancel) is not { } row)
            return false;
        context.Remove(row);
        await context.SaveChangesAsync(cancel);
        return true;
    }

    /// <summary>The newest notes of a lifter.</summary>
    public async Task<IReadOnlyList<NoteRow>> Notes(Guid clientId, int most, CancellationToken cancel) =>
        await context
            .Notes.AsNoTracking()
            .Where(row => row.ClientId == clientId)
            .OrderByDescending(row => row.Id)
            .Take(most)
            .ToListAsync(cancel);

    /// <summary>How many notes of a client nobody has read, with the newest; null where none is.</summary>
    public async Task<(int Count, NoteRow Newest)?> Unread(Guid clientId, CancellationToken cancel)
    {
        List<NoteRow> notes = await context
            .Notes.AsNoTracking()
            .Where(row => row.ClientId == clientId && row.ReadAt == null)
            .OrderBy(row => row.Id)
            .ToListAsync(cancel);
        return notes.Count == 0 ? null : (notes.Count, notes[^1]);
    }

    /// <summary>Keeps a note; the same one sent twice is one.</summary>
    public async Task Note(Guid clientId, Guid id, string text, CancellationToken cancel)
    {
        if (await context.Notes.AnyAsync(row => row.Id == id, cancel))
            return;
        context.Add(
            new NoteRow
            {
                PracticeId = context.PracticeId,
                Id = id,
                ClientId = clientId,
                At = clock.GetUtcNow(),
                Text = text,
            }
        );
        await context.SaveChangesAsync(cancel);
    }

    /// <summary>Marks what there is as read.</summary>
    public async Task ReadNotes(Guid clientId, CancellationToken cancel) =>
        await context
            .Notes.Where(row => row.ClientId == clientId && row.ReadAt == null)
            .ExecuteUpdateAsync(row => row.SetProperty(one => one.ReadAt, clock.GetUtcNow()), cancel);

    /// <summary>What changed of a client, the newest first.</summary>
    /// <param name="before">Only what is older than this one; null from the newest on.</param>
    public async Task<IReadOnlyList<ChangeRow>> Changes(Guid clientId, Guid? before, int most, CancellationToken cancel) =>
        await context
            .Changes.AsNoTracking()
            .Where(row => row.ClientId == clientId && (before == null || row.Id < before))
            .OrderByDescending(row => row.Id)
            .Take(most)
            .ToListAsync(cancel);
}
