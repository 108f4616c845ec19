using Nerezza.Core.Clients;

namespace Nerezza.Web.Demo;

/// <summary>How a demo client trained, besides what was planned: so that there is something true to review.</summary>
/// <param name="Seed">Of the simulated lifter: the same seed is the same lifter.</param>
internal sealed record DemoStory(int Seed)
{
    /// <summary>By what part the true maxes grow each day.</summary>
    public double GrowthADay { get; init; } = SimulatedLifter.DriftADay;

    /// <summary>Every how many sessions one is missed; 0: none.</summary>
    public int MissesEvery { get; init; }

    /// <summary>Days without training, counted from the first.</summary>
    public (int From, int Until)? Away { get; init; }

    /// <summary>Whether the last exercise of the day is left out.</summary>
    public bool LeavesTheLast { get; init; }

    /// <summary>Pain of the newest session, with where.</summary>
    public (PainRegion Region, int Score)? Pain { get; init; }

    /// <summary>The lift whose form breaks, so many repetitions before the end of a set at first, one less each time these days have
    /// passed.</summary>
    public (string Exercise, int Lost, int Days)? FormBreaks { get; init; }

    /// <summary>What part of the rest between sets is taken, on the whole.</summary>
    public double RestPart { get; init; } = 1;

    /// <summary>Whether the session of a day is trained.</summary>
    /// <param name="day">From the first, from 0.</param>
    /// <param name="session">From the first, from 0.</param>
    public bool Trains(int day, int session) =>
        (Away is not { } away || day < away.From || day >= away.Until) && (MissesEvery == 0 || session % MissesEvery != MissesEvery - 1);
}
