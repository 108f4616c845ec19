namespace Nerezza.Core.Selection;

/// <summary>Takes, again and again, the option that adds most, until none adds anything.</summary>
public sealed class GreedyChooser : IChooser
{
    /// <inheritdoc/>
    public Choice Choose(ChoiceProblem problem) => new Run(problem).Choose();

    /// <summary>Sums are kept while options are taken, so that looking at one costs only what it touches.</summary>
    private sealed class Run(ChoiceProblem problem)
    {
        private readonly bool[] _taken = new bool[problem.Options.Count];
        private readonly long[] _caps = new long[problem.Caps.Count];
        private readonly long[] _wants = new long[problem.Wants.Count];
        private readonly int[] _groups = new int[problem.Groups.Count];
        private readonly List<(int At, int By)>[] _ofCaps = Touched(problem.Options.Count, [.. problem.Caps.Select(cap => cap.PerOption)]);
        private readonly List<(int At, int By)>[] _ofWants = Touched(
            problem.Options.Count,
            [.. problem.Wants.Select(want => want.PerOption)]
        );
        private readonly List<int>[] _ofGroups = GroupsOf(problem);

        public Choice Choose()
        {
            while (true)
            {
                (int best, long most) = (-1, 0);
                for (int i = 0; i < _taken.Length; i++)
                    if (!_taken[i] && Fits(i) && Adds(i) is var adds && adds > most)
                        (best, most) = (i, adds);
                if (best < 0)
                    return new Choice(_taken, Proof.Found);
                Take(best);
            }
        }

        private bool Fits(int option) =>
            _ofCaps[option].TrueForAll(touch => _caps[touch.At] + touch.By <= problem.Caps[touch.At].Limit)
            && _ofGroups[option].TrueForAll(group => _groups[group] < problem.Groups[group].Most);

        private long Adds(int option)
        {
            long adds = problem.Options[option].Worth;
            foreach ((int at, int by) in _ofWants[option])
            {
                ChoiceWant want = problem.Wants[at];
                adds += want.CostEach * (Math.Max(0, want.Needed - _wants[at]) - Math.Max(0, want.Needed - _wants[at] - by));
            }
            return adds * ChoiceProblem.Scale + ChoiceProblem.Hash(problem.Options[option].Id);
        }

        private void Take(int option)
        {
            _taken[option] = true;
            foreach ((int at, int by) in _ofCaps[option])
                _caps[at] += by;
            foreach ((int at, int by) in _ofWants[option])
                _wants[at] += by;
            foreach (int group in _ofGroups[option])
                _groups[group]++;
        }

        private static List<(int, int)>[] Touched(int options, IReadOnlyList<IReadOnlyList<int>> rows)
        {
            List<(int, int)>[] touched = [.. Enumerable.Range(0, options).Select(_ => new List<(int, int)>())];
            for (int at = 0; at < rows.Count; at++)
            for (int i = 0; i < options; i++)
                if (rows[at][i] != 0)
                    touched[i].Add((at, rows[at][i]));
            return touched;
        }

        private static List<int>[] GroupsOf(ChoiceProblem problem)
        {
            List<int>[] groups = [.. problem.Options.Select(_ => new List<int>())];
            for (int at = 0; at < problem.Groups.Count; at++)
                foreach (int member in problem.Groups[at].Members)
                    groups[member].Add(at);
            return groups;
        }
    }
}
