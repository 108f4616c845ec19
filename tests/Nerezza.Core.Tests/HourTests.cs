using CsCheck;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Tests;

/// <summary>Several lifters at once: who is next, and who lifts when at a bar that they share.</summary>
public sealed class HourTests
{
    private static readonly BarRack Rack = new(
        new Bar("bar", Load.FromKilograms(20), Implement.Barbell),
        Load.Zero,
        new SleeveSums([.. new[] { 25.0, 20, 15, 10, 5, 2.5, 1.25 }.Select(kg => new PlatePairs(Load.FromKilograms(kg), 2, kg >= 20))]),
        BarStart.Raised
    );

    // 140 = 25 + 25 + 10, 60 = 20, 100 = 20 + 20 or 25 + 15, 62.5 = 20 + 1.25; from an empty bar.
    [Theory]
    [InlineData("140 60 142.5 62.5", "", "1 3 2 0")] // up by the small plate, down by it
    [InlineData("60 100 140", "25 25 10", "2 0 1")] // 140 is on and goes first; from 60 to 100 one plate goes on
    [InlineData("60 60 60", "", "0 1 2")] // nothing to win: they stay as they come
    [InlineData("100", "20", "0")]
    public void Those_at_one_bar_come_in_the_order_of_fewest_changes(string totals, string on, string expected)
    {
        BarOrder order = SharedBar.Fewest(Rack, new Sleeve(Kilograms(on)), Kilograms(totals));
        Assert.Equal(expected, string.Join(' ', order.Order));
    }

    [Fact]
    public void No_other_order_of_eight_changes_fewer_plates() =>
        Gen.Select(Gen.Int[0, 60].Array[1, 8], Gen.Int[0, 60], Gen.Shuffle(Enumerable.Range(0, 8).ToArray()).Array[200])
            .Sample(
                (steps, on, shuffles) =>
                {
                    Load[] totals = [.. steps.Select(step => Load.FromKilograms(20 + step * 2.5))];
                    Sleeve now = Rack.FewestPlates(Load.FromKilograms(20 + on * 2.5))[0];
                    BarOrder best = SharedBar.Fewest(Rack, now, totals);
                    Assert.Equal(Enumerable.Range(0, totals.Length), best.Order.Order());
                    Assert.All(
                        best.Order.Zip(best.Sleeves),
                        pair => Assert.Contains(Rack.FewestPlates(totals[pair.First]), way => way.Plates.SequenceEqual(pair.Second.Plates))
                    );
                    Assert.Equal(best.Changes, Changes(now, best.Sleeves));
                    IEnumerable<int[]> others =
                        totals.Length <= 4
                            ? Permutations([.. Enumerable.Range(0, totals.Length)])
                            : shuffles.Select(all => Fitting(all, totals.Length));
                    foreach (int[] other in others)
                        Assert.True(
                            best.Changes <= SharedBar.InTurn(Rack, now, [.. other.Select(i => totals[i])]),
                            string.Join(' ', other)
                        );
                    Assert.True(best.Changes <= SharedBar.InTurn(Rack, now, totals));
                },
                iter: 60
            );

    [Fact]
    public void Eight_is_the_most_that_one_bar_serves() =>
        Assert.Throws<ArgumentException>(() => SharedBar.Fewest(Rack, Sleeve.Empty, [.. Enumerable.Repeat(Load.FromKilograms(60), 9)]));

    // F flagged, L lifting, D done; then seconds of rest that are left.
    [Theory]
    [InlineData("L90 L0 L-30 L10", "2 1 3 0")]
    [InlineData("D0 L90 F120", "2 1 0")]
    [InlineData("L0 L0 L0", "0 1 2")]
    [InlineData("L30.2 L30.4", "0 1")] // within a second they stay where they are
    [InlineData("D0 D-500", "1 0")]
    public void Flags_come_first_then_who_has_waited_longest_and_last_who_is_done(string lifters, string expected) =>
        Assert.Equal(expected, string.Join(' ', WhoIsNext.Of([.. lifters.Split(' ').Select(Lifter)])));

    private static InHour Lifter(string text) =>
        new(
            text[0] switch
            {
                'F' => LifterState.Flagged,
                'L' => LifterState.Lifting,
                _ => LifterState.Done,
            },
            double.Parse(text[1..], System.Globalization.CultureInfo.InvariantCulture)
        );

    private static int Changes(Sleeve on, IReadOnlyList<Sleeve> sleeves) =>
        sleeves.Prepend(on).Zip(sleeves, (before, after) => before.ChangesTo(after)).Sum();

    private static int[] Fitting(int[] all, int count) => [.. all.Where(i => i < count)];

    private static IEnumerable<int[]> Permutations(int[] of) =>
        of.Length == 0
            ?
            [
                [],
            ]
            : of.SelectMany(first => Permutations([.. of.Where(i => i != first)]).Select(rest => (int[])[first, .. rest]));

    private static Load[] Kilograms(string text) =>
        [.. text.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(kg => Load.FromKilograms(Number(kg)))];

    private static double Number(string text) => double.Parse(text, System.Globalization.CultureInfo.InvariantCulture);
}
