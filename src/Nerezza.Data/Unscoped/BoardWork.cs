using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;
using Nerezza.Formats;
using Npgsql;

namespace Nerezza.Data.Unscoped;

/// <summary>A board that is to be made.</summary>
/// <param name="Asked">Grows with each change of the client's: what changes while it is made is made once more.</param>
/// <param name="Wanted">The day; null: the server's.</param>
public sealed record BoardDue(Guid PracticeId, Guid ClientId, long Asked, DateOnly? Wanted);

/// <summary>Boards that are behind, of every practice. What is to be done stands in the table itself: nothing is lost with a server, and
/// two servers do not make the same one.</summary>
public sealed class BoardWork(NerezzaContext context)
{
    /// <summary>For so long a board is its worker's: it is due again if the worker ends before it is done.</summary>
    internal static readonly TimeSpan Lease = TimeSpan.FromSeconds(20);

    /// <summary>Takes the board that is due longest; null where none is, or where the structure of the database is still to come.</summary>
    public async Task<BoardDue?> Take(CancellationToken cancel)
    {
        try
        {
            return (
                await context
                    .Database.SqlQuery<BoardDue>(
                        $"""
                        UPDATE boards SET due = now() + {Lease}
                        FROM (
                          SELECT practice_id AS practice, client_id AS client FROM boards
                          WHERE due <= now() ORDER BY due LIMIT 1 FOR UPDATE SKIP LOCKED
                        ) AS next
                        WHERE practice_id = next.practice AND client_id = next.client
                        RETURNING practice_id, client_id, asked, wanted
                        """
                    )
                    .ToListAsync(cancel)
            ).SingleOrDefault();
        }
        catch (PostgresException fault) when (fault.SqlState is PostgresErrorCodes.UndefinedTable)
        {
            return null;
        }
    }

    /// <summary>Takes the board of one client, due or not; null where there is none.</summary>
    public async Task<BoardDue?> Take(Guid practiceId, Guid clientId, CancellationToken cancel) =>
        (
            await context
                .Database.SqlQuery<BoardDue>(
                    $"""
                    UPDATE boards SET due = now() + {Lease} WHERE practice_id = {practiceId} AND client_id = {clientId}
                    RETURNING practice_id, client_id, asked, wanted
                    """
                )
                .ToListAsync(cancel)
        ).SingleOrDefault();

    /// <summary>Keeps a board that was made.</summary>
    /// <param name="document">Null where there is nothing to show: the client is put away.</param>
    public Task Keep(BoardDue due, BoardDocument? document, DateOnly day, string engine, CancellationToken cancel)
    {
        string? json = document is null ? null : JsonSerializer.Serialize(document, Json.Options);
        return context.Database.ExecuteSqlAsync(
            $"""
            UPDATE boards SET document = {json}::jsonb, day = {day}, engine = {engine},
              due = CASE WHEN asked = {due.Asked} AND wanted IS NOT DISTINCT FROM {due.Wanted} THEN NULL ELSE due END
            WHERE practice_id = {due.PracticeId} AND client_id = {due.ClientId}
            """,
            cancel
        );
    }

    /// <summary>Asks for every board that other rules made; false where the structure of the database is still to come.</summary>
    public async Task<bool> AskAgain(string engine, CancellationToken cancel)
    {
        try
        {
            await context.Database.ExecuteSqlAsync(
                $"UPDATE boards SET due = LEAST(due, now()) WHERE engine IS DISTINCT FROM {engine}",
                cancel
            );
            return true;
        }
        catch (PostgresException fault) when (fault.SqlState is PostgresErrorCodes.UndefinedTable)
        {
            return false;
        }
    }
}
