using Microsoft.AspNetCore.Identity;

namespace Nerezza.Web.Accounts;

/// <summary>Codes of an authenticator (TOTP, RFC 6238, by the framework) and recovery codes.</summary>
internal sealed class SecondFactor(UserManager<IdentityUser<Guid>> users)
{
    private const string Issuer = "Nerezza",
        LastUsed = "last-code";
    private const int RecoveryCodes = 10;

    /// <summary>What a code comes to at sign-in.</summary>
    public enum Verdict
    {
        Right,
        Wrong,

        /// <summary>Too many wrong codes: wait.</summary>
        Locked,
    }

    /// <summary>Checks a code of the authenticator, each once, or takes a recovery code.</summary>
    public async Task<Verdict> Check(IdentityUser<Guid> user, string code)
    {
        if (await users.IsLockedOutAsync(user))
            return Verdict.Locked;
        string bare = code.Replace(" ", "", StringComparison.Ordinal);
        if (await IsFresh(user, bare) || (await users.RedeemTwoFactorRecoveryCodeAsync(user, code.Trim())).Succeeded)
        {
            await users.ResetAccessFailedCountAsync(user);
            return Verdict.Right;
        }
        await users.AccessFailedAsync(user);
        return Verdict.Wrong;
    }

    /// <summary>A key that is not in force yet, and the address to scan.</summary>
    public async Task<(string Key, string Address)> NewKey(IdentityUser<Guid> user)
    {
        await users.ResetAuthenticatorKeyAsync(user);
        string key = (await users.GetAuthenticatorKeyAsync(user))!;
        string label = Uri.EscapeDataString($"{Issuer}:{user.Email}");
        return (key, $"otpauth://totp/{label}?secret={key}&issuer={Issuer}&digits=6");
    }

    /// <summary>Turns it on where the code is right; the recovery codes then, null where it is wrong.</summary>
    public async Task<IReadOnlyList<string>?> TurnOn(IdentityUser<Guid> user, string code)
    {
        if (!await IsFresh(user, code.Replace(" ", "", StringComparison.Ordinal)))
            return null;
        await users.SetTwoFactorEnabledAsync(user, true);
        return await NewRecoveryCodes(user);
    }

    /// <summary>Turns it off and forgets key and codes.</summary>
    public async Task TurnOff(IdentityUser<Guid> user)
    {
        await users.SetTwoFactorEnabledAsync(user, false);
        await users.ResetAuthenticatorKeyAsync(user);
        await users.GenerateNewTwoFactorRecoveryCodesAsync(user, 0);
    }

    /// <summary>New recovery codes; the old ones open nothing any more.</summary>
    public async Task<IReadOnlyList<string>> NewRecoveryCodes(IdentityUser<Guid> user) =>
        [.. await users.GenerateNewTwoFactorRecoveryCodesAsync(user, RecoveryCodes) ?? []];

    /// <summary>Whether a code is right and was not used before: who looks over a shoulder gets in with nothing.</summary>
    private async Task<bool> IsFresh(IdentityUser<Guid> user, string code)
    {
        string provider = users.Options.Tokens.AuthenticatorTokenProvider;
        if (
            code == await users.GetAuthenticationTokenAsync(user, Issuer, LastUsed)
            || !await users.VerifyTwoFactorTokenAsync(user, provider, code)
        )
            return false;
        await users.SetAuthenticationTokenAsync(user, Issuer, LastUsed, code);
        return true;
    }
}
