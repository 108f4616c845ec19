using CsCheck;
using Nerezza.Core.Blocks;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>Which of a client's plans stand, which is in force on a day, and what a new one would do to them
/// (docs/decisions/0013-which-block-is-in-force.md).</summary>
public sealed class PlanSpanTests
{
    private static readonly DateOnly First = new(2026, 11, 2);

    private static readonly Gen<PlanSpan[]> Histories = Gen.Select(Gen.Int[0, 12], Gen.Int[0, 6])
        .Array[0, 12]
        .Select(plans => plans.Select((plan, i) => Span(i + 1, plan.Item1, plan.Item2)).ToArray());

    private static PlanSpan Span(int number, int week, int weeks) =>
        new(number, First.AddDays(7 * week), PlanSpan.LastDay(First.AddDays(7 * week), weeks));

    [Fact]
    public void A_plan_stands_as_long_as_no_later_one_covers_its_first_day() =>
        Histories.Sample(versions =>
        {
            IEnumerable<PlanSpan> standing = versions
                .Where(plan =>
                    !versions.Any(later => later.Number > plan.Number && later.Starts <= plan.Starts && plan.Starts <= later.Ends)
                )
                .OrderBy(plan => plan.Starts);
            Assert.Equal(standing, PlanSpan.Standing(versions));
        });

    [Theory]
    [InlineData(-1, 1, "the first to come")]
    [InlineData(0, 1, "its first day")]
    [InlineData(27, 1, "its last day")]
    [InlineData(30, 1, "over, and none has begun since")]
    [InlineData(35, 2, "the next has begun")]
    [InlineData(400, 2, "the last of all")]
    public void The_last_that_has_begun_is_in_force(int after, int number, string because)
    {
        PlanSpan[] standing = [Span(1, 0, 4), Span(2, 5, 4)];
        Assert.True(number == PlanSpan.InForce(standing, First.AddDays(after))!.Number, because);
        Assert.Equal(number == 1 ? [1, 2] : [2], PlanSpan.Ahead(standing, First.AddDays(after)).Select(plan => plan.Number));
    }

    [Fact]
    public void Without_a_plan_none_is_in_force()
    {
        Assert.Null(PlanSpan.InForce([], First));
        Assert.Empty(PlanSpan.Ahead([], First));
    }

    [Fact]
    public void What_a_new_plan_is_said_to_do_it_does() =>
        Gen.Select(Histories, Gen.Int[0, 12], Gen.Int[1, 6], Gen.Int[0, 100])
            .Sample(
                (versions, week, weeks, after) =>
                {
                    DateOnly today = First.AddDays(after);
                    IReadOnlyList<PlanSpan> before = PlanSpan.Standing(versions);
                    PlanSpan made = Span(versions.Length + 1, week, weeks);
                    PlanPlace place = PlanPlace.Of(made.Starts, made.Ends, before, today);
                    IReadOnlyList<PlanSpan> standing = PlanSpan.Standing([.. versions, made]);
                    Assert.Equal(before.Except(standing).Where(plan => plan.Ends >= today), place.Replaces);
                    PlanSpan? runsInto = standing.TakeWhile(plan => plan != made).LastOrDefault();
                    bool isShorter = runsInto is not null && runsInto.Ends >= made.Starts && runsInto.Ends >= today;
                    Assert.Equal(isShorter ? runsInto : null, place.Shortens);
                }
            );
}
