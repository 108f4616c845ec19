using Nerezza.Data;
using Nerezza.Data.Stores;
using Nerezza.Data.Unscoped;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Hosting;

/// <summary>Makes boards that are behind, one after another. What is to be done stands in the database, so that nothing is lost when the
/// server ends.</summary>
internal sealed class BoardWorker(IServiceScopeFactory scopes, IConfiguration settings, ILogger<EventLog> log) : BackgroundService
{
    private static readonly TimeSpan Pause = TimeSpan.FromMilliseconds(300),
        AfterOutage = TimeSpan.FromSeconds(5);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await Task.Yield();
        if (settings["NEREZZA_BOARDS"] == "no")
            return;
        bool asked = false;
        while (!stoppingToken.IsCancellationRequested)
        {
            TimeSpan pause = Pause;
            try
            {
                asked = asked || await AskAgain(stoppingToken);
                await CatchUp(stoppingToken);
            }
            catch (Exception fault) when (Outage.Of(fault) is { } why)
            {
                log.DatabaseAway(why);
                pause = AfterOutage;
            }
            catch (Exception fault) when (fault is not OperationCanceledException)
            {
                // Whatever it is, the server goes on: what was to be done is still due.
                log.BoardsHeldUp(fault);
                pause = AfterOutage;
            }
            await Task.Delay(pause, stoppingToken);
        }
    }

    /// <summary>Makes every board that is due.</summary>
    public async Task CatchUp(CancellationToken cancel)
    {
        while (await MakeNext(cancel)) { }
    }

    private async Task<bool> AskAgain(CancellationToken cancel)
    {
        await using AsyncServiceScope scope = scopes.CreateAsyncScope();
        return await scope.ServiceProvider.GetRequiredService<BoardWork>().AskAgain(BoardDesk.Version, cancel);
    }

    /// <summary>Makes the next; false where none is due.</summary>
    private async Task<bool> MakeNext(CancellationToken cancel)
    {
        await using AsyncServiceScope scope = scopes.CreateAsyncScope();
        IServiceProvider services = scope.ServiceProvider;
        if (await services.GetRequiredService<BoardWork>().Take(cancel) is not { } due)
            return false;
        services.GetRequiredService<AccessScope>().Enter(due.PracticeId);
        await services.GetRequiredService<OwnCatalogue>().Load(services.GetRequiredService<OwnExerciseStore>(), cancel);
        try
        {
            await services.GetRequiredService<BoardDesk>().Make(due, cancel);
        }
        catch (Exception fault) when (fault is not OperationCanceledException && Outage.Of(fault) is null)
        {
            // One client's board must not hold up the others'; it is due again when its lease is over.
            log.BoardNotMade(due.ClientId, due.PracticeId, fault);
        }
        return true;
    }
}
