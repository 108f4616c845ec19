using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Blocks.Templates;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>Makes plans from a client's rows, and gives the plan in force the loads that the newest maxes ask for.</summary>
public sealed class PlanService(OwnCatalogue own, IChooser chooser, IWeekLayout layout, TimeProvider clock)
{
    /// <summary>Changes with any rule that can change a plan.</summary>
    public const string EngineVersion = "17";

    private readonly Planner _planner = new(own.All, chooser, layout);
    private readonly PlanMapping _mapping = new(own.All);
    private readonly ChangeWords _changes = new(own.All);

    /// <summary>A new plan. A block asked for as auto is stored as the kind it was decided to be, so that the log cannot change it
    /// later.</summary>
    /// <param name="before">The plan that is in force on its first day. Edits of the same weeks are kept; a block of its own starts
    /// without.</param>
    /// <param name="last">The plan that is in force on the day before.</param>
    /// <param name="worked">Exercises of earlier blocks whose finding has closed.</param>
    public PlanRow Make(
        ClientFile file,
        ClientLog log,
        PlanRequest request,
        PlanRow? before,
        PlanRow? last,
        int number,
        IReadOnlyList<string> worked
    )
    {
        var block = new BlockSection
        {
            Start = request.Start,
            Kind = request.Kind,
            Weeks = request.Weeks,
            Focus = request.Focus,
            Worked = Credit(worked),
        };
        bool sameWeeks = before?.Inputs.Block is { } kept && kept.Start == request.Start && request.Base is null or BlockBase.Made;
        return New(
            file,
            log,
            block,
            sameWeeks && before is { Base: BlockBase.Made } ? before.Edits : [],
            request.Base ?? BlockBase.Made,
            number,
            last
        );
    }

    /// <summary>A plan laid over a base by edits.</summary>
    public PlanRow New(
        ClientFile file,
        ClientLog log,
        BlockSection block,
        IReadOnlyList<EditSection> edits,
        BlockBase @base,
        int number,
        PlanRow? last = null
    )
    {
        CaseDocument facts = CaseAssembly.Facts(file, block);
        DateOnly? follows = Followed(last, block.Start);
        Plan plan = _planner.Make(
            ToCase(file, log, block) with
            {
                Edits = EditMapping.ToEdits(edits),
                Base = @base,
                LastKind = LastKindOf(last, block.Start),
                TrainsUntil = follows,
            }
        );
        PlanDocument made = _mapping.ToDocument(plan);
        return new PlanRow
        {
            PracticeId = file.Client.PracticeId,
            Id = Guid.CreateVersion7(),
            ClientId = file.Client.Id,
            Number = number,
            Starts = block.Start,
            Ends = PlanSpan.LastDay(block.Start, plan.Block?.Weeks.Count ?? 1),
            Dates = DatesOf(made),
            Follows = follows,
            MadeAt = clock.GetUtcNow(),
            EngineVersion = EngineVersion,
            InputsHash = CaseAssembly.InputsHash(facts, file),
            Inputs = facts with { Log = null, Block = block with { Kind = plan.Block?.Kind ?? block.Kind } },
            Decisions = CaseAssembly.Decisions(file),
            Picks = CaseAssembly.Picks(file),
            Edits = edits,
            Base = @base,
            KindReason = plan.Kind?.Reason,
            Document = made,
        };
    }

    private static DateOnly[] DatesOf(PlanDocument plan) =>
        [.. (plan.Block?.Weeks ?? []).SelectMany(week => week.Sessions).Select(session => session.Date).Order()];

    private static DateOnly Earlier(DateOnly one, DateOnly other) => one < other ? one : other;

    /// <summary>Until when training is taken to go on: once a plan has begun, the log tells.</summary>
    private DateOnly? TrainsUntil(PlanRow row) => Today < row.Starts ? row.Follows : null;

    private static BlockKind? LastKindOf(PlanRow? last, DateOnly start) =>
        last?.Inputs.Block is { } block && block.Start < start ? block.Kind : null;

    /// <summary>A plan with other edits: the same inputs, a version of its own.</summary>
    public PlanRow Edited(PlanRow row, ClientFile file, ClientLog log, IReadOnlyList<EditSection> edits, int number)
    {
        PlanDocument made = _mapping.ToDocument(Current(row, file, log, edits));
        return new PlanRow
        {
            PracticeId = row.PracticeId,
            Id = Guid.CreateVersion7(),
            ClientId = row.ClientId,
            Number = number,
            Starts = row.Starts,
            Ends = row.Ends,
            Dates = DatesOf(made),
            Follows = row.Follows,
            MadeAt = clock.GetUtcNow(),
            EngineVersion = EngineVersion,
            InputsHash = row.InputsHash,
            Inputs = row.Inputs,
            Decisions = row.Decisions,
            Picks = row.Picks,
            Edits = edits,
            Base = row.Base,
            KindReason = row.KindReason,
            Document = made,
        };
    }

    /// <summary>What a new plan would be, without keeping it.</summary>
    public Plan Preview(ClientFile file, ClientLog log, PlanRow row) =>
        _planner.Make(
            ToCase(file, log, row.Inputs.Block!) with
            {
                Edits = EditMapping.ToEdits(row.Edits),
                Base = row.Base,
                TrainsUntil = TrainsUntil(row),
            }
        );

    /// <summary>The plan that a template is for a client, and what had to change, in words.</summary>
    /// <param name="start">The first day of its first week.</param>
    public (PlanRow Plan, IReadOnlyList<string> Changes) FromTemplate(
        BlockTemplate template,
        ClientFile to,
        ClientLog log,
        DateOnly start,
        int number,
        TemplateMains mains = TemplateMains.ForFindings
    )
    {
        var asked = new BlockSection
        {
            Start = start,
            Kind = template.Kind,
            Weeks = template.Weeks.Count,
            Focus = template.Focus,
        };
        ClientCase @case = ToCase(to, log, asked);
        var fit = new TemplateFit(
            own.All,
            _planner.JudgeFor(@case),
            [.. @case.Client.Days.Select(day => day.Day).OrderBy(day => (day - Weekdays.Of(start) + 7) % 7)],
            [.. _planner.Make(@case).Selection.All],
            mains
        );
        FittedTemplate fitted = fit.Of(template);
        return (
            New(to, log, asked, [.. fitted.Edits.Select(EditMapping.ToSection)], BlockBase.Empty, number),
            [.. fitted.Changes.Select(change => TemplateWords.Text(change, own.All))]
        );
    }

    /// <summary>What would be chosen now: for the block in force, or for four weeks from today where none is.</summary>
    /// <param name="school">Another school of accessories to try; null keeps the client's.</param>
    public Plan Proposal(ClientFile file, ClientLog log, PlanRow? newest, IReadOnlyList<Pick> picks, AccessorySchool? school)
    {
        ClientCase now = ToCase(file, log, newest?.Inputs.Block ?? new BlockSection { Start = Today }) with { Picks = picks };
        return _planner.Make(school is { } tried ? now with { Schools = now.Schools with { Accessories = tried } } : now);
    }

    /// <summary>The block that would follow a plan: as many weeks as are usual, of whatever kind is due after it.</summary>
    public Plan NextAfter(ClientFile file, Reviewed reviewed, PlanRow last)
    {
        DateOnly start = StartAfter(last, reviewed.Input.Today);
        var block = new BlockSection { Start = start, Worked = Credit(reviewed.Worked) };
        return _planner.Make(
            ToCase(file, reviewed.Log, block) with
            {
                LastKind = LastKindOf(last, start),
                TrainsUntil = Followed(last, start),
            }
        );
    }

    /// <summary>Left out where there is none, so that a case says no more than it must.</summary>
    private static IReadOnlyList<string>? Credit(IReadOnlyList<string> worked) => worked.Count == 0 ? null : worked;

    /// <summary>The day after a plan ends; once that is past, the next day of the week on which it began.</summary>
    public static DateOnly StartAfter(PlanRow last, DateOnly today)
    {
        DateOnly after = last.Ends.AddDays(1);
        return after >= today ? after : after.AddDays((today.DayNumber - after.DayNumber + 6) / 7 * 7);
    }

    /// <summary>Until when training is taken to go on before a block begins; null where none runs.</summary>
    private DateOnly? Followed(PlanRow? last, DateOnly start) =>
        last is { } before && before.Starts < start && before.Ends >= Today ? Earlier(before.Ends, start.AddDays(-1)) : null;

    /// <summary>What can stand in for the exercises of a proposal, with loads.</summary>
    public Func<Weekday, Substitution> Substitutes(ClientFile file, ClientLog log, PlanRow? newest) =>
        Substitutes(ToCase(file, log, newest?.Inputs.Block ?? new BlockSection { Start = Today }));

    /// <summary>What can stand in for the exercises of a plan on a day of the week, with loads.</summary>
    public Func<Weekday, Substitution> Substitutes(ClientCase @case) => _planner.Substitutes(@case);

    /// <summary>By the server's clock.</summary>
    public DateTimeOffset Now => clock.GetUtcNow();

    /// <summary>The day that it is, by the server's clock.</summary>
    public DateOnly Today => DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime);

    /// <summary>The client's findings as everything stands now, each with the coach's word.</summary>
    public IReadOnlyList<ReviewedFinding> Review(ClientFile file, ClientLog log)
    {
        return _planner.Review(ToCase(file, log, new BlockSection { Start = Today }));
    }

    private static ClientCase ToCase(ClientFile file, ClientLog log, BlockSection block) =>
        CaseAssembly.ToCase(file, log, block) with
        {
            Decisions = CaseAssembly.Decisions(file),
            Picks = CaseAssembly.Picks(file),
        };

    /// <summary>The plan in force with today's maxes: same lifts, sets and efforts, newest loads.</summary>
    public Plan Current(PlanRow row, ClientFile file, ClientLog log) => Current(row, file, log, row.Edits);

    /// <summary>The same with other edits, to try them.</summary>
    public Plan Current(PlanRow row, ClientFile file, ClientLog log, IReadOnlyList<EditSection> edits) =>
        Planner.Finish(Basis(row, file, log), EditMapping.ToEdits(edits));

    /// <summary>What a plan rests on with today's maxes, before the coach's edits.</summary>
    public PreparedPlan Basis(PlanRow row, ClientFile file, ClientLog log) => _planner.Prepare(CurrentCase(row, file, log));

    /// <summary>What speaks against a block by today's pain and health answers, whatever it was made from.</summary>
    public IReadOnlyList<Check> AgainstToday(Block block, ClientFile file)
    {
        ClientCase now = CaseMapping.ToCase(CaseAssembly.Facts(file, null));
        return PainChecks.Run(block, new TrainingCaps(now.Client, now.Pain, block.Start), own.All);
    }

    /// <summary>The case that the plan in force is made from.</summary>
    public ClientCase CurrentCase(PlanRow row, ClientFile file, ClientLog log)
    {
        CaseDocument now = CaseAssembly.Facts(file, row.Inputs.Block);
        return CaseMapping.ToCase(row.Inputs with { Strength = now.Strength }) with
        {
            Log = log.Days,
            Decisions = row.Decisions,
            Picks = row.Picks,
            Edits = EditMapping.ToEdits(row.Edits),
            Base = row.Base,
            TrainsUntil = TrainsUntil(row),
        };
    }

    /// <summary>Whether an answer or fact changed since the plan was made.</summary>
    public static bool IsOutOfDate(PlanRow row, ClientFile file) =>
        row.EngineVersion != EngineVersion || CaseAssembly.InputsHash(CaseAssembly.Facts(file, null), file) != row.InputsHash;

    /// <summary>What the plan in force would become if it were made again now, in words; empty when nothing would change.</summary>
    public IReadOnlyList<string> Changes(PlanRow row, ClientFile file, ClientLog log) =>
        [.. PlanDifference.Between(Current(row, file, log), Preview(file, log, row)).Select(_changes.Text)];

    /// <summary>What an edit can change of a plan's document.</summary>
    public (BlockPart? Block, IReadOnlyList<MaxPart> Maxes) ToBlock(Plan plan) =>
        (plan.Block is { } block ? _mapping.ToBlock(block) : null, [.. plan.Maxes.Select(PlanMapping.ToMax)]);

    public PlanDocument ToDocument(Plan plan) => _mapping.ToDocument(plan);
}
