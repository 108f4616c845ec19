using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Checks;

/// <summary>What a remark is about: the block, one of its weeks or one of its sessions.</summary>
public abstract record CheckPlace
{
    private CheckPlace() { }

    /// <summary>The week it lies in, from 1; null for the block.</summary>
    public virtual int? InWeek => null;

    /// <summary>The day it lies on; null for a week and the block.</summary>
    public virtual Weekday? OnDay => null;

    /// <summary>The block as a whole.</summary>
    public static CheckPlace Block { get; } = new OfBlock();

    /// <summary>The block as a whole.</summary>
    public sealed record OfBlock : CheckPlace;

    /// <summary>One week, from 1.</summary>
    public sealed record OfWeek(int Week) : CheckPlace
    {
        /// <inheritdoc/>
        public override int? InWeek => Week;
    }

    /// <summary>One session of a week.</summary>
    public sealed record OfSession(int Week, Weekday Day) : CheckPlace
    {
        /// <inheritdoc/>
        public override int? InWeek => Week;

        /// <inheritdoc/>
        public override Weekday? OnDay => Day;
    }
}

/// <summary>A session and the number of its week, from 1.</summary>
public readonly record struct SessionInWeek(int Week, Session Session)
{
    /// <summary>Where a remark on it stands.</summary>
    public CheckPlace Place => new CheckPlace.OfSession(Week, Session.Day);

    /// <summary>The cell of one of its exercises.</summary>
    public CellPlace Cell(string exercise) => new(Week, Session.Day, exercise);
}
