using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Loads;

/// <summary>Every max that can be said of a client on a day: measured, followed through the log, or by ratio.</summary>
/// <remarks>What was asked once is kept, so that one book serves one caller at a time.</remarks>
public sealed class MaxEstimates
{
    private readonly ExerciseCatalogue _catalogue;
    private readonly Client _client;
    private readonly Lazy<StartingLoads> _starting;
    private readonly Dictionary<(string Exercise, Side? Side), List<MaxObservation>> _seen = [];
    private readonly Dictionary<(string Exercise, Side? Side), RepCurve> _curves = [];
    private readonly Dictionary<(string Exercise, Side? Side), OneRepMax?> _found = [];
    private readonly Dictionary<(string Root, Side? Side), List<Relative>> _families = [];
    private readonly Dictionary<(string Exercise, Side? Side, DateOnly Day), OneRepMax?> _alone = [];

    private MaxEstimates(Client client, ExerciseCatalogue catalogue, DateOnly today, EffortBias bias)
    {
        (_client, _catalogue, Today, Bias) = (client, catalogue, today, bias);
        _starting = new Lazy<StartingLoads>(() => new StartingLoads(client, catalogue, today, id => Find(id)));
    }

    /// <summary>The day the maxes are for: the one asked for, or the newest of the log if that is later.</summary>
    public DateOnly Today { get; }

    /// <summary>The client's mean rating error, used to correct ratings in the log.</summary>
    public EffortBias Bias { get; }

    /// <summary>Reads entered sets and the log.</summary>
    /// <param name="today">The day the maxes are for; later entries of the log still count, since the newest always does.</param>
    public static MaxEstimates Of(
        Client client,
        ExerciseCatalogue catalogue,
        IReadOnlyList<StrengthEntry> strength,
        IReadOnlyList<LogDay> log,
        DateOnly today
    )
    {
        DateOnly newest = log.Select(day => day.Date).Concat(strength.Select(entry => entry.Date ?? today)).Append(today).Max();
        var book = new MaxEstimates(client, catalogue, newest, EffortBias.Of(log));
        List<DaySets> days = [.. book.Entered(strength), .. book.Logged(log)];
        foreach (var sets in days.GroupBy(day => (day.Exercise, day.Side)))
            book._curves[sets.Key] = OwnCurve.Of(catalogue[sets.Key.Exercise].Curve, [.. sets.SelectMany(book.PointsOf)]);
        foreach (DaySets day in days)
            book.Add(day);
        foreach (var family in book._seen.Keys.GroupBy(key => (book.RelativeOf(key.Exercise).Root, key.Side)))
            book._families[family.Key] = [.. family.Select(key => key.Exercise).Order(StringComparer.Ordinal).Select(book.RelativeOf)];
        return book;
    }

    /// <summary>The sets of one exercise and side on one day, in the order done.</summary>
    private sealed record DaySets(
        string Exercise,
        Side? Side,
        DateOnly Date,
        IReadOnlyList<SetSeen> Sets,
        EffortBias Bias,
        MaxSource Source
    );

    /// <summary>Every exercise and side with a set of its own, by id.</summary>
    public IReadOnlyList<OneRepMax> Measured =>
        [
            .. _seen
                .Keys.OrderBy(key => key.Exercise, StringComparer.Ordinal)
                .ThenBy(key => key.Side)
                .Select(key => Find(key.Exercise, key.Side)!),
        ];

    /// <summary>The max of an exercise, its own or by ratio; null when nothing speaks of it.</summary>
    public OneRepMax? Find(string exercise, Side? side = null)
    {
        if (!_found.TryGetValue((exercise, side), out OneRepMax? max))
            _found[(exercise, side)] = max = Own(exercise, side, Today) ?? ByRatio(exercise, side, Today);
        return max;
    }

    /// <summary>The max as the sets up to a day tell it, by today's knowledge of the lifter's curve and ratings; null before the
    /// first.</summary>
    public OneRepMax? On(string exercise, Side? side, DateOnly day) => Own(exercise, side, day);

    /// <summary>The days whose sets of an exercise tell its max, first to last.</summary>
    public IReadOnlyList<DateOnly> SeenOn(string exercise, Side? side) =>
        _seen.TryGetValue((exercise, side), out List<MaxObservation>? seen)
            ? [.. seen.Select(observation => observation.Date).Distinct().Order()]
            : [];

    /// <summary>The max of an exercise as it is known, else a first guess; null where nothing tells of it, as of body weight and
    /// bands.</summary>
    public OneRepMax? FindOrGuess(string exercise, Side? side = null)
    {
        if (Find(exercise, side) is { } known)
            return known;
        Exercise one = _catalogue[exercise];
        bool takesLoad =
            one.Load
            is not (
                LoadSource.Band
                or LoadSource.BodyWeight
                or LoadSource.None
                or LoadSource.Keg
                or LoadSource.Stone
                or LoadSource.Log
                or LoadSource.Sled
            );
        return takesLoad && _starting.Value.Of(one) is { } guess
            ? MaxOf(exercise, side, guess.Kilograms, guess.LogSd, MaxSource.Guess) with
            {
                StartsLightest = Youth.Is(_client, Today),
            }
            : null;
    }

    /// <summary>The day of the newest set of an exercise's own; null when there is none. A set without a date counts as old.</summary>
    public DateOnly? NewestSetOn(string exercise, Side? side) =>
        _seen.TryGetValue((exercise, side), out List<MaxObservation>? seen) ? seen.Max(observation => observation.Date) : null;

    private double BodyKg(Exercise exercise) => exercise.BodyFraction * _client.MassKg;

    /// <summary>Unlike the log, entries come without an order within the day, so that the heaviest stands for it.</summary>
    private IEnumerable<DaySets> Entered(IReadOnlyList<StrengthEntry> strength) =>
        strength
            .GroupBy(entry => (entry.Exercise, entry.Side, Date: entry.Date ?? Today.AddDays(-LoadRules.Shipped.OneRepMax.UndatedDays)))
            .Select(day => new DaySets(
                day.Key.Exercise,
                day.Key.Side,
                day.Key.Date,
                [.. day.Select(entry => new SetSeen(entry.Load.Kilograms, entry.Reps, entry.Rpe.Value, entry.Amrap))],
                EffortBias.None,
                MaxSource.Measured
            ));

    private IEnumerable<DaySets> Logged(IReadOnlyList<LogDay> log) =>
        log.SelectMany(day =>
            day.Lifts.Where(lift => lift.Sets.Any(set => set.Reps is not null))
                .Select(lift => new DaySets(
                    lift.Exercise,
                    lift.Side,
                    day.Date,
                    [
                        .. SetSeen.InOrder(
                            lift.Sets.Where(set => set.Reps is not null)
                                .Select(set => new SetSeen(
                                    set.Load?.Kilograms ?? 0,
                                    Math.Min(set.Reps!.Value, set.TechniqueHeldTo ?? int.MaxValue),
                                    set.Rpe?.Value,
                                    set.Amrap
                                ))
                        ),
                    ],
                    Bias.For(_catalogue[lift.Exercise], _catalogue),
                    MaxSource.Log
                ))
        );

    /// <summary>What a day's sets say of the curve: a bound says nothing, nor a set from which no 1RM can be told, nor what was logged so
    /// long ago that the lifter was another.</summary>
    private IEnumerable<CurvePoint> PointsOf(DaySets day)
    {
        if (day.Source is MaxSource.Log && Today.DayNumber - day.Date.DayNumber > LoadRules.Shipped.OwnCurve.LookBackDays)
            return [];
        double body = BodyKg(_catalogue[day.Exercise]);
        return day
            .Sets.Where(set => set.Reps > 0 && set.Kilograms + body > 0)
            .Select(set => (set, Failure: set.ToFailure(day.Bias)))
            .Where(row => !row.Failure.IsBound && RepCurve.Trust(row.Failure.Repetitions) is not EstimateTrust.None)
            .Select(row => new CurvePoint(day.Date, row.set.Kilograms + body, row.Failure.Repetitions, row.set.Reps));
    }

    private void Add(DaySets day)
    {
        (string Exercise, Side? Side) key = (day.Exercise, day.Side);
        if (
            DayObservation.From(day.Date, day.Sets, BodyKg(_catalogue[day.Exercise]), day.Bias, _curves[key], day.Source)
            is not { } observation
        )
            return;
        if (!_seen.TryGetValue(key, out List<MaxObservation>? list))
            _seen[key] = list = [];
        list.Add(observation);
    }

    private RepCurve CurveOf(string exercise, Side? side) =>
        _curves.TryGetValue((exercise, side), out RepCurve own) ? own : new RepCurve(_catalogue[exercise].Curve);

    private OneRepMax MaxOf(string exercise, Side? side, double kilograms, double logSd, MaxSource source)
    {
        RepCurve curve = CurveOf(exercise, side);
        return new OneRepMax(exercise, side, Math.Round(kilograms, 6), Math.Round(logSd, 6), source, curve)
        {
            OwnK = curve == new RepCurve(_catalogue[exercise].Curve) ? null : curve.K,
            Bias = source is MaxSource.Log && Bias.From.Count > 0 ? Bias.For(_catalogue[exercise], _catalogue) : null,
        };
    }

    private OneRepMax? Own(string exercise, Side? side, DateOnly day)
    {
        List<MaxObservation> seen = SeenBy(exercise, side, day);
        if (seen.Count == 0)
            return null;
        // An entered set starts the filter; a first logged set meets the ratio's estimate of the day before, where there is one.
        if (seen[0].Source is MaxSource.Measured || ByRatio(exercise, side, seen[0].Date.AddDays(-1)) is not { } prior)
            return Follow(exercise, side, StartAt(seen[0]), seen.Skip(1), day, seen[^1].Source);
        var start = new MaxState(Math.Log(prior.Kilograms), prior.LogSd * prior.LogSd, seen[0].Date.AddDays(-1));
        return Follow(exercise, side, start, seen, day, seen[^1].Source);
    }

    /// <summary>The max from an exercise's own sets alone, so that two relatives never lean on each other.</summary>
    private OneRepMax? OwnAlone(string exercise, Side? side, DateOnly day)
    {
        if (!_alone.TryGetValue((exercise, side, day), out OneRepMax? max))
            _alone[(exercise, side, day)] = max = SeenBy(exercise, side, day) is [var first, ..] seen
                ? Follow(exercise, side, StartAt(first), seen.Skip(1), day, seen[^1].Source)
                : null;
        return max;
    }

    private List<MaxObservation> SeenBy(string exercise, Side? side, DateOnly day) =>
        _seen.TryGetValue((exercise, side), out List<MaxObservation>? all)
            ? [.. all.Where(o => o.Date <= day).OrderBy(o => o.Date).ThenBy(o => o.Source)]
            : [];

    private OneRepMax Follow(string exercise, Side? side, MaxState start, IEnumerable<MaxObservation> seen, DateOnly day, MaxSource source)
    {
        MaxFilter filter = MaxFilter.For(_client.Level);
        MaxState state = filter.Advance(seen.Aggregate(start, filter.Observe), day);
        return MaxOf(exercise, side, Math.Exp(state.LogMean), Math.Sqrt(state.Variance), source);
    }

    private MaxState StartAt(MaxObservation first)
    {
        OneRepMaxRules rules = LoadRules.Shipped.OneRepMax;
        bool fresh = Today.DayNumber - first.Date.DayNumber <= rules.FreshDays && first.ToFailure <= rules.FreshReps;
        double sd =
            first.IsLowerBound ? rules.StartSdBound
            : fresh ? rules.StartSdFresh
            : rules.StartSdOther;
        return new MaxState(Math.Log(first.Kilograms), sd * sd, first.Date);
    }

    /// <summary>The max by ratio from the relative in the same family that leaves least doubt; ties by id.</summary>
    private OneRepMax? ByRatio(string exercise, Side? side, DateOnly day)
    {
        Relative own = RelativeOf(exercise);
        if (!_families.TryGetValue((own.Root, side), out List<Relative>? family))
            return null;
        return family
            .Where(relative => relative.Exercise != exercise)
            .Select(relative => (Relative: relative, Max: OwnAlone(relative.Exercise, side, day)))
            .Where(row => row.Max is not null && ByRatio(row.Max.Kilograms, row.Relative, own) > 0)
            .Select(row =>
                MaxOf(
                    exercise,
                    side,
                    ByRatio(row.Max!.Kilograms, row.Relative, own),
                    Math.Sqrt(own.Spread * own.Spread + row.Relative.Spread * row.Relative.Spread),
                    MaxSource.Ratio
                )
            )
            .MinBy(max => max.LogSd);
    }

    /// <summary>A max of one relative as the other's. A ratio is of what is held: where one lifts the body along and the root of the
    /// family does
    /// not, the body comes on top (docs/decisions/0009-body-on-top-of-a-ratio.md).</summary>
    private double ByRatio(double kilograms, Relative from, Relative to)
    {
        double BodyOver(Relative relative) => BodyKg(_catalogue[relative.Exercise]) - BodyKg(_catalogue[relative.Root]);
        return (kilograms - BodyOver(from)) / from.Value * to.Value + BodyOver(to);
    }

    /// <summary>An exercise by its ratio to the root of its family, or as a root itself.</summary>
    private sealed record Relative(string Exercise, string Root, double Value, double Spread);

    private Relative RelativeOf(string exercise) =>
        _catalogue[exercise].Ratio is { } ratio
            ? new Relative(exercise, ratio.Of, ratio.Value, ratio.SpreadPercent / 100)
            : new Relative(exercise, exercise, 1, 0);
}
