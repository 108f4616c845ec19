using Nerezza.Core.Clients;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Cases;

public sealed record HealthSection
{
    [Items(60)]
    public IReadOnlyList<HealthFlag>? Flags { get; init; }
    public ClearanceSection? ClearedBy { get; init; }

    /// <summary>With a sign that was seen on a day. A clearance from before it no longer counts for it
    /// (docs/handbook/07-pain-and-health.md); one given later, while the sign was still on its way here, does.</summary>
    public HealthSection Noted(HealthFlag sign, DateOnly on) =>
        this with
        {
            Flags = [.. (Flags ?? []).Union([sign])],
            ClearedBy =
                ClearedBy is { } clearance && clearance.Date <= on
                    ? clearance with
                    {
                        Flags = [.. (clearance.Flags ?? []).Where(flag => flag != sign)],
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
