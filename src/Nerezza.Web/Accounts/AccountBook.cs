using Microsoft.AspNetCore.Identity;
using Nerezza.Data;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;
using Nerezza.Data.Unscoped;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Accounts;

/// <summary>Makes accounts and practices, for the first page, invitations, the demo and the command line alike.</summary>
internal sealed class AccountBook(
    UserManager<IdentityUser<Guid>> users,
    OpenInvitations invitations,
    NerezzaContext context,
    AccessScope scope,
    TimeProvider clock
)
{
    /// <summary>Makes an account.</summary>
    /// <param name="password">Null where a link to one follows.</param>
    public async Task<(IdentityUser<Guid> User, IdentityResult Result)> Make(string email, string? password)
    {
        var user = new IdentityUser<Guid>
        {
            Id = Guid.CreateVersion7(),
            UserName = email.Trim(),
            Email = email.Trim(),
            EmailConfirmed = true,
        };
        return (user, password is null ? await users.CreateAsync(user) : await users.CreateAsync(user, password));
    }

    /// <summary>Makes a practice with its owner, both or neither.</summary>
    public async Task<(IdentityUser<Guid> User, IdentityResult Result)> Begin(
        PracticeRow practice,
        string name,
        string email,
        string password
    )
    {
        scope.Enter(practice.PracticeId);
        await using var transaction = await context.Database.BeginTransactionAsync();
        (IdentityUser<Guid> user, IdentityResult result) = await Make(email, password);
        if (!result.Succeeded)
            return (user, result);
        context.AddRange(
            practice,
            new MembershipRow
            {
                PracticeId = practice.PracticeId,
                UserId = user.Id,
                Role = PracticeRole.Owner,
                Name = name,
                Since = clock.GetUtcNow(),
            }
        );
        await context.SaveChangesAsync();
        await transaction.CommitAsync();
        return (user, result);
    }

    /// <summary>Lets somebody in by an invitation, with the account that they have or a new one; everything or nothing. The scope is the
    /// practice's.</summary>
    public async Task<(Joining Outcome, IdentityUser<Guid>? User, IdentityResult? Refused)> Join(
        OpenInvitation invitation,
        TakeInvitation asked,
        CancellationToken cancel
    )
    {
        await using var transaction = await context.Database.BeginTransactionAsync(cancel);
        if (!await invitations.Take(invitation, cancel))
            return (Joining.DeadLink, null, null);
        IdentityUser<Guid>? user = await users.FindByEmailAsync(asked.Email.Trim());
        if (user is not null && !await users.CheckPasswordAsync(user, asked.Password))
            return (Joining.WrongPassword, null, null);
        if (user is null)
        {
            (user, IdentityResult result) = await Make(asked.Email, asked.Password);
            if (!result.Succeeded)
                return (Joining.Refused, null, result);
        }
        if (!await invitations.Join(invitation, user.Id, asked.Name.Trim(), cancel))
            return (Joining.InAlready, null, null);
        await transaction.CommitAsync(cancel);
        return (Joining.Done, user, null);
    }
}

/// <summary>What came of taking an invitation.</summary>
internal enum Joining
{
    Done,

    /// <summary>Identity refuses the new account.</summary>
    Refused,

    /// <summary>There is such an account, with another password.</summary>
    WrongPassword,
    InAlready,

    /// <summary>Somebody was quicker.</summary>
    DeadLink,
}
