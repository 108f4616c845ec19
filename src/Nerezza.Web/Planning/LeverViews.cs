using Nerezza.Core;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;
using Nerezza.Core.Wording;
using Nerezza.Data.Stores;
using Nerezza.Formats.Levers;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>Lays out the levers of every exercise with a posture for one client, each at its own usual load.</summary>
public sealed class LeverViews(ExerciseCatalogue catalogue, TimeProvider clock)
{
    private const double SweepStep = 4;

    public LeversView View(ClientFile file, ClientLog log)
    {
        ClientCase now = CaseAssembly.ToCase(file, log, null).Filled(catalogue);
        MaxEstimates maxes = MaxEstimates.Of(
            now.Client,
            catalogue,
            now.Strength,
            now.Log,
            DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime)
        );
        double? kneeToWall = now.Screen.KneeToWallCm?.Smaller;
        Lifter lifter = Lifter.Of(now.Client, kneeToWall, now.Screen.HipFlexionDeg);
        return new LeversView
        {
            ClientId = file.Client.Id,
            Client = file.Client.Name,
            Body = LeverCall.ToPart(lifter, kneeToWall),
            AnkleMeasured = kneeToWall is not null,
            ObservedLeanDeg = now.Screen.Squat?.LeanDeg,
            Rows =
            [
                .. Enum.GetValues<LeverFamily>()
                    .SelectMany(family => Lever.ExercisesOf(family).Select(id => Row(now, lifter, maxes, family, catalogue[id]))),
            ],
            Caution = LeverWords.Caution,
            Notes = ModelNotes.All,
        };
    }

    private static LeverRow Row(ClientCase now, Lifter lifter, MaxEstimates maxes, LeverFamily family, Exercise exercise)
    {
        // A max of total load holds the part of the body that is lifted too; the model adds the body itself.
        double loadKg = maxes.Find(exercise.Id) is { } max
            ? Math.Round(Math.Max(0, max.Kilograms - exercise.BodyFraction * now.Client.MassKg), 1)
            : 0;
        LeverReply reply = LeverCall.Answer(
            new LeverQuestion(
                LeverCall.ToPart(lifter, now.Screen.KneeToWallCm?.Smaller),
                [
                    new LeverAsk
                    {
                        Exercise = exercise.Id,
                        LoadKg = loadKg,
                        ThighDeg = null,
                        LeanDeg = null,
                        HeelLift = null,
                        StanceDeg = null,
                        KneeTravel = null,
                        Raise = null,
                        SweepStep = SweepStep,
                    },
                ]
            )
        )[0];
        SquatSetting? own = SquatSetting.Of(exercise.Id, loadKg);
        double? box = now.Screen.Squat?.TuckAtHipHeightCm ?? (reply.TuckAtHipHeight is { } tuck ? Math.Round(tuck * 100, 1) : null);
        return new LeverRow
        {
            Exercise = exercise.Id,
            Name = exercise.Name,
            Pose = Lever.PoseOf(exercise)!,
            LoadKg = loadKg,
            StanceDeg = own?.StanceDeg,
            KneeTravel = own?.KneeTravel,
            BoxCm = family is LeverFamily.Squat ? box : null,
            Reply = reply,
        };
    }
}
