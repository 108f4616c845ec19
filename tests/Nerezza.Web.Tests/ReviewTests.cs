using System.Net;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Review;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>The review of a client over the API: what was done against planned, what waits, and answers that act and can be taken
/// back.</summary>
public sealed class ReviewTests(Site site) : IClassFixture<Site>
{
    private static readonly DateOnly Start = Samples.Start;

    [Fact]
    public async Task A_review_holds_the_log_against_the_block_and_findings_against_their_screens()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        SessionPart first = (await Samples.BlockOn(coach, id)).Plan.Block!.Weeks[0].Sessions[0];
        ItemPart lift = first.Items.First(item => item.Sets[0].Kg > 0);
        for (int place = 0; place < lift.Sets.Count; place++)
            await coach.Do(
                HttpMethod.Post,
                $"/api/clients/{id}/sets",
                Samples.Set(lift.Exercise, lift.Sets[place].Kg!.Value, lift.Sets[place].Reps!.Value, 8, place, first.Date)
            );
        ReviewView review = await Of(coach, id, Start.AddDays(6));
        WeekLine week = review.Weeks[^1];
        Assert.Equal((Start, lift.Sets.Count), (week.Monday, week.SetsDone));
        Assert.Equal(lift.Sets.Sum(set => set.Kg!.Value * set.Reps!.Value), week.Tonnage, 3);
        Assert.Equal(lift.Sets.Count(set => set.Rpe is not null), review.Effort.Count);
        Assert.Contains(week.Sessions, session => session.Fate is SessionFate.Missed);
        FindingCourseLine ankle = review.Findings.Single(one => one.Code is FindingCode.AnkleRange);
        Assert.Equal((Course.NotMeasuredSince, true), (ankle.Course, ankle.IsOpen));
        Assert.Contains("not measured since", review.WeakPoint, StringComparison.Ordinal);
        Assert.Contains(review.Lifts, one => one.IsMain && one.Points.Count > 0);
        Assert.StartsWith("This week:", review.Message, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Findings_are_accepted_by_one_answer_and_it_is_taken_back()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        WaitingLine asked = Find(await Of(coach, id, Start), "findings/");
        Assert.True(asked.Does);
        await Answer(coach, id, asked.Key);
        Assert.All(
            (await coach.Get<FindingsView>($"/api/clients/{id}/findings")).Findings,
            one => Assert.Equal(Verdict.Accepted, one.Verdict)
        );
        ReviewView after = await Of(coach, id, Start);
        Assert.DoesNotContain(after.Waiting, one => one.Key == asked.Key);
        Assert.Equal(asked.Key, after.Answered[0].Key);
        // A second device answers the same: it is answered.
        await Answer(coach, id, asked.Key);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/decisions/undo", new TakeBackAnswer { Key = asked.Key });
        Assert.All((await coach.Get<FindingsView>($"/api/clients/{id}/findings")).Findings, one => Assert.Null(one.Verdict));
        Find(await Of(coach, id, Start), "findings/");
    }

    [Fact]
    public async Task A_missed_session_and_a_changed_fact_make_versions_and_undo_goes_back()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        BlockView made = await Samples.BlockOn(coach, id);
        DateOnly missed = made.Plan.Block!.Weeks[0].Sessions[0].Date;
        WaitingLine move = Find(await Of(coach, id, missed.AddDays(1)), $"missed/{missed:yyyy-MM-dd}");
        await Answer(coach, id, move.Key, missed.AddDays(1));
        BlockView moved = await Samples.BlockOn(coach, id);
        Assert.Equal(made.Number + 1, moved.Number);
        Assert.Equal(EditKind.Missed, moved.Edits.Single().Kind);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/decisions/undo", new TakeBackAnswer { Key = move.Key });
        BlockView back = await Samples.BlockOn(coach, id);
        Assert.Empty(back.Edits);
        Assert.Equal(made.Number + 2, back.Number);
        // A newer screen than the one that came with the client, which is of the day that the test runs on: the plan rests on older answers
        // until one key plans again.
        DateOnly today = DateOnly.FromDateTime(DateTime.UtcNow);
        DateOnly newer = (today > Start ? today : Start).AddDays(2);
        await coach.Do(HttpMethod.Put, $"/api/clients/{id}/screens/{newer:yyyy-MM-dd}", Samples.Screen);
        WaitingLine again = Find(await Of(coach, id, Start), "out-of-date/");
        await Answer(coach, id, again.Key);
        Assert.False((await Samples.BlockOn(coach, id)).OutOfDate);
    }

    [Fact]
    public async Task What_is_put_off_comes_back_on_its_day_and_what_is_done_elsewhere_cannot_be_ticked_off()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        DateOnly end = Start.AddDays(25);
        WaitingLine ends = Find(await Of(coach, id, end), "block-ends/");
        WaitingLine test = Find(await Of(coach, id, Start.AddDays(45)), "retest/");
        Assert.False(test.Does);
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(coach, id, test.Key, Start.AddDays(45), null)).StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(coach, id, ends.Key, end, end)).StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await Send(coach, id, ends.Key, end, end.AddDays(2))).StatusCode);
        Assert.DoesNotContain((await Of(coach, id, end.AddDays(1))).Waiting, one => one.Key == ends.Key);
        Find(await Of(coach, id, end.AddDays(2)), "block-ends/");
        NextBlockView next = await coach.Get<NextBlockView>($"/api/clients/{id}/review/next-block?on={end:yyyy-MM-dd}");
        Assert.Contains(next.Turns, turn => turn.Turn is NextTurn.Keep);
        Assert.All(next.Turns, turn => Assert.NotEmpty(turn.Because));
    }

    [Fact]
    public async Task The_next_block_is_made_by_one_answer_and_taken_back_until_something_was_built_on_it()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        DateOnly end = Start.AddDays(25);
        BlockView running = await Samples.BlockOn(coach, id);
        WaitingLine ends = Find(await Of(coach, id, end), "block-ends/");
        NextBlockView shown = await coach.Get<NextBlockView>($"/api/clients/{id}/review/next-block?on={end:yyyy-MM-dd}");
        await Answer(coach, id, ends.Key, end);
        BlockView next = await BlockOn(coach, id, Start.AddDays(28));
        Assert.Equal((running.Number + 1, Start.AddDays(28)), (next.Number, next.Plan.Block!.Start));
        string[] stands = [.. next.Plan.Selection.Select(one => ExerciseCatalogue.Shipped[one.Exercise].Name)];
        Assert.All(shown.Turns.Where(turn => turn.Turn is NextTurn.Keep), turn => Assert.Contains(turn.Exercise, stands));
        Assert.DoesNotContain((await Of(coach, id, end)).Waiting, one => one.Key == ends.Key);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/decisions/undo", new TakeBackAnswer { Key = ends.Key });
        Assert.Equal(running.Number, (await BlockOn(coach, id, Start.AddDays(28))).Number);
        Assert.DoesNotContain(
            await coach.Get<IReadOnlyList<VersionLine>>($"/api/clients/{id}/block/versions"),
            version => version.Number == next.Number
        );
        Find(await Of(coach, id, end), "block-ends/");
        // Made again, and a set is logged in it: it stays.
        await Answer(coach, id, ends.Key, end);
        next = await BlockOn(coach, id, Start.AddDays(28));
        Assert.Equal(running.Number + 2, next.Number);
        SessionPart first = next.Plan.Block!.Weeks[0].Sessions[0];
        ItemPart lift = first.Items.First(item => item.Sets[0].Kg > 0);
        await coach.Do(
            HttpMethod.Post,
            $"/api/clients/{id}/sets",
            Samples.Set(lift.Exercise, lift.Sets[0].Kg!.Value, lift.Sets[0].Reps!.Value, 8, 0, first.Date)
        );
        HttpResponseMessage refused = await coach.Send(
            HttpMethod.Post,
            $"/api/clients/{id}/decisions/undo",
            new TakeBackAnswer { Key = ends.Key }
        );
        Assert.Equal(HttpStatusCode.Conflict, refused.StatusCode);
        Assert.Equal(next.Number, (await BlockOn(coach, id, Start.AddDays(28))).Number);
    }

    [Fact]
    public async Task A_stop_leaves_one_question()
    {
        Caller coach = await site.AsHarbour();
        CaseDocument ill = Samples.Deckhand with
        {
            Client = Samples.Deckhand.Client with { Health = new HealthSection { Flags = [Core.Clients.HealthFlag.Fever] } },
        };
        Guid id = await Samples.Client(coach, ill);
        ReviewView review = await Of(coach, id, Start);
        Assert.Equal("clearance/Stop", Assert.Single(review.Waiting).Key);
        Assert.Equal(HttpStatusCode.Locked, (await coach.Send(HttpMethod.Get, $"/api/clients/{id}/review/next-block")).StatusCode);
    }

    private static Task<ReviewView> Of(Caller coach, Guid id, DateOnly on) =>
        coach.Get<ReviewView>($"/api/clients/{id}/review?on={on:yyyy-MM-dd}");

    private static Task<BlockView> BlockOn(Caller coach, Guid id, DateOnly on) =>
        coach.Get<BlockView>($"/api/clients/{id}/block?on={on:yyyy-MM-dd}");

    private static WaitingLine Find(ReviewView review, string key) =>
        Assert.Single(review.Waiting, one => one.Key.StartsWith(key, StringComparison.Ordinal));

    private static Task<string> Answer(Caller coach, Guid id, string key, DateOnly? on = null) =>
        coach.Do(HttpMethod.Put, $"/api/clients/{id}/decisions?on={on ?? Start:yyyy-MM-dd}", new AnswerWaiting { Key = key });

    private static Task<HttpResponseMessage> Send(Caller coach, Guid id, string key, DateOnly on, DateOnly? until) =>
        coach.Send(HttpMethod.Put, $"/api/clients/{id}/decisions?on={on:yyyy-MM-dd}", new AnswerWaiting { Key = key, Until = until });
}
