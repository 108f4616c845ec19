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

    /// <summary>Plain words for a side.</summary>
    public static IReadOnlyList<string> WordsOf(Side side) =>
        side is Side.Left
            ? ["l", "left", "links", "li", "sx", "sinistra", "sinistro", "gauche", "g", "izquierda", "esquerda"]
            : ["r", "right", "rechts", "re", "dx", "destra", "destro", "droite", "d", "derecha", "direita"];

    public static Reading Read(string text) =>
        ExerciseNames.Plain(text) switch
        {
            "" or "both" or "beide" or "entrambi" => new Reading.Both(),
            var word when WordsOf(Side.Left).Contains(word) => new Reading.One(Side.Left),
            var word when WordsOf(Side.Right).Contains(word) => new Reading.One(Side.Right),
            _ => new Reading.Neither(),
        };
}
