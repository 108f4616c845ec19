using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>Prescribes the exercises of a session in their order: warm-ups follow what is warm already, plates what was on the bar
/// before.</summary>
public sealed class SessionMaker
{
    private readonly BlockInput _input;
    private readonly Prescriber _usual;
    private readonly Dictionary<MadeOf, PrescribedItem>? _made;

    /// <summary>A maker that keeps nothing, for a block that is edited for long.</summary>
    public SessionMaker(BlockInput input)
        : this(input, null) { }

    private SessionMaker(BlockInput input, Dictionary<MadeOf, PrescribedItem>? made) =>
        (_input, _usual, _made) = (input, new Prescriber(input.Loader, input.Client.MassKg), made);

    /// <summary>A maker that gives the same object for the same ask: a block that is built again after one set gave way costs that set.
    /// </summary>
    public static SessionMaker Keeping(BlockInput input) => new(input, new Dictionary<MadeOf, PrescribedItem>(MadeOf.ByValue));

    /// <summary>Loads by what there is on a day.</summary>
    private Prescriber On(Weekday day) =>
        _input.LoaderOn(day) is var loader && ReferenceEquals(loader, _input.Loader)
            ? _usual
            : new Prescriber(loader, _input.Client.MassKg);

    /// <summary>The session of these asks, as they stand.</summary>
    public Session Make(Weekday day, DateOnly date, int minutesGiven, IEnumerable<ItemTarget> asks)
    {
        HashSet<Pattern> warm = [];
        Prescriber there = On(day);
        List<PrescribedItem> items =
        [
            .. asks.Select(ask => Kept(new MadeOf(ask, day, IsCold: warm.Add(ask.Chosen.Exercise.Pattern)), there)),
        ];
        return new Session(day, date, SessionTime.Minutes(items, _input.Catalogue), minutesGiven, items);
    }

    /// <summary>The max that an exercise stands on: of the side that goes first, for one-sided work.</summary>
    public OneRepMax? MaxOf(Exercise exercise) =>
        exercise.Sides is Sides.One
            ? _input.Maxes.Find(exercise.Id, _input.Sides.For(exercise).First) ?? _input.Maxes.FindOrGuess(exercise.Id)
            : _input.Maxes.FindOrGuess(exercise.Id);

    /// <summary>Whether the max of an exercise is more than a guess.</summary>
    public bool IsKnown(Exercise exercise) => MaxOf(exercise)?.Source is not (null or MaxSource.Guess);

    /// <summary>What can be loaded on a day for an item at today's max; null without one.</summary>
    public LoadFit? FitOf(PrescribedItem item, Weekday day)
    {
        Exercise exercise = _input.Catalogue[item.Exercise];
        bool lifts = item.Sets[0].Load?.Grams > 0 || exercise.BodyFraction > 0;
        // A guess is no ground to step up on: the load of the first week stays until sets are logged.
        return lifts && MaxOf(exercise) is { Source: not MaxSource.Guess } max && item.Sets[0].Load is { } load
            ? On(day).FitFor(exercise, max, load.Kilograms)
            : null;
    }

    private PrescribedItem Kept(MadeOf from, Prescriber prescriber)
    {
        if (_made is null)
            return Item(from, prescriber);
        if (!_made.TryGetValue(from, out PrescribedItem? item))
            _made[from] = item = Item(from, prescriber);
        return item;
    }

    private PrescribedItem Item(MadeOf from, Prescriber prescriber)
    {
        ItemTarget ask = from.Ask;
        Exercise exercise = ask.Chosen.Exercise;
        PrescribedItem item = prescriber.Prescribe(ask, MaxOf(exercise), WarmUpNeedOf(ask, from.IsCold), _input.Sides);
        SetUp setUp = _input.SetUpOf(exercise, ask.Course);
        if (ask.Course.Weeks >= PrescriptionRules.Shipped.File.SetUp.Course.CounterbalanceWeeks && Counterbalance.Is(exercise))
            setUp = setUp with { If = LowerIf.PlateHeld };
        item = prescriber.WithPlates(item, exercise);
        if (prescriber.StandsLow(item, exercise) && setUp.BlockCm is null)
            setUp = setUp with { BarCm = PrescriptionRules.Shipped.File.SetUp.BarOnPlatesCm };
        setUp = setUp with { Opens = Gates.OpenedBy(item, exercise, _input.Ladders, _input.Client.MassKg) };
        bool lifts = ask.Rule.Role is Role.Main or Role.Second or Role.Accessory or Role.Skill;
        FaultCue? fault = lifts ? _input.CueOf(exercise) : null;
        return item with
        {
            SetUp = fault is null ? setUp : setUp with { Aid = fault.AidFor(exercise, setUp) },
            Cues =
            [
                .. ask.CareCues.Concat(fault is null ? [] : [fault.Cue]).Concat(item.Cues).Take(PrescriptionRules.Shipped.File.MostCues),
            ],
        };
    }

    private static WarmUpNeed WarmUpNeedOf(ItemTarget ask, bool cold) =>
        // What balances needs no ramp.
        Counterbalance.Is(ask.Chosen.Exercise)
            ? WarmUpNeed.SingleJoint
            : ask.Rule.Role switch
            {
                Role.Main or Role.Second => cold ? WarmUpNeed.ColdPattern : WarmUpNeed.WarmPattern,
                Role.Accessory => cold ? WarmUpNeed.Accessory : WarmUpNeed.WarmPattern,
                Role.Priming or Role.Skill or Role.SingleJoint or Role.Trunk or Role.Carry or Role.Capacity => WarmUpNeed.SingleJoint,
            };
}

/// <summary>All that an item of a session follows from: what is asked, the day whose kit is there, whether its pattern is cold.</summary>
internal sealed record MadeOf(ItemTarget Ask, Weekday Day, bool IsCold)
{
    /// <summary>Equal by value; the hash looks at little, for an ask holds a whole exercise.</summary>
    public static IEqualityComparer<MadeOf> ByValue { get; } =
        EqualityComparer<MadeOf>.Create(
            (one, other) => Equals(one, other),
            from => HashCode.Combine(from.Ask.Chosen.Exercise.Id, from.Ask.Target.Reps, from.Ask.Target.Rpe, from.Ask.Course, from.Day)
        );
}
