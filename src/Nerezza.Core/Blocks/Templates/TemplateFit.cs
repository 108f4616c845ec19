using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks.Templates;

/// <summary>Fits a template to a client: to their days, their kit, their pain, and what was found. Loads follow from their maxes by the
/// effort that it asks.</summary>
/// <param name="judge">Why the client cannot do an exercise; null where they can.</param>
/// <param name="days">The days that they train, in order.</param>
/// <param name="own">What would be chosen for them.</param>
/// <param name="mains">Whose word counts on main lifts that they can do.</param>
public sealed class TemplateFit(
    ExerciseCatalogue catalogue,
    Func<Exercise, PassedOver?> judge,
    IReadOnlyList<Weekday> days,
    IReadOnlyList<Chosen> own,
    TemplateMains mains = TemplateMains.ForFindings
)
{
    /// <summary>The template for the client.</summary>
    public FittedTemplate Of(BlockTemplate template)
    {
        (Dictionary<string, string?> stands, List<TemplateChange> changes) = Exercises(template);
        if (template.SessionsAWeek > days.Count)
            changes.Insert(0, new TemplateChange.NoDay(days.Count + 1, template.SessionsAWeek));
        changes.AddRange(Unanswered([.. stands.Values.OfType<string>()]));
        return new FittedTemplate([.. template.Weeks.SelectMany((week, i) => Edits(week, i + 1, stands))], changes);
    }

    private IEnumerable<BlockEdit> Edits(IReadOnlyList<TemplateSession> week, int number, Dictionary<string, string?> stands) =>
        week.Zip(days).SelectMany(pair => Session(pair.First, number, pair.Second, stands));

    private IEnumerable<BlockEdit> Session(TemplateSession session, int week, Weekday day, Dictionary<string, string?> stands)
    {
        // Two that become the same one stand once.
        List<(TemplateItem Item, string With)> items =
        [
            .. session
                .Items.Select(item => (Item: item, With: stands[item.Exercise]!))
                .Where(one => one.With is not null)
                .DistinctBy(one => one.With),
        ];
        // A superset of which one fell out is none.
        HashSet<string> letters =
        [
            .. items
                .Select(one => one.Item.Values.Superset?.Letter)
                .OfType<string>()
                .GroupBy(letter => letter)
                .Where(same => same.Count() > 1)
                .Select(same => same.Key),
        ];
        return items.Select(one => new BlockEdit.Add(
            new CellPlace(week, day, one.With),
            one.Item.Role,
            (one.With == one.Item.Exercise ? one.Item.Values : Asked(one.Item.Values, catalogue[one.With])) with
            {
                Superset = one.Item.Values.Superset?.Letter is { } letter && letters.Contains(letter) ? one.Item.Values.Superset : null,
            }
        ));
    }

    /// <summary>What is asked of another exercise: its own tempo, and repetitions for which it is useful.</summary>
    private static CellValues Asked(CellValues values, Exercise exercise) =>
        values with
        {
            Tempo = null,
            Reps = values.Reps is { } reps ? Math.Clamp(reps, exercise.Reps.Bottom, exercise.Reps.Top) : null,
        };

    /// <summary>What stands for each exercise of the template; null where nothing does.</summary>
    private (Dictionary<string, string?> Stands, List<TemplateChange> Changes) Exercises(BlockTemplate template)
    {
        Dictionary<string, string?> stands = [];
        List<TemplateChange> changes = [];
        HashSet<string> leads =
            mains is TemplateMains.AsWritten
                ? []
                : [.. Items(template).Where(item => item.Role is Role.Main).Select(item => item.Exercise)];
        HashSet<string> taken = [.. template.Exercises];
        foreach (string id in template.Exercises)
        {
            Exercise exercise = catalogue[id];
            PassedOver? why = judge(exercise);
            if (leads.Contains(id) && ForFinding(exercise, taken) is { } other)
            {
                stands[id] = other.Exercise.Id;
                changes.Add(new TemplateChange.ForFinding(id, other.Exercise.Id, other.For!.Code));
            }
            else if (why is null)
                stands[id] = id;
            else if (Nearest(exercise, taken) is { } near)
            {
                stands[id] = near;
                changes.Add(new TemplateChange.Instead(id, near, why));
            }
            else
            {
                stands[id] = null;
                changes.Add(new TemplateChange.LeftOut(id, why));
            }
            if (stands[id] is { } with)
                taken.Add(with);
        }
        return (stands, changes);
    }

    /// <summary>The main lift of the same pattern that was chosen for the client because of what was found; null where none
    /// was.</summary>
    private Chosen? ForFinding(Exercise exercise, HashSet<string> taken) =>
        own.FirstOrDefault(chosen =>
            chosen is { Role: Role.Main, For: not null }
            && chosen.Exercise.Pattern == exercise.Pattern
            && chosen.Exercise.Id != exercise.Id
            && !taken.Contains(chosen.Exercise.Id)
        );

    /// <summary>What trains the same pattern with the same muscles and can be done: what was chosen for the client first, then the one
    /// that is most like it.</summary>
    private string? Nearest(Exercise exercise, HashSet<string> taken) =>
        catalogue
            .All.Where(other => !taken.Contains(other.Id) && other.CanStandInFor(exercise) && judge(other) is null)
            .OrderByDescending(other => own.Any(chosen => chosen.Exercise.Id == other.Id))
            .ThenBy(other => other.Sides == exercise.Sides ? 0 : 1)
            .ThenBy(other => Unlike(exercise, other))
            .ThenBy(other => other.Id, StringComparer.Ordinal)
            .FirstOrDefault()
            ?.Id;

    /// <summary>By how much two differ in what they train and in what they load the back with; 0 where in nothing.</summary>
    private static double Unlike(Exercise one, Exercise other) =>
        one.Muscles.Keys.Union(other.Muscles.Keys).Sum(muscle => Math.Abs(one.ShareOf(muscle) - other.ShareOf(muscle)))
        + Math.Abs(one.Axial - other.Axial);

    private IEnumerable<TemplateChange> Unanswered(HashSet<string> stands)
    {
        HashSet<FindingCode> answered = [.. own.Where(chosen => stands.Contains(chosen.Exercise.Id)).SelectMany(chosen => chosen.Answers)];
        return own.Where(chosen => chosen.For is not null && !answered.Contains(chosen.For.Code))
            .DistinctBy(chosen => chosen.For!.Code)
            .Select(chosen => new TemplateChange.Unanswered(chosen.For!.Code, chosen.Exercise.Id));
    }

    private static IEnumerable<TemplateItem> Items(BlockTemplate template) =>
        template.Weeks.SelectMany(week => week).SelectMany(session => session.Items);
}
