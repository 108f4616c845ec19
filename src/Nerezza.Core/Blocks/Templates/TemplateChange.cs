using Nerezza.Core.Findings;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks.Templates;

/// <summary>Which main lifts a block of a template gets.</summary>
public enum TemplateMains
{
    /// <summary>Those that answer what was found of the client, of the same pattern.</summary>
    ForFindings,

    /// <summary>Those that stand in it.</summary>
    AsWritten,
}

/// <summary>Something of a template that is otherwise for the client who gets it.</summary>
public abstract record TemplateChange
{
    private TemplateChange() { }

    /// <summary>Another exercise stands in its place.</summary>
    public sealed record Instead(string Exercise, string With, PassedOver Why) : TemplateChange;

    /// <summary>The main lift is the one that answers what was found.</summary>
    public sealed record ForFinding(string Exercise, string With, FindingCode Finding) : TemplateChange;

    /// <summary>It is left out: nothing that the client can do trains the same.</summary>
    public sealed record LeftOut(string Exercise, PassedOver Why) : TemplateChange;

    /// <summary>The client has no day for the sessions from this one of the week on.</summary>
    public sealed record NoDay(int From, int Sessions) : TemplateChange;

    /// <summary>A finding that nothing in it answers; what the client's own plan has for it.</summary>
    public sealed record Unanswered(FindingCode Finding, string Exercise) : TemplateChange;
}

/// <summary>A template as it is for one client.</summary>
/// <param name="Edits">Of empty weeks.</param>
/// <param name="Changes">What had to change, the sessions first.</param>
public sealed record FittedTemplate(IReadOnlyList<Editing.BlockEdit> Edits, IReadOnlyList<TemplateChange> Changes);
