using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening;
using Nerezza.Core.Tests.Blocks;

namespace Nerezza.Core.Tests;

/// <summary>The one cue is for the fault that this client shows in this lift (docs/handbook/05-faults.md#the-one-cue).</summary>
public sealed class FaultCueTests
{
    [Fact]
    public void Every_fault_has_a_cue_and_an_aid() =>
        Assert.All(
            Enum.GetValues<FaultCode>(),
            fault => Assert.True(FaultCue.Of(fault) is { Cue.Length: > 3, Aid.Length: > 3 }, fault.ToString())
        );

    [Theory]
    [InlineData(FaultCode.ExcessLean, "back-squat-high-bar", null, "wedge, or the bar in front")]
    [InlineData(FaultCode.ExcessLean, "heels-raised-back-squat", 2.5, "the bar in front")]
    [InlineData(FaultCode.UpperBackFolds, "safety-bar-squat", null, null)]
    public void An_aid_leaves_out_what_the_set_up_holds(FaultCode fault, string exercise, double? heelCm, string? aid) =>
        Assert.Equal(aid, FaultCue.Of(fault)!.AidFor(ExerciseCatalogue.Shipped[exercise], new SetUp(null, null, heelCm, null)));

    [Theory]
    [InlineData(FaultCode.HipsShootUp, "Push the bar up with the back, all the way", "pause of 2 s two thirds down")]
    [InlineData(FaultCode.KneesCave, "Spread the floor apart", "light band round the knees")]
    public void It_stands_first_on_the_lift_with_its_aid_and_nowhere_else(FaultCode fault, string cue, string aid)
    {
        ClientCase plain = PlainCase.With(75, [Weekday.Mon, Weekday.Wed, Weekday.Fri], []);
        ClientCase @case = plain with
        {
            Faults =
            [
                new LiftFault
                {
                    Lift = "back-squat-high-bar",
                    Fault = fault,
                    FromPercent = 85,
                    HeldInIsolation = true,
                },
            ],
        };
        var planner = new Planner(ExerciseCatalogue.Shipped, new Core.Selection.GreedyChooser(), new Core.Selection.GreedyWeekLayout());
        List<PrescribedItem> items = [.. planner.Make(@case).Block!.Weeks[0].Sessions.SelectMany(session => session.Items)];
        PrescribedItem squat = items.First(item => item.Exercise == "back-squat-high-bar"),
            pull = items.First(item => item.Exercise == "conventional-deadlift");
        Assert.Equal((cue, aid), (squat.Cues[0], squat.SetUp.Aid));
        Assert.Equal((ExerciseCatalogue.Shipped["conventional-deadlift"].Watch, null), (pull.Cues[0], pull.SetUp.Aid));
        Assert.DoesNotContain(
            planner.Make(plain).Block!.Weeks[0].Sessions.SelectMany(session => session.Items),
            item => item.Cues.Contains(cue)
        );
    }
}
