using Nerezza.Core.Clients;

namespace Nerezza.Core.Checks;

// What is wrong with how much a block asks. Sets are hard sets by the school of counting.
public abstract partial record Check
{
    /// <summary>Many more sets than the client does now.</summary>
    public sealed record RampTooFast(Muscle Muscle, double Sets, double Most)
        : MuscleCheck(CheckCode.RampTooFast, CheckSeverity.Info, Muscle);

    /// <summary>More than a muscle's high limit in a week.</summary>
    public sealed record WeeklyHigh(Muscle Muscle, double Sets, double Most)
        : MuscleCheck(CheckCode.WeeklyHigh, Sets > Most * FarOver ? CheckSeverity.Warn : CheckSeverity.Info, Muscle);

    /// <summary>The high limit is a cost, not a wall: it is worth a warning from a quarter over it on.</summary>
    private const double FarOver = 1.25;

    /// <summary>Less than a muscle's low limit in a week.</summary>
    public sealed record WeeklyLow(Muscle Muscle, double Sets, double Least) : MuscleCheck(CheckCode.WeeklyLow, CheckSeverity.Info, Muscle);

    /// <summary>More hard sets of one muscle in a session than it can use.</summary>
    public sealed record SessionCap(Muscle Muscle, double Sets, double Most)
        : MuscleCheck(CheckCode.SessionCap, CheckSeverity.Warn, Muscle);

    /// <summary>More load on the spine than a week or session holds; both in sets times axial load.</summary>
    public sealed record AxialBudget(double Load, int Budget) : Check(CheckCode.AxialBudget, CheckSeverity.Warn);

    /// <summary>A quad emphasis without work for the rectus femoris.</summary>
    public sealed record RectusFemorisMissing() : Check(CheckCode.RectusFemorisMissing, CheckSeverity.Warn);

    /// <summary>Presses and pulls out of balance, sets a side in a week.</summary>
    public sealed record PushPullImbalance(double Pulls, double Presses) : Check(CheckCode.PushPullImbalance, CheckSeverity.Warn);
}
