using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Nerezza.Core.Clients;
using Nerezza.Data;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Web.Accounts;
using Nerezza.Web.Endpoints;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Demo;

/// <summary>Fills an empty database with the demo practice: two blocks of history and a third that runs now.</summary>
internal static class DemoData
{
    public const string Email = "coach@calagrigia.example";
    public const string Password = "harbour-iron-44";
    private const int HistoryDays = 56;
    private static readonly Guid PracticeId = new("0190a000-0000-7000-8000-000000000001");

    /// <summary>Loads the demo; does nothing where a user exists already.</summary>
    public static async Task Load(IServiceProvider services)
    {
        using IServiceScope scope = services.CreateScope();
        var users = scope.ServiceProvider.GetRequiredService<UserManager<IdentityUser<Guid>>>();
        if (await users.Users.AnyAsync())
            return;
        await AddPractice(
            scope.ServiceProvider,
            new PracticeRow
            {
                PracticeId = PracticeId,
                Name = "Cala Grigia",
                IsDemo = true,
            },
            "Marta Sanna",
            Email,
            Password
        );
        DateOnly today = DateOnly.FromDateTime(scope.ServiceProvider.GetRequiredService<TimeProvider>().GetUtcNow().UtcDateTime);
        DateOnly monday = today.AddDays(-(((int)today.DayOfWeek + 6) % 7));
        IReadOnlyList<Guid> clients = await AddClients(services, monday, today);
        await ClientEndpoints.Save(
            DemoClients.Beginner,
            today,
            scope.ServiceProvider.GetRequiredService<ClientStore>(),
            CancellationToken.None
        );
        await DemoPeople.Add(scope.ServiceProvider, clients, Password);
    }

    /// <summary>Adds a practice with its owner.</summary>
    public static async Task AddPractice(IServiceProvider services, PracticeRow practice, string owner, string email, string password)
    {
        (_, IdentityResult result) = await services.GetRequiredService<AccountBook>().Begin(practice, owner, email, password);
        if (!result.Succeeded)
            throw new InvalidOperationException(string.Join(" ", result.Errors.Select(error => error.Description)));
    }

    /// <summary>Adds every client with what they did, as many at once as there are processors: no history knows of another.</summary>
    private static async Task<IReadOnlyList<Guid>> AddClients(IServiceProvider services, DateOnly monday, DateOnly today)
    {
        DemoClient[] told = [.. DemoClients.On(monday.AddDays(-HistoryDays))];
        var ids = new Guid[told.Length];
        await Parallel.ForAsync(
            0,
            told.Length,
            new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount },
            async (i, _) =>
            {
                using IServiceScope scope = services.CreateScope();
                scope.ServiceProvider.GetRequiredService<AccessScope>().Enter(PracticeId);
                ids[i] = await AddClient(scope.ServiceProvider, told[i], monday, today);
            }
        );
        return ids;
    }

    private static async Task<Guid> AddClient(IServiceProvider services, DemoClient demo, DateOnly monday, DateOnly today)
    {
        var clients = services.GetRequiredService<ClientStore>();
        var context = services.GetRequiredService<NerezzaContext>();
        DateOnly first = monday.AddDays(-HistoryDays);
        Guid id = await ClientEndpoints.Save(demo.Case, first, clients, CancellationToken.None);
        foreach (DemoScreen later in demo.Later)
        {
            var document = demo.Case with { Screen = later.Screen, Faults = later.Faults };
            context.AddRange(CaseAssembly.Screens(PracticeId, id, document, first.AddDays(later.DaysLater)));
        }
        await context.SaveChangesAsync();
        ClientFile file = (await clients.Find(id, CancellationToken.None))!;
        var history = new DemoHistory(
            file,
            services.GetRequiredService<PlanService>(),
            services.GetRequiredService<ClientToday>().Maxes(file, ClientLog.None),
            demo.Story,
            first
        );
        for (int back = HistoryDays; back > 0; back -= 28)
            history.Train(Block(monday.AddDays(-back)), monday);
        history.Train(Block(monday), today);
        context.AddRange(history.Log);
        context.AddRange(history.Plans);
        await context.SaveChangesAsync();
        return id;
    }

    private static BlockSection Block(DateOnly start) =>
        new()
        {
            Start = start,
            Kind = BlockKind.Auto,
            Weeks = 4,
        };
}
