using System.Collections.Concurrent;
using System.Globalization;
using CsCheck;

namespace Nerezza.Tests.Shared;

/// <summary>Made-up cases for the laws of whole plans: the same ones on every run and machine, so that what is red for one is red for
/// all. With NEREZZA_DRAW set to a number other ones are drawn; what those find is mended.</summary>
internal static class Draw
{
    /// <summary>How many broken cases a failure names.</summary>
    private const int Named = 5;

    /// <summary>Holds a law over so many cases; all that break it are found, the first few named by drawing and place in it.</summary>
    public static void Each<T>(Gen<T> gen, int count, Action<T> holds)
    {
        ulong drawing = ulong.Parse(Environment.GetEnvironmentVariable("NEREZZA_DRAW") ?? "1", CultureInfo.InvariantCulture);
        var broken = new ConcurrentDictionary<int, string>();
        Parallel.For(
            0,
            count,
            place =>
            {
                T made = Of(gen, drawing, place);
                try
                {
                    holds(made);
                }
                catch (Exception failure)
                {
                    broken[place] = $"drawing {drawing}, case {place}: {failure.Message}";
                }
            }
        );
        if (!broken.IsEmpty)
            Assert.Fail(
                $"{broken.Count} of {count} break it.\n"
                    + string.Join('\n', broken.OrderBy(one => one.Key).Take(Named).Select(one => one.Value))
            );
    }

    /// <summary>A law over the drawn cases of a generator.</summary>
    public static void Drawn<T>(this Gen<T> gen, Action<T> holds, int iter = Usual) => Each(gen, iter, holds);

    /// <summary>A law over pairs.</summary>
    public static void Drawn<T1, T2>(this Gen<(T1, T2)> gen, Action<T1, T2> holds, int iter = Usual) =>
        Each(gen, iter, drawn => holds(drawn.Item1, drawn.Item2));

    /// <summary>A law over three.</summary>
    public static void Drawn<T1, T2, T3>(this Gen<(T1, T2, T3)> gen, Action<T1, T2, T3> holds, int iter = Usual) =>
        Each(gen, iter, drawn => holds(drawn.Item1, drawn.Item2, drawn.Item3));

    private const int Usual = 100;

    /// <summary>One case of a drawing.</summary>
    public static T Of<T>(Gen<T> gen, ulong drawing, int place) => gen.Generate(new PCG((uint)place, drawing), null, out _);
}
