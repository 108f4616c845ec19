using System.Collections.Frozen;
using Microsoft.AspNetCore.Identity;

namespace Nerezza.Web.Accounts;

/// <summary>Refuses passwords that everybody tries first, and the address itself (NIST SP 800-63B, 3.1.1.2).</summary>
internal sealed class CommonPasswords : IPasswordValidator<IdentityUser<Guid>>
{
    public const string TooCommon = "TooCommon";
    private static readonly FrozenSet<string> Known = Read();

    public Task<IdentityResult> ValidateAsync(UserManager<IdentityUser<Guid>> manager, IdentityUser<Guid> user, string? password) =>
        Task.FromResult(
            password is not null && (Known.Contains(password) || string.Equals(password, user.Email, StringComparison.OrdinalIgnoreCase))
                ? IdentityResult.Failed(
                    new IdentityError { Code = TooCommon, Description = "is one of the first that anybody would try; another expected" }
                )
                : IdentityResult.Success
        );

    private static FrozenSet<string> Read()
    {
        using Stream list = typeof(CommonPasswords).Assembly.GetManifestResourceStream("Nerezza.Web.common-passwords.txt")!;
        using var lines = new StreamReader(list);
        return lines
            .ReadToEnd()
            .Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Where(line => !line.StartsWith('#'))
            .ToFrozenSet(StringComparer.OrdinalIgnoreCase);
    }
}
