namespace Nerezza.Formats.Shapes;

/// <summary>The dates that a document may hold, both ends counted.</summary>
public readonly record struct DaySpan(DateOnly First, DateOnly Last)
{
    // The longest life and the furthest plan (assumption).
    private const int YearsBack = 120,
        YearsAhead = 2;

    /// <summary>For a document that is read without knowing what day it is, as on the command line.</summary>
    public static DaySpan Open { get; } = new(new DateOnly(1900, 1, 1), new DateOnly(2200, 12, 31));

    /// <summary>For what is written on a day: 120 years back and 2 ahead.</summary>
    public static DaySpan Around(DateOnly today) => new(today.AddYears(-YearsBack), today.AddYears(YearsAhead));

    /// <summary>What is wrong with a date; null when nothing is.</summary>
    public string? Fault(DateOnly date) =>
        date < First || date > Last ? $"{date:yyyy-MM-dd} is not between {First:yyyy-MM-dd} and {Last:yyyy-MM-dd}" : null;
}
