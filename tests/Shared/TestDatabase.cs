using Npgsql;

namespace Nerezza.Tests.Shared;

/// <summary>A database of its own on the test cluster, dropped at the end. ./nerezza test starts the cluster and names it in
/// NEREZZA_TEST_DB.</summary>
public sealed class TestDatabase : IDisposable
{
    private readonly string _admin;
    private readonly string _name = $"nz_{Guid.NewGuid():n}";

    /// <summary>An empty one.</summary>
    public TestDatabase()
        : this(null) { }

    /// <summary>A copy of another that nobody is connected to; an empty one without it.</summary>
    public TestDatabase(TestDatabase? like)
    {
        _admin =
            Environment.GetEnvironmentVariable("NEREZZA_TEST_DB")
            ?? throw new InvalidOperationException(
                "NEREZZA_TEST_DB is not set: run the tests with ./nerezza test, which starts a database for them."
            );
        Run(like is null ? $"CREATE DATABASE {_name}" : $"CREATE DATABASE {_name} TEMPLATE {like._name}");
        Connection = new NpgsqlConnectionStringBuilder(_admin) { Database = _name, MaxPoolSize = 10 }.ConnectionString;
    }

    /// <summary>The connection string of the new database.</summary>
    public string Connection { get; }

    /// <summary>The rows of a query's one column.</summary>
    public static async Task<List<string>> Rows(string connection, string sql)
    {
        await using var open = new NpgsqlConnection(connection);
        await open.OpenAsync();
        await using var command = new NpgsqlCommand(sql, open);
        await using NpgsqlDataReader reader = await command.ExecuteReaderAsync();
        List<string> rows = [];
        while (await reader.ReadAsync())
            rows.Add(reader.GetValue(0).ToString()!);
        return rows;
    }

    public void Dispose()
    {
        NpgsqlConnection.ClearAllPools();
        Run($"DROP DATABASE IF EXISTS {_name} WITH (FORCE)");
    }

    private void Run(string sql)
    {
        using var connection = new NpgsqlConnection(_admin);
        connection.Open();
        using var command = new NpgsqlCommand(sql, connection);
        command.ExecuteNonQuery();
    }
}
