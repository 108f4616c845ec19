using Nerezza.Core.Body;
using Nerezza.Core.Clients;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Findings.Rules;

/// <summary>Measure before judging: compares the lean of the screen's squat with the lean that this body cannot do without
/// (docs/handbook/05-faults.md, rule 6).</summary>
internal static class LeanRule
{
    private static readonly LeanNumbers Numbers = BodyRules.Shipped.Lean;

    /// <summary>What came of the comparison.</summary>
    public abstract record Outcome
    {
        private Outcome() { }

        /// <summary>There is nothing to compare: no lean was measured, or it is small and none was recorded.</summary>
        public sealed record NothingToCompare : Outcome;

        /// <summary>The body explains the lean.</summary>
        public sealed record Explained(Observation Observation) : Outcome;

        /// <summary>It leans more than the body asks for, or the body asks for little: the fault's own branch judges.</summary>
        public sealed record OwnBranch : Outcome;
    }

    /// <summary>The lean that raises the question, degrees.</summary>
    public static double AsksAbove => Numbers.AsksAbove;

    /// <summary>Whether a lean is more than what raises the question; not measured is not.</summary>
    public static bool IsExcess(double? leanDeg) => leanDeg > Numbers.AsksAbove;

    public static Outcome Judge(Client client, Screen screen, IReadOnlyList<LiftFault> faults)
    {
        bool recorded = faults.Any(fault => fault.Fault is FaultCode.ExcessLean);
        if (screen.Squat?.LeanDeg is not { } observed || !(IsExcess(observed) || recorded))
            return new Outcome.NothingToCompare();
        double predicted = Predict(client, screen, screen.KneeToWallCm?.Smaller);
        if (predicted <= Numbers.AsksAbove || observed > predicted + Numbers.ExplainedWithin)
            return new Outcome.OwnBranch();
        // Much less than predicted is doubt about the model, not about the client (docs/handbook/09-composition.md#9-2-main-lifts).
        bool doubted = observed < predicted - Numbers.ExplainedWithin;
        Evidence evidence = new(
            LeanComparison.Measure,
            new Reading.Number(observed),
            FormattableString.Invariant($"this body needs {predicted:0.0}{(doubted ? " by the model, which may be wrong here" : "")}")
        );
        double excess = predicted - Numbers.AsksAbove,
            gained = predicted - Predict(client, screen, Numbers.AnkleWhatIfCm);
        bool ankle = RangeRules.IsFlagged(screen) && gained > Numbers.Share * excess;
        return new Outcome.Explained(
            ankle
                ? new Observation(FindingCode.AnkleRange, Cause.Range, 1, Basis.Measured, [evidence])
                : new Observation(FindingCode.LongThighs, Cause.Proportion, 1, Basis.Measured, [evidence])
        );
    }

    /// <summary>The lean in degrees that balance asks for, with the screen's bar, at the screen's depth; 80 where it cannot be
    /// held.</summary>
    public static double Predict(Client client, Screen screen, double? kneeToWallCm) =>
        Balanced(Lifter.Of(client, kneeToWallCm, screen.HipFlexionDeg), screen.Squat!)?.LeanDeg ?? Numbers.NotReachable;

    /// <summary>What balance asks for beside what was seen, to be drawn; null when no lean was measured.</summary>
    public static LeanComparison? Compare(Client client, Screen screen)
    {
        if (screen.Squat is not { LeanDeg: { } observed } squat)
            return null;
        Lifter lifter = Lifter.Of(client, screen.KneeToWallCm?.Smaller, screen.HipFlexionDeg);
        return new LeanComparison(
            Balanced(lifter, squat),
            Body.Squat.WithLean(lifter, SettingOf(squat), DepthOf(squat), observed),
            new Pose(LeverFamily.Squat, HoldOf(squat.Bar), RearFoot.Floor, HandSupport.None)
        );
    }

    private static Posture? Balanced(Lifter lifter, ScreenSquat squat)
    {
        SquatSetting setting = SettingOf(squat);
        double depth = DepthOf(squat);
        // Held only where the whole way down to it is: the hips are furthest back higher up.
        return Body.Squat.Deepest(lifter, setting, depth) <= depth ? Body.Squat.At(lifter, setting, depth) : null;
    }

    private static double DepthOf(ScreenSquat squat) =>
        squat.Depth switch
        {
            SquatDepth.Above => Numbers.Above,
            SquatDepth.Below => Numbers.Below,
            SquatDepth.At or null => Numbers.At,
        };

    private static SquatSetting SettingOf(ScreenSquat squat) =>
        squat.Bar switch
        {
            ScreenBar.High => SquatSetting.Of("back-squat-high-bar", LoadOf(squat))!,
            ScreenBar.Low => SquatSetting.Of("back-squat-low-bar", LoadOf(squat))!,
            ScreenBar.Front => SquatSetting.Of("front-squat", LoadOf(squat))!,
            ScreenBar.None => SquatSetting.From("none", Numbers.NoneS, Numbers.NoneA, 0, 0),
        };

    private static double LoadOf(ScreenSquat squat) => squat.LoadKg ?? Numbers.BarKg;

    private static Hold HoldOf(ScreenBar? bar) =>
        bar switch
        {
            ScreenBar.High or ScreenBar.Low => Hold.Back,
            ScreenBar.Front => Hold.Front,
            ScreenBar.None or null => Hold.Reach,
        };
}
