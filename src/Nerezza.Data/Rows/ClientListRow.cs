using Nerezza.Formats.Cases;

namespace Nerezza.Data.Rows;

/// <summary>What a list of clients did to one of them, so that it can be taken back as one. A list is its rows of one id.</summary>
public sealed class ClientListRow : IClientRow
{
    public Guid PracticeId { get; init; }

    /// <summary>Made by the sender: the same list sent twice is kept once.</summary>
    public Guid ListId { get; init; }
    public Guid ClientId { get; init; }

    /// <summary>Of the file.</summary>
    public required string Name { get; init; }
    public DateTimeOffset KeptAt { get; init; }

    /// <summary>Who kept it.</summary>
    public required string By { get; init; }

    /// <summary>Null while it stands.</summary>
    public DateTimeOffset? TakenBackAt { get; set; }

    /// <summary>Whether the list made the client.</summary>
    public bool IsNew { get; init; }

    /// <summary>Maxes that it added.</summary>
    public required IReadOnlyList<Guid> Maxes { get; init; }

    /// <summary>Screens that it added or filled up.</summary>
    public required IReadOnlyList<ListedScreen> Screens { get; init; }

    /// <summary>Facts that it changed; null where it changed none.</summary>
    public ListedFacts? Facts { get; init; }
}

/// <summary>A screen before a list and after it.</summary>
/// <param name="Before">Null where there was none of that day.</param>
public sealed record ListedScreen(DateOnly Date, ScreenSection? Before, ScreenSection After);

/// <summary>The facts of a client before a list and after it.</summary>
public sealed record ListedFacts(ClientSection Before, ClientSection After);
