using Nerezza.Core.Clients;
using Nerezza.Core.Floor;

namespace Nerezza.Formats.Floor;

/// <summary>What advice on the next set of an exercise is made from; the same on the server and in the page, where it needs no
/// network.</summary>
public sealed record AdviceBasis
{
    /// <summary>Bend of the lifter's repetition curve; 1 is the standard one.</summary>
    public required double Curve { get; init; }

    /// <summary>Of the body that is lifted along, kg.</summary>
    public required double BodyKg { get; init; }

    /// <summary>Repetitions by which ratings are corrected.</summary>
    public required double Bias { get; init; }

    /// <summary>Repetitions to which a set may go on where its load cannot; null in what a page kept of before there were any.</summary>
    public int? MostReps { get; init; }

    /// <summary>What can be loaded around the planned load, kg, ascending.</summary>
    public required IReadOnlyList<double> StepsKg { get; init; }

    /// <summary>Every set as planned, by place.</summary>
    public required IReadOnlyList<AdviceSet> Sets { get; init; }
}

/// <summary>A set as planned.</summary>
public sealed record AdviceSet
{
    public required SetKind Kind { get; init; }

    public required double? Kg { get; init; }

    public required int Reps { get; init; }

    public required double Rpe { get; init; }

    public required double? Seconds { get; init; }

    /// <summary>The whole way.</summary>
    public required double? Metres { get; init; }

    public required Side? Side { get; init; }

    public required bool Amrap { get; init; }
}

/// <summary>A set as done.</summary>
public sealed record AdviceDone
{
    public required int Place { get; init; }

    public double? Kg { get; init; }

    public int? Reps { get; init; }

    public double? Rpe { get; init; }

    public int? TechniqueHeldTo { get; init; }

    public double? Pain { get; init; }

    public double? Seconds { get; init; }

    public double? Metres { get; init; }

    public SetWord? Word { get; init; }
}

/// <summary>A question of the page.</summary>
/// <param name="Done">In any order; of two for one place the later counts.</param>
public sealed record AdviceQuestion(AdviceBasis Basis, IReadOnlyList<AdviceDone> Done);

/// <summary>What the last set suggests for the next one.</summary>
/// <param name="Next">The set to do; null where none is proposed.</param>
/// <param name="Ends">Whether the exercise should end here.</param>
public sealed record FloorProposal(int Place, string Text, ProposedSet? Next, bool Ends);

/// <summary>A set that is proposed in place of the planned one.</summary>
public sealed record ProposedSet(double? Kg, int Reps, double? Seconds, double? Metres);
