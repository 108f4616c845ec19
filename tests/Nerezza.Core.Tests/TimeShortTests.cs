using CsCheck;
using Nerezza.Core.Floor;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests;

/// <summary>What falls away when minutes are short.</summary>
public sealed class TimeShortTests
{
    // M main, S second, A accessory, I isolation, T trunk, C carry, P priming, K skill; a star where it answers a finding; then minutes.
    [Theory]
    [InlineData("M20 S15 A10 A10 I5", 60, "")]
    [InlineData("M20 S15 A10 A10 I5", 55, "4")] // isolation first
    [InlineData("M20 S15 A10 A10 I5", 50, "3")] // the second accessory alone makes the room: isolation comes back
    [InlineData("M20 S15 A10 A10 I5", 45, "3 4")]
    [InlineData("M20 S15 A10 A10* I5", 50, "2")] // what answers a finding stays longer
    [InlineData("M20 S15 A10 A10 I5", 20, "1 2 3 4")]
    [InlineData("M20 S15 A10 A10 I5", 10, "1 2 3 4")] // the lift of the day stays, however short it gets
    [InlineData("P5 K5 M20 T5 C5 I5", 40, "5")]
    [InlineData("P5 K5 M20 T5 C5 I5", 35, "3 5")]
    [InlineData("M0 S15 A10", 15, "2")] // done already
    public void Falls_away_by_purpose_and_comes_back_where_it_fits(string session, double minutes, string expected) =>
        Assert.Equal(expected, string.Join(' ', TimeShort.FallsAway([.. session.Split(' ').Select(Part)], minutes)));

    [Fact]
    public void What_stays_fits_or_nothing_more_may_go_and_nothing_goes_in_vain()
    {
        Gen<PartLeft> part =
            from role in Gen.Enum<Role>()
            from answers in Gen.Bool
            from seconds in Gen.Int[0, 1800]
            select new PartLeft(role, answers, seconds);
        Gen.Select(part.List[1, 9], Gen.Double[0, 120])
            .Sample(
                (parts, minutes) =>
                {
                    IReadOnlyList<int> gone = TimeShort.FallsAway(parts, minutes);
                    double stays = parts.Where((_, i) => !gone.Contains(i)).Sum(one => one.Seconds);
                    Role[] may = [Role.SingleJoint, Role.Trunk, Role.Carry, Role.Accessory, Role.Second];
                    Assert.All(gone, i => Assert.Contains(parts[i].Role, may));
                    bool fits = stays <= minutes * 60;
                    Assert.True(
                        fits || parts.Index().All(one => !may.Contains(one.Item.Role) || one.Item.Seconds == 0 || gone.Contains(one.Index))
                    );
                    Assert.All(gone, i => Assert.True(!fits || stays + parts[i].Seconds > minutes * 60, "it could have stayed"));
                }
            );
    }

    private static PartLeft Part(string text)
    {
        Role role = text[0] switch
        {
            'M' => Role.Main,
            'S' => Role.Second,
            'A' => Role.Accessory,
            'I' => Role.SingleJoint,
            'T' => Role.Trunk,
            'C' => Role.Carry,
            'P' => Role.Priming,
            _ => Role.Skill,
        };
        return new PartLeft(role, text.EndsWith('*'), 60 * double.Parse(text.Trim('*')[1..]));
    }
}
