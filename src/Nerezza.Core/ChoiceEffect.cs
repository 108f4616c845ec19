using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core;

/// <summary>Weekly hard sets of a muscle before and after a change of exercises.</summary>
public sealed record MuscleShift(Muscle Muscle, double Before, double After);

/// <summary>A number before and after.</summary>
public sealed record Moved(double Before, double After);

/// <summary>What a change of exercises does, before it is accepted: in the first week of the block.</summary>
public sealed record ChoiceEffect
{
    /// <summary>Exercises that come in.</summary>
    public required IReadOnlyList<string> In { get; init; }

    /// <summary>Exercises that go out.</summary>
    public required IReadOnlyList<string> Out { get; init; }

    /// <summary>Findings that nothing answers any more.</summary>
    public required IReadOnlyList<FindingCode> NoLonger { get; init; }

    /// <summary>Findings that are answered now.</summary>
    public required IReadOnlyList<FindingCode> Newly { get; init; }

    /// <summary>Hard sets a week of each muscle, before and after.</summary>
    public required IReadOnlyList<MuscleShift> Muscles { get; init; }

    /// <summary>Minutes a week.</summary>
    public required Moved Minutes { get; init; }

    /// <summary>Load on the spine a week, sets times load.</summary>
    public required Moved Axial { get; init; }

    /// <summary>Soreness a week, sets times soreness.</summary>
    public required Moved Soreness { get; init; }

    /// <summary>From one plan to another.</summary>
    public static ChoiceEffect Between(Plan before, Plan after)
    {
        string[] had = IdsOf(before),
            has = IdsOf(after);
        FindingCode[] answered = AnsweredBy(before),
            answers = AnsweredBy(after);
        return new ChoiceEffect
        {
            In = [.. has.Except(had)],
            Out = [.. had.Except(has)],
            NoLonger = [.. answered.Except(answers)],
            Newly = [.. answers.Except(answered)],
            Muscles =
            [
                .. Enum.GetValues<Muscle>()
                    .Select(muscle => new MuscleShift(muscle, SetsOf(before, muscle), SetsOf(after, muscle)))
                    .Where(shift => Math.Abs(shift.Before - shift.After) > 1e-9),
            ],
            Minutes = Of(before, after, week => week.Minutes),
            Axial = Of(before, after, week => week.Axial),
            Soreness = Of(before, after, week => week.Soreness),
        };
    }

    private static string[] IdsOf(Plan plan) => [.. plan.Selection.All.Select(chosen => chosen.Exercise.Id)];

    private static FindingCode[] AnsweredBy(Plan plan) => [.. plan.Selection.All.SelectMany(chosen => chosen.Answers).Distinct().Order()];

    private static double SetsOf(Plan plan, Muscle muscle) => plan.Ledger.FirstOrDefault(row => row.Muscle == muscle)?.Weeks[0].Sets ?? 0;

    private static Moved Of(Plan before, Plan after, Func<Checks.WeekTotals, double> of) =>
        new(before.Totals.Select(of).FirstOrDefault(), after.Totals.Select(of).FirstOrDefault());
}
