using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Review;

/// <summary>What becomes of an exercise in the next block.</summary>
public enum NextTurn
{
    /// <summary>It stays.</summary>
    Keep,

    /// <summary>The next rung of its ladder stands for it.</summary>
    MoveUp,

    /// <summary>Another stands for it.</summary>
    Rotate,

    /// <summary>It goes.</summary>
    Drop,

    /// <summary>It comes.</summary>
    Add,
}

/// <summary>Why.</summary>
public abstract record TurnReason
{
    private TurnReason() { }

    /// <summary>A target lift.</summary>
    public sealed record Target : TurnReason;

    /// <summary>It answers a finding that is open.</summary>
    public sealed record Answers(FindingCode Code, Course Course) : TurnReason;

    /// <summary>What it answered has closed: it did its work.</summary>
    public sealed record Closed(FindingCode Code) : TurnReason;

    /// <summary>What it answered has closed with it, and it is still the best for its place.</summary>
    public sealed record Worked(FindingCode Code) : TurnReason;

    /// <summary>It stood in so many blocks in a row.</summary>
    public sealed record Stood(int Blocks) : TurnReason;

    /// <summary>It was done in so many of the sessions that were trained.</summary>
    public sealed record NotDone(int Done, int Of) : TurnReason;

    /// <summary>Its gate is passed.</summary>
    public sealed record Gate(LadderId Ladder) : TurnReason;

    /// <summary>The week is composed anew, and another does the same work better now.</summary>
    public sealed record Composed : TurnReason;
}

/// <summary>One exercise at the end of a block.</summary>
/// <param name="To">What stands for it; null where nothing does.</param>
public sealed record TurnRow(string Exercise, Purpose Purpose, NextTurn Turn, string? To, TurnReason Reason);

/// <summary>Lays the next block beside the one that ends: what stays, rotates, moves up and goes, each with its reason
/// (docs/handbook/14-review.md).</summary>
public static class BlockEnd
{
    /// <summary>In the order of the block that ends, then what comes.</summary>
    /// <param name="next">The choice of the next block, as it would be made now.</param>
    public static IReadOnlyList<TurnRow> Of(ReviewInput input, ClientReview review, StoodBlock ending, ExerciseChoice next)
    {
        List<StoodItem> old =
        [
            .. ending
                .Sessions.SelectMany(session => session.Items)
                .Where(item => item.Role is not Role.Capacity)
                .DistinctBy(item => item.Exercise),
        ];
        List<Chosen> fresh = [.. next.All.Where(one => one.Role is not Role.Capacity && old.All(item => item.Exercise != one.Exercise.Id))];
        HashSet<string> stays = [.. next.All.Select(one => one.Exercise.Id)];
        List<TurnRow> rows = [];
        foreach (StoodItem item in old)
        {
            if (stays.Contains(item.Exercise))
            {
                rows.Add(new TurnRow(item.Exercise, item.Purpose, NextTurn.Keep, null, Keeps(item, input, review)));
                continue;
            }
            Chosen? up = fresh.Find(one => IsAbove(one.Exercise.Id, item.Exercise));
            Chosen? other = up ?? fresh.Find(one => one.Purpose == item.Purpose);
            if (other is not null)
                fresh.Remove(other);
            NextTurn turn =
                up is not null ? NextTurn.MoveUp
                : other is not null ? NextTurn.Rotate
                : NextTurn.Drop;
            rows.Add(
                new TurnRow(
                    item.Exercise,
                    item.Purpose,
                    turn,
                    other?.Exercise.Id,
                    up is not null ? new TurnReason.Gate(LadderOf(up.Exercise.Id, item.Exercise)) : Goes(item, input, review)
                )
            );
        }
        rows.AddRange(fresh.Select(one => new TurnRow(one.Exercise.Id, one.Purpose, NextTurn.Add, null, Comes(one, review))));
        return rows;
    }

    private static bool IsAbove(string one, string other) =>
        Ladder.PlacesOf(one).Any(up => Ladder.PlacesOf(other).Any(down => down.Ladder.Id == up.Ladder.Id && down.Rung < up.Rung));

    private static LadderId LadderOf(string one, string other) =>
        Ladder.PlacesOf(one).First(up => Ladder.PlacesOf(other).Any(down => down.Ladder.Id == up.Ladder.Id)).Ladder.Id;

    private static TurnReason Keeps(StoodItem item, ReviewInput input, ClientReview review) =>
        input.Case.Client.TargetLifts.Contains(item.Exercise) ? new TurnReason.Target()
        : OpenOf(item.Answers, review) is { } story ? new TurnReason.Answers(story.Finding.Code, story.Course)
        : ClosedOf(item, review) is { } closed ? new TurnReason.Worked(closed)
        : new TurnReason.Composed();

    /// <summary>Exercises of the blocks that stood whose finding has closed: the next block credits them.</summary>
    public static IReadOnlyList<string> Worked(ReviewInput input, ClientReview review) =>
        [
            .. input
                .Blocks.SelectMany(block => block.Sessions)
                .SelectMany(session => session.Items)
                .Where(item => ClosedOf(item, review) is not null && review.Unused.All(unused => unused.Exercise != item.Exercise))
                .Select(item => item.Exercise)
                .Distinct()
                .Order(StringComparer.Ordinal),
        ];

    private static FindingCode? ClosedOf(StoodItem item, ClientReview review) =>
        review
            .Findings.Where(story => story.Course is Course.Closed && item.Answers.Contains(story.Finding.Code))
            .Select(story => (FindingCode?)story.Finding.Code)
            .FirstOrDefault();

    private static TurnReason Comes(Chosen one, ClientReview review) =>
        OpenOf(one.Answers, review) is { } story ? new TurnReason.Answers(story.Finding.Code, story.Course) : new TurnReason.Composed();

    private static FindingStory? OpenOf(IReadOnlyList<FindingCode> codes, ClientReview review) =>
        review.Findings.FirstOrDefault(story => story.IsOpen && codes.Contains(story.Finding.Code));

    private static TurnReason Goes(StoodItem item, ReviewInput input, ClientReview review)
    {
        if (review.Unused.FirstOrDefault(one => one.Exercise == item.Exercise) is { } unused)
            return new TurnReason.NotDone(unused.Done, unused.Of);
        if (ClosedOf(item, review) is { } closed)
            return new TurnReason.Closed(closed);
        int stood = input
            .Blocks.Reverse()
            .TakeWhile(block => block.Sessions.Any(session => session.Items.Any(other => other.Exercise == item.Exercise)))
            .Count();
        return stood >= ReviewRules.Shipped.RotateAfterBlocks ? new TurnReason.Stood(stood) : new TurnReason.Composed();
    }
}
