using CsCheck;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening;
using Nerezza.Core.Wording;

namespace Nerezza.Core.Tests.Findings;

/// <summary>What holds of the findings of any screen and any faults.</summary>
public sealed class FindingProperties
{
    private static readonly string[] Lifts = ["back-squat-high-bar", "front-squat", "conventional-deadlift", "romanian-deadlift"];
    private static readonly FindingWords Words = new(ExerciseCatalogue.Shipped);

    private static readonly Gen<bool?> AnyAnswer = Gen.Int[0, 2].Select(i => i == 0 ? (bool?)null : i == 1);

    private static Gen<double?> AnyNumber(double least, double most) =>
        Gen.Frequency((1, Gen.Const((double?)null)), (3, Gen.Double[least, most].Select(v => (double?)v)));

    private static Gen<BothSides?> AnySides(double least, double most) =>
        Gen.Select(AnyNumber(least, most), AnyNumber(least, most)).Select((left, right) => (BothSides?)new BothSides(left, right));

    private static readonly Gen<Screen> AnyScreen =
        from knees in AnySides(2, 15)
        from arms in AnySides(120, 180)
        from raises in AnySides(40, 100)
        from bridges in AnySides(5, 25)
        from hip in AnyNumber(90, 140)
        from lean in AnyNumber(20, 75)
        from depth in Gen.Enum<SquatDepth>()
        from bar in Gen.Enum<ScreenBar>()
        from answers in AnyAnswer.Array[8]
        select new Screen
        {
            KneeToWallCm = knees,
            ArmsOverheadDeg = arms,
            StraightLegRaiseDeg = raises,
            SingleLegBridgeReps = bridges,
            HipFlexionDeg = hip,
            Squat = new ScreenSquat
            {
                Depth = depth,
                LeanDeg = lean,
                HeelRise = answers[0],
                KneesIn = answers[1],
                TuckAtHipHeightCm = null,
                Shift = null,
                BetterWithHeelsRaised = answers[2],
                BetterWithPlateInFront = answers[3],
                Bar = bar,
                LoadKg = null,
            },
            WallReach = answers[4],
            UpperBackMovesAlone = answers[5],
            LowerBackMovesAlone = answers[6],
            FeelsGlutes = answers[7],
        };

    private static readonly Gen<LiftFault> AnyFault =
        from lift in Gen.OneOf(Lifts)
        from code in Gen.Enum<FaultCode>()
        from percent in AnyNumber(0, 100)
        from held in AnyAnswer
        from side in Gen.Int[0, 2]
        select new LiftFault
        {
            Lift = lift,
            Fault = code,
            FromPercent = percent,
            HeldInIsolation = held,
            Side = side == 0 ? null : (Side)(side - 1),
        };

    private static readonly Gen<(Screen Screen, LiftFault[] Faults)> AnySeen = Gen.Select(AnyScreen, AnyFault.Array[0, 4]);

    [Fact]
    public void Every_finding_rests_on_something_and_keeps_to_its_scales() =>
        AnySeen.Sample(seen =>
        {
            IReadOnlyList<Finding> findings = Watched.Find(seen.Screen, seen.Faults);
            Assert.All(
                findings,
                finding =>
                {
                    Assert.NotEmpty(finding.Evidence);
                    Assert.InRange(finding.Severity, 1, 3);
                    Assert.InRange(finding.Confidence, 0, 0.95);
                    Assert.NotNull(finding.Retest is null && finding.Cause is not Cause.Proportion ? null : finding);
                    Assert.DoesNotContain("screen.", Words.Text(finding), StringComparison.Ordinal);
                }
            );
            Assert.Equal(findings.Count, findings.DistinctBy(finding => (finding.Code, finding.Cause)).Count());
        });

    [Fact]
    public void Nothing_seen_is_nothing_found() => Assert.Empty(Watched.Find(Screen.Untested));

    [Fact]
    public void The_same_is_found_whatever_the_order_of_the_faults() =>
        AnySeen.Sample(seen =>
        {
            LiftFault[] reversed = [.. seen.Faults.Reverse()];
            Assert.Equal(Watched.Lines(Watched.Find(seen.Screen, seen.Faults)), Watched.Lines(Watched.Find(seen.Screen, reversed)));
        });

    /// <summary>Taking an answer away can open another branch, on what is still known; but no finding gets surer without a new piece of
    /// evidence.</summary>
    [Fact]
    public void Removing_an_answer_never_raises_confidence() =>
        Gen.Select(AnySeen, Gen.Int[0, 15], Gen.Int[0, 3])
            .Sample(
                (seen, which, place) =>
                {
                    IReadOnlyList<Finding> before = Watched.Find(seen.Screen, seen.Faults);
                    (Screen screen, LiftFault[] faults) = Without(seen.Screen, seen.Faults, which, place);
                    foreach (Finding after in Watched.Find(screen, faults))
                    {
                        Finding? same = before.FirstOrDefault(finding => finding.Code == after.Code && finding.Cause == after.Cause);
                        bool newEvidence =
                            same is null
                            || after.Evidence.Select(piece => piece.Measure).Except(same.Evidence.Select(piece => piece.Measure)).Any();
                        if (!newEvidence)
                            Assert.True(
                                after.Confidence <= same!.Confidence,
                                $"{Watched.Line(same)} became {Watched.Line(after)} without {which}"
                            );
                    }
                },
                iter: 3000
            );

    private static (Screen Screen, LiftFault[] Faults) Without(Screen screen, LiftFault[] faults, int which, int place)
    {
        ScreenSquat squat = screen.Squat!;
        LiftFault[] Changed(Func<LiftFault, LiftFault> change) => [.. faults.Select((fault, i) => i == place ? change(fault) : fault)];
        return which switch
        {
            0 => (screen with { KneeToWallCm = null }, faults),
            1 => (screen with { ArmsOverheadDeg = null }, faults),
            2 => (screen with { StraightLegRaiseDeg = null }, faults),
            3 => (screen with { SingleLegBridgeReps = null }, faults),
            4 => (screen with { HipFlexionDeg = null }, faults),
            5 => (screen with { Squat = squat with { LeanDeg = null } }, faults),
            6 => (screen with { Squat = squat with { HeelRise = null } }, faults),
            7 => (screen with { Squat = squat with { BetterWithHeelsRaised = null } }, faults),
            8 => (screen with { Squat = squat with { BetterWithPlateInFront = null } }, faults),
            9 => (screen with { WallReach = null }, faults),
            10 => (screen with { UpperBackMovesAlone = null }, faults),
            11 => (screen with { LowerBackMovesAlone = null }, faults),
            12 => (screen with { FeelsGlutes = null }, faults),
            13 => (screen with { KneeToWallCm = screen.KneeToWallCm! with { Left = null } }, faults),
            14 => (screen, Changed(fault => fault with { FromPercent = null })),
            _ => (screen, Changed(fault => fault with { HeldInIsolation = null })),
        };
    }
}
