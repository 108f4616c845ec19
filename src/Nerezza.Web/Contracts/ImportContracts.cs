using Nerezza.Formats.Shapes;
using Nerezza.Tables.Logs;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Contracts;

/// <summary>A file of rows, and what was said so far of what it means.</summary>
[LargestBody(28)]
public abstract record ReadTable
{
    /// <summary>Of the file.</summary>
    [Length(200)]
    public required string Name { get; init; }

    /// <summary>In Base64.</summary>
    [Length(27_000_000)]
    public required string Content { get; init; }

    /// <summary>Which sheet of a workbook; the first where it is left out.</summary>
    [Between(0, 1_000, "a sheet")]
    public int? Sheet { get; init; }

    /// <summary>Of days that could be read both ways.</summary>
    public DayOrder? Order { get; init; }

    /// <summary>Whether loads that say no unit are pounds.</summary>
    public bool? Pounds { get; init; }

    /// <summary>What names of exercises mean.</summary>
    [Items(2_000)]
    public IReadOnlyList<NameMeans>? Names { get; init; }
}

/// <summary>A file with a log.</summary>
[LargestBody(28)]
public record ReadLog : ReadTable
{
    /// <summary>What the columns say; guessed where it is left out.</summary>
    [Items(400)]
    public IReadOnlyList<ColumnSays>? Columns { get; init; }
}

/// <summary>The same, to be kept.</summary>
[LargestBody(28)]
public sealed record KeepLog : ReadLog
{
    /// <summary>A UUID of version 7, made by the sender: the same file sent twice is kept once.</summary>
    [Length(36)]
    public required string Id { get; init; }

    /// <summary>Whether rows that cannot be read are left out; else nothing is kept while there is one.</summary>
    public bool? LeaveOut { get; init; }
}

public sealed record ColumnSays
{
    /// <summary>The column, from 0.</summary>
    [Between(0, 400, "a column")]
    public required int At { get; init; }
    public required LogColumn Says { get; init; }
}

public sealed record NameMeans
{
    [Length(200)]
    public required string Name { get; init; }

    [ExerciseId]
    public required string Exercise { get; init; }
}

/// <summary>A file as it was understood, before anything of it is kept.</summary>
public sealed record LogReadingView
{
    public required IReadOnlyList<string> Sheets { get; init; }
    public required int Sheet { get; init; }

    /// <summary>The row of the headings, from 1; 0 where there is none.</summary>
    public required int Heading { get; init; }
    public required IReadOnlyList<ColumnView<LogColumn>> Columns { get; init; }
    public required DayOrder Order { get; init; }

    /// <summary>Whether the days could be read both ways.</summary>
    public required bool OrderUnclear { get; init; }
    public required bool Pounds { get; init; }

    /// <summary>Whether loads stand there that say no unit.</summary>
    public required bool UnitUnclear { get; init; }

    /// <summary>Names that nobody said yet what they mean, the most frequent first.</summary>
    public required IReadOnlyList<NameAsked> Unknown { get; init; }

    /// <summary>Rows that say a set.</summary>
    public required int Rows { get; init; }

    /// <summary>Sets that would be kept.</summary>
    public required int Sets { get; init; }
    public required DateOnly? FirstDay { get; init; }
    public required DateOnly? LastDay { get; init; }

    /// <summary>Sets that are in the log already, and are not kept again.</summary>
    public required int AlreadyThere { get; init; }

    /// <summary>The first rows as they were understood.</summary>
    public required IReadOnlyList<RowShown> Shown { get; init; }

    /// <summary>The first rows that cannot be read.</summary>
    public required IReadOnlyList<RowRefused> Refused { get; init; }

    /// <summary>How many cannot.</summary>
    public required int RefusedRows { get; init; }
}

/// <param name="Name">As a spreadsheet names it, for example C.</param>
/// <param name="Samples">What stands in it first.</param>
/// <param name="Says">Null where nothing is read from it.</param>
public sealed record ColumnView<T>(int At, string Name, string Heading, IReadOnlyList<string> Samples, T? Says)
    where T : struct, Enum;

/// <param name="Nearest">Ids of exercises that it may mean.</param>
public sealed record NameAsked(string Name, int Rows, IReadOnlyList<string> Nearest);

/// <param name="Row">Its number in the file.</param>
public sealed record RowShown(int Row, DateOnly Date, string Exercise, string Sets);

public sealed record RowRefused(int Row, string Why);

/// <summary>A file that was taken in.</summary>
public sealed record ImportLine(
    Guid Id,
    string Name,
    int Sets,
    DateOnly FirstDay,
    DateOnly LastDay,
    DateTimeOffset KeptAt,
    string By,
    DateTimeOffset? TakenBackAt
);

/// <summary>A line of the answer while a file is kept: how far it is, then that it is done.</summary>
public sealed record KeepingLine(int Done, int Of, bool Kept);
