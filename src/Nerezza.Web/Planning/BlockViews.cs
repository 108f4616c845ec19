using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Loads;
using Nerezza.Core.Prescription;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>Lays out a block for the desk: as it stands, or as a draft would be.</summary>
public sealed class BlockViews(ExerciseCatalogue catalogue, PlanService desk, FloorViews floor)
{
    private readonly PlanWords _words = new(catalogue);
    private readonly CheckWords _checks = new(catalogue);
    private readonly ChangeWords _changes = new(catalogue);

    /// <summary>The view of a plan as it stands.</summary>
    /// <param name="basis">What the plan rests on with today's maxes.</param>
    public BlockView View(PlanRow row, PreparedPlan basis, ClientFile file, ClientLog log, IReadOnlyList<PlanSpan> standing)
    {
        Plan plan = Finish(basis, row.Edits);
        DraftView draft = Draft(plan, file);
        return new BlockView
        {
            Number = row.Number,
            MadeAt = row.MadeAt,
            OutOfDate = PlanService.IsOutOfDate(row, file),
            Stop = null,
            Plan = desk.ToDocument(plan),
            Made = Made(row.Document, plan, log),
            Done = Done(row, log),
            KindBecause = plan.Kind is { } kind && row.KindReason is { } reason ? PlanWords.Because(kind with { Reason = reason }) : "",
            Favours = plan.Kind is { } of ? PlanWords.Favours(of.Kind) : "",
            Base = row.Base,
            Edits = row.Edits,
            Refused = draft.Refused,
            Cells = draft.Cells,
            Remarks = draft.Remarks,
            Sets = draft.Sets,
            Totals = draft.Totals,
            Chain = Chain(plan, file),
            Attempts =
            [
                .. plan.Attempts.Select(one => new AttemptsView(
                    one.Exercise,
                    Math.Round(one.ForecastKg, 1),
                    [.. one.Usual.Select(load => load.Kilograms)],
                    [.. one.Safer.Select(load => load.Kilograms)],
                    [.. one.Bolder.Select(load => load.Kilograms)]
                )),
            ],
            Daily = floor.Daily(plan),
            Standing = standing,
        };
    }

    /// <summary>The view while training is stopped: it locks what was planned before, so that no load is on the page until it is
    /// cleared.</summary>
    public static BlockView Stopped(PlanRow row, ClientFile file, ClientLog log, IReadOnlyList<PlanSpan> standing, string stop)
    {
        PlanDocument locked = row.Document with { Block = null };
        return new BlockView
        {
            Number = row.Number,
            MadeAt = row.MadeAt,
            OutOfDate = PlanService.IsOutOfDate(row, file),
            Stop = stop,
            Plan = locked,
            Made = [],
            Done = Done(row, log),
            KindBecause = "",
            Favours = "",
            Base = row.Base,
            Edits = row.Edits,
            Refused = [],
            Cells = [],
            Remarks = [],
            Sets = [],
            Totals = [],
            Chain = [],
            Attempts = [],
            Daily = [],
            Standing = standing,
        };
    }

    private static IReadOnlyList<MadeLoad> Made(PlanDocument made, Plan now, ClientLog log)
    {
        LoadChanges changes = new(made, log.Days);
        ILookup<(int, Core.Clients.Weekday, string), string> why = (now.Block?.Weeks ?? [])
            .SelectMany(week =>
                week.Sessions.SelectMany(session =>
                    session.Items.Select(item => (Place: (week.Number, session.Day, item.Exercise), Why: changes.Of(session.Date, item)))
                )
            )
            .ToLookup(row => row.Place, row => row.Why);
        return
        [
            .. (made.Block?.Weeks ?? []).SelectMany(week =>
                week.Sessions.SelectMany(session =>
                    session
                        .Items.Select(item => (Place: (week.Number, session.Day, item.Exercise), Kg: item.Sets.Max(set => set.Kg)))
                        .Where(row => row.Kg is not null)
                        .Select(row => new MadeLoad(
                            week.Number,
                            session.Day,
                            row.Place.Exercise,
                            row.Kg!.Value,
                            why[row.Place].FirstOrDefault("")
                        ))
                )
            ),
        ];
    }

    private static IReadOnlyList<SetView> Done(PlanRow row, ClientLog log) =>
        [.. log.Recent.Where(set => set.Date >= row.Inputs.Block!.Start).Select(FloorViews.View)];

    /// <summary>The block with edits that are only tried: what an edit can change, and nothing else.</summary>
    public DraftView Draft(PreparedPlan basis, ClientFile file, IReadOnlyList<EditSection> edits) => Draft(Finish(basis, edits), file);

    // A basis serves one caller at a time.
    private static Plan Finish(PreparedPlan basis, IReadOnlyList<EditSection> edits)
    {
        lock (basis)
            return Planner.Finish(basis, EditMapping.ToEdits(edits));
    }

    private DraftView Draft(Plan plan, ClientFile file)
    {
        IReadOnlyList<Check> checks =
        [
            .. plan.Checks,
            .. plan.Block is { } block ? desk.AgainstToday(block, file).Where(check => !plan.Checks.Contains(check)) : [],
        ];
        (BlockPart? made, IReadOnlyList<MaxPart> maxes) = desk.ToBlock(plan);
        return new DraftView
        {
            Block = made,
            Maxes = maxes,
            Refused = [.. plan.Refused.Select(_words.Because)],
            Cells = [.. Cells(plan, file.Client.Facts.MassKg)],
            Remarks = [.. checks.Select(Remark)],
            Sets = plan.Ledger,
            Totals = plan.Totals,
        };
    }

    /// <summary>What one version has otherwise than another, at today's maxes.</summary>
    public VersionDifference Difference(PlanRow from, PlanRow to, ClientFile file, ClientLog log) =>
        new(
            from.Number,
            to.Number,
            [.. PlanDifference.Cells(desk.Current(from, file, log).Block, desk.Current(to, file, log).Block).Select(_changes.Text)]
        );

    private IEnumerable<CellView> Cells(Plan plan, double massKg)
    {
        Dictionary<string, OneRepMax> maxes = plan
            .Maxes.GroupBy(max => max.Exercise)
            .ToDictionary(group => group.Key, group => group.First());
        return plan.Block?.Weeks.SelectMany(week =>
                week.Sessions.SelectMany(session =>
                    session.Items.Select(item =>
                        Cell(
                            week,
                            session,
                            item,
                            maxes.GetValueOrDefault(item.Exercise),
                            Math.Round(catalogue[item.Exercise].BodyFraction * massKg, 1),
                            plan.Instead.GetValueOrDefault(new CellPlace(week.Number, session.Day, item.Exercise), [])
                        )
                    )
                )
            )
            ?? [];
    }

    private static CellView Cell(
        Week week,
        Session session,
        PrescribedItem item,
        OneRepMax? max,
        double bodyKg,
        IReadOnlyList<StandsInstead> instead
    )
    {
        double? bent = max?.OwnK is { } k ? Math.Round(k, 2) : null;
        double? part =
            max is not null && item.Sets.MaxBy(set => set.Percent?.Value)?.Percent is { } percent
                ? Math.Round(max.OfTrainingMax(percent).Value, 1)
                : null;
        return new CellView
        {
            Week = week.Number,
            Day = session.Day,
            Exercise = item.Exercise,
            Pinned =
            [
                .. Enum.GetValues<Pins>()
                    .Where(pin => pin is not Pins.None && item.Ask.Pinned.HasFlag(pin))
                    .Select(pin => pin.ToString().ToLowerInvariant()),
            ],
            Instead = instead,
            Shape = item.Ask.Target.Kind,
            UnderTensionSeconds = SessionTime.UnderTension(item.Sets[0]),
            LeastRestSeconds = item.Sets[^1].Rest.LeastSeconds,
            TrainingMaxKg = max is null ? null : Math.Round(max.TrainingMax, 1),
            PercentOfTrainingMax = part,
            OwnCurve = bent,
            BodyKg = bodyKg,
        };
    }

    private CheckView Remark(Check check) =>
        new()
        {
            Code = check.Code,
            Severity = check.Severity,
            Week = check.At.InWeek,
            Day = check.At.OnDay,
            Exercise = (check as ExerciseCheck)?.Exercise,
            Because = _checks.Because(check),
            Fix = CheckWords.Fix(check),
            Edits = [.. check.Fix.Select(EditMapping.ToSection)],
        };

    private static IReadOnlyList<ChainLink> Chain(Plan plan, ClientFile file)
    {
        if (plan.Block is not { } block)
            return [];
        DateOnly? next = new[] { file.Client.Facts.Competition?.Date }
            .Concat((file.Client.Facts.Events ?? []).Select(one => one.Date))
            .Where(date => date >= block.Start)
            .Min();
        return BlockChain.From(block.Kind, block.Start, block.Weeks.Count, next);
    }
}
