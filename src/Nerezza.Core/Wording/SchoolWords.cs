using Nerezza.Core.Clients;

namespace Nerezza.Core.Wording;

/// <summary>Says what a school of accessories favours and what it gives up (docs/handbook/09-composition.md).</summary>
public static class SchoolWords
{
    /// <summary>The school's name.</summary>
    public static string Name(AccessorySchool school) =>
        school switch
        {
            AccessorySchool.Stimulus => "Least fatigue",
            AccessorySchool.Positions => "Failing position",
            AccessorySchool.Muscles => "Limiting muscle",
        };

    /// <summary>Two sentences: what the block favours, and what it gives up.</summary>
    public static string Favours(AccessorySchool school) =>
        school switch
        {
            AccessorySchool.Stimulus =>
                "Favours exercises that bring most tension for the fatigue they cost and leave the main lift fresh. Gives up "
                    + "rehearsing the position that fails.",
            AccessorySchool.Positions =>
                "Favours exercises that rehearse the position in which the lift fails. Gives up some recovery, since they are "
                    + "close to the lift itself.",
            AccessorySchool.Muscles =>
                "Favours exercises for the muscle that limits the lift. Gives up carry-over, since they may look little like the lift.",
        };
}
