using Nerezza.Core.Clients;

namespace Nerezza.Tables.Logs;

/// <summary>Reads sides in the languages that coaches write in.</summary>
internal static class SideText
{
    /// <summary>What a cell says of a side.</summary>
    internal abstract record Reading
    {
        private Reading() { }

        public sealed record One(Side Side) : Reading;

        /// <summary>Both, or nothing said.</summary>
        public sealed record Both : Reading;

        public sealed record Neither : Reading;
    }

    public static Reading Read(string text) =>
        ExerciseNames.Plain(text) switch
        {
            "" or "both" or "beide" or "entrambi" => new Reading.Both(),
            "l" or "left" or "links" or "li" or "sx" or "sinistra" or "sinistro" or "gauche" or "g" or "izquierda" or "esquerda" =>
                new Reading.One(Side.Left),
            "r" or "right" or "rechts" or "re" or "dx" or "destra" or "destro" or "droite" or "d" or "derecha" or "direita" =>
                new Reading.One(Side.Right),
            _ => new Reading.Neither(),
        };
}
