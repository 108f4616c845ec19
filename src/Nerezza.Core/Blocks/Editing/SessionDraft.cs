using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Blocks.Editing;

/// <summary>A session while edits are laid over it: made again only when something in it changed.</summary>
internal sealed class SessionDraft(Weekday day, DateOnly date, int minutes, IEnumerable<ItemTarget> asks, Session? made)
{
    private Session? _made = made;

    public Weekday Day => day;
    public List<ItemTarget> Asks { get; } = [.. asks];

    public static SessionDraft Of(Session session) =>
        new(session.Day, session.Date, session.MinutesGiven, session.Items.Select(item => item.Ask), session);

    public int IndexOf(string exercise) => Asks.FindIndex(ask => ask.Chosen.Exercise.Id == exercise);

    /// <summary>Says that something changed.</summary>
    public void Touch() => _made = null;

    public Session Make(SessionMaker maker) => _made ??= maker.Make(day, date, minutes, Asks);

    /// <summary>An exercise as it stands now.</summary>
    public PrescribedItem? Shown(SessionMaker maker, string exercise) =>
        Make(maker).Items.FirstOrDefault(item => item.Exercise == exercise);
}
