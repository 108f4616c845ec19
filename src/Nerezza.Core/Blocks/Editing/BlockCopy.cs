using Nerezza.Core.Prescription;

namespace Nerezza.Core.Blocks.Editing;

/// <summary>Writes a whole block as edits of empty weeks: by sets, repetitions and effort, so that loads follow from whoever it is copied
/// to.</summary>
public static class BlockCopy
{
    /// <summary>One edit for each exercise of each session.</summary>
    /// <param name="carries">Whether an exercise may come along.</param>
    public static IReadOnlyList<BlockEdit> Edits(Block block, Func<string, bool> carries) =>
        [
            .. block.Weeks.SelectMany(week =>
                week.Sessions.SelectMany(session =>
                    session
                        .Items.Where(item => carries(item.Exercise))
                        .Select(item => new BlockEdit.Add(
                            new CellPlace(week.Number, session.Day, item.Exercise),
                            item.Role,
                            ValuesOf(item)
                        ))
                )
            ),
        ];

    private static CellValues ValuesOf(PrescribedItem item)
    {
        WeekTarget target = item.Ask.Target;
        PrescribedSet hardest = item.Sets.MaxBy(set => set.Rpe.Value)!;
        bool straight = target.Kind is TargetKind.Straight or TargetKind.Calibration;
        return new CellValues
        {
            Sets = item.SetsASide,
            Reps = hardest.Reps,
            Rpe = straight ? item.Sets[item.Sets.Count / 2].Rpe : hardest.Rpe,
            Tempo = target.Tempo,
            RestSeconds = target.Rest?.Seconds,
            Kind = target.Kind is TargetKind.Calibration ? null : target.Kind,
            Last = target.Last,
            Superset = item.Superset is { } letter ? new SupersetPlace(letter) : null,
            Metres = target.Metres,
            Seconds = target.Seconds,
        };
    }
}
