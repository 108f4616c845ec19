using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Blocks.Templates;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Plans;

/// <summary>A block without the person as JSON (docs/formats/template.md).</summary>
public sealed record TemplateDocument
{
    [Exactly("nerezza.template")]
    public required string Format { get; init; }

    [Exactly(1)]
    public required int Version { get; init; }

    [Length(120)]
    public required string Name { get; init; }

    /// <summary>What it is for and whom it suits, in the coach's words.</summary>
    [Length(2000)]
    public string? Note { get; init; }
    public required BlockKind Kind { get; init; }
    public BlockFocus? Focus { get; init; }

    [Items(12, Least = 1)]
    public required IReadOnlyList<TemplateWeekSection> Weeks { get; init; }
}

public sealed record TemplateWeekSection
{
    /// <summary>In the order of the week, whatever days they fall on.</summary>
    [Items(7, Least = 1)]
    public required IReadOnlyList<TemplateSessionSection> Sessions { get; init; }
}

public sealed record TemplateSessionSection
{
    [Items(30, Least = 1)]
    public required IReadOnlyList<TemplateItemSection> Items { get; init; }
}

/// <summary>What is asked of an exercise; by effort or by percent, never by a load.</summary>
public sealed record TemplateItemSection : CellSection
{
    [ExerciseId]
    public required string Exercise { get; init; }

    /// <summary>What it is for.</summary>
    public required Role Role { get; init; }
}

/// <summary>Turns templates into their JSON and back.</summary>
public static class TemplateMapping
{
    /// <summary>What the shape cannot say: a tempo that can be read, an exercise once in a session.</summary>
    public static IEnumerable<Fault> Faults(TemplateDocument document)
    {
        for (int w = 0; w < document.Weeks.Count; w++)
        for (int s = 0; s < document.Weeks[w].Sessions.Count; s++)
        {
            IReadOnlyList<TemplateItemSection> items = document.Weeks[w].Sessions[s].Items;
            for (int i = 0; i < items.Count; i++)
            {
                string path = $"weeks[{w}].sessions[{s}].items[{i}]";
                foreach (Fault fault in CellMapping.Faults(items[i]))
                    yield return fault with
                    {
                        Path = $"{path}.{fault.Path}",
                    };
                if (items.Take(i).Any(before => before.Exercise == items[i].Exercise))
                    yield return new Fault($"{path}.exercise", $"'{items[i].Exercise}' stands in this session already; each once expected");
            }
        }
    }

    /// <summary>The template; its faults were looked for before.</summary>
    public static BlockTemplate ToTemplate(TemplateDocument document) =>
        new(
            document.Kind,
            document.Focus ?? BlockFocus.Whole,
            [
                .. document.Weeks.Select(
                    IReadOnlyList<TemplateSession> (week) =>
                        [.. week.Sessions.Select(session => new TemplateSession([.. session.Items.Select(ToItem)]))]
                ),
            ]
        );

    /// <summary>Where a percentage stands it leads, and the effort follows.</summary>
    private static TemplateItem ToItem(TemplateItemSection item) =>
        new(item.Exercise, item.Role, CellMapping.ToValues(item.Percent is null ? item : item with { Rpe = null }));

    /// <summary>The JSON of a template.</summary>
    public static TemplateDocument ToDocument(BlockTemplate template, string name, string? note) =>
        new()
        {
            Format = "nerezza.template",
            Version = 1,
            Name = name,
            Note = note,
            Kind = template.Kind,
            Focus = template.Focus,
            Weeks =
            [
                .. template.Weeks.Select(week => new TemplateWeekSection
                {
                    Sessions = [.. week.Select(session => new TemplateSessionSection { Items = [.. session.Items.Select(ToSection)] })],
                }),
            ],
        };

    private static TemplateItemSection ToSection(TemplateItem item) =>
        CellMapping.Fill(new TemplateItemSection { Exercise = item.Exercise, Role = item.Role }, item.Values);
}
