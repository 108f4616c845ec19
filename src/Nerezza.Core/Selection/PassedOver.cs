using Nerezza.Core.Clients;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Selection;

/// <summary>Why an exercise was not taken: a hard filter of docs/handbook/09-composition.md.</summary>
public abstract record PassedOver(string Exercise)
{
    /// <summary>Kit is not there.</summary>
    public sealed record NoKit(string Exercise, IReadOnlyList<Implement> Missing) : PassedOver(Exercise);

    /// <summary>The kit is there but nothing can be loaded with it: no two kettlebells of one mass, no full-size plates for a pull from the
    /// floor.</summary>
    public sealed record NoLoad(string Exercise) : PassedOver(Exercise);

    /// <summary>Pain or a referral rules it out.</summary>
    public sealed record Unsafe(string Exercise, CautionReason Reason) : PassedOver(Exercise);

    /// <summary>It asks for a range that the screen found missing.</summary>
    public sealed record NoRange(string Exercise, Findings.FindingCode Finding) : PassedOver(Exercise);

    /// <summary>Its rung is not open.</summary>
    public sealed record Locked(string Exercise, LockedRung Rung) : PassedOver(Exercise);

    /// <summary>The coach does not want it.</summary>
    public sealed record Banned(string Exercise) : PassedOver(Exercise);

    /// <summary>One of the coach's own that they put away.</summary>
    public sealed record PutAway(string Exercise) : PassedOver(Exercise);

    /// <summary>The client never wants it.</summary>
    public sealed record Disliked(string Exercise) : PassedOver(Exercise);
}
