using Nerezza.Core.Selection;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Tests;

/// <summary>A problem that was settled is not settled again, and no problem gets the answer of another that differs in one number or
/// name.</summary>
public sealed class RememberedChoicesTests
{
    private sealed class Counting : IChooser
    {
        public int Asked { get; private set; }

        public Choice Choose(ChoiceProblem problem)
        {
            Asked++;
            return new GreedyChooser().Choose(problem);
        }
    }

    private static readonly ChoiceProblem Plain = new()
    {
        Options = [new ChoiceOption("a", 10), new ChoiceOption("b", 20)],
        Caps = [new ChoiceCap(CapKind.Minutes, null, 1, [3, 4], 5)],
        Wants = [new ChoiceWant("one", [1, 1], 1, 7)],
        Groups = [new ChoiceGroup("slot", [0, 1], 1)],
    };

    public static TheoryData<string, ChoiceProblem> Others =>
        new()
        {
            { "a name", Plain with { Options = [new ChoiceOption("c", 10), new ChoiceOption("b", 20)] } },
            { "a worth", Plain with { Options = [new ChoiceOption("a", 30), new ChoiceOption("b", 20)] } },
            { "a limit", Plain with { Caps = [new ChoiceCap(CapKind.Minutes, null, 1, [3, 4], 3)] } },
            { "minutes of one", Plain with { Caps = [new ChoiceCap(CapKind.Minutes, null, 1, [3, 9], 5)] } },
            { "what is wanted", Plain with { Wants = [new ChoiceWant("one", [1, 1], 2, 7)] } },
            { "its cost", Plain with { Wants = [new ChoiceWant("one", [1, 1], 1, 8)] } },
            { "how many of a group", Plain with { Groups = [new ChoiceGroup("slot", [0, 1], 2)] } },
            { "who is in it", Plain with { Groups = [new ChoiceGroup("slot", [0], 1)] } },
            { "no wants", Plain with { Wants = [] } },
        };

    [Theory]
    [MemberData(nameof(Others))]
    public void What_differs_is_asked_anew_and_what_does_not_once(string by, ChoiceProblem other)
    {
        var inner = new Counting();
        using var chooser = new RememberedChoices(inner);
        foreach (ChoiceProblem problem in new[] { Plain, other, Plain with { Options = [.. Plain.Options] }, other })
            Assert.Equal(new GreedyChooser().Choose(problem).Taken, chooser.Choose(problem).Taken);
        Assert.True(inner.Asked == 2, $"{by}: asked {inner.Asked} times");
    }
}
