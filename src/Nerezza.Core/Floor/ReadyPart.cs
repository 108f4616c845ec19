using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Floor;

/// <summary>A set of the day, as how the client comes in may change it.</summary>
public sealed record ReadySet(SetKind Kind, SetAhead Ahead, Side? Side, bool Amrap);

/// <summary>An exercise of the day, likewise.</summary>
public sealed record ReadyPart
{
    /// <summary>What it is there for.</summary>
    public required Role Role { get; init; }

    /// <summary>Whether it answers a finding.</summary>
    public required bool Answers { get; init; }

    /// <summary>How long it takes with its rests.</summary>
    public required double Seconds { get; init; }

    /// <summary>The muscles that it trains most.</summary>
    public required IReadOnlyList<Muscle> Trains { get; init; }

    /// <summary>Where pain of 3 to 5 rules it out.</summary>
    public required IReadOnlyList<PainRegion> RuledOutBy { get; init; }

    /// <summary>Where pain covers it: with 3 to 5 it goes on more lightly.</summary>
    public required IReadOnlyList<PainRegion> CoveredBy { get; init; }

    /// <summary>As planned, first to last; at least one.</summary>
    public required IReadOnlyList<ReadySet> Sets { get; init; }

    /// <summary>How strength tells the load.</summary>
    public required Lifting Lifting { get; init; }
}

/// <summary>Why an exercise is another today than planned.</summary>
public abstract record ReadyReason
{
    private ReadyReason() { }

    /// <summary>A muscle that it trains is too sore for all of it.</summary>
    /// <param name="Score">Of <see cref="Readiness.MostSore"/>.</param>
    /// <param name="SetsFewer">Rounds that fall away.</param>
    /// <param name="RpeLower">By how much the effort is lower.</param>
    public sealed record Sore(Muscle Muscle, int Score, int SetsFewer, double RpeLower) : ReadyReason;

    /// <summary>Pain now where it would be felt.</summary>
    public sealed record Pain(PainRegion Region, double Score) : ReadyReason;

    /// <summary>Too little sleep for the hardest sets.</summary>
    public sealed record ShortSleep : ReadyReason;

    /// <summary>There is no time for it.</summary>
    public sealed record NoTime : ReadyReason;
}

/// <summary>An exercise as it is done today.</summary>
public sealed record PartToday
{
    /// <summary>What stands in for it, counted from 0 among its substitutes; null where it stands itself.</summary>
    public int? Instead { get; init; }

    /// <summary>Whether it is left out.</summary>
    public bool IsOut { get; init; }

    /// <summary>What is done of it, or of what stands in for it: the first of the planned sets; as planned where it is left out.</summary>
    public required IReadOnlyList<ReadySet> Sets { get; init; }

    /// <summary>Why it changes; empty where it does not.</summary>
    public required IReadOnlyList<ReadyReason> Reasons { get; init; }

    /// <summary>Whether sets may go on past what is planned, as <see cref="Lifting.MostReps"/> says: not where the day asks for less.
    /// </summary>
    public bool MayGoOn => Reasons.Count == 0;
}
