using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core;

/// <summary>Weekly hard sets of a muscle before and after a change of exercises.</summary>
public sealed record MuscleShift(Muscle Muscle, double Before, double After);

/// <summary>A number before and after.</summary>
public sealed record Moved(double Before, double After);

/// <summary>What a change of exercises does, before it is accepted: in the first week of the block.</summary>
/// <param name="In">Exercises that come in.</param>
/// <param name="Out">Exercises that go out.</param>
/// <param name="NoLonger">Findings that nothing answers any more.</param>
/// <param name="Newly">Findings that are answered now.</param>
public sealed record ChoiceEffect(
    IReadOnlyList<string> In,
    IReadOnlyList<string> Out,
    IReadOnlyList<FindingCode> NoLonger,
    IReadOnlyList<FindingCode> Newly,
    IReadOnlyList<MuscleShift> Muscles,
    Moved Minutes,
    Moved Axial,
    Moved Soreness
)
{
    /// <summary>From one plan to another.</summary>
    public static ChoiceEffect Between(Plan before, Plan after)
    {
        string[] had = IdsOf(before),
            has = IdsOf(after);
        FindingCode[] answered = AnsweredBy(before),
            answers = AnsweredBy(after);
        return new ChoiceEffect(
            [.. has.Except(had)],
            [.. had.Except(has)],
            [.. answered.Except(answers)],
            [.. answers.Except(answered)],
            [
                .. Enum.GetValues<Muscle>()
                    .Select(muscle => new MuscleShift(muscle, SetsOf(before, muscle), SetsOf(after, muscle)))
                    .Where(shift => Math.Abs(shift.Before - shift.After) > 1e-9),
            ],
            Of(before, after, week => week.Minutes),
            Of(before, after, week => week.Axial),
            Of(before, after, week => week.Soreness)
        );
    }

    private static string[] IdsOf(Plan plan) => [.. plan.Selection.All.Select(chosen => chosen.Exercise.Id)];

    private static FindingCode[] AnsweredBy(Plan plan) => [.. plan.Selection.All.SelectMany(chosen => chosen.Answers).Distinct().Order()];

    private static double SetsOf(Plan plan, Muscle muscle) => plan.Ledger.FirstOrDefault(row => row.Muscle == muscle)?.Weeks[0].Sets ?? 0;

    private static Moved Of(Plan before, Plan after, Func<Checks.WeekTotals, double> of) =>
        new(before.Totals.Select(of).FirstOrDefault(), after.Totals.Select(of).FirstOrDefault());
}
