using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>Cuts the candidates to the best, keeping for every finding, muscle and pattern that is due the best that serve it.</summary>
internal sealed class CandidateCut(SelectionInput input, IReadOnlyList<Finding> open)
{
    private static readonly SetRule Rule = SelectionRules.Shipped.Set;

    /// <param name="scored">Best first.</param>
    public IReadOnlyList<ScoredExercise> Cut(IReadOnlyList<ScoredExercise> scored)
    {
        List<ScoredExercise> fits =
        [
            .. scored.Where(row => input.Week.Any(day => Region.Suits(row.Exercise, day.Focus, input.Prepared.Case.Schools.Quads))),
        ];
        HashSet<string> picked =
        [
            .. input.Prepared.Case.Picks.Where(pick => pick.Kind is PickKind.Accessory).Select(pick => pick.Exercise),
        ];
        HashSet<string> kept = [.. fits.Select(row => row.Exercise.Id).Where(picked.Contains)];
        void Keep(Func<ScoredExercise, bool> serves) =>
            kept.UnionWith(fits.Where(serves).Take(Rule.KeepForEach).Select(row => row.Exercise.Id));
        foreach (Finding finding in open)
            Keep(row => row.Answers.Contains(finding));
        foreach (Pattern pattern in fits.Select(row => row.Exercise.Pattern).Distinct())
            Keep(row => row.Exercise.Pattern == pattern);
        foreach (Muscle muscle in input.Prepared.Client.Emphasis.Concat(Enum.GetValues<Muscle>().Where(WeeklySets.HasLow)))
            Keep(row => row.Exercise.PrimeMovers.Contains(muscle));
        foreach (ScoredExercise row in fits.TakeWhile(_ => kept.Count < Rule.Candidates))
            kept.Add(row.Exercise.Id);
        // What the coach picked stays in, whatever its score.
        return
        [
            .. fits.Where(row => kept.Contains(row.Exercise.Id))
                .OrderByDescending(row => picked.Contains(row.Exercise.Id))
                .Take(Rule.Candidates),
        ];
    }
}
