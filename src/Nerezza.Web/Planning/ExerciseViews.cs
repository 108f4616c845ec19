using Nerezza.Core;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Floor;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;
using Nerezza.Data.Stores;
using Nerezza.Formats.Levers;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>Lays out the chosen exercises with what speaks for each, everything else that could serve, and what a change would
/// do.</summary>
public sealed class ExerciseViews(ExerciseCatalogue catalogue)
{
    private readonly PlanWords _words = new(catalogue);
    private readonly ShortWords _short = new(catalogue);

    public ExercisesView View(ClientFile file, Plan plan, Func<Exercise, (Lifter Lifter, double LoadKg)> body, Substitution substitution)
    {
        ExerciseChoice choice = plan.Selection;
        AccessorySchool school = Codes.Find<AccessorySchool>(choice.School) ?? AccessorySchool.Stimulus;
        IReadOnlyList<Pick> picks = CaseAssembly.Picks(file);
        return new ExercisesView(
            file.Client.Id,
            file.Client.Name,
            file.Client.Version,
            PlanService.Stop(file),
            school,
            SchoolWords.Favours(school),
            choice.Proven is Proof.Optimal,
            [.. InOrder(choice).Select(chosen => Line(chosen, plan, school, picks, body, substitution))],
            [
                .. choice
                    .Ranked.Where(row => !choice.All.Any(chosen => chosen.Exercise.Id == row.Exercise.Id))
                    .Select(row => new RankedLine(
                        Face(row.Exercise, body),
                        row.Role,
                        row.Score,
                        Parts(row.Parts, ScoreWeights.Of(school)),
                        [.. row.Answers.Select(FindingWords.Name)]
                    )),
            ],
            [
                .. choice.PassedOver.Select(passed => new PassedLine(
                    passed.Exercise,
                    catalogue[passed.Exercise].Name,
                    PlanWords.Because(passed)
                )),
            ],
            [.. choice.Shortfalls.Select(_short.Text)],
            [
                .. plan
                    .Ledger.Where(row => row.Weeks[0].Sets > 0 || row.Weeks[0].Low > 0)
                    .Select(row => new MuscleBand(row.Muscle, row.Weeks[0].Sets, row.Weeks[0].Low, row.Weeks[0].High)),
            ],
            picks,
            [.. Enum.GetValues<AccessorySchool>().Select(one => new SchoolName(one, SchoolWords.Name(one)))]
        );
    }

    public EffectView Effect(Plan before, Plan after)
    {
        ChoiceEffect effect = ChoiceEffect.Between(before, after);
        return new EffectView(
            Names(effect.In),
            Names(effect.Out),
            Titles(effect.NoLonger),
            Titles(effect.Newly),
            effect.Muscles,
            effect.Minutes,
            effect.Axial,
            effect.Soreness
        );
    }

    public SchoolView School(AccessorySchool school, Plan now, Plan there)
    {
        ChoiceEffect effect = ChoiceEffect.Between(now, there);
        return new SchoolView(school, SchoolWords.Favours(school), Names(effect.Out), Names(effect.In));
    }

    /// <summary>An exercise of the catalogue, without a body.</summary>
    public static ExerciseFace Face(Exercise exercise) => Face(exercise, null);

    private static IEnumerable<Chosen> InOrder(ExerciseChoice choice) => choice.All.OrderBy(chosen => chosen.Role);

    private ChosenLine Line(
        Chosen chosen,
        Plan plan,
        AccessorySchool school,
        IReadOnlyList<Pick> picks,
        Func<Exercise, (Lifter, double)> body,
        Substitution substitution
    ) =>
        new(
            Face(chosen.Exercise, body),
            chosen.Role,
            chosen.Score,
            Parts(chosen.Parts, chosen.Role is Role.Main or Role.Second ? ScoreWeights.Main : ScoreWeights.Of(school)),
            [.. chosen.Answers.Select(FindingWords.Name)],
            _words.Because(chosen),
            [
                .. plan.Block?.Weeks[0]
                    .Sessions.Where(session => session.Items.Any(item => item.Exercise == chosen.Exercise.Id))
                    .Select(session => session.Day)
                    ?? [],
            ],
            picks.Any(pick => pick.Exercise == chosen.Exercise.Id && pick.Kind is not PickKind.Banned),
            [
                .. chosen.InsteadOf.Select(other => new AgainstLine(
                    other.Exercise,
                    catalogue[other.Exercise].Name,
                    PlanWords.Because(other, chosen.Score)
                )),
            ],
            [.. chosen.Rivals.Select(id => Pick.InPlaceOf(chosen, catalogue[id]))],
            Substitutes(chosen, plan, substitution),
            Pick.InPlaceOf(chosen, chosen.Exercise).Kind
        );

    /// <summary>The substitutes of an exercise with the sets that its first session would become.</summary>
    private List<SubstituteLine> Substitutes(Chosen chosen, Plan plan, Substitution substitution)
    {
        if (
            plan.Block?.Weeks[0].Sessions.SelectMany(session => session.Items).FirstOrDefault(item => item.Exercise == chosen.Exercise.Id)
            is not { } item
        )
            return [];
        return
        [
            .. chosen
                .Substitutes.Select(id => substitution.For(item, id, item.SetsASide))
                .OfType<PrescribedItem>()
                .Select(other => new SubstituteLine(
                    other.Exercise,
                    catalogue[other.Exercise].Name,
                    other.SetsASide,
                    other.Sets[0].Reps,
                    other.Sets[0].Load?.Kilograms,
                    other.Sets[0].Rpe.Value
                )),
        ];
    }

    private static List<ScorePart> Parts(ScoreParts parts, ScoreWeights weights) =>
        [.. parts.Named.Select((part, i) => new ScorePart(part.Name, part.Value, weights.Values[i] / weights.Values.Sum()))];

    private static ExerciseFace Face(Exercise exercise, Func<Exercise, (Lifter Lifter, double LoadKg)>? body)
    {
        Pose? pose = Lever.PoseOf(exercise);
        FigurePart? figure = null;
        if (
            pose is not null
            && body?.Invoke(exercise) is { } on
            && Lever.Of(on.Lifter, exercise.Id, on.LoadKg, LeverMoves.None)?.Posture is { } posture
        )
            figure = LeverCall.ToFigure(posture);
        return new ExerciseFace(
            exercise.Id,
            exercise.Name,
            exercise.Pattern,
            [
                .. exercise
                    .Muscles.OrderByDescending(row => row.Value)
                    .ThenBy(row => row.Key)
                    .Select(row => new MuscleShare(row.Key, row.Value)),
            ],
            string.Join(
                " or ",
                exercise.Kit.Select(set =>
                    set.Count == 0 ? "nothing" : string.Join(", ", set.Select(item => Codes.Of(item).Replace('-', ' ')))
                )
            ),
            exercise.Cues,
            exercise.Watch,
            exercise.Caution,
            exercise.Stance,
            exercise.Escape,
            LadderOf(exercise.Id),
            [.. exercise.Conflicts.Where(conflict => conflict is not Conflict.Grip)],
            exercise.Axial,
            exercise.Systemic,
            exercise.Soreness,
            exercise.Skill,
            pose,
            figure,
            exercise.Origin
        );
    }

    private static string? LadderOf(string exercise) =>
        Ladder
            .PlacesOf(exercise)
            .Select(place => $"{Codes.Of(place.Ladder.Id).Replace('-', ' ')}, rung {place.Rung} of {place.Ladder.Rungs.Count}")
            .FirstOrDefault();

    private string[] Names(IReadOnlyList<string> ids) => [.. ids.Select(id => catalogue[id].Name)];

    private static string[] Titles(IReadOnlyList<FindingCode> codes) => [.. codes.Select(FindingWords.Name)];
}
