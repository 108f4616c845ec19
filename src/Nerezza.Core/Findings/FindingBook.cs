using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings.Rules;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Findings;

/// <summary>What the findings are made from.</summary>
/// <param name="BlockWeeks">Length of the block, after which maxes are tested again.</param>
public sealed record FindingInput(
    Client Client, Screen Screen, IReadOnlyList<LiftFault> Faults, IReadOnlyList<PainEntry> Pain, Referral? Referral, IReadOnlyList<KnownMax> Maxes, DateOnly Today, int BlockWeeks);

/// <summary>Asks every rule, merges what agrees, and says how sure it is (handbook 5 and 6).</summary>
public sealed class FindingBook(ExerciseCatalogue catalogue)
{
    private static readonly ConfidenceRule Confidence = FindingRules.Shipped.Confidence;

    /// <summary>The findings, gravest first; ties by confidence, then by code. One for each code and cause.</summary>
    public IReadOnlyList<Finding> Find(FindingInput input)
    {
        Evidence? wedge = RangeRules.AnkleDrill(input.Screen);
        return
        [
            .. Observe(input)
                .GroupBy(observation => (observation.Code, observation.Cause))
                .Select(same => Merge([.. same], same.Key is (FindingCode.AnkleRange, Cause.Capacity) ? wedge : null, input.BlockWeeks))
                .OrderByDescending(finding => finding.Severity).ThenByDescending(finding => finding.Confidence).ThenBy(finding => finding.Code).ThenBy(finding => finding.Cause),
        ];
    }

    private IEnumerable<Observation> Observe(FindingInput input) =>
    [
        .. PainRules.Refer(input.Referral),
        .. PainRules.Pain(input.Pain),
        .. RangeRules.Ankle(input.Screen),
        .. RangeRules.Others(input.Screen),
        .. ControlRules.Spine(input.Screen),
        .. ControlRules.Squat(input.Screen),
        .. ControlRules.Weakness(input.Screen),
        .. Faults(input),
        .. MaxRules.Symmetry(input.Maxes),
        .. MaxRules.Ratios(input.Maxes, input.Today),
    ];

    private IEnumerable<Observation> Faults(FindingInput input)
    {
        var branch = new FaultBranch(input.Screen, catalogue);
        bool recorded = input.Faults.Any(fault => fault.Fault is FaultCode.ExcessLean);
        LeanRule.Outcome lean = LeanRule.Judge(input.Client, input.Screen, recorded);
        if (lean is LeanRule.Outcome.Explained explained) yield return explained.Observation;
        if (lean is LeanRule.Outcome.OwnBranch && !recorded)
        {
            LiftFault unrecorded = new() { Lift = "back-squat-high-bar", Fault = FaultCode.ExcessLean };
            foreach (Observation own in branch.Of(unrecorded, "screen.squat"))
                yield return own with { Evidence = [new Evidence("screen.squat.leanDeg", input.Screen.Squat!.LeanDeg!.Value, "at most 45, or what this body needs")] };
        }
        for (int i = 0; i < input.Faults.Count; i++)
        {
            // A lean that the body explains is not also held against the client.
            if (lean is LeanRule.Outcome.Explained && input.Faults[i].Fault is FaultCode.ExcessLean && !ConfirmsRange(input.Faults[i], (LeanRule.Outcome.Explained)lean)) continue;
            foreach (Observation observation in branch.Of(input.Faults[i], $"faults[{i}]")) yield return observation;
        }
    }

    /// <summary>A recorded lean that cannot be held in isolation agrees with an ankle that explains it.</summary>
    private static bool ConfirmsRange(LiftFault fault, LeanRule.Outcome.Explained lean) =>
        lean.Observation.Code is FindingCode.AnkleRange && fault.HeldInIsolation == false;

    private static Finding Merge(IReadOnlyList<Observation> same, Evidence? drillEvidence, int blockWeeks)
    {
        bool drill = drillEvidence is not null || same.Any(observation => observation.Drill is Drill.Confirms);
        bool pastLimit = same.Any(observation => observation.Limit is Limit.Passed);
        int severity = same.Max(observation => observation.Severity);
        if (pastLimit && (same.Count > 1 || drill)) severity = Math.Max(severity, 2);
        List<Evidence> evidence = [.. same.SelectMany(observation => observation.Evidence).Concat(drillEvidence is null ? [] : [drillEvidence]).DistinctBy(piece => piece.Measure)];
        return new Finding
        {
            Code = same[0].Code,
            Cause = same[0].Cause,
            Side = SideOf(same),
            Severity = severity,
            Confidence = ConfidenceOf(same, drill),
            Evidence = evidence,
            Retest = RetestOf(same[0].Code, same[0].Cause, blockWeeks),
        };
    }

    /// <summary>The surest observation, with what each further agreeing one and a drill add.</summary>
    private static double ConfidenceOf(IReadOnlyList<Observation> same, bool drill)
    {
        double start = same.Max(observation => Math.Max(0, (observation.Confidence ?? (observation.Basis is Basis.Measured ? Confidence.Measured : Confidence.Seen)) - observation.Doubt));
        return Math.Round(Math.Min(Confidence.Most, start + Confidence.Agreeing * (same.Count - 1) + (drill ? Confidence.Drill : 0)), 6);
    }

    /// <summary>A side only where every observation that names one names the same.</summary>
    private static Side? SideOf(IReadOnlyList<Observation> same)
    {
        List<Side> named = [.. same.Select(observation => observation.Side).OfType<Side>().Distinct()];
        bool bothBelow = same.Any(observation => observation.Limit is Limit.Passed && observation.Side is null && observation.Evidence.Count > 1);
        return named.Count == 1 && !bothBelow ? named[0] : null;
    }

    private static RetestWindow? RetestOf(FindingCode code, Cause? cause, int blockWeeks)
    {
        RetestRule weeks = FindingRules.Shipped.RetestWeeks;
        return (code, cause) switch
        {
            (FindingCode.SideAsymmetry, _) => Window(weeks.Sides),
            (_, Cause.Capacity) => Window(weeks.Capacity),
            (_, Cause.Skill) => Window(weeks.Skill),
            (_, Cause.Strength) => new RetestWindow(blockWeeks, blockWeeks),
            (_, Cause.Pain) => Window(weeks.Pain),
            _ => null,
        };
    }

    private static RetestWindow Window(IReadOnlyList<int> weeks) => new(weeks[0], weeks[1]);
}
