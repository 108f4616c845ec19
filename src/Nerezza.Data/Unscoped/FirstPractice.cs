using Microsoft.EntityFrameworkCore;

namespace Nerezza.Data.Unscoped;

/// <summary>Whether a practice of one's own is still to be made on this machine: there is none, or the demo alone.</summary>
public sealed class FirstPractice(NerezzaContext context, TimeProvider clock)
{
    /// <summary>Whether it is still to be made.</summary>
    public async Task<bool> IsToBeMade(CancellationToken cancel) =>
        !await context.Practices.IgnoreQueryFilters().AnyAsync(row => !row.IsDemo, cancel);

    /// <summary>Whether the demo is open.</summary>
    public async Task<bool> HasDemo(CancellationToken cancel) =>
        await context.Practices.IgnoreQueryFilters().AnyAsync(row => row.IsDemo && row.PutAsideAt == null, cancel);

    /// <summary>From now on nobody gets into the demo.</summary>
    public Task PutDemoAside(CancellationToken cancel) => SetAside(clock.GetUtcNow(), cancel);

    /// <summary>Opens the demo again.</summary>
    public Task TakeDemoBack(CancellationToken cancel) => SetAside(null, cancel);

    private async Task SetAside(DateTimeOffset? at, CancellationToken cancel) =>
        await context
            .Practices.IgnoreQueryFilters()
            .Where(row => row.IsDemo)
            .ExecuteUpdateAsync(row => row.SetProperty(one => one.PutAsideAt, at), cancel);
}
