using System.Reflection;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;

namespace Nerezza.Core.Tests;

/// <summary>The compiler sees that every member of an enumeration has words; of a closed union it cannot, so that each of its members is
/// made here and worded.</summary>
public sealed class UnionTests
{
    private static readonly OtherTraining Run = new(Weekday.Mon, OtherTrainingKind.Run, 40, true);

    private static readonly ExerciseCatalogue Catalogue = ExerciseCatalogue.Shipped;

    public static TheoryData<Type, Func<object, string?>> Unions =>
        new()
        {
            { typeof(Core.Checks.Check), check => new CheckWords(Catalogue).Because((Core.Checks.Check)check) },
            { typeof(Core.Checks.Check), check => CheckWords.Fix((Core.Checks.Check)check) ?? "the coach's to judge" },
            { typeof(CheckPlace), place => CheckWords.Where(new Core.Checks.Check.SportClash(Run, 0) { At = (CheckPlace)place }) },
            { typeof(Measure), measure => new MeasureWords(Catalogue).Named((Measure)measure).Name },
            {
                typeof(Reading),
                reading => new MeasureWords(Catalogue).Sentence(new Evidence(new Measure.CoachWord(), (Reading)reading, "none"))
            },
            { typeof(HealthReason), reason => ReferralWords.Question((HealthReason)reason) },
            { typeof(CautionReason), reason => ReferralWords.Text((CautionReason)reason) },
            { typeof(PassedOver), passed => PlanWords.Because((PassedOver)passed) },
            { typeof(GiveUp), way => new ShortWords(Catalogue).Text(new Shortfall(Core.Findings.FindingCode.QuadsWeak, (GiveUp)way)) },
            { typeof(GiveUp), way => new ShortWords(Catalogue).Way((GiveUp)way) },
            { typeof(BlockEdit), edit => new PlanWords(Catalogue).Because(new RefusedEdit(0, (BlockEdit)edit, EditRefusal.NoSuchWeek)) },
        };

    [Theory]
    [MemberData(nameof(Unions), DisableDiscoveryEnumeration = true)]
    public void Every_member_has_words(Type union, Func<object, string?> words)
    {
        Type[] members = [.. Members(union)];
        Assert.True(members.Length > 1, union.Name);
        Assert.All(members, member => Assert.False(string.IsNullOrWhiteSpace(words(Make(member))), member.Name));
    }

    [Fact]
    public void Every_kind_of_check_names_a_code_and_every_code_has_a_check() =>
        Assert.Equal(
            Enum.GetValues<CheckCode>().Order(),
            Members(typeof(Core.Checks.Check)).Select(member => ((Core.Checks.Check)Make(member)).Code).Distinct().Order()
        );

    private static IEnumerable<Type> Members(Type union) => union.GetNestedTypes().Where(type => type.IsSubclassOf(union));

    private static object Make(Type type)
    {
        ConstructorInfo maker = type.GetConstructors().OrderByDescending(one => one.GetParameters().Length).First();
        return maker.Invoke([.. maker.GetParameters().Select(part => Sample(part.ParameterType))]);
    }

    private static object? Sample(Type type)
    {
        if (type == typeof(string))
            return "back-squat-high-bar";
        if (Nullable.GetUnderlyingType(type) is { } inner)
            return Sample(inner);
        if (type.IsEnum)
            return Enum.GetValues(type).GetValue(0);
        if (type.IsValueType)
            return Activator.CreateInstance(type);
        if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(IReadOnlyList<>))
        {
            Array one = Array.CreateInstance(type.GetGenericArguments()[0], 1);
            one.SetValue(Sample(type.GetGenericArguments()[0]), 0);
            return one;
        }
        return Make(type.IsAbstract ? Members(type).First() : type);
    }
}
