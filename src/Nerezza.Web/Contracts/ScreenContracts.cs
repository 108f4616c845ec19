using Nerezza.Core.Findings;
using Nerezza.Core.Screening;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>How the screen is done, with the norm of each answer where it has one, and the faults to look for.</summary>
public sealed record ProtocolView(IReadOnlyList<StepView> Steps, IReadOnlyList<FaultSign> Faults);

public sealed record StepView(string Id, string Name, string How, string Look, string Counts, IReadOnlyList<AskView> Asks);

/// <summary>An answer of a step, with the norm that it is held against where it has one.</summary>
public sealed record AskView(ScreenAsk Ask, Norm? Norm);

/// <summary>Every screen kept of a client, newest first, and the lifts that are watched.</summary>
public sealed record ScreensView(Guid ClientId, string Client, IReadOnlyList<string> Lifts, IReadOnlyList<KeptScreen> Kept);

public sealed record KeptScreen(DateOnly Date, uint Version, ScreenSection Screen, IReadOnlyList<FaultSection> Faults);

public sealed record SaveScreen
{
    public required ScreenSection Screen { get; init; }

    [Items(40)]
    public required IReadOnlyList<FaultSection> Faults { get; init; }

    /// <summary>The version of that day's screen that was changed; left out for its first.</summary>
    [Between(0, uint.MaxValue)]
    public double? Version { get; init; }
}
