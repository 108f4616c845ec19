using System.Diagnostics;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Findings.Rules;

/// <summary>From a fault to its cause: range missing, skill missing, or a weak link (docs/handbook/05-faults.md, the branch).</summary>
internal sealed class FaultBranch(Screen screen, IReadOnlyList<PainEntry> pain, ExerciseCatalogue catalogue)
{
    private static readonly FindingRules Rules = FindingRules.Shipped;

    /// <summary>The observations of a fault; none for one that only caps repetitions. A lift that hurts is a matter of pain
    /// first.</summary>
    /// <param name="seen">What shows it.</param>
    public IEnumerable<Observation> Of(LiftFault fault, IReadOnlyList<Evidence> seen)
    {
        if (!Rules.Faults.TryGetValue(Codes.Of(fault.Fault), out FaultRule? rule))
            return [];
        List<Observation> hurting = [.. Hurting(fault, seen)];
        return hurting.Count > 0 ? hurting : Branch(rule, fault, seen);
    }

    private IEnumerable<Observation> Hurting(LiftFault fault, IReadOnlyList<Evidence> seen) =>
        pain.Where(entry => PainScore.LevelOf(entry) is not PainLevel.Watch && PainKind.Covers(entry, catalogue[fault.Lift]))
            .SelectMany(PainKind.Of)
            .Distinct()
            .Select(kind => new Observation(PainRules.Code(kind), Cause.Pain, 1, Basis.Seen, seen));

    private IEnumerable<Observation> Branch(FaultRule rule, LiftFault fault, IReadOnlyList<Evidence> seen)
    {
        if (rule.Always is { } always)
        {
            Cause cause = Codes.Find<Cause>(rule.Cause!)!.Value;
            yield return new Observation(Code(always), cause, cause is Cause.Strength ? StrengthSeverity(fault) : 1, Basis.Seen, seen)
            {
                Side = fault.Side,
            };
            yield break;
        }
        FindingCode? range = Range(rule);
        (bool held, bool guessed) = Held(fault, range);
        Drill drill = fault.HeldInIsolation is null ? Drill.None : Drill.Confirms;
        double doubt = guessed ? Rules.Confidence.NoIsolation : 0;
        if (!held && range is { } missing)
        {
            yield return new Observation(missing, Cause.Range, 1, Basis.Seen, seen) { Side = fault.Side, Drill = drill };
            yield break;
        }
        if (!held)
        {
            // No range explains this fault: it is trained as a skill.
            yield return Skill(rule, fault, seen) with
            {
                Confidence = Rules.Confidence.NoRange,
            };
            yield break;
        }
        if (fault.FromPercent is not { } from)
        {
            yield return Skill(rule, fault, seen) with
            {
                Confidence = Rules.Confidence.NoPercent,
                Doubt = doubt,
            };
            yield break;
        }
        bool both = from >= Rules.Branch.SkillBelow && from < Rules.Branch.StrengthFrom;
        if (from < Rules.Branch.StrengthFrom)
        {
            Observation skill = Skill(rule, fault, seen);
            yield return skill with
            {
                Drill = drill,
                Doubt = doubt,
                Rank = both ? Math.Max(skill.Severity, StrengthSeverity(fault)) : skill.Severity,
            };
        }
        if (from >= Rules.Branch.SkillBelow)
            yield return new Observation(Named(rule.Strength!, fault), Cause.Strength, StrengthSeverity(fault), Basis.Seen, seen)
            {
                Side = fault.Side,
                Drill = drill,
                Doubt = doubt,
            };
    }

    private Observation Skill(FaultRule rule, LiftFault fault, IReadOnlyList<Evidence> seen) =>
        new(Named(rule.Skill!, fault), Cause.Skill, fault.FromPercent < Rules.Severity.SkillBelow ? 2 : 1, Basis.Seen, seen)
        {
            Side = fault.Side,
        };

    private FindingCode? Range(FaultRule rule) =>
        rule.Capacity is null ? null
        : rule.AnkleFirst && RangeRules.IsFlagged(screen) ? FindingCode.AnkleRange
        : Code(rule.Capacity);

    /// <summary>Whether the position can be held alone: as recorded, else as the matching test of the screen has it, else taken to be
    /// so.</summary>
    private (bool Held, bool Guessed) Held(LiftFault fault, FindingCode? range)
    {
        if (fault.HeldInIsolation is { } known)
            return (known, false);
        ScreenLimits limits = Rules.Screen;
        bool? tested = range switch
        {
            FindingCode.AnkleRange => screen.KneeToWallCm?.Smaller >= limits.KneeToWallCm.Adequate ? true
            : RangeRules.IsFlagged(screen) ? false
            : null,
            FindingCode.HipRange => screen.HipFlexionDeg is { } hip ? hip >= limits.HipFlexionDeg.Adequate : null,
            FindingCode.HamstringRange => screen.StraightLegRaiseDeg?.Smaller is { } raise
                ? raise >= limits.StraightLegRaiseDeg.Adequate
                : null,
            FindingCode.ShoulderRange => screen.ArmsOverheadDeg?.Smaller is { } arms ? arms >= limits.ArmsOverheadDeg.Adequate : null,
            FindingCode.ThoracicRange => screen.UpperBackMovesAlone,
            null => null,
            _ => throw new UnreachableException($"{range} is no finding of range."),
        };
        return tested is { } found ? (found, false) : (true, true);
    }

    private static int StrengthSeverity(LiftFault fault) =>
        fault.FromPercent < Rules.Severity.StrengthSevereBelow ? 3
        : fault.FromPercent < Rules.Severity.StrengthBelow ? 2
        : 1;

    /// <summary>"timing" is that of the fault's own lift.</summary>
    private FindingCode Named(string code, LiftFault fault) =>
        code != "timing" ? Code(code)
        : catalogue[fault.Lift].Pattern is Pattern.Hinge ? FindingCode.HingeTiming
        : FindingCode.SquatTiming;

    private static FindingCode Code(string code) => Codes.Find<FindingCode>(code)!.Value;

    /// <summary>What a recorded fault shows.</summary>
    /// <param name="entry">Its place in the case's list, from 0.</param>
    public static IReadOnlyList<Evidence> Seen(LiftFault fault, int entry)
    {
        Measure.Fault Of(FaultPart part) => new(entry, fault.Fault, part);
        List<Evidence> seen = [new(Of(FaultPart.Seen), new Reading.Word(Codes.Of(fault.Fault)), "not seen")];
        if (fault.FromPercent is { } from)
            seen.Add(new Evidence(Of(FaultPart.FromPercent), new Reading.Number(from), "none up to 100"));
        if (fault.HeldInIsolation is { } held)
            seen.Add(new Evidence(Of(FaultPart.HeldInIsolation), new Reading.Answer(held), "true"));
        return seen;
    }
}
