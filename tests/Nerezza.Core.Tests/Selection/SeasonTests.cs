using Nerezza.Core.Clients;
using Nerezza.Core.Selection;
using Nerezza.Core.Tests.Blocks;

namespace Nerezza.Core.Tests.Selection;

/// <summary>The days about hard sport (docs/handbook/09-composition.md#in-season).</summary>
public sealed class SeasonTests
{
    // A hard practice on Tuesday and Thursday, and what stands on Saturday; the most effort of leg work from Monday to Sunday.
    [Theory]
    [InlineData(Weekday.Sat, "7 10 7 8 6 10 6", "the match is Saturday's")]
    [InlineData(null, "7 8 6 10 6 10 10", "nothing is marked: Thursday is the latest hard day")]
    [InlineData(Weekday.Thu, "7 8 6 10 6 10 10", "Thursday's is marked")]
    [InlineData(Weekday.Tue, "6 10 6 10 10 10 8", "Tuesday's is marked, and comes before Thursday's practice")]
    public void The_match_is_the_day_marked_so(Weekday? marked, string expected, string because)
    {
        List<OtherTraining> week = [Practice(Weekday.Tue), Practice(Weekday.Thu)];
        if (marked is { } day)
        {
            week.RemoveAll(other => other.Day == day);
            week.Add(Practice(day) with { IsMatch = true });
        }
        Client client = PlainCase.With(60, [Weekday.Mon], []).Client with { OtherTraining = week };
        var season = new Season(client);
        Assert.True(season.IsOn);
        string found = string.Join(' ', Enum.GetValues<Weekday>().Select(day => season.MostRpe(day).Value));
        Assert.True(expected == found, $"{because}: {found}");
    }

    [Fact]
    public void A_race_that_is_marked_is_a_match_too()
    {
        Client client = PlainCase.With(60, [Weekday.Mon], []).Client;
        OtherTraining run = new(Weekday.Sun, OtherTrainingKind.Run, 60, true);
        Assert.False(new Season(client with { OtherTraining = [run] }).IsOn);
        Assert.True(new Season(client with { OtherTraining = [run with { IsMatch = true }] }).IsOn);
    }

    private static OtherTraining Practice(Weekday day) => new(day, OtherTrainingKind.Sport, 90, true);
}
