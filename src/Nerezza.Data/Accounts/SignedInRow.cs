namespace Nerezza.Data.Accounts;

/// <summary>A device on which somebody is signed in. It belongs to the person, not to a practice; the cookie holds nothing but the key to
/// it.</summary>
public sealed class SignedInRow
{
    /// <summary>SHA-256 of the key in the cookie, in hexadecimal, so that a copy of the table opens nothing.</summary>
    public required string KeyHash { get; init; }

    /// <summary>What the person calls it by when they end it from another device; opens nothing.</summary>
    public Guid Id { get; init; }
    public Guid UserId { get; init; }

    /// <summary>What it is, as far as the browser says: "Chrome on Android".</summary>
    public required string Device { get; init; }

    /// <summary>The sign-in as the framework writes it.</summary>
    public required byte[] Ticket { get; set; }
    public DateTimeOffset StartedAt { get; init; }

    /// <summary>When it was last used, to the hour.</summary>
    public DateTimeOffset UsedAt { get; set; }

    /// <summary>When it ends unless it is used before; moves on with use.</summary>
    public DateTimeOffset ExpiresAt { get; set; }

    /// <summary>When it ends however much it is used.</summary>
    public DateTimeOffset EndsAt { get; init; }
}
