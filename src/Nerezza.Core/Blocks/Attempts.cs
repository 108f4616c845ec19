using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>The attempts at a lift on the day: 91, 96 and 100 % of the forecast with a safer and a bolder row, in the steps that a platform
/// loads (docs/handbook/12-weeks-and-blocks.md#the-last-days).</summary>
/// <param name="ForecastKg">Today's estimate; it moves with every session that is logged.</param>
public sealed record Attempts(
    string Exercise,
    double ForecastKg,
    IReadOnlyList<Load> Usual,
    IReadOnlyList<Load> Safer,
    IReadOnlyList<Load> Bolder
)
{
    /// <summary>The attempts of the main lifts of a block that peaks, tests or holds the competition; none without one, for a lift that
    /// caution caps, or without a max of its own.</summary>
    public static IReadOnlyList<Attempts> Of(Block block, Client client, ExerciseChoice selection, MaxEstimates maxes)
    {
        bool near = block.Kind is BlockKind.Peak or BlockKind.Test || block.Weeks.Any(week => week.Kind is WeekKind.Event);
        if (!near || client.Competition is null)
            return [];
        bool targets = selection.Mains.Any(lift => client.TargetLifts.Contains(lift.Exercise.Id));
        return
        [
            .. selection
                .Mains.Where(lift => lift.Limits.CapsNothing && (!targets || client.TargetLifts.Contains(lift.Exercise.Id)))
                .Select(lift => (lift.Exercise, Max: maxes.Find(lift.Exercise.Id)))
                .Where(row => row.Max is { Source: not (MaxSource.Ratio or MaxSource.Guess) } && row.Exercise.BodyFraction <= 0)
                .DistinctBy(row => row.Exercise.Id)
                .OrderBy(row => Meet.PlaceOf(row.Exercise.Pattern))
                .Select(row => Of(row.Exercise.Id, row.Max!.Kilograms)),
        ];
    }

    private static Attempts Of(string exercise, double forecast)
    {
        AttemptsRule rule = BlockRules.Shipped.File.Attempts;
        IReadOnlyList<Load> Row(IReadOnlyList<double> parts) =>
            [
                .. parts.Select(part =>
                    Load.FromKilograms(Math.Round(part * forecast / rule.StepKg, MidpointRounding.AwayFromZero) * rule.StepKg)
                ),
            ];
        return new Attempts(exercise, forecast, Row(rule.Usual), Row(rule.Safer), Row(rule.Bolder));
    }
}

/// <summary>The order of a meet: squat, press, pull.</summary>
internal static class Meet
{
    /// <summary>The patterns in their order.</summary>
    public static IReadOnlyList<Pattern> Order { get; } = [Pattern.Squat, Pattern.PressHorizontal, Pattern.Hinge];

    /// <summary>The place of a pattern; what is no lift of a meet comes last.</summary>
    public static int PlaceOf(Pattern pattern) => Order.TakeWhile(one => one != pattern).Count();
}
