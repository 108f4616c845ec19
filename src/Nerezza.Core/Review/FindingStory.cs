using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Review;

/// <summary>How a finding went, on its own measures, over all screens and logs (docs/handbook/14-review.md).</summary>
public sealed record FindingStory
{
    /// <summary>The finding as it was found last.</summary>
    public required Finding Finding { get; init; }

    /// <summary>Whether the newest screen and log still find it.</summary>
    public required bool IsOpen { get; init; }

    /// <summary>Closing, same, worse, closed, or not measured since.</summary>
    public required Course Course { get; init; }

    /// <summary>The day that found it first.</summary>
    public required DateOnly Since { get; init; }

    /// <summary>What it is measured by; empty where it was only seen.</summary>
    public required IReadOnlyList<MeasureStory> Measures { get; init; }

    /// <summary>How far form held in the lifts in which its faults were seen, by day since it was found; empty where no set says that it
    /// broke. It is shown and not judged: loads and repetitions change from day to day.</summary>
    public required IReadOnlyList<FormHeld> Form { get; init; }

    /// <summary>When it is to be tested again; null where nothing is to be.</summary>
    public RetestDue? Retest { get; init; }
}

/// <summary>One measure through time.</summary>
/// <param name="Points">By day.</param>
/// <param name="Error">A change below this says nothing.</param>
/// <param name="Norm">From which it is adequate; null where the body sets it.</param>
/// <param name="Course">By this measure alone.</param>
public sealed record MeasureStory(Measure Measure, Side? Side, IReadOnlyList<MeasurePoint> Points, double Error, Norm? Norm, Course Course)
{
    /// <summary>What this body asks for by the model, where that is its norm: the lean of a squat; null else.</summary>
    public double? Expected { get; init; }
}

/// <summary>The set of a day in which form broke first.</summary>
/// <param name="HeldTo">The last repetition in good form.</param>
/// <param name="Of">Repetitions of the set.</param>
public sealed record FormHeld(DateOnly Date, string Exercise, int HeldTo, int Of);

/// <summary>What was measured on a day.</summary>
public sealed record MeasurePoint(DateOnly Date, double Value);

/// <summary>The days between which a test is due.</summary>
/// <param name="From">Earlier it says little.</param>
/// <param name="Until">Later it is overdue.</param>
public sealed record RetestDue(DateOnly From, DateOnly Until)
{
    /// <summary>Whether it is due on a day.</summary>
    public bool IsDue(DateOnly day) => day >= From;

    /// <summary>Whether it is overdue on a day.</summary>
    public bool IsLate(DateOnly day) => day > Until;
}
