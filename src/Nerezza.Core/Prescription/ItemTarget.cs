using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Prescription;

/// <summary>What an exercise of a session is asked for, before loads: enough to prescribe it again after a change.</summary>
/// <param name="Rule">The row of its role.</param>
/// <param name="Range">Repetitions that an adjustment may use.</param>
public sealed record ItemTarget(Chosen Chosen, RoleRule Rule, RepRange Range, WeekTarget Target)
{
    /// <summary>The letter of its superset; null when it stands alone.</summary>
    public string? Superset { get; init; }

    /// <summary>How far into the block its heights are.</summary>
    public HeightCourse Course { get; init; } = HeightCourse.Start;

    /// <summary>What the coach changed by hand; planning again keeps it.</summary>
    public Pins Pinned { get; init; }

    /// <summary>Whether it is lifted for repetitions: not held, not carried, not there to be felt.</summary>
    public bool IsLifted => Target is { Seconds: null, Metres: null } && Rule.Role is not Role.Priming;

    /// <summary>What caution says before any other cue; nothing where nothing is lifted for repetitions.</summary>
    public IReadOnlyList<string> CareCues => IsLifted ? Chosen.Limits.Cues : [];

    /// <summary>With as many repetitions as caution asks for (docs/handbook/07-pain-and-health.md#before-heavy-work).</summary>
    public ItemTarget WithFewestReps()
    {
        int fewest = Chosen.Limits.FewestReps;
        return fewest <= 1 || !IsLifted
            ? this
            : this with
            {
                Range = Range.AtLeast(fewest),
                Target = Target with
                {
                    Reps = Math.Max(Target.Reps, fewest),
                    EachReps = [.. Target.EachReps.Select(reps => Math.Max(reps, fewest))],
                },
            };
    }
}

/// <summary>What of an exercise stands by the coach's hand.</summary>
[Flags]
public enum Pins
{
    /// <summary>Nothing.</summary>
    None = 0,

    /// <summary>That it is there, or its place.</summary>
    Place = 1,

    /// <summary>Number of sets.</summary>
    Sets = 2,

    /// <summary>Repetitions, metres or seconds.</summary>
    Reps = 4,

    /// <summary>Percent, effort or load.</summary>
    Load = 8,

    /// <summary>Tempo.</summary>
    Tempo = 16,

    /// <summary>Rest.</summary>
    Rest = 32,

    /// <summary>Shape of the sets, AMRAP, superset.</summary>
    Shape = 64,
}
