using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>Every block has a squat, a hinge, and where it trains the whole body a press and a pull, or says which it lacks
/// (docs/handbook/12-weeks-and-blocks.md#split-by-days).</summary>
public sealed class KindOfWorkTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());
    private static readonly ClientCase Case = PlainCase.With(70, [Weekday.Mon, Weekday.Thu], []);

    [Theory]
    [InlineData(BlockFocus.Whole, PainRegion.Other, "squat hinge press pull")]
    [InlineData(BlockFocus.Lower, PainRegion.Other, "squat hinge")]
    [InlineData(BlockFocus.Whole, PainRegion.Knee, "hinge press pull")]
    public void A_kind_of_work_that_no_week_holds_is_named_but_where_pain_takes_it_away(BlockFocus focus, PainRegion hurts, string named)
    {
        PainEntry pain = new() { Region = hurts, ScoreDuring = 4 };
        CheckContext context = ReviewTests.ContextOf(Case with { Pain = [pain] }) with { Focus = focus };
        Block block = Planner.Make(Case).Block!;
        string Missing(Func<Pattern, bool> stays) =>
            string.Join(
                ' ',
                new BlockReviewer(context)
                    .Review(Only(block, stays))
                    .Checks.OfType<Check.PatternMissing>()
                    .Select(check => check.Pattern)
                    .Select(pattern => $"{pattern}".ToLowerInvariant().Replace("horizontal", "", StringComparison.Ordinal))
            );
        Assert.Equal("", Missing(_ => true));
        Assert.Equal(named, Missing(pattern => pattern is Pattern.Calf or Pattern.Trunk or Pattern.Arms));
    }

    private static Block Only(Block block, Func<Pattern, bool> stays) =>
        block with
        {
            Weeks =
            [
                .. block.Weeks.Select(week =>
                    week with
                    {
                        Sessions =
                        [
                            .. week.Sessions.Select(session =>
                                session with
                                {
                                    Items = [.. session.Items.Where(item => stays(ExerciseCatalogue.Shipped[item.Exercise].Pattern))],
                                }
                            ),
                        ],
                    }
                ),
            ],
        };
}
