using Nerezza.Data;
using Nerezza.Data.Unscoped;

namespace Nerezza.Web.Hosting;

/// <summary>Erases clients whose day of grace is over.</summary>
internal sealed class Eraser(IServiceScopeFactory scopes, ILogger<EventLog> log) : BackgroundService
{
    private static readonly TimeSpan Pause = TimeSpan.FromMinutes(10);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Pause);
        do
        {
            try
            {
                await EraseDue(stoppingToken);
            }
            catch (Exception fault) when (Outage.Of(fault) is { } why)
            {
                log.DatabaseAway(why);
            }
        } while (await timer.WaitForNextTickAsync(stoppingToken));
    }

    /// <summary>Erases who is due.</summary>
    public async Task EraseDue(CancellationToken cancel)
    {
        await using AsyncServiceScope scope = scopes.CreateAsyncScope();
        if (await scope.ServiceProvider.GetRequiredService<Erasing>().Due(cancel) is > 0 and var erased)
            log.Erased(erased);
    }
}
