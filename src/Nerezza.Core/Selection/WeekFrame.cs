using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>What stands on the days whatever else does: drills, event work, and the lifts that lead
/// (docs/handbook/09-composition.md#9-2-main-lifts).</summary>
internal sealed class WeekFrame(SelectionInput input, MainLiftChoice mains, UpperLeads upper)
{
    private static readonly SlotRules Rules = SlotRules.Shipped;

    /// <summary>The lift whose only day the event took; null where none was.</summary>
    public Chosen? Displaced { get; private set; }

    /// <summary>The days in their order.</summary>
    /// <param name="drills">Drills of the leg days.</param>
    /// <param name="events">Event work, in its order.</param>
    /// <param name="isHere">Whether a day is trained with this kit; the others stay empty.</param>
    public IReadOnlyList<DayFrame> Of(IReadOnlyList<Chosen> drills, IReadOnlyList<Chosen> events, Func<SplitDay, bool> isHere)
    {
        IReadOnlyList<Chosen> leads = mains.Choose();
        int eventDay = events.Count == 0 ? -1 : EventDayOf(leads, isHere);
        Dictionary<string, int> led = [];
        (int upperDays, int fullDays) = (0, 0);
        List<DayFrame> frames = [];
        for (int i = 0; i < input.Week.Count; i++)
        {
            SplitDay day = input.Week[i];
            List<Chosen> standing = [];
            if (day.Focus is DayFocus.Upper)
            {
                if (upper.OfUpperDay(upperDays++) is { } press && isHere(day))
                    standing.Add(press with { Sets = SetsOf(day, press) });
            }
            else if (isHere(day))
            {
                standing.AddRange(DrillsOn(day, drills, leads));
                if (i == eventDay)
                    standing.AddRange(events);
                else if (leads.Count > 0)
                    standing.AddRange(Leading(IsAloneBeside(eventDay, isHere) ? PullFirst(day, leads) : day, leads, led));
                if (day.Focus is DayFocus.Full && upper.BesideLegs(fullDays++, day.Minutes) is { } beside)
                    standing.Add(beside with { Sets = SetsOf(day, beside) });
            }
            // An exercise stands once in a session: what leads the day teaches itself.
            frames.Add(
                new DayFrame(day, [.. standing.OrderByDescending(one => one.Purpose is Purpose.Main).DistinctBy(one => one.Exercise.Id)])
            );
        }
        IReadOnlyList<Chosen> standingLeads = [.. frames.SelectMany(frame => frame.Fixed).Where(one => one.Purpose is Purpose.Main)];
        Displaced = eventDay < 0 ? null : leads.FirstOrDefault(lead => !standingLeads.Any(one => one.Exercise.Id == lead.Exercise.Id));
        return frames;
    }

    /// <summary>Drills before the main lift; not the main lift itself, and not where minutes are short.</summary>
    private static IEnumerable<Chosen> DrillsOn(SplitDay day, IReadOnlyList<Chosen> drills, IReadOnlyList<Chosen> leads) =>
        day.Minutes < Rules.Minutes.Short
            ? []
            : drills.Where(drill => leads.All(lead => SlotKinds.MovementOf(lead.Exercise.Id) != SlotKinds.MovementOf(drill.Exercise.Id)));

    /// <summary>What leads a day; nothing, where the one form that pain leaves was tried before and everything else hurts.</summary>
    private IEnumerable<Chosen> Leading(SplitDay day, IReadOnlyList<Chosen> leads, Dictionary<string, int> led)
    {
        Chosen lead = LeadOf(day, leads);
        // What pain covers leads once a week at most; then a hinge or thrust that is free of it does.
        if (led.ContainsKey(lead.Exercise.Id) && input.Prepared.Caps.Hurts(lead.Exercise))
        {
            if (leads.FirstOrDefault(other => !input.Prepared.Caps.Hurts(other.Exercise)) is { } free)
                lead = free;
            else if (IsTrial(lead))
                return [];
        }
        int before = led.GetValueOrDefault(lead.Exercise.Id);
        led[lead.Exercise.Id] = before + 1;
        Chosen today = before == 1 && input.Prepared.Client.Level is not Level.Novice ? mains.Again(lead) : lead;
        return [today with { Sets = SetsOf(day, today) }];
    }

    private bool IsTrial(Chosen lead) => input.Prepared.Caps.TrialsOf(lead.Exercise).Count > 0;

    private static Chosen LeadOf(SplitDay day, IReadOnlyList<Chosen> leads)
    {
        Pattern pattern = day.Lead switch
        {
            HeavyLift.Squat => Pattern.Squat,
            HeavyLift.Hinge => Pattern.Hinge,
            HeavyLift.None => Pattern.Thrust,
        };
        return leads.FirstOrDefault(lead => lead.Exercise.Pattern == pattern)
            ?? leads.FirstOrDefault(lead => StandsFor(lead, pattern))
            ?? leads[^1];
    }

    /// <summary>A poor kit has a lunge for a squat, a thrust for a hinge.</summary>
    private static bool StandsFor(Chosen lead, Pattern pattern) =>
        (pattern, lead.Exercise.Pattern) is (Pattern.Squat, Pattern.Lunge) or (Pattern.Hinge, Pattern.Thrust);

    /// <summary>Whether the event leaves one leg day.</summary>
    private bool IsAloneBeside(int eventDay, Func<SplitDay, bool> isHere) =>
        eventDay >= 0 && input.Week.Count(day => day.Focus is not DayFocus.Upper && isHere(day)) == 2;

    /// <summary>The one leg day beside an event is led by the pull that the client named, which else would never be heavy; the squat is its
    /// second lift (docs/decisions/0006-selection.md).</summary>
    private SplitDay PullFirst(SplitDay day, IReadOnlyList<Chosen> leads) =>
        leads.Any(lead => lead.Exercise.Pattern is Pattern.Hinge && input.Prepared.Client.TargetLifts.Contains(lead.Exercise.Id))
            ? day with
            {
                Lead = HeavyLift.Hinge,
            }
            : day;

    /// <summary>Event work takes the longest leg day, before that of a hinge (docs/handbook/12-weeks-and-blocks.md).</summary>
    private int EventDayOf(IReadOnlyList<Chosen> leads, Func<SplitDay, bool> isHere) =>
        Enumerable
            .Range(0, input.Week.Count)
            .Where(i => input.Week[i].Focus is not DayFocus.Upper && isHere(input.Week[i]))
            .OrderByDescending(i => input.Week[i].Minutes)
            .ThenByDescending(i => leads.Count > 0 && LeadOf(input.Week[i], leads).Exercise.Pattern is Pattern.Hinge)
            .ThenByDescending(i => i)
            .DefaultIfEmpty(-1)
            .First();

    /// <summary>Three for novices, in a deficit and on short days; five for the advanced who train for strength; else four
    /// (docs/handbook/09-composition.md#sets-of-a-slot).</summary>
    private int SetsOf(SplitDay day, Chosen lead)
    {
        Client client = input.Prepared.Client;
        if (IsTrial(lead))
            return Rules.MainSets.Trial;
        bool least =
            client.Level is Level.Novice
            || client.Diet is Diet.Deficit
            || day.Minutes < Rules.Minutes.Middle
            || client.Goal is Goal.General
            || lead.Exercise.Pattern is Pattern.Thrust or Pattern.Lunge;
        if (least)
            return Rules.MainSets.Least;
        bool strength = client.Level is Level.Advanced && client.Goal is Goal.Strength && day.Minutes >= Rules.Minutes.Whole;
        return strength && !lead.Exercise.IsUpper ? Rules.MainSets.Strength : Rules.MainSets.Usual;
    }
}

/// <summary>The lifts that lead days of the week.</summary>
/// <param name="Displaced">The one whose only day the event took; null where none was.</param>
internal sealed record WeekLeads(IReadOnlyList<Chosen> All, Chosen? Displaced);
