using Nerezza.Data.Access;

namespace Nerezza.Data.Rows;

/// <summary>A practice.</summary>
public sealed class PracticeRow : IPracticeRow
{
    public Guid PracticeId { get; init; }
    public required string Name { get; set; }

    /// <summary>Made-up clients to look around with.</summary>
    public bool IsDemo { get; init; }

    /// <summary>Since when nobody gets into it; null while it is open.</summary>
    public DateTimeOffset? PutAsideAt { get; set; }

    /// <summary>What loads are shown in to who has not chosen.</summary>
    public Units Units { get; set; }
}

/// <summary>Units that loads are shown in; kilograms inside.</summary>
public enum Units
{
    Kg,
    Lb,
}

/// <summary>Who is what in which practice; the practice of a request comes from here.</summary>
public sealed class MembershipRow : IPracticeRow
{
    public Guid PracticeId { get; init; }
    public Guid UserId { get; init; }
    public PracticeRole Role { get; set; }

    /// <summary>How the person is called there.</summary>
    public required string Name { get; set; }

    /// <summary>The client that a lifter is; null for coaches.</summary>
    public Guid? ClientId { get; init; }
    public DateTimeOffset Since { get; init; }
}

/// <summary>A client that a colleague sees for a while.</summary>
public sealed class ShareRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid ClientId { get; init; }
    public Guid UserId { get; init; }

    /// <summary><see cref="ClientAccess.Read"/> or <see cref="ClientAccess.Work"/>.</summary>
    public ClientAccess Access { get; set; }

    /// <summary>The last day; null: until it is taken back.</summary>
    public DateOnly? Until { get; set; }
}

/// <summary>A way in for somebody, once. Only a hash of what the link carries is kept.</summary>
public sealed class InvitationRow : IPracticeRow
{
    public Guid PracticeId { get; init; }
    public Guid Id { get; init; }
    public required string TokenHash { get; init; }
    public PracticeRole Role { get; init; }

    /// <summary>The client that a lifter is; null for coaches.</summary>
    public Guid? ClientId { get; init; }
    public required string Name { get; init; }
    public DateTimeOffset MadeAt { get; init; }
    public DateTimeOffset ExpiresAt { get; init; }
    public DateTimeOffset? UsedAt { get; set; }
    public DateTimeOffset? RevokedAt { get; set; }
}

/// <summary>What a lifter writes to their coach.</summary>
public sealed class NoteRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid Id { get; init; }
    public Guid ClientId { get; init; }
    public DateTimeOffset At { get; init; }
    public required string Text { get; init; }

    /// <summary>When a coach marked it as read; null until then.</summary>
    public DateTimeOffset? ReadAt { get; set; }
}

/// <summary>Something that changed: an append-only fact, written with what it tells of.</summary>
public sealed class ChangeRow : IPracticeRow
{
    public Guid PracticeId { get; init; }
    public Guid Id { get; init; }
    public DateTimeOffset At { get; init; }

    /// <summary>Who did it; null where nobody signed in did.</summary>
    public Guid? UserId { get; init; }

    /// <summary>How they were called then.</summary>
    public required string By { get; init; }

    /// <summary>Null where it is of the practice.</summary>
    public Guid? ClientId { get; init; }
    public ChangeKind Kind { get; init; }

    /// <summary>What of its kind: an exercise, a day, a person; empty where that says nothing.</summary>
    public required string What { get; init; }

    /// <summary>As JSON; null where there was nothing.</summary>
    public string? Before { get; init; }

    /// <summary>As JSON; null where there is nothing any more.</summary>
    public string? After { get; init; }
}

/// <summary>What changes are kept of.</summary>
public enum ChangeKind
{
    Plan,
    Findings,
    Health,
    Clearance,
    Pain,
    Max,
    Screen,
    Exercises,
    Kit,
    HomeCoach,
    Share,
    Invitation,
    Person,
    PutAway,
    Erasure,
}
