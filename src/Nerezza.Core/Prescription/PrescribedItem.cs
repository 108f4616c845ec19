using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Prescription;

/// <summary>One exercise of a session with all its sets.</summary>
public sealed record PrescribedItem
{
    /// <summary>Exercise id.</summary>
    public required string Exercise { get; init; }

    /// <summary>What it is for.</summary>
    public Purpose Purpose => Ask.Chosen.Purpose;

    /// <summary>How it is done.</summary>
    public required Role Role { get; init; }

    /// <summary>Why it is here.</summary>
    public required ChosenReason Reason { get; init; }

    /// <summary>The findings that it answers.</summary>
    public IReadOnlyList<FindingCode> Answers { get; init; } = [];

    /// <summary>Heights to set.</summary>
    public SetUp SetUp { get; init; } = SetUp.None;

    /// <summary>Cues, the one to watch first.</summary>
    public required IReadOnlyList<string> Cues { get; init; }

    /// <summary>Warm-up sets, lightest first.</summary>
    public required IReadOnlyList<WarmUpSet> WarmUp { get; init; }

    /// <summary>Work sets in order.</summary>
    public required IReadOnlyList<PrescribedSet> Sets { get; init; }

    /// <summary>What it was asked for.</summary>
    public required ItemTarget Ask { get; init; }

    /// <summary>Repetitions that an adjustment may use.</summary>
    public RepRange Range => Ask.Range;

    /// <summary>The letter of its superset; null when it stands alone.</summary>
    public string? Superset => Ask.Superset;

    /// <summary>Whether it goes by repetitions, not by the clock or the way.</summary>
    public bool IsCounted => Sets.All(set => set.Seconds is null && set.Metres is null);

    /// <summary>Sets, both sides of one counted once; the weaker side's extra set left out.</summary>
    public int SetsASide => Sets.GroupBy(set => set.Side).Min(side => side.Count());
}

/// <summary>One work set.</summary>
public sealed record PrescribedSet
{
    /// <summary>Repetitions.</summary>
    public required int Reps { get; init; }

    /// <summary>Part of e1RM; null where no max is known.</summary>
    public Percent? Percent { get; init; }

    /// <summary>The whole external load; null where effort alone leads.</summary>
    public Load? Load { get; init; }

    /// <summary>One piece, where the load is made of whole pieces.</summary>
    public Load? Each { get; init; }

    /// <summary>How many pieces.</summary>
    public int? Count { get; init; }

    /// <summary>Name of the bar.</summary>
    public string? Bar { get; init; }

    /// <summary>Plates of one sleeve, heaviest first; null without a bar.</summary>
    public IReadOnlyList<Load>? PerSide { get; init; }

    /// <summary>Effort.</summary>
    public required Rpe Rpe { get; init; }

    /// <summary>Whether it is easier than anybody can rate: then the word stands in the place of a number
    /// (docs/handbook/11-prescription.md).</summary>
    public bool IsEasy => Rpe.Value < PrescriptionRules.Shipped.File.LeastRated;

    /// <summary>Tempo.</summary>
    public required Tempo Tempo { get; init; }

    /// <summary>The rest that follows.</summary>
    public required Rest Rest { get; init; }

    /// <summary>The side that works; null for both.</summary>
    public Side? Side { get; init; }

    /// <summary>Whether it goes on to as many repetitions as possible; at the prescribed one the client says what is left.</summary>
    public bool Amrap { get; init; }

    /// <summary>Seconds of a hold; null for work by repetitions.</summary>
    public int? Seconds { get; init; }

    /// <summary>The implements of a medley in a row; empty where it is none.</summary>
    public IReadOnlyList<MedleyPiece> Medley { get; init; } = [];

    /// <summary>Distance of a carry, metres, of a medley with each implement; null for work by repetitions.</summary>
    public int? Metres { get; init; }

    /// <summary>The whole way, metres, with all implements of a medley; null for work by repetitions.</summary>
    public int? Way => Metres * Math.Max(1, Medley.Count);
}
