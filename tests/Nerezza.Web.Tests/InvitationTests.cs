using System.Net;
using Microsoft.AspNetCore.Hosting;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Data;
using Nerezza.Data.Access;
using Nerezza.Formats.Cases;
using Nerezza.Web.Contracts;
using LogSet = Nerezza.Web.Contracts.LogSet;

namespace Nerezza.Web.Tests;

/// <summary>Links that let somebody in: once, for a week, while nobody takes them back; and what a lifter then sees.</summary>
public sealed class InvitationTests : IDisposable
{
    private readonly Site _site = new(settings: builder => builder.UseSetting("NEREZZA_TRIES_A_MINUTE", "100000"));

    public void Dispose() => _site.Dispose();

    [Fact]
    public async Task A_link_works_once()
    {
        Caller owner = await _site.AsHarbour();
        Guid client = await Samples.ClientWithBlock(owner);
        NewInvitation invitation = await SmallPractice.Invited(owner, client);
        await SmallPractice.Join(_site, invitation, "Tess", "tess@example.test");
        await IsDead(SmallPractice.TokenOf(invitation));
    }

    [Fact]
    public async Task Of_two_at_the_same_moment_one_gets_in()
    {
        Caller owner = await _site.AsHarbour();
        NewInvitation invitation = await SmallPractice.Invited(owner, await Samples.ClientWithBlock(owner));
        HttpStatusCode[] answers = await Task.WhenAll(
            Enumerable
                .Range(0, 6)
                .Select(async i =>
                {
                    Caller caller = await Nobody();
                    return (
                        await SmallPractice.Take(caller, SmallPractice.TokenOf(invitation), "Tess", $"tess{i}@example.test")
                    ).StatusCode;
                })
        );
        Assert.Single(answers, HttpStatusCode.NoContent);
        Assert.Equal(5, answers.Count(answer => answer is HttpStatusCode.Gone));
        // Who came too late left no account behind.
        Assert.Equal(3, await _site.Number("SELECT count(*)::int AS \"Value\" FROM \"AspNetUsers\""));
    }

    [Fact]
    public async Task A_link_that_is_old_taken_back_or_replaced_opens_nothing()
    {
        Caller owner = await _site.AsHarbour();
        Guid client = await Samples.ClientWithBlock(owner);
        string replaced = SmallPractice.TokenOf(await SmallPractice.Invited(owner, client));
        NewInvitation second = await SmallPractice.Invited(owner, client);
        await IsDead(replaced);
        await owner.Do(HttpMethod.Delete, $"/api/clients/{client}/invitation/{second.Id}");
        await IsDead(SmallPractice.TokenOf(second));
        string old = SmallPractice.TokenOf(await SmallPractice.Invited(owner, client));
        await _site.Sql("UPDATE invitations SET expires_at = now() - interval '1 second'");
        await IsDead(old);
        await IsDead(new string('0', old.Length));
        await IsDead(old[..^1]);
        Assert.Equal(0, await _site.Number($"SELECT count(*)::int AS \"Value\" FROM invitations WHERE token_hash = '{old}'"));
    }

    [Fact]
    public async Task Another_practice_neither_sees_nor_takes_back_an_invitation()
    {
        Caller owner = await _site.AsHarbour(),
            stranger = await _site.AsHill();
        Guid client = await Samples.ClientWithBlock(owner);
        NewInvitation invitation = await SmallPractice.Invited(owner, client);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await stranger.Send(HttpMethod.Delete, $"/api/practice/invitations/{invitation.Id}")).StatusCode
        );
        Assert.Empty((await stranger.Get<PracticeView>("/api/practice")).Invitations);
        Assert.Single((await owner.Get<PracticeView>("/api/practice")).Invitations);
    }

    [Fact]
    public async Task Guessing_links_is_slowed_down()
    {
        using var site = new Site();
        Caller guesser = site.AsNobody();
        await guesser.RefreshToken();
        List<HttpStatusCode> answers = [];
        for (int i = 0; i < 21; i++)
            answers.Add(
                (await guesser.Send(HttpMethod.Post, "/api/invitations/look", new InvitationToken { Token = $"{i:D64}" })).StatusCode
            );
        Assert.Equal((HttpStatusCode.Gone, HttpStatusCode.TooManyRequests), (answers[0], answers[^1]));
    }

    [Fact]
    public async Task A_person_in_two_practices_chooses_and_sees_one_at_a_time()
    {
        Caller harbour = await _site.AsHarbour(),
            hill = await _site.AsHill();
        Guid there = await Samples.ClientWithBlock(hill);
        await SmallPractice.Colleague(_site, harbour, "Ines");
        NewInvitation second = await SmallPractice.Invited(hill, there);
        Caller ines = await SmallPractice.Join(_site, second, "Ines", "ines@example.test");
        Assert.Equal(PracticeRole.Lifter, (await ines.Get<Me>("/api/session")).Practice!.Role);
        Caller anew = await _site.SignedIn("ines@example.test");
        Me me = await anew.Get<Me>("/api/session");
        Assert.Null(me.Practice);
        Assert.Equal(2, me.Practices.Count);
        Assert.Equal(HttpStatusCode.Forbidden, (await anew.Send(HttpMethod.Get, "/api/clients?today=2026-11-30")).StatusCode);
        await anew.Do(HttpMethod.Put, "/api/session/practice", new ChoosePractice { Practice = Site.Harbour.ToString() });
        await anew.RefreshToken();
        Assert.Equal(PracticeRole.Coach, (await anew.Get<Me>("/api/session")).Practice!.Role);
        Assert.Equal(HttpStatusCode.NotFound, (await anew.Send(HttpMethod.Get, $"/api/clients/{there}/ahead?date=2026-11-30")).StatusCode);
        HttpResponseMessage foreign = await anew.Send(
            HttpMethod.Put,
            "/api/session/practice",
            new ChoosePractice { Practice = Guid.NewGuid().ToString() }
        );
        Assert.Equal(HttpStatusCode.NotFound, foreign.StatusCode);
    }

    [Fact]
    public async Task A_lifter_logs_what_the_coach_sees_and_is_told_of_no_finding_that_is_not_accepted()
    {
        Caller owner = await _site.AsHarbour();
        Guid client = await Samples.ClientWithBlock(owner);
        Caller lifter = await SmallPractice.LifterOf(_site, owner, client, "tess@example.test");
        FloorView coachs = await Samples.Floor(owner, client, Samples.Start),
            lifters = await Samples.Floor(lifter, client, Samples.Start);
        FloorItem answers = coachs.Items.First(item => item.Answers);
        Assert.Equal("", lifters.Items.Single(item => item.Exercise == answers.Exercise).Because);
        Assert.All(lifters.Items, item => Assert.False(item.Answers));
        // Both log at once; neither loses anything.
        LogSet one = Samples.Set(answers.Exercise),
            two = Samples.Set(answers.Exercise, place: 1);
        await Task.WhenAll(
            lifter.Do(HttpMethod.Post, $"/api/clients/{client}/sets", one),
            owner.Do(HttpMethod.Post, $"/api/clients/{client}/sets", two)
        );
        AheadView ahead = await lifter.Get<AheadView>($"/api/clients/{client}/ahead?date={Samples.Start:yyyy-MM-dd}");
        Assert.Equal(2, ahead.Done.Single().Lines.Single().Sets.Count);
        Assert.Equal(Samples.Start, ahead.Ahead[0].Date);
        Assert.True(ahead.Ahead.Count >= 10);
        FindingsView findings = await owner.Get<FindingsView>($"/api/clients/{client}/findings");
        foreach (FindingLine finding in findings.Findings.Where(finding => finding.Code is not FindingCode.Refer))
            await owner.Do(
                HttpMethod.Put,
                $"/api/clients/{client}/findings/{Codes.Of(finding.Code)}/{Codes.Of(finding.Cause!.Value)}",
                new DecideFinding { Verdict = Verdict.Accepted }
            );
        lifters = await Samples.Floor(lifter, client, Samples.Start);
        Assert.NotEqual("", lifters.Items.Single(item => item.Exercise == answers.Exercise).Because);
    }

    [Fact]
    public async Task A_lifters_yes_counts_at_once_a_note_arrives_once_and_the_morning_is_written_down()
    {
        Caller owner = await _site.AsHarbour();
        Guid client = await Samples.Client(
            owner,
            Samples.Deckhand with
            {
                Pain =
                [
                    new PainSection
                    {
                        Region = PainRegion.Knee,
                        ScoreDuring = 2,
                        UsualScore = 1,
                    },
                ],
            }
        );
        await owner.Do(HttpMethod.Post, $"/api/clients/{client}/plans", Samples.Block);
        Caller lifter = await SmallPractice.LifterOf(_site, owner, client, "tess@example.test");
        WriteNote note = new() { Id = Guid.CreateVersion7().ToString(), Text = "Travelling on Thursday" };
        await lifter.Do(HttpMethod.Post, $"/api/clients/{client}/notes", note);
        await lifter.Do(HttpMethod.Post, $"/api/clients/{client}/notes", note);
        Assert.Equal(note.Text, (await owner.Get<SharingView>($"/api/clients/{client}/sharing")).Notes.Single().Text);
        AnswerOwn answer = new()
        {
            Yes = [],
            Morning = [new MorningScore { Region = PainRegion.Knee, Score = 4 }],
            Date = Samples.Start,
        };
        await lifter.Do(HttpMethod.Put, $"/api/clients/{client}/answers", answer);
        HealthView health = await owner.Get<HealthView>($"/api/clients/{client}/health");
        Assert.Equal(4, health.Pain.Single().ScoreNextMorning);
        await lifter.Do(HttpMethod.Put, $"/api/clients/{client}/answers", answer with { Yes = [HealthFlag.ChestPain], Morning = [] });
        Assert.NotNull((await Samples.Floor(lifter, client, Samples.Start)).Stop);
        AheadView ahead = await lifter.Get<AheadView>($"/api/clients/{client}/ahead?date={Samples.Start:yyyy-MM-dd}");
        Assert.Empty(ahead.Ahead);
        // Taking a yes back is the coach's: no answer of a lifter does it.
        await lifter.Do(HttpMethod.Put, $"/api/clients/{client}/answers", answer);
        Assert.NotNull((await Samples.Floor(lifter, client, Samples.Start)).Stop);
    }

    [Fact]
    public async Task Under_sixteen_a_guardian_agrees_first()
    {
        Caller owner = await _site.AsHarbour();
        CaseDocument young = Samples.Deckhand;
        young = young with { Client = young.Client with { BirthYear = Site.Today.Year - 15, GuardianConsent = false } };
        Guid client = await Samples.Client(owner, young);
        Assert.True((await owner.Get<SharingView>($"/api/clients/{client}/sharing")).WantsConsent);
        Assert.Equal(HttpStatusCode.Conflict, (await owner.Send(HttpMethod.Post, $"/api/clients/{client}/invitation", new { })).StatusCode);
        IntakeView intake = await owner.Get<IntakeView>($"/api/clients/{client}/intake");
        await owner.Do(
            HttpMethod.Put,
            $"/api/clients/{client}/facts",
            new SaveFacts
            {
                Facts = intake.Facts with { GuardianConsent = true },
                Schools = intake.Schools,
                Version = intake.FactsVersion,
            }
        );
        await SmallPractice.LifterOf(_site, owner, client, "young@example.test");
    }

    private async Task<Caller> Nobody()
    {
        Caller caller = _site.AsNobody();
        await caller.RefreshToken();
        return caller;
    }

    private async Task IsDead(string token)
    {
        Caller caller = await Nobody();
        HttpResponseMessage look = await caller.Send(HttpMethod.Post, "/api/invitations/look", new InvitationToken { Token = token });
        HttpResponseMessage take = await SmallPractice.Take(caller, token, "Mallory", "mallory@example.test");
        Assert.Equal((HttpStatusCode.Gone, HttpStatusCode.Gone), (look.StatusCode, take.StatusCode));
    }
}
