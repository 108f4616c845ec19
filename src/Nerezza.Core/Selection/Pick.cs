using Nerezza.Core.Catalogue;

namespace Nerezza.Core.Selection;

/// <summary>What the coach said of an exercise for this client.</summary>
public enum PickKind
{
    /// <summary>To be the main lift of its pattern.</summary>
    Main,

    /// <summary>To be among the accessories.</summary>
    Accessory,

    /// <summary>Not to be chosen.</summary>
    Banned,
}

/// <summary>A coach's word on an exercise. A filter for safety, kit or rungs still holds: what cannot be done is not chosen by being
/// picked.</summary>
public sealed record Pick(string Exercise, PickKind Kind)
{
    /// <summary>The pick that puts an exercise in a chosen one's place: a main lift's place is taken by its own pattern alone.</summary>
    public static Pick InPlaceOf(Chosen chosen, Exercise other) =>
        new(
            other.Id,
            chosen.Role is Role.Main or Role.Second && other.Pattern == chosen.Exercise.Pattern ? PickKind.Main : PickKind.Accessory
        );
}
