using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>How sessions lie over the week (docs/handbook/12-weeks-and-blocks.md), worked out by hand: l lower, u upper, f full; then what
/// leads: s squat, h hinge, n neither.</summary>
public sealed class WeekLayoutTests
{
    private static readonly DateOnly Monday = new(2026, 11, 30);

    [Theory]
    [InlineData("mon wed fri", "", "", "fs fh fs", "two lifts take turns, the first target leads")]
    [InlineData("mon tue thu fri", "", "", "un ls un lh", "nothing emphasised: upper before lower, back to back")]
    [InlineData("mon tue thu fri", "gluteus-maximus", "", "ls un ln un", "the emphasised half first, back to back")]
    [InlineData("mon tue thu fri", "lats", "", "un ls un lh", "an emphasis on the upper body is the same rule")]
    [InlineData(
        "mon tue wed fri sat",
        "gluteus-maximus",
        "",
        "ls un ln lh un",
        "three lower days, two apart at least, on the freshest days"
    )]
    [InlineData(
        "mon tue thu fri",
        "gluteus-maximus",
        "mon",
        "ln un ls un",
        "hard sport on Monday keeps the squat off Monday and Tuesday; a thrust loads no spine"
    )]
    [InlineData("mon wed fri sun", "", "tue", "un un ls lh", "the eve of hard sport and the day after it are upper days")]
    [InlineData("mon tue thu sat", "", "wed sun!", "un ls lh un", "the match's morrow and eve are upper days; of two clashes the lesser")]
    [InlineData("tue wed fri sat", "", "sun!", "un ls lh un", "the eve of a match is an upper day, although upper comes before lower")]
    [InlineData(
        "mon tue wed thu fri sat",
        "vasti",
        "",
        "ls un ls un ls un",
        "six days: lower every second day, the rest day before Monday"
    )]
    public void Sessions_lie_as_the_week_asks(string days, string emphasis, string hard, string expected, string because)
    {
        var client = new Client
        {
            Name = "x",
            HeightCm = 175,
            MassKg = 80,
            Level = Level.Intermediate,
            Emphasis = emphasis.Length > 0 ? [Codes.Find<Muscle>(emphasis)!.Value] : [],
            Days = [.. days.Split(' ').Select(day => new TrainingDay(Codes.Find<Weekday>(day)!.Value, 60))],
            OtherTraining = [.. hard.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(Sport)],
        };
        IReadOnlyList<SplitDay> week = new DaySplit(
            client,
            new BlockRequest(Monday, BlockKind.Strength, 4, BlockFocus.Whole),
            ExerciseCatalogue.Shipped,
            null
        ).LayOut(new EveryWeek());
        Assert.True(
            expected == string.Join(' ', week.Select(day => $"{char.ToLowerInvariant(day.Focus.ToString()[0])}{LeadOf(day)}")),
            $"{because}: {string.Join(' ', week.Select(day => $"{char.ToLowerInvariant(day.Focus.ToString()[0])}{LeadOf(day)}"))}"
        );
    }

    /// <summary>Hard sport on a day; a match where it has a mark.</summary>
    private static OtherTraining Sport(string day) =>
        new(Codes.Find<Weekday>(day.TrimEnd('!'))!.Value, OtherTrainingKind.Sport, 60, true) { IsMatch = day.EndsWith('!') };

    /// <summary>The pattern that leads: squat, hinge, or none of both.</summary>
    private static char LeadOf(SplitDay day) => char.ToLowerInvariant(day.Lead.ToString()[0]);
}
