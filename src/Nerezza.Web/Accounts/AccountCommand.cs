using Microsoft.AspNetCore.Identity;
using Nerezza.Data;
using Nerezza.Data.Access;
using Nerezza.Data.Stores;
using Nerezza.Data.Unscoped;

namespace Nerezza.Web.Accounts;

/// <summary>Accounts from the command line, for whoever sits at the machine (./nerezza account).</summary>
internal sealed class AccountCommand(
    UserManager<IdentityUser<Guid>> users,
    AccountBook book,
    AllAccounts accounts,
    IServiceScopeFactory scopes,
    TimeProvider clock,
    FirstPractice first,
    IConfiguration settings,
    TextWriter say
)
{
    /// <summary>Does what is asked.</summary>
    /// <returns>The exit code.</returns>
    public async Task<int> Run(string[] asked, CancellationToken cancel) =>
        asked switch
        {
            ["list"] => await List(cancel),
            ["make", var email, var name, "owner"] => await Make(email, name, PracticeRole.Owner, cancel),
            ["make", var email, var name, "coach"] => await Make(email, name, PracticeRole.Coach, cancel),
            ["reset", var email] => await With(email, Reset),
            ["unlock", var email] => await With(email, Unlock),
            ["remove", var email] => await With(email, user => Remove(user, cancel)),
            ["demo", "aside"] => await Demo(() => first.PutDemoAside(cancel), "Nobody gets into the demo any more."),
            ["demo", "back"] => await Demo(() => first.TakeDemoBack(cancel), "The demo is open again."),
            _ => await Say(
                ExitCode.NotUnderstood,
                "account wants: list, make EMAIL NAME owner|coach, reset EMAIL, unlock EMAIL, remove EMAIL, demo aside|back"
            ),
        };

    private async Task<int> List(CancellationToken cancel)
    {
        foreach (AccountLine line in await accounts.All(cancel))
            await say.WriteLineAsync(
                $"{line.Email}\t{string.Join(", ", line.Places)}\t{(line.TwoFactor ? "two-factor" : "")}"
                    + $"\t{(line.LockedUntil > clock.GetUtcNow() ? "locked" : "")}"
            );
        return ExitCode.Done;
    }

    private async Task<int> Make(string email, string name, PracticeRole role, CancellationToken cancel)
    {
        if (await accounts.OwnPractice(cancel) is not { } practice)
            return await Say(
                ExitCode.Refused,
                "There is no practice of your own yet, or more than one: begin at /begin, or invite from its page."
            );
        (IdentityUser<Guid> user, IdentityResult result) = await book.Make(email, password: null);
        if (!result.Succeeded)
            return await Say(ExitCode.Refused, string.Join(" ", result.Errors.Select(error => error.Description)));
        await accounts.Join(practice, user.Id, name, role, cancel);
        return await Reset(user);
    }

    private async Task<int> Reset(IdentityUser<Guid> user)
    {
        string link = await ResetLetters.Link(users, user, settings["NEREZZA_URL"] ?? "");
        return await Say(ExitCode.Done, $"A link to a password for {user.Email}, good for a day and once:\n{link}");
    }

    private async Task<int> Unlock(IdentityUser<Guid> user)
    {
        await users.SetLockoutEndDateAsync(user, null);
        await users.ResetAccessFailedCountAsync(user);
        return await Say(ExitCode.Done, $"{user.Email} can try again.");
    }

    private async Task<int> Remove(IdentityUser<Guid> user, CancellationToken cancel)
    {
        IReadOnlyList<Guid> practices = await accounts.PracticesOf(user.Id, cancel);
        foreach (Guid practice in practices)
            if (await InPractice(practice, people => people.IsLastOwner(user.Id, cancel)))
                return await Say(ExitCode.Refused, $"{user.Email} is the last owner of a practice; make another one first.");
        foreach (Guid practice in practices)
            await InPractice(practice, async people => await people.Remove((await people.Find(user.Id, cancel))!, cancel));
        await users.DeleteAsync(user);
        return await Say(ExitCode.Done, $"{user.Email} is gone, with every sign-in.");
    }

    /// <summary>One unit of work serves one practice.</summary>
    private async Task<bool> InPractice(Guid practice, Func<PeopleStore, Task<bool>> act)
    {
        await using AsyncServiceScope scope = scopes.CreateAsyncScope();
        scope.ServiceProvider.GetRequiredService<AccessScope>().Enter(practice);
        return await act(scope.ServiceProvider.GetRequiredService<PeopleStore>());
    }

    private async Task<int> With(string email, Func<IdentityUser<Guid>, Task<int>> act) =>
        await users.FindByEmailAsync(email) is { } user
            ? await act(user)
            : await Say(ExitCode.Refused, $"There is no account with the address {email}.");

    private async Task<int> Demo(Func<Task> act, string done)
    {
        await act();
        return await Say(ExitCode.Done, done);
    }

    private async Task<int> Say(int code, string words)
    {
        await say.WriteLineAsync(words);
        return code;
    }
}
