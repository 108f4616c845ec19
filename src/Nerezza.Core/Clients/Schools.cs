namespace Nerezza.Core.Clients;

/// <summary>The coach's schools; a null accessory school takes the handbook's default for the findings at hand.</summary>
public sealed record Schools
{
    /// <summary>How accessories are weighed.</summary>
    public AccessorySchool? Accessories { get; init; }

    /// <summary>One side first, or the barbell first.</summary>
    public SideSchool Sides { get; init; } = SideSchool.UnilateralFirst;

    /// <summary>Repetitions of strength work.</summary>
    public StrengthReps StrengthReps { get; init; } = StrengthReps.Moderate;

    /// <summary>Shape of the work sets.</summary>
    public WorkSets WorkSets { get; init; } = WorkSets.Straight;

    /// <summary>Change from week to week.</summary>
    public Progression Progression { get; init; } = Progression.Wave;

    /// <summary>Place of single-joint work.</summary>
    public Isolation Isolation { get; init; } = Isolation.After;

    /// <summary>How sets are counted.</summary>
    public SetCounting SetCounting { get; init; } = SetCounting.Fractional;

    /// <summary>How quad work is spread.</summary>
    public QuadSchool Quads { get; init; } = QuadSchool.Standard;
}
