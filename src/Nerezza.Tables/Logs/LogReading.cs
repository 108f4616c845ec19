namespace Nerezza.Tables.Logs;

/// <summary>A row of a file as it was understood.</summary>
/// <param name="Row">Its number in the file, from 1.</param>
/// <param name="Lines">The sets that it says; empty where it says none.</param>
/// <param name="Why">The cell and what is wrong with it; null where nothing is.</param>
public sealed record RowReading(int Row, IReadOnlyList<LogLine> Lines, string? Why);

/// <summary>A whole file as it was understood.</summary>
/// <param name="Rows">In the order of the file, without empty ones.</param>
/// <param name="Unknown">Names of exercises that nobody said yet what they mean, each with what it may mean, the nearest first.</param>
public sealed record LogReading(IReadOnlyList<RowReading> Rows, IReadOnlyList<UnknownName> Unknown)
{
    public IEnumerable<LogLine> Lines => Rows.SelectMany(row => row.Lines);
}

/// <param name="Times">In how many rows it stands.</param>
public sealed record UnknownName(string Name, int Times, IReadOnlyList<string> Nearest);
