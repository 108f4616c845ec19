using Nerezza.Core.Clients;
using Nerezza.Core.Screening.Safety;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>Health answers and pain of a client, the referral that follows, and the caution to show.</summary>
public sealed record HealthView
{
    public required Guid ClientId { get; init; }

    public required string Client { get; init; }

    public required uint Version { get; init; }

    public required HealthSection Health { get; init; }

    public required IReadOnlyList<PainSection> Pain { get; init; }

    public required ReferralPart? Referral { get; init; }

    public required string Caution { get; init; }

    public required IReadOnlyList<HealthQuestion> Questions { get; init; }
}

public sealed record HealthQuestion(HealthFlag Flag, string Text, AnswerGroup Group);

public sealed record SaveHealth
{
    public required HealthSection Health { get; init; }

    [Items(20)]
    public required IReadOnlyList<PainSection> Pain { get; init; }

    [Between(0, uint.MaxValue)]
    public required double Version { get; init; }
}
