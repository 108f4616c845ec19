using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Web.Contracts;

public sealed record NewId(Guid Id);

/// <summary>An exercise as the pages need it.</summary>
public sealed record ExerciseLine(string Id, string Name, Pattern Pattern, IReadOnlyList<IReadOnlyList<Implement>> Kit);

/// <summary>How far the stations of a client's file are.</summary>
public sealed record StationsView(
    StationState Intake,
    StationState Screen,
    StationState Findings,
    StationState Exercises,
    StationState Block,
    StationState Floor,
    StationState Review
);

/// <summary>How far a station is.</summary>
public enum StationState
{
    /// <summary>Nothing is there.</summary>
    Empty,

    /// <summary>Something is, and not all that planning rests on.</summary>
    Begun,

    /// <summary>All is there.</summary>
    Done,

    /// <summary>It rests on older answers or rules.</summary>
    OutOfDate,
}
