using System.Diagnostics;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Plans;

/// <summary>What an edit does; which fields it needs follows from it.</summary>
public enum EditKind
{
    Write,
    Add,
    Remove,
    Replace,
    Order,
    Carry,
    MoveSession,
    CopySession,
    Missed,
}

/// <summary>One edit of a block as JSON. Fields that its kind has no use for are left out.</summary>
public sealed record EditSection : CellSection
{
    public required EditKind Kind { get; init; }

    [Between(1, 12, "a week")]
    public required int Week { get; init; }
    public required Weekday Day { get; init; }

    [ExerciseId]
    public string? Exercise { get; init; }

    /// <summary>The exercise that comes in its place.</summary>
    [ExerciseId]
    public string? With { get; init; }
    public Role? Role { get; init; }

    /// <summary>The place in the session, from 0.</summary>
    [Between(0, 30, "a place")]
    public int? To { get; init; }

    [Between(1, 12, "a week")]
    public int? ToWeek { get; init; }
    public Weekday? ToDay { get; init; }

    /// <summary>Repetitions set by set.</summary>
    [Items(12, Least = 1), Between(1, 60, "repetitions")]
    public IReadOnlyList<int>? EachReps { get; init; }

    [Between(0, 1000, "kilograms")]
    public double? Kg { get; init; }
}

/// <summary>Turns edits into their JSON and back.</summary>
public static class EditMapping
{
    /// <summary>What the shape of an edit cannot say: which fields its kind needs, and a tempo that can be read.</summary>
    public static IEnumerable<Fault> Faults(IReadOnlyList<EditSection> edits, string path) =>
        edits.SelectMany((edit, i) => Faults(edit).Select(fault => new Fault($"{path}[{i}].{fault.Path}", fault.Message)));

    private static IEnumerable<Fault> Faults(EditSection edit)
    {
        bool ofSession = edit.Kind is EditKind.MoveSession or EditKind.CopySession or EditKind.Missed;
        if (!ofSession && edit.Exercise is null)
            yield return new Fault("exercise", "is missing; the exercise of the cell expected");
        if (edit.Kind is EditKind.Replace && edit.With is null)
            yield return new Fault("with", "is missing; the exercise that comes in its place expected");
        if (edit.Kind is EditKind.Add && edit.Role is null)
            yield return new Fault("role", "is missing; what the exercise is for expected");
        if (edit.Kind is EditKind.Order && edit.To is null)
            yield return new Fault("to", "is missing; the place in the session expected");
        if (edit.Kind is EditKind.Carry or EditKind.MoveSession or EditKind.CopySession && edit.ToDay is null)
            yield return new Fault("toDay", "is missing; a weekday expected");
        if (edit.Kind is EditKind.CopySession && edit.ToWeek is null)
            yield return new Fault("toWeek", "is missing; a week expected");
        foreach (Fault fault in CellMapping.Faults(edit))
            yield return fault;
    }

    /// <summary>The edits; their faults were looked for before.</summary>
    public static IReadOnlyList<BlockEdit> ToEdits(IReadOnlyList<EditSection> sections) => [.. sections.Select(ToEdit)];

    private static BlockEdit ToEdit(EditSection edit) =>
        edit.Kind switch
        {
            EditKind.Write => new BlockEdit.Write(At(edit), Values(edit)),
            EditKind.Add => new BlockEdit.Add(At(edit), edit.Role!.Value, Values(edit)),
            EditKind.Remove => new BlockEdit.Remove(At(edit)),
            EditKind.Replace => new BlockEdit.Replace(At(edit), edit.With!),
            EditKind.Order => new BlockEdit.Order(At(edit), edit.To!.Value),
            EditKind.Carry => new BlockEdit.Carry(At(edit), edit.ToDay!.Value),
            EditKind.MoveSession => new BlockEdit.MoveSession(edit.Week, edit.Day, edit.ToDay!.Value),
            EditKind.CopySession => new BlockEdit.CopySession(edit.Week, edit.Day, edit.ToWeek!.Value, edit.ToDay!.Value),
            EditKind.Missed => new BlockEdit.Missed(edit.Week, edit.Day),
        };

    private static CellPlace At(EditSection edit) => new(edit.Week, edit.Day, edit.Exercise!);

    private static CellValues Values(EditSection edit) =>
        CellMapping.ToValues(edit) with
        {
            EachReps = edit.EachReps,
            Load = edit.Kg is { } kg ? Load.FromKilograms(kg) : null,
        };

    /// <summary>The JSON of an edit.</summary>
    public static EditSection ToSection(BlockEdit edit) =>
        edit switch
        {
            BlockEdit.Write write => Cell(EditKind.Write, write.At, write.Values),
            BlockEdit.Add add => Cell(EditKind.Add, add.At, add.Values) with { Role = add.Role },
            BlockEdit.Remove remove => Cell(EditKind.Remove, remove.At, CellValues.Nothing),
            BlockEdit.Replace replace => Cell(EditKind.Replace, replace.At, CellValues.Nothing) with { With = replace.With },
            BlockEdit.Order order => Cell(EditKind.Order, order.At, CellValues.Nothing) with { To = order.To },
            BlockEdit.Carry carry => Cell(EditKind.Carry, carry.At, CellValues.Nothing) with { ToDay = carry.To },
            BlockEdit.MoveSession move => new EditSection
            {
                Kind = EditKind.MoveSession,
                Week = move.Week,
                Day = move.From,
                ToDay = move.To,
            },
            BlockEdit.CopySession copy => new EditSection
            {
                Kind = EditKind.CopySession,
                Week = copy.Week,
                Day = copy.Day,
                ToWeek = copy.ToWeek,
                ToDay = copy.ToDay,
            },
            BlockEdit.Missed missed => new EditSection
            {
                Kind = EditKind.Missed,
                Week = missed.Week,
                Day = missed.Day,
            },
            _ => throw new UnreachableException(edit.GetType().Name),
        };

    private static EditSection Cell(EditKind kind, CellPlace at, CellValues values) =>
        CellMapping.Fill(
            new EditSection
            {
                Kind = kind,
                Week = at.Week,
                Day = at.Day,
                Exercise = at.Exercise,
                EachReps = values.EachReps,
                Kg = values.Load?.Kilograms,
            },
            values
        );
}
