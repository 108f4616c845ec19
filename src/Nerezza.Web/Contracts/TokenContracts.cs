using Nerezza.Data.Accounts;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>A token of one's own: what it is, never what it says.</summary>
/// <param name="Practice">The practice that it opens.</param>
/// <param name="UsedAt">To the hour; null before the first time.</param>
public sealed record TokenLine(
    Guid Id,
    string Name,
    string Practice,
    TokenScope Scope,
    DateTimeOffset MadeAt,
    DateTimeOffset ExpiresAt,
    DateTimeOffset? UsedAt
);

/// <summary>Asks for a token for the practice that is open.</summary>
public sealed record MakeToken
{
    /// <summary>What it is for.</summary>
    [Length(80)]
    public required string Name { get; init; }
    public required TokenScope Scope { get; init; }

    /// <summary>For how long it is good.</summary>
    [Between(1, 365, "days")]
    public required int Days { get; init; }
}

/// <summary>A new token. It is shown now and never again.</summary>
public sealed record NewToken(string Token, DateTimeOffset ExpiresAt);
