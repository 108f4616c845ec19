namespace Nerezza.Data.Accounts;

/// <summary>A word that lets a script in, for one person and one of their practices, until a day.</summary>
public sealed class AccessTokenRow
{
    /// <summary>SHA-256 of the token, in hexadecimal: the token itself was shown once.</summary>
    public required string TokenHash { get; init; }

    /// <summary>What the person calls it by when they end it; opens nothing.</summary>
    public Guid Id { get; init; }
    public Guid UserId { get; init; }
    public Guid PracticeId { get; init; }

    /// <summary>What it is for, in the person's words.</summary>
    public required string Name { get; init; }
    public TokenScope Scope { get; init; }
    public DateTimeOffset MadeAt { get; init; }
    public DateTimeOffset ExpiresAt { get; init; }

    /// <summary>When it was last used, to the hour; null before the first time.</summary>
    public DateTimeOffset? UsedAt { get; set; }
}

/// <summary>What a script may do with a token.</summary>
public enum TokenScope
{
    /// <summary>Read what the person sees.</summary>
    Read,

    /// <summary>Also change what the person may change.</summary>
    Write,
}
