using Nerezza.Data.Access;

namespace Nerezza.Data;

/// <summary>Whose rows this unit of work may see and change. Set once, from the membership of the signed-in person.</summary>
public sealed class AccessScope
{
    private Standing? _standing;

    /// <summary>Where the person stands; null until it is set, and then no row is seen.</summary>
    public Standing? Standing => _standing;

    /// <summary>The practice; the empty id, which owns no row, until one is set.</summary>
    public Guid PracticeId => _standing?.PracticeId ?? Guid.Empty;

    /// <summary>Whether every client of the practice is seen.</summary>
    public bool SeesAll => _standing?.Clients is null;

    /// <summary>The clients that are seen where not all are.</summary>
    public IReadOnlyList<Guid> Seen { get; private set; } = [];

    /// <summary>What may be done with a client of the practice.</summary>
    public ClientAccess AccessTo(Guid clientId) => _standing?.AccessTo(clientId) ?? ClientAccess.None;

    /// <summary>Sets where the person stands.</summary>
    /// <exception cref="InvalidOperationException">Another practice was set before: one unit of work serves one.</exception>
    public void Enter(Standing standing)
    {
        if (_standing is { } other && other.PracticeId != standing.PracticeId)
            throw new InvalidOperationException("The scope belongs to another practice.");
        _standing = standing;
        Seen = [.. standing.Clients?.Keys ?? []];
    }

    /// <summary>Sets the practice for work that nobody signed in does: demo, jobs, commands.</summary>
    /// <exception cref="InvalidOperationException">Another practice was set before.</exception>
    public void Enter(Guid practiceId) => Enter(new Standing(practiceId, UserId: null, PracticeRole.Owner, Clients: null));

    /// <summary>Sees a client that was made in this unit of work.</summary>
    public void Made(Guid clientId)
    {
        if (_standing?.Clients is { } clients)
            Enter(_standing with { Clients = clients.Append(new(clientId, ClientAccess.Home)).ToDictionary() });
    }
}
