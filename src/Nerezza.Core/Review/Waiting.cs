using System.Diagnostics;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Review;

/// <summary>Something that waits for the coach (docs/handbook/14-review.md). Its key is the same on every device and day while it is the
/// same question: answered once, it is answered.</summary>
public abstract record Waiting(string Key)
{
    /// <summary>What cannot wait comes first, whoever's it is: 0 before 1.</summary>
    public int Rank =>
        this switch
        {
            Clearance or Consent or PainRose => 0,
            Notes => 1,
            FirstBlock or OutOfDate or BlockEnds => 2,
            Missed or Stalled or Rung or Moved or Unused => 3,
            Retest => 4,
            Unjudged => 5,
            _ => throw new UnreachableException(GetType().Name),
        };

    /// <summary>Somebody has to clear the client.</summary>
    public sealed record Clearance(ReferralLevel Level) : Waiting($"clearance/{Level}");

    /// <summary>Under 16, and no guardian's consent is recorded.</summary>
    public sealed record Consent() : Waiting("consent");

    /// <summary>Pain was logged that changes training.</summary>
    public sealed record PainRose(PainRegion? Region, double Score, DateOnly On, string Exercise)
        : Waiting($"pain/{Region}/{On:yyyy-MM-dd}");

    /// <summary>The lifter wrote something that nobody has read.</summary>
    /// <param name="Newest">The last of them.</param>
    public sealed record Notes(int Count, string Newest, DateTimeOffset At) : Waiting($"notes/{At.UtcTicks}");

    /// <summary>No block was made yet.</summary>
    public sealed record FirstBlock() : Waiting("first-block");

    /// <summary>A fact changed since the block was made.</summary>
    /// <param name="Inputs">Tells one state of the facts from another.</param>
    public sealed record OutOfDate(int Number, string Inputs) : Waiting($"out-of-date/{Number}/{Inputs}");

    /// <summary>A block ends, and none follows.</summary>
    /// <param name="Starts">Its first day: versions of a block are one block.</param>
    /// <param name="Untested">Lifts that lead, and of which no set in it went to the last repetition: their maxes are due.</param>
    public sealed record BlockEnds(int Number, DateOnly Starts, DateOnly On, IReadOnlyList<string> Untested)
        : Waiting($"block-ends/{Starts:yyyy-MM-dd}");

    /// <summary>A session was missed.</summary>
    public sealed record Missed(DateOnly On, int InWeek) : Waiting($"missed/{On:yyyy-MM-dd}");

    /// <summary>A lift stalls.</summary>
    /// <param name="Block">First day of the block that runs; null between blocks.</param>
    /// <param name="Change">What the step changes in it; null where it changes nothing.</param>
    public sealed record Stalled(Stall Stall, DateOnly? Block, StallChange? Change)
        : Waiting($"stall/{Stall.Exercise}/{Stall.Next}/{Block:yyyy-MM-dd}");

    /// <summary>Another rung.</summary>
    public sealed record Rung(LadderMove Move) : Waiting($"rung/{(Move is LadderMove.Up ? "up" : "down")}/{Move.Exercise}/{Move.To}");

    /// <summary>A max left its interval.</summary>
    public sealed record Moved(MaxMoved Max, DateOnly? Block)
        : Waiting($"max/{Max.Now.Exercise}/{Max.Now.Side}/{(Max.Now.Kilograms > Max.Before.Kilograms ? "up" : "down")}/{Block:yyyy-MM-dd}");

    /// <summary>Tests are due, the one due longest first.</summary>
    public sealed record Retest(IReadOnlyList<FindingStory> Stories)
        : Waiting(
            $"retest/{string.Join('+', Stories.Select(story => $"{Codes.Of(story.Finding.Code)}/{story.Finding.Cause}"))}"
                + $"/{Stories[0].Retest!.From:yyyy-MM-dd}"
        )
    {
        /// <summary>What is measured first: with the client there, then what a set tells.</summary>
        public Measure First => Stories.Select(story => story.Finding.Evidence[0].Measure).OrderBy(IsByLifting).First();

        /// <summary>Whether a max tells it, and no test of the screen.</summary>
        public static bool IsByLifting(Measure measure) => measure is Measure.MaxRatio or Measure.LimbSymmetry;
    }

    /// <summary>Findings that the coach has not judged.</summary>
    public sealed record Unjudged(IReadOnlyList<Finding> Findings, DateOnly? Screened)
        : Waiting($"findings/{Screened:yyyy-MM-dd}/{string.Join('+', Findings.Select(one => $"{Codes.Of(one.Code)}.{one.Cause}"))}");

    /// <summary>An accessory that nobody does.</summary>
    public sealed record Unused(UnusedWork Work, DateOnly? Block) : Waiting($"unused/{Work.Exercise}/{Block:yyyy-MM-dd}");
}
