using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Core;
using Nerezza.Core.Clients;
using Nerezza.Data;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using LogSet = Nerezza.Web.Contracts.LogSet;

namespace Nerezza.Web.Tests;

/// <summary>What was done long ago is read from one folded row, and says the same as every set read one by one; a changed old set is
/// counted as it stands now.</summary>
public sealed class PastTrainingTests(Site site) : IClassFixture<Site>
{
    private static readonly string[] Lifts =
    [
        "back-squat-high-bar",
        "conventional-deadlift",
        "barbell-hip-thrust",
        "goblet-split-squat",
        "leg-extension",
    ];

    [Fact]
    public async Task Folded_and_whole_a_log_gives_the_same_case_and_the_same_plan()
    {
        Guid id = await Trained(weeks: 60);
        using IServiceScope scope = Scope();
        (ClientFile file, LogStore log) = (await File(scope, id), scope.ServiceProvider.GetRequiredService<LogStore>());
        ClientLog folded = await log.Of(id, CancellationToken.None);
        Assert.True(
            folded.Past.Count > 100 && folded.Recent.Count < 200,
            $"{folded.Past.Count} days are folded, {folded.Recent.Count} sets are not."
        );
        ClientCase whole = CaseMapping.ToCase(CaseAssembly.Case(file, await log.All(id, CancellationToken.None), Samples.Block));
        Assert.Equal(Text(whole.Log), Text(CaseAssembly.ToCase(file, folded, Samples.Block).Log));
        Planner planner = new(Core.Catalogue.ExerciseCatalogue.Shipped, new Solve.CpChooser(), new Solve.CpWeekLayout());
        var mapping = new Formats.Plans.PlanMapping(Core.Catalogue.ExerciseCatalogue.Shipped);
        string Plan(ClientCase @case) => JsonSerializer.Serialize(mapping.ToDocument(planner.Make(@case)), Json.Options);
        Assert.Equal(Plan(whole), Plan(CaseAssembly.ToCase(file, folded, Samples.Block)));
    }

    [Fact]
    public async Task A_day_that_is_asked_for_comes_as_rows_however_old_it_is()
    {
        Guid id = await Trained(weeks: 30);
        using IServiceScope scope = Scope();
        LogStore log = scope.ServiceProvider.GetRequiredService<LogStore>();
        await log.Of(id, CancellationToken.None);
        DateOnly from = Site.Today.AddDays(-140);
        ClientLog asked = await log.Of(id, CancellationToken.None, from);
        Assert.True(asked.Past.All(day => day.Date < from) && asked.Recent.All(set => set.Date >= from));
        Assert.Equal((await log.All(id, CancellationToken.None)).Count, asked.Days.Sum(day => day.Sets.Count));
    }

    [Theory]
    [InlineData(200)] // folded long ago
    [InlineData(40)] // not folded yet, though old enough to be soon
    [InlineData(3)]
    public async Task A_set_of_any_age_that_is_corrected_taken_back_or_entered_late_counts_as_it_stands_now(int daysAgo)
    {
        Guid id = await Trained(weeks: 40);
        Caller caller = await site.AsHarbour();
        async Task<int> Squats() => await Count(id, "front-squat");
        Assert.Equal(0, await Squats());
        LogSet late = Samples.Set("front-squat", kg: 80, date: Site.Today.AddDays(-daysAgo));
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", late);
        Assert.Equal(80, await Squats());
        // The correction is dated today: the old day changes all the same.
        LogSet corrected = Samples.Set("front-squat", kg: 85, date: Site.Today) with
        {
            Supersedes = late.Id,
        };
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", corrected);
        Assert.Equal(85, await Squats());
        await caller.Do(
            HttpMethod.Post,
            $"/api/clients/{id}/sets/{corrected.Id}/withdrawal",
            new WithdrawSet { Id = Guid.CreateVersion7().ToString() }
        );
        Assert.Equal(0, await Squats());
    }

    [Fact]
    public async Task Pages_that_fold_and_hands_that_log_at_the_same_moment_lose_nothing()
    {
        Guid id = await Trained(weeks: 30);
        Caller caller = await site.AsHarbour();
        LogSet[] late =
        [
            .. Enumerable.Range(0, 12).Select(i => Samples.Set("front-squat", kg: 1, place: i, date: Site.Today.AddDays(-100 - i))),
        ];
        await Task.WhenAll(
            Task.WhenAll(late.Select(set => caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", set))),
            Task.WhenAll(Enumerable.Range(0, 12).Select(_ => caller.Get<IntakeView>($"/api/clients/{id}/intake")))
        );
        Assert.Equal(12, await Count(id, "front-squat"));
    }

    /// <summary>The summed load of an exercise's sets over all days, as a page would count it.</summary>
    private async Task<int> Count(Guid id, string exercise)
    {
        using IServiceScope scope = Scope();
        ClientLog log = await scope.ServiceProvider.GetRequiredService<LogStore>().Of(id, CancellationToken.None);
        return (int)log.Days.SelectMany(day => day.Sets).Where(set => set.Exercise == exercise).Sum(set => set.Load!.Value.Kilograms);
    }

    private async Task<Guid> Trained(int weeks)
    {
        Guid id = await Samples.ClientWithBlock(await site.AsHarbour());
        using IServiceScope scope = Scope();
        NerezzaContext context = scope.ServiceProvider.GetRequiredService<NerezzaContext>();
        for (int day = 1; day <= weeks * 7; day++)
        for (int place = 0; day % 7 is 1 or 3 or 5 && place < 3; place++)
            context.Add(
                new LoggedSetRow
                {
                    PracticeId = Site.Harbour,
                    Id = Guid.CreateVersion7(),
                    ClientId = id,
                    Date = Site.Today.AddDays(-day),
                    Exercise = Lifts[day % Lifts.Length],
                    Place = place,
                    LoadKg = 60 - day / 20m,
                    Reps = 5 + day % 4,
                    Rpe = 7 + day % 3,
                    LoggedAt = DateTimeOffset.UtcNow.AddDays(-day).AddMinutes(place),
                }
            );
        await context.SaveChangesAsync();
        return id;
    }

    private IServiceScope Scope()
    {
        IServiceScope scope = site.Services.CreateScope();
        scope.ServiceProvider.GetRequiredService<AccessScope>().Enter(Site.Harbour);
        return scope;
    }

    private static async Task<ClientFile> File(IServiceScope scope, Guid id) =>
        (await scope.ServiceProvider.GetRequiredService<ClientStore>().Find(id, CancellationToken.None))!;

    private static string Text(IReadOnlyList<LogDay> days) =>
        JsonSerializer.Serialize(days.Select(day => new { day.Date, Sets = day.Sets.Select(set => set.ToString()) }));
}
