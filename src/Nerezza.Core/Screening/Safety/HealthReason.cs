using Nerezza.Core.Clients;

namespace Nerezza.Core.Screening.Safety;

/// <summary>An answer that asks for someone else first.</summary>
public abstract record HealthReason
{
    private HealthReason() { }

    /// <summary>A question about health answered with yes.</summary>
    public sealed record Flag(HealthFlag Of) : HealthReason;

    /// <summary>Pain with tingling, shooting pain or a leg that gives way.</summary>
    /// <param name="Entry">The entry of pain, by its place in the case's list, from 0.</param>
    public sealed record NerveSigns(int Entry) : HealthReason;

    /// <summary>Pain for more than six weeks that does not get better.</summary>
    /// <param name="Entry">The entry of pain, by its place in the case's list, from 0.</param>
    public sealed record LastingPain(int Entry) : HealthReason;
}

/// <summary>Why an exercise is ruled out.</summary>
public abstract record CautionReason
{
    private CautionReason() { }

    /// <summary>An entry of pain.</summary>
    public sealed record OfPain(PainRegion Region) : CautionReason;

    /// <summary>An answer about health.</summary>
    public sealed record OfAnswer(HealthReason Reason) : CautionReason;
}
