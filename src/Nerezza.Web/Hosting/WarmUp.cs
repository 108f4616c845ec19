using Microsoft.Extensions.Diagnostics.HealthChecks;
using Nerezza.Core.Clients;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Web.Demo;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Hosting;

/// <summary>Goes the whole way of a made-up client once before the server calls itself ready, so that the first coach does not wait for compiler, solver and model.</summary>
internal sealed class WarmUp(IServiceScopeFactory scopes, TimeProvider clock, IConfiguration settings, ILogger<WarmUp> log) : BackgroundService, IHealthCheck
{
    private volatile bool _done;

    public Task<HealthCheckResult> CheckHealthAsync(HealthCheckContext context, CancellationToken cancellationToken = default) =>
        Task.FromResult(_done ? HealthCheckResult.Healthy() : HealthCheckResult.Unhealthy());

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await Task.Yield();
        _done = settings["NEREZZA_WARM_UP"] == "no";
        if (_done) return;
        try
        {
            using IServiceScope scope = scopes.CreateScope();
            Plan(scope.ServiceProvider);
            await Read(scope.ServiceProvider, stoppingToken);
        }
        catch (Exception fault) when (fault is not OperationCanceledException)
        {
            // A database that is away is told by its own check; what was not warmed is only slower once.
            log.LogWarning("The warm-up ended early: {Why}", fault.GetBaseException().Message);
        }
        _done = true;
    }

    /// <summary>Plan, block, exercises, levers and floor of a client who is nowhere kept.</summary>
    private void Plan(IServiceProvider services)
    {
        DateOnly today = DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime);
        foreach (DemoClient demo in DemoClients.On(today))
        {
            ClientFile file = Of(demo.Case);
            PlanDesk desk = services.GetRequiredService<PlanDesk>();
            PlanRow plan = desk.New(file, ClientLog.None, new BlockSection { Start = today, Kind = BlockKind.Auto, Weeks = 4 }, [], Core.BlockBase.Made, 1);
            Core.Plan made = desk.Current(plan, file, ClientLog.None);
            services.GetRequiredService<BlockDesk>().View(plan, desk.Basis(plan, file, ClientLog.None), file, ClientLog.None);
            services.GetRequiredService<LeverDesk>().View(file, ClientLog.None);
            services.GetRequiredService<ExerciseDesk>().View(file, made, desk.BodyOf(file, ClientLog.None), desk.Substitutes(PlanDesk.CurrentCase(plan, file, ClientLog.None), made));
        }
    }

    /// <summary>The queries of the first pages; nobody is signed in here, so that they find nothing.</summary>
    private static async Task Read(IServiceProvider services, CancellationToken cancel)
    {
        await services.GetRequiredService<ClientStore>().AllFiles(cancel);
        await services.GetRequiredService<ClientStore>().Find(Guid.Empty, cancel);
        await services.GetRequiredService<PlanStore>().NewestOfAll(cancel);
        await services.GetRequiredService<PlanStore>().Newest(Guid.Empty, cancel);
        await services.GetRequiredService<LogStore>().Of(Guid.Empty, cancel);
        await services.GetRequiredService<LogStore>().Stamp(Guid.Empty, cancel);
        await services.GetRequiredService<OwnExerciseStore>().All(cancel);
    }

    private static ClientFile Of(CaseDocument document)
    {
        var client = new ClientRow { Id = Guid.Empty, Name = document.Client.Name, Facts = document.Client, Schools = document.Schools ?? new SchoolsSection(), Observed = new ObservedSections(document.Pain, document.Ladders, []) };
        var screens = CaseAssembly.Screens(Guid.Empty, Guid.Empty, document, document.ScreenedOn ?? DateOnly.MinValue).ToList();
        return new ClientFile(client, new EquipmentRow { Document = document.Equipment ?? new EquipmentSection() }, [.. (document.Strength ?? []).Select(set => CaseAssembly.Max(Guid.Empty, Guid.Empty, set))], screens.FirstOrDefault(), []);
    }
}
