using Nerezza.Formats.Plans;
using Nerezza.Tables.Logs;

namespace Nerezza.Tables.Weeks;

/// <summary>A row of a pasted week as it was understood.</summary>
/// <param name="Week">From 1.</param>
/// <param name="Session">Of the week, from 1, with the name that it has in the file.</param>
/// <param name="Item">Null where it cannot be read.</param>
/// <param name="Why">The cell and what is wrong with it; null where nothing is.</param>
public sealed record PastedLine(int Row, int Week, int Session, string Named, TemplateItemSection? Item, string? Why);

/// <summary>A pasted week as it was understood.</summary>
/// <param name="HasLoads">Whether loads stand there, which follow from the client's maxes instead.</param>
/// <param name="HasRanges">Whether ranges such as 8-12 stand there, of which the middle is read.</param>
public sealed record WeekReading(IReadOnlyList<PastedLine> Lines, IReadOnlyList<UnknownName> Unknown, bool HasLoads, bool HasRanges);
