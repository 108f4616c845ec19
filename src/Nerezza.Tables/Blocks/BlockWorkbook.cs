using System.Globalization;
using MiniExcelLibs;
using MiniExcelLibs.OpenXml;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;
using Nerezza.Formats.Plans;
using Nerezza.Tables.Sheets;

namespace Nerezza.Tables.Blocks;

/// <summary>Writes a block as a workbook that is used without Nerezza: a sheet a week, a row a set, empty columns for what was done, which
/// are read back as a log (docs/formats/block.md); then the hard sets by muscle.</summary>
public static class BlockWorkbook
{
    // Columns in the order of the sheet, with widths in characters.
    private static readonly (string Name, double Width)[] Columns =
    [
        ("Date", 11),
        ("Exercise", 30),
        ("Set", 10),
        ("Superset", 8),
        ("Side", 6),
        ("Target", 12),
        ("Load", 12),
        ("Each sleeve", 14),
        ("Effort", 8),
        ("Tempo", 8),
        ("Rest", 6),
        ("Set-up", 30),
        ("Cue", 30),
        ("Done kg", 8),
        ("Done reps", 10),
        ("Done RPE", 9),
        ("Done seconds", 12),
        ("Done metres", 11),
        ("Note", 20),
    ];

    /// <summary>The workbook.</summary>
    /// <exception cref="ArgumentException">The plan has no block.</exception>
    public static byte[] Write(PlanDocument plan, ExerciseCatalogue catalogue)
    {
        BlockPart block = plan.Block ?? throw new ArgumentException("A plan without a block has no workbook.", nameof(plan));
        Dictionary<string, object> sheets = block.Weeks.ToDictionary(
            week => $"Week {week.Number}",
            object (week) => Rows(week, catalogue).ToList()
        );
        sheets["Hard sets"] = Ledger(plan);
        using var stream = new MemoryStream();
        stream.SaveAs(
            sheets,
            configuration: new OpenXmlConfiguration
            {
                TableStyles = TableStyles.None,
                AutoFilter = false,
                FreezeRowCount = 1,
                FreezeColumnCount = 3,
                DynamicColumns =
                [
                    .. Columns.Select(column => new MiniExcelLibs.Attributes.DynamicExcelColumn(column.Name) { Width = column.Width }),
                ],
            }
        );
        PageFit.Set(stream);
        return stream.ToArray();
    }

    private static IEnumerable<Dictionary<string, object?>> Rows(WeekPart week, ExerciseCatalogue catalogue)
    {
        foreach (SessionPart session in week.Sessions)
        foreach (ItemPart item in session.Items)
        {
            for (int i = 0; i < item.WarmUp.Count; i++)
                yield return Row(
                    session,
                    catalogue[item.Exercise].Name,
                    new()
                    {
                        ["Set"] = $"warm-up {i + 1}",
                        ["Superset"] = item.Superset,
                        ["Set-up"] = i == 0 ? SetUp(item) : null,
                        ["Target"] = Say($"{item.WarmUp[i].Reps} reps"),
                        ["Load"] = Say($"{item.WarmUp[i].Kg:0.##} kg"),
                    }
                );
            for (int i = 0; i < item.Sets.Count; i++)
                yield return Row(session, catalogue[item.Exercise].Name, Set(item, i, catalogue));
        }
    }

    private static Dictionary<string, object?> Row(SessionPart session, string exercise, Dictionary<string, object?> says)
    {
        says["Date"] = session.Date.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
        says["Exercise"] = PlainText.Write(exercise);
        return Columns.ToDictionary(column => column.Name, column => says.GetValueOrDefault(column.Name));
    }

    private static Dictionary<string, object?> Set(ItemPart item, int at, ExerciseCatalogue catalogue)
    {
        SetPart set = item.Sets[at];
        return new()
        {
            ["Set"] = Say($"{at + 1}"),
            ["Superset"] = item.Superset,
            ["Side"] = set.Side is { } side ? Codes.Of(side) : null,
            ["Target"] = Target(set, catalogue),
            ["Load"] = Load(set),
            ["Each sleeve"] = set.PerSide is { Count: > 0 } plates ? string.Join(" + ", plates.Select(kg => Say($"{kg:0.##}"))) : null,
            ["Effort"] =
                set.Rpe is { } rpe ? Say($"RPE {rpe:0.#}")
                : set.Effort is { } word ? Codes.Of(word)
                : null,
            ["Tempo"] = set.Tempo,
            ["Rest"] = set.RestSeconds > 0 ? Say($"{set.RestSeconds} s") : null,
            ["Set-up"] = at == 0 && item.WarmUp.Count == 0 ? SetUp(item) : null,
            ["Cue"] = at == 0 && item.Cues is [var cue, ..] ? PlainText.Write(cue) : null,
        };
    }

    /// <summary>How to stand and what to set, before the first set of it, warm-up or not.</summary>
    private static string? SetUp(ItemPart item) =>
        string.Join(". ", new[] { item.Settings.Stance, item.Settings.Note }.Where(part => part.Length > 0)) is { Length: > 0 } text
            ? PlainText.Write(text)
            : null;

    private static string? Target(SetPart set, ExerciseCatalogue catalogue) =>
        set switch
        {
            { Implements: { Count: > 0 } all } => string.Join(
                ", ",
                all.Select(one => Say($"{catalogue[one.Exercise].Name} {one.Kg:0.##} kg {one.Metres:0} m"))
            ),
            { Metres: { } metres } => Say($"{metres:0.#} m"),
            { Seconds: { } seconds } => Say($"{seconds:0} s"),
            { Amrap: true, Reps: { } reps } => Say($"{reps} and more"),
            { Reps: { } reps } => Say($"{reps} reps"),
            { Reps: null } => null,
        };

    private static string? Load(SetPart set) =>
        set switch
        {
            { Kg: null or 0 } => null,
            { Each: { } each, Count: > 1 and var count } => Say($"{count} x {each:0.##} kg"),
            { Kg: { } kg } => Say($"{kg:0.##} kg"),
        };

    private static List<Dictionary<string, object?>> Ledger(PlanDocument plan) =>
        [
            .. plan.Ledger.Select(muscle =>
                muscle.Weeks.Aggregate(
                    new Dictionary<string, object?> { ["Muscle"] = Codes.Of(muscle.Muscle) },
                    (row, week) =>
                    {
                        row[$"Week {week.Number}"] = week.Sets;
                        return row;
                    }
                )
            ),
        ];

    private static string Say(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
