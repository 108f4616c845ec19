using Nerezza.Core.Clients;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Findings;

/// <summary>One piece of evidence: what was measured, its value, its norm.</summary>
/// <param name="Norm">What would have been adequate, in words.</param>
public sealed record Evidence(Measure Measure, Reading Value, string Norm);

/// <summary>What a piece of evidence was measured by. Its place in the open formats is written in Formats alone.</summary>
public abstract record Measure
{
    private Measure() { }

    /// <summary>What stays the same from day to day: of a test without its side, of a fault without its place in the list.</summary>
    internal abstract object Lasting { get; }

    /// <summary>A test of the screen.</summary>
    public sealed record Tested(ScreenTest Test, Side? Side = null) : Measure
    {
        internal override object Lasting => Test;
    }

    /// <summary>A fault seen in a lift.</summary>
    /// <param name="Entry">Its place in the case's list, from 0.</param>
    public sealed record Fault(int Entry, FaultCode Code, FaultPart Part) : Measure
    {
        internal override object Lasting => (Code, Part);
    }

    /// <summary>The max of one lift as a part of another's.</summary>
    public sealed record MaxRatio(string Exercise, string To) : Measure
    {
        internal override object Lasting => this;
    }

    /// <summary>Limb symmetry index of a one-sided lift: weaker / stronger, percent.</summary>
    public sealed record LimbSymmetry(string Exercise) : Measure
    {
        internal override object Lasting => this;
    }

    /// <summary>An entry of pain.</summary>
    /// <param name="Entry">Its place in the case's list, from 0.</param>
    public sealed record Pain(int Entry, PainPart Part) : Measure
    {
        internal override object Lasting => this;
    }

    /// <summary>An answer that asks for someone else first.</summary>
    public sealed record Answered(HealthReason Reason) : Measure
    {
        internal override object Lasting => this;
    }

    /// <summary>The coach's own judgement.</summary>
    public sealed record CoachWord : Measure
    {
        internal override object Lasting => this;
    }
}

/// <summary>What of a fault is evidence.</summary>
public enum FaultPart
{
    /// <summary>That it was seen.</summary>
    Seen,

    /// <summary>From which percent of 1RM on.</summary>
    FromPercent,

    /// <summary>Whether the position can be held in isolation.</summary>
    HeldInIsolation,
}

/// <summary>What of an entry of pain is evidence.</summary>
public enum PainPart
{
    /// <summary>Where it hurts.</summary>
    Region,

    /// <summary>Score while training, 0 to 10.</summary>
    ScoreDuring,

    /// <summary>Score the next morning, 0 to 10.</summary>
    ScoreNextMorning,
}

/// <summary>The value of a piece of evidence.</summary>
public abstract record Reading
{
    private Reading() { }

    /// <summary>A number in the unit of its measure.</summary>
    public sealed record Number(double Value) : Reading;

    /// <summary>Yes or no.</summary>
    public sealed record Answer(bool Value) : Reading;

    /// <summary>A code of the case, or the coach's own words.</summary>
    public sealed record Word(string Value) : Reading;
}
