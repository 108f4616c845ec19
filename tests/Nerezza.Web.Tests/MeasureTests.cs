using Nerezza.Core.Findings;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;
using Nerezza.Formats.Cases;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Tests;

/// <summary>What evidence was measured by is a closed union: the compiler does not see a member that the formats cannot name or that no
/// view leads to, so that each stands here.</summary>
public sealed class MeasureTests
{
    private static readonly (Measure Measure, string Path, EvidenceSource Source)[] All =
    [
        (new Measure.Tested(ScreenTest.KneeToWall, Core.Clients.Side.Left), "screen.kneeToWallCm.left", EvidenceSource.Screen),
        (new Measure.Fault(2, FaultCode.PelvisTucks, FaultPart.FromPercent), "faults[2].fromPercent", EvidenceSource.Screen),
        (new Measure.MaxRatio("front-squat", "back-squat-high-bar"), "strength: front-squat / back-squat-high-bar", EvidenceSource.Intake),
        (new Measure.LimbSymmetry("split-squat"), "strength: split-squat, limb symmetry", EvidenceSource.Intake),
        (new Measure.Pain(0, PainPart.ScoreNextMorning), "pain[0].scoreNextMorning", EvidenceSource.Health),
        (new Measure.Answered(new HealthReason.NerveSigns(1)), "pain[1].nerveSigns", EvidenceSource.Health),
        (new Measure.CoachWord(), "coach", EvidenceSource.Coach),
    ];

    [Fact]
    public void Every_member_has_a_path_in_the_formats_and_a_place_where_it_was_entered()
    {
        Assert.All(All, one => Assert.Equal((one.Path, one.Source), (CasePath.Of(one.Measure), EvidenceViews.SourceOf(one.Measure))));
        Assert.Equal(
            typeof(Measure).GetNestedTypes().Where(type => type.IsSubclassOf(typeof(Measure))).Select(type => type.Name).Order(),
            All.Select(one => one.Measure.GetType().Name).Order()
        );
    }
}
