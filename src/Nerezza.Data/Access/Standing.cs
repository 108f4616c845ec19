namespace Nerezza.Data.Access;

/// <summary>What somebody is in a practice.</summary>
public enum PracticeRole
{
    /// <summary>Everything: accounts, the practice's name, kit and defaults, every client.</summary>
    Owner,

    /// <summary>Their own clients, and those shared with them.</summary>
    Coach,

    /// <summary>Their own sessions.</summary>
    Lifter,
}

/// <summary>What may be done with a client, each more than the one before.</summary>
public enum ClientAccess
{
    /// <summary>Nothing; the client is not there.</summary>
    None,

    /// <summary>Read.</summary>
    Read,

    /// <summary>The lifter's own: their sessions, answers and notes.</summary>
    Own,

    /// <summary>Work on everything of the client.</summary>
    Work,

    /// <summary>Also hand over, share, invite, put away and erase.</summary>
    Home,
}

/// <summary>Where a person stands in a practice at a request.</summary>
/// <param name="UserId">Null where nobody signed in does the work.</param>
/// <param name="Clients">What may be done with each client; null: everything with all.</param>
public sealed record Standing(Guid PracticeId, Guid? UserId, PracticeRole Role, IReadOnlyDictionary<Guid, ClientAccess>? Clients)
{
    /// <summary>How the person is called, for what is kept of changes.</summary>
    public string By { get; init; } = "Nerezza";

    /// <summary>Where the holder of one client's address stands: they read that client.</summary>
    public static Standing OfAddress(Guid practiceId, Guid clientId) =>
        new(practiceId, UserId: null, PracticeRole.Lifter, new Dictionary<Guid, ClientAccess> { [clientId] = ClientAccess.Read });

    /// <summary>What may be done with a client of the practice.</summary>
    public ClientAccess AccessTo(Guid clientId) => Clients is null ? ClientAccess.Home : Clients.GetValueOrDefault(clientId);
}
