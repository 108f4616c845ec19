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

    public ExercisesView View(
        ClientFile file,
        Plan plan,
        Func<Exercise, (Lifter Lifter, double LoadKg)> body,
        Func<Weekday, Substitution> substitution
    )
    {
        ExerciseChoice choice = plan.Selection;
        AccessorySchool school = Codes.Find<AccessorySchool>(choice.School) ?? AccessorySchool.Stimulus;
        IReadOnlyList<Pick> picks = CaseAssembly.Picks(file);
        return new ExercisesView
        {
            ClientId = file.Client.Id,
            Client = file.Client.Name,
            Version = file.Client.Version,
            Stop = ClientToday.Stop(file),
            School = school,
            Favours = SchoolWords.Favours(school),
            Proven = choice.Proven is Proof.Optimal,
            Chosen = [.. InOrder(choice).Select(chosen => Line(chosen, plan, school, picks, body, substitution))],
            Others =
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
            Passed =
            [
                .. choice.PassedOver.Select(passed => new PassedLine(
                    passed.Exercise,
                    catalogue[passed.Exercise].Name,
                    PlanWords.Because(passed)
                )),
            ],
            Week = [.. choice.Days.Select(Slots)],
            Shortfalls = [.. choice.Shortfalls.Select(_short.Text)],
            Muscles =
            [
                .. plan
                    .Ledger.Where(row => row.Weeks[0].Sets > 0 || row.Weeks[0].Low > 0)
                    .Select(row => new MuscleBand(row.Muscle, row.Weeks[0].Sets, row.Weeks[0].Low, row.Weeks[0].High)),
            ],
            Picks = picks,
            Schools = [.. Enum.GetValues<AccessorySchool>().Select(one => new SchoolName(one, SchoolWords.Name(one)))],
        };
    }

    public EffectView Effect(Plan before, Plan after)
    {
        ChoiceEffect effect = ChoiceEffect.Between(before, after);
        return new EffectView
        {
            In = Names(effect.In),
            Out = Names(effect.Out),
            NoLonger = Titles(effect.NoLonger),
            Newly = Titles(effect.Newly),
            Muscles = effect.Muscles,
            Minutes = effect.Minutes,
            Axial = effect.Axial,
            Soreness = effect.Soreness,
        };
    }

    public SchoolView School(AccessorySchool school, Plan now, Plan there)
    {
        ChoiceEffect effect = ChoiceEffect.Between(now, there);
        return new SchoolView(school, SchoolWords.Favours(school), Names(effect.Out), Names(effect.In));
    }

    /// <summary>An exercise of the catalogue, without a body.</summary>
    public static ExerciseFace Face(Exercise exercise) => Face(exercise, null);

    /// <summary>A day as the slots that it is.</summary>
    private DaySlots Slots(DayPlan day) =>
        new(
            day.Weekday,
            day.Split.Minutes,
            [
                .. day.Lifts.Select(lift => new SlotLine
                {
                    Exercise = lift.Exercise.Id,
                    Name = lift.Exercise.Name,
                    Purpose = lift.Purpose,
                    Answers = [.. lift.Answers.Select(FindingWords.Name)],
                    Instead = lift.InsteadOf is [var other, ..]
                        ? new AgainstLine(other.Exercise, catalogue[other.Exercise].Name, PlanWords.Because(other))
                        : null,
                }),
            ]
        );

    private static IEnumerable<Chosen> InOrder(ExerciseChoice choice) =>
        choice.All.OrderBy(chosen => chosen.Role is Role.Capacity).ThenBy(chosen => chosen.Purpose);

    private ChosenLine Line(
        Chosen chosen,
        Plan plan,
        AccessorySchool school,
        IReadOnlyList<Pick> picks,
        Func<Exercise, (Lifter, double)> body,
        Func<Weekday, Substitution> substitution
    ) =>
        new()
        {
            Face = Face(chosen.Exercise, body),
            Role = chosen.Role,
            Purpose = chosen.Purpose,
            Score = chosen.Score,
            Parts = Parts(chosen.Parts, chosen.Role is Role.Main or Role.Second ? ScoreWeights.Main : ScoreWeights.Of(school)),
            Answers = [.. chosen.Answers.Select(FindingWords.Name)],
            Because = _words.Because(chosen),
            Days =
            [
                .. plan.Block?.Weeks[0]
                    .Sessions.Where(session => session.Items.Any(item => item.Exercise == chosen.Exercise.Id))
                    .Select(session => session.Day)
                    ?? [],
            ],
            IsPicked = picks.Any(pick => pick.Exercise == chosen.Exercise.Id && pick.Kind is not PickKind.Banned),
            InsteadOf =
            [
                .. chosen.InsteadOf.Select(other => new AgainstLine(
                    other.Exercise,
                    catalogue[other.Exercise].Name,
                    PlanWords.Because(other)
                )),
            ],
            Rivals = [.. chosen.Rivals.Select(id => Pick.InPlaceOf(chosen, catalogue[id]))],
            Substitutes = Substitutes(chosen, plan, substitution),
            PinKind = Pick.InPlaceOf(chosen, chosen.Exercise).Kind,
        };

    /// <summary>The substitutes of an exercise with the sets that its first session would become.</summary>
    private List<SubstituteLine> Substitutes(Chosen chosen, Plan plan, Func<Weekday, Substitution> substitutionOn)
    {
        if (
            plan.Block?.Weeks[0].Sessions.FirstOrDefault(one => one.Items.Any(item => item.Exercise == chosen.Exercise.Id))
            is not { } session
        )
            return [];
        PrescribedItem item = session.Items.First(one => one.Exercise == chosen.Exercise.Id);
        Substitution substitution = substitutionOn(session.Day);
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

    private static List<ScoreShare> Parts(ScoreParts parts, ScoreWeights weights) =>
        [.. parts.All.Select((row, i) => new ScoreShare(PlanWords.Name(row.Part), row.Value, weights.Values[i] / weights.Values.Sum()))];

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
        return new ExerciseFace
        {
            Exercise = exercise.Id,
            Name = exercise.Name,
            Pattern = exercise.Pattern,
            Muscles =
            [
                .. exercise
                    .Muscles.OrderByDescending(row => row.Value)
                    .ThenBy(row => row.Key)
                    .Select(row => new MuscleShare(row.Key, row.Value)),
            ],
            Kit = string.Join(
                " or ",
                exercise.Kit.Select(set =>
                    set.Count == 0 ? "nothing" : string.Join(", ", set.Select(item => Codes.Of(item).Replace('-', ' ')))
                )
            ),
            Cues = exercise.Cues,
            Watch = exercise.Watch,
            Caution = exercise.Caution,
            Stance = exercise.Stance,
            Escape = exercise.Escape,
            Ladder = LadderOf(exercise.Id),
            Conflicts = [.. exercise.Conflicts.Where(conflict => conflict is not Conflict.Grip)],
            Axial = exercise.Axial,
            Systemic = exercise.Systemic,
            Soreness = exercise.Soreness,
            Skill = exercise.Skill,
            Pose = pose,
            Figure = figure,
            Origin = exercise.Origin,
        };
    }

    private static string? LadderOf(string exercise) =>
        Ladder
            .PlacesOf(exercise)
            .Select(place => $"{Codes.Of(place.Ladder.Id).Replace('-', ' ')}, rung {place.Rung} of {place.Ladder.Rungs.Count}")
            .FirstOrDefault();

    private string[] Names(IReadOnlyList<string> ids) => [.. ids.Select(id => catalogue[id].Name)];

    private static string[] Titles(IReadOnlyList<FindingCode> codes) => [.. codes.Select(FindingWords.Name)];
}
