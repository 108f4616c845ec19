#pragma warning disable CS1591 // The members are the ids of docs/formats, spelled as there.
namespace Nerezza.Core.Catalogue;

/// <summary>Ladders of variations (handbook 8).</summary>
public enum LadderId
{
    HipThrust, SplitSquat, RearFootElevatedSplitSquat, SingleLegRomanianDeadlift, Deadlift, FrontSquat, BoxSquat, GluteHinge,
    UpperBackExtension, KneeExtensionHipStraight, GluteHamRaise, BackExtension,
}
