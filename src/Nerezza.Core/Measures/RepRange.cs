namespace Nerezza.Core.Measures;

/// <summary>A range of repetitions, both ends counted.</summary>
/// <param name="Bottom">The fewest, 1 or more.</param>
/// <param name="Top">The most, not below <paramref name="Bottom"/>.</param>
public readonly record struct RepRange(int Bottom, int Top)
{
    /// <summary>The middle, rounded up: 3 to 6 gives 5.</summary>
    public int Middle => (Bottom + Top + 1) / 2;

    /// <summary>The range that both hold; null when they do not meet.</summary>
    public RepRange? Overlap(RepRange other)
    {
        int bottom = Math.Max(Bottom, other.Bottom),
            top = Math.Min(Top, other.Top);
        return bottom <= top ? new RepRange(bottom, top) : null;
    }

    /// <summary>The range without what lies under a number; that number alone where all of it does.</summary>
    public RepRange AtLeast(int fewest) => new(Math.Max(Bottom, fewest), Math.Max(Top, fewest));

    /// <summary>The nearest number of repetitions inside the range.</summary>
    public int Hold(int reps) => Math.Clamp(reps, Bottom, Top);

    /// <summary>The number of repetitions nearest to one that the range holds and that is not taken, the higher of two as near.</summary>
    /// <param name="within">How far it may lie.</param>
    /// <returns>Null when every one so near is taken.</returns>
    public int? NearestFree(int reps, Predicate<int> isTaken, int within)
    {
        for (int step = 0; step <= within; step++)
        {
            if (Contains(reps + step) && !isTaken(reps + step))
                return reps + step;
            if (Contains(reps - step) && !isTaken(reps - step))
                return reps - step;
        }
        return null;
    }

    /// <summary>Whether the range holds this number.</summary>
    public bool Contains(int reps) => reps >= Bottom && reps <= Top;
}
