using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>A candidate for the set of accessories, scored.</summary>
internal sealed record ScoredExercise(Exercise Exercise, Role Role, double Score, ScoreParts Parts, IReadOnlyList<Finding> Answers);
