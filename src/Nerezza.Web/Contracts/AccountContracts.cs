using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>Who is signed in, and the token that every change must carry in the header X-Nerezza-Token.</summary>
public sealed record Me(string? Email, string? Practice, string Token);

public sealed record SignIn
{
    [Length(254)]
    public required string Email { get; init; }

    [Length(200)]
    public required string Password { get; init; }
}
