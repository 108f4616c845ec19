using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Selection;

/// <summary>What an answer is for.</summary>
public enum AnswerRole
{
    /// <summary>As a main lift.</summary>
    Main,

    /// <summary>As an accessory.</summary>
    Accessory,

    /// <summary>To learn the movement.</summary>
    Skill,

    /// <summary>To gain range, daily.</summary>
    Capacity,

    /// <summary>To feel the muscle before the main lift.</summary>
    Priming,
}

/// <summary>Which exercises answer which finding, by role (docs/handbook/05-faults.md, docs/handbook/07-pain-and-health.md,
/// docs/handbook/09-composition.md), from Data/answers.yaml.</summary>
public static class Answers
{
    private static readonly AnswersFile File = EmbeddedData.Read("answers", SelectionJson.Default.AnswersFile);
    private static readonly Dictionary<(FindingCode, AnswerRole), IReadOnlyList<string>> All = Read();

    /// <summary>Exercises that only teach: never a main lift or an accessory.</summary>
    public static IReadOnlyList<string> Drills => File.Drills;

    /// <summary>The ids that answer a finding in a role; empty where none does.</summary>
    public static IReadOnlyList<string> Of(FindingCode finding, AnswerRole role) => All.GetValueOrDefault((finding, role), []);

    /// <summary>Whether an exercise answers a finding in a role; a coach's own answers as the shipped one that it names.</summary>
    public static bool Answer(Exercise exercise, FindingCode finding, AnswerRole role) =>
        Of(finding, role).Contains(exercise.AnswersLike ?? exercise.Id);

    /// <summary>The first answers to a fault, in the order in which they go; empty where section 5 names no exercise.</summary>
    public static IReadOnlyList<string> FirstTo(FaultCode fault) => File.Faults.GetValueOrDefault(Codes.Of(fault), []);

    /// <summary>The same for a finding that came of no fault.</summary>
    public static IReadOnlyList<string> FirstTo(FindingCode finding) => File.First.GetValueOrDefault(Codes.Of(finding), []);

    private static Dictionary<(FindingCode, AnswerRole), IReadOnlyList<string>> Read()
    {
        Dictionary<(FindingCode, AnswerRole), IReadOnlyList<string>> all = [];
        foreach ((string code, AnswerRow row) in File.Answers)
        {
            FindingCode finding = Codes.Find<FindingCode>(code)!.Value;
            all[(finding, AnswerRole.Main)] = row.Main ?? [];
            all[(finding, AnswerRole.Accessory)] = row.Accessory ?? [];
            all[(finding, AnswerRole.Skill)] = row.Skill ?? [];
            all[(finding, AnswerRole.Capacity)] = row.Capacity ?? [];
            all[(finding, AnswerRole.Priming)] = row.Priming ?? [];
        }
        return all;
    }
}
