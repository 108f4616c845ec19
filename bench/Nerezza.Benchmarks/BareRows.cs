using System.Diagnostics;
using System.Globalization;
using Npgsql;

namespace Nerezza.Benchmarks;

/// <summary>Rows by the driver alone, as a yardstick of a set recorded by the server: the driver that the server uses, one connection, a
/// prepared statement, a process that stays warm.</summary>
internal static class BareRows
{
    /// <summary>The first line read is the statement; each further one says how often it is run and is answered by a line with how long
    /// each run took, milliseconds.</summary>
    public static async Task Answer(string database)
    {
        await using var connection = new NpgsqlConnection(database);
        await connection.OpenAsync();
        await using var insert = new NpgsqlCommand(await Console.In.ReadLineAsync(), connection);
        await insert.PrepareAsync();
        while (await Console.In.ReadLineAsync() is { } line)
        {
            string[] took = new string[int.Parse(line, CultureInfo.InvariantCulture)];
            for (int i = 0; i < took.Length; i++)
            {
                long begin = Stopwatch.GetTimestamp();
                await insert.ExecuteNonQueryAsync();
                took[i] = Stopwatch.GetElapsedTime(begin).TotalMilliseconds.ToString("0.000", CultureInfo.InvariantCulture);
            }
            Console.WriteLine(string.Join(' ', took));
        }
    }
}
