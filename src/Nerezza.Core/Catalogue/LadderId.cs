#pragma warning disable CS1591 // The members are the ids of docs/formats, spelled as there.
namespace Nerezza.Core.Catalogue;

/// <summary>Ladders of variations (docs/handbook/08-catalogue.md).</summary>
public enum LadderId
{
    HipThrust,
    SplitSquat,
    RearFootElevatedSplitSquat,
    SingleLegRomanianDeadlift,
    Deadlift,
    FrontSquat,
    BoxSquat,
    GluteHinge,
    UpperBackExtension,
    KneeExtensionHipStraight,
    GluteHamRaise,
    BackExtension,
}
