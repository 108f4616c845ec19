using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Selection;

/// <summary>That the catalogue means something: ladders, substitutes, ratios, answers, and the rubric of docs/rules.md.</summary>
public sealed class CatalogueMeaningTests
{
    private static readonly ExerciseCatalogue All = ExerciseCatalogue.Shipped;
    private static readonly Implement[] LittleKit =
    [
        Implement.Bands,
        Implement.Wall,
        Implement.Dumbbells,
        Implement.Kettlebells,
        Implement.Bench,
        Implement.Box,
        Implement.Plates,
        Implement.Dowel,
        Implement.FoamRoller,
        Implement.Wedge,
        Implement.Sandbag,
    ];

    public static TheoryData<string> Ids => [.. All.All.Select(exercise => exercise.Id)];

    public static TheoryData<FindingCode> Answerable => [.. Enum.GetValues<FindingCode>().Where(code => code is not FindingCode.Refer)];

    [Fact]
    public void There_are_a_hundred_and_fifty_and_each_id_once() =>
        Assert.True(All.All.Select(exercise => exercise.Id).Distinct().Count() is >= 150 and var count && count == All.All.Count);

    [Theory, MemberData(nameof(Ids))]
    public void An_entry_holds_together(string id)
    {
        Exercise exercise = All[id];
        bool trains = exercise.Pattern is not (Pattern.Mobility or Pattern.Priming or Pattern.Drill);
        if (trains)
            Assert.NotEmpty(exercise.Muscles);
        Assert.All(exercise.Muscles.Values, share => Assert.Contains(share, new[] { 1, 0.5, 0.25 }));
        Assert.All(new[] { exercise.Axial, exercise.Systemic, exercise.Soreness }, value => Assert.InRange(value, 0, 3));
        Assert.InRange(exercise.Skill, 1, 4);
        Assert.InRange(exercise.Cues.Count, 2, 3);
        Assert.NotNull(exercise.Watch);
        if (exercise.CarriesTo is { } to)
            Assert.NotNull(All.Find(to));
        if (exercise.Ratio is { } ratio)
            Assert.Equal((true, null), (All.Find(ratio.Of) is not null, All.Find(ratio.Of)!.Ratio));
        if (exercise.VariantOf is { } other)
            Assert.Equal(exercise.Pattern, All[other].Pattern);
    }

    // The rubric: what presses on the spine tires the whole lifter; squats, hinges and thrusts count whole for the glutes, abduction a
    // quarter.
    [Theory, MemberData(nameof(Ids))]
    public void An_entry_follows_the_rubric(string id)
    {
        Exercise exercise = All[id];
        if (exercise.Axial == 3)
            Assert.True(exercise.Systemic >= 2);
        if (exercise.Pattern is Pattern.KneeExtension or Pattern.KneeFlexion or Pattern.Arms or Pattern.Abduction)
            Assert.Equal(0, exercise.Axial);
        if (exercise.Pattern is Pattern.Squat)
            Assert.Equal((1, 0.5), (exercise.ShareOf(Muscle.Vasti), exercise.ShareOf(Muscle.GluteusMaximus)));
        if (exercise.Pattern is Pattern.Squat or Pattern.Lunge)
            Assert.Equal(0, exercise.ShareOf(Muscle.RectusFemoris));
        if (exercise.Pattern is Pattern.KneeExtension)
            Assert.Equal(1, exercise.ShareOf(Muscle.RectusFemoris));
        if (exercise.Pattern is Pattern.Abduction && exercise.ShareOf(Muscle.GluteusMedius) >= 1)
            Assert.Equal(0.25, exercise.ShareOf(Muscle.GluteusMaximus));
        if (exercise.Load is LoadSource.Barbell or LoadSource.SafetyBar && exercise.Pattern is Pattern.Squat)
            Assert.True(exercise.Axial >= 2);
    }

    [Theory, MemberData(nameof(Answerable))]
    public void Every_finding_has_three_answers_that_need_little_kit(FindingCode finding)
    {
        HashSet<string> answers = [.. Enum.GetValues<AnswerRole>().SelectMany(role => Answers.Of(finding, role))];
        Assert.All(answers, id => Assert.NotNull(All.Find(id)));
        List<string> little = [.. answers.Where(id => All[id].Kit.Any(set => set.All(LittleKit.Contains)))];
        Assert.True(little.Count >= 3, $"{finding}: {string.Join(", ", little)}");
    }

    [Fact]
    public void Ladders_stand_on_exercises_that_exist_and_rise_in_difficulty()
    {
        Assert.Equal(Enum.GetValues<LadderId>().Order(), Ladder.All.Select(ladder => ladder.Id).Order());
        foreach (Ladder ladder in Ladder.All)
        {
            Assert.All(ladder.Rungs, rung => Assert.NotEmpty(rung.Exercises));
            Assert.All(ladder.Rungs.SelectMany(rung => rung.Exercises), id => Assert.NotNull(All.Find(id)));
            Assert.All(ladder.Rungs, rung => Assert.True(rung.Gate is { Sets: >= 1, Days: >= 1 } and not { Reps: <= 0 }));
            Assert.True(All[ladder.Rungs[0].Exercises[0]].Skill <= All[ladder.Rungs[^1].Exercises[0]].Skill, ladder.Id.ToString());
        }
    }

    [Fact]
    public void One_sided_work_says_which_side_works_where_it_could_be_mistaken() =>
        Assert.Contains(
            "planted leg is the working one",
            string.Join(' ', All["standing-plate-hip-abduction"].Cues),
            StringComparison.Ordinal
        );
}
