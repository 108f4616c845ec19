using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Nerezza.Data;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;
using Nerezza.Web.Accounts;

namespace Nerezza.Web.Demo;

/// <summary>A second coach and a lifter of the demo practice, so that sharing and the lifter's own page can be looked at.</summary>
internal static class DemoPeople
{
    private const string Coach = "ines@calagrigia.example",
        Lifter = "lifter@calagrigia.example";

    /// <summary>Adds them: the first client is the lifter and is shared with the coach, the second is with the coach.</summary>
    public static async Task Add(IServiceProvider services, IReadOnlyList<Guid> clients, string password)
    {
        var context = services.GetRequiredService<NerezzaContext>();
        ClientRow first = await context.Clients.SingleAsync(row => row.Id == clients[0]),
            second = await context.Clients.SingleAsync(row => row.Id == clients[1]);
        MembershipRow coach = await Member(services, Coach, password, PracticeRole.Coach, "Ines Marras", null);
        context.AddRange(coach, await Member(services, Lifter, password, PracticeRole.Lifter, first.Name, first.Id));
        second.HomeCoach = coach.UserId;
        context.Add(
            new ShareRow
            {
                PracticeId = coach.PracticeId,
                ClientId = first.Id,
                UserId = coach.UserId,
                Access = ClientAccess.Read,
            }
        );
        await context.SaveChangesAsync();
    }

    private static async Task<MembershipRow> Member(
        IServiceProvider services,
        string email,
        string password,
        PracticeRole role,
        string name,
        Guid? clientId
    )
    {
        (IdentityUser<Guid> user, IdentityResult result) = await services.GetRequiredService<AccountBook>().Make(email, password);
        if (!result.Succeeded)
            throw new InvalidOperationException(string.Join(" ", result.Errors.Select(error => error.Description)));
        return new MembershipRow
        {
            PracticeId = services.GetRequiredService<AccessScope>().PracticeId,
            UserId = user.Id,
            Role = role,
            Name = name,
            ClientId = clientId,
            Since = services.GetRequiredService<TimeProvider>().GetUtcNow(),
        };
    }
}
