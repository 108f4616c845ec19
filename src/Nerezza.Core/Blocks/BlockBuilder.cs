using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>What a block is built from besides the chosen exercises.</summary>
public sealed record BlockInput
{
    /// <summary>The client.</summary>
    public required Client Client { get; init; }

    /// <summary>The schools chosen.</summary>
    public required Schools Schools { get; init; }

    /// <summary>What block was asked for.</summary>
    public required BlockRequest Request { get; init; }

    /// <summary>The days with what each is for.</summary>
    public required IReadOnlyList<SplitDay> Week { get; init; }

    /// <summary>The exercises, the coach's own among them.</summary>
    public required ExerciseCatalogue Catalogue { get; init; }

    /// <summary>What loads can be made.</summary>
    public required Loader Loader { get; init; }

    /// <summary>What loads can be made on a day of the week.</summary>
    public required Func<Weekday, Loader> LoaderOn { get; init; }

    /// <summary>The maxes at today.</summary>
    public required MaxEstimates Maxes { get; init; }

    /// <summary>Sets and minutes of a role.</summary>
    public required ISetCost Cost { get; init; }

    /// <summary>How one-sided work is done.</summary>
    public required SidePlan Sides { get; init; }

    /// <summary>Part of 1RM that skill work of an exercise stays under; 1 where no fault says.</summary>
    public required Func<Exercise, double> SkillCap { get; init; }

    /// <summary>Heights to set for an exercise.</summary>
    public required Func<Exercise, HeightCourse, SetUp> SetUpOf { get; init; }

    /// <summary>The cue for this client's fault; null where the exercise's own goes.</summary>
    public required Func<Exercise, FaultCue?> CueOf { get; init; }

    /// <summary>The rungs that are open to the client.</summary>
    public required LadderProgress Ladders { get; init; }

    /// <summary>Pieces for event work.</summary>
    public required EventLoads EventLoads { get; init; }

    /// <summary>The first week in which a set may go to as many repetitions as possible.</summary>
    public required int FirstAmrapWeek { get; init; }

    /// <summary>Whether it is the first block of a novice over 50.</summary>
    public required bool StartsLate { get; init; }

    /// <summary>What a lay-off leaves of load and sets.</summary>
    public required LayOff Away { get; init; }

    /// <summary>The steps of a block of return.</summary>
    public required ReturnToTraining Back { get; init; }
}

/// <summary>Builds a block of the chosen exercises on a client's days (docs/handbook/11-prescription.md,
/// docs/handbook/12-weeks-and-blocks.md).</summary>
public sealed class BlockBuilder(BlockInput input)
{
    private readonly SessionMaker _maker = SessionMaker.Keeping(input);
    private readonly Dictionary<DateOnly, (IReadOnlyList<PrescribedItem> Of, Session Session)> _sessions = [];
    private readonly EventDays _events = new(input.Client);

    /// <summary>The block: lifts take turns as main and second, accessories stand on their days.</summary>
    /// <param name="kind">The kind, decided.</param>
    public Block Build(BlockKind kind, ExerciseChoice selection)
    {
        IReadOnlyList<DayPlan> days = selection.Days;
        IReadOnlySet<DayPlan> heavy = HeavyHinges.On(days);
        var targets = new WeekTargets(input, kind, _maker);
        List<ExerciseSlot> slots = [.. days.SelectMany(day => day.Lifts.Select(lift => targets.SlotOf(day, lift, days, heavy)))];
        var calibrating = new CalibratingSets(input.Client, input.Catalogue, input.FirstAmrapWeek);
        List<Week> weeks = [];
        LastDays? last = LastDays.Before(
            Phases.MayHold(kind) ? EventDays.FirstIn(input.Request, input.Client) : null,
            input.Client,
            slots,
            Enumerable.Range(1, input.Request.Weeks).SelectMany(week => slots.Select(slot => slot.DateIn(week)))
        );
        foreach (WeekShape shape in WeekShape.LayOut(input.Request, kind, input.Client, input.Schools.Progression))
        {
            List<Asked> asks = [.. days.SelectMany(day => AsksOf(day, slots, shape, targets, last))];
            if (shape.Kind is WeekKind.Load)
                asks = Apart(asks);
            (Weekday Day, string Exercise)? amrap = calibrating.In(shape, kind, [.. asks.Select(row => (row.Day.Weekday, row.Ask))]);
            weeks.Add(
                new Week(
                    shape.Number,
                    shape.Kind,
                    [
                        .. asks.GroupBy(row => row.Day)
                            .Select(day => SessionOf(day.Key, [.. day.Select(row => WithAmrap(row, amrap))], asks, shape)),
                    ]
                )
            );
        }
        return new Block(kind, input.Request.Start, weeks);
    }

    /// <summary>What a day of a week asks for; near an event the target lifts of its windows, whatever day they stood on.</summary>
    private IEnumerable<Asked> AsksOf(DayPlan day, IReadOnlyList<ExerciseSlot> slots, WeekShape shape, WeekTargets targets, LastDays? last)
    {
        DateOnly date = day.Split.FirstDate.AddDays(7 * (shape.Number - 1));
        if (_events.IsOn(date))
            return [];
        IEnumerable<ExerciseSlot> here = slots.Where(slot =>
            slot.Day == day && HasTurn(slot.Chosen, shape) && WeekOfRest.Keeps(slot, slots, shape.Kind)
        );
        Asked Ask(ExerciseSlot slot, ItemTarget ask) => new(day, slot, ask with { Course = CourseOf(slot, slots, shape) });
        if (last is null || !last.Covers(date))
            return here.Where(slot => last?.Waits(slot, date) is not true).Select(slot => Ask(slot, targets.AskOf(slot, shape)));
        return last.On(date)
            .Select(row => Ask(row.Slot, targets.LastAskOf(row.Slot, shape, row.Time)))
            .Concat(here.Where(slot => last.Keeps(slot, date)).Select(slot => Ask(slot, targets.AskOf(slot, shape))));
    }

    /// <summary>Whether a form that takes turns stands in a week; a deload repeats the week before it.</summary>
    private static bool HasTurn(Chosen lift, WeekShape shape) =>
        lift.Turn is null
        || (lift.Turn.Weeks is TurnWeeks.Odd) == ((shape.Kind is WeekKind.Deload ? shape.Number - 1 : shape.Number) % 2 == 1);

    /// <summary>Sessions of an exercise before this one, were every one done.</summary>
    private static HeightCourse CourseOf(ExerciseSlot slot, IReadOnlyList<ExerciseSlot> slots, WeekShape shape) =>
        new(
            (shape.Number - 1) * slots.Count(other => other.Chosen.Exercise.Id == slot.Chosen.Exercise.Id) + slot.Exposure,
            shape.Number - 1
        );

    /// <summary>The weeks without a session in them.</summary>
    public static Block Empty(BlockKind kind, BlockInput input) =>
        new(
            kind,
            input.Request.Start,
            [
                .. WeekShape
                    .LayOut(input.Request, kind, input.Client, input.Schools.Progression)
                    .Select(shape => new Week(shape.Number, shape.Kind, [])),
            ]
        );

    /// <summary>A main or second lift that comes again in the week comes at repetitions of its own: the nearest free ones that the exercise
    /// has.</summary>
    private static List<Asked> Apart(List<Asked> asks)
    {
        HashSet<(string, int)> taken = [];
        List<Asked> apart = [];
        foreach ((DayPlan day, ExerciseSlot slot, ItemTarget ask) in asks)
        {
            (string id, int reps, RepRange range) = (ask.Chosen.Exercise.Id, ask.Target.Reps, ask.Chosen.Exercise.Reps);
            bool starts = ask.Rule.Role is Role.Accessory && ask.Target.Load is null,
                lifts = ask.Rule.Role is Role.Main or Role.Second || starts;
            bool moves = lifts && ask.Target.Seconds is null && ask.Target.Metres is null;
            int free = moves
                ? range.NearestFree(reps, other => taken.Contains((id, other)), PrescriptionRules.Shipped.File.MoveWithinReps) ?? reps
                : reps;
            taken.Add((id, free));
            apart.Add(
                new Asked(
                    day,
                    slot,
                    free == reps
                        ? ask
                        : ask with
                        {
                            Target = ask.Target with { Reps = free },
                            Range = new RepRange(Math.Min(ask.Range.Bottom, free), Math.Max(ask.Range.Top, free)),
                        }
                )
            );
        }
        return apart;
    }

    private static Asked WithAmrap(Asked row, (Weekday Day, string Exercise)? amrap) =>
        amrap == (row.Day.Weekday, row.Ask.Chosen.Exercise.Id)
            ? row with
            {
                Ask = row.Ask with { Target = row.Ask.Target with { Last = LastSet.Amrap } },
            }
            : row;

    /// <summary>The session with repetitions going on where loads cannot, if its minutes hold them.</summary>
    private static Session GoneOn(
        Session session,
        IReadOnlyList<Asked> asks,
        IReadOnlyList<Asked> week,
        Func<IEnumerable<ItemTarget>, Session> made
    )
    {
        // What comes again in the week keeps repetitions of its own.
        bool IsTaken(Asked row, ItemTarget more) =>
            week.Any(other =>
                other.Day != row.Day && other.Ask.Chosen.Exercise.Id == more.Chosen.Exercise.Id && other.Ask.Target.Reps == more.Target.Reps
            );
        List<ItemTarget?> more =
        [
            .. session.Items.Zip(
                asks,
                (item, row) =>
                    row.Slot.Before is { } before && RepsForSteps.After(before, item) is { } ask && !IsTaken(row, ask) ? ask : null
            ),
        ];
        if (more.TrueForAll(ask => ask is null))
            return session;
        Session tried = made(session.Items.Select((item, i) => more[i] ?? item.Ask));
        Session grown = made(
            session.Items.Select((item, i) => more[i] is { } ask && RepsForSteps.Holds(item, tried.Items[i]) ? ask : item.Ask)
        );
        return grown.Minutes <= Math.Max(session.Minutes, session.MinutesGiven) ? grown : session;
    }

    private Session SessionOf(DayPlan day, IReadOnlyList<Asked> asks, IReadOnlyList<Asked> week, WeekShape shape)
    {
        DateOnly date = day.Split.FirstDate.AddDays(7 * (shape.Number - 1));
        Session Made(IEnumerable<ItemTarget> of) => _maker.Make(day.Weekday, date, day.Split.Minutes, of);
        Session session = Made(asks.Select(row => row.Ask));
        if (shape.Kind is WeekKind.Load)
            session = GoneOn(session, asks, week, Made);
        if (shape.Kind is not WeekKind.Deload)
            foreach ((ExerciseSlot slot, PrescribedItem item) in asks.Select(row => row.Slot).Zip(session.Items))
                slot.Before = item;
        return Same(session) ?? Fitted(session, day.Split.Minutes);
    }

    /// <summary>The session as it was built before, if its items are the same ones: what was counted of it then still holds.</summary>
    private Session? Same(Session session) =>
        _sessions.TryGetValue(session.Date, out (IReadOnlyList<PrescribedItem> Of, Session Session) before)
        && before.Of.SequenceEqual(session.Items, ReferenceEqualityComparer.Instance)
            ? before.Session
            : null;

    private Session Fitted(Session session, int minutes)
    {
        IReadOnlyList<PrescribedItem> fitted = Supersets.Fit(session.Items, minutes, input.Catalogue);
        Session made = session with { Items = fitted, Minutes = SessionTime.Minutes(fitted, input.Catalogue) };
        _sessions[session.Date] = (session.Items, made);
        return made;
    }
}

/// <summary>What a day asks of a track.</summary>
internal sealed record Asked(DayPlan Day, ExerciseSlot Slot, ItemTarget Ask);

/// <summary>One exercise on one weekday through the weeks; it remembers the last load week, which the next one and the deload are measured
/// from.</summary>
internal sealed class ExerciseSlot
{
    public required DayPlan Day { get; init; }
    public required Chosen Chosen { get; init; }
    public required RoleRule Role { get; init; }
    public required RepRange Range { get; init; }
    public required int Exposure { get; init; }
    public required double MostFraction { get; init; }
    public required Rpe MostRpe { get; init; }
    public PrescribedItem? Before { get; set; }

    public DateOnly DateIn(int week) => Day.Split.FirstDate.AddDays(7 * (week - 1));
}
