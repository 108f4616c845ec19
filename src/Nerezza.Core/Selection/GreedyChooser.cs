namespace Nerezza.Core.Selection;

/// <summary>Takes, again and again, the option that adds most; then takes one or two out, forbids them and fills up again, and keeps
/// what is
/// better, until no such change is. The same on every machine.</summary>
public sealed class GreedyChooser : IChooser
{
    /// <summary>Rounds of taking out and filling up, a bound that is hardly ever met.</summary>
    private const int Rounds = 12;

    /// <inheritdoc/>
    public Choice Choose(ChoiceProblem problem)
    {
        var run = new ChoiceRun(problem);
        run.Fill(-1, -1);
        return Polished(run);
    }

    /// <summary>A choice begun with these options in their order, as far as they fit, then filled up and made better.</summary>
    public static Choice Begun(ChoiceProblem problem, IEnumerable<int> first)
    {
        var run = new ChoiceRun(problem);
        foreach (int option in first)
            run.TakeIfFits(option);
        run.Fill(-1, -1);
        return Polished(run);
    }

    /// <summary>A choice made better by the same changes.</summary>
    public static Choice Polished(ChoiceProblem problem, Choice choice)
    {
        var run = new ChoiceRun(problem);
        run.Restore([.. Enumerable.Range(0, choice.Taken.Count).Where(i => choice.Taken[i])]);
        return Polished(run);
    }

    private static Choice Polished(ChoiceRun run)
    {
        for (int round = 0; round < Rounds && Improve(run); round++)
            continue;
        return new Choice(run.Taken, Proof.Found);
    }

    /// <summary>A choice made better by larger changes: again and again a few that stand are taken out, as a fixed row of numbers says,
    /// and filled up anew; what is better stays. The same on every machine.</summary>
    public static Choice Searched(ChoiceProblem problem, Choice choice)
    {
        var run = new ChoiceRun(problem);
        int[] best = [.. Enumerable.Range(0, choice.Taken.Count).Where(i => choice.Taken[i])];
        run.Restore(best);
        long most = run.Worth;
        uint number = 1;
        for (int trial = 0; trial < Trials && best.Length > 0; trial++)
        {
            int few = LeastTakenOut + (int)(Next(ref number) % (MostTakenOut - LeastTakenOut + 1));
            (int one, int other) = (-1, -1);
            for (int i = 0; i < few; i++)
            {
                (other, one) = (one, best[Next(ref number) % best.Length]);
                if (run.Has(one))
                    run.Drop(one);
            }
            run.Fill(one, other);
            run.Fill(-1, -1);
            if (run.Worth > most)
                (best, most) = (run.Standing, run.Worth);
            else
                run.Restore(best);
        }
        run.Restore(best);
        return Polished(run);
    }

    private const int Trials = 150;
    private const int LeastTakenOut = 3;
    private const int MostTakenOut = 8;

    /// <summary>A linear congruential row of numbers, its upper bits.</summary>
    private static uint Next(ref uint number) => (number = number * 1664525 + 1013904223) >> 8;

    private static bool Improve(ChoiceRun run)
    {
        (bool[] best, long most) = (run.Taken, run.Worth);
        long before = most;
        int[] taken = [.. Enumerable.Range(0, best.Length).Where(i => best[i])];
        for (int one = 0; one < taken.Length; one++)
        for (int other = one; other < taken.Length; other++)
        {
            if (other > one && !run.Meet(taken[one], taken[other]))
                continue;
            run.Drop(taken[one]);
            if (other > one)
                run.Drop(taken[other]);
            run.Fill(taken[one], other > one ? taken[other] : -1);
            if (run.Worth > most)
                (best, most) = (run.Taken, run.Worth);
            run.Restore(taken);
        }
        if (most > before)
            run.Restore([.. Enumerable.Range(0, best.Length).Where(i => best[i])]);
        return most > before;
    }
}

/// <summary>A choice while it is made: sums are kept, so that looking at an option costs only what it touches.</summary>
internal sealed class ChoiceRun
{
    private readonly ChoiceProblem _problem;
    private readonly bool[] _taken;
    private readonly long[] _caps;
    private readonly long[] _wants;
    private readonly int[] _groups;
    private readonly (int At, int By)[][] _ofCaps;
    private readonly (int At, int By)[][] _ofWants;
    private readonly int[][] _ofGroups;

    public ChoiceRun(ChoiceProblem problem)
    {
        _problem = problem;
        int options = problem.Options.Count;
        (_taken, _caps, _wants, _groups) = (
            new bool[options],
            new long[problem.Caps.Count],
            new long[problem.Wants.Count],
            new int[problem.Groups.Count]
        );
        (_ofCaps, _ofWants) = (
            Touched(options, [.. problem.Caps.Select(cap => cap.PerOption)]),
            Touched(options, [.. problem.Wants.Select(want => want.PerOption)])
        );
        List<int>[] groups = [.. Enumerable.Range(0, options).Select(_ => new List<int>())];
        for (int at = 0; at < problem.Groups.Count; at++)
            foreach (int member in problem.Groups[at].Members)
                groups[member].Add(at);
        _ofGroups = [.. groups.Select(of => of.ToArray())];
        Worth = -problem.Wants.Sum(want => (long)want.CostEach * Math.Max(0, want.Needed)) * ChoiceProblem.Scale;
    }

    /// <summary>What is taken now, as a copy.</summary>
    public bool[] Taken => [.. _taken];

    /// <summary>What is taken now, by place.</summary>
    public int[] Standing => [.. Enumerable.Range(0, _taken.Length).Where(i => _taken[i])];

    /// <summary>Whether an option is taken.</summary>
    public bool Has(int option) => _taken[option];

    /// <summary>What it is worth, in the scale of the problem.</summary>
    public long Worth { get; private set; }

    /// <summary>Takes what adds most until nothing adds anything.</summary>
    /// <param name="without">Two options that stay out; negative for none.</param>
    public void Fill(int without, int neither)
    {
        while (true)
        {
            (int best, long most) = (-1, 0);
            for (int i = 0; i < _taken.Length; i++)
                if (!_taken[i] && i != without && i != neither && Fits(i) && Adds(i) is var adds && adds > most)
                    (best, most) = (i, adds);
            if (best < 0)
                return;
            Move(best, 1);
        }
    }

    /// <summary>Takes an option, whatever it adds, where limits and groups allow it.</summary>
    public void TakeIfFits(int option)
    {
        if (!_taken[option] && Fits(option))
            Move(option, 1);
    }

    /// <summary>Takes an option out.</summary>
    public void Drop(int option) => Move(option, -1);

    /// <summary>Goes back to a choice.</summary>
    public void Restore(int[] taken)
    {
        for (int i = 0; i < _taken.Length; i++)
            if (_taken[i])
                Move(i, -1);
        foreach (int option in taken)
            Move(option, 1);
    }

    /// <summary>Whether two options share a limit or a group: only then can taking both out make room for one better.</summary>
    public bool Meet(int one, int other) =>
        _ofGroups[one].Intersect(_ofGroups[other]).Any() || _ofCaps[one].Any(touch => _ofCaps[other].Any(also => also.At == touch.At));

    private bool Fits(int option)
    {
        foreach ((int at, int by) in _ofCaps[option])
            if (_caps[at] + by > _problem.Caps[at].Limit)
                return false;
        foreach (int group in _ofGroups[option])
            if (_groups[group] >= _problem.Groups[group].Most)
                return false;
        return true;
    }

    private long Adds(int option)
    {
        long adds = _problem.Options[option].Worth;
        foreach ((int at, int by) in _ofWants[option])
        {
            ChoiceWant want = _problem.Wants[at];
            adds += want.CostEach * (Math.Max(0, want.Needed - _wants[at]) - Math.Max(0, want.Needed - _wants[at] - by));
        }
        return adds * ChoiceProblem.Scale + ChoiceProblem.Hash(_problem.Options[option].Id);
    }

    private void Move(int option, int sign)
    {
        if (sign > 0)
            Worth += Adds(option);
        _taken[option] = sign > 0;
        foreach ((int at, int by) in _ofCaps[option])
            _caps[at] += sign * by;
        foreach ((int at, int by) in _ofWants[option])
            _wants[at] += sign * by;
        foreach (int group in _ofGroups[option])
            _groups[group] += sign;
        if (sign < 0)
            Worth -= Adds(option);
    }

    private static (int, int)[][] Touched(int options, IReadOnlyList<IReadOnlyList<int>> rows)
    {
        List<(int, int)>[] touched = [.. Enumerable.Range(0, options).Select(_ => new List<(int, int)>())];
        for (int at = 0; at < rows.Count; at++)
        for (int i = 0; i < options; i++)
            if (rows[at][i] != 0)
                touched[i].Add((at, rows[at][i]));
        return [.. touched.Select(of => of.ToArray())];
    }
}
