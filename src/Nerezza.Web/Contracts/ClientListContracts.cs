using Nerezza.Core.Clients;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Clients;
using Nerezza.Tables.Logs;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Contracts;

/// <summary>A file with a list of clients, and what was said so far of what it means.</summary>
[LargestBody(28)]
public record ReadClientList : ReadTable
{
    /// <summary>What the columns say; guessed where it is left out.</summary>
    [Items(400)]
    public IReadOnlyList<ClientColumnSays>? Columns { get; init; }

    /// <summary>Of new clients for whom the list does not say it.</summary>
    public Level? Level { get; init; }

    /// <summary>Likewise: the days on which they train.</summary>
    [Items(7)]
    public IReadOnlyList<Weekday>? Days { get; init; }

    /// <summary>Likewise: how long a day.</summary>
    [Between(10, 300, "minutes")]
    public int? Minutes { get; init; }

    /// <summary>The room in which new clients train, whose kit they have; left out, the only one there is, or none.</summary>
    [Length(36)]
    public string? Room { get; init; }

    /// <summary>Facts of clients on file; left out, they stay.</summary>
    public FactsOnFile? Facts { get; init; }
}

/// <summary>The same, to be kept.</summary>
[LargestBody(28)]
public sealed record KeepClientList : ReadClientList
{
    /// <summary>A UUID of version 7, made by the sender: the same list sent twice is kept once.</summary>
    [Length(36)]
    public required string Id { get; init; }

    /// <summary>Whether clients that cannot be read are left out; else nothing is kept while there is one.</summary>
    public bool? LeaveOut { get; init; }
}

public sealed record ClientColumnSays
{
    /// <summary>The column, from 0.</summary>
    [Between(0, 400, "a column")]
    public required int At { get; init; }
    public required ClientColumn Says { get; init; }
}

/// <summary>What a column can say, as the page names it.</summary>
public sealed record ColumnChoice(ClientColumn Says, string Label);

/// <summary>A list as it was understood, before anything of it is kept.</summary>
public sealed record ClientListView
{
    public required IReadOnlyList<string> Sheets { get; init; }
    public required int Sheet { get; init; }

    /// <summary>The row of the headings, from 1; 0 where there is none.</summary>
    public required int Heading { get; init; }
    public required IReadOnlyList<ColumnView<ClientColumn>> Columns { get; init; }
    public required IReadOnlyList<ColumnChoice> Choices { get; init; }
    public required DayOrder Order { get; init; }

    /// <summary>Whether the days could be read both ways.</summary>
    public required bool OrderUnclear { get; init; }
    public required bool Pounds { get; init; }

    /// <summary>Whether loads stand there that say no unit.</summary>
    public required bool UnitUnclear { get; init; }

    /// <summary>Whether no column says it.</summary>
    public required bool AsksLevel { get; init; }

    /// <summary>Likewise.</summary>
    public required bool AsksDays { get; init; }

    /// <summary>Likewise.</summary>
    public required bool AsksMinutes { get; init; }

    /// <summary>The rooms that new clients can train in.</summary>
    public required IReadOnlyList<RoomName> Rooms { get; init; }

    /// <summary>Names of exercises that nobody said yet what they mean.</summary>
    public required IReadOnlyList<NameAsked> Unknown { get; init; }

    /// <summary>Clients that would be made.</summary>
    public required int Made { get; init; }

    /// <summary>Clients on file that would get something.</summary>
    public required int Added { get; init; }

    /// <summary>The first clients as they were understood.</summary>
    public required IReadOnlyList<ClientFromList> Shown { get; init; }

    /// <summary>The first that cannot be read: the cell, and what is wrong.</summary>
    public required IReadOnlyList<string> Refused { get; init; }

    /// <summary>How many cannot.</summary>
    public required int RefusedCount { get; init; }
}

/// <param name="Client">Who is on file of that name; null where the list makes the client.</param>
/// <param name="Differs">Facts that are otherwise on file.</param>
public sealed record ClientFromList(
    string Name,
    Guid? Client,
    IReadOnlyList<string> Facts,
    IReadOnlyList<string> Measured,
    IReadOnlyList<string> Lifted,
    IReadOnlyList<string> Differs
);

/// <summary>What came of keeping a list.</summary>
public sealed record ListKept(int Made, int Added);

/// <summary>What came of taking a list back.</summary>
/// <param name="Stay">Names of clients of whom something stays.</param>
public sealed record ListTakenBack(IReadOnlyList<string> Stay);
