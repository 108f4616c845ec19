using System.Reflection;
using Nerezza.Core.Measures;
using NetArchTest.Rules;

namespace Nerezza.Core.Tests;

/// <summary>Arrows point one way: the rooms of Core stand in the order of the work, and Core uses nothing but the base library and
/// numerics.</summary>
public sealed class ArrowTests
{
    private static readonly string[] Rooms =
    [
        "Measures",
        "Clients",
        "Catalogue",
        "Body",
        "Screening",
        "Findings",
        "Loads",
        "Selection",
        "Prescription",
        "Blocks",
        "Checks",
        "Floor",
        "Review",
        "Wording",
    ];

    private static readonly Assembly Core = typeof(Load).Assembly;

    /// <summary>Every room that has one after it: the last could break nothing here.</summary>
    public static TheoryData<string> EachRoom => [.. Rooms[..^1]];

    [Theory, MemberData(nameof(EachRoom))]
    public void A_room_uses_only_those_before_it(string room)
    {
        string[] after = [.. Rooms.SkipWhile(other => other != room).Skip(1).Select(other => $"Nerezza.Core.{other}")];
        PredicateList inRoom = Types.InAssembly(Core).That().ResideInNamespaceStartingWith($"Nerezza.Core.{room}");
        Assert.NotEmpty(inRoom.GetTypes());
        TestResult result = inRoom.ShouldNot().HaveDependencyOnAny(after).GetResult();
        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }

    [Fact]
    public void Rules_return_codes_and_numbers_and_leave_the_words_to_one_room()
    {
        PredicateList others = Types.InAssembly(Core).That().DoNotResideInNamespaceStartingWith("Nerezza.Core.Wording");
        Assert.NotEmpty(others.GetTypes());
        TestResult result = others.ShouldNot().HaveDependencyOn("Nerezza.Core.Wording").GetResult();
        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }

    [Fact]
    public void Every_type_lives_in_a_room_or_on_the_page_that_chains_them()
    {
        string[] homes =
        [
            .. Core.GetTypes()
                .Where(type => type.Namespace?.StartsWith("Nerezza.Core.", StringComparison.Ordinal) == true)
                .Select(type => type.Namespace!.Split('.')[2])
                .Distinct(),
        ];
        Assert.Subset(Rooms.ToHashSet(), homes.ToHashSet());
    }

    [Fact]
    public void Core_references_the_base_library_alone() =>
        Assert.All(
            Core.GetReferencedAssemblies(),
            name =>
                Assert.True(
                    name.Name!.StartsWith("System", StringComparison.Ordinal) || name.Name is "netstandard" or "MathNet.Numerics",
                    name.Name
                )
        );
}
