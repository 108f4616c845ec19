using Nerezza.Core.Clients;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;

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
}

/// <summary>A template as it would be for a client.</summary>
/// <param name="Changes">What had to change, in words.</param>
public sealed record FittedView(PlanDocument Plan, IReadOnlyList<string> Changes);
