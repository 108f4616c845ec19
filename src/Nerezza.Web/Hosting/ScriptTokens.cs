using System.Security.Claims;
using System.Text.Encodings.Web;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;
using Nerezza.Data.Accounts;

namespace Nerezza.Web.Hosting;

/// <summary>Lets scripts in by "Authorization: Bearer nerezza_...". A token stands for a person in one practice; where one is sent no
/// cookie counts, so that no page of another site can use it.</summary>
internal sealed class ScriptTokens(
    IOptionsMonitor<AuthenticationSchemeOptions> options,
    ILoggerFactory logger,
    UrlEncoder encoder,
    AccessTokenStore tokens
) : AuthenticationHandler<AuthenticationSchemeOptions>(options, logger, encoder)
{
    /// <summary>The schemes: the one that chooses, and this one.</summary>
    public const string Either = "nerezza.either",
        Token = "nerezza.token";

    private const string Word = "Bearer ";

    /// <summary>The scheme that a request is signed in by.</summary>
    public static string Of(HttpContext http) =>
        http.Request.Headers.Authorization.ToString().StartsWith(Word, StringComparison.OrdinalIgnoreCase)
            ? Token
            : IdentityConstants.ApplicationScheme;

    /// <summary>What the token of a caller may do; null where a person signed in.</summary>
    public static TokenScope? ScopeOf(ClaimsPrincipal caller) =>
        Enum.TryParse(caller.FindFirstValue(Token), out TokenScope scope) ? scope : null;

    protected override async Task<AuthenticateResult> HandleAuthenticateAsync()
    {
        string sent = Request.Headers.Authorization.ToString()[Word.Length..].Trim();
        if (await tokens.Find(sent, Context.RequestAborted) is not { } token)
            return AuthenticateResult.Fail("The token is none, or has ended.");
        var identity = new ClaimsIdentity(
            [
                new Claim(ClaimTypes.NameIdentifier, token.UserId.ToString()),
                new Claim(Membership.Chosen, token.PracticeId.ToString()),
                new Claim(Token, token.Scope.ToString()),
            ],
            Token
        );
        return AuthenticateResult.Success(new AuthenticationTicket(new ClaimsPrincipal(identity), Token));
    }
}
