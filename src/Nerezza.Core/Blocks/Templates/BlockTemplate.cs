using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks.Templates;

/// <summary>A block without the person: sessions in order instead of days of the week, effort instead of loads.</summary>
public sealed record BlockTemplate(BlockKind Kind, BlockFocus Focus, IReadOnlyList<IReadOnlyList<TemplateSession>> Weeks)
{
    /// <summary>The sessions of the fullest week.</summary>
    public int SessionsAWeek => Weeks.Count == 0 ? 0 : Weeks.Max(week => week.Count);

    /// <summary>The exercises, in the order in which they first stand.</summary>
    public IReadOnlyList<string> Exercises =>
        [.. Weeks.SelectMany(week => week).SelectMany(session => session.Items).Select(item => item.Exercise).Distinct()];

    /// <summary>What stays of a block when the person is taken away.</summary>
    public static BlockTemplate Of(Block block, BlockFocus focus) =>
        new(
            block.Kind,
            focus,
            [
                .. block.Weeks.Select(
                    IReadOnlyList<TemplateSession> (week) =>
                        [
                            .. week
                                .Sessions.OrderBy(session => session.Date)
                                .Select(session => new TemplateSession([.. session.Items.Select(Item)])),
                        ]
                ),
            ]
        );

    private static TemplateItem Item(PrescribedItem item)
    {
        WeekTarget target = item.Ask.Target;
        PrescribedSet hardest = item.Sets.MaxBy(set => set.Rpe.Value)!;
        bool straight = target.Kind is TargetKind.Straight or TargetKind.Calibration;
        return new TemplateItem(
            item.Exercise,
            item.Role,
            new CellValues
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
            }
        );
    }
}

/// <summary>A session of a template.</summary>
public sealed record TemplateSession(IReadOnlyList<TemplateItem> Items);

/// <summary>An exercise of it: what it is for and what is asked.</summary>
public sealed record TemplateItem(string Exercise, Role Role, CellValues Values);
