using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Blocks.Templates;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Selection;
using Nerezza.Tests.Shared;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>A template is a block without the person, and fits whoever gets it.</summary>
public sealed class TemplateTests
{
    private static readonly ExerciseCatalogue Catalogue = ExerciseCatalogue.Shipped;
    private static readonly Planner Planner = new(Catalogue, new GreedyChooser(), new GreedyWeekLayout());
    private static readonly ClientCase Case = PlainCase.With(
        75,
        [Weekday.Mon, Weekday.Wed, Weekday.Fri],
        [Implement.Cable, Implement.PullUpBar]
    );
    private static readonly BlockTemplate Template = BlockTemplate.Of(Planner.Make(Case).Block!, BlockFocus.Whole);

    [Fact]
    public void For_the_client_that_it_was_made_of_nothing_has_to_change()
    {
        FittedTemplate fitted = Fit(Case);
        Assert.Empty(fitted.Changes);
        Block made = Planner.Make(Case).Block!,
            again = Planner.Make(Case with { Base = BlockBase.Empty, Edits = fitted.Edits }).Block!;
        Assert.Equal(Cells(made), Cells(again));
    }

    [Fact]
    public void Whatever_kit_and_days_are_left_all_that_stands_can_be_done_and_what_is_not_the_template_is_said() =>
        (
            from kit in Gen.Int[0, Case.Equipment.Items.Count].SelectMany(most => Gen.Shuffle(Case.Equipment.Items.ToArray(), most))
            from days in Gen.Int[1, 5]
            select (kit, days)
        ).Sample(
            given =>
            {
                Weekday[] week = [Weekday.Mon, Weekday.Tue, Weekday.Thu, Weekday.Fri, Weekday.Sat];
                ClientCase other = Case with
                {
                    Client = Case.Client with { Days = [.. week.Take(given.days).Select(day => Case.Client.Days[0] with { Day = day })] },
                    Equipment = Case.Equipment with { Items = given.kit.ToHashSet() },
                };
                Func<Exercise, PassedOver?> judge = Planner.JudgeFor(other);
                FittedTemplate fitted = Fit(other);
                List<BlockEdit.Add> adds = [.. fitted.Edits.Cast<BlockEdit.Add>()];
                Assert.All(adds, add => Assert.Null(judge(Catalogue[add.At.Exercise])));
                Assert.Equal(adds.Count, adds.Select(add => add.At).Distinct().Count());
                // No superset is left of one exercise alone.
                Assert.All(
                    adds.Where(add => add.Values.Superset is not null)
                        .GroupBy(add => (add.At.Week, add.At.Day, add.Values.Superset!.Letter)),
                    together => Assert.True(together.Count() > 1, together.Key.ToString())
                );
                // Each exercise of the template stands, or is told of once.
                foreach (string exercise in Template.Exercises)
                {
                    int told = fitted.Changes.Count(change =>
                        change switch
                        {
                            TemplateChange.Instead instead => instead.Exercise == exercise,
                            TemplateChange.ForFinding found => found.Exercise == exercise,
                            TemplateChange.LeftOut left => left.Exercise == exercise,
                            _ => false,
                        }
                    );
                    Assert.Equal(judge(Catalogue[exercise]) is null ? 0 : 1, told);
                }
                Assert.Equal(
                    Template.SessionsAWeek > given.days,
                    fitted.Changes.Any(change => change is TemplateChange.NoDay none && none.From == given.days + 1)
                );
                // What stands instead trains the same.
                Assert.All(
                    fitted.Changes.OfType<TemplateChange.Instead>(),
                    change => Assert.True(Catalogue[change.With].CanStandInFor(Catalogue[change.Exercise]), change.ToString())
                );
            },
            iter: 60
        );

    [Fact]
    public void A_main_lift_gives_way_to_the_one_that_answers_what_was_found_and_what_nothing_answers_is_said()
    {
        Exercise main = Catalogue[Template.Weeks[0].SelectMany(session => session.Items).First(item => item.Role is Role.Main).Exercise];
        Chosen own = Planner.Make(Case).Selection.All.First(chosen => chosen.Role is Role.Main);
        Exercise other = Catalogue.All.First(exercise =>
            exercise.Pattern == main.Pattern && !Template.Exercises.Contains(exercise.Id) && Planner.JudgeFor(Case)(exercise) is null
        );
        Exercise drill = Catalogue.All.First(exercise => exercise.Id != other.Id && !Template.Exercises.Contains(exercise.Id));
        var finding = new Finding
        {
            Code = FindingCode.AnkleRange,
            Cause = Cause.Range,
            Severity = 3,
            Confidence = 0.9,
            Evidence = [],
        };
        var fit = new TemplateFit(
            Catalogue,
            Planner.JudgeFor(Case),
            [.. Case.Client.Days.Select(day => day.Day)],
            [
                own with
                {
                    Exercise = other,
                    For = finding,
                    Answers = [FindingCode.AnkleRange],
                },
                own with
                {
                    Exercise = drill,
                    Role = Role.Priming,
                    For = finding with { Code = FindingCode.HipRange },
                    Answers = [FindingCode.HipRange],
                },
            ]
        );
        FittedTemplate fitted = fit.Of(Template);
        Assert.Contains(new TemplateChange.ForFinding(main.Id, other.Id, FindingCode.AnkleRange), fitted.Changes);
        Assert.Contains(new TemplateChange.Unanswered(FindingCode.HipRange, drill.Id), fitted.Changes);
        Assert.DoesNotContain(fitted.Edits.Cast<BlockEdit.Add>(), add => add.At.Exercise == main.Id);
    }

    private static FittedTemplate Fit(ClientCase @case) =>
        new TemplateFit(Catalogue, Planner.JudgeFor(@case), [.. @case.Client.Days.Select(day => day.Day)], []).Of(Template);

    private static IEnumerable<string> Cells(Block block) =>
        block.Weeks.SelectMany(week =>
            week.Sessions.SelectMany(session =>
                session.Items.Select(item =>
                    $"{week.Number} {session.Day} {item.Exercise} {item.Role} {item.SetsASide} {item.Sets[0].Reps}"
                )
            )
        );
}
