using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Diagnostics.HealthChecks;
using Microsoft.Extensions.Options;
using Nerezza.Core.Clients;
using Nerezza.Data;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Data.Unscoped;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Web.Demo;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Hosting;

/// <summary>Goes the whole way of a made-up client once before the server calls itself ready, so that the first coach does not wait for
/// compiler, solver and model.</summary>
internal sealed class WarmUp(IServiceScopeFactory scopes, TimeProvider clock, IConfiguration settings, ILogger<WarmUp> log)
    : BackgroundService,
        IHealthCheck
{
    private volatile bool _done;

    public Task<HealthCheckResult> CheckHealthAsync(HealthCheckContext context, CancellationToken cancellationToken = default) =>
        Task.FromResult(_done ? HealthCheckResult.Healthy() : HealthCheckResult.Unhealthy());

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await Task.Yield();
        _done = settings["NEREZZA_WARM_UP"] == "no";
        if (_done)
            return;
        try
        {
            using IServiceScope scope = scopes.CreateScope();
            Plan(scope.ServiceProvider);
            await Query(scope.ServiceProvider, stoppingToken);
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
        JsonSerializerOptions written = services.GetRequiredService<IOptions<JsonOptions>>().Value.SerializerOptions;
        foreach (DemoClient demo in DemoClients.On(today))
        {
            ClientFile file = Of(demo.Case);
            PlanService desk = services.GetRequiredService<PlanService>();
            PlanRow plan = desk.New(
                file,
                ClientLog.None,
                new BlockSection
                {
                    Start = today,
                    Kind = BlockKind.Auto,
                    Weeks = 4,
                },
                [],
                Core.BlockBase.Made,
                1
            );
            Core.Plan made = desk.Current(plan, file, ClientLog.None);
            Written(
                services.GetRequiredService<BlockViews>().View(plan, desk.Basis(plan, file, ClientLog.None), file, ClientLog.None, []),
                written
            );
            Written(services.GetRequiredService<LeverViews>().View(file, ClientLog.None), written);
            Written(
                services
                    .GetRequiredService<ExerciseViews>()
                    .View(
                        file,
                        made,
                        services.GetRequiredService<ClientToday>().BodyOf(file, ClientLog.None),
                        desk.Substitutes(desk.CurrentCase(plan, file, ClientLog.None))
                    ),
                written
            );
            Read(plan.Document);
            Read(plan.Inputs);
        }
    }

    /// <summary>As the page would get it.</summary>
    private static void Written<T>(T view, JsonSerializerOptions written) => JsonSerializer.SerializeToUtf8Bytes(view, written);

    /// <summary>As the database would give it back.</summary>
    private static void Read<T>(T document) =>
        JsonSerializer.Deserialize<T>(JsonSerializer.Serialize(document, Json.Options), Json.Options);

    /// <summary>The queries of the first pages, with the rows of some client where there is one.</summary>
    private static async Task Query(IServiceProvider services, CancellationToken cancel)
    {
        (Guid coach, Guid client) = await services.GetRequiredService<AnyClient>().WithPlan(cancel) ?? (Guid.Empty, Guid.Empty);
        services.GetRequiredService<AccessScope>().Enter(coach);
        DateOnly today = services.GetRequiredService<PlanService>().Today;
        await services.GetRequiredService<BoardStore>().All(today, cancel);
        await services.GetRequiredService<OwnExerciseStore>().All(cancel);
        await services.GetRequiredService<LogStore>().Stamp(client, cancel);
        ClientLog log = await services.GetRequiredService<LogStore>().Of(client, cancel);
        if (
            await services.GetRequiredService<PlanStore>().On(client, today, cancel) is not { } plan
            || await services.GetRequiredService<ClientStore>().Find(client, cancel) is not { } file
        )
            return;
        PlanService desk = services.GetRequiredService<PlanService>();
        services.GetRequiredService<BlockViews>().View(plan, desk.Basis(plan, file, log), file, log, []);
        desk.Review(file, log);
    }

    private static ClientFile Of(CaseDocument document)
    {
        var client = new ClientRow
        {
            Id = Guid.Empty,
            Name = document.Client.Name,
            Facts = document.Client,
            Schools = document.Schools ?? new SchoolsSection(),
            Observed = new ObservedSections(document.Pain, document.Ladders, []),
        };
        var screens = CaseAssembly.Screens(Guid.Empty, Guid.Empty, document, document.ScreenedOn ?? DateOnly.MinValue).ToList();
        return new ClientFile(
            client,
            new EquipmentRow { Document = document.Equipment ?? new EquipmentSection() },
            [.. (document.Strength ?? []).Select(set => CaseAssembly.Max(Guid.Empty, Guid.Empty, set))],
            screens.FirstOrDefault(),
            []
        );
    }
}
