using System.Diagnostics;
using Nerezza.Core.Blocks.Templates;
using Nerezza.Core.Catalogue;

namespace Nerezza.Core.Wording;

/// <summary>What had to change in a template, in words.</summary>
public static class TemplateWords
{
    /// <summary>One change as a sentence.</summary>
    public static string Text(TemplateChange change, ExerciseCatalogue catalogue) =>
        change switch
        {
            TemplateChange.Instead instead =>
                $"{catalogue[instead.With].Name} for {catalogue[instead.Exercise].Name}: {PlanWords.Because(instead.Why)}.",
            TemplateChange.ForFinding found =>
                $"{catalogue[found.With].Name} for {catalogue[found.Exercise].Name}: {Finding(found.Finding)}.",
            TemplateChange.LeftOut left =>
                $"{catalogue[left.Exercise].Name} is left out: {PlanWords.Because(left.Why)}, and nothing that trains the same can be "
                    + "done.",
            TemplateChange.NoDay { From: 1 } => "There is no day to train on.",
            TemplateChange.NoDay none when none.From == none.Sessions =>
                $"Session {none.From} of each week is left out: there is no day for it.",
            TemplateChange.NoDay none =>
                $"Sessions {none.From} {(none.Sessions == none.From + 1 ? "and" : "to")} {none.Sessions} of each week are left out: "
                    + "there is no day for them.",
            TemplateChange.Unanswered open =>
                $"Nothing in it is for what was found ({Finding(open.Finding)}): add {catalogue[open.Exercise].Name} in Block.",
            _ => throw new UnreachableException(change.GetType().Name),
        };

    private static string Finding(Findings.FindingCode code) => FindingWords.Name(code).ToLowerInvariant();
}
