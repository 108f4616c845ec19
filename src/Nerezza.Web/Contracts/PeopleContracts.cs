using Nerezza.Core.Clients;
using Nerezza.Core.Wording;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>The practice with who is in it; for coaches without what only owners need.</summary>
public sealed record PracticeView
{
    public required string Name { get; init; }
    public required Units Units { get; init; }
    public required IReadOnlyList<PersonLine> People { get; init; }
    public required IReadOnlyList<InvitationLine> Invitations { get; init; }
    public required IReadOnlyList<RoomLine> Rooms { get; init; }

    /// <summary>Kit to choose from, as it stands together.</summary>
    public required IReadOnlyList<KitGroup> KitGroups { get; init; }

    /// <summary>What a bar can be.</summary>
    public required IReadOnlyList<Implement> BarKinds { get; init; }

    /// <summary>How the last backup of the machine ended; null where none was taken, or for who is no owner.</summary>
    public required BackupLine? Backup { get; init; }
}

/// <summary>A backup of the machine.</summary>
/// <param name="File">Its name.</param>
/// <param name="Fault">Why it did not work; null where it did.</param>
/// <param name="GoodAt">When the last one was taken that worked; null where none did.</param>
public sealed record BackupLine(DateTimeOffset At, string File, long Bytes, string? Fault, DateTimeOffset? GoodAt);

/// <summary>Somebody of the practice.</summary>
/// <param name="Clients">How many clients are with them.</param>
/// <param name="IsYou">Whether it is the one that asks.</param>
public sealed record PersonLine(
    Guid UserId,
    string Name,
    string Email,
    PracticeRole Role,
    Guid? ClientId,
    DateTimeOffset Since,
    int Clients,
    bool IsYou
);

/// <summary>An invitation that can still be used.</summary>
public sealed record InvitationLine(Guid Id, string Name, PracticeRole Role, Guid? ClientId, DateTimeOffset ExpiresAt);

/// <summary>A new invitation. The link is shown now and never again.</summary>
public sealed record NewInvitation(Guid Id, string Link, DateTimeOffset ExpiresAt, bool ReachesPhones);

/// <summary>A link to a new password, once.</summary>
public sealed record NewLink(string Link);

public sealed record SavePractice
{
    [Length(120)]
    public required string Name { get; init; }
    public required Units Units { get; init; }
}

public sealed record InviteColleague
{
    [Length(120)]
    public required string Name { get; init; }

    /// <summary>Owner or coach; a lifter is invited at the client.</summary>
    public required PracticeRole Role { get; init; }
}

public sealed record ChangeRole
{
    public required PracticeRole Role { get; init; }
}

/// <summary>A room of the practice with its kit.</summary>
/// <param name="Clients">How many clients train in it.</param>
public sealed record RoomLine(Guid Id, string Name, EquipmentSection Kit, uint Version, int Clients);

public sealed record SaveRoom
{
    [Length(120)]
    public required string Name { get; init; }
    public required EquipmentSection Kit { get; init; }

    /// <summary>Left out of a new one.</summary>
    [Between(0, uint.MaxValue)]
    public double? Version { get; init; }
}

public sealed record ChooseRoom
{
    /// <summary>Left out: kit of their own.</summary>
    [Length(36)]
    public string? Room { get; init; }

    /// <summary>Days of the week that are trained in another room. Left out: as it is.</summary>
    [Items(7)]
    public IReadOnlyList<ChooseDayRoom>? Elsewhere { get; init; }
}

public sealed record ChooseDayRoom
{
    public required Weekday Day { get; init; }

    [Length(36)]
    public required string Room { get; init; }
}

/// <summary>What the link of an invitation carries.</summary>
public sealed record InvitationToken
{
    [Length(200)]
    public required string Token { get; init; }
}

/// <summary>What an invitation is for.</summary>
public sealed record InvitationView(string Practice, string Name, PracticeRole Role);

/// <summary>Takes an invitation: with a new account, or with the one that the person has.</summary>
public sealed record TakeInvitation
{
    [Length(200)]
    public required string Token { get; init; }

    [Length(120)]
    public required string Name { get; init; }

    [Length(254)]
    public required string Email { get; init; }

    [Length(200)]
    public required string Password { get; init; }
}

/// <summary>Who a client is with, who else sees them, and what they wrote.</summary>
public sealed record SharingView
{
    public required string Client { get; init; }

    /// <summary>What the one that asks may do.</summary>
    public required ClientAccess Access { get; init; }

    /// <summary>Null: the owners of the practice.</summary>
    public required Guid? HomeCoach { get; init; }
    public required IReadOnlyList<ColleagueLine> Colleagues { get; init; }
    public required IReadOnlyList<ShareLine> Shares { get; init; }

    /// <summary>The lifter who was let in; null where nobody was.</summary>
    public required LifterLine? Lifter { get; init; }
    public required InvitationLine? Invitation { get; init; }

    /// <summary>Whether a guardian's consent is needed before the lifter is let in, and is not there.</summary>
    public required bool WantsConsent { get; init; }
    public required IReadOnlyList<NoteLine> Notes { get; init; }

    /// <summary>When everything of theirs goes; null where nobody asked.</summary>
    public required DateTimeOffset? EraseAt { get; init; }
}

public sealed record ColleagueLine(Guid UserId, string Name);

public sealed record RoomName(Guid Id, string Name);

/// <summary>The room of one day of the week.</summary>
public sealed record DayRoomName(Weekday Day, RoomName Room);

public sealed record ShareLine(Guid UserId, string Name, ClientAccess Access, DateOnly? Until);

public sealed record LifterLine(Guid UserId, string Name, DateTimeOffset Since);

public sealed record NoteLine(Guid Id, DateTimeOffset At, string Text, bool IsRead);

public sealed record HandOver
{
    /// <summary>Left out: to the owners.</summary>
    [Length(36)]
    public string? UserId { get; init; }
}

public sealed record ShareClient
{
    /// <summary>Read or work.</summary>
    public required ClientAccess Access { get; init; }

    /// <summary>The last day; left out: until it is taken back.</summary>
    public DateOnly? Until { get; init; }
}

/// <summary>Something that changed of a client.</summary>
/// <param name="Who">Who did it.</param>
/// <param name="What">What of its kind; empty where that says nothing.</param>
/// <param name="Before">In words; empty where there was nothing.</param>
/// <param name="After">In words; empty where there is nothing any more.</param>
public sealed record ChangeLine(Guid Id, DateTimeOffset At, string Who, ChangeKind Kind, string What, string Before, string After);

/// <summary>Changes, the newest first, with whether there are more.</summary>
public sealed record ChangesView(IReadOnlyList<ChangeLine> Changes, bool HasMore);

/// <summary>When a client's file goes.</summary>
public sealed record Erasing(DateTimeOffset At);
