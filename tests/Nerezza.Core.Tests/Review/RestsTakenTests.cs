using System.Globalization;
using Nerezza.Core.Review;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Review;

/// <summary>How long was rested, from the times of sets (docs/handbook/14-review.md).</summary>
public sealed class RestsTakenTests
{
    private static readonly StoodItem Squat = Told.Planned("back-squat-high-bar", Role.Main, 5, 8, 3);

    [Theory]
    [InlineData("0 184 368", "2 of 2")] // 20 s under tension, 164 of 180 s of rest
    [InlineData("0 120 400", "1 of 2")] // 100 s were too few
    [InlineData("0 25 209", "1 of 1")] // typed in at once: no rest
    [InlineData("0 2000 2200", "1 of 1")] // broken off
    [InlineData("0 200 b250 400", "1 of 1")] // something else between
    public void Rest_is_timed_from_set_to_set_less_the_time_under_tension(string seconds, string kept)
    {
        StoodItem squat = Squat with { RestSeconds = 180 };
        List<SetTime> times = [];
        foreach (string at in seconds.Split(' '))
            times.Add(
                at[0] == 'b'
                    ? new SetTime(Told.Monday, "cable-row", 0, At(at[1..]), 10, null)
                    : new SetTime(Told.Monday, squat.Exercise, times.Count(one => one.Exercise == squat.Exercise), At(at), 5, null)
            );
        ReviewInput input = Told.Input(Told.Case(Told.Squats(0, 100, 8)), 1, Told.Block(1, 0, squat)) with { Times = times };
        IReadOnlyList<RestTaken> rests = Told.Reviewer.Of(input).Weeks[^1].Rests;
        Assert.Equal(kept, $"{rests.Count(rest => rest.IsKept)} of {rests.Count}");
        ReviewInput mixed = input with { Times = [.. times.AsEnumerable().Reverse()] };
        Assert.Equal(rests, Told.Reviewer.Of(mixed).Weeks[^1].Rests);
        static TimeSpan At(string seconds) => TimeSpan.FromSeconds(int.Parse(seconds, CultureInfo.InvariantCulture));
    }
}
