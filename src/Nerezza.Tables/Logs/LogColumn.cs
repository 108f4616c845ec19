using System.Reflection;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Shapes;

namespace Nerezza.Tables.Logs;

/// <summary>What a column of a log says (docs/formats/log.md).</summary>
public enum LogColumn
{
    Date,
    Exercise,
    Side,
    Kg,
    Lb,
    Reps,
    Rpe,

    /// <summary>Several sets in one cell, for example 3x5x100.</summary>
    Sets,
    ToTheEnd,
    SaidAtRep,
    ReserveSaid,
    Seconds,
    Metres,
    HeightCm,
    CleanReps,
    Word,
    Band,
    Implements,
    TechniqueHeldTo,
    Pain,
    PainAt,
    Note,
}

/// <summary>A set of a log as a line.</summary>
public sealed record LogLine(DateOnly Date, LogSetSection Set, string? Note);

/// <summary>Names, ranges and units of the columns.</summary>
internal static class LogColumns
{
    /// <summary>As a note on the floor.</summary>
    public const int LongestNote = 2000;
    public static readonly int LongestBand = typeof(LogSetSection)
        .GetProperty(nameof(LogSetSection.Band))!
        .GetCustomAttribute<LengthAttribute>()!
        .Most;

    /// <summary>The heading that is written.</summary>
    public static string NameOf(LogColumn column) => Core.Measures.Codes.Kebab(column.ToString()).Replace('-', '_');

    /// <summary>The range of a number, as the open format has it.</summary>
    public static BetweenAttribute RangeOf(LogColumn column) =>
        column switch
        {
            LogColumn.SaidAtRep => Of<ReserveSaidSection>(nameof(ReserveSaidSection.Rep)),
            LogColumn.ReserveSaid => Of<ReserveSaidSection>(nameof(ReserveSaidSection.Rir)),
            LogColumn.Lb => new BetweenAttribute(0, 2204, "pounds"),
            _ => Of<LogSetSection>(column.ToString()),
        };

    private static BetweenAttribute Of<T>(string property) => typeof(T).GetProperty(property)!.GetCustomAttribute<BetweenAttribute>()!;
}
