using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>How sessions lie over the week (docs/handbook/12-weeks-and-blocks.md), worked out by hand: l lower, u upper, f full; the number
/// is whose turn it is to lead.</summary>
public sealed class WeekLayoutTests
{
    private static readonly DateOnly Monday = new(2026, 11, 30);

    [Theory]
    [InlineData("mon wed fri", "", "", "f0 f1 f0", "two lifts take turns, the first target leads")]
    [InlineData("mon tue thu fri", "", "", "u0 l0 u0 l1", "nothing emphasised: upper before lower, back to back")]
    [InlineData("mon tue thu fri", "gluteus-maximus", "", "l0 u0 l1 u0", "the emphasised half first, back to back")]
    [InlineData("mon tue thu fri", "lats", "", "u0 l0 u0 l1", "an emphasis on the upper body is the same rule")]
    [InlineData(
        "mon tue wed fri sat",
        "gluteus-maximus",
        "",
        "l0 u0 l1 l2 u0",
        "three lower days, two apart at least, on the freshest days"
    )]
    [InlineData(
        "mon tue thu fri",
        "gluteus-maximus",
        "mon",
        "u0 u0 l0 l1",
        "hard sport on Monday keeps lower days off Monday and Tuesday, which costs them their distance"
    )]
    [InlineData("mon wed fri sun", "", "tue", "l0 u0 l1 u0", "the day after hard sport is an upper day")]
    [InlineData(
        "mon tue wed thu fri sat",
        "vasti",
        "",
        "l0 u0 l1 u0 l0 u0",
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
            OtherTraining = hard.Length > 0 ? [new OtherTraining(Codes.Find<Weekday>(hard)!.Value, OtherTrainingKind.Sport, 60, true)] : [],
        };
        IReadOnlyList<SplitDay> week = new DaySplit(
            client,
            new BlockRequest(Monday, BlockKind.Strength, 4, BlockFocus.Whole),
            ExerciseCatalogue.Shipped
        ).LayOut(new EveryWeek());
        Assert.True(
            expected == string.Join(' ', week.Select(day => $"{char.ToLowerInvariant(day.Focus.ToString()[0])}{day.Turn}")),
            $"{because}: {string.Join(' ', week.Select(day => $"{char.ToLowerInvariant(day.Focus.ToString()[0])}{day.Turn}"))}"
        );
    }
}
