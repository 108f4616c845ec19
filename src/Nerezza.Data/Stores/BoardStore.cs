using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;
using Nerezza.Data.Unscoped;

namespace Nerezza.Data.Stores;

/// <summary>A client as the lists show them.</summary>
/// <param name="Board">Null before it was made for the first time.</param>
/// <param name="IsBehind">Whether something changed that the board does not say yet, and will in a moment.</param>
public sealed record ListedClient(Guid Id, string Name, BoardDocument? Board, bool IsBehind);

/// <summary>Reads what is kept of every client at a glance.</summary>
public sealed class BoardStore(NerezzaContext context, TimeProvider clock)
{
    /// <summary>The clients that are not put away, by name, with their boards of a day; what was made for another day is asked for
    /// anew.</summary>
    public async Task<IReadOnlyList<ListedClient>> All(DateOnly day, CancellationToken cancel)
    {
        var rows = await (
            from client in context.Clients
            join kept in context.Boards on client.Id equals kept.ClientId into boards
            from board in boards.DefaultIfEmpty()
            where client.ArchivedAt == null
            orderby client.Name, client.Id
            select new
            {
                client.Id,
                client.Name,
                Board = board,
            }
        )
            .AsNoTracking()
            .ToListAsync(cancel);
        Guid[] other = [.. rows.Where(row => row.Board is { } board && !IsOf(board.Wanted ?? board.Day, day)).Select(row => row.Id)];
        if (other.Length > 0)
            await Want(other, day, cancel);
        DateTimeOffset soon = clock.GetUtcNow() + BoardWork.Lease;
        return
        [
            .. rows.Select(row => new ListedClient(
                row.Id,
                row.Name,
                row.Board?.Document,
                row.Board is not { Document: not null } board || board.Due <= soon || !IsOf(board.Day, day)
            )),
        ];
    }

    /// <summary>A day later will do: somebody looks from further east.</summary>
    private static bool IsOf(DateOnly? made, DateOnly day) => made is { } on && on >= day && on <= day.AddDays(1);

    private async Task Want(Guid[] clients, DateOnly day, CancellationToken cancel)
    {
        DateTimeOffset now = clock.GetUtcNow();
        await context
            .Boards.Where(row => clients.Contains(row.ClientId))
            .ExecuteUpdateAsync(row => row.SetProperty(one => one.Wanted, day).SetProperty(one => one.Due, now), cancel);
    }
}
