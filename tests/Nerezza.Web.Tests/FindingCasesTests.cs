using System.Text.Json.Nodes;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Tests;

/// <summary>Whole cases with the findings that the handbook asks for, written out by hand with the rule each rests on.</summary>
public sealed class FindingCasesTests
{
    private static readonly JsonArray Written = WrittenCase.Read("findings.json");

    public static TheoryData<int> All => [.. Enumerable.Range(0, Written.Count)];

    [Theory, MemberData(nameof(All))]
    public void A_written_out_case(int number)
    {
        JsonNode written = Written[number]!;
        PlanDocument plan = PlanOf(written["case"]!.DeepClone().AsObject());
        string[] expected = [.. written["findings"]!.AsArray().Select(line => line!.GetValue<string>())];
        Assert.True(
            expected.SequenceEqual(plan.Findings.Select(Line)),
            $"{written["because"]}\nexpected {string.Join(", ", expected)}\nfound    {string.Join(", ", plan.Findings.Select(Line))}"
        );
        Assert.All(plan.Findings, finding => Assert.NotEmpty(finding.Evidence));
    }

    [Fact]
    public void There_are_thirty_and_more_over_all_causes()
    {
        Assert.True(Written.Count >= 30);
        string all = Written.ToJsonString();
        Assert.All(
            new[] { "capacity", "skill", "strength", "pain", "proportion", "refer" },
            cause => Assert.Contains(cause, all, StringComparison.Ordinal)
        );
    }

    [Fact]
    public void The_deckhand_has_ankles_and_no_skill_finding_for_the_lean()
    {
        PlanDocument plan = PlanOfFile("deckhand.json");
        Assert.Equal(["ankle-range capacity - 3 0.95"], plan.Findings.Select(Line));
        Assert.DoesNotContain(plan.Findings, finding => finding.Cause is Core.Findings.Cause.Skill);
    }

    [Fact]
    public void The_masters_lifter_has_an_upper_back() =>
        Assert.Equal(["upper-back-weak strength - 2 0.8"], PlanOfFile("masters-lifter.json").Findings.Select(Line));

    [Fact]
    public void The_crane_driver_is_one_answer_away_from_a_referral()
    {
        PlanDocument plan = PlanOfFile("crane-driver.json");
        Assert.Equal(["pain-flexion pain - 2 0.6"], plan.Findings.Select(Line));
        Assert.Null(plan.Referral);
        JsonObject night = WrittenCase.Shared("crane-driver.json");
        night["client"]!["health"] = JsonNode.Parse("""{ "flags": ["night-pain"] }""");
        PlanDocument stopped = PlanOf(night);
        Assert.Equal(("refer - - 3 0.95", ReferralLevel.Stop), (Line(stopped.Findings[0]), stopped.Referral!.Level));
        Assert.Null(stopped.Block);
        Assert.Empty(stopped.Selection);
    }

    [Fact]
    public void The_body_has_a_row_for_each_squat_with_a_posture_at_its_own_max_or_empty()
    {
        IReadOnlyList<SquatPart> loaded = PlanOfFile("deckhand.json").Body.Squat,
            empty = PlanOf([]).Body.Squat;
        Assert.Equal(loaded.Select(row => row.Exercise).Order(StringComparer.Ordinal), loaded.Select(row => row.Exercise));
        Assert.All(loaded, row => Assert.Equal(row.Reachable, row.LeanDeg is not null && row.DeepestThighDeg == row.ThighDeg));
        Assert.All(loaded, row => Assert.True(row.LoadKg > 0));
        Assert.All(empty, row => Assert.Equal(0, row.LoadKg));
        SquatPart front = loaded.Single(row => row.Exercise == "front-squat"),
            back = loaded.Single(row => row.Exercise == "back-squat-high-bar");
        Assert.Equal((0.83, true), (Math.Round(front.LoadKg / back.LoadKg, 6), front.LeanDeg < back.LeanDeg));
    }

    private static string Line(FindingPart finding)
    {
        string cause = finding.Cause is { } why ? Codes.Of(why) : "-",
            side = finding.Side is { } one ? Codes.Of(one) : "-";
        return FormattableString.Invariant($"{Codes.Of(finding.Code)} {cause} {side} {finding.Severity} {finding.Confidence:0.##}");
    }

    private static PlanDocument PlanOfFile(string file) => PlanOf(WrittenCase.Shared(file));

    private static PlanDocument PlanOf(JsonObject part) => WrittenCase.PlanOf(part);
}
