using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>Drills: daily work for missing range, one to learn what is not yet skill, priming where a muscle is not felt.</summary>
internal sealed class DrillChoice(IReadOnlyList<Exercise> able, IReadOnlyList<Finding> findings, Scoring scoring, Eligibility eligibility)
{
    public IEnumerable<Chosen> Choose()
    {
        DrillRule most = SelectionRules.Shipped.Drills;
        List<Finding> open = [.. findings.Where(Scoring.IsOpen)];
        List<Chosen> drills = [];
        Daily(drills, [.. open.Where(finding => finding.Cause is Cause.Range or Cause.Pain)], most);
        foreach (Finding finding in open)
        {
            if (finding.Cause is Cause.Skill)
                Add(drills, finding, AnswerRole.Skill, Role.Skill, 0, most.Skill);
            Add(drills, finding, AnswerRole.Priming, Role.Priming, 0, most.Priming);
        }
        return drills.OrderBy(drill => drill.Role);
    }

    /// <summary>Pain has its own relief work, a finding of missing range its drills: the first of each, then further ones of the gravest
    /// while they go into the minutes of a day.</summary>
    private void Daily(List<Chosen> drills, IReadOnlyList<Finding> missing, DrillRule most)
    {
        for (int place = 0; place < most.Capacity; place++)
            foreach (Finding finding in missing)
                if (place == 0 || drills.Count < most.Daily)
                    Add(drills, finding, AnswerRole.Capacity, Role.Capacity, place, 1);
    }

    private void Add(List<Chosen> drills, Finding finding, AnswerRole answer, Role role, int from, int most)
    {
        IReadOnlyList<string> ids = Answers.Of(finding.Code, answer);
        foreach (Exercise exercise in ids.Select(id => able.FirstOrDefault(one => one.Id == id)).OfType<Exercise>().Skip(from).Take(most))
        {
            int there = drills.FindIndex(drill => drill.Exercise.Id == exercise.Id);
            if (there >= 0)
                drills[there] = drills[there] with { Answers = [.. drills[there].Answers.Append(finding.Code).Distinct()] };
            else
                drills.Add(ToChosen(exercise, role, answer, finding));
        }
    }

    private Chosen ToChosen(Exercise exercise, Role role, AnswerRole answer, Finding finding)
    {
        ScoreParts parts = scoring.Of(exercise, answer);
        return new Chosen
        {
            Exercise = exercise,
            Purpose = role is Role.Priming ? Purpose.Prime : Purpose.Learn,
            Role = role,
            Reason = ChosenReason.AnswersFinding,
            Answers = [finding.Code],
            Score = ScoreWeights.Of(AccessorySchool.Stimulus).Score(parts),
            Parts = parts,
            Limits = eligibility.LimitsOf(exercise),
        };
    }
}
