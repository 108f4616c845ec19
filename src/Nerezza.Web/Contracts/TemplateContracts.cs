using Nerezza.Core.Blocks.Templates;
using Nerezza.Core.Clients;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Contracts;

/// <summary>A template as a list shows it.</summary>
/// <param name="Id">An id of the practice's own, or the name of one that ships.</param>
/// <param name="SessionsAWeek">Of the fullest week.</param>
/// <param name="Exercises">Names, in the order in which they first stand.</param>
/// <param name="By">Who kept it; null: it ships.</param>
public sealed record TemplateLine(
    string Id,
    string Name,
    string? Note,
    BlockKind Kind,
    int Weeks,
    int SessionsAWeek,
    IReadOnlyList<string> Exercises,
    string? By,
    DateTimeOffset? MadeAt
);

/// <summary>Keeps a version of a client's block as a template.</summary>
public sealed record KeepTemplate
{
    [Length(120)]
    public required string Name { get; init; }

    /// <summary>What it is for and whom it suits.</summary>
    [Length(2000)]
    public string? Note { get; init; }

    /// <summary>The version of the plan.</summary>
    [Between(1, 100_000, "a version")]
    public required int Number { get; init; }
}

/// <summary>Makes a block of a template.</summary>
public sealed record TakeTemplate
{
    [Length(60)]
    public required string Template { get; init; }

    /// <summary>The first day of the first week.</summary>
    public required DateOnly Start { get; init; }

    /// <summary>Left out: those that answer what was found.</summary>
    public TemplateMains? Mains { get; init; }
}

/// <summary>A week as it was pasted from a spreadsheet, and what was said so far of what it means.</summary>
[LargestBody(1)]
public record ReadWeek
{
    [Length(200_000)]
    public required string Text { get; init; }

    /// <summary>What names of exercises mean.</summary>
    [Items(500)]
    public IReadOnlyList<NameMeans>? Names { get; init; }
}

/// <summary>The same, to be kept as a template.</summary>
[LargestBody(1)]
public sealed record KeepWeek : ReadWeek
{
    [Length(120)]
    public required string Name { get; init; }

    /// <summary>How often the week stands in a row; left out where the weeks themselves were pasted.</summary>
    [Between(1, 12, "weeks")]
    public int? Weeks { get; init; }

    /// <summary>Whether rows that cannot be read are left out; else nothing is kept while there is one.</summary>
    public bool? LeaveOut { get; init; }
}

/// <summary>A pasted week as it was understood, before anything of it is kept.</summary>
/// <param name="Weeks">As many as were pasted.</param>
/// <param name="Unknown">Names of exercises that nobody said yet what they mean.</param>
/// <param name="Refused">What cannot be read: the cell, and what is wrong.</param>
/// <param name="HasLoads">Whether loads stand there, which follow from the client's maxes instead.</param>
/// <param name="HasRanges">Whether ranges such as 8-12 stand there, of which the middle is asked.</param>
public sealed record WeekView(
    IReadOnlyList<WeekSessionView> Sessions,
    int Weeks,
    IReadOnlyList<NameAsked> Unknown,
    IReadOnlyList<string> Refused,
    bool HasLoads,
    bool HasRanges
);

/// <param name="Named">As the session is named where it was pasted.</param>
/// <param name="Items">Its exercises with what is asked, in words.</param>
public sealed record WeekSessionView(int Week, string Named, IReadOnlyList<string> Items);

/// <summary>A template as it would be for a client.</summary>
/// <param name="Changes">What had to change, in words.</param>
public sealed record FittedView(PlanDocument Plan, IReadOnlyList<string> Changes);
