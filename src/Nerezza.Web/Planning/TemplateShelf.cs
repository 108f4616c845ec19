using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>The templates at hand: the practice's own, then those that ship.</summary>
internal sealed class TemplateShelf(TemplateStore store, OwnCatalogue own)
{
    public async Task<IReadOnlyList<TemplateLine>> All(CancellationToken cancel) =>
        [
            .. (await store.All(cancel)).Select(row => Line(row.Id.ToString(), row.Document, row)),
            .. ShippedTemplates.All.Select(one => Line(one.Key, one.Value, null)),
        ];

    /// <summary>One by its id; null where there is none.</summary>
    public async Task<TemplateDocument?> Find(string id, CancellationToken cancel) =>
        Guid.TryParse(id, out Guid kept) ? (await store.Find(kept, cancel))?.Document : ShippedTemplates.All.GetValueOrDefault(id);

    private TemplateLine Line(string id, TemplateDocument document, TemplateRow? row) =>
        new(
            id,
            document.Name,
            document.Note,
            document.Kind,
            document.Weeks.Count,
            document.Weeks.Max(week => week.Sessions.Count),
            [.. TemplateMapping.ToTemplate(document).Exercises.Select(exercise => own.All[exercise].Name)],
            row?.By,
            row?.MadeAt
        );
}
