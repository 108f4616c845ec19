using Npgsql;

namespace Nerezza.Data;

/// <summary>Tells a database that is away or full from a fault of ours.</summary>
public static class Outage
{
    // SQLSTATE classes (PostgreSQL, appendix A): connection, resources used up, operator stepped in, system error.
    private static readonly string[] Classes = ["08", "53", "57", "58"];

    /// <summary>Why the database cannot serve now, in a word for the log; null when the exception is of another kind.</summary>
    public static string? Of(Exception? exception) =>
        exception switch
        {
            null => null,
            PostgresException fault => Classes.Any(fault.SqlState.StartsWith) ? fault.SqlState : null,
            NpgsqlException fault => fault.InnerException?.GetType().Name ?? "no answer",
            _ => Of(exception.InnerException),
        };
}
