using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Web.Contracts;

/// <summary>A row of the client list.</summary>
public sealed record ClientLine(Guid Id, string Name, DateOnly? NextSession, bool Waiting);

public sealed record NewId(Guid Id);

/// <summary>An exercise as the pages need it.</summary>
public sealed record ExerciseLine(string Id, string Name, Pattern Pattern, IReadOnlyList<IReadOnlyList<Implement>> Kit);
