using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Nerezza.Formats.Shapes;
using Nerezza.Web.Hosting;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Accounts;

/// <summary>Says what Identity refuses at the field that it is about.</summary>
internal static class AccountProblems
{
    /// <param name="password">The name of the field with the new password.</param>
    public static ValidationProblem Of(IdentityResult refused, string password = "password") =>
        Problems.Invalid(refused.Errors.Select(error => Fault(error, password)).DistinctBy(fault => (fault.Path, fault.Message)));

    private static Fault Fault(IdentityError error, string password) =>
        error.Code switch
        {
            nameof(IdentityErrorDescriber.PasswordTooShort) or nameof(IdentityErrorDescriber.PasswordRequiresUniqueChars) => new(
                password,
                $"is too short; {SignInServices.LeastPasswordLength} letters or more expected, several words are best"
            ),
            CommonPasswords.TooCommon => new(password, error.Description),
            nameof(IdentityErrorDescriber.InvalidEmail) or nameof(IdentityErrorDescriber.InvalidUserName) => new(
                "email",
                "is no e-mail address; one such as name@gym.example expected"
            ),
            nameof(IdentityErrorDescriber.DuplicateEmail) or nameof(IdentityErrorDescriber.DuplicateUserName) => new(
                "email",
                "cannot be used here; another address expected"
            ),
            nameof(IdentityErrorDescriber.InvalidToken) => new("token", "is not good any more; a new link expected"),
            _ => new("body", error.Description),
        };
}
