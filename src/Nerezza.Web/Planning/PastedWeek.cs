using System.Globalization;
using System.Text;
using System.Text.Json;
using Nerezza.Core.Clients;
using Nerezza.Data.Stores;
using Nerezza.Formats;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;
using Nerezza.Tables.Weeks;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>A week that was pasted, as a template, or why it is none.</summary>
public abstract record PastedReading
{
    private PastedReading() { }

    /// <param name="Template">Of what can be read; null where nothing can.</param>
    /// <param name="Wrong">What cannot be read, with its cell.</param>
    public sealed record Read(TemplateDocument? Template, WeekReading Week, IReadOnlyList<string> Wrong) : PastedReading;

    public sealed record Refused(string Why) : PastedReading;
}

/// <summary>Makes a template of a week that was pasted from a spreadsheet (docs/formats/template.md).</summary>
public sealed class PastedWeek(OwnCatalogue own, ImportStore imports)
{
    private static readonly Shape TemplateShape = ShapeOf.Document<TemplateDocument>();

    /// <summary>The week as what was said of it has it understood.</summary>
    /// <param name="times">How often it stands in a row, where one was pasted.</param>
    public async Task<PastedReading> Read(ReadWeek asked, string name, int times, CancellationToken cancel)
    {
        switch (Sheets(asked.Text))
        {
            case ReadFile.Refused refused:
                return new PastedReading.Refused(refused.Why);
            case ReadFile.Sheets { All: [var sheet, ..] }:
                ExerciseNames names = OpenedTable.Names(asked.Names, await imports.Names(cancel), own.All);
                return Held(new WeekReader(names, own.All).Read(sheet), name, times);
            default:
                return new PastedReading.Refused("There is nothing in it.");
        }
    }

    /// <summary>Cells where they are told apart, else a line a cell: a name of an exercise may have a comma in it.</summary>
    private static ReadFile Sheets(string text) =>
        text.Contains('\t', StringComparison.Ordinal) || text.Contains(';', StringComparison.Ordinal)
            ? SheetReader.Read(Encoding.UTF8.GetBytes(text))
            : new ReadFile.Sheets([new Sheet("", [.. text.Split('\n').Select((line, i) => new SheetRow(i + 1, [new Cell(line.Trim())]))])]);

    /// <summary>Held against the rules of a template, row by row: what breaks one is left out and told.</summary>
    private PastedReading.Read Held(WeekReading week, string name, int times)
    {
        List<string> wrong = [.. week.Lines.Where(line => line.Why is not null).Select(line => line.Why!)];
        List<PastedLine> good = [];
        foreach (PastedLine line in week.Lines.Where(line => line.Item is not null))
            if (Document([line], name, 1) is var alone && Fault(alone) is { } fault)
                wrong.Add($"row {line.Row}: {fault}");
            else if (good.Exists(one => (one.Week, one.Session) == (line.Week, line.Session) && one.Item!.Exercise == line.Item!.Exercise))
                wrong.Add($"row {line.Row}: {own.All[line.Item!.Exercise].Name} stands in this session already; each once expected");
            else
                good.Add(line);
        TemplateDocument? whole = good.Count == 0 ? null : Document(good, name, times);
        if (whole is not null && Fault(whole) is { } tooMuch)
        {
            wrong.Add(tooMuch);
            whole = null;
        }
        return new PastedReading.Read(whole, week with { Lines = good }, wrong);
    }

    private string? Fault(TemplateDocument document)
    {
        using JsonDocument json = JsonSerializer.SerializeToDocument(document, Json.Options);
        Fault? fault = ShapeValidator
            .Validate(json.RootElement, TemplateShape, own.OwnIds, DaySpan.Open)
            .Concat(TemplateMapping.Faults(document))
            .FirstOrDefault();
        return fault is null ? null : $"{fault.Path.Split('.')[^1]} {fault.Message}";
    }

    private static TemplateDocument Document(IReadOnlyList<PastedLine> lines, string name, int times)
    {
        List<TemplateWeekSection> weeks =
        [
            .. lines
                .GroupBy(line => line.Week)
                .OrderBy(week => week.Key)
                .Select(week => new TemplateWeekSection
                {
                    Sessions =
                    [
                        .. week.GroupBy(line => line.Session)
                            .OrderBy(session => session.Key)
                            .Select(session => new TemplateSessionSection { Items = [.. session.Select(line => line.Item!)] }),
                    ],
                }),
        ];
        return new TemplateDocument
        {
            Format = "nerezza.template",
            Version = 1,
            Name = name,
            Kind = BlockKind.Auto,
            Weeks = weeks.Count == 1 ? [.. Enumerable.Repeat(weeks[0], times)] : weeks,
        };
    }

    /// <summary>How it was understood, for the page.</summary>
    public WeekView View(PastedReading.Read read) =>
        new(
            [
                .. read
                    .Week.Lines.GroupBy(line => (line.Week, line.Session, line.Named))
                    .OrderBy(session => session.Key.Week)
                    .ThenBy(session => session.Key.Session)
                    .Select(session => new WeekSessionView(
                        session.Key.Week,
                        session.Key.Named,
                        [.. session.Select(line => Text(line.Item!))]
                    )),
            ],
            read.Template?.Weeks.Count ?? 0,
            OpenedTable.Asked(read.Week.Unknown),
            read.Wrong,
            read.Week.HasLoads,
            read.Week.HasRanges
        );

    private string Text(TemplateItemSection item)
    {
        string[] asked =
        [
            Sets(item),
            item.Percent is { } percent ? Say($"{percent:0.#} %") : "",
            item.Rpe is { } rpe ? Say($"RPE {rpe:0.#}") : "",
            item.Tempo is { } tempo ? $"tempo {tempo}" : "",
            item.RestSeconds is { } rest ? Say($"rest {rest} s") : "",
            item.Superset is { } letter ? $"superset {letter}" : "",
        ];
        return $"{own.All[item.Exercise].Name}: {string.Join(", ", asked.Where(part => part.Length > 0).DefaultIfEmpty("as is usual"))}";
    }

    private static string Sets(TemplateItemSection item)
    {
        string each =
            item.Reps is { } reps ? Say($"{reps}")
            : item.Seconds is { } seconds ? Say($"{seconds} s")
            : item.Metres is { } metres ? Say($"{metres} m")
            : "";
        return (item.Sets, each) switch
        {
            ({ } sets, "") => Say($"{sets} sets"),
            ({ } sets, _) => Say($"{sets} x {each}"),
            (null, "") => "",
            _ => each,
        };
    }

    private static string Say(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
