using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings.Rules;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Findings;

/// <summary>What the findings are made from.</summary>
public sealed record FindingInput
{
    /// <summary>The client.</summary>
    public required Client Client { get; init; }

    /// <summary>The newest screen.</summary>
    public required Screen Screen { get; init; }

    /// <summary>Faults seen in lifts.</summary>
    public required IReadOnlyList<LiftFault> Faults { get; init; }

    /// <summary>Open pain.</summary>
    public required IReadOnlyList<PainEntry> Pain { get; init; }

    /// <summary>The gravest referral, or null.</summary>
    public required Referral? Referral { get; init; }

    /// <summary>The measured maxes.</summary>
    public required IReadOnlyList<KnownMax> Maxes { get; init; }

    /// <summary>The day of the findings.</summary>
    public required DateOnly Today { get; init; }

    /// <summary>Length of the block, after which maxes are tested again.</summary>
    public required int BlockWeeks { get; init; }
}

/// <summary>Asks every rule, merges what agrees, and says how sure it is (docs/handbook/05-faults.md,
/// docs/handbook/06-findings.md).</summary>
public sealed class FindingEngine(ExerciseCatalogue catalogue)
{
    private static readonly ConfidenceRule Confidence = FindingRules.Shipped.Confidence;

    /// <summary>The findings: a referral first, then the gravest; a skill stands before the weak link of the same fault. One for each code
    /// and cause.</summary>
    public IReadOnlyList<Finding> Find(FindingInput input) =>
        [
            .. Observe(input)
                .GroupBy(observation => (observation.Code, observation.Cause))
                .Select(same => (Highest: same.Max(observation => observation.Rank), Finding: Merge([.. same], input.BlockWeeks)))
                .OrderBy(row => row.Finding.Cause is not null)
                .ThenByDescending(row => Math.Max(row.Highest, row.Finding.Severity))
                .ThenBy(row => row.Finding.Cause)
                .ThenByDescending(row => row.Finding.Confidence)
                .ThenBy(row => row.Finding.Code)
                .Select(row => row.Finding),
        ];

    private IEnumerable<Observation> Observe(FindingInput input)
    {
        LeanRule.Outcome lean = LeanRule.Judge(input.Client, input.Screen, input.Faults);
        return
        [
            .. PainRules.Refer(input.Referral),
            .. PainRules.Pain(input.Pain),
            .. RangeRules.Ankle(input.Screen, ShowsShortAnkle(input, lean)),
            .. RangeRules.Others(input.Screen),
            .. ControlRules.Spine(input.Screen),
            .. ControlRules.Squat(input.Screen),
            .. ControlRules.Weakness(input.Screen),
            .. Lean(input, lean),
            .. Faults(input, lean),
            .. MaxRules.Symmetry(input.Maxes),
            .. MaxRules.Ratios(input.Maxes, input.Today),
        ];
    }

    private static bool IsRecorded(FindingInput input, FaultCode code) => input.Faults.Any(fault => fault.Fault == code);

    /// <summary>Heels that rise, a squat that is better on a wedge, or a lean that is not that of long thighs.</summary>
    private static SquatShows ShowsShortAnkle(FindingInput input, LeanRule.Outcome lean)
    {
        ScreenSquat? squat = input.Screen.Squat;
        bool leans = LeanRule.IsExcess(squat?.LeanDeg) || IsRecorded(input, FaultCode.ExcessLean);
        bool fromThighs = lean is LeanRule.Outcome.Explained { Observation.Code: FindingCode.LongThighs };
        return
            squat?.HeelRise == true
            || squat?.BetterWithHeelsRaised == true
            || IsRecorded(input, FaultCode.HeelsRise)
            || (leans && !fromThighs)
            ? SquatShows.ShortAnkle
            : SquatShows.Nothing;
    }

    /// <summary>A lean that the body explains, or one that nobody recorded as a fault: then the fault's own branch, without its
    /// load.</summary>
    private IEnumerable<Observation> Lean(FindingInput input, LeanRule.Outcome lean)
    {
        if (lean is LeanRule.Outcome.Explained explained)
            return [explained.Observation];
        if (lean is not LeanRule.Outcome.OwnBranch || IsRecorded(input, FaultCode.ExcessLean))
            return [];
        LiftFault unrecorded = new() { Lift = "back-squat-high-bar", Fault = FaultCode.ExcessLean };
        return new FaultBranch(input.Screen, [], catalogue).Of(
            unrecorded,
            [
                new Evidence(
                    LeanComparison.Measure,
                    new Reading.Number(input.Screen.Squat!.LeanDeg!.Value),
                    FormattableString.Invariant($"at most {LeanRule.AsksAbove}, or what this body needs")
                ),
            ]
        );
    }

    private IEnumerable<Observation> Faults(FindingInput input, LeanRule.Outcome lean)
    {
        var branch = new FaultBranch(input.Screen, input.Pain, catalogue);
        for (int i = 0; i < input.Faults.Count; i++)
        {
            if (!SaysSomething(input.Faults[i]))
                continue;
            // A lean that the body explains is not also held against the client.
            if (
                lean is LeanRule.Outcome.Explained explained
                && input.Faults[i].Fault is FaultCode.ExcessLean
                && !ConfirmsRange(input.Faults[i], explained)
            )
                continue;
            foreach (Observation observation in branch.Of(input.Faults[i], FaultBranch.Seen(input.Faults[i], i)))
                yield return observation;
        }
    }

    /// <summary>What is a fault of squats and hinges means nothing in a press or a pull: a bench press that does not lock out says
    /// nothing of the glutes.</summary>
    private bool SaysSomething(LiftFault fault) => !catalogue[fault.Lift].IsUpper || Protocol.SignOf(fault.Fault).SaysOfArms;

    /// <summary>A recorded lean that cannot be held in isolation agrees with an ankle that explains it.</summary>
    private static bool ConfirmsRange(LiftFault fault, LeanRule.Outcome.Explained lean) =>
        lean.Observation.Code is FindingCode.AnkleRange && fault.HeldInIsolation == false;

    private static Finding Merge(IReadOnlyList<Observation> same, int blockWeeks)
    {
        bool pastLimit = same.Any(observation => observation.Limit is Limit.Passed);
        int severity = same.Max(observation => observation.Severity);
        return new Finding
        {
            Code = same[0].Code,
            Cause = same[0].Cause,
            Side = SideOf(same),
            Severity = pastLimit && same.Count > 1 ? Math.Max(severity, 2) : severity,
            Confidence = ConfidenceOf(same),
            Evidence = [.. same.SelectMany(observation => observation.Evidence).DistinctBy(piece => piece.Measure)],
            Asks = Demand.Of(same[0].Code),
            Retest = RetestOf(same[0].Code, same[0].Cause, blockWeeks),
        };
    }

    /// <summary>The surest observation, with what each further agreeing one and a drill add. A drill confirms; alone it is merely
    /// seen.</summary>
    private static double ConfidenceOf(IReadOnlyList<Observation> same)
    {
        double start = same.Max(observation =>
            Math.Max(
                0,
                (observation.Confidence ?? (observation.Basis is Basis.Measured ? Confidence.Measured : Confidence.Seen))
                    - observation.Doubt
            )
        );
        int others = same.Count(observation => observation.Drill is not Drill.Alone);
        bool drill = others > 0 && same.Any(observation => observation.Drill is not Drill.None);
        return Math.Round(
            Math.Min(Confidence.Most, start + Confidence.Agreeing * Math.Max(0, others - 1) + (drill ? Confidence.Drill : 0)),
            6
        );
    }

    /// <summary>A side only where every observation that names one names the same.</summary>
    private static Side? SideOf(IReadOnlyList<Observation> same)
    {
        List<Side> named = [.. same.Select(observation => observation.Side).OfType<Side>().Distinct()];
        bool bothBelow = same.Any(observation =>
            observation.Limit is Limit.Passed && observation.Side is null && observation.Evidence.Count > 1
        );
        return named.Count == 1 && !bothBelow ? named[0] : null;
    }

    private static RetestWindow? RetestOf(FindingCode code, Cause? cause, int blockWeeks)
    {
        RetestRule weeks = FindingRules.Shipped.RetestWeeks;
        return (code, cause) switch
        {
            (FindingCode.SideAsymmetry, _) => Window(weeks.Sides),
            (_, Cause.Range) => Window(weeks.Capacity),
            (_, Cause.Skill) => Window(weeks.Skill),
            (_, Cause.Strength) => new RetestWindow(blockWeeks, blockWeeks),
            (_, Cause.Pain) => Window(weeks.Pain),
            (_, Cause.Proportion or null) => null,
        };
    }

    private static RetestWindow Window(IReadOnlyList<int> weeks) => new(weeks[0], weeks[1]);
}
