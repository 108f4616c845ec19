using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>The slots of second lifts (docs/handbook/09-composition.md#9-3-the-second-lift).</summary>
/// <param name="measure">How their candidates are scored.</param>
internal sealed class SecondSlots(SelectionInput input, SlotCandidates candidates, WeekLeads leads, SlotFrame measure)
{
    private static readonly SlotRules Rules = SlotRules.Shipped;
    private readonly Client _client = input.Prepared.Client;

    /// <summary>The one-leg exercise beside a thrust that leads.</summary>
    private string OneLeg => input.Prepared.Caps.Hurts(Pattern.Lunge) ? "oneLegHinge" : SlotKinds.OneLegSquatOf(_client.Level);

    /// <summary>The second lift: of the other pattern; with the glutes emphasised each of squat, hinge and thrust that does not
    /// lead.</summary>
    /// <param name="worth">What a second lift is worth on this day.</param>
    public IEnumerable<Slot> Of(int day, DayFrame frame, int worth)
    {
        if (frame.Lead is not { } lead)
            yield break;
        if (leads.Displaced is { } lost && lost.Exercise.Pattern != lead)
        {
            SlotFrame practice = measure with { AimOf = _ => Aim.Practice };
            yield return new Slot(day, Purpose.Second, "displaced", Rules.Worth.SecondOfShortDay, candidates.Only(lost.Exercise, practice));
            yield break;
        }
        if (_client.IsForGlutes)
        {
            foreach (Slot slot in KindsForGlutes(day, frame, lead, measure with { Reason = ChosenReason.Emphasises }))
                yield return slot;
            yield break;
        }
        string kind = lead is Pattern.Squat ? "secondOfSquat" : "secondOfHinge";
        if (_client.IsForQuads && lead is Pattern.Squat)
            yield return new Slot(
                day,
                Purpose.Emphasis,
                "secondOfHinge",
                Rules.Worth.Emphasis,
                candidates.OfKind("secondOfHinge", measure)
            );
        yield return new Slot(day, Purpose.Second, kind, worth, OfKind(kind));
    }

    /// <summary>Each of squat, hinge and thrust that does not lead.</summary>
    private IEnumerable<Slot> KindsForGlutes(int day, DayFrame frame, Pattern lead, SlotFrame glutes)
    {
        // A full-body day holds two of the three kinds, which the week's wants see to; a lower day all three.
        int each = frame.Day.Focus is DayFocus.Full ? 0 : Rules.Worth.Emphasis;
        if (lead is not Pattern.Squat)
            yield return lead is Pattern.Thrust
                ? new Slot(day, Purpose.Emphasis, "oneLegSquat", each, candidates.OfKind(OneLeg, glutes with { Role = null }))
                : new Slot(day, Purpose.Second, "secondOfHinge", each, candidates.OfKind("secondOfHinge", glutes));
        if (lead is not Pattern.Hinge)
            yield return lead is Pattern.Thrust
                ? new Slot(day, Purpose.Emphasis, "backExtension", each, candidates.OfKind("backExtension", glutes with { Role = null }))
                : new Slot(day, Purpose.Second, "secondOfSquat", each, HingesAlone(candidates.OfKind("secondOfSquat", glutes)));
        if (lead is not Pattern.Thrust)
            yield return new Slot(day, Purpose.Emphasis, "thrust", each, Thrusts(glutes));
    }

    /// <summary>In a deficit, or with three hard days of other training, machines and split squats go before second barbell lifts, and
    /// nothing leaves the sorest muscles (docs/handbook/09-composition.md#9-6-context).</summary>
    private IReadOnlyList<SlotOption> OfKind(string kind)
    {
        IReadOnlyList<SlotOption> usual = candidates.OfKind(kind, measure);
        if (_client.Diet is not Diet.Deficit && _client.OtherTraining.Count(other => other.Hard) < HardDaysThatSpare)
            return usual;
        return Spared(usual) is { Count: > 0 } light ? light
            : Spared(candidates.OfKind(kind + "Else", measure)) is { Count: > 0 } other ? other
            : usual;
    }

    private static List<SlotOption> Spared(IReadOnlyList<SlotOption> options) =>
        [.. options.Where(option => option.Exercise is { Axial: <= 1, Soreness: < 3 })];

    private const int HardDaysThatSpare = 3;

    private static IReadOnlyList<SlotOption> HingesAlone(IReadOnlyList<SlotOption> options) =>
        [.. options.Where(option => option.Exercise.Pattern is Pattern.Hinge)];

    /// <summary>A thrust that leads one day may come again on another: its repetitions move.</summary>
    private IReadOnlyList<SlotOption> Thrusts(SlotFrame frame) => candidates.OfKind("thrust", frame with { Role = null });
}
