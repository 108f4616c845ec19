using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace Nerezza.Data.Unscoped;

/// <summary>Erases clients whose day of grace is over. The database does it in one function that belongs to its owner: the server may not
/// delete facts itself.</summary>
public sealed class Erasing(NerezzaContext context)
{
    /// <summary>Erases who is due, in every practice.</summary>
    /// <returns>How many; null where the structure of the database is still to come.</returns>
    public async Task<int?> Due(CancellationToken cancel)
    {
        try
        {
            return await context.Database.SqlQuery<int>($"SELECT erase_due() AS \"Value\"").SingleAsync(cancel);
        }
        catch (PostgresException fault) when (fault.SqlState == PostgresErrorCodes.UndefinedFunction)
        {
            return null;
        }
    }
}
