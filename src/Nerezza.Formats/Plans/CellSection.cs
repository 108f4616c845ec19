using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Plans;

/// <summary>What a coach asks of an exercise, in an edit of a block or in a template. Fields that are left out ask nothing.</summary>
public abstract record CellSection
{
    [Between(1, 12, "sets")]
    public int? Sets { get; init; }

    [Between(1, 60, "repetitions")]
    public int? Reps { get; init; }

    [Between(10, 110, "percent")]
    public double? Percent { get; init; }

    [Between(1, 10, "an RPE")]
    public double? Rpe { get; init; }

    [Length(9)]
    public string? Tempo { get; init; }

    [Between(0, 900, "seconds")]
    public int? RestSeconds { get; init; }
    public TargetKind? Shape { get; init; }
    public LastSet? Last { get; init; }

    [Length(2)]
    public string? Superset { get; init; }

    [Between(1, 1000, "metres")]
    public int? Metres { get; init; }

    [Between(1, 900, "seconds")]
    public int? Seconds { get; init; }
}

/// <summary>Turns what is asked of an exercise into its JSON and back.</summary>
internal static class CellMapping
{
    /// <summary>What the shape cannot say: a tempo that can be read.</summary>
    public static IEnumerable<Fault> Faults(CellSection cell)
    {
        if (cell.Tempo is { } tempo && Tempo.TryParse(tempo) is null)
            yield return new Fault("tempo", $"'{tempo}' is not four numbers such as 3-0-1-0, X for as fast as possible");
    }

    /// <summary>What is asked; its faults were looked for before.</summary>
    public static CellValues ToValues(CellSection cell) =>
        new()
        {
            Sets = cell.Sets,
            Reps = cell.Reps,
            Percent = cell.Percent,
            Rpe = cell.Rpe is { } rpe ? Rpe.Of(rpe) : null,
            Tempo = cell.Tempo is { } tempo ? Tempo.Parse(tempo) : null,
            RestSeconds = cell.RestSeconds,
            Kind = cell.Shape,
            Last = cell.Last,
            // In a document an empty letter stands for alone.
            Superset = cell.Superset is { } letter ? new SupersetPlace(letter.Length > 0 ? letter : null) : null,
            Metres = cell.Metres,
            Seconds = cell.Seconds,
        };

    /// <summary>A section with what is asked in it.</summary>
    public static T Fill<T>(T section, CellValues values)
        where T : CellSection =>
        // A copy keeps the type that it is a copy of.
        (T)(
            (CellSection)section with
            {
                Sets = values.Sets,
                Reps = values.Reps,
                Percent = values.Percent,
                Rpe = values.Rpe?.Value,
                Tempo = values.Tempo?.ToString(),
                RestSeconds = values.RestSeconds,
                Shape = values.Kind,
                Last = values.Last,
                Superset = values.Superset is { } place ? place.Letter ?? "" : null,
                Metres = values.Metres,
                Seconds = values.Seconds,
            }
        );
}
