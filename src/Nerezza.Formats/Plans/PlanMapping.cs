using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;
using Nerezza.Formats.Cases;

namespace Nerezza.Formats.Plans;

/// <summary>Turns Core's plan into its JSON document; codes get their sentences from Wording.</summary>
public sealed class PlanMapping(ExerciseCatalogue catalogue)
{
    private readonly PlanWords _words = new(catalogue);
    private readonly CheckWords _checks = new(catalogue);
    private readonly FindingMapping _findings = new(catalogue);

    public PlanDocument ToDocument(Plan plan) =>
        new()
        {
            Case = plan.Case,
            Referral = plan.Referral is { } referral ? ToReferral(referral) : null,
            Findings = [.. plan.Findings.Select(_findings.ToPart)],
            Body = new BodyPart { Squat = [.. plan.Squats.Select(ToSquat)] },
            Maxes = [.. plan.Maxes.Select(ToMax)],
            Proven = plan.Selection.Proven is Proof.Optimal,
            Selection = [.. plan.Selection.All.Select(chosen => ToChosen(chosen, plan.Selection.DaysOf(chosen.Exercise.Id)))],
            PassedOver =
            [
                .. plan.Selection.PassedOver.Select(row => new PassedOverPart
                {
                    Exercise = row.Exercise,
                    Because = PlanWords.Because(row),
                }),
            ],
            Block = plan.Block is { } block ? ToBlock(block) : null,
            Ledger =
            [
                .. plan.Ledger.Select(row => new LedgerPart
                {
                    Muscle = row.Muscle,
                    Weeks =
                    [
                        .. row.Weeks.Select(week => new LedgerWeekPart
                        {
                            Number = week.Week,
                            Sets = week.Sets,
                            Low = week.Low,
                            High = week.High,
                            Sessions = week.Sessions,
                        }),
                    ],
                }),
            ],
            Checks = [.. plan.Checks.Select(ToCheck)],
        };

    public ChosenPart ToChosen(Chosen chosen, IReadOnlyList<Weekday> days) =>
        new()
        {
            Exercise = chosen.Exercise.Id,
            Role = chosen.Role,
            Purpose = chosen.Purpose,
            Days = days,
            Answers = chosen.Answers,
            Grade = chosen.Grade,
            Score = Rounded(chosen.Score),
            Parts = new PartsPart
            {
                AnswersFinding = Rounded(chosen.Parts.AnswersFinding),
                CarryOver = Rounded(chosen.Parts.CarryOver),
                StimulusForFatigue = Rounded(chosen.Parts.StimulusForFatigue),
                FitsBody = Rounded(chosen.Parts.FitsBody),
                Level = Rounded(chosen.Parts.Level),
                Freshness = Rounded(chosen.Parts.Freshness),
                SetUp = Rounded(chosen.Parts.SetUp),
                Liking = Rounded(chosen.Parts.Liking),
            },
            Because = _words.Because(chosen),
            InsteadOf =
            [
                .. chosen.InsteadOf.Select(other => new InsteadOfPart { Exercise = other.Exercise, Because = PlanWords.Because(other) }),
            ],
            Substitutes = chosen.Substitutes,
        };

    public static MaxPart ToMax(OneRepMax max) =>
        new()
        {
            Exercise = max.Exercise,
            Side = max.Side,
            Kg = Rounded(max.Kilograms),
            Low = Rounded(max.Low),
            High = Rounded(max.High),
            Source = max.Source,
            Bias = max.Bias is { } bias ? new BiasPart { Reps = Rounded(bias.Repetitions), From = bias.From } : null,
        };

    public static ReferralPart ToReferral(Referral referral) =>
        new()
        {
            Level = referral.Level,
            Urgency = referral.Urgency,
            Reasons = [.. referral.Reasons.Select(CasePath.Of)],
            Text = ReferralWords.Text(referral),
        };

    private static SquatPart ToSquat(SquatStanding standing) =>
        new()
        {
            Exercise = standing.Exercise,
            LoadKg = Rounded(standing.LoadKg),
            HeelCm = Rounded(standing.HeelCm),
            ThighDeg = standing.ThighDeg,
            Reachable = standing.Posture is not null,
            LeanDeg = Rounded(standing.Posture?.LeanDeg),
            HipNm = Rounded(standing.Posture?.HipMoment),
            KneeNm = Rounded(standing.Posture?.KneeMoment),
            LowBackNm = Rounded(standing.Posture?.LowBackMoment),
            HipShare = Rounded(standing.Posture?.HipShare),
            DeepestThighDeg = Rounded(standing.DeepestThighDeg),
            TuckAtHipHeightCm = Rounded(standing.TuckAtHipHeightCm),
        };

    public BlockPart ToBlock(Block block)
    {
        IReadOnlyDictionary<(Weekday Day, string Exercise), Standstill> growth = Progress.Of(block);
        string? Stays(Week week, Session session, PrescribedItem item) =>
            week.Kind is WeekKind.Load && growth.TryGetValue((session.Day, item.Exercise), out Standstill why)
                ? PlanWords.Stays(why, item)
                : null;
        return new BlockPart
        {
            Kind = block.Kind,
            Start = block.Start,
            Weeks =
            [
                .. block.Weeks.Select(week => new WeekPart
                {
                    Number = week.Number,
                    Kind = week.Kind,
                    Sessions =
                    [
                        .. week.Sessions.Select(session => new SessionPart
                        {
                            Day = session.Day,
                            Date = session.Date,
                            Minutes = session.Minutes,
                            Items = [.. session.Items.Select(item => ToItem(item, Stays(week, session, item)))],
                        }),
                    ],
                }),
            ],
        };
    }

    private ItemPart ToItem(PrescribedItem item, string? stays) =>
        new()
        {
            Exercise = item.Exercise,
            Role = item.Role,
            Purpose = item.Purpose,
            Superset = item.Superset,
            Because = _words.Because(item),
            Stays = stays,
            Cues = item.Cues,
            WarmUp = [.. item.WarmUp.Select(set => new WarmUpPart { Kg = set.Load.Kilograms, Reps = set.Reps })],
            Settings = new SettingsPart
            {
                BoxCm = item.SetUp.BoxCm,
                PinCm = item.SetUp.PinCm,
                HeelCm = item.SetUp.HeelCm,
                BlockCm = item.SetUp.BlockCm,
                BarCm = item.SetUp.BarCm,
                Stance = catalogue[item.Exercise].Stance ?? "",
                Note = FloorWords.Text(item, catalogue),
            },
            Sets = [.. item.Sets.Select(ToSet)],
        };

    private static SetPart ToSet(PrescribedSet set) =>
        new()
        {
            Reps = set.Metres is null && set.Seconds is null ? set.Reps : null,
            Percent = set.Percent?.Value,
            Of = "e1rm",
            Kg = set.Load?.Kilograms,
            Each = set.Each?.Kilograms,
            Count = set.Count,
            Bar = set.Bar,
            PerSide = set.PerSide is { } plates ? [.. plates.Select(plate => plate.Kilograms)] : null,
            Rpe = set.IsEasy ? null : set.Rpe.Value,
            Effort = set.IsEasy ? EffortWord.Easy : null,
            Tempo = set.Tempo.ToString(),
            RestSeconds = set.Rest.Seconds,
            Side = set.Side,
            Metres = set.Metres,
            Implements =
                set.Medley.Count == 0
                    ? null
                    :
                    [
                        .. set.Medley.Select(piece => new ImplementPart
                        {
                            Exercise = piece.Exercise,
                            Kg = piece.Load?.Kilograms,
                            Metres = set.Metres ?? 0,
                        }),
                    ],
            Amrap = set.Amrap,
            Seconds = set.Seconds,
        };

    private CheckPart ToCheck(Check check) =>
        new()
        {
            Code = Codes.Of(check.Code),
            Severity = check.Severity,
            Where = CheckWords.Where(check),
            Because = _checks.Because(check),
            Fix = CheckWords.Fix(check),
        };

    private static double Rounded(double value) => Math.Round(value, 6);

    private static double? Rounded(double? value) => value is { } known ? Rounded(known) : null;
}
