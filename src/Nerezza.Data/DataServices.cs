using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data.Accounts;
using Nerezza.Data.Stores;
using Nerezza.Data.Unscoped;

namespace Nerezza.Data;

/// <summary>Wires the database.</summary>
public static class DataServices
{
    public static IServiceCollection AddNerezzaData(this IServiceCollection services, string connection)
    {
        services.AddScoped<CoachScope>();
        services
            .AddScoped<Memberships>()
            .AddScoped<AnyClient>()
            .AddScoped<ClientStore>()
            .AddScoped<ScreenStore>()
            .AddScoped<PlanStore>()
            .AddScoped<LogStore>()
            .AddScoped<ReadinessStore>()
            .AddScoped<PastTraining>()
            .AddScoped<OwnExerciseStore>()
            .AddScoped<SignedInStore>();
        services.AddHealthChecks().AddNpgSql(connection);
        services.AddSingleton<OwnRowsOnly>();
        return services.AddDbContext<NerezzaContext>(
            (provider, options) => Configure(options, connection).AddInterceptors(provider.GetRequiredService<OwnRowsOnly>())
        );
    }

    internal static DbContextOptionsBuilder Configure(DbContextOptionsBuilder options, string connection) =>
        options.UseNpgsql(connection).UseSnakeCaseNamingConvention();
}

/// <summary>Lets the migration tool build the context without the host.</summary>
internal sealed class ContextForMigrations : IDesignTimeDbContextFactory<NerezzaContext>
{
    public NerezzaContext CreateDbContext(string[] args)
    {
        var options = new DbContextOptionsBuilder<NerezzaContext>();
        DataServices.Configure(options, "Host=127.0.0.1");
        return new NerezzaContext(options.Options, new CoachScope());
    }
}
