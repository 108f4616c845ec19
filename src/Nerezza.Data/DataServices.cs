using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data.Accounts;
using Nerezza.Data.Files;
using Nerezza.Data.Machine;
using Nerezza.Data.Stores;
using Nerezza.Data.Unscoped;
using Npgsql;

namespace Nerezza.Data;

/// <summary>Wires the database.</summary>
public static class DataServices
{
    public static IServiceCollection AddNerezzaData(this IServiceCollection services, string connection)
    {
        services.AddScoped<AccessScope>();
        services
            .AddScoped<Door>()
            .AddScoped<Memberships>()
            .AddScoped<AnyClient>()
            .AddScoped<ClientStore>()
            .AddScoped<ScreenStore>()
            .AddScoped<PlanStore>()
            .AddScoped<LogStore>()
            .AddScoped<ReadinessStore>()
            .AddScoped<AnswerStore>()
            .AddScoped<ImportStore>()
            .AddScoped<ClientListStore>()
            .AddScoped<BoardStore>()
            .AddScoped<BoardWork>()
            .AddScoped<PastTraining>()
            .AddScoped<OwnExerciseStore>()
            .AddScoped<OpenInvitations>()
            .AddScoped<AllAccounts>()
            .AddScoped<AllPractices>()
            .AddScoped<Erasing>()
            .AddScoped<FirstPractice>()
            .AddScoped<PeopleStore>()
            .AddScoped<InvitationStore>()
            .AddScoped<SharingStore>()
            .AddScoped<RoomStore>()
            .AddScoped<CalendarStore>()
            .AddScoped<TemplateStore>()
            .AddScoped<BackupStore>()
            .AddScoped<PracticeFile>()
            .AddScoped<OpenFeeds>()
            .AddScoped<AccessTokenStore>()
            .AddScoped<SignedInStore>();
        services.AddHealthChecks().AddNpgSql(connection);
        services.AddSingleton<OwnRowsOnly>().AddSingleton<ChangesKept>();
        return services.AddDbContext<NerezzaContext>(
            (provider, options) =>
                Configure(options, connection)
                    .AddInterceptors(provider.GetRequiredService<ChangesKept>(), provider.GetRequiredService<OwnRowsOnly>()),
            // The same for every request: made once.
            optionsLifetime: ServiceLifetime.Singleton
        );
    }

    internal static DbContextOptionsBuilder Configure(DbContextOptionsBuilder options, string connection) =>
        options.UseNpgsql(Tuned(connection)).UseSnakeCaseNamingConvention();

    /// <summary>What is asked again and again is prepared once for each connection, and a connection goes back without being reset: nothing
    /// is ever set on one (docs/measured.md, one set recorded).</summary>
    private static string Tuned(string connection) =>
        new NpgsqlConnectionStringBuilder(connection)
        {
            MaxAutoPrepare = MostPrepared,
            AutoPrepareMinUsages = 2,
            NoResetOnClose = true,
        }.ConnectionString;

    private const int MostPrepared = 100;
}

/// <summary>Lets the migration tool build the context without the host.</summary>
internal sealed class ContextForMigrations : IDesignTimeDbContextFactory<NerezzaContext>
{
    public NerezzaContext CreateDbContext(string[] args)
    {
        var options = new DbContextOptionsBuilder<NerezzaContext>();
        DataServices.Configure(options, "Host=127.0.0.1");
        return new NerezzaContext(options.Options, new AccessScope());
    }
}
