using System.Net;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>The choice of exercises over the wire: seen, tried, changed, taken back.</summary>
public sealed class ExerciseTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task A_swap_is_previewed_before_it_is_taken_and_makes_the_plan_out_of_date()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        ExercisesView view = await View(caller, id);
        ChosenLine old = view.Chosen.First(line => line.Role is Role.Accessory);
        RankedLine next = view.Others.First(line => line.Face.Pattern == old.Face.Pattern);
        SavePicks swap = new()
        {
            Picks =
            [
                new PickLine { Exercise = old.Face.Exercise, Kind = PickKind.Banned },
                new PickLine { Exercise = next.Face.Exercise, Kind = PickKind.Accessory },
            ],
            Version = view.Version,
        };

        EffectView effect = await caller.Ask<EffectView>(
            HttpMethod.Post,
            $"/api/clients/{id}/exercises/preview",
            new TryPicks { Picks = swap.Picks }
        );
        Assert.Contains(next.Face.Name, effect.In);
        Assert.Contains(old.Face.Name, effect.Out);
        Assert.Equal(view.Chosen.Select(line => line.Face.Exercise), (await View(caller, id)).Chosen.Select(line => line.Face.Exercise));
        Assert.False((await caller.Get<BlockView>($"/api/clients/{id}/block")).OutOfDate);

        await caller.Do(HttpMethod.Put, $"/api/clients/{id}/picks", swap);
        ExercisesView after = await View(caller, id);
        Assert.True(after.Chosen.Single(line => line.Face.Exercise == next.Face.Exercise).IsPicked);
        Assert.Contains(after.Passed, passed => passed.Exercise == old.Face.Exercise);
        Assert.True((await caller.Get<BlockView>($"/api/clients/{id}/block")).OutOfDate);

        await caller.Do(HttpMethod.Put, $"/api/clients/{id}/picks", new SavePicks { Picks = [], Version = after.Version });
        Assert.Equal(view.Chosen.Select(line => line.Face.Exercise), (await View(caller, id)).Chosen.Select(line => line.Face.Exercise));
        Assert.False((await caller.Get<BlockView>($"/api/clients/{id}/block")).OutOfDate);
    }

    [Fact]
    public async Task What_is_logged_in_a_block_moves_its_loads_and_never_its_exercises()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        string[] before = await Prescribed(caller, id);
        foreach (string exercise in before.Distinct())
            for (int place = 0; place < 3; place++)
                await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set(exercise, kg: 20, reps: 15, rpe: 7, place: place));
        Assert.Equal(before, await Prescribed(caller, id));
    }

    [Fact]
    public async Task Another_school_says_what_it_would_choose_instead_and_an_unknown_one_is_not_found()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        SchoolView muscles = await caller.Get<SchoolView>($"/api/clients/{id}/exercises/schools/muscles");
        Assert.Equal((AccessorySchool.Muscles, false), (muscles.School, string.IsNullOrEmpty(muscles.Favours)));
        Assert.Empty(muscles.OnlyNow.Intersect(muscles.OnlyThere));
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await caller.Send(HttpMethod.Get, $"/api/clients/{id}/exercises/schools/none", null)).StatusCode
        );
    }

    [Fact]
    public async Task The_catalogue_stands_on_its_own_and_a_pick_of_what_does_not_exist_is_refused()
    {
        Caller caller = await site.AsHarbour();
        List<ExerciseFace> all = await caller.Get<List<ExerciseFace>>("/api/catalogue/faces");
        Assert.True(all.Count >= 150);
        Assert.Equal("deadlift, rung 5 of 7", all.Single(face => face.Exercise == "double-kettlebell-deadlift").Ladder);
        Guid id = await Samples.ClientWithBlock(caller);
        HttpResponseMessage refused = await caller.Send(
            HttpMethod.Put,
            $"/api/clients/{id}/picks",
            new { picks = new[] { new { exercise = "front-squad", kind = "main" } } }
        );
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("front-squat", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Substitutes_carry_loads_of_their_own_and_take_over_only_what_is_left()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        ChosenLine main = (await View(caller, id)).Chosen.First(line => line.Role is Role.Main);
        Assert.All(main.Substitutes, other => Assert.True(other.Sets > 0 && other.Reps > 0 && other.Kg is null or > 0));
        FloorItem planned = await Item(caller, id);
        FloorItem other = planned.Substitutes.First(one => one.Sets[0].Side is null && one.Sets[0].Kg is not null);
        Assert.Equal(planned.Sets.Count, other.Sets.Count);
        Assert.NotEqual(planned.Sets[0].Kg, other.Sets[0].Kg);

        await caller.Do(
            HttpMethod.Post,
            $"/api/clients/{id}/sets",
            Samples.Set(planned.Exercise, kg: planned.Sets[0].Kg!.Value, reps: 5, rpe: 7)
        );
        Assert.Equal(planned.Sets.Count - 1, (await Item(caller, id)).Substitutes.First(one => one.Exercise == other.Exercise).Sets.Count);
    }

    private static async Task<FloorItem> Item(Caller caller, Guid id) =>
        (await caller.Get<FloorView>($"/api/clients/{id}/floor?date=2026-11-30")).Items.First(item => item.Role is Role.Main);

    private static Task<ExercisesView> View(Caller caller, Guid id) => caller.Get<ExercisesView>($"/api/clients/{id}/exercises");

    private static async Task<string[]> Prescribed(Caller caller, Guid id) =>
        [
            .. (await caller.Get<BlockView>($"/api/clients/{id}/block"))
                .Plan.Block!.Weeks.SelectMany(week => week.Sessions)
                .SelectMany(session => session.Items)
                .Select(item => item.Exercise),
        ];
}
