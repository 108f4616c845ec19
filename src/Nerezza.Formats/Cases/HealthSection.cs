using Nerezza.Core.Clients;
using Nerezza.Core.Screening.Safety;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Cases;

public sealed record HealthSection
{
    [Items(60)]
    public IReadOnlyList<HealthFlag>? Flags { get; init; }
    public ClearanceSection? ClearedBy { get; init; }

    /// <summary>With a sign that was seen on a day; a clearance that does not lift it no longer names it.</summary>
    public HealthSection Noted(HealthFlag sign, DateOnly on) =>
        this with
        {
            Flags = [.. (Flags ?? []).Union([sign])],
            ClearedBy =
                ClearedBy is { } given && !HealthReferral.Lifts(given.Date, on)
                    ? given with
                    {
                        Flags = [.. (given.Flags ?? []).Except([sign])],
                    }
                    : ClearedBy,
        };
}

public sealed record ClearanceSection
{
    [Length(120)]
    public required string Name { get; init; }

    [Length(120)]
    public required string Profession { get; init; }
    public required DateOnly Date { get; init; }

    [Items(60)]
    public IReadOnlyList<HealthFlag>? Flags { get; init; }
}

public sealed record PainSection
{
    public required PainRegion Region { get; init; }

    [Items(6)]
    public IReadOnlyList<PainTrigger>? WorseOn { get; init; }

    [ExerciseId]
    public string? Exercise { get; init; }

    [Between(0, 10, "a score")]
    public double? ScoreDuring { get; init; }

    [Between(0, 10, "a score")]
    public double? ScoreNextMorning { get; init; }

    [Between(0, 10, "a score")]
    public double? UsualScore { get; init; }

    [Between(0, 3000, "weeks")]
    public double? Weeks { get; init; }
    public bool? Improving { get; init; }
    public bool? NerveSigns { get; init; }
}
