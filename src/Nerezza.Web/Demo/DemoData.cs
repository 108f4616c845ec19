using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Nerezza.Core.Clients;
using Nerezza.Data;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Web.Endpoints;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Demo;

/// <summary>Fills an empty database with the demo practice: eight weeks of history and a block that runs now.</summary>
internal static class DemoData
{
    public const string Email = "coach@calagrigia.example";
    public const string Password = "harbour-iron-44";
    private const int HistoryDays = 56;
    private static readonly Guid CoachId = new("0190a000-0000-7000-8000-000000000001");

    /// <summary>Loads the demo; does nothing where a user exists already.</summary>
    public static async Task Load(IServiceProvider services)
    {
        using IServiceScope scope = services.CreateScope();
        var users = scope.ServiceProvider.GetRequiredService<UserManager<IdentityUser<Guid>>>();
        if (await users.Users.AnyAsync())
            return;
        await AddPractice(scope.ServiceProvider, CoachId, "Cala Grigia", Email, Password);
        DateOnly today = DateOnly.FromDateTime(scope.ServiceProvider.GetRequiredService<TimeProvider>().GetUtcNow().UtcDateTime);
        DateOnly monday = today.AddDays(-(((int)today.DayOfWeek + 6) % 7));
        foreach (DemoClient client in DemoClients.On(monday.AddDays(-HistoryDays)))
            await AddClient(scope.ServiceProvider, client, monday, today);
        await ClientEndpoints.Save(
            DemoClients.Beginner,
            today,
            scope.ServiceProvider.GetRequiredService<ClientStore>(),
            CancellationToken.None
        );
    }

    /// <summary>Adds a practice with one user, in one transaction.</summary>
    public static async Task AddPractice(IServiceProvider services, Guid coachId, string name, string email, string password)
    {
        services.GetRequiredService<CoachScope>().Enter(coachId);
        var context = services.GetRequiredService<NerezzaContext>();
        var users = services.GetRequiredService<UserManager<IdentityUser<Guid>>>();
        await using var transaction = await context.Database.BeginTransactionAsync();
        var user = new IdentityUser<Guid>
        {
            Id = Guid.CreateVersion7(),
            UserName = email,
            Email = email,
            EmailConfirmed = true,
        };
        IdentityResult result = await users.CreateAsync(user, password);
        if (!result.Succeeded)
            throw new InvalidOperationException(string.Join(" ", result.Errors.Select(error => error.Description)));
        context.AddRange(new CoachRow { CoachId = coachId, Name = name }, new MembershipRow { CoachId = coachId, UserId = user.Id });
        await context.SaveChangesAsync();
        await transaction.CommitAsync();
    }

    private static async Task AddClient(IServiceProvider services, DemoClient demo, DateOnly monday, DateOnly today)
    {
        var clients = services.GetRequiredService<ClientStore>();
        var context = services.GetRequiredService<NerezzaContext>();
        DateOnly first = monday.AddDays(-HistoryDays);
        Guid id = await ClientEndpoints.Save(demo.Case, first, clients, CancellationToken.None);
        foreach (DemoScreen later in demo.Later)
        {
            var document = demo.Case with { Screen = later.Screen, Faults = later.Faults };
            context.AddRange(CaseAssembly.Screens(CoachId, id, document, first.AddDays(later.DaysLater)));
        }
        await context.SaveChangesAsync();
        ClientFile file = (await clients.Find(id, CancellationToken.None))!;
        var history = new DemoHistory(file, services.GetRequiredService<PlanService>());
        for (int back = HistoryDays; back > 0; back -= 28)
            history.Train(Block(monday.AddDays(-back)), monday);
        history.Train(Block(monday), today);
        context.AddRange(history.Log);
        context.AddRange(history.Plans);
        await context.SaveChangesAsync();
    }

    private static BlockSection Block(DateOnly start) =>
        new()
        {
            Start = start,
            Kind = BlockKind.Auto,
            Weeks = 4,
        };
}
