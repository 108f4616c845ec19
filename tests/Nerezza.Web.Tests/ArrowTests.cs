using System.Reflection;
using Nerezza.Cli;
using Nerezza.Data;
using Nerezza.Formats;

namespace Nerezza.Web.Tests;

/// <summary>Projects point one way: Web and Cli to Formats, Data and Core; nothing points back; the host holds no SQL and no reader of
/// YAML.</summary>
public sealed class ArrowTests
{
    public static TheoryData<Assembly, string[]> Projects =>
        new()
        {
            { typeof(Json).Assembly, ["Nerezza.Core"] },
            { typeof(NerezzaContext).Assembly, ["Nerezza.Core", "Nerezza.Formats"] },
            { typeof(Program).Assembly, ["Nerezza.Core", "Nerezza.Formats", "Nerezza.Data", "Nerezza.Solve", "Nerezza.Tables"] },
            { typeof(PlanVerb).Assembly, ["Nerezza.Core", "Nerezza.Formats", "Nerezza.Solve"] },
            { typeof(Nerezza.Tables.Sheets.SheetReader).Assembly, ["Nerezza.Core", "Nerezza.Formats"] },
            { typeof(Nerezza.Solve.CpChooser).Assembly, ["Nerezza.Core"] },
        };

    [Theory, MemberData(nameof(Projects))]
    public void A_project_knows_only_those_below_it(Assembly project, string[] below) =>
        Assert.Subset(
            below.ToHashSet(),
            project
                .GetReferencedAssemblies()
                .Select(name => name.Name!)
                .Where(name => name.StartsWith("Nerezza.", StringComparison.Ordinal))
                .ToHashSet()
        );

    [Fact]
    public void The_host_speaks_no_sql() =>
        Assert.DoesNotContain(typeof(Program).Assembly.GetReferencedAssemblies(), name => name.Name is "Npgsql" or "YamlDotNet");
}
