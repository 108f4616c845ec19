namespace Nerezza.Data;

/// <summary>Whose rows this unit of work may see. Set once, from the membership of the signed-in user.</summary>
public sealed class CoachScope
{
    private Guid? _coachId;

    /// <summary>The coach; the empty id, which owns no row, until one is set.</summary>
    public Guid CoachId => _coachId ?? Guid.Empty;

    /// <summary>Sets the coach.</summary>
    /// <exception cref="InvalidOperationException">Another coach was set before: one unit of work serves one coach.</exception>
    public void Enter(Guid coachId)
    {
        if (_coachId is { } other && other != coachId)
            throw new InvalidOperationException("The scope belongs to another coach.");
        _coachId = coachId;
    }
}
