using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Wording;

/// <summary>Words a finding in three parts: what was found, the evidence, what to do.</summary>
public sealed class FindingWords(ExerciseCatalogue catalogue)
{
    private readonly MeasureWords _measures = new(catalogue);

    /// <summary>The whole finding.</summary>
    public string Text(Finding finding) => $"{Title(finding)}: {Evidence(finding)}. {Spaced(Going(finding))}{ToDo(finding)}";

    private static string Spaced(string sentence) => sentence.Length > 0 ? $"{sentence} " : "";

    /// <summary>How it goes since it was measured before; nothing where it was not.</summary>
    public static string Going(Finding finding) =>
        finding.Course switch
        {
            Course.Closing => "It is closing.",
            Course.Same => "It is where it was before.",
            Course.Worse => "It is worse than before.",
            Course.Closed => "It has closed.",
            Course.NotMeasuredSince or Course.NotKnown => "",
        };

    /// <summary>What was found, in a few words.</summary>
    public static string Title(Finding finding)
    {
        string name = Name(finding.Code);
        return finding.Side is { } side ? $"{name}, {Codes.Of(side)}" : name;
    }

    /// <summary>The name of a finding.</summary>
    public static string Name(FindingCode code) =>
        code switch
        {
            FindingCode.AnkleRange => "Ankle range is short",
            FindingCode.HipRange => "Hip range is short",
            FindingCode.ThoracicRange => "Upper back moves too little",
            FindingCode.ShoulderRange => "Shoulder range is short",
            FindingCode.HamstringRange => "Hamstring range is short",
            FindingCode.SpinalControl => "Control of the spine is lost",
            FindingCode.SquatTiming => "Timing in the squat",
            FindingCode.HingeTiming => "Timing in the hinge",
            FindingCode.Brace => "The brace is lost",
            FindingCode.QuadsWeak => "Quads are the weak link",
            FindingCode.GlutesWeak => "Glutes are the weak link",
            FindingCode.HamstringsWeak => "Hamstrings are the weak link",
            FindingCode.UpperBackWeak => "Upper back is the weak link",
            FindingCode.LatsWeak => "Lats are the weak link",
            FindingCode.AbductorsWeak => "Hip abductors are the weak link",
            FindingCode.CalvesWeak => "Calves are weak",
            FindingCode.GripWeak => "Grip is the weak link",
            FindingCode.LockoutWeak => "The lockout is weak",
            FindingCode.FloorWeak => "The start from the floor is weak",
            FindingCode.BottomWeak => "The bottom of the squat is weak",
            FindingCode.SideAsymmetry => "The sides differ",
            FindingCode.LongThighs => "Long thighs for this squat",
            FindingCode.GlutesNotFelt => "Glutes are not felt",
            FindingCode.CarryEndurance => "Carries fade",
            FindingCode.HipPower => "Hip power is low",
            FindingCode.PainFlexion => "Lower back hurts on bending",
            FindingCode.PainExtension => "Lower back hurts on arching",
            FindingCode.PainKnee => "Knee pain",
            FindingCode.PainOther => "Pain",
            FindingCode.Refer => "To be seen by someone else first",
        };

    /// <summary>What speaks most for a finding, in a few words: where its fault is seen, else its first measurement.</summary>
    public string First(Finding finding)
    {
        Measure.Fault? fault = finding.Evidence.Select(one => one.Measure).OfType<Measure.Fault>().FirstOrDefault();
        if (fault is null)
            return _measures.Sentence(finding.Evidence[0]);
        string name = Codes.Of(fault.Code).Replace('-', ' ');
        Reading? from = finding.Evidence.FirstOrDefault(one => one.Measure is Measure.Fault { Part: FaultPart.FromPercent })?.Value;
        return from is Reading.Number percent ? FormattableString.Invariant($"{name} from {percent.Value:0.#} % of 1RM") : name;
    }

    /// <summary>Each piece of evidence, joined.</summary>
    public string Evidence(Finding finding) => string.Join("; ", finding.Evidence.Select(_measures.Sentence));

    /// <summary>What it asks for, and when to test again.</summary>
    public static string ToDo(Finding finding)
    {
        string retest = finding.Retest switch
        {
            null => "",
            { FirstWeek: 1, LastWeek: 1 } => " Ask again every week.",
            { } window when window.FirstWeek == window.LastWeek => $" Test again in {window.FirstWeek} weeks.",
            { } window => $" Test again in {window.FirstWeek} to {window.LastWeek} weeks.",
        };
        return Advice(finding) + retest;
    }

    private static string Advice(Finding finding) =>
        finding.Cause switch
        {
            Cause.Range when finding is { Code: FindingCode.AnkleRange, Severity: 1 } =>
                "Work on it daily; no exercise changes for it alone.",
            Cause.Range => "Work on it daily; meanwhile train the pattern with a variation that does not ask for it.",
            Cause.Skill when finding.Code is FindingCode.GlutesNotFelt => "Prime before the main lift, until felt.",
            Cause.Skill =>
                "Lighter load, one outside cue, a drill that leaves no other way, a range cut where it begins and lengthened over "
                    + "the weeks.",
            Cause.Strength when finding.Code is FindingCode.SideAsymmetry =>
                "One-sided work, weaker side first; its repetitions set the other side's.",
            Cause.Strength => $"Train it: {Asked(finding.Asks)}.",
            Cause.Proportion => "Change the variation, not the client: a front, safety-bar or heels-raised squat needs less lean.",
            Cause.Pain => Pain(finding.Severity),
            null => "Read the referral first.",
        };

    private static string Pain(int severity) =>
        severity switch
        {
            <= 1 => "Carry on and watch it.",
            2 => "Change what hurts; RPE 6 and 65 % of the former max at most, until it settles.",
            >= 3 => "Stop what hurts. If it does not settle, a doctor or physiotherapist should see it.",
        };

    /// <summary>A demand in words: muscles, positions and patterns to favour.</summary>
    public static string Asked(Demand demand)
    {
        List<string> parts = [];
        if (demand.Muscles.Count > 0)
            parts.Add(Joined(demand.Muscles));
        if (demand.Positions.Count > 0)
            parts.Add(Joined(demand.Positions));
        if (demand.Patterns.Count > 0)
            parts.Add($"by {Joined(demand.Patterns)}");
        return string.Join(", ", parts);
    }

    private static string Joined<T>(IReadOnlyList<T> codes)
        where T : struct, Enum => string.Join(" and ", codes.Select(code => Codes.Of(code).Replace('-', ' ')));
}
