using Nerezza.Core.Clients;
using Nerezza.Core.Wording;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>All of Intake. The versions go back with each save, so that a lost race is told.</summary>
public sealed record IntakeView
{
    public required Guid Id { get; init; }

    public required ClientSection Facts { get; init; }

    public required SchoolsSection Schools { get; init; }

    public required uint FactsVersion { get; init; }

    public required EquipmentSection Equipment { get; init; }

    public required uint EquipmentVersion { get; init; }

    /// <summary>The room whose kit it is; null where it is the client's own.</summary>
    public required RoomName? Room { get; init; }

    /// <summary>The rooms of days that are trained elsewhere.</summary>
    public required IReadOnlyList<DayRoomName> Elsewhere { get; init; }

    /// <summary>The rooms of the practice.</summary>
    public required IReadOnlyList<RoomName> Rooms { get; init; }

    public required IReadOnlyList<EnteredMax> Entered { get; init; }

    public required IReadOnlyList<MaxPart> Maxes { get; init; }

    public required SegmentsSection Estimates { get; init; }

    public required string? Stop { get; init; }

    /// <summary>What of the kit is not worked out, in sentences; empty for usual kits.</summary>
    public required IReadOnlyList<string> KitNotes { get; init; }

    /// <summary>All kit in the groups in which a coach looks for it.</summary>
    public required IReadOnlyList<KitGroup> KitGroups { get; init; }

    /// <summary>What was entered and does not go with the rest; it is kept all the same.</summary>
    public required IReadOnlyList<DoubtLine> Doubts { get; init; }

    /// <summary>What a bar can be.</summary>
    public required IReadOnlyList<Implement> BarKinds { get; init; }
}

/// <summary>A question about what was entered.</summary>
/// <param name="Field">The field that it stands at; null for a max.</param>
/// <param name="Exercise">The exercise of a max.</param>
public sealed record DoubtLine(string? Field, string? Exercise, Side? Side, string Text);

/// <summary>An entered set, with its estimate where it gives one.</summary>
public sealed record EnteredMax(Guid Id, StrengthSection Set, double? OneRepMaxKg);

public sealed record SaveFacts
{
    public required ClientSection Facts { get; init; }
    public required SchoolsSection Schools { get; init; }

    [Between(0, uint.MaxValue)]
    public required double Version { get; init; }
}

public sealed record SaveEquipment
{
    public required EquipmentSection Equipment { get; init; }

    [Between(0, uint.MaxValue)]
    public required double Version { get; init; }
}
